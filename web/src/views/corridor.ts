import { plannedOf, type PlannedPlan, type RepairPlan } from '@oddment/core';
import { stages, type Stage, type StageId } from './stages.ts';

const plural = (n: number, one: string, many: string) => `${String(n)} ${n === 1 ? one : many}`;
const planned = (plans: readonly RepairPlan[]): readonly PlannedPlan[] => plans.flatMap((p) => plannedOf(p) ?? []);
const works = (plans: readonly RepairPlan[]) => planned(plans).flatMap((p) => p.work() ?? []);

/** How far the repairs have come in each stage. */
const counts: Readonly<Record<StageId, (plans: readonly RepairPlan[]) => string>> = {
  walk: (plans) => `${String(plans.length)} found`,
  match: (plans) => {
    const all = planned(plans);
    const stops = all.filter((p) => p.held).length;
    return `${String(all.filter((p) => p.planned?.by === 'choice').length)} chosen${stops === 0 ? '' : `, ${plural(stops, 'stop', 'stops')}`}`;
  },
  method: (plans) => `${String(works(plans).length)} planned`,
  mix: (plans) =>
    plural(
      works(plans).reduce((sum, w) => sum + w.mixes.length, 0),
      'mix',
      'mixes',
    ),
  days: (plans) => plural(works(plans).length, 'repair', 'repairs'),
};

/** The stages of the corridor, each with what has come to it. */
export function corridor(plans: readonly RepairPlan[]): readonly (Stage & { readonly count: string })[] {
  return stages.map((stage) => ({ ...stage, count: counts[stage.id](plans) }));
}
