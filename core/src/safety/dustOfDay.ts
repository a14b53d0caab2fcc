import { durationSum } from '../mixing/workPace.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { DustWork } from '../shelf/dustWork.ts';
import { cite } from '../sources/register.ts';
import { dustRows } from './hazards/tools.ts';
import { longShift, respirator } from './silica.ts';

/** Work of somebody's day that cuts, chips or drills mineral ground. */
export interface DustyWork {
  readonly tools: readonly string[];
  readonly indoors: boolean;
  readonly minutes: number;
}

/**
 * What somebody wears for stone dust on a day, by all such work of his day together, whatever the repair: four short cuts at four repairs
 * are one long one.
 * @param works what he does that day, with its minutes
 * @returns nothing where nothing of that day makes stone dust
 */
export function dustOfDay(ledger: Ledger, works: readonly DustyWork[]): Saying | undefined {
  const at = works.filter((w) => dustRows([w]).length > 0);
  if (at.length === 0) return undefined;
  const total = ledger.compute(durationSum, { durationMin: at.map((w) => ledger.stated('At such work', 'duration', w.minutes)) }, 'Such work in the day');
  const hours = ledger.sourced(longShift);
  const worn = new Map<string, string>();
  for (const indoors of [true, false])
    for (const { row, title } of dustRows(at.filter((w) => w.indoors === indoors)))
      worn.set(`${title} ${indoors ? 'inside' : 'outside'}`, mask(row, indoors, total.value));
  const told = [...worn].map(([what, wears]) => `${what}, ${wears}`).join('; ');
  return say`Stone dust: ${total} of such work in the day, ${atMost(total.value, hours.value) ? 'no more than' : 'more than'} ${hours}: ${told}. (${cite('osha-1926-1153')}; other countries differ.)`;
}

function mask(row: DustWork, indoors: boolean, minutes: number): string {
  const asked = respirator(row, indoors, minutes);
  return asked === 'none' ? 'no respirator beside its water or vacuum' : `a respirator of ${asked} beside its water or vacuum`;
}
