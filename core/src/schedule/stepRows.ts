import { clockTime, dayName, type Telling } from '../quantity/saying.ts';
import type { Schedule, Timed } from './schedule.ts';

export interface StepRow {
  readonly key: string;
  /** the day, where this step is the first of another day than the one before it */
  readonly day?: string;
  /** its time on that day */
  readonly time: string;
  readonly sign: 'work' | 'wait' | 'ready' | 'window';
  readonly timed: Timed;
  readonly latest?: string;
  /** further sections of the same round, with their clock times */
  readonly more: readonly { readonly section: number; readonly time: string; readonly latest?: string }[];
}

/**
 * The steps as a person reads them: a crack worked in many sections shows the first of them whole, and
 * the others as times beside it. Only a window that closes within the shift is marked as one. A day is named once,
 * over its first step.
 */
export function stepRows(schedule: Schedule, how: Telling): StepRow[] {
  const shiftMs = 12 * 3_600_000;
  const closing = (t: Timed) => t.latest !== undefined && Date.parse(t.latest.at) - Date.parse(t.start) < shiftMs && t.step.kind === 'work';
  const rows: StepRow[] = [];
  let on = how.day;
  for (const timed of schedule.rows) {
    const { step } = timed;
    const ofDay = { ...how, day: timed.start };
    const latest = timed.latest && (closing(timed) || step.kind === 'ready') ? clockTime(timed.latest.at, ofDay) : undefined;
    if (step.section && step.section.n > 1) {
      const first = rows.find((r) => r.timed.step.builder === step.builder && r.timed.step.lift === step.lift);
      if (first) {
        rows[rows.indexOf(first)] = {
          ...first,
          more: [
            ...first.more,
            { section: step.section.n, time: clockTime(timed.start, { ...how, day: first.timed.start }), ...(latest !== undefined && { latest }) },
          ],
        };
        continue;
      }
    }
    const window = closing(timed) || step.sign === 'clock';
    const other = on !== undefined && dayName(on, how.timeZone) !== dayName(timed.start, how.timeZone);
    if (on !== undefined) on = timed.start;
    rows.push({
      key: step.id,
      ...(other && { day: dayName(timed.start, how.timeZone) }),
      time: clockTime(timed.start, ofDay),
      sign: window ? 'window' : step.kind,
      timed,
      more: [],
      ...(latest !== undefined && { latest }),
    });
  }
  return rows;
}
