import { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { siteDateTime } from '../quantity/siteTime.ts';
import { lowerBound } from '../schedule/days/bound.ts';
import { contradictionOf } from '../schedule/days/contradiction.ts';
import type { Found } from '../schedule/days/improve.ts';
import { chanceOf, tryFuture, type Spread } from '../schedule/days/future.ts';
import { at, type Placement, type Problem } from '../schedule/days/problem.ts';
import type { DayBlock, DaysPlan, Idle, PersonDay, WorkDay } from './daysTold.ts';
import { DaysWords } from './daysWords.ts';
import type { LeftOut } from './jobDays.ts';

/** Gaps shorter than this are no idle time: somebody walks, drinks, looks. */
const idleFromMin = 10;

class Teller {
  readonly #problem: Problem;
  readonly #found: Found;
  readonly #words: DaysWords;
  readonly #of = new Map<number, Placement>();

  constructor(problem: Problem, found: Found, words: DaysWords) {
    [this.#problem, this.#found, this.#words] = [problem, found, words];
    for (const p of found.placements) this.#of.set(p.act, p);
  }

  #latest(act: number): string | undefined {
    const first = this.#found.closes[act];
    return first === undefined || first === Number.POSITIVE_INFINITY ? undefined : this.#words.at(first);
  }

  /** Why something begins no sooner; nothing where it follows what the same person did right before. */
  #why(p: Placement, worker: number, before: Placement | undefined): Saying | undefined {
    const hold = this.#found.holds[p.act];
    if (hold?.by === 'person' && (hold.worker === worker || before?.act === hold.act)) return undefined;
    return this.#words.why(p.act, hold);
  }

  #place(act: number): number {
    return at(this.#problem.repairs, at(this.#problem.activities, act).repair).place;
  }

  /** Min of mixing before something: what getting there and set-up leave over. */
  #mixMin(own: readonly Placement[], i: number, worker: number): number {
    const p = at(own, i);
    const { run } = at(this.#problem.activities, p.act);
    const before = p.before[p.people.indexOf(worker)] ?? 0;
    return run && before - this.#walkMin(own, i, worker) >= run.minutes ? run.minutes : 0;
  }

  #walkMin(own: readonly Placement[], i: number, worker: number): number {
    const [p, last] = [at(own, i), own[i - 1]];
    const before = p.before[p.people.indexOf(worker)] ?? 0;
    return Math.min(last && this.#place(last.act) !== this.#place(p.act) ? this.#problem.walkMin : 0, before);
  }

  /** What is mixed before something, and for what; or out of which batch it is placed. */
  #mix(own: readonly Placement[], i: number, worker: number): Saying | undefined {
    const { activities } = this.#problem;
    const runOf = (n: number) => activities[own[n]?.act ?? -1]?.run;
    const run = runOf(i);
    if (!run?.title) return undefined;
    const isOwn = (n: number) => this.#mixMin(own, n, worker) > 0;
    if (!isOwn(i)) {
      const first = own.findLastIndex((_p, n) => n < i && isOwn(n));
      return first < 0 ? undefined : say`out of the batch mixed for ${this.#words.mark(at(own, first).act)}`;
    }
    const shared: number[] = [];
    for (let n = i + 1; runOf(n)?.key === run.key && !isOwn(n); n++) shared.push(n);
    if (shared.length === 0) return run.title;
    const all = [i, ...shared].map((n) => say`${runOf(n)?.title ?? ''} for ${this.#words.mark(at(own, n).act)}`);
    return say`in one go: ${all.reduce((a, b) => say`${a}; ${b}`)}`;
  }

  block(own: readonly Placement[], i: number, worker: number): DayBlock {
    const [p, before] = [at(own, i), own[i - 1]];
    const { activities, repairs, places, workers } = this.#problem;
    const a = at(activities, p.act);
    const n = p.people.indexOf(worker);
    const [beforeMin, coverMin, awayMin] = [p.before[n] ?? 0, n === 0 ? p.cover : 0, n === 0 ? p.away : 0];
    const walkMin = this.#walkMin(own, i, worker);
    const mixMin = this.#mixMin(own, i, worker);
    const mix = this.#mix(own, i, worker);
    const setUpMin = beforeMin - walkMin - mixMin;
    const why = this.#why(p, worker, before);
    const latest = this.#latest(p.act);
    return {
      id: a.id,
      mark: at(repairs, a.repair).mark,
      place: at(places, at(repairs, a.repair).place).name,
      title: a.title,
      from: this.#words.at(p.start - beforeMin - coverMin),
      start: this.#words.at(p.start),
      end: this.#words.at(p.end),
      walkMin,
      setUpMin,
      mixMin,
      ...(mix && { mix }),
      coverMin,
      awayMin,
      beside: p.people.filter((w) => w !== worker).map((w) => at(workers, w).name),
      ...(why && { why }),
      ...(a.pin && { pinned: true }),
      ...(a.done && { done: true }),
      ...(latest !== undefined && { latest, opens: this.#words.at(this.#found.ready[p.act]?.min ?? p.start) }),
    };
  }

  /** Working time of somebody on a day in which he has nothing to do, from his first work to his last. */
  #idle(own: readonly Placement[], worker: number): Idle[] {
    const { hours } = at(this.#problem.workers, worker);
    return own.slice(1).flatMap((p, i): Idle[] => {
      const before = at(own, i);
      const n = p.people.indexOf(worker);
      const from = before.end + (before.people[0] === worker ? before.away : 0);
      const to = p.start - (p.before[n] ?? 0) - (n === 0 ? p.cover : 0);
      const minutes = hours.reduce((sum, h) => sum + Math.max(0, Math.min(h.to, to) - Math.max(h.from, from)), 0);
      if (minutes < idleFromMin) return [];
      // what comes before it says why where that takes most of the time; else what was in the way at last
      const ready = this.#found.ready[p.act];
      const why = this.#words.waits(p.act, ready && ready.min - from >= (p.start - from) / 2 ? ready.hold : this.#found.holds[p.act]);
      return [{ from: this.#words.at(from), to: this.#words.at(to), minutes, ...(why && { why }) }];
    });
  }

  /** By when the last mixing of a day has to begin: as much later as the hours, and the windows behind it, leave. */
  #lastMix(own: readonly Placement[], worker: number): PersonDay['lastMix'] {
    const i = own.findLastIndex((one, n) => at(this.#problem.activities, one.act).mixes === true || this.#mixMin(own, n, worker) > 0);
    if (i < 0) return undefined;
    const [p, last] = [at(own, i), at(own, own.length - 1)];
    const over = last.end + (last.people[0] === worker ? last.away : 0);
    const until = at(this.#problem.workers, worker).hours.find((h) => h.from <= last.start && h.to > last.start)?.to ?? over;
    const room = own.slice(i).map((o) => (this.#found.closes[o.act] ?? Number.POSITIVE_INFINITY) - o.start);
    const later = Math.max(0, Math.min(until - over, ...room));
    const { repair, title } = at(this.#problem.activities, p.act);
    return { mark: at(this.#problem.repairs, repair).mark, title, by: this.#words.at(p.start - this.#mixMin(own, i, worker) + later) };
  }

  #personDay(own: readonly Placement[], worker: number, day: { readonly from: number; readonly to: number }): PersonDay {
    const { id, name, elsewhere = [] } = at(this.#problem.workers, worker);
    const lastMix = this.#lastMix(own, worker);
    const away = elsewhere
      .filter((e) => e.from < day.to && e.to > day.from)
      .map((e) => ({ site: e.site, from: this.#words.at(e.from), to: this.#words.at(e.to) }));
    return {
      person: id,
      name,
      blocks: own.map((_p, i) => this.block(own, i, worker)),
      idle: this.#idle(own, worker),
      ...(away.length > 0 && { elsewhere: away }),
      ...(lastMix && { lastMix }),
    };
  }

  days(): WorkDay[] {
    const { days, workers, startAt, timeZone } = this.#problem;
    const dayOf = (min: number) => days.findLastIndex((d) => d <= min);
    const work = this.#found.placements.filter((p) => p.people.length > 0);
    return [...new Set(work.map((p) => dayOf(p.start)))]
      .sort((a, b) => a - b)
      .map((day) => ({
        date: siteDateTime(new Date(Date.parse(startAt) + (at(days, day) + 60) * 60_000).toISOString(), timeZone).date,
        people: workers.flatMap((w, worker): PersonDay[] => {
          const own = work.filter((p) => dayOf(p.start) === day && p.people.includes(worker));
          return own.length === 0 ? [] : [this.#personDay(own, worker, { from: at(days, day), to: days[day + 1] ?? Infinity })];
        }),
      }));
  }

  moments(): DaysPlan['moments'] {
    return this.#found.placements
      .filter((p) => p.people.length === 0)
      .map((p) => ({ mark: this.#words.mark(p.act), title: at(this.#problem.activities, p.act).title, at: this.#words.at(p.start) }));
  }

  failing(): { readonly list: DaysPlan['failing']; readonly repairs: readonly number[] } {
    const { repairs, activities } = this.#problem;
    const missing = this.#found.unplaced.map(({ repair, act }) => ({
      repair,
      one: { mark: at(repairs, repair).mark, why: say`“${at(activities, act).title}” finds no place.` },
    }));
    const late = repairs.flatMap((r, repair) => {
      const ends = Math.max(0, ...this.#found.placements.filter((p) => p.people.length > 0 && at(activities, p.act).repair === repair).map((p) => p.end));
      if (r.due === undefined || ends <= r.due) return [];
      return [
        {
          repair,
          one: {
            mark: r.mark,
            why: say`It ends ${this.#words.minutes('Late', ends - r.due)} after its date.`,
            due: this.#words.at(r.due),
            ends: this.#words.at(ends),
          },
        },
      ];
    });
    const all = [...missing, ...late];
    return { list: all.map((a) => a.one), repairs: all.map((a) => a.repair) };
  }
}

/** How a plan is looked at besides. */
export interface Look {
  /** tries of the days to come; none where absent */
  readonly future?: { readonly runs: number; readonly seed: number; readonly spread: Spread };
}

/** Days told: who does what when and why, what each waits for, what holds for every plan, and what does not go together. */
export function tellDays(problem: Problem, found: Found, leftOut: readonly LeftOut[], { future }: Look = {}): DaysPlan {
  const words = new DaysWords(problem, new Ledger());
  const teller = new Teller(problem, found, words);
  const { end, visits } = found.score;
  const bound = lowerBound(problem, end);
  const failing = teller.failing();
  const tried = future && found.placements.length > 0 ? tryFuture(problem, found.placements, future.spread, future.runs, future.seed) : undefined;
  const weakest = tried?.weakest && at(problem.ties, tried.weakest.tie);
  return {
    days: teller.days(),
    doneAt: words.at(end),
    visits,
    bound: { at: words.at(Math.min(bound.min, end)), says: words.bound(bound, end) },
    moments: teller.moments(),
    leftOut,
    failing: failing.list,
    ...(failing.repairs.length > 0 && { contradiction: words.contradiction(contradictionOf(problem, failing.repairs)) }),
    ...(tried && {
      chances: {
        runs: tried.runs,
        dates: tried.dates.map((d) => ({ mark: at(problem.repairs, d.repair).mark, chance: chanceOf(d.kept / tried.runs), share: d.kept / tried.runs })),
        windows: chanceOf(1 - (tried.weakest?.missed ?? 0) / tried.runs),
        ...(weakest && { weakest: say`${words.mark(weakest.to)} “${words.act(weakest.to).title}”, after “${words.act(weakest.from).title}”` }),
        ...(tried.ninth < at(problem.days, problem.days.length - 1) && { ninth: words.at(tried.ninth) }),
      },
    }),
    rounds: found.rounds,
  };
}
