import type { SessionRecord } from '@oddment/contracts';
import { fetchBaseQuery, type BaseQueryApi, type BaseQueryFn, type FetchArgs, type FetchBaseQueryError } from '@reduxjs/toolkit/query/react';
import { done, type DraftsState, type QueuedAction } from './drafts.ts';
import { forgetReads, keepRead, readKept, type KeptRead } from './keptReads.ts';
import { away, back, ended, type LinkState } from './link.ts';

/** What an endpoint says besides its request. */
export interface More {
  /** it is not kept for the time that the server is away */
  readonly fleeting?: boolean;
}

/** A request; with words for what was done it waits for the server where that is away, like typing. */
export type Asked = string | (FetchArgs & { readonly words?: string });

/** What is known of an answer besides what it says. */
export interface About {
  /** when it was asked for, in ms since 1970 */
  readonly beganMs: number;
}

interface Holding {
  readonly drafts: DraftsState;
  readonly link: LinkState;
}

/** says to the server whose page this is: what one person left is never taken as another's */
export const accountHeader = 'oddment-account';
/** a server that takes longer than this is away, where there is something to show instead */
const patienceMs = 15_000;
const gatewayAway: ReadonlySet<unknown> = new Set(['FETCH_ERROR', 'TIMEOUT_ERROR', 502, 503, 504]);

const plain = fetchBaseQuery({
  baseUrl: '/api/',
  credentials: 'same-origin',
  prepareHeaders: (headers, { getState }) => {
    const { account } = (getState() as Holding).drafts;
    if (account !== undefined) headers.set(accountHeader, account);
  },
});

/** where 401 says that a password is wrong, not that nobody is signed in */
const openAddresses: ReadonlySet<string> = new Set(['session', 'one-time', 'first-account', 'demo-session', 'me/password']);

/** The record that an address changes, where it ends in one: `plans/ID`, `photos/ID/restore`. */
const recordOf = (address: string) => /^\w+\/([\w-]{36})(\/restore|\/place)?$/.exec(address)?.[1];

/** Whether something done to a record has to wait behind what is not sent yet of the same record. */
function waitsFor({ drafts, actions }: DraftsState, id: string): boolean {
  return Object.values(drafts).some((d) => d.id === id) || Object.values(actions).some((a) => a.id === id);
}

function asAction({ url, method, body }: FetchArgs, words: string): Omit<QueuedAction, 'state'> | undefined {
  const id = recordOf(url);
  const given = body as { change?: string } & Record<string, unknown>;
  if (id === undefined || typeof given.change !== 'string') return undefined;
  return { change: given.change, method: method as QueuedAction['method'], address: url, body: given, id, words };
}

/** A session as it was read before: without a server there is no clock of its to follow. */
function sessionNow(data: unknown): SessionRecord {
  const kept = data as SessionRecord;
  return kept.frozen ? kept : { ...kept, now: new Date().toISOString() };
}

interface Asking {
  readonly api: BaseQueryApi;
  readonly drafts: DraftsState;
}

/** Something done: sent, or kept until it can be. */
async function act({ words, ...request }: Exclude<Asked, string>, { api, drafts }: Asking) {
  const action = words === undefined ? undefined : asAction(request, words);
  const queued = () => {
    if (action) api.dispatch(done(action));
    return { data: { id: action?.id, version: Number(action?.body['version'] ?? 0) + 1 } };
  };
  if (action && waitsFor(drafts, action.id)) return queued();
  const result = await plain(request, api, {});
  if (result.error?.status === 401 && !openAddresses.has(request.url)) api.dispatch(ended());
  return action && result.error && gatewayAway.has(result.error.status) ? queued() : result;
}

/** What is awaited, or, where that takes longer than it may, something else; which is not begun where it does not. */
async function inTime<T>(awaited: Promise<T>, ms: number, instead: () => Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<T>((over) => {
    timer = setTimeout(() => {
      over(instead());
    }, ms);
  });
  return Promise.race([awaited, late]).finally(() => {
    clearTimeout(timer);
  });
}

/** Something read: from the server, or as it was read before while that is away. */
async function read(address: string, fleeting: boolean, { api, drafts }: Asking) {
  // the door is the same for everybody; everything else is somebody's
  const isDoor = address === 'session';
  const whose = isDoor ? undefined : drafts.account;
  const kept = () => (fleeting ? Promise.resolve(undefined) : readKept(whose, address));
  const shown = ({ at, data }: KeptRead) => {
    api.dispatch(away(at));
    const meta: About = { beganMs: Date.parse(at) };
    return { data: isDoor ? sessionNow(data) : data, meta };
  };
  const asked = Promise.resolve(plain(address, api, {}));
  asked.then(
    ({ data, error }) => {
      if (error) return;
      if ((api.getState() as Holding).link.away) api.dispatch(back());
      if (isDoor && (data as SessionRecord).state !== 'signed-in') void forgetReads(undefined);
      else if (!fleeting) void keepRead(whose, address, data);
    },
    () => undefined,
  );
  const result = await inTime(asked, patienceMs, async () => {
    const known = await kept();
    return known ? shown(known) : asked;
  });
  if (!('error' in result) || !result.error) return result;
  if (result.error.status === 401) api.dispatch(ended());
  if (!gatewayAway.has(result.error.status)) return result;
  const known = await kept();
  if (known) return shown(known);
  api.dispatch(away(undefined));
  return result;
}

/**
 * One request to the server. What is read is kept in the browser, and shown again while the server is away; what is done
 * waits there and goes when it is back.
 */
export const baseQuery: BaseQueryFn<Asked, unknown, FetchBaseQueryError, More, About> = async (args, api, more) => {
  const meta = { beganMs: Date.now() };
  const asking = { api, drafts: (api.getState() as Holding).drafts };
  const answer = await (typeof args === 'string' ? read(args, more?.fleeting === true, asking) : act(args, asking));
  // what was kept is as old as when it was read
  const of = 'meta' in answer ? answer.meta : undefined;
  return { ...answer, meta: of && 'beganMs' in of ? of : meta };
};
