import { unnamed } from '@oddment/core';
import { ChangeDefectBody, ChangeJobBody, check } from '@oddment/contracts';
import { configureStore } from '@reduxjs/toolkit';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keptText } from '../../../core/test/kept.ts';
import { done, draftKey, draftsSlice, edited, formKept, joined, loaded, mineAgain, typed, type Draft, type DraftsState, type QueuedAction } from './drafts.ts';
import type { Entry, EntryName } from './outbox.ts';
import { saver } from './saver.ts';

const box = vi.hoisted(() => ({ entries: new Map<string, unknown>(), full: false }));
vi.mock('./outbox.ts', () => ({
  keepEntries: (account: string, put: readonly Entry[], gone: readonly EntryName[] = []) => {
    if (box.full) return Promise.reject(new DOMException('full', 'QuotaExceededError'));
    for (const { kind, key } of gone) box.entries.delete(`${account} ${kind} ${key}`);
    for (const { kind, key, value } of put) box.entries.set(`${account} ${kind} ${key}`, value);
    return Promise.resolve();
  },
  takeOver: () => Promise.resolve([]),
}));
vi.mock('./api.ts', () => ({
  allTags: ['job'],
  touchedBy: () => ['plans'],
  api: {
    endpoints: { job: { initiate: () => ({ type: 'read again' }) } },
    util: {
      invalidateTags: (tags: string[]) => ({ type: 'tags', payload: tags }),
      updateQueryData: (_endpoint: string, id: string) => ({ type: 'patched', payload: id }),
    },
  },
  paths: { job: 'jobs', area: 'areas', defect: 'defects' },
}));

interface Sent {
  readonly address: string;
  readonly method: string;
  readonly body: Record<string, unknown>;
  readonly account?: string;
}

let sent: Sent[];
let answers: (() => Response | Error)[];

const json = (status: number, body: object) => () => new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
const away = () => new Error('no connection');

/** A page whose server gives these answers in turn, the last one again and again. */
function page(...given: (() => Response | Error)[]) {
  answers = given;
  return configureStore({ reducer: { drafts: draftsSlice.reducer }, middleware: (usual) => usual().prepend(saver.middleware) });
}

beforeEach(() => {
  vi.useFakeTimers();
  sent = [];
  box.entries.clear();
  box.full = false;
  vi.stubGlobal('fetch', (address: string, { method, body, headers }: { method: string; body: string; headers: Record<string, string> }) => {
    const account = headers['oddment-account'];
    sent.push({ address, method, body: JSON.parse(body) as Record<string, unknown>, ...(account !== undefined && { account }) });
    const answer = (answers.length > 1 ? answers.shift() : answers[0])?.();
    return answer instanceof Response ? Promise.resolve(answer) : Promise.reject(answer ?? new Error('no answer'));
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const change = (n: number, note: string, more: Partial<Draft> = {}) =>
  edited({ entity: 'defect', id: 'd', jobId: 'j', version: 3, change: `c${String(n)}`, body: { note } as never, ...more });
const settle = () => vi.advanceTimersByTimeAsync(600);
const retry = () => vi.advanceTimersByTimeAsync(4100);

describe('what is typed', () => {
  it('is sent once after the hand rests, with the version it was made against, and is then no draft any more', async () => {
    const store = page(json(200, { version: 4 }));
    for (const [i, note] of ['d', 'da', 'damp'].entries()) {
      store.dispatch(change(i, note));
      await vi.advanceTimersByTimeAsync(100);
    }
    expect(sent).toEqual([]);
    await settle();
    expect(sent).toEqual([{ address: '/api/defects/d', method: 'PUT', body: { note: 'damp', spot: null, version: 3, change: 'c2' } }]);
    expect(store.getState().drafts.drafts).toEqual({});
  });

  it('is kept and sent again with the same change while the server is away: a repeat is recognized', async () => {
    const store = page(away, json(502, {}), json(200, { version: 4 }));
    store.dispatch(change(1, 'damp'));
    await settle();
    expect(store.getState().drafts.drafts[draftKey('defect', 'd')]).toMatchObject({ state: 'offline', message: 'The server does not answer.' });
    await retry();
    await retry();
    expect(sent.map((s) => s.body['change'])).toEqual(['c1', 'c1', 'c1']);
    expect(store.getState().drafts.drafts).toEqual({});
  });

  it('that is refused stays where it is, with the words of the server, and is not sent again by itself', async () => {
    const store = page(json(422, { detail: 'no', problems: [{ path: 'facts/depthMm', message: 'Depth: 900 mm cannot be.' }] }));
    store.dispatch(change(1, 'deep'));
    await settle();
    await retry();
    expect(sent).toHaveLength(1);
    expect(store.getState().drafts.drafts[draftKey('defect', 'd')]).toMatchObject({
      state: 'refused',
      message: 'Depth: 900 mm cannot be.',
      body: { note: 'deep' },
    });
  });

  it('against a version that moved on waits for a decision; taken as mine it goes against what stands now', async () => {
    const store = page(json(409, { detail: 'Changed meanwhile.', current: { version: 7 } }), json(200, { version: 8 }));
    const key = draftKey('defect', 'd');
    store.dispatch(change(1, 'mine'));
    await settle();
    expect(store.getState().drafts.drafts[key]).toMatchObject({ state: 'conflict', standing: 7 });
    // typing on changes what is mine, it does not send it past the other
    store.dispatch(change(2, 'mine still'));
    await settle();
    expect(sent).toHaveLength(1);
    store.dispatch(mineAgain({ key, change: 'c3' }));
    await settle();
    expect(sent[1]?.body).toEqual({ note: 'mine still', spot: null, version: 7, change: 'c3' });
    expect(store.getState().drafts.drafts).toEqual({});
  });

  it('is no conflict with itself where the answer to an earlier change was lost with the page', async () => {
    const first = page(away);
    first.dispatch(change(1, 'chosen'));
    await settle();
    // the page ends while it is sent; the server had it all the same
    const kept = first.getState().drafts;
    const second = page(json(409, { detail: 'Changed meanwhile.', current: { version: 4 } }), json(200, { version: 4 }), json(200, { version: 5 }));
    second.dispatch(
      draftsSlice.actions.loaded({
        ...kept,
        drafts: Object.fromEntries(Object.entries(kept.drafts).map(([key, d]) => [key, { ...d, state: 'sending' as const }])),
      }),
    );
    second.dispatch(change(2, 'taken back', { version: 9 }));
    sent = [];
    await settle();
    expect(sent.map((s) => [s.body['change'], s.body['version']])).toEqual([
      ['c2', 3],
      ['c1', 3],
      ['c2', 4],
    ]);
    expect(second.getState().drafts.drafts).toEqual({});
  });

  it('is a conflict where somebody else was there first, whatever answers were lost', async () => {
    for (const met of [
      [json(409, { detail: 'Changed meanwhile.', current: { version: 5 } })],
      [json(409, { detail: 'Changed meanwhile.', current: { version: 4 } }), json(409, { detail: 'Changed meanwhile.', current: { version: 4 } })],
    ]) {
      const store = page(away, ...met);
      store.dispatch(change(1, 'mine'));
      await settle();
      store.dispatch(change(2, 'mine still'));
      await settle();
      expect(store.getState().drafts.drafts[draftKey('defect', 'd')]).toMatchObject({ state: 'conflict', body: { note: 'mine still' } });
    }
  });

  it('is sent again after the page ended on the way, under the change that the server may know', async () => {
    const store = page(json(200, { version: 4 }));
    store.dispatch(
      draftsSlice.actions.loaded({
        drafts: {
          'defect:d': { entity: 'defect', id: 'd', jobId: 'j', version: 3, change: 'c1', body: { note: 'damp' } as never, state: 'sending', sent: true },
        },
      }),
    );
    await settle();
    expect(sent.map((s) => s.body['change'])).toEqual(['c1']);
    expect(store.getState().drafts.drafts).toEqual({});
  });

  it('of a new record whose answer was lost goes on as a change of it', async () => {
    const store = page(away, json(409, { detail: 'This id is taken. Make a new one.' }), json(201, { version: 1 }), json(200, { version: 2 }));
    const made = (n: number, note: string) =>
      edited({ entity: 'defect', id: 'd', jobId: 'j', parentId: 'a', change: `c${String(n)}`, body: { note } as never });
    store.dispatch(made(1, 'first'));
    await settle();
    store.dispatch(made(2, 'second'));
    await settle();
    expect(sent.map((s) => [s.method, s.body['change']])).toEqual([
      ['POST', 'c1'],
      ['POST', 'c2'],
      ['POST', 'c1'],
      ['PUT', 'c2'],
    ]);
    expect(sent[3]).toMatchObject({ address: '/api/defects/d', body: { note: 'second', version: 1 } });
    expect(store.getState().drafts.drafts).toEqual({});
  });

  it('of an area that is new goes before what is found in it', async () => {
    const store = page(json(201, { version: 1 }));
    store.dispatch(edited({ entity: 'defect', id: 'd', jobId: 'j', parentId: 'a', change: 'c1', body: { note: '' } as never }));
    store.dispatch(edited({ entity: 'area', id: 'a', jobId: 'j', parentId: 'j', change: 'c2', body: { name: 'Hall' } as never }));
    await settle();
    await settle();
    await settle();
    expect(sent.map((s) => [s.method, s.address])).toEqual([
      ['POST', '/api/jobs/j/areas'],
      ['POST', '/api/areas/a/defects'],
    ]);
    expect(store.getState().drafts.drafts).toEqual({});
  });
});

describe('one that the server cannot take', () => {
  it('does not keep the others waiting', async () => {
    const store = page(json(500, {}), json(200, { version: 4 }), json(500, {}));
    store.dispatch(change(77, 'breaks the server'));
    store.dispatch(edited({ entity: 'defect', id: 'e', jobId: 'j', version: 1, change: 'other', body: { note: 'fine' } as never }));
    for (let i = 0; i < 3; i++) await settle();
    await retry();
    expect(Object.keys(store.getState().drafts.drafts)).toEqual([draftKey('defect', 'd')]);
    expect(sent.slice(0, 2).map((s) => s.address)).toEqual(['/api/defects/d', '/api/defects/e']);
  });
});

describe('what another page left', () => {
  it('of a record that this one changes too goes after, and meets it as any other change would', async () => {
    const current = { id: 'd', version: 4, note: 'typed here' };
    const store = page(json(200, { version: 4 }), json(409, { detail: 'Changed meanwhile.', current, by: { name: 'Maren', at: '2026-06-02T12:00:00Z' } }));
    store.dispatch(change(21, 'typed here'));
    const left = { entity: 'defect', id: 'd', jobId: 'j', version: 3, change: 'left', body: { note: 'typed there' }, state: 'waiting' } as never;
    store.dispatch(joined({ drafts: { 'defect:d~other': left }, texts: { 'd/length': 'about' }, forms: {}, actions: {} }));
    for (let i = 0; i < 3; i++) await settle();
    expect(sent.map((s) => s.body['note'])).toEqual(['typed here', 'typed there']);
    expect(store.getState().drafts.drafts).toEqual({
      'defect:d~other': expect.objectContaining({ aside: true, state: 'conflict', standing: 4, theirs: current }) as unknown,
    });
    expect(store.getState().drafts.texts).toEqual({ 'd/length': 'about' });
  });
});

describe('what was on its way when its page was left', () => {
  it('is sent by the page that finds it, typed or done', async () => {
    const store = page(json(200, { version: 4 }));
    const draft = { entity: 'defect', id: 'd', jobId: 'j', version: 3, change: 'left', body: { note: 'typed there' }, state: 'sending', sent: true } as never;
    const action = { change: 'a1', method: 'PUT', address: 'plans/p', id: 'p', words: 'begun', body: { change: 'a1', version: 1 }, state: 'sending' } as const;
    store.dispatch(joined({ drafts: { 'defect:d': draft }, texts: {}, forms: {}, actions: { a1: action } }));
    for (let i = 0; i < 4; i++) await settle();
    expect(sent.map((s) => s.body['change'])).toEqual(['left', 'a1']);
    expect(store.getState().drafts).toMatchObject({ drafts: {}, actions: {} });
  });
});

describe('a line that neither answers nor ends', () => {
  it('is given up, and what was sent over it goes again under its change', async () => {
    let hanging = 0;
    const store = page(json(200, { version: 4 }));
    const answering = globalThis.fetch;
    vi.stubGlobal('fetch', (_address: string, { signal }: RequestInit) => {
      hanging++;
      return new Promise((_over, fail) => {
        signal?.addEventListener('abort', () => {
          fail(new DOMException('given up', 'AbortError'));
        });
      });
    });
    store.dispatch(change(1, 'damp'));
    await vi.advanceTimersByTimeAsync(59_000);
    expect(store.getState().drafts.drafts[draftKey('defect', 'd')]?.state).toBe('sending');
    await vi.advanceTimersByTimeAsync(2000);
    expect(store.getState().drafts.drafts[draftKey('defect', 'd')]?.state).toBe('offline');
    vi.stubGlobal('fetch', answering);
    await retry();
    expect(hanging).toBe(1);
    expect(sent.map((s) => s.body['change'])).toEqual(['c1']);
    expect(store.getState().drafts.drafts).toEqual({});
  });
});

describe('what is done', () => {
  const act = (n: number, id: string, more: Partial<QueuedAction> = {}) =>
    done({
      change: `a${String(n)}`,
      method: 'PUT',
      address: `plans/${id}`,
      id,
      words: 'begun',
      body: { change: `a${String(n)}`, version: n, state: 'begun' },
      ...more,
    });

  it('goes in its order for one record, each when the one before has arrived', async () => {
    const store = page(away, json(200, {}));
    store.dispatch(act(1, 'p'));
    store.dispatch(act(2, 'p'));
    await settle();
    await retry();
    for (let i = 0; i < 3; i++) await settle();
    expect(sent.map((s) => s.body['version'])).toEqual([1, 1, 2]);
    expect(store.getState().drafts.actions).toEqual({});
  });

  it('goes in its order also where the page that comes after finds it kept in another', async () => {
    const first = page(away);
    first.dispatch(act(1, 'p'));
    await vi.advanceTimersByTimeAsync(10);
    first.dispatch(act(2, 'p'));
    const { a1, a2 } = first.getState().drafts.actions;
    if (!a1 || !a2) throw new Error('both wait');
    for (const over of [loaded({ actions: { a2, a1 } }), joined({ drafts: {}, texts: {}, forms: {}, actions: { a2, a1 } })]) {
      const store = page(json(200, {}));
      sent = [];
      store.dispatch(over);
      for (let i = 0; i < 4; i++) await settle();
      expect(sent.map((s) => s.body['change'])).toEqual(['a1', 'a2']);
    }
  });

  it('to a record goes after what is typed into it, against the version that this makes', async () => {
    const store = page(json(200, { version: 4 }), json(200, {}));
    store.dispatch(act(3, 'd', { method: 'DELETE', address: 'defects/d', body: { change: 'a3', version: 3 } }));
    store.dispatch(change(1, 'last words'));
    for (let i = 0; i < 4; i++) await settle();
    expect(sent.map((s) => [s.method, s.body['version']])).toEqual([
      ['PUT', 3],
      ['DELETE', 4],
    ]);
  });

  it('and is refused waits with the words of the server, and is not done again by itself', async () => {
    const store = page(json(409, { detail: 'It is done already.' }));
    store.dispatch(act(1, 'p'));
    await settle();
    await retry();
    expect(sent).toHaveLength(1);
    expect(store.getState().drafts.actions['a1']).toMatchObject({ state: 'refused', message: 'It is done already.' });
  });
});

describe('what the browser keeps', () => {
  const opened = (...given: Parameters<typeof page>) => {
    const store = page(...given);
    store.dispatch(loaded({ account: 'maren' }));
    return store;
  };

  it('is an entry for each thing, under the account that typed it, and says whose it is when it is sent', async () => {
    const store = opened(away);
    store.dispatch(change(1, 'damp'));
    store.dispatch(typed({ key: 'd/length', text: 'about a' }));
    store.dispatch(formKept({ key: 'new-job', values: { site: 'Half' } }));
    await settle();
    expect([...box.entries.keys()].sort()).toEqual(['maren draft defect:d', 'maren form new-job', 'maren text d/length']);
    expect(sent[0]?.account).toBe('maren');
    store.dispatch(typed({ key: 'd/length', text: undefined }));
    await settle();
    expect([...box.entries.keys()]).not.toContain('maren text d/length');
  });

  it('is left to whoever typed it when somebody else comes to the page', async () => {
    const store = opened(away);
    store.dispatch(change(1, 'of the first'));
    await settle();
    sent = [];
    store.dispatch(loaded({ account: 'tomas' }));
    await retry();
    await retry();
    expect(sent).toEqual([]);
    expect([...box.entries.keys()]).toEqual(['maren draft defect:d']);
  });

  it('being nothing, it says so at once, sends all the same, and keeps everything as soon as there is room', async () => {
    const store = opened(away, away, json(200, { version: 4 }));
    box.full = true;
    store.dispatch(typed({ key: 'd/length', text: 'about a' }));
    store.dispatch(change(1, 'damp'));
    await settle();
    expect(store.getState().drafts.notKept).toMatch(/does not keep what is typed/);
    box.full = false;
    await retry();
    expect([...box.entries.keys()].sort()).toEqual(['maren draft defect:d', 'maren text d/length']);
    expect(store.getState().drafts.notKept).toBeUndefined();
    await retry();
    expect(store.getState().drafts.drafts).toEqual({});
  });
});

describe('drafts that the page of version 0.4.0 left unsent', () => {
  it('are all sent, in a body that the server takes, and the texts and forms beside them stay', async () => {
    const left = JSON.parse(keptText('drafts-0.4.0.json')) as DraftsState;
    const store = page(json(200, { version: 9 }));
    store.dispatch(draftsSlice.actions.loaded(left));
    for (let i = 0; i < 4; i++) await settle();
    expect(
      sent.map(({ address, method, body }) => [
        method,
        address.split('/')[2],
        check<object>(address.includes('defects') ? ChangeDefectBody : ChangeJobBody, body).ok,
      ]),
    ).toEqual(
      expect.arrayContaining([
        ['PUT', 'defects', true],
        ['PUT', 'jobs', true],
      ]),
    );
    const { people, ...form } = left.forms['new-job'] ?? {};
    expect(people).toBe(2);
    expect(store.getState().drafts).toEqual({ ...left, drafts: {}, actions: {}, forms: { ...left.forms, 'new-job': { ...form, crew: unnamed(2) } } });
  });
});
