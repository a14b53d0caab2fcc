import { plannedOf, type RepairPlan } from '@oddment/core';

export interface CorridorCounts {
  readonly walk: string;
  readonly match: string;
  readonly method: string;
  readonly mix: string;
}

const plural = (n: number, one: string, many: string) => `${String(n)} ${n === 1 ? one : many}`;

/** How many repairs have reached each stage. */
export function corridorCounts(plans: readonly RepairPlan[]): CorridorCounts {
  const planned = plans.flatMap((p) => plannedOf(p) ?? []);
  const chosen = planned.filter((p) => p.planned?.by === 'choice').length;
  const stops = planned.filter((p) => p.held).length;
  const works = planned.flatMap((p) => p.work()?.mixes.length ?? []);
  const mixes = works.reduce((sum, n) => sum + n, 0);
  return {
    walk: `${String(plans.length)} found`,
    match: `${String(chosen)} chosen${stops === 0 ? '' : `, ${plural(stops, 'stop', 'stops')}`}`,
    method: `${String(works.length)} planned`,
    mix: plural(mixes, 'mix', 'mixes'),
  };
}
