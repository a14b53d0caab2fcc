import type { Hold } from './lines.ts';
import { at, type Placement, type Problem } from './problem.ts';
import { Roster, type Spot } from './roster.ts';

/** Why something cannot be where it is wanted with all else as it is. */
export type InTheWay =
  | Hold
  /** too late after something: its window is closed then */
  | { readonly by: 'closed'; readonly tie: number }
  /** what follows stands too soon after it, or too late for its window */
  | { readonly by: 'follower'; readonly tie: number }
  /** whoever is at the one has to be at the other */
  | { readonly by: 'goes on'; readonly tie: number }
  /** somebody else needs it where it stands: it has set up, mixed or covered for that */
  | { readonly by: 'served'; readonly act: number };

interface Stood extends Spot {
  readonly minutes: number;
}

/** A plan as it stands: where one thing of it can be while all else stays as it is. */
export class Standing {
  readonly roster: Roster;
  readonly #after: readonly (readonly number[])[];

  constructor(roster: Roster) {
    this.roster = roster;
    const { activities, ties } = roster.problem;
    const after = activities.map((): number[] => []);
    ties.forEach((t, i) => at(after, t.from).push(i));
    this.#after = after;
  }

  /** A plan put on a roster of its own, its windows without reserve. */
  static of(problem: Problem, placements: readonly Placement[]): Standing {
    const roster = new Roster(problem);
    roster.reserved = false;
    for (const { act, start, end, people } of placements) if (!roster.isDone(act)) roster.put(act, { start, end, people, hold: { by: 'start' } });
    return new Standing(roster);
  }

  #stood(act: number): Stood {
    const { roster } = this;
    const [start, end, people] = [at(roster.start, act), at(roster.end, act), at(roster.crew, act)];
    return { start, end, people, hold: at(roster.holds, act) ?? { by: 'start' }, minutes: this.#minutes(act, people) };
  }

  #minutes(act: number, people: readonly number[]): number {
    return this.roster.act(act).ways.find((w) => w.people === people.length)?.minutes ?? 0;
  }

  /** What others are tied to that are not there: it goes on from something, or something from it. */
  #goesOn(act: number, people: readonly number[]): InTheWay | undefined {
    const { ties } = this.roster.problem;
    const tie = [...at(this.roster.into, act), ...at(this.#after, act)].find((i) => {
      const { goesOn, from, to } = at(ties, i);
      const other = at(this.roster.crew, from === act ? to : from);
      return goesOn === true && other.length > 0 && !other.some((p) => people.includes(p));
    });
    return tie === undefined ? undefined : { by: 'goes on', tie };
  }

  /** What follows an activity that stands, or what it has set up for, and no longer holds; and by how much it is too early. */
  #broken(act: number, touched: readonly number[]): { readonly way: InTheWay; readonly tooEarlyMin?: number } | undefined {
    const { roster } = this;
    for (const i of at(this.#after, act)) {
      const { to } = at(roster.problem.ties, i);
      if (!roster.isPlaced(to) || roster.isDone(to)) continue;
      const start = at(roster.start, to);
      if (roster.earliest(to).min > start) return { way: { by: 'follower', tie: i } };
      const late = roster.latest(to);
      if (late.tie === i && late.min < start) return { way: { by: 'follower', tie: i }, tooEarlyMin: start - late.min };
    }
    const [served] = roster.broken(touched);
    return served === undefined ? undefined : { way: { by: 'served', act: served } };
  }

  /** Puts an activity that is off at the first moment between two at which all else holds. @returns what was in the way of that at last */
  #put(
    act: number,
    people: readonly number[],
    from: { readonly min: number; readonly hold: Hold },
    until: number,
    touched: readonly number[],
  ): Spot | InTheWay {
    const { roster } = this;
    let { min, hold } = from;
    for (;;) {
      const late = roster.latest(act);
      const spot = roster.spot(act, people, this.#minutes(act, people), min, hold, until);
      if (!spot) return roster.inTheWay ?? { by: 'hours' };
      if (spot.start > until) return spot.hold;
      if (spot.start > late.min) return late.tie < 0 ? { by: 'pin' } : { by: 'closed', tie: late.tie };
      roster.put(act, spot);
      const broken = this.#broken(act, touched);
      if (!broken) return spot;
      roster.take(act);
      if (broken.tooEarlyMin === undefined) return broken.way;
      [min, hold] = [
        spot.start + Math.max(broken.tooEarlyMin, roster.problem.grid),
        broken.way.by === 'follower' ? { by: 'window', tie: broken.way.tie } : hold,
      ];
    }
  }

  /**
   * Why an activity cannot begin at a moment by these people; nothing where it can. Nothing is changed.
   * @param start min from the start of the job, on the grid
   */
  inTheWay(act: number, people: readonly number[], start: number): InTheWay | undefined {
    const { roster } = this;
    if (roster.isDone(act)) return { by: 'start' };
    const stood = this.#stood(act);
    const alone = this.#goesOn(act, people);
    if (alone) return alone;
    const touched = roster.take(act);
    const first = roster.earliest(act);
    const found = start < first.min ? first.hold : this.#put(act, people, { min: start, hold: { by: 'order' } }, start, touched);
    if ('start' in found) roster.take(act);
    roster.put(act, stood);
    return 'start' in found ? undefined : found;
  }

  /** From one moment to another the stretches of starts at which an activity can stand by these people; on a grid of so many min. */
  room(act: number, people: readonly number[], from: number, to: number, step: number): readonly { readonly from: number; readonly to: number }[] {
    const out: { from: number; to: number }[] = [];
    const { start } = this.#stood(act);
    const tries = Array.from({ length: Math.max(0, Math.floor((to - from) / step) + 1) }, (_v, i) => from + i * step);
    for (const min of [...new Set([...tries, start])].filter((m) => m >= from && m <= to).sort((a, b) => a - b)) {
      if (this.inTheWay(act, people, min)) continue;
      const last = out[out.length - 1];
      if (last && min - last.to <= step) last.to = min;
      else out.push({ from: min, to: min });
    }
    return out;
  }

  /**
   * Lets everything begin as soon as it can while all else stays as it is, a few times over; and notes of everything what keeps it from
   * beginning sooner.
   * @param move whether anything may move; else it is only noted
   */
  settle(move: boolean): void {
    const { roster } = this;
    const { activities, days } = roster.problem;
    const reserved = roster.reserved;
    // nobody comes on one day more for it
    roster.openings.shutDays(days.flatMap((_d, n) => (roster.worked.has(n) || n === days.length - 1 ? [] : [n])));
    for (let round = 0, moved = true; moved && round < 20; round++) {
      moved = false;
      const order = activities
        .flatMap((_a, i) => (roster.isPlaced(i) && !roster.isDone(i) ? [i] : []))
        .sort((a, b) => at(roster.start, a) - at(roster.start, b) || a - b);
      for (const act of order) {
        const stood = this.#stood(act);
        const touched = roster.take(act);
        const first = roster.earliest(act);
        if (stood.people.length === 0) {
          const min = move && !roster.atMoment(act, first.min) ? first.min : stood.start;
          roster.put(act, { ...stood, start: min, end: min, hold: first.hold });
          continue;
        }
        let found = this.#put(act, stood.people, first, stood.start, touched);
        // what has no place with its windows in reserve stands without
        if (!('start' in found) && reserved) {
          roster.reserved = false;
          found = this.#put(act, stood.people, first, stood.start, touched);
          roster.reserved = true;
        }
        if ('start' in found && found.start === stood.start) continue;
        if ('start' in found && move) {
          moved = true;
          continue;
        }
        if ('start' in found) roster.take(act);
        // it could begin sooner by itself, or only with others
        roster.put(act, { ...stood, hold: { by: 'order' } });
      }
    }
    roster.openings.shutDays([]);
  }
}
