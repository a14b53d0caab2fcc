import { compoundDrying } from '../climate/drying.ts';
import type { ClimateSeries } from '../climate/series.ts';
import { workingMultiplier } from '../cure/reaction.ts';
import { cureProgress, progressEndMin, type CureProgress } from '../cure/progress.ts';
import type { Lag, Link, Network, Step } from '../method/step.ts';
import { durationSum } from '../mixing/workPace.ts';
import type { Figure } from '../quantity/figure.ts';
import { evaluate } from '../quantity/formula.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { round12 } from '../quantity/round.ts';
import type { Saying } from '../quantity/saying.ts';

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

function lagEnd(lag: Lag, fromMin: number, climate: ClimateSeries): number {
  if (lag.by === 'fixed') return fromMin + lag.minutes.value;
  if (lag.by === 'drying') {
    const { thicknessMm, cover, draft } = lag;
    return progressEndMin(
      fromMin,
      climate,
      ({ airC, humidityPct }) => 1 / evaluate(compoundDrying, { airC, humidityPct, thicknessMm: thicknessMm.value, cover: cover.value, draft: draft.value }),
    );
  }
  if (lag.by === 'gel' || lag.by === 'window') {
    const { by, at23 } = lag;
    const times = (slabC: number) => (by === 'gel' ? workingMultiplier(slabC) : Math.min(1, workingMultiplier(slabC)));
    return progressEndMin(fromMin, climate, ({ slabC }) => 1 / (at23.value * times(slabC)));
  }
  if (lag.at23.value === 0) return fromMin;
  const { cure, at23, stopsBelow } = lag;
  const law: CureProgress['law'] =
    cure.by === 'arrhenius'
      ? { by: 'arrhenius', activationKjMol: cure.activation.value }
      : cure.by === 'equivalent-age'
        ? { by: 'equivalent-age', activationK: cure.activation.value }
        : cure;
  return progressEndMin(fromMin, climate, ({ slabC }) =>
    cureProgress({ at23Min: at23.value, law, ...(stopsBelow && { stopsBelowC: stopsBelow.value }) }, slabC),
  );
}

const minuteMs = 60_000;

/** A moment of the schedule, and the times that add up to it along the longest path. */
interface Reached {
  readonly min: number;
  readonly chain: readonly Figure[];
}

/** The instant so many minutes after a start (an instant, or its milliseconds), to the second. */
export function instantAfter(startAt: string | number, minutes: number): string {
  const startMs = typeof startAt === 'number' ? startAt : Date.parse(startAt);
  return new Date(Math.round((startMs + minutes * minuteMs) / 1000) * 1000).toISOString();
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

/** By when a step must have begun: the first of its windows to close. */
function latestOf(links: readonly Link[], from: (link: Link) => number, climate: ClimateSeries, moment: (min: number) => string): Timed['latest'] {
  let first: { readonly min: number; readonly ifMissed: Saying } | undefined;
  for (const link of links) {
    if (!link.most) continue;
    const min = round12(lagEnd(link.most.lag, from(link), climate));
    if (!first || min < first.min) first = { min, ifMissed: link.most.ifMissed };
  }
  return first && { at: moment(first.min), ifMissed: first.ifMissed };
}

/**
 * Places the steps of a network on the clock: one crew, steps in their order, each no earlier than its
 * links allow in this climate. The climate's first stretch begins at the start of the work.
 *
 * @example
 * schedule(ledger, method, constantClimate(20, 18, 50), job.startAt)
 */
export function schedule(ledger: Ledger, network: Network, climate: ClimateSeries, startAt: string): Schedule {
  const starts = new Map<string, Reached>();
  const ends = new Map<string, Reached>();
  const into = new Map<string, Link[]>();
  for (const link of network.links) into.set(link.to, [...(into.get(link.to) ?? []), link]);
  const startMs = Date.parse(startAt);
  const moments = new Map<number, string>();
  const moment = (min: number) => {
    const known = moments.get(min) ?? instantAfter(startMs, min);
    moments.set(min, known);
    return known;
  };
  const nothing: Reached = { min: 0, chain: [] };
  const anchor = (link: Link) => (link.after === 'start' ? starts : ends).get(link.from) ?? nothing;
  const rows: Timed[] = [];
  let free = nothing;
  const waits: number[] = [];
  for (const step of network.steps) {
    const links = into.get(step.id) ?? [];
    const start = earliestOf(links, anchor, free, climate);
    const latest = latestOf(links, (link) => anchor(link).min, climate, moment);
    const end: Reached = step.kind === 'work' ? { min: round12(start.min + step.minutes.value), chain: [...start.chain, step.minutes] } : start;
    // a wait lasts until the next step may begin: its end is filled in by that step
    if (step.kind === 'wait') waits.push(rows.length);
    else {
      for (const i of waits) {
        const row = rows[i];
        if (row) rows[i] = { ...row, endMin: start.min, end: moment(start.min) };
      }
      waits.length = 0;
    }
    starts.set(step.id, start);
    ends.set(step.id, end);
    rows.push({ step, startMin: start.min, endMin: end.min, start: moment(start.min), end: moment(end.min), ...(latest && { latest }) });
    if (step.kind === 'work') free = end;
  }
  // what is looked at or used afterwards stands in the order of its time
  const lastWork = rows.findLastIndex((r) => r.step.kind === 'work');
  rows.push(...rows.splice(lastWork + 1).sort((a, b) => a.startMin - b.startMin));
  const work = rows.filter((r) => r.step.kind === 'work');
  const none = [ledger.stated('No work', 'duration', 0)];
  const openRow = rows.find((r) => r.step.sign === 'opens');
  const opens = (openRow && starts.get(openRow.step.id)) ?? free;
  return {
    rows,
    total: ledger.compute(durationSum, { durationMin: free.chain.length > 0 ? free.chain : none }, 'From start to finish'),
    handsOn: ledger.compute(durationSum, { durationMin: work.length > 0 ? work.map((r) => r.step.minutes) : none }, 'By hand'),
    inUse: ledger.compute(durationSum, { durationMin: opens.chain.length > 0 ? opens.chain : none }, 'From start to use'),
    startAt,
    doneAt: moment(free.min),
    openAt: openRow?.start ?? moment(free.min),
  };
}
