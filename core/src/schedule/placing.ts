import type { ClimateSeries } from '../climate/series.ts';
import type { Link, Network, Step } from '../method/step.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { round12 } from '../quantity/round.ts';
import type { Saying } from '../quantity/saying.ts';
import { roundTheClock, type Calendar } from './calendar.ts';
import { lagEnd } from './lagEnd.ts';

/** A moment of the schedule, and the times that add up to it along the longest path. */
export interface Reached {
  readonly min: number;
  readonly chain: readonly Figure[];
}

/** From when a step may begin: when the crew is free, and no shortest lag before it still runs. */
function earliestOf(links: readonly Link[], from: (link: Link) => Reached, free: Reached, climate: ClimateSeries): Reached {
  let start = free;
  for (const link of links) {
    if (!link.least) continue;
    const { min: begun, chain } = from(link);
    const min = round12(lagEnd(link.least, begun, climate));
    if (min > start.min) start = { min, chain: [...chain, link.least.minutes] };
  }
  return start;
}

/** A window of a step: until when, and the step that opened it. */
interface Closing {
  readonly min: number;
  readonly from: string;
  readonly ifMissed: Saying;
}

/** By when a step must have begun: the first of its windows to close. */
function closingOf(links: readonly Link[], from: (link: Link) => number, climate: ClimateSeries): Closing | undefined {
  let first: Closing | undefined;
  for (const link of links) {
    if (!link.most) continue;
    const min = round12(lagEnd(link.most.lag, from(link), climate));
    if (!first || min < first.min) first = { min, from: link.from, ifMissed: link.most.ifMissed };
  }
  return first;
}

/** A step on the axis, before moments are told as instants. */
export interface Placed {
  readonly step: Step;
  readonly start: Reached;
  readonly end: Reached;
  readonly closing?: Closing;
}

/** Tolerance of a moment, in min. */
const nearly = 1e-6;

/** Where a step of work begins in working time, and when it ends. */
function inHours({ kind, minutes, handsOn }: Step, from: number, calendar: Calendar, hurried: boolean): readonly [start: number, end: number] {
  if (kind !== 'work') return [from, from];
  const length = minutes.value;
  const along = (at: number) => (handsOn?.interrupt === true && !hurried ? calendar.workedOff(at, length) : at + length);
  const begin = calendar.openFrom(from, hurried);
  // what takes longer than a day is begun and gone on with; everything else is begun on a day on which it is done
  if (along(begin) <= calendar.closes(begin) + nearly || length > calendar.dayMin) return [begin, along(begin)];
  const next = calendar.openFrom(calendar.closes(begin));
  return [next, along(next)];
}

/** A step that has to be put off until another day, so that nothing closes or goes stale overnight. */
interface PutOff {
  readonly putOff: string;
  readonly until: number;
}

/** What steps are placed by, and what is placed so far. */
interface Placing {
  readonly ledger: Ledger;
  readonly into: ReadonlyMap<string, readonly Link[]>;
  readonly climate: ClimateSeries;
  readonly calendar: Calendar;
  /** steps that are put off until another day */
  readonly notBefore: ReadonlyMap<string, number>;
  /** whether a step would meet its window, were there no nights */
  readonly inTime: (step: string) => boolean;
  readonly done: Map<string, Placed>;
  /** the last work */
  last: Placed | undefined;
  /** what was readied for the next work, and does not keep over night */
  ready: Placed | undefined;
}

const nothing: Reached = { min: 0, chain: [] };

/** The step that has to be put off, where one of these begins too late because of the night. */
function tooLate({ calendar, inTime, ready }: Placing, step: Step, start: number, closing: Closing | undefined): string | undefined {
  if (closing && start > closing.min + nearly && inTime(step.id)) return closing.from;
  // what is kept wet for a day and more spans the night as it is
  if (step.kind !== 'work' || !ready || ready.step.minutes.value >= calendar.dayMin) return undefined;
  return start >= calendar.closes(calendar.openFrom(ready.start.min)) ? ready.step.id : undefined;
}

/** Putting a step off until the next day; nothing where it is the first thing of a day already, and no day helps. */
function putOff({ calendar, done, notBefore }: Placing, step: string): PutOff | undefined {
  const at = done.get(step)?.start.min ?? 0;
  if (calendar.openFrom(at - nearly) === at && notBefore.get(step) === at) return undefined;
  return { putOff: step, until: calendar.openFrom(calendar.closes(calendar.openFrom(at))) };
}

/** A step from one moment to another, with the times that add up to both. */
function reached({ ledger, notBefore }: Placing, step: Step, may: Reached, start: number, end: number): { readonly start: Reached; readonly end: Reached } {
  const stated = (label: string, minutes: number) => (minutes > nearly ? [ledger.stated(label, 'duration', round12(minutes))] : []);
  const begun: Reached = { min: round12(start), chain: [...may.chain, ...stated('Outside working hours', start - may.min)] };
  const { minutes } = step;
  if (step.kind === 'work') {
    const breaks = stated('Breaks and nights within it', end - start - minutes.value);
    return { start: begun, end: { min: round12(end), chain: [...begun.chain, minutes, ...breaks] } };
  }
  // what is wetted on another morning is kept wet for its whole time then
  const again = step.straightOn === true && notBefore.has(step.id);
  return { start: begun, end: again ? { min: round12(start + minutes.value), chain: [...begun.chain, minutes] } : begun };
}

/** Places one step after those that are placed. */
function placeOne(placing: Placing, step: Step): Placed | PutOff {
  const { into, climate, calendar, notBefore, done, last, ready } = placing;
  const work = step.kind === 'work';
  const links = into.get(step.id) ?? [];
  const anchor = (link: Link): Reached => done.get(link.from)?.[link.after] ?? nothing;
  const free = last?.end ?? nothing;
  const may = earliestOf(links, anchor, work && ready && ready.end.min > free.min ? ready.end : free, climate);
  const closing = closingOf(links, (link) => anchor(link).min, climate);
  // no break is kept while a window closes, nor with tools on which a mix sets
  let [start, end] = inHours(step, Math.max(may.min, notBefore.get(step.id) ?? 0), calendar, closing !== undefined || step.cleans === true);
  const late = tooLate(placing, step, start, closing);
  if (late !== undefined) {
    const off = putOff(placing, late);
    if (off) return off;
    // it takes longer than a day, and is worked through
    [start, end] = [may.min, may.min + (work ? step.minutes.value : 0)];
  }
  return { step, ...reached(placing, step, may, start, end), ...(closing && { closing }) };
}

/** Places every step once, each no earlier than it may; or says which of them has to be put off. */
function placeAll(steps: readonly Step[], placing: Placing): readonly Placed[] | PutOff {
  for (const step of steps) {
    const placed = placeOne(placing, step);
    if ('putOff' in placed) return placed;
    placing.done.set(step.id, placed);
    if (step.kind === 'work') placing.last = placed;
    if (step.kind === 'work' || step.straightOn === true) placing.ready = step.straightOn === true ? placed : undefined;
  }
  return [...placing.done.values()];
}

/** Every step placed; what would close or go stale overnight is put off to the next day. */
export function placedIn(ledger: Ledger, network: Network, climate: ClimateSeries, calendar: Calendar): readonly Placed[] {
  const into = new Map<string, Link[]>();
  for (const link of network.links) into.set(link.to, [...(into.get(link.to) ?? []), link]);
  const begin = (by: Calendar, notBefore: ReadonlyMap<string, number>, inTime: Placing['inTime']) =>
    placeAll(network.steps, { ledger, into, climate, calendar: by, notBefore, inTime, done: new Map(), last: undefined, ready: undefined });
  /** as they would stand without hours */
  const without = () => {
    const placed = begin(roundTheClock, new Map(), () => false);
    if ('putOff' in placed) throw new Error('nothing is put off where there are no nights');
    return placed;
  };
  const notBefore = new Map<string, number>();
  let free: ReadonlySet<string> | undefined;
  const inTime = (step: string) => {
    free ??= new Set(without().flatMap((p) => (p.closing && p.start.min > p.closing.min + nearly ? [] : [p.step.id])));
    return free.has(step);
  };
  // each round puts one step off by a day at least: a method that never comes to rest is worked through as it is
  for (let round = 0; round < 8 * network.steps.length; round++) {
    const placed = begin(calendar, notBefore, inTime);
    if (!('putOff' in placed)) return placed;
    notBefore.set(placed.putOff, placed.until);
  }
  return without();
}
