import { Ledger } from '../quantity/ledger.ts';
import type { Saying } from '../quantity/saying.ts';
import { dustOfDay } from '../safety/dustOfDay.ts';
import { isOutside } from '../survey/area.ts';
import type { Job } from '../survey/job.ts';
import { madeOf } from './madeOf.ts';
import type { DayBlock } from './daysTold.ts';
import type { DaysMade } from './makeDays.ts';

/** The marks of what lies outside. */
export const outsideMarks = (job: Job): ReadonlySet<string> => new Set(job.areas.filter(isOutside).flatMap((a) => a.defects.map((d) => d.mark)));

/**
 * What somebody wears for stone dust on a day, by all that he cuts and grinds on it.
 * @param outside the marks of what lies outside
 * @returns nothing where he cuts nothing
 */
export function dayWear(made: DaysMade, outside: ReadonlySet<string>, blocks: readonly DayBlock[]): Saying | undefined {
  const dusty = blocks.flatMap((block) => {
    const { work, step } = madeOf(made, block);
    if (!work || !step || work.cautions.find((c) => c.id === 'silica')?.steps.includes(step.id) !== true) return [];
    const minutes = Math.round((Date.parse(block.end) - Date.parse(block.start)) / 60_000);
    return [{ tools: step.tools, indoors: !outside.has(block.mark), minutes }];
  });
  return dustOfDay(new Ledger(), dusty);
}
