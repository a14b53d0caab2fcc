import type { ProblemDocument } from '@oddment/contracts';
import { createListenerMiddleware } from '@reduxjs/toolkit';
import { get, set } from 'idb-keyval';
import { api, paths } from './api.ts';
import { draftsSlice, draftKey, edited, mineAgain, type Draft, type DraftsState } from './drafts.ts';

const storeKey = 'oddment-drafts';
const settleMs = 500;
const retryMs = 4000;
const { loaded, sending, kept, failed, dropped, typed } = draftsSlice.actions;

interface Holding {
  readonly drafts: DraftsState;
}

export const saver = createListenerMiddleware<Holding>();

/** What was typed in an earlier visit and never reached the server. */
export async function storedDrafts(): Promise<DraftsState | undefined> {
  try {
    return await get<DraftsState>(storeKey);
  } catch {
    return undefined;
  }
}

// every change of the drafts is kept in the browser before anything else happens to it
saver.startListening({
  predicate: (_action, now, before) => now.drafts !== before.drafts,
  effect: async (_action, listener) => {
    await set(storeKey, listener.getState().drafts).catch(() => undefined);
  },
});

/** Puts a draft to the server as one change against a version, or makes its record where there is none yet. */
function put({ entity, id, parentId, body }: Draft, change: string, version: number | undefined): Promise<Response> {
  const address = version !== undefined ? `${paths[entity]}/${id}` : entity === 'area' ? `jobs/${parentId ?? ''}/areas` : `areas/${parentId ?? ''}/defects`;
  return fetch(`/api/${address}`, {
    method: version === undefined ? 'POST' : 'PUT',
    credentials: 'same-origin',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ ...body, change, ...(version === undefined ? { id } : { version }) }),
  });
}

/**
 * Where a draft met a newer version: whether that is an earlier change of this very draft whose answer was lost.
 * Such a change is put again under its own id; the server knows it and answers with the record, and where it never
 * arrived it is as stale as the draft.
 * @returns the version that it made, one after the draft's own
 */
async function ownVersion(draft: Draft, standing: number | undefined): Promise<number | undefined> {
  if (standing !== undefined && standing !== (draft.version ?? 0) + 1) return undefined;
  for (const change of draft.unanswered ?? []) {
    const again = await put(draft, change, draft.version);
    if (!again.ok) continue;
    const { version } = (await again.json()) as { version: number };
    return version === (draft.version ?? 0) + 1 ? version : undefined;
  }
  return undefined;
}

async function send(
  draft: Draft,
): Promise<{ ok: true; version: number } | { ok: false; state: 'refused' | 'offline' | 'conflict'; message: string; standing?: number }> {
  let response: Response;
  try {
    response = await put(draft, draft.change, draft.version);
    if (response.status === 409 && draft.unanswered) {
      const met = (await response
        .clone()
        .json()
        .catch(() => undefined)) as ProblemDocument | undefined;
      const own = await ownVersion(draft, (met?.current as { version?: number } | undefined)?.version);
      if (own !== undefined) response = await put(draft, draft.change, own);
    }
  } catch {
    return { ok: false, state: 'offline', message: 'The server does not answer.' };
  }
  if (response.ok) return { ok: true, version: ((await response.json()) as { version: number }).version };
  if (response.status >= 500 || response.status === 401)
    return { ok: false, state: 'offline', message: response.status === 401 ? 'Sign in again.' : 'The server cannot take it now.' };
  const problem = (await response.json().catch(() => undefined)) as ProblemDocument | undefined;
  const current = problem?.current as { version?: number } | undefined;
  if (response.status === 409 && current?.version !== undefined)
    return { ok: false, state: 'conflict', message: problem?.detail ?? 'Changed meanwhile.', standing: current.version };
  return { ok: false, state: 'refused', message: problem?.problems?.map((p) => p.message).join(' ') ?? problem?.detail ?? 'The server refused it.' };
}

saver.startListening({
  matcher: (
    action,
  ): action is ReturnType<typeof edited> | ReturnType<typeof mineAgain> | ReturnType<typeof loaded> | ReturnType<typeof kept> | ReturnType<typeof failed> =>
    edited.match(action) || mineAgain.match(action) || loaded.match(action) || kept.match(action) || failed.match(action),
  effect: async (action, listener) => {
    const { dispatch } = listener;
    listener.cancelActiveListeners();
    await listener.delay(failed.match(action) ? retryMs : settleMs);
    for (;;) {
      const { drafts } = listener.getState().drafts;
      // a record that is still to be made goes before what belongs to it
      const next = Object.values(drafts)
        .filter((d) => d.state === 'waiting' || d.state === 'offline')
        .sort((a, b) => Number(a.entity === 'defect') - Number(b.entity === 'defect'))[0];
      if (!next) return;
      const key = draftKey(next.entity, next.id);
      dispatch(sending(key));
      const answer = await send(next);
      if (answer.ok) {
        await dispatch(api.endpoints.job.initiate(next.jobId, { forceRefetch: true, subscribe: false }) as never);
        dispatch(kept({ key, change: next.change, version: answer.version }));
        if (next.entity === 'defect') dispatch(api.util.invalidateTags(['jobs']) as never);
        return;
      }
      const { ok: _ok, ...rest } = answer;
      dispatch(failed({ key, change: next.change, ...rest }));
      return;
    }
  },
});

export { dropped, loaded, typed };
