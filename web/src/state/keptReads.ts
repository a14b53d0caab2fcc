import { createStore, delMany, get, keys, set } from 'idb-keyval';

/** An answer of the server as it was read, to be shown while it is away. */
export interface KeptRead {
  /** ISO instant */
  readonly at: string;
  readonly data: unknown;
}

// a store of its own: what is kept here may go, what is in the outbox may not
let opened: ReturnType<typeof createStore> | undefined;
const box = () => (opened ??= createStore('oddment-read', 'answers'));

const nobody = 'door';
const keyOf = (account: string | undefined, address: string) => `${account ?? nobody} ${address}`;

/** Keeps an answer; where there is no room it is not kept, and nothing is lost by it. */
export function keepRead(account: string | undefined, address: string, data: unknown): Promise<void> {
  return set(keyOf(account, address), { at: new Date().toISOString(), data } satisfies KeptRead, box()).catch(() => undefined);
}

export function readKept(account: string | undefined, address: string): Promise<KeptRead | undefined> {
  return get<KeptRead>(keyOf(account, address), box()).catch(() => undefined);
}

/** Forgets what was read for an account, and who was signed in: the next person at this browser sees none of it. */
export async function forgetReads(account: string | undefined): Promise<void> {
  const own = (await keys<string>(box()).catch(() => [])).filter((key) => key.startsWith(`${account ?? nobody} `) || key.startsWith(`${nobody} `));
  await delMany(own, box()).catch(() => undefined);
}
