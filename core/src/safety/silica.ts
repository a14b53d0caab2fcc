import { atMost } from '../quantity/round.ts';
import type { DustWork } from '../shelf/dustWork.ts';
import { of } from '../shelf/sourced.ts';
import { tableRespirator, type Respirator } from './silicaTable.ts';

/** Time at such work in a shift above which the table is stricter. */
export const longShift = of(240, 'duration', 'osha-1926-1153', 'Hours of the shift above which the table is stricter');

/** Respirator beside the control of its row, by place and minutes of all such work in the shift; the safe side where the row is not for the place. */
export function respirator(row: DustWork, indoors: boolean, shiftMin: number): Respirator {
  return tableRespirator(row, indoors, !atMost(shiftMin, longShift.value)) ?? 'APF 10';
}
