import { Opening, openingKey, Openings } from './fitting.ts';
import { lawTable, never, type Law } from './laws.ts';
import { at, firstOf, mayDo, type Problem, type Stretch } from './problem.ts';

/** Earliest starts and ends of activities, and latest ones for an end of all; no plan begins or ends one outside them. */
export interface Times {
  readonly earliest: readonly number[];
  readonly earliestEnd: readonly number[];
}

/** Hours in which any of those who can is there, as one list. */
export function anyOf(lists: readonly (readonly Stretch[])[]): Stretch[] {
  const all = lists.flat().sort((a, b) => a.from - b.from);
  const out: { from: number; to: number }[] = [];
  for (const s of all) {
    const last = out[out.length - 1];
    if (last && s.from <= last.to) last.to = Math.max(last.to, s.to);
    else out.push({ ...s });
  }
  return out;
}

/**
 * What holds for every plan: each activity by its fastest crew, in the hours of all who can do it together, without set-up, covering,
 * or anybody being at something else. Forwards from the start, and backwards from an end.
 */
export class Propagation {
  readonly problem: Problem;
  readonly #laws: readonly { readonly least: Law; readonly most: Law }[];
  readonly #openings: readonly Opening[];
  readonly shortest: readonly number[];
  /** the fewest person-minutes */
  readonly leastWork: readonly number[];
  readonly order: readonly number[];
  readonly #each: Openings;
  readonly #dayOf: (min: number) => number;
  #times: Times | undefined;

  constructor(problem: Problem) {
    this.problem = problem;
    const { activities, ties, repairs, workers } = problem;
    const law = lawTable();
    this.#laws = ties.map((t) => {
      const { climate } = at(repairs, at(activities, t.from).repair);
      return { least: law(t.least, climate), most: law(t.most, climate) };
    });
    const each = new Openings(problem);
    this.#each = each;
    this.#dayOf = each.dayOf;
    const made = new Map<string, Opening>();
    this.#openings = activities.map((a) => {
      const able = workers.flatMap((_w, i) => (mayDo(problem, a, [i]) ? [i] : []));
      const key = [able.join(','), openingKey(a, problem)].join('|');
      const known = made.get(key) ?? new Opening(anyOf(able.map((w) => each.of(a, [w]).stretches)), each.dayOf);
      made.set(key, known);
      return known;
    });
    this.shortest = activities.map((a) => (a.ways.length === 0 ? 0 : Math.min(...a.ways.map((w) => w.minutes))));
    this.leastWork = activities.map((a) => (a.ways.length === 0 ? 0 : Math.min(...a.ways.map((w) => w.minutes * w.people))));
    // ties of a repair go from what stands before to what stands behind
    this.order = activities.map((_a, i) => i);
  }

  opening(act: number): Opening {
    return at(this.#openings, act);
  }

  /** Earliest starts and ends: windows push what they are counted from as far as what has to follow needs it. */
  get times(): Times {
    if (this.#times) return this.#times;
    const { activities, ties, days } = this.problem;
    const earliest = activities.map((a) => firstOf(this.problem, a));
    const earliestEnd = activities.map(() => 0);
    const into = activities.map((_a, i) => ties.flatMap((t, n) => (t.to === i ? [n] : [])));
    for (let round = 0, moved = true; moved && round < 200; round++) {
      moved = false;
      for (const i of this.order) {
        let from = at(earliest, i);
        for (const n of at(into, i)) {
          const t = at(ties, n);
          from = Math.max(from, at(this.#laws, n).least.least(at(t.after === 'start' ? earliest : earliestEnd, t.from)));
        }
        const act = at(activities, i);
        if (act.done) [earliest[i], earliestEnd[i]] = [act.done.start, act.done.end];
        if (act.done) continue;
        const fit =
          act.ways.length === 0 || from === never
            ? { start: from, end: from }
            : at(this.#openings, i).fit(from, { before: 0, minutes: at(this.shortest, i), after: 0, interrupt: act.interrupt }, this.problem.grid);
        const [start, end] = fit ? [fit.start, fit.end] : [never, never];
        if (start !== earliest[i] || end !== earliestEnd[i]) [earliest[i], earliestEnd[i], moved] = [start, end, true];
      }
      ties.forEach((t, n) => {
        const to = at(earliest, t.to);
        if (to === never) return;
        const { most } = at(this.#laws, n);
        const anchor = at(t.after === 'start' ? earliest : earliestEnd, t.from);
        let least = at(earliest, t.from);
        if (t.most && most.most(anchor) < to)
          least = Math.max(least, at(earliest, t.from) + Math.max(1, Math.floor((to - most.most(anchor)) * (t.most.by === 'fixed' ? 1 : 0))));
        if (t.sameDay === true && this.#dayOf(at(earliest, t.from)) < this.#dayOf(to)) least = Math.max(least, at(days, this.#dayOf(to)));
        if (least > at(earliest, t.from)) [earliest[t.from], moved] = [least, true];
      });
    }
    this.#times = { earliest, earliestEnd };
    return this.#times;
  }

  /** When work ends that was set by hand. */
  #pinnedEnd(act: number): number {
    const { activities, grid } = this.problem;
    const { pin, ways, interrupt } = at(activities, act);
    const minutes = ways.find((w) => w.people === pin?.people.length)?.minutes;
    if (!pin || minutes === undefined) return never;
    return this.#each.of(at(activities, act), pin.people).fit(pin.start, { before: 0, minutes, after: 0, interrupt }, grid)?.end ?? never;
  }

  /** Latest ends of work for an end of all: before it no plan that ends by then can end it later. */
  latestEnds(endMin: number): readonly number[] {
    const { activities, ties, repairs } = this.problem;
    const latest = activities.map((a, i) => {
      if (a.ways.length === 0) return never;
      if (a.done) return a.done.end;
      return Math.min(endMin, at(repairs, a.repair).due ?? never, this.#pinnedEnd(i));
    });
    for (const i of [...this.order].reverse()) {
      ties.forEach((t, n) => {
        if (t.from !== i) return;
        const next = at(activities, t.to);
        const start = next.ways.length === 0 ? never : at(latest, t.to) - at(this.shortest, t.to);
        if (start === never) return;
        // what is counted from a start leaves its end open: a slower crew or a break may draw it out
        if (t.after === 'end') latest[i] = Math.min(at(latest, i), at(this.#laws, n).least.latestFrom(start));
      });
    }
    return latest;
  }
}
