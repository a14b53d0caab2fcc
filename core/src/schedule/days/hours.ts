import { siteDateTime, siteInstant } from '../../quantity/siteTime.ts';
import { clockMinutes, type WorkingHours } from '../../survey/hours.ts';
import type { Stretch } from './problem.ts';
import { dateAfter, weekday } from '../dates.ts';

/** The days of a job: their dates at the site, and the axis in min from its start. */
export class DayAxis {
  readonly dates: readonly string[];
  readonly #startMs: number;
  readonly #index: ReadonlyMap<string, number>;
  #days: readonly number[] | undefined;
  readonly startAt: string;
  readonly timeZone: string;

  /** @param count days that are looked at, the one of the start being the first */
  constructor(startAt: string, timeZone: string, count: number) {
    this.startAt = startAt;
    this.timeZone = timeZone;
    this.#startMs = Date.parse(startAt);
    const { date } = siteDateTime(startAt, timeZone);
    this.dates = Array.from({ length: count + 1 }, (_v, n) => dateAfter(date, n));
    this.#index = new Map(this.dates.map((d, n) => [d, n]));
  }

  /** A clock time of a date at the site, in whole min from the start. */
  min(date: string, time: string): number {
    const n = this.#index.get(date);
    const [from, to] = n === undefined ? [undefined, undefined] : [this.days[n], this.days[n + 1]];
    // the clock is set on a day that is longer or shorter than others: there it is looked up
    return from !== undefined && to !== undefined && to - from === 1440 ? from + clockMinutes(time) : this.#exact(date, time);
  }

  #exact(date: string, time: string): number {
    return Math.round((Date.parse(siteInstant(date, time, this.timeZone)) - this.#startMs) / 60_000);
  }

  /** Where each day begins; the last one is where what is looked at ends. */
  get days(): readonly number[] {
    this.#days ??= this.dates.map((date) => this.#exact(date, '00:00'));
    return this.#days;
  }
}

/** Somebody's hours where they differ from the firm's: dates on which he is not there, and dates with hours of their own. */
export interface OwnHours {
  readonly off?: readonly string[];
  readonly on?: readonly { readonly date: string; readonly from: string; readonly to: string }[];
  /** away for a part of a day: at another job, the way to and from it included, or for himself */
  readonly away?: readonly { readonly date: string; readonly from: string; readonly to: string }[];
}

/**
 * Working stretches from the start of a job. The day of the start is worked whatever day of the week it is, from that moment: somebody
 * said so. Dates with hours of their own are worked by these, also at a weekend.
 */
export function workingStretches(hours: WorkingHours, axis: DayAxis, own: OwnHours = {}): Stretch[] {
  const out: Stretch[] = [];
  const add = (from: number, to: number) => {
    if (to > Math.max(from, 0)) out.push({ from: Math.max(from, 0), to });
  };
  axis.dates.slice(0, -1).forEach((date, n) => {
    if (own.off?.includes(date) === true) return;
    const special = own.on?.find((o) => o.date === date);
    if (!special && n > 0 && !hours.days.includes(weekday(date))) return;
    const [from, to] = [n === 0 && !special ? 0 : axis.min(date, special?.from ?? hours.from), axis.min(date, special?.to ?? hours.to)];
    const pause = hours.pause && { from: axis.min(date, hours.pause.from), to: axis.min(date, hours.pause.to) };
    if (!pause || pause.from <= from || pause.to >= to) return add(from, to);
    add(from, pause.from);
    add(pause.to, to);
  });
  const away = (own.away ?? []).map((a) => ({ from: axis.min(a.date, a.from), to: axis.min(a.date, a.to) }));
  return without(out, away);
}

/** What lies in both of two lists of stretches. */
export function within(a: readonly Stretch[], b: readonly Stretch[]): Stretch[] {
  const out: Stretch[] = [];
  for (let i = 0, j = 0; i < a.length && j < b.length;) {
    const [one, two] = [a[i], b[j]];
    if (!one || !two) break;
    const [from, to] = [Math.max(one.from, two.from), Math.min(one.to, two.to)];
    if (from < to) out.push({ from, to });
    if (one.to < two.to) i += 1;
    else j += 1;
  }
  return out;
}

/** What of stretches is left outside others. */
export function without(a: readonly Stretch[], out: readonly Stretch[]): Stretch[] {
  const cut = [...out].sort((x, y) => x.from - y.from);
  return a.flatMap(({ from, to }) => {
    const left: Stretch[] = [];
    let now = from;
    for (const c of cut) {
      if (c.to <= now || c.from >= to) continue;
      if (c.from > now) left.push({ from: now, to: c.from });
      now = Math.max(now, c.to);
    }
    if (now < to) left.push({ from: now, to });
    return left;
  });
}
