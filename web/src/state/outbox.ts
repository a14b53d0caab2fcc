import { createStore, promisifyRequest, type UseStore } from 'idb-keyval';
import { v4 as uuid } from 'uuid';

/** What is kept in the browser until the server has it. */
export type EntryKind = 'draft' | 'text' | 'form' | 'action' | 'photo' | 'picture';

export interface EntryName {
  readonly kind: EntryKind;
  readonly key: string;
}

export interface Entry extends EntryName {
  readonly value: unknown;
}

interface Stored {
  /** ms since 1970: what was kept first comes first */
  readonly at: number;
  readonly value: unknown;
}

/** This page, among the others that may be open in the same browser: each keeps entries of its own. */
const thisPage = uuid();
const lockOf = (page: string) => `oddment-page ${page}`;

let opened: UseStore | undefined;
const box = () => (opened ??= createStore('oddment-outbox', 'entries'));

const nameOf = (account: string, page: string, { kind, key }: EntryName) => `${account} ${page} ${kind} ${key}`;

function partsOf(name: string): { account: string; page: string; kind: EntryKind; key: string } | undefined {
  const [account, page, kind, ...key] = name.split(' ');
  return account !== undefined && page !== undefined && kind !== undefined ? { account, page, kind: kind as EntryKind, key: key.join(' ') } : undefined;
}

/**
 * Keeps entries of an account and lets others go, all or nothing.
 * @throws DOMException where the browser's storage is full or refused
 */
export async function keepEntries(account: string, kept: readonly Entry[], gone: readonly EntryName[] = []): Promise<void> {
  if (kept.length === 0 && gone.length === 0) return;
  const at = Date.now();
  await box()('readwrite', (store) => {
    for (const entry of gone) store.delete(nameOf(account, thisPage, entry));
    for (const entry of kept) store.put({ at, value: entry.value } satisfies Stored, nameOf(account, thisPage, entry));
    return promisifyRequest(store.transaction);
  });
}

/** One entry that this page keeps for an account. */
export async function entryOf(account: string, entry: EntryName): Promise<unknown> {
  const found = await box()('readonly', (store) => promisifyRequest(store.get(nameOf(account, thisPage, entry)) as IDBRequest<Stored | undefined>));
  return found?.value;
}

/** The pages that are open besides this one; where the browser cannot tell, none. */
async function otherPages(): Promise<ReadonlySet<string>> {
  const held = (await navigator.locks?.query())?.held ?? [];
  return new Set(held.flatMap(({ name }) => (name?.startsWith(lockOf('')) === true ? [name.slice(lockOf('').length)] : [])).filter((p) => p !== thisPage));
}

/** One after the other over all pages of this browser, where the browser has locks. */
const alone = <T>(act: () => Promise<T>): Promise<T> => ('locks' in navigator ? navigator.locks.request('oddment-outbox', act) : act());

/**
 * Takes over what pages that are gone left unsent for an account, and what this one left before somebody else signed
 * in. What a page that is open still keeps is left to it.
 * @returns the entries in the order in which they were kept, the pictures of photos by their name only
 */
export function takeOver(account: string, own: boolean): Promise<readonly Entry[]> {
  return alone(async () => {
    const open = await otherPages();
    return box()('readwrite', async (store) => {
      const names = await promisifyRequest(store.getAllKeys() as IDBRequest<string[]>);
      const found: (Entry & { at: number })[] = [];
      for (const name of names) {
        const parts = partsOf(name);
        if (!parts || parts.account !== account || open.has(parts.page) || (parts.page === thisPage && !own)) continue;
        const stored = await promisifyRequest(store.get(name) as IDBRequest<Stored | undefined>);
        if (!stored) continue;
        const { kind, key } = parts;
        if (parts.page !== thisPage) {
          // two pages may have kept something of the same name: both stay
          const free = (await promisifyRequest(store.getKey(nameOf(account, thisPage, { kind, key })))) === undefined;
          store.delete(name);
          // half a field or form is of use to nobody where the same one is being filled in here
          if (!free && (kind === 'text' || kind === 'form')) continue;
          const as = free ? key : `${key}~${parts.page}`;
          store.put(stored, nameOf(account, thisPage, { kind, key: as }));
          found.push({ kind, key: as, value: kind === 'picture' ? undefined : stored.value, at: stored.at });
        } else found.push({ kind, key, value: kind === 'picture' ? undefined : stored.value, at: stored.at });
      }
      return found.sort((a, b) => a.at - b.at).map(({ at: _at, ...entry }) => entry);
    });
  });
}

let leave: (() => void) | undefined;

/** Says to the other pages that this one is open, until it is left. */
export function announcePage(): void {
  const enter = () => {
    if (leave || !('locks' in navigator)) return;
    void navigator.locks.request(lockOf(thisPage), () => new Promise<void>((done) => (leave = done)));
  };
  enter();
  // at once, so that the page that comes after a reload finds what this one leaves
  addEventListener('pagehide', () => {
    leave?.();
    leave = undefined;
  });
  addEventListener('pageshow', enter);
}
