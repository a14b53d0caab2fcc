import type { ClimateSeries, ClimateStretch } from '../../climate/series.ts';
import { within, without } from './hours.ts';
import { at, type Activity, type Problem, type Stretch } from './problem.ts';

/** Where work lies in working time. */
export interface Fit {
  readonly start: number;
  readonly end: number;
}

/** What is placed in working time: min before its start, its own, and after its end. */
interface Wanted {
  readonly before: number;
  readonly minutes: number;
  readonly after: number;
  readonly interrupt: boolean;
  /** min that the day must still have after its end */
  readonly clear?: number;
}

/** Working time of a crew at a place, and where work fits into it. */
export class Opening {
  readonly #stretches: readonly Stretch[];
  /** the day that each stretch lies in */
  readonly #dayOf: readonly number[];
  /** when the day of each stretch ends */
  readonly #closes: readonly number[];
  readonly #longest: number;
  readonly #dayMin: number;

  constructor(stretches: readonly Stretch[], dayOf: (min: number) => number) {
    this.#stretches = stretches;
    this.#dayOf = stretches.map((s) => dayOf(s.from));
    this.#longest = Math.max(0, ...stretches.map((s) => s.to - s.from));
    const byDay = new Map<number, number>();
    stretches.forEach((s, i) => byDay.set(this.#dayOf[i] ?? 0, (byDay.get(this.#dayOf[i] ?? 0) ?? 0) + s.to - s.from));
    const closes = new Map<number, number>();
    stretches.forEach((s, i) => closes.set(this.#dayOf[i] ?? 0, s.to));
    this.#closes = this.#dayOf.map((d) => closes.get(d) ?? 0);
    this.#dayMin = Math.max(0, ...byDay.values());
  }

  get stretches(): readonly Stretch[] {
    return this.#stretches;
  }

  /** The first stretch that is not over at a moment. */
  #from(min: number): number {
    let [low, high] = [0, this.#stretches.length];
    while (low < high) {
      const mid = (low + high) >> 1;
      if (at(this.#stretches, mid).to > min) high = mid;
      else low = mid + 1;
    }
    return low;
  }

  /** When work begun at a moment of a stretch is over, and in which stretch: breaks do not count, nor nights where it may go on over them. */
  #workedOff(i: number, start: number, minutes: number, overNight: boolean): { readonly end: number; readonly last: number } | undefined {
    let [now, left] = [start, minutes];
    for (let n = i; n < this.#stretches.length; n++) {
      if (!overNight && this.#dayOf[n] !== this.#dayOf[i]) return undefined;
      const { from, to } = at(this.#stretches, n);
      now = Math.max(now, from);
      if (left <= to - now) return { end: now + left, last: n };
      left -= to - now;
    }
    return undefined;
  }

  /**
   * The first place from a moment on at which work fits. Set-up lies directly before it and within the same stretch. What may not be
   * interrupted lies in one stretch, but for what is longer than any; what is longer than a day goes on over nights.
   * @returns nothing where it fits nowhere
   */
  fit(from: number, { before, minutes, after, interrupt, clear = 0 }: Wanted, grid: number): Fit | undefined {
    const long = minutes + before + after > this.#dayMin;
    const across = interrupt || minutes + before + after > this.#longest;
    for (let i = this.#from(from - before); i < this.#stretches.length; i++) {
      const { from: open, to: shut } = at(this.#stretches, i);
      const start = Math.ceil(Math.max(from, open + before) / grid) * grid;
      if (start >= shut) continue;
      if (!across) {
        if (start + minutes + after <= shut && start + minutes + clear <= at(this.#closes, i)) return { start, end: start + minutes };
        continue;
      }
      const done = this.#workedOff(i, start, minutes, long);
      if (!done || (!long && done.end + clear > at(this.#closes, i))) continue;
      if (done.end + after <= at(this.#stretches, done.last).to) return { start, end: done.end };
    }
    return undefined;
  }
}

/** When the ground is colder or warmer than something can be placed on; nothing where it is so from the start, for which the method itself provides. */
export function outsideBand(climate: ClimateSeries, { least, most }: { readonly least: number; readonly most: number }, until: number): Stretch[] {
  const out = ({ slabC }: ClimateStretch) => slabC < least || slabC > most;
  if (out(climate[0])) return [];
  return climate.flatMap((s, i) => (out(s) ? [{ from: Math.max(0, Math.floor(s.fromMin)), to: Math.ceil(climate[i + 1]?.fromMin ?? until) }] : []));
}

/** What an activity asks of working time besides who does it: activities that are alike in that share their openings. */
export function openingKey({ repair, loud, dry, band }: Activity, { repairs }: Problem): string {
  const ground = band ? [repair, band.least, band.most].join(' ') : '';
  return [at(repairs, repair).place, loud, dry, ground].join('|');
}

/** The openings of a problem, each made once. */
export class Openings {
  readonly #problem: Problem;
  readonly #known = new Map<string, Opening>();
  readonly dayOf: (min: number) => number;
  #shutKey = '';
  /** by the list of a crew itself and an activity, so that nothing is looked up by words in a search */
  #byCrew = new Map<readonly number[], Map<Activity, Opening>>();
  /** days on which nothing is begun */
  readonly shut = new Set<number>();

  constructor(problem: Problem) {
    this.#problem = problem;
    const { days } = problem;
    const [first = 0] = days;
    this.dayOf = (min) => {
      // days are about as long as each other: from where it would lie, a step or two
      let n = Math.min(Math.max(0, Math.floor((min - first) / 1440)), days.length - 1);
      while (n > 0 && (days[n] ?? 0) > min) n -= 1;
      while (n < days.length - 1 && (days[n + 1] ?? 0) <= min) n += 1;
      return n;
    };
  }

  /** Keeps to days, or lets them go again. */
  shutDays(days: readonly number[]): void {
    if (days.length === 0 && this.shut.size === 0) return;
    this.shut.clear();
    for (const day of days) this.shut.add(day);
    this.#shutKey = days.join(',');
    this.#byCrew = new Map();
  }

  /** When a crew may work at an activity. */
  of(act: Activity, people: readonly number[]): Opening {
    const own = this.#byCrew.get(people) ?? new Map<Activity, Opening>();
    this.#byCrew.set(people, own);
    const made = own.get(act) ?? this.#of(act, people);
    own.set(act, made);
    return made;
  }

  #of(act: Activity, people: readonly number[]): Opening {
    const { workers, places, repairs, days } = this.#problem;
    const place = at(repairs, act.repair).place;
    const key = [this.#shutKey, people.join(','), openingKey(act, this.#problem)].join('|');
    const known = this.#known.get(key);
    if (known) return known;
    const { open, quiet, rain } = at(places, place);
    let free: readonly Stretch[] = people.map((p) => at(workers, p).hours).reduce((a, b) => within(a, b));
    if (open) free = within(free, open);
    if (act.loud && quiet) free = without(free, quiet);
    if (act.dry && rain) free = without(free, rain);
    if (act.band) free = without(free, outsideBand(at(repairs, act.repair).climate, act.band, at(days, days.length - 1)));
    if (this.shut.size > 0)
      free = without(
        free,
        [...this.shut].map((d) => ({ from: at(days, d), to: at(days, d + 1) })),
      );
    const made = new Opening(free, this.dayOf);
    this.#known.set(key, made);
    return made;
  }
}
