import { never } from './laws.ts';
import { groupsOf, type Group } from './groups.ts';
import { at, mayDo, type CrewWay, type Problem } from './problem.ts';
import type { Hold, PutOff } from './lines.ts';
import { Roster, type Spot } from './roster.ts';

/** Why a repair has no place. */
export interface Unplaced {
  readonly repair: number;
  /** the first activity of it that finds none */
  readonly act: number;
}

/** How often a group is put off before it is given up. */
const mostTries = 400;

/** How often a whole repair is begun anew. */
const mostWhole = 40;

/** From when on an activity is looked for a place, and why. */
interface Later {
  readonly min: number;
  readonly hold: Hold;
}

/** What is chosen by when several crews can do it: the earliest end, each person-minute more counting so many minutes. */
export interface Taste {
  readonly perPersonMin: number;
  /** min by which each worker is rather left free; as many as there are, or none */
  readonly bias?: readonly number[];
}

/** Puts repairs onto a roster, a whole group of what windows tie at a time, each at the first place where all of it holds. */
export class Builder {
  readonly roster: Roster;
  readonly groups: readonly (readonly Group[])[];
  readonly #found = new Map<number, 'in reserve' | 'without' | 'never'>();
  #probe: Builder | undefined;
  readonly #crews: readonly (readonly { readonly people: readonly number[]; readonly way: CrewWay }[])[];

  constructor(problem: Problem) {
    this.roster = new Roster(problem);
    this.groups = groupsOf(problem);
    const { workers } = problem;
    const all = workers.map((_w, i) => [i]);
    const pairs = workers.flatMap((_w, a) => workers.flatMap((_x, b) => (b > a ? [[a, b]] : [])));
    this.#crews = problem.activities.map((a) => {
      const able = (people: readonly number[]) => mayDo(problem, a, people);
      const { pin } = a;
      const these = (people: readonly number[]) => !pin || (people.length === pin.people.length && people.every((p) => pin.people.includes(p)));
      return a.ways.flatMap((way) =>
        (way.people === 1 ? all : pairs)
          .filter((people) => able(people) && these(people))
          // the one who is named first has the covering
          .map((people) => ({ people: pin?.people ?? people, way })),
      );
    });
  }

  /** Repairs that were taken off and put back besides those that were asked for: what they had covered, mixed or cleared away for was gone. */
  readonly alsoTaken = new Set<number>();

  /** Crews that can do an activity, each with its minutes. */
  crews(act: number): readonly { readonly people: readonly number[]; readonly way: CrewWay }[] {
    return at(this.#crews, act);
  }

  /** The best spot of an activity from a moment on, over all crews that can do it. */
  best(act: number, from: number, why: Hold, taste: Taste, stuck?: (putOff: PutOff) => void): Spot | undefined {
    const activity = this.roster.act(act);
    if (activity.ways.length === 0) {
      // what lasts until then has to bear what others bring until then
      const blocked = this.roster.atMoment(act, from);
      if (!blocked) return { start: from, end: from, people: [], hold: why };
      if (blocked.putOff) stuck?.(blocked.putOff);
      return undefined;
    }
    let [found, cost]: [Spot | undefined, number] = [undefined, never];
    for (const { people, way } of this.crews(act)) {
      if (!this.roster.goOn(act, people)) continue;
      // later than this it is no better than what was found
      const bias = taste.bias ? people.reduce((sum, p) => sum + (taste.bias?.[p] ?? 0), 0) : 0;
      const until = cost - bias - way.minutes - way.minutes * people.length * taste.perPersonMin;
      if (from >= until) continue;
      const spot = this.roster.spot(act, people, way.minutes, from, why, until);
      if (!spot) {
        if (this.roster.stuck) stuck?.(this.roster.stuck);
        continue;
      }
      // what is set up beforehand is somebody's time too
      const setUp = people.reduce((sum, p) => sum + this.roster.needs(act, spot.start, spot.end, people, p).before, 0);
      const its = bias + spot.end + taste.perPersonMin * (way.minutes * people.length + setUp) + setUp * 1e-3;
      if (its < cost) [found, cost] = [spot, its];
    }
    return found;
  }

  /**
   * Puts a group in, the first place at which its windows hold.
   * @param notBefore what was put off, and what for; more is put to it
   * @returns the activity that finds no place, or what has to begin later that is of another group
   */
  #group(group: Group, taste: Taste, notBefore: Map<number, Later>): { readonly act: number; readonly putOff?: PutOff } | undefined {
    const { roster } = this;
    for (let tries = 0; tries < mostTries; tries++) {
      let failed: { readonly act: number; readonly putOff: PutOff | undefined; readonly tie?: number } | undefined;
      for (const act of group) {
        if (roster.isDone(act)) continue;
        const first = roster.earliest(act);
        const off = notBefore.get(act);
        const [min, hold]: [number, Hold] = off && off.min > first.min ? [off.min, off.hold] : [first.min, first.hold];
        let stuck: PutOff | undefined;
        const spot = min < never ? this.best(act, min, hold, taste, (one) => (stuck ??= one)) : undefined;
        const late = roster.latest(act);
        if (spot && spot.start <= late.min) roster.put(act, spot);
        else {
          // what is set by hand begins then or not at all
          const putOff = spot ? (late.tie < 0 ? undefined : this.#later(late.tie, spot.start - late.min)) : stuck;
          failed = { act, putOff, ...(spot && late.tie >= 0 && { tie: late.tie }) };
          break;
        }
      }
      if (!failed) return undefined;
      for (const act of group) roster.take(act);
      const { act, putOff, tie } = failed;
      if (!putOff || !group.includes(putOff.act)) return { act, ...(putOff && { putOff }) };
      notBefore.set(putOff.act, { min: putOff.min, hold: tie === undefined ? { by: 'asked' } : { by: 'window', tie } });
    }
    return group[0] === undefined ? undefined : { act: group[0] };
  }

  /** What a window is counted from begins later, so that what follows is in time: over night the next morning; else by as much as it is late. */
  #later(tie: number, lateMin: number): PutOff {
    const { roster } = this;
    const { from, sameDay } = at(roster.problem.ties, tie);
    const start = at(roster.start, from);
    const day = at(roster.problem.days, roster.openings.dayOf(start) + 1);
    const { grid } = roster.problem;
    return { act: from, min: sameDay === true ? day : Math.min(start + Math.max(lateMin, grid), Math.max(day, start + grid)) };
  }

  /** Whether a repair finds a place at all were it alone, and whether with its reserves. Tried once. */
  #alone(repair: number): 'in reserve' | 'without' | 'never' {
    const known = this.#found.get(repair);
    if (known) return known;
    const probe = this.#probe ?? new Builder(this.roster.problem);
    this.#probe = probe;
    const tried = (reserved: boolean) => {
      probe.roster.reserved = reserved;
      const missing = probe.#whole(repair, { perPersonMin: 0 });
      probe.takeRepair(repair);
      return missing === undefined;
    };
    const found = tried(true) ? 'in reserve' : tried(false) ? 'without' : 'never';
    this.#found.set(repair, found);
    return found;
  }

  /** Puts a whole repair in; one that has no place with its windows in reserve, without. @returns what finds no place, and nothing of it stands then */
  repair(repair: number, taste: Taste, delays?: ReadonlyMap<number, number>): Unplaced | undefined {
    const alone = this.#alone(repair);
    if (alone === 'never') return { repair, act: this.#first(repair) };
    this.roster.reserved = alone === 'in reserve';
    const missing = this.#whole(repair, taste, delays);
    this.roster.reserved = true;
    return missing;
  }

  /**
   * Puts repairs in, a group of one and then of another, as these are named: what comes first of one need not wait for the whole of another.
   * @param next which of those that are not all in goes on
   * @returns repairs that find no place
   */
  together(repairs: readonly number[], taste: Taste, next: (open: readonly number[], done: (repair: number) => number) => number): readonly Unplaced[] {
    const done = new Map<number, number>();
    const later = new Map(repairs.map((r) => [r, new Map<number, Later>()]));
    const missing: Unplaced[] = [];
    let open = repairs.filter((r) => this.#alone(r) !== 'never');
    for (const r of repairs) if (!open.includes(r)) missing.push({ repair: r, act: this.#first(r) });
    while (open.length > 0) {
      const r = next(open, (one) => done.get(one) ?? 0);
      const n = done.get(r) ?? 0;
      const group = at(this.groups, r)[n];
      if (group) {
        this.roster.reserved = this.#alone(r) === 'in reserve';
        const failed = this.#group(group, taste, later.get(r) ?? new Map<number, Later>());
        this.roster.reserved = true;
        done.set(r, n + 1);
        if (!failed) continue;
        // what has to make room stands already: the whole of it is begun anew, and with it what it had covered, mixed or cleared away for
        const taken = this.takeOff([r]);
        for (const one of taken) this.alsoTaken.add(one);
        for (const again of taken) {
          const one = this.repair(again, taste);
          if (one) missing.push(one);
        }
        open = open.filter((o) => !taken.includes(o));
        continue;
      }
      open = open.filter((o) => o !== r);
    }
    return missing;
  }

  /** The first activity of a repair that finds no place even alone. */
  #first(repair: number): number {
    const probe = this.#probe ?? this;
    probe.roster.reserved = false;
    const missing = probe.#whole(repair, { perPersonMin: 0 });
    probe.takeRepair(repair);
    return missing?.act ?? 0;
  }

  #whole(repair: number, taste: Taste, delays?: ReadonlyMap<number, number>): Unplaced | undefined {
    const notBefore = new Map<number, Later>([...(delays ?? [])].map(([act, min]) => [act, { min, hold: { by: 'order' } }]));
    for (let tries = 0; tries < mostWhole; tries++) {
      let failed: { readonly act: number; readonly putOff?: PutOff } | undefined;
      for (const group of at(this.groups, repair)) {
        failed = this.#group(group, taste, notBefore);
        if (failed) break;
      }
      if (!failed) return undefined;
      this.takeRepair(repair);
      const { act, putOff } = failed;
      if (!putOff || (notBefore.get(putOff.act)?.min ?? 0) >= putOff.min) return { repair, act };
      notBefore.set(putOff.act, { min: putOff.min, hold: { by: 'asked' } });
    }
    return { repair, act: at(this.groups, repair)[0]?.[0] ?? 0 };
  }

  /** @returns activities that may need more before or after them than they did */
  takeRepair(repair: number): readonly number[] {
    return at(this.groups, repair).flatMap((group) => group.flatMap((act) => this.roster.take(act)));
  }

  /** Takes repairs off, and those with them that would no longer stand as they have to. @returns all that were taken */
  takeOff(repairs: readonly number[]): readonly number[] {
    const taken = new Set<number>(repairs);
    let touched = repairs.flatMap((r) => this.takeRepair(r));
    while (touched.length > 0) {
      const broken = new Set(this.roster.broken(touched).map((act) => this.roster.act(act).repair));
      touched = [...broken].flatMap((r) => {
        taken.add(r);
        return this.takeRepair(r);
      });
    }
    return [...taken];
  }
}
