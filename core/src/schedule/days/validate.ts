import type { Lag } from '../../method/step.ts';
import { lagEnd } from '../lagEnd.ts';
import { at, clashes, type Activity, type Placement, type Point, type Problem, type Stretch } from './problem.ts';

/** Tolerance of a moment, in min. */
const nearly = 1e-6;

/** Checks of a plan against its problem, one rule after the other, by nothing that plans are made with. */
class Checking {
  readonly #p: Problem;
  readonly #of = new Map<number, Placement>();
  readonly faults: string[] = [];

  constructor(problem: Problem, placements: readonly Placement[]) {
    this.#p = problem;
    for (const one of placements) {
      if (this.#of.has(one.act)) this.fault(one.act, 'has two places');
      this.#of.set(one.act, one);
    }
  }

  fault(act: number, words: string): void {
    this.faults.push(`${at(this.#p.activities, act).id}: ${words}`);
  }

  #dayOf(min: number): number {
    return this.#p.days.findLastIndex((d) => d <= min);
  }

  #after(lag: Lag | undefined, from: number, act: number): number {
    return lag ? lagEnd(lag, from, at(this.#p.repairs, at(this.#p.activities, act).repair).climate) : from;
  }

  #moment(p: Point): number | undefined {
    const one = this.#of.get(p.act);
    return one && this.#after(p.later, p.at === 'start' ? one.start : one.end, p.act);
  }

  /** Hours in which a worker may be at an activity: his own, less when its place is shut, must be quiet, or is rained on. */
  #free(worker: number, a: Activity, from: number, to: number): number {
    const { hours } = at(this.#p.workers, worker);
    const { open, quiet, rain } = at(this.#p.places, at(this.#p.repairs, a.repair).place);
    let minutes = 0;
    for (const s of hours) {
      if (s.to <= from) continue;
      if (s.from >= to) break;
      const [x, y] = [Math.max(s.from, from), Math.min(s.to, to)];
      for (let min = x; min < y; min++) {
        const inside = (list: readonly Stretch[] | undefined) => list?.some((o) => o.from <= min && min < o.to) === true;
        if ((open && !inside(open)) || (a.loud && inside(quiet)) || (a.dry && inside(rain))) continue;
        minutes += 1;
      }
    }
    return minutes;
  }

  whole(): void {
    this.#p.repairs.forEach((r, i) => {
      const acts = this.#p.activities.flatMap((a, n) => (a.repair === i ? [n] : []));
      const placed = acts.filter((n) => this.#of.has(n)).length;
      if (placed > 0 && placed < acts.length) this.faults.push(`${r.mark}: ${String(acts.length - placed)} of its steps have no place`);
    });
  }

  /** Whether it is to be looked at any further: what is done is as it was done, and what was set by hand stands there. */
  #asSet({ done, pin }: Activity, { act, start, end, people }: Pick<Placement, 'act' | 'start' | 'end' | 'people'>): boolean {
    if (done && (start !== done.start || end !== done.end || people.join() !== done.people.join())) this.fault(act, 'is not as it was done');
    if (done) return false;
    if (start % this.#p.grid !== 0) this.fault(act, 'is off the grid');
    if (pin && (start !== pin.start || [...people].sort().join() !== [...pin.people].sort().join())) this.fault(act, 'is not where it was set by hand');
    return true;
  }

  crews(): void {
    for (const { act, start, end, people, before, away, cover } of this.#of.values()) {
      const a = at(this.#p.activities, act);
      if (!this.#asSet(a, { act, start, end, people }) || a.ways.length === 0) continue;
      const way = a.ways.find((w) => w.people === people.length);
      if (!way || new Set(people).size !== people.length) {
        this.fault(act, `is done by ${String(people.length)}`);
        continue;
      }
      for (const p of people) {
        const { skills } = at(this.#p.workers, p);
        if (skills && a.skills.some((s) => !skills.includes(s))) this.fault(act, `is done by somebody who may not`);
      }
      people.forEach((p, i) => {
        const first = i === 0;
        const [from, to] = [start - (before[i] ?? 0) - (first ? cover : 0), end + (first ? away : 0)];
        if (this.#free(p, a, from, start) < start - from || this.#free(p, a, end, to) < to - end) this.fault(act, 'is set up, or cleared away, outside hours');
      });
      // all of them at it at once, as long as it takes
      let worked = 0;
      let gap = false;
      for (let min = start; min < end; min++) {
        const there = people.every((p) => this.#free(p, a, min, min + 1) === 1);
        if (there) worked += 1;
        else gap = true;
      }
      if (worked !== way.minutes) this.fault(act, `is worked ${String(worked)} min of ${String(way.minutes)}`);
      const longest = Math.max(...at(this.#p.workers, people[0] ?? 0).hours.map((h) => h.to - h.from));
      if (
        gap &&
        !a.interrupt &&
        way.minutes + Math.max(...before) + cover + away <= longest &&
        people.length === 1 &&
        !at(this.#p.places, at(this.#p.repairs, a.repair).place).open
      )
        this.fault(act, 'is interrupted');
    }
  }

  /** Min of getting there and set-up that one on a line needs. */
  #setUp(own: readonly Placement[], i: number): number {
    const [one, last] = [at(own, i), own[i - 1]];
    const { setUp } = at(this.#p.activities, one.act);
    const sameDay = last !== undefined && this.#dayOf(last.start) === this.#dayOf(one.start);
    const again = sameDay && at(this.#p.activities, last.act).setUp?.key === setUp?.key;
    const walked = sameDay && this.#place(last.act) !== this.#place(one.act) ? this.#p.walkMin : 0;
    return walked + (setUp && !again ? setUp.minutes : 0);
  }

  /** Min that one on the line of a worker took to mix. */
  #mixed(own: readonly Placement[], i: number, worker: number): number {
    const one = at(own, i);
    return (one.before[one.people.indexOf(worker)] ?? 0) - this.#setUp(own, i);
  }

  /** Nothing is placed on ground that has become too cold or too warm for it. */
  bands(): void {
    for (const { act, start, end } of this.#of.values()) {
      const { band, repair } = at(this.#p.activities, act);
      const { climate } = at(this.#p.repairs, repair);
      const slabAt = (min: number) => climate.findLast((s) => s.fromMin <= min)?.slabC ?? climate[0].slabC;
      if (at(this.#p.activities, act).done) continue;
      const fits = (min: number) => !band || (slabAt(min) >= band.least && slabAt(min) <= band.most);
      if (fits(0) && !(fits(start) && fits(end - 1))) this.fault(act, 'is placed on ground too cold or too warm for it');
    }
  }

  /** Each person does one thing after the other, and has set up and mixed what he has to. */
  lines(): void {
    this.#p.workers.forEach(({ name }, worker) => {
      const own = [...this.#of.values()].filter((o) => o.people.includes(worker)).sort((a, b) => a.start - b.start);
      own.forEach((one, i) => {
        const { run } = at(this.#p.activities, one.act);
        const n = one.people.indexOf(worker);
        if (at(this.#p.activities, one.act).done) return;
        const begins = one.start - (one.before[n] ?? 0) - (n === 0 ? one.cover : 0);
        const last = own[i - 1];
        if (last && begins < last.end + (last.people[0] === worker ? last.away : 0))
          this.fault(one.act, `begins before ${at(this.#p.activities, last.act).id} is over for ${name}`);
        const mixed = this.#mixed(own, i, worker);
        if (mixed < 0) this.fault(one.act, 'is not set up');
        if (run && mixed < run.minutes) this.#shared(own, i, worker);
      });
    });
  }

  #place(act: number): number {
    return at(this.#p.repairs, at(this.#p.activities, act).repair).place;
  }

  /** What was not mixed for itself comes out of a batch that holds it, and is placed in its time. */
  #shared(own: readonly Placement[], i: number, worker: number): void {
    const one = at(own, i);
    const { run } = at(this.#p.activities, one.act);
    if (!run) return;
    let amount = run.amount;
    for (let n = i - 1; n >= 0; n--) {
      const before = at(own, n);
      const other = at(this.#p.activities, before.act).run;
      if (other?.key !== run.key || this.#dayOf(before.start) !== this.#dayOf(one.start) || before.people.join() !== one.people.join()) break;
      amount += other.amount;
      if (this.#mixed(own, n, worker) < other.minutes) continue;
      if (amount > run.most + 1e-9) this.fault(one.act, 'is of a batch that is too large');
      if (run.within && one.end > this.#after(run.within, before.start, one.act) + nearly) this.fault(one.act, 'is placed after its batch has gone off');
      return;
    }
    this.fault(one.act, 'has no batch');
  }

  ties(): void {
    for (const t of this.#p.ties) {
      const [from, to] = [this.#of.get(t.from), this.#of.get(t.to)];
      // what was done as it was done is no fault of the plan
      if (!from || !to || at(this.#p.activities, t.to).done) continue;
      const anchor = t.after === 'start' ? from.start : from.end;
      const name = at(this.#p.activities, t.from).id;
      if (to.start < this.#after(t.least, anchor, t.from) - nearly) this.fault(t.to, `begins too soon after ${name}`);
      if (t.most && to.start > this.#after(t.most, anchor, t.from) + nearly) this.fault(t.to, `begins too late after ${name}`);
      if (t.overBy && to.end > this.#after(t.overBy, anchor, t.from) + nearly) this.fault(t.to, `is over too late after ${name}`);
      if (t.goesOn === true && !to.people.some((p) => from.people.includes(p))) this.fault(t.to, `is gone on with by somebody who was not at ${name}`);
      if (t.sameDay === true && this.#dayOf(to.start) > this.#dayOf(from.start)) this.fault(t.to, `is not done the same day as ${name}`);
    }
    for (const { act, start } of this.#of.values())
      if (
        !at(this.#p.activities, act).done &&
        start < Math.max(at(this.#p.repairs, at(this.#p.activities, act).repair).notBefore ?? 0, at(this.#p.activities, act).notBefore ?? 0)
      )
        this.fault(act, 'begins before it may');
  }

  things(): void {
    for (const [thing, count] of Object.entries(this.#p.things)) {
      const held = [...this.#of.values()].flatMap((o) =>
        at(this.#p.activities, o.act).things.some((t) => t === thing) ? [{ from: o.start, to: o.end, by: o.act }] : [],
      );
      for (const s of this.#p.stands) {
        const [from, to] = [this.#moment(s.from), this.#moment(s.to)];
        if (s.thing === thing && from !== undefined && to !== undefined) held.push({ from, to, by: s.from.act });
      }
      for (const h of held.filter((one) => !at(this.#p.activities, one.by).done)) {
        const others = new Set(held.filter((o) => o.from <= h.from + nearly && o.to > h.from + nearly).map((o) => o.by));
        if (others.size > count) this.fault(h.by, `wants one ${thing} more than there are`);
      }
    }
  }

  marks(): void {
    const spans = this.#p.marks.map((m) => ({ ...m, a: this.#moment(m.from), b: this.#moment(m.to), repair: at(this.#p.activities, m.from.act).repair }));
    spans.forEach((m, i) => {
      for (const o of spans.slice(i + 1)) {
        if (m.place !== o.place || m.repair === o.repair || m.a === undefined || m.b === undefined || o.a === undefined || o.b === undefined) continue;
        if (!clashes.some(([x, y]) => (x === m.is && y === o.is) || (y === m.is && x === o.is))) continue;
        if (m.a < o.b - nearly && o.a < m.b - nearly) this.fault(m.from.act, `brings ${m.is} over what is ${o.is} of ${at(this.#p.activities, o.from.act).id}`);
      }
    });
  }

  /** Each place is covered once before the first work of a day, and cleared once after the last. */
  covering(): void {
    this.#p.places.forEach((place, n) => {
      const days = new Map<number, Placement[]>();
      for (const o of this.#of.values()) {
        const a = at(this.#p.activities, o.act);
        if (!a.covered || o.people.length === 0 || at(this.#p.repairs, a.repair).place !== n) continue;
        days.set(this.#dayOf(o.start), [...(days.get(this.#dayOf(o.start)) ?? []), o]);
      }
      for (const [day, all] of days) {
        const first = Math.min(...all.map((o) => o.start));
        const last = Math.max(...all.map((o) => o.end));
        const cover = all.filter((o) => o.cover > 0);
        const away = all.filter((o) => o.away > 0);
        const fits = (list: readonly Placement[], wanted: number, min: 'cover' | 'away', at_: (o: Placement) => boolean) =>
          wanted === 0 ? list.length === 0 : list.length === 1 && list[0]?.[min] === wanted && at_(list[0]);
        if (!fits(cover, place.cover, 'cover', (o) => o.start === first))
          this.faults.push(`${place.name}: on day ${String(day)} it is not covered once before its first work`);
        if (!fits(away, place.away, 'away', (o) => o.end === last))
          this.faults.push(`${place.name}: on day ${String(day)} it is not cleared once after its last work`);
      }
    });
  }
}

/**
 * What is wrong with a plan, in words; nothing where it holds. Nothing of it is used to make plans: it goes through the minutes one by one.
 */
export function planFaults(problem: Problem, placements: readonly Placement[]): readonly string[] {
  const c = new Checking(problem, placements);
  c.whole();
  c.crews();
  c.lines();
  c.bands();
  c.ties();
  c.things();
  c.marks();
  c.covering();
  return c.faults;
}
