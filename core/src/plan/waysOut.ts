import { Ledger } from '../quantity/ledger.ts';
import { instant, say, type Saying } from '../quantity/saying.ts';
import { findDays, type Found, type Search } from '../schedule/days/improve.ts';
import { compareScores, type Score } from '../schedule/days/score.ts';
import { at, type Problem } from '../schedule/days/problem.ts';
import { instantAfter } from '../schedule/schedule.ts';
import { changedBy, changesOf, type Change, type WayTaken } from './changes.ts';
import { daysOf, type DaysInput } from './daysInput.ts';
import type { JobDays } from './jobDays.ts';

/** A way out that was tried, and works. */
export interface WayOut {
  readonly id: string;
  /** what is done otherwise */
  readonly says: Saying;
  /** what is changed to take it */
  readonly take: WayTaken;
  /** what it brings, and costs */
  readonly comes: Saying;
  readonly score: Score;
  /** the days that it gives */
  readonly made: { readonly input: DaysInput; readonly days: JobDays; readonly found: Found };
}

/** As many ways as are tried. */
const mostTried = 12;
/** As many as are told. */
const mostTold = 3;
/** What brings less is none, in min. */
const leastGain = 15;

const personMin = (f: Found, p: Problem) =>
  f.placements.reduce((sum, one) => sum + one.people.length * (one.end - one.start) * (at(p.activities, one.act).ways.length > 0 ? 1 : 0), 0);

/** One thing otherwise, tried: what comes of it, however that is; nothing where a repair would have no plan by it. */
export function triedChange(input: DaysInput, problem: Problem, found: Found, change: Change, search: Search): WayOut | undefined {
  const changed = changedBy(input, change.take);
  const days = daysOf(changed);
  const other = days.problem;
  if (other.repairs.length < problem.repairs.length) return undefined;
  // with more of something the plan without it still holds: it is begun from
  const same = change.only === true && other.activities.every((a, n) => a.id === problem.activities[n]?.id);
  const tried = findDays(other, { aim: search.aim, rounds: search.rounds, seed: search.seed, ...(same && { from: found.placements }) });
  return {
    id: change.id,
    says: change.says,
    take: change.take,
    score: tried.score,
    comes: comes(problem, found.score, tried.score, personMin(tried, other) - personMin(found, problem), new Ledger()),
    made: { input: changed, days, found: tried },
  };
}

/**
 * Ways out, each of which was tried and works: planned anew with one thing changed.
 * @returns the three that keep a date or find a place where there was none, else that bring the end forward most
 */
export function waysOut(input: DaysInput, problem: Problem, found: Found, search: Search): readonly WayOut[] {
  const changes = changesOf(input, problem, found, new Ledger()).critical.slice(0, mostTried);
  const now = found.score;
  const failed = now.unplaced > 0 || now.late > 0;
  const gain = ({ score }: WayOut) => now.end - score.end;
  const worked = changes.flatMap((change, i): WayOut[] => {
    if (search.progress?.(i / changes.length, now) === false) return [];
    const way = triedChange(input, problem, found, change, search);
    if (!way) return [];
    // where something fails, a way out is what mends it; else what brings the end forward by enough
    const works = failed ? way.score.unplaced === 0 && way.score.late === 0 : gain(way) >= leastGain;
    return works && compareScores(way.score, now, search.aim) < 0 ? [way] : [];
  });
  const fails = (s: Score) => s.unplaced * 1e9 + s.late;
  return worked.sort((a, b) => fails(a.score) - fails(b.score) || gain(b) - gain(a) || a.score.visits - b.score.visits).slice(0, mostTold);
}

function comes(problem: Problem, now: Score, then: Score, moreMin: number, ledger: Ledger): Saying {
  const end = say`done ${instant(instantAfter(problem.startAt, then.end))}`;
  const visits =
    then.visits === now.visits
      ? say``
      : say`, on ${ledger.stated('Days of work', 'count', then.visits)} days instead of ${ledger.stated('Days of work', 'count', now.visits)}`;
  const hands =
    Math.abs(moreMin) < leastGain ? say`` : say`, ${ledger.stated('By hand', 'duration', Math.abs(moreMin))} ${moreMin > 0 ? 'more' : 'less'} by hand`;
  const rest =
    then.unplaced > 0
      ? say`; some of it still has no place`
      : then.late > 0
        ? say`; still late`
        : now.late > 0 || now.unplaced > 0
          ? say`; every date holds`
          : say``;
  return say`${end}${visits}${hands}${rest}`;
}
