import type { Taste, Unplaced } from './build.ts';
import { lowerBound } from './bound.ts';
import { Filler } from './fill.ts';
import { never } from './laws.ts';
import type { Hold } from './lines.ts';
import { at, type Placement, type Problem } from './problem.ts';
import { Standing } from './standing.ts';
import { compared, compareScores, leads, type Aim, type Score } from './score.ts';

/** A plan as found, before it is told. */
export interface Found {
  readonly placements: readonly Placement[];
  readonly holds: readonly (Hold | undefined)[];
  /** by when each activity must have begun, in min; never where nothing closes */
  readonly closes: readonly number[];
  /** what each activity waits for by what comes before it alone, and until when */
  readonly ready: readonly { readonly min: number; readonly hold: Hold }[];
  readonly unplaced: readonly Unplaced[];
  readonly score: Score;
  readonly rounds: number;
}

/** How long one looks, and how it is followed. */
export interface Search {
  readonly aim: Aim;
  /** tries at something better; the same number gives the same plan everywhere */
  readonly rounds: number;
  readonly seed: number;
  /** a plan that holds for this problem too, to begin from: what is found is no worse */
  readonly from?: readonly Placement[];
  /** begun from that alone, not from plans built anew besides */
  readonly alone?: true;
  /** only its score is wanted: nothing is said of why */
  readonly bare?: true;
  /** told now and then how far it is, with what is best so far; false stops it there */
  readonly progress?: (done: number, best: Score) => boolean;
}

/** What stood, to be put back. */
export interface Kept {
  readonly act: number;
  readonly start: number;
  readonly end: number;
  readonly people: readonly number[];
  readonly hold: Hold;
}

/** A whole plan, to go back to. */
export interface Snapshot {
  readonly score: Score;
  readonly kept: readonly Kept[];
  readonly unplaced: readonly Unplaced[];
}

/** Takes some repairs off and puts them back, one way or another. */
export class Improver extends Filler {
  readonly #search: Search;
  /** an end that no plan is before */
  #target = never;

  constructor(problem: Problem, search: Search) {
    super(problem, search.seed);
    this.#search = search;
  }

  score(): Score {
    const { roster } = this.builder;
    const { repairs } = this.problem;
    let [late, end, ends, spill] = [0, 0, 0, 0];
    this.acts.forEach((acts, r) => {
      let last = 0;
      for (const i of acts) {
        if (at(roster.crew, i).length === 0) continue;
        last = Math.max(last, at(roster.end, i));
        spill += Math.max(0, at(roster.end, i) - this.#target);
      }
      late += Math.max(0, last - (at(repairs, r).due ?? never));
      end = Math.max(end, last);
      ends += last;
    });
    return { unplaced: this.unplaced.size, late, visits: roster.worked.size, end, slack: this.#search.aim === 'date' ? this.#slack() : 1, ends, spill };
  }

  /** The smallest share of a window that is left. */
  #slack(): number {
    const { roster } = this.builder;
    let least = 1;
    this.problem.activities.forEach((_a, i) => {
      if (!roster.isPlaced(i)) return;
      const { min, tie } = roster.latest(i);
      const one = this.problem.ties[tie];
      if (!one?.most || one.habit === true) return;
      const from = at(one.after === 'start' ? roster.start : roster.end, one.from);
      if (min > from) least = Math.min(least, (min - at(roster.start, i)) / (min - from));
    });
    return Math.round(least * 100) / 100;
  }

  /** Begins with a few whole plans, and keeps the best. */
  begin(): Score {
    const all = this.problem.repairs.map((_r, i) => i);
    let best: Snapshot | undefined;
    const tries: readonly (readonly [order: readonly number[], taste: Taste])[] = [
      [[], { perPersonMin: 0 }],
      [[], { perPersonMin: 0.5 }],
      [all, { perPersonMin: 0.25 }],
    ];
    for (const [order, taste] of this.#search.alone ? [] : tries) {
      this.builder.takeOff(all);
      this.unplaced.clear();
      if (order.length === 0) this.byLatest(all, taste, 0);
      else this.fill(order, taste);
      const score = this.score();
      if (!best || compareScores(score, best.score, this.#search.aim) < 0) best = this.snapshot(score);
      // a large job, and whoever asks for no search, has the first plan at once
      if (this.problem.activities.length > 1500 || this.#search.rounds === 0) break;
    }
    const { from } = this.#search;
    if (from) {
      this.builder.takeOff(all);
      this.unplaced.clear();
      this.putBack(
        from.filter(({ act }) => !this.builder.roster.isDone(act)).map(({ act, start, end, people }) => ({ act, start, end, people, hold: { by: 'start' } })),
      );
      // without what is left out of it some need more than they did: clearing away, for one, where what ended later is gone
      const { roster } = this.builder;
      const broken = new Set(roster.broken(from.map(({ act }) => act)).map((act) => roster.act(act).repair));
      if (broken.size > 0) this.builder.takeOff([...broken]);
      for (const r of all) {
        if (at(this.acts, r).every((i) => this.builder.roster.isPlaced(i))) continue;
        this.fill([r], { perPersonMin: 0 });
        if (!this.unplaced.has(r)) continue;
        // what stands where something of it was set by hand gives way to it, and is put back around it
        const taken = this.builder.takeOff([r, ...this.#onPinsOf(r)]);
        this.fill([r, ...taken.filter((o) => o !== r)], { perPersonMin: 0 });
      }
      const score = this.score();
      if (!best || compareScores(score, best.score, this.#search.aim) <= 0) best = this.snapshot(score);
    }
    if (!best) throw new Error('there is nothing to plan');
    if (this.#search.aim === 'finish' && this.#search.rounds > 0) this.#target = lowerBound(this.problem, best.score.end).min;
    this.restore(best);
    return this.score();
  }

  /** Repairs of which something is done where a repair has something set by hand, by the same people, or right before it. */
  #onPinsOf(repair: number): readonly number[] {
    const { roster } = this.builder;
    const beforeMin = 45;
    const out = at(this.acts, repair).flatMap((i) => {
      const { pin, ways } = roster.act(i);
      if (!pin) return [];
      const to = pin.start + Math.max(0, ...ways.map((w) => w.minutes)) + beforeMin;
      return pin.people.flatMap((p) => roster.line(p).filter((a) => at(roster.start, a) < to && at(roster.end, a) > pin.start - beforeMin));
    });
    return [...new Set(out.map((a) => roster.act(a).repair))].filter((r) => r !== repair);
  }

  keep(repairs: readonly number[]): Kept[] {
    const { roster } = this.builder;
    return repairs.flatMap((r) =>
      at(this.acts, r).flatMap((act): Kept[] =>
        roster.isPlaced(act) && !roster.isDone(act)
          ? [{ act, start: at(roster.start, act), end: at(roster.end, act), people: at(roster.crew, act), hold: at(roster.holds, act) ?? { by: 'start' } }]
          : [],
      ),
    );
  }

  putBack(kept: readonly Kept[]): void {
    for (const one of kept) this.builder.roster.put(one.act, one);
  }

  /** Which repairs are taken off: some by chance, some of a place, some that end last, or what is worked on a day. */
  #ruin(): { readonly repairs: readonly number[]; readonly shut: readonly number[] } {
    const { roster } = this.builder;
    const { repairs } = this.problem;
    const all = repairs.map((_r, i) => i);
    // around what was set by hand as much as can be stays where it is
    const most = this.#search.alone === true ? 2 : 7;
    const count = Math.min(all.length, 1 + Math.floor(this.random() * Math.min(most, all.length)));
    const which = this.random();
    if (this.#search.aim === 'visits' && which < 0.5) {
      const days = [...roster.worked.keys()];
      const day = at(days, Math.floor(this.random() * days.length));
      const on = all.filter((r) => at(this.acts, r).some((i) => at(roster.crew, i).length > 0 && roster.openings.dayOf(at(roster.start, i)) === day));
      return { repairs: on, shut: [day] };
    }
    if (which < 0.3) return { repairs: this.shuffled(all).slice(0, count), shut: [] };
    const ends = (r: number) =>
      Math.max(
        0,
        ...at(this.acts, r)
          .filter((i) => at(roster.crew, i).length > 0)
          .map((i) => at(roster.end, i)),
      );
    if (which < 0.7) {
      // what ends last, and others by chance: it is in somebody's way
      const last = [...all].sort((a, b) => ends(b) - ends(a)).slice(0, 3);
      const first = at(last, Math.floor(this.random() * last.length));
      return { repairs: [...new Set([first, ...this.shuffled(all)])].slice(0, count + 1), shut: [] };
    }
    const { place } = at(repairs, Math.floor(this.random() * all.length));
    return { repairs: this.shuffled(all.filter((r) => at(repairs, r).place === place)).slice(0, count + 1), shut: [] };
  }

  /** One try at something better. @param heat how readily something worse is gone on from. @returns its score where it is taken */
  round(now: Score, heat: number): Score | undefined {
    const { repairs, shut } = this.#ruin();
    const unplacedBefore = new Map(this.unplaced);
    const before = new Map<number, readonly Kept[]>();
    this.problem.repairs.forEach((_r, r) => before.set(r, this.keep([r])));
    const taken = this.builder.takeOff([...new Set([...repairs, ...this.unplaced.keys()])]);
    this.builder.alsoTaken.clear();
    this.builder.roster.openings.shutDays(shut);
    this.recreate(taken);
    if (shut.length > 0) this.builder.roster.openings.shutDays([]);
    const score = this.score();
    const worse = compared(leads(score, this.#search.aim), leads(now, this.#search.aim));
    if (worse <= 0 || (score.unplaced <= now.unplaced && this.random() < heat)) return score;
    const changed = [...new Set([...taken, ...this.builder.alsoTaken])];
    for (const r of changed) this.builder.takeRepair(r);
    this.putBack(changed.flatMap((r) => before.get(r) ?? []));
    this.unplaced.clear();
    for (const [r, one] of unplacedBefore) this.unplaced.set(r, one);
    return undefined;
  }

  #closes(): number[] {
    const { roster } = this.builder;
    roster.reserved = false;
    const closes = this.problem.activities.map((_a, i) => (roster.isPlaced(i) ? roster.latest(i, true).min : never));
    roster.reserved = true;
    return closes;
  }

  snapshot(score: Score): Snapshot {
    return { score, kept: this.keep(this.problem.repairs.map((_r, i) => i)), unplaced: [...this.unplaced.values()] };
  }

  restore({ score, kept, unplaced }: Snapshot): Score {
    this.builder.takeOff(this.problem.repairs.map((_r, i) => i));
    this.putBack(kept);
    this.unplaced.clear();
    for (const one of unplaced) this.unplaced.set(one.repair, one);
    return score;
  }

  /** What stands, each as soon as it can be with all else as it is, and what keeps it from beginning sooner. */
  found(rounds: number): Found {
    const { roster } = this.builder;
    const { aim, alone, bare } = this.#search;
    // what was put back stays where it was
    if (bare !== true) new Standing(roster).settle(aim !== 'date' && alone !== true);
    return {
      placements: roster.placements(),
      holds: [...roster.holds],
      closes: this.#closes(),
      ready: this.problem.activities.map((_a, i) => (roster.isPlaced(i) ? roster.earliest(i) : { min: 0, hold: { by: 'start' } })),
      unplaced: [...this.unplaced.values()],
      score: this.score(),
      rounds,
    };
  }
}
