import { siteDateTime, siteInstant } from '../quantity/siteTime.ts';
import { clockMinutes, type WorkingHours } from '../survey/hours.ts';
import { dateAfter, weekday } from './dates.ts';

/** Working time on the axis of a plan, in min from its start. */
export interface Calendar {
  /** the first moment of working time at or after one; `through` works through breaks */
  readonly openFrom: (min: number, through?: boolean) => number;
  /** the end of the working day that a moment of working time lies in */
  readonly closes: (min: number) => number;
  /** when work begun at a moment is over: breaks, and nights where it goes on over them, do not count */
  readonly workedOff: (min: number, minutes: number) => number;
  /** working minutes of a whole day */
  readonly dayMin: number;
}

/** Nobody's hours: work goes on whenever it can. */
export const roundTheClock: Calendar = {
  openFrom: (min) => min,
  closes: () => Number.POSITIVE_INFINITY,
  workedOff: (min, minutes) => min + minutes,
  dayMin: Number.POSITIVE_INFINITY,
};

interface Day {
  readonly open: number;
  readonly close: number;
  readonly pause?: { readonly from: number; readonly to: number };
}

/** Days that one looks ahead for the next one with work; with no day of work in them there is none at all. */
const farthest = 400;

/**
 * Working time of a firm at a site, from the start of the work. The day on which it starts is worked whatever day it is, from the
 * moment of the start: somebody said so. Started after hours it is as long as a usual one.
 */
export function workingCalendar(hours: WorkingHours, timeZone: string, startAt: string): Calendar {
  const startMs = Date.parse(startAt);
  const began = siteDateTime(startAt, timeZone);
  const known: (Day | undefined)[] = [];
  const at = (date: string, time: string) => (Date.parse(siteInstant(date, time, timeZone)) - startMs) / 60_000;
  const made = (n: number): Day | undefined => {
    const date = dateAfter(began.date, n);
    if (n > 0 && !hours.days.includes(weekday(date))) return undefined;
    const [opens, closes] = [at(date, hours.from), at(date, hours.to)];
    const open = n === 0 ? 0 : opens;
    const close = n === 0 && closes <= 0 ? closes - opens : closes;
    const pause = hours.pause && { from: at(date, hours.pause.from), to: at(date, hours.pause.to) };
    return { open, close, ...(pause && pause.from >= open && pause.to <= close && { pause }) };
  };
  const day = (n: number) => {
    if (!(n in known)) known[n] = made(n);
    return known[n];
  };
  /** the first day with working time after a moment */
  const dayFrom = (min: number): Day => {
    for (let n = Math.max(0, Math.floor(min / 1440) - 1), last = n + farthest; n <= last; n++) {
      const one = day(n);
      if (one && one.close > min) return one;
    }
    return { open: min, close: Number.POSITIVE_INFINITY };
  };
  const openFrom = (min: number, through = false) => {
    const one = dayFrom(min);
    const open = Math.max(min, one.open);
    return !through && one.pause && open >= one.pause.from && open < one.pause.to ? one.pause.to : open;
  };
  const workedOff = (min: number, minutes: number): number => {
    let [now, left] = [min, minutes];
    for (;;) {
      const one = dayFrom(now);
      now = Math.max(now, one.open);
      const until = one.pause && now < one.pause.from ? one.pause.from : one.close;
      if (left <= until - now) return now + left;
      left -= until - now;
      now = one.pause && until === one.pause.from ? one.pause.to : until;
    }
  };
  const pauseMin = hours.pause ? clockMinutes(hours.pause.to) - clockMinutes(hours.pause.from) : 0;
  return { openFrom, closes: (min) => dayFrom(min).close, workedOff, dayMin: clockMinutes(hours.to) - clockMinutes(hours.from) - pauseMin };
}
