import { createAction, createListenerMiddleware, type UnknownAction } from '@reduxjs/toolkit';
import { get, del } from 'idb-keyval';
import { allTags, api, touchedBy } from './api.ts';
import {
  actionGone,
  actionMoved,
  done,
  draftsSlice,
  dropped,
  edited,
  inTurn,
  joined,
  keptOrNot,
  loaded,
  mineAgain,
  type Draft,
  type DraftsState,
  type QueuedAction,
} from './drafts.ts';
import { act, ask, headersOf, send } from './requests.ts';
import { away, back, ended, type LinkState } from './link.ts';
import { noteSaved, withSaved, wholeDelayMs } from './savedJobs.ts';
import { keepEntries, takeOver, type Entry, type EntryKind, type EntryName } from './outbox.ts';

/** everything typed lay in one entry once: whoever signs in first takes it over */
const formerKey = 'oddment-drafts';
const settleMs = 500;
const retryMs = 4000;
const nextMs = 40;
const { sending, kept, failed } = draftsSlice.actions;
/** something of a job reached the server */
const jobSaved = createAction<string>('drafts/jobSaved');

interface Holding {
  readonly drafts: DraftsState;
  readonly link?: LinkState;
}

export const saver = createListenerMiddleware<Holding>();

const sets: readonly { readonly kind: EntryKind; readonly of: (state: DraftsState) => Readonly<Record<string, unknown>> }[] = [
  { kind: 'draft', of: (s) => s.drafts },
  { kind: 'text', of: (s) => s.texts },
  { kind: 'form', of: (s) => s.forms },
  { kind: 'action', of: (s) => s.actions },
];

type Sets = Pick<DraftsState, 'drafts' | 'texts' | 'forms' | 'actions'>;

function setsOf(entries: readonly Entry[]): Sets {
  const of = (kind: EntryKind) => Object.fromEntries(entries.filter((e) => e.kind === kind).map((e) => [e.key, e.value]));
  return { drafts: of('draft'), texts: of('text'), forms: of('form'), actions: of('action') } as Sets;
}

/** What an account left in this browser, and the photos among it. */
export interface Left {
  readonly drafts: Partial<DraftsState>;
  readonly photos: readonly Entry[];
}

const photosOf = (entries: readonly Entry[]) => entries.filter((e) => e.kind === 'photo');

/**
 * What an account left unsent in this browser: in this page before somebody else signed in, in pages that are gone,
 * and in the one entry of earlier versions.
 */
export async function storedDrafts(account: string): Promise<Left> {
  try {
    const former = await get<Partial<DraftsState>>(formerKey);
    const entries = await takeOver(account, true);
    const [found, photos] = [setsOf(entries), photosOf(entries)];
    if (!former) return { drafts: { ...found, account }, photos };
    const both = Object.fromEntries(
      (['drafts', 'texts', 'forms', 'actions'] as const).map((name) => [name, { ...former[name], ...found[name] }]),
    ) as unknown as Sets;
    await keepEntries(
      account,
      sets.flatMap(({ kind, of }) => Object.entries(of({ ...both })).map(([key, value]) => ({ kind, key, value }))),
    );
    await del(formerKey);
    return { drafts: { ...both, account }, photos };
  } catch {
    return { drafts: { account, notKept: storageWords }, photos: [] };
  }
}

export const storageWords = 'This browser does not keep what is typed: its storage is full or refused. Leave this page open until all is saved.';

// every change is kept in the browser before anything else happens to it, an entry each
saver.startListening({
  predicate: (action, now, before) => now.drafts !== before.drafts && now.drafts.account === before.drafts.account && !keptOrNot.match(action),
  effect: async (_action, listener) => {
    const [before, now] = [listener.getOriginalState().drafts, listener.getState().drafts];
    if (now.account === undefined) return;
    const put: Entry[] = [];
    const gone: EntryName[] = [];
    for (const { kind, of } of sets) {
      const [had, has] = [of(before), of(now)];
      // what could not be kept before is tried again with everything else
      for (const [key, value] of Object.entries(has)) if (now.notKept !== undefined || had[key] !== value) put.push({ kind, key, value });
      for (const key of Object.keys(had)) if (!(key in has)) gone.push({ kind, key });
    }
    if (put.length === 0 && gone.length === 0) return;
    try {
      await keepEntries(now.account, put, gone);
      if (now.notKept !== undefined) listener.dispatch(keptOrNot(undefined));
    } catch {
      if (listener.getState().drafts.notKept === undefined) listener.dispatch(keptOrNot(storageWords));
    }
  },
});

/**
 * Takes in what other pages of this browser left when they were closed.
 * @returns the photos among it
 */
export async function joinLeft(account: string, dispatch: (action: UnknownAction) => unknown): Promise<readonly Entry[]> {
  const found = await takeOver(account, false).catch(() => []);
  const left = found.filter((e) => sets.some((s) => s.kind === e.kind));
  if (left.length > 0) dispatch(joined(setsOf(left)));
  return photosOf(found);
}

interface Sending {
  readonly dispatch: (action: UnknownAction) => unknown;
  readonly getState: () => Holding;
}

/** when each change was last tried: one that cannot arrive does not keep the others waiting */
const triedAt = new Map<string, number>();
const lately = (change: string) => triedAt.get(change) ?? 0;
const toSend = ({ state }: { readonly state: string }) => state === 'waiting' || state === 'offline';

/** What is to be sent next: drafts first, what makes a record before what belongs to it; then what was done, in order. */
function nextOf({ drafts, actions }: DraftsState): { draft: Draft; key: string } | { action: QueuedAction } | undefined {
  const made = new Set(Object.values(drafts).flatMap((d) => (d.version === undefined ? [d.id] : [])));
  const draft = Object.entries(drafts)
    .filter(([, d]) => toSend(d) && !(d.parentId !== undefined && made.has(d.parentId)))
    .sort(
      ([, a], [, b]) =>
        lately(a.change) - lately(b.change) ||
        Number(a.entity === 'defect') - Number(b.entity === 'defect') ||
        Number(a.aside === true) - Number(b.aside === true),
    )[0];
  if (draft) return { key: draft[0], draft: draft[1] };
  const typed = new Set(Object.values(drafts).map((d) => d.id));
  const before = new Set<string>();
  const firsts = inTurn(actions).filter((a) => {
    const first = !before.has(a.id) && !typed.has(a.id) && toSend(a);
    before.add(a.id);
    return first;
  });
  const action = firsts.sort((a, b) => lately(a.change) - lately(b.change))[0];
  return action && { action };
}

/** Sends one thing, and tells the state what came of it. */
async function sendOne(next: NonNullable<ReturnType<typeof nextOf>>, { dispatch, getState }: Sending): Promise<void> {
  const headers = headersOf(getState().drafts);
  triedAt.set('action' in next ? next.action.change : next.draft.change, Date.now());
  if ('action' in next) {
    const { change, address } = next.action;
    dispatch(actionMoved({ change, state: 'sending' }));
    const answer = await act(next.action, headers);
    if (answer.ok) {
      dispatch(api.util.invalidateTags([...touchedBy(address)]));
      dispatch(actionGone(change));
    } else {
      if (answer.ended === true) dispatch(ended());
      dispatch(actionMoved({ change, state: answer.state === 'offline' ? 'offline' : 'refused', message: answer.message }));
    }
    return;
  }
  const { draft, key } = next;
  dispatch(sending(key));
  const answer = await send(draft, headers);
  if (answer.ok) {
    const { record } = answer;
    noteSaved({ jobId: draft.jobId, draft, record, atMs: Date.now() });
    // together, so that the page is drawn once: with what the server has, and without the draft of it
    dispatch(api.util.updateQueryData('job', draft.jobId, (job) => withSaved(job, draft, record) as never) as never);
    dispatch(kept({ key, change: draft.change, version: record.version, saved: draft.body }));
    dispatch(jobSaved(draft.jobId));
    if (draft.entity !== 'area') dispatch(api.util.invalidateTags(['jobs']));
    return;
  }
  const { ok: _ok, ended: over, ...rest } = answer;
  if (over === true) dispatch(ended());
  dispatch(failed({ key, change: draft.change, ...rest }));
}

const stirs = [edited, mineAgain, loaded, joined, done, kept, failed, actionMoved, actionGone] as const;

saver.startListening({
  predicate: (action) => stirs.some((one) => one.match(action)) && !(actionMoved.match(action) && action.payload.state === 'sending'),
  effect: async (action, listener) => {
    listener.cancelActiveListeners();
    const { drafts, actions } = listener.getState().drafts;
    // after one that did not arrive: at once what was not tried yet, the others when the server may be back
    const untried = [...Object.values(drafts), ...Object.values(actions)].some((one) => one.state === 'waiting');
    // what waits behind one that has arrived need not rest: it was typed before that
    const arrived = kept.match(action) || actionGone.match(action);
    await listener.delay(arrived ? nextMs : (failed.match(action) || actionMoved.match(action)) && !untried ? retryMs : settleMs);
    const next = nextOf(listener.getState().drafts);
    if (next) await sendOne(next, listener);
  },
});

/** of jobs of which something was saved since they were read whole: when the first was, and how much */
const since = new Map<string, { readonly beganMs: number; readonly count: number }>();

saver.startListening({
  actionCreator: jobSaved,
  effect: async ({ payload: jobId }, listener) => {
    const { beganMs, count } = since.get(jobId) ?? { beganMs: Date.now(), count: 0 };
    const own = { beganMs, count: count + 1 };
    since.set(jobId, own);
    await listener.delay(wholeDelayMs(beganMs, Date.now()));
    // more was saved meanwhile: its own reading is still to come
    if (since.get(jobId) !== own) return;
    since.delete(jobId);
    await listener.dispatch(api.endpoints.job.initiate(jobId, { forceRefetch: true, subscribe: false }) as never);
  },
});

// a session that has ended is asked about again: the door opens, and behind it everything is as it was left
saver.startListening({
  actionCreator: ended,
  effect: (_action, { dispatch }) => {
    dispatch(api.util.invalidateTags(['session']) as never);
  },
});

const askAgainMs = 5000;

// a server that is away is asked every few seconds; when it is back, what is shown is read afresh
saver.startListening({
  actionCreator: away,
  effect: async (_action, listener) => {
    listener.cancelActiveListeners();
    for (;;) {
      await listener.delay(askAgainMs);
      const answer = await ask('session').catch(() => undefined);
      if (answer === undefined || answer.status >= 500) continue;
      listener.dispatch(back());
      listener.dispatch(api.util.invalidateTags([...allTags]) as never);
      return;
    }
  },
});

export { dropped, loaded };
