import { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { findDays, type Found } from '../schedule/days/improve.ts';
import { at } from '../schedule/days/problem.ts';
import type { DaysSetup } from '../schedule/days/setup.ts';
import { instantAfter } from '../schedule/schedule.ts';
import type { JobDays } from './jobDays.ts';
import { DaysMaking, toldDays, type DaysAsked, type DaysMade } from './makeDays.ts';
import { moveDays, roomOf } from './moveDays.ts';
import { changesOf, type Change, type WayTaken } from './changes.ts';
import { daysOf, type DaysInput } from './daysInput.ts';
import { triedChange, type WayOut } from './waysOut.ts';

/** Where something may begin while all else stays as it is; and who else could do it when it stands. */
export interface RoomTold {
  /** instants */
  readonly here: readonly { readonly from: string; readonly to: string }[];
  /** ids of people of the crew */
  readonly others: readonly (readonly string[])[];
}

/** Something wanted elsewhere, by its id: when its work begins, and who does it. */
export interface Wanted {
  readonly id: string;
  /** instant */
  readonly at: string;
  /** ids of people of the crew */
  readonly people: readonly string[];
}

/** Tries at days without what the weather forbids: it is looked at while one waits. */
const putOffRounds = 40;

/** The days of a job while somebody works on them: made, looked through, changed by hand. */
export class DaysDesk {
  readonly making: DaysMaking;
  #input: DaysInput;
  readonly #asked: DaysAsked;
  #now: DaysMade | undefined;
  /** ways out, and what else was tried, as they were last looked at */
  #ways: readonly WayOut[] = [];
  /** days in which something was put off, as they were last looked at */
  #putOff: WayOut['made'] | undefined;

  constructor(input: DaysInput, asked: DaysAsked) {
    [this.#input, this.#asked] = [input, asked];
    this.making = new DaysMaking(input, asked);
  }

  /** The days as they are found so far. */
  made(): DaysMade {
    this.#now = this.making.made();
    return this.#now;
  }

  /** The same days with the ways out that were tried. */
  withWays(): DaysMade {
    const made = this.making.withWays(this.#now ?? this.made());
    [this.#now, this.#ways] = [made, made.ways];
    return made;
  }

  /** What else could be otherwise than the ways out that are told, each to be tried by itself. */
  tries(): readonly Pick<Change, 'id' | 'says'>[] {
    const now = this.#now;
    if (!now || now.problem.repairs.length === 0) return [];
    const { critical, others } = changesOf(this.#input, now.problem, now.found, new Ledger());
    return [...critical, ...others].filter((c) => now.ways.every((w) => w.id !== c.id)).map(({ id, says }) => ({ id, says }));
  }

  /** Tries something that is no way out that was told; nothing where there is none of that id. */
  #try(id: string): WayOut | undefined {
    const now = this.#now;
    if (!now) return undefined;
    const { critical, others } = changesOf(this.#input, now.problem, now.found, new Ledger());
    const change = [...critical, ...others].find((c) => c.id === id);
    const { aim, seed } = this.#asked;
    const way = change && triedChange(this.#input, now.problem, now.found, change, { aim, seed, rounds: putOffRounds });
    if (way) this.#ways = [...this.#ways, way];
    return way;
  }

  /** The days that a way out, or something else that is tried, gives, and what is to be changed to take it; nothing where there is none of that id. Nothing is changed by it. */
  way(id: string): { readonly made: DaysMade; readonly says: Saying; readonly take: WayTaken } | undefined {
    const way = this.#ways.find((w) => w.id === id) ?? this.#try(id);
    if (!way) return undefined;
    const { says, take } = way;
    const { input, days, found } = way.made;
    const made = toldDays(input, days, found, this.#asked.seed);
    return { made, says, take };
  }

  /**
   * The days with some things put off to a later date, because the weather forbids them: everybody does something else meanwhile. Nothing
   * is changed by it.
   */
  putOff(ids: readonly string[], date: string): { readonly made: DaysMade; readonly says: Saying; readonly take: WayTaken } {
    const { problem } = (this.#now ?? this.made()) satisfies DaysMade;
    const wanted = ids.flatMap((id) => {
      const act = problem.activities.find((a) => a.id === id);
      return act ? [{ defect: at(problem.repairs, act.repair).id, step: act.step, date }] : [];
    });
    const { setup } = this.#input;
    const others = (setup.notBefore ?? []).filter((n) => !wanted.some((w) => w.defect === n.defect && w.step === n.step));
    // what is set by hand to stand then gives way to the weather
    const pins = setup.pins?.filter((p) => !wanted.some((w) => w.defect === p.defect && w.step === p.step));
    const input = { ...this.#input, setup: { ...setup, ...(pins && { pins }), notBefore: [...others, ...wanted] } };
    const days = daysOf(input);
    const { aim, seed } = this.#asked;
    const found = findDays(days.problem, { aim, seed, rounds: putOffRounds });
    this.#putOff = { input, days, found };
    return { made: toldDays(input, days, found, seed), says: say`what the weather forbids put off`, take: { setup: input.setup } };
  }

  /**
   * Takes days that were looked at and that only their setup makes: they stand as they were shown, not searched anew. A date that was put
   * off to when something ends holds in these, and need not in others.
   * @param id of a way out; without one, those in which something was put off
   * @returns nothing where there are none, or more than the setup is changed
   */
  takeLooked(id?: string): { readonly made: DaysMade; readonly setup: DaysSetup } | undefined {
    const looked = id === undefined ? this.#putOff : this.#ways.find((w) => w.id === id)?.made;
    if (!looked || (id !== undefined && this.way(id)?.take.setup === undefined)) return undefined;
    return { made: this.#take(looked.input, looked.days, looked.found), setup: looked.input.setup };
  }

  /** @returns nothing where it has no place */
  room(id: string): RoomTold | undefined {
    const found = this.#find(id);
    if (!found) return undefined;
    const { problem } = found.now;
    const { here, others } = roomOf(problem, found.now.found.placements, found.act);
    const instant = (min: number) => instantAfter(problem.startAt, min);
    return {
      here: here.map(({ from, to }) => ({ from: instant(from), to: instant(to) })),
      others: others.map((people) => people.map((p) => at(problem.workers, p).id)),
    };
  }

  #find(id: string): { readonly now: DaysMade; readonly act: number } | undefined {
    const now = this.#now;
    const act = now?.problem.activities.findIndex((a) => a.id === id) ?? -1;
    return now && now.found.placements.some((p) => p.act === act) ? { now, act } : undefined;
  }

  /**
   * Moves something, as a setup says in which it is set there by hand.
   * @returns the days with it; or why not, and nothing is changed
   */
  move(setup: DaysSetup, { id, at: when, people }: Wanted): DaysMade | { readonly why: Saying } {
    const found = this.#find(id);
    if (!found) throw new Error('it has no place');
    const input = { ...this.#input, setup };
    const days = daysOf(input);
    const { now, act } = found;
    const start = Math.round((Date.parse(when) - Date.parse(now.problem.startAt)) / 60_000);
    const by = people.map((p) => now.problem.workers.findIndex((w) => w.id === p));
    const moved = moveDays(now.problem, now.found, days.problem, { act, start, people: by }, this.#asked.aim);
    if (!moved.ok) return { why: moved.why };
    return this.#take(input, days, moved.found);
  }

  #take(input: DaysInput, days: JobDays, found: Found): DaysMade {
    this.#input = input;
    this.#ways = [];
    this.#putOff = undefined;
    this.#now = toldDays(input, days, found, this.#asked.seed);
    return this.#now;
  }

  /** What is set by hand is let go, and all stays where it is until it is searched anew. */
  letGo(setup: DaysSetup): DaysMade | undefined {
    const input = { ...this.#input, setup };
    return this.#now && this.#take(input, daysOf(input), this.#now.found);
  }
}
