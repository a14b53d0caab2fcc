import { Figure } from './figure.ts';
import { show } from './show.ts';
import type { UnitSystem } from './kind.ts';

/** A moment, kept as an ISO instant; shown in the site's time zone. */
export interface Instant {
  readonly instant: string;
}

export type Part = string | Figure | Instant;

/** A sentence of the core: words, figures and moments, with no unit set until it is shown. */
export type Saying = readonly Part[];

export function instant(at: string): Instant {
  return { instant: at };
}

/**
 * The template of a sentence: say`The crack is ${width}.` Words may be put in as strings or sayings.
 *
 * @example
 * say`Wait ${minutes}, then look.`
 */
export function say(words: TemplateStringsArray, ...parts: readonly (Part | Saying)[]): Saying {
  const out: Part[] = [];
  const push = (part: Part) => {
    const last = out[out.length - 1];
    if (typeof part === 'string' && typeof last === 'string') out[out.length - 1] = last + part;
    else if (part !== '') out.push(part);
  };
  words.forEach((word, i) => {
    push(word);
    const part = parts[i];
    if (part === undefined) return;
    if (Array.isArray(part)) for (const each of part as Saying) push(each);
    else push(part as Part);
  });
  return out;
}

export interface Telling {
  readonly units: UnitSystem;
  /** IANA name of the site's time zone */
  readonly timeZone: string;
  /** the day that needs no name, as an instant within it; another day is named */
  readonly day?: string;
}

interface Clock {
  readonly time: Intl.DateTimeFormat;
  readonly date: Intl.DateTimeFormat;
  readonly weekday: Intl.DateTimeFormat;
}

const clocks = new Map<string, Clock>();

function clockOf(timeZone: string): Clock {
  let clock = clocks.get(timeZone);
  if (!clock) {
    clock = {
      time: new Intl.DateTimeFormat('en-US', { timeZone, hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }),
      date: new Intl.DateTimeFormat('en-CA', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' }),
      weekday: new Intl.DateTimeFormat('en-US', { timeZone, weekday: 'short', month: 'short', day: 'numeric' }),
    };
    clocks.set(timeZone, clock);
  }
  return clock;
}

/** The clock time of a moment at the site, such as 14:20, with the day where it is not the day named. */
export function clockTime(at: string, { timeZone, day }: Omit<Telling, 'units'>): string {
  const clock = clockOf(timeZone);
  const moment = new Date(at);
  const time = clock.time.format(moment);
  if (day === undefined || clock.date.format(moment) === clock.date.format(new Date(day))) return time;
  return `${clock.weekday.format(moment)}, ${time}`;
}

/** The day of a moment at the site, such as Tue, Jun 2. */
export function dayName(at: string, timeZone: string): string {
  return clockOf(timeZone).weekday.format(new Date(at));
}

/** The day of a moment at the site with its year, such as Tue, Jun 2, 2026: for what is kept or printed. */
export function fullDay(at: string, timeZone: string): string {
  return `${dayName(at, timeZone)}, ${clockOf(timeZone).date.format(new Date(at)).slice(0, 4)}`;
}

/** A moment at the site with its year, such as Tue, Jun 2, 2026, 14:20: for what is kept or printed. */
export const fullMoment = (at: string, timeZone: string): string => `${fullDay(at, timeZone)}, ${clockTime(at, { timeZone })}`;

/**
 * A moment at the site by day and time, such as Tue, Jun 2, 14:20; with the year where it is another than now.
 * @param now ISO instant
 */
export function momentName(at: string, timeZone: string, now: string): string {
  const yearOf = (moment: string) => clockOf(timeZone).date.format(new Date(moment)).slice(0, 4);
  return yearOf(at) === yearOf(now) ? `${dayName(at, timeZone)}, ${clockTime(at, { timeZone })}` : fullMoment(at, timeZone);
}

/** Whether two time zones show another time at a moment. */
export const zonesDiffer = (a: string, b: string, at: string): boolean =>
  clockOf(a).date.format(new Date(at)) !== clockOf(b).date.format(new Date(at)) || clockTime(at, { timeZone: a }) !== clockTime(at, { timeZone: b });

/** The name of a date, such as Tue, Jun 2. */
export const dateName = (date: string): string => dayName(`${date}T12:00:00Z`, 'UTC');

/** A date with its year, such as Tue, Jun 2, 2026: for what is kept, or lies in another year. */
export const fullDate = (date: string): string => fullDay(`${date}T12:00:00Z`, 'UTC');

/** A saying as plain text in the given units and site time. */
export function tell(saying: Saying, how: Telling): string {
  return saying
    .map((part) => {
      if (typeof part === 'string') return part;
      if (part instanceof Figure) return show(part, how.units).text;
      return clockTime(part.instant, how);
    })
    .join('');
}
