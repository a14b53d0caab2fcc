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

const roundMs = 5 * 60_000;
/** what lies so near to a window belongs to the same quick work */
const tightMs = 20 * 60_000;

/**
 * When each step is said to begin, as ISO instants: on the next five minutes, never before what goes before it allows. Where the work
 * is tighter it is the minute itself: a window closes nearby, sections follow each other, or the next begins as soon.
 */
export function saidStarts({ rows }: Pick<Schedule, 'rows'>, timeZone: string): readonly string[] {
  const dayOf = (at: number) => dayName(new Date(at).toISOString(), timeZone);
  const exact = rows.map((r) => Date.parse(r.start));
  const tight = exact.filter((_at, i) => rows[i]?.latest !== undefined || rows[i]?.step.section !== undefined);
  const said = exact.map((at) => {
    const round = Math.ceil(at / roundMs) * roundMs;
    return dayOf(at) !== dayOf(round) || tight.some((other) => Math.abs(other - at) <= tightMs) ? at : round;
  });
  for (let again = true; again;) {
    again = false;
    for (let i = 1; i < said.length; i++) {
      const [before, at] = [said[i - 1] ?? 0, said[i] ?? 0];
      const own = exact[i - 1] ?? 0;
      // nothing is said to begin after the next, nor at the same time where it does not
      if (before < at || before === own || (before === at && own === exact[i])) continue;
      said[i - 1] = own;
      again = true;
    }
  }
  return said.map((at) => new Date(at).toISOString());
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
  const said = saidStarts(schedule, how.timeZone);
  let on = how.day;
  for (const [i, timed] of schedule.rows.entries()) {
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
      time: clockTime(said[i] ?? timed.start, ofDay),
      sign: window ? 'window' : step.kind,
      timed,
      more: [],
      ...(latest !== undefined && { latest }),
    });
  }
  return rows;
}
