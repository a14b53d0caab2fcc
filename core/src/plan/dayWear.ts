import { Ledger } from '../quantity/ledger.ts';
import type { Saying } from '../quantity/saying.ts';
import { dustOfDay } from '../safety/dustOfDay.ts';
import { isOutside } from '../survey/area.ts';
import type { Job } from '../survey/job.ts';
import type { DaysMade } from './makeDays.ts';

/** A thing of somebody's day: of which repair, which step, and from when to when. */
interface Did {
  readonly id: string;
  readonly mark: string;
  readonly start: string;
  readonly end: string;
}

/** The marks of what lies outside. */
export const outsideMarks = (job: Job): ReadonlySet<string> => new Set(job.areas.filter(isOutside).flatMap((a) => a.defects.map((d) => d.mark)));

/**
 * What somebody wears for stone dust on a day, by all that he cuts and grinds on it.
 * @param outside the marks of what lies outside
 * @returns nothing where he cuts nothing
 */
export function dayWear({ problem, works }: Pick<DaysMade, 'problem' | 'works'>, outside: ReadonlySet<string>, blocks: readonly Did[]): Saying | undefined {
  const dusty = blocks.flatMap(({ id, mark, start, end }) => {
    const work = works[problem.repairs.findIndex((r) => r.mark === mark)];
    const step = work?.method.steps.find((s) => s.id === id.slice(mark.length + 1));
    if (!work || !step || work.cautions.find((c) => c.id === 'silica')?.steps.includes(step.id) !== true) return [];
    return [{ tools: step.tools, indoors: !outside.has(mark), minutes: Math.round((Date.parse(end) - Date.parse(start)) / 60_000) }];
  });
  return dustOfDay(new Ledger(), dusty);
}
