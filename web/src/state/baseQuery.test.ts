import { configureStore } from '@reduxjs/toolkit';
import { createApi } from '@reduxjs/toolkit/query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { baseQuery } from './baseQuery.ts';
import { draftsSlice } from './drafts.ts';
import { linkSlice } from './link.ts';
import type { KeptRead } from './keptReads.ts';

const reads = vi.hoisted(() => new Map<string, unknown>());
vi.mock('./keptReads.ts', () => ({
  keepRead: (_account: string, address: string, data: unknown) => {
    reads.set(address, { at: '2026-06-02T12:00:00Z', data } satisfies KeptRead);
    return Promise.resolve();
  },
  readKept: (_account: string, address: string) => Promise.resolve(reads.get(address)),
  forgetReads: () => Promise.resolve(),
}));

const api = createApi({ baseQuery, endpoints: (build) => ({ job: build.query<unknown, string>({ query: (id) => `jobs/${id}` }) }) });

/** A page whose server answers each request as told. */
function page(answer: () => Promise<Response>) {
  // the address is relative on a page; here it is only looked at
  vi.stubGlobal(
    'Request',
    Object.assign(function (address: string) {
      return { url: address, clone: () => ({ url: address }) };
    }),
  );
  vi.stubGlobal('fetch', answer);
  return configureStore({
    reducer: { drafts: draftsSlice.reducer, link: linkSlice.reducer, [api.reducerPath]: api.reducer },
    middleware: (usual) => usual({ serializableCheck: false }).concat(api.middleware),
  });
}

const json = (body: object) => new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } });
const read = (store: ReturnType<typeof page>) => store.dispatch(api.endpoints.job.initiate('j', { forceRefetch: true }));

beforeEach(() => {
  vi.useFakeTimers();
  reads.clear();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('what is read', () => {
  it('from a server that answers is never said to be old, however long the page stays open', async () => {
    const store = page(() => Promise.resolve(json({ site: 'here' })));
    expect((await read(store)).data).toEqual({ site: 'here' });
    await vi.advanceTimersByTimeAsync(120_000);
    expect(store.getState().link).toEqual({ away: false, newer: false });
  });

  it('from a server that does not answer in time is what was read before, with when', async () => {
    let answer: (() => void) | undefined;
    const store = page(() => Promise.resolve(json({ site: 'before' })));
    await read(store);
    vi.stubGlobal(
      'fetch',
      () =>
        new Promise<Response>(
          (over) =>
            (answer = () => {
              over(json({ site: 'after' }));
            }),
        ),
    );
    const asked = read(store);
    await vi.advanceTimersByTimeAsync(14_000);
    expect(store.getState().link.away).toBe(false);
    await vi.advanceTimersByTimeAsync(2000);
    expect((await asked).data).toEqual({ site: 'before' });
    expect(store.getState().link).toMatchObject({ away: true, readAt: '2026-06-02T12:00:00Z' });
    // the answer that comes late says that the server is there
    answer?.();
    await vi.advanceTimersByTimeAsync(0);
    expect(store.getState().link.away).toBe(false);
  });

  it('from a server that is away is what was read before at once; what never was is an error', async () => {
    const store = page(() => Promise.resolve(json({ site: 'before' })));
    await read(store);
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no connection')));
    expect((await read(store)).data).toEqual({ site: 'before' });
    expect(store.getState().link.away).toBe(true);
    reads.clear();
    expect((await read(store)).isError).toBe(true);
    expect(store.getState().link.away).toBe(true);
  });
});
