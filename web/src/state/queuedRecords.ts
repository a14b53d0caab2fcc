import { inTurn, type QueuedAction } from './drafts.ts';

type Actions = Readonly<Record<string, QueuedAction>>;

/** The ids of what the person deleted and the server still has; what was brought back after that is there again. */
export function goneBy(actions: Actions): ReadonlySet<string> {
  const gone = new Set<string>();
  for (const { id, method, address, state } of inTurn(actions)) {
    if (state === 'refused') continue;
    if (method === 'DELETE') gone.add(id);
    else if (address.endsWith('/restore')) gone.delete(id);
  }
  return gone;
}

/** A record with what was done to it and is not sent yet on top, its version as it will be then. */
export function withActions<T extends { readonly id: string; readonly version: number }>(record: T, actions: Actions): T {
  return inTurn(actions)
    .filter((a) => a.id === record.id && a.method === 'PUT' && a.state !== 'refused')
    .reduce((done, { body: { change: _change, version, ...set } }) => ({ ...done, ...set, version: Number(version) + 1 }), record);
}
