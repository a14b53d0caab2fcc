import type { ClimateSeries } from '../climate/series.ts';
import type { Network, Step } from '../method/step.ts';
import { durationSum } from '../mixing/workPace.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import type { Saying } from '../quantity/saying.ts';
import { roundTheClock, type Calendar } from './calendar.ts';
import { placedIn } from './placing.ts';

/** When a step is done. Times in min after the start of the work, and as instants. */
export interface Timed {
  readonly step: Step;
  readonly startMin: number;
  readonly endMin: number;
  readonly start: string;
  readonly end: string;
  /** the step must have begun by then, or `ifMissed` */
  readonly latest?: { readonly at: string; readonly ifMissed: Saying };
}

export interface Schedule {
  readonly rows: readonly Timed[];
  /** from the start of the work to the end of the last hands-on step */
  readonly total: Figure;
  readonly handsOn: Figure;
  /** from the start of the work until it may be used; absent on sheets that an earlier version kept */
  readonly inUse?: Figure;
  readonly startAt: string;
  /** end of the last hands-on step */
  readonly doneAt: string;
  /** when the floor is open again */
  readonly openAt: string;
}

const minuteMs = 60_000;

/** The instant so many minutes after a start (an instant, or its milliseconds), to the second. */
export function instantAfter(startAt: string | number, minutes: number): string {
  const startMs = typeof startAt === 'number' ? startAt : Date.parse(startAt);
  return new Date(Math.round((startMs + minutes * minuteMs) / 1000) * 1000).toISOString();
}

/**
 * Places the steps of a network on the clock: one crew, steps in their order, each no earlier than its
 * links allow in this climate, work in working hours. The climate's first stretch begins at the start of the work.
 *
 * @example
 * schedule(ledger, method, constantClimate(20, 18, 50), job.startAt, workingCalendar(hours, job.timeZone, job.startAt))
 */
export function schedule(ledger: Ledger, network: Network, climate: ClimateSeries, startAt: string, calendar: Calendar = roundTheClock): Schedule {
  const startMs = Date.parse(startAt);
  const moments = new Map<number, string>();
  const moment = (min: number) => {
    const known = moments.get(min) ?? instantAfter(startMs, min);
    moments.set(min, known);
    return known;
  };
  const placed = placedIn(ledger, network, climate, calendar);
  // a wait lasts until the next step may begin
  const untilOf = (i: number) => placed.slice(i).find((p) => p.step.kind !== 'wait')?.start ?? placed[i]?.end;
  const rows = placed.map(({ step, start, end, closing }, i): Timed => {
    const until = step.kind === 'wait' ? (untilOf(i) ?? end) : end;
    return {
      step,
      startMin: start.min,
      endMin: until.min,
      start: moment(start.min),
      end: moment(until.min),
      ...(closing && { latest: { at: moment(closing.min), ifMissed: closing.ifMissed } }),
    };
  });
  // what is looked at or used afterwards stands in the order of its time
  const lastWork = rows.findLastIndex((r) => r.step.kind === 'work');
  rows.push(...rows.splice(lastWork + 1).sort((a, b) => a.startMin - b.startMin));
  const work = rows.filter((r) => r.step.kind === 'work');
  const none = [ledger.stated('No work', 'duration', 0)];
  const free = placed.findLast((p) => p.step.kind === 'work')?.end ?? { min: 0, chain: [] };
  const open = placed.find((p) => p.step.sign === 'opens');
  const opens = open?.start ?? free;
  return {
    rows,
    total: ledger.compute(durationSum, { durationMin: free.chain.length > 0 ? free.chain : none }, 'From start to finish'),
    handsOn: ledger.compute(durationSum, { durationMin: work.length > 0 ? work.map((r) => r.step.minutes) : none }, 'By hand'),
    inUse: ledger.compute(durationSum, { durationMin: opens.chain.length > 0 ? opens.chain : none }, 'From start to use'),
    startAt,
    doneAt: moment(free.min),
    openAt: open ? moment(open.start.min) : moment(free.min),
  };
}
