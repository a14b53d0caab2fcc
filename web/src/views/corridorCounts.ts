import { workOfPlan, type RepairPlan } from '@oddment/core';

export interface CorridorCounts {
  readonly walk: string;
  readonly match: string;
  readonly method: string;
  readonly mix: string;
}

const plural = (n: number, one: string, many: string) => `${String(n)} ${n === 1 ? one : many}`;

/** How many repairs have reached each stage. */
export function corridorCounts(plans: readonly RepairPlan[]): CorridorCounts {
  const chosen = plans.filter((p) => (p.state === 'judged' ? p.planned?.by === 'choice' : p.state === 'surveyed' && p.match?.chosen !== undefined)).length;
  const stops = plans.filter((p) => (p.state === 'judged' ? p.held : p.state === 'surveyed' && p.match?.held === true)).length;
  const works = plans.flatMap((p) => (p.state === 'judged' && p.repair ? [1] : (workOfPlan(p)?.mixes.length ?? (workOfPlan(p) ? 0 : []))));
  const mixes = works.reduce((sum, n) => sum + n, 0);
  return {
    walk: `${String(plans.length)} found`,
    match: `${String(chosen)} chosen${stops === 0 ? '' : `, ${plural(stops, 'stop', 'stops')}`}`,
    method: `${String(works.length)} planned`,
    mix: plural(mixes, 'mix', 'mixes'),
  };
}
