import type { ChangedBy, DefectFields, ProblemDocument } from '@oddment/contracts';
import { paths } from './api.ts';
import { accountHeader } from './baseQuery.ts';
import type { Draft, DraftsState, QueuedAction } from './drafts.ts';
import type { SavedRecord } from './savedJobs.ts';

/** What every request of a page says: its form, and whose page it is. */
export function headersOf({ account }: DraftsState): Record<string, string> {
  return { 'content-type': 'application/json', ...(account !== undefined && { [accountHeader]: account }) };
}

/** a line that neither answers nor ends is given up after this; what was sent over it is known by its change */
const patienceMs = 60_000;
/** a picture takes its time on a poor line: longer than the server waits for it */
export const picturePatienceMs = 150_000;

/**
 * One request that does not wait for ever.
 * @throws Error where there is no answer, in time or at all
 */
export async function ask(address: string, request: RequestInit = {}, ms = patienceMs): Promise<Response> {
  const giveUp = new AbortController();
  const timer = setTimeout(() => {
    giveUp.abort();
  }, ms);
  try {
    return await fetch(`/api/${address}`, { ...request, credentials: 'same-origin', signal: giveUp.signal });
  } finally {
    clearTimeout(timer);
  }
}

/** Puts a draft to the server as one change against a version, or makes its record where there is none yet. */
function put({ entity, id, parentId, body }: Draft, change: string, version: number | undefined, headers: Record<string, string>): Promise<Response> {
  const address = version !== undefined ? `${paths[entity]}/${id}` : entity === 'area' ? `jobs/${parentId ?? ''}/areas` : `areas/${parentId ?? ''}/defects`;
  return ask(address, {
    method: version === undefined ? 'POST' : 'PUT',
    headers,
    // what is not said of where a repair lies would be left as it is: the page always says it
    body: JSON.stringify({
      ...body,
      ...(entity === 'defect' && { spot: (body as DefectFields).spot ?? null }),
      change,
      ...(version === undefined ? { id } : { version }),
    }),
  });
}

/**
 * Where a draft met a newer version: whether that is an earlier change of this very draft whose answer was lost.
 * Such a change is put again under its own id; the server knows it and answers with the record, and where it never
 * arrived it is as stale as the draft.
 * @returns the version that it made, one after the draft's own
 */
async function ownVersion(draft: Draft, standing: number | undefined, headers: Record<string, string>): Promise<number | undefined> {
  if (standing !== undefined && standing !== (draft.version ?? 0) + 1) return undefined;
  for (const change of draft.unanswered ?? []) {
    const again = await put(draft, change, draft.version, headers);
    if (!again.ok) continue;
    const { version } = (await again.json()) as { version: number };
    return version === (draft.version ?? 0) + 1 ? version : undefined;
  }
  return undefined;
}

interface Stuck {
  readonly ok: false;
  readonly state: 'refused' | 'offline' | 'conflict';
  readonly message: string;
  /** nobody is signed in any more */
  readonly ended?: boolean;
  readonly standing?: number;
  readonly theirs?: unknown;
  readonly by?: ChangedBy;
}

/** said of what waits for nothing but its person */
export const signInAgain = 'Sign in again.';

const noAnswer: Stuck = { ok: false, state: 'offline', message: 'The server does not answer.' };

/** What an answer that is no success says, in words. */
async function stuckBy(response: Response): Promise<Stuck & { readonly problem?: ProblemDocument | undefined }> {
  if (response.status === 401) return { ok: false, state: 'offline', message: signInAgain, ended: true };
  if (response.status === 429 || response.status >= 500) return { ok: false, state: 'offline', message: 'The server cannot take it now.' };
  const problem = (await response.json().catch(() => undefined)) as ProblemDocument | undefined;
  return { ok: false, state: 'refused', message: problem?.problems?.map((p) => p.message).join(' ') ?? problem?.detail ?? 'The server refused it.', problem };
}

/** Sends a draft; a change of its own whose answer was lost is no conflict. */
export async function send(draft: Draft, headers: Record<string, string>): Promise<{ ok: true; record: SavedRecord } | Stuck> {
  let response: Response;
  try {
    response = await put(draft, draft.change, draft.version, headers);
    if (response.status === 409 && draft.unanswered) {
      const met = (await response
        .clone()
        .json()
        .catch(() => undefined)) as ProblemDocument | undefined;
      const own = await ownVersion(draft, (met?.current as { version?: number } | undefined)?.version, headers);
      if (own !== undefined) response = await put(draft, draft.change, own, headers);
    }
  } catch {
    return noAnswer;
  }
  if (response.ok) return { ok: true, record: (await response.json()) as SavedRecord };
  const { problem, ...stuck } = await stuckBy(response);
  const current = problem?.current as { version?: number } | undefined;
  if (response.status !== 409 || current?.version === undefined) return stuck;
  return {
    ok: false,
    state: 'conflict',
    message: problem?.detail ?? 'Changed meanwhile.',
    standing: current.version,
    theirs: current,
    ...(problem?.by && { by: problem.by }),
  };
}

/** Does again at the server what was done here. */
export async function act({ address, method, body }: QueuedAction, headers: Record<string, string>): Promise<{ ok: true } | Stuck> {
  let response: Response;
  try {
    response = await ask(address, { method, headers, body: JSON.stringify(body) });
  } catch {
    return noAnswer;
  }
  if (response.ok) return { ok: true };
  const { problem: _problem, ...stuck } = await stuckBy(response);
  return stuck;
}
