import { at, type Problem } from './problem.ts';

/** Activities that go in whole, in an order that may be worked: windows tie them. */
export type Group = readonly number[];

/** Representatives of sets that are joined. */
function joined(count: number): { readonly of: (i: number) => number; readonly join: (a: number, b: number) => void } {
  const parent = Array.from({ length: count }, (_v, i) => i);
  const of = (i: number): number => {
    let root = i;
    while (at(parent, root) !== root) root = at(parent, root);
    parent[i] = root;
    return root;
  };
  return { of, join: (a, b) => void (parent[of(a)] = of(b)) };
}

/**
 * The groups of each repair in an order that may be worked: what longest lags and 'the same day' tie goes in together, and so does what
 * lies on a way from one of a group to another of it.
 */
export function groupsOf({ activities, ties, repairs }: Problem): readonly (readonly Group[])[] {
  const sets = joined(activities.length);
  for (const t of ties) if (t.most || t.overBy || t.sameDay === true) sets.join(t.from, t.to);
  for (;;) {
    const before = new Map<number, Set<number>>();
    for (const { from, to } of ties) {
      const [a, b] = [sets.of(from), sets.of(to)];
      if (a !== b) before.set(b, (before.get(b) ?? new Set()).add(a));
    }
    // a ring of groups is one
    const done = new Map<number, 'open' | 'over'>();
    const way: number[] = [];
    let ring: readonly number[] | undefined;
    const visit = (one: number): void => {
      done.set(one, 'open');
      way.push(one);
      for (const other of before.get(one) ?? []) {
        if (ring) return;
        if (done.get(other) === 'open') ring = way.slice(way.indexOf(other));
        else if (!done.has(other)) visit(other);
      }
      way.pop();
      done.set(one, 'over');
    };
    for (const one of before.keys()) if (!done.has(one) && !ring) visit(one);
    const found: readonly number[] | undefined = ring;
    if (!found) return repairs.map((_r, repair) => inOrder(activities, repair, sets.of, before));
    for (const one of found) sets.join(one, found[0] ?? one);
  }
}

function inOrder(
  activities: Problem['activities'],
  repair: number,
  of: (i: number) => number,
  before: ReadonlyMap<number, ReadonlySet<number>>,
): readonly Group[] {
  const members = new Map<number, number[]>();
  activities.forEach((a, i) => {
    if (a.repair === repair) members.set(of(i), [...(members.get(of(i)) ?? []), i]);
  });
  const out: Group[] = [];
  const seen = new Set<number>();
  const add = (group: number): void => {
    if (seen.has(group)) return;
    seen.add(group);
    for (const other of before.get(group) ?? []) add(other);
    const own = members.get(group);
    if (own) out.push(own);
  };
  for (const group of members.keys()) add(group);
  return out;
}
