import { Ledger } from '../quantity/ledger.ts';
import type { Saying } from '../quantity/saying.ts';
import { DaysSearch, findDays, type Found } from '../schedule/days/improve.ts';
import { at, mayDo, type Placement, type Problem } from '../schedule/days/problem.ts';
import type { Aim } from '../schedule/days/score.ts';
import { Standing, type InTheWay } from '../schedule/days/standing.ts';
import { DaysWords } from './daysWords.ts';

/** Something wanted elsewhere: when its work begins, in min from the start of the job, and who does it, by place in the list of workers. */
export interface Move {
  readonly act: number;
  readonly start: number;
  readonly people: readonly number[];
}

/** Where one thing may begin while all else stays as it is, in min; by the people at it, and by each other crew of as many that could. */
export interface Room {
  readonly act: number;
  readonly here: readonly { readonly from: number; readonly to: number }[];
  /** who else could do it at the time it stands */
  readonly others: readonly (readonly number[])[];
}

/** What came of a move: the plan with it, what else had to give way being told by comparing; or why not, and nothing is changed. */
export type Moved = { readonly ok: true; readonly problem: Problem; readonly found: Found } | { readonly ok: false; readonly why: Saying };

/** Between starts that are tried, in min. */
const roomStep = 5;

/**
 * Where an activity of a plan may begin on a day with all else as it is.
 * @throws Error where it has no place
 */
export function roomOf(problem: Problem, placements: readonly Placement[], act: number): Room {
  const stood = placements.find((p) => p.act === act);
  if (!stood) throw new Error('it has no place');
  const standing = Standing.of(problem, placements);
  const { days, workers } = problem;
  const day = days.findLastIndex((d) => d <= stood.start);
  const here = standing.room(act, stood.people, at(days, day), (days[day + 1] ?? at(days, day)) - 1, roomStep);
  const crews = stood.people.length === 1 ? workers.map((_w, i) => [i]) : workers.flatMap((_w, a) => workers.flatMap((_x, b) => (b > a ? [[a, b]] : [])));
  const able = (people: readonly number[]) => mayDo(problem, at(problem.activities, act), people);
  const same = (people: readonly number[]) => people.every((p) => stood.people.includes(p));
  return { act, here, others: crews.filter((people) => !same(people) && able(people) && !standing.inTheWay(act, people, stood.start)) };
}

/** Tries at a plan around what was moved: it ends with the first in which nothing lost its place or its date. */
const moveRounds = 60;

/**
 * Moves one thing of a plan. Where it fits with all else as it is, all else stays; else what is in its way gives way, if it can: then the
 * plan is searched anew from as it stands, and is taken where nothing loses its place or its date by it.
 * @param pinned the problem in which it is set there by hand
 */
export function moveDays(problem: Problem, found: Found, pinned: Problem, { act, start, people }: Move, aim: Aim): Moved {
  const standing = Standing.of(problem, found.placements);
  const way: InTheWay | undefined = start < 0 ? { by: 'hours' } : standing.inTheWay(act, people, start);
  const search = { aim, seed: 1 } as const;
  if (!way) {
    const minutes = at(problem.activities, act).ways.find((w) => w.people === people.length)?.minutes ?? 0;
    standing.roster.take(act);
    const spot = standing.roster.spot(act, people, minutes, start, { by: 'pin' }, start);
    if (spot) standing.roster.put(act, spot);
    const moved = findDays(pinned, { ...search, rounds: 0, from: standing.roster.placements(), alone: true });
    return { ok: true, problem: pinned, found: moved };
  }
  const others = found.placements.filter((p) => at(problem.activities, p.act).repair !== at(problem.activities, act).repair);
  const around = new DaysSearch(pinned, { ...search, rounds: moveRounds, from: others, alone: true });
  const isWorse = () => around.best.unplaced > found.score.unplaced || around.best.late > found.score.late;
  while (isWorse() && around.advance(1));
  if (isWorse()) return { ok: false, why: new DaysWords(problem, new Ledger()).inTheWay(act, way) };
  return { ok: true, problem: pinned, found: around.found() };
}
