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
    .filter((a) => a.id === record.id && a.method === 'PUT' && a.state !== 'refused' && !a.address.endsWith('/place'))
    .reduce((done, { body: { change: _change, version, ...set } }) => ({ ...done, ...set, version: Number(version) + 1 }), record);
}

interface Placed {
  readonly id: string;
  readonly defects: readonly { readonly id: string }[];
}

/** Areas with their defects where the person moved them and the server does not know it yet. */
export function withPlaces<A extends Placed>(areas: readonly A[], actions: Actions): readonly A[] {
  const moves = inTurn(actions).filter((a) => a.method === 'PUT' && a.state !== 'refused' && a.address.endsWith('/place'));
  return moves.reduce<readonly A[]>((now, { id, body }) => {
    const moved = now.flatMap((a) => a.defects).find((d) => d.id === id);
    if (!moved || !now.some((a) => a.id === body['areaId'])) return now;
    return now.map((area) => {
      const rest = area.defects.filter((d) => d.id !== id);
      if (area.id !== body['areaId']) return rest.length === area.defects.length ? area : { ...area, defects: rest };
      const at = rest.findIndex((d) => d.id === body['before']);
      return { ...area, defects: at < 0 ? [...rest, moved] : [...rest.slice(0, at), moved, ...rest.slice(at)] };
    });
  }, areas);
}
