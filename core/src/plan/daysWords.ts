import type { Lag } from '../method/step.ts';
import { things } from '../method/things.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { instant, say, type Saying } from '../quantity/saying.ts';
import { instantAfter } from '../schedule/schedule.ts';
import type { Bound } from '../schedule/days/bound.ts';
import type { Contradiction, Demand } from '../schedule/days/contradiction.ts';
import type { InTheWay } from '../schedule/days/standing.ts';
import { at, type Activity, type PlaceMark, type Problem } from '../schedule/days/problem.ts';
import type { Chance } from '../schedule/days/future.ts';
import type { Hold } from '../schedule/days/lines.ts';

/** What a lag waits for, in a word. */
function lagWord(lag: Lag): string {
  switch (lag.by) {
    case 'fixed':
      return 'its time';
    case 'gel':
      return 'it to go off';
    case 'window':
      return 'its face';
    case 'progress':
      return 'it to harden';
    case 'drying':
    case 'film':
      return 'it to dry';
  }
}

const markWords: Readonly<Record<PlaceMark['is'], string>> = {
  dust: 'dust',
  wet: 'a wet face',
  vapor: 'vapor in the air',
  water: 'water about',
  closed: 'a closed floor',
  passed: 'people passing',
};

/** What lies before the work of something, in its order and in a few words; none where nothing does. */
export function beforeWork(of: { readonly coverMin: number; readonly walkMin: number; readonly setUpMin: number; readonly mixMin: number }): string {
  const parts = [
    [of.coverMin, 'cover'],
    [of.walkMin, 'get there'],
    [of.setUpMin, 'set up'],
    [of.mixMin, 'mix'],
  ] as const;
  return parts
    .filter(([minutes]) => minutes > 0)
    .map(([minutes, what]) => `${what} ${String(minutes)} min`)
    .join(', ');
}

/** How sure something is, in words. */
export const chanceWords: Readonly<Record<Chance, string>> = { likely: 'likely', tight: 'tight', no: 'not to be counted on' };

/** Why there is no end by which nine in ten tries were done. */
export const oftenTooCold = 'More than one in ten tries found it too cold for something to harden.';

/** The sentences of days, from the problem that they are of. */
export class DaysWords {
  readonly #problem: Problem;
  readonly #ledger: Ledger;

  constructor(problem: Problem, ledger: Ledger) {
    this.#problem = problem;
    this.#ledger = ledger;
  }

  at(min: number): string {
    return instantAfter(this.#problem.startAt, min);
  }

  minutes(label: string, min: number) {
    return this.#ledger.stated(label, 'duration', min);
  }

  act(i: number): Activity {
    return at(this.#problem.activities, i);
  }

  mark(i: number): string {
    return at(this.#problem.repairs, this.act(i).repair).mark;
  }

  /** A step of a repair; of the same repair without its mark. */
  #step(i: number, repair?: number): Saying {
    const title = this.act(i).title;
    return this.act(i).repair === repair ? say`“${title}”` : say`${this.mark(i)} “${title}”`;
  }

  /** What somebody waits for who has nothing to do before an activity. */
  waits(act: number, hold: Hold | undefined): Saying | undefined {
    if (hold?.by !== 'tie') return this.why(act, hold);
    const tie = at(this.#problem.ties, hold.tie);
    return this.why(act, hold) ?? say`it comes after ${this.#step(tie.from, this.act(act).repair)}`;
  }

  /** Why an activity begins no sooner; nothing where it simply follows what comes before it. */
  why(act: number, hold: Hold | undefined): Saying | undefined {
    const { repair } = this.act(act);
    if (!hold) return undefined;
    switch (hold.by) {
      case 'start':
        return undefined;
      case 'asked':
        return say`not before, as was asked`;
      case 'pin':
        return say`set there by hand`;
      case 'order':
        return say`it could begin sooner; what comes first then brings all forward`;
      case 'tie': {
        const tie = at(this.#problem.ties, hold.tie);
        if (!tie.least) return undefined;
        return say`after ${this.#step(tie.from, repair)} it waits for ${lagWord(tie.least)}`;
      }
      case 'window': {
        const tie = at(this.#problem.ties, hold.tie);
        if (!tie.most) return say`put off, so that ${this.#step(tie.to, repair)} is done the same day`;
        return say`put off, so that ${this.#step(tie.to, repair)} follows within ${tie.most.minutes}`;
      }
      case 'person':
        return say`${at(this.#problem.workers, hold.worker).name} is at ${this.#step(hold.act, repair)} until then`;
      case 'thing':
        return say`${things[hold.thing].title.toLowerCase()} is in use for ${this.#step(hold.act, repair)} until then`;
      case 'mark': {
        const [mine, other] = [at(this.#problem.marks, hold.mark), at(this.#problem.marks, hold.other)];
        return say`${markWords[mine.is]} and ${markWords[other.is]} are kept apart: ${this.#step(other.from.act, repair)} comes first`;
      }
      case 'hours':
        return say`no working hours before that it fits into`;
    }
  }

  /** Why something cannot be moved to where it was wanted. */
  inTheWay(act: number, way: InTheWay): Saying {
    const { repair } = this.act(act);
    switch (way.by) {
      case 'start':
        return say`It is done already, and stays as it was done.`;
      case 'closed': {
        const tie = at(this.#problem.ties, way.tie);
        return tie.most
          ? say`It comes too late: it has to begin within ${tie.most.minutes} after ${this.#step(tie.from, repair)}.`
          : say`It comes too late after ${this.#step(tie.from, repair)}, which does not keep.`;
      }
      case 'follower': {
        const tie = at(this.#problem.ties, way.tie);
        return tie.least
          ? say`${this.#step(tie.to, repair)} comes after it, and has to wait for ${lagWord(tie.least)} first.`
          : say`${this.#step(tie.to, repair)} stands too near after it, or too late for it.`;
      }
      case 'goes on': {
        const tie = at(this.#problem.ties, way.tie);
        return say`Whoever is at ${this.#step(tie.from, repair)} goes on with ${this.#step(tie.to, repair)}.`;
      }
      case 'served':
        return say`What is set up, mixed or covered for it serves ${this.#step(way.act, repair)} too, which has no room for that.`;
      case 'hours':
        return say`It does not fit into working hours there.`;
      case 'pin':
        return say`It is set elsewhere by hand.`;
      case 'tie': {
        const tie = at(this.#problem.ties, way.tie);
        return tie.least
          ? say`It comes too soon: after ${this.#step(tie.from, repair)} it waits for ${lagWord(tie.least)}.`
          : say`It comes too soon: ${this.#step(tie.from, repair)} is before it.`;
      }
      case 'asked':
        return say`It may not begin before, as was asked.`;
      case 'order':
      case 'window':
        return say`With all else as it is it does not fit there.`;
      default: {
        const why = this.why(act, way);
        return why ? say`There ${why}.` : say`With all else as it is it does not fit there.`;
      }
    }
  }

  bound({ min, by }: Bound, end: number): Saying {
    if (min >= end) return say`No plan can be done sooner.`;
    const why = {
      path: say`the longest way through work and waits takes that long, however many there are`,
      work: say`the work that has to be done by hand fills the hours until then`,
      thing: say`of one of the machines there are too few for less`,
    }[by];
    return say`No plan can be done before ${instant(this.at(min))}: ${why}.`;
  }

  contradiction({ together, proved }: Contradiction): Saying {
    const names: Readonly<Record<Demand, string>> = {
      dates: 'the date',
      begin: 'what is not begun before a date',
      hours: 'the working hours',
      crew: 'how many there are',
      skills: 'who may do it',
      things: 'how many machines there are',
      pins: 'what is set by hand',
      access: 'when the place may be entered',
      quiet: 'when it has to be quiet',
      rain: 'the rain',
      marks: 'what may not be done beside each other',
    };
    const list = together.map((d) => names[d]);
    const [last, ...rest] = [...list].reverse();
    const said = rest.length === 0 ? (last ?? '') : `${rest.reverse().join(', ')} and ${last ?? ''}`;
    if (list.length === 0) return say`Its own waits and windows leave it no place, whatever else is given up.`;
    if (together.length === 1 && together[0] === 'dates')
      return say`${proved ? 'It cannot be done' : 'No place was found'}: its own work and waits take longer than until its date.`;
    const what = list.length === 1 ? say`It fails by ${said} alone.` : say`These do not go together: ${said}.`;
    return proved ? say`It cannot be done. ${what}` : say`No place was found; that there is none is not proved. ${what}`;
  }
}
