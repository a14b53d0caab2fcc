import type { Step } from '../method/step.ts';
import type { DayBlock } from './daysTold.ts';
import type { DaysMade } from './makeDays.ts';
import type { PlannedWork } from './plannedWork.ts';

/** The work that a thing of somebody's day belongs to, and its step there; no step where the days hold something of their own. */
export function madeOf(
  { problem, works }: DaysMade,
  { id, mark }: Pick<DayBlock, 'id' | 'mark'>,
): { readonly work?: PlannedWork | undefined; readonly step?: Step | undefined; readonly stepId: string } {
  const work = works[problem.repairs.findIndex((r) => r.mark === mark)];
  const stepId = id.slice(mark.length + 1);
  return { work, step: work?.method.steps.find((s) => s.id === stepId), stepId };
}
