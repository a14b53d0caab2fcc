import { say, type Saying } from '../quantity/saying.ts';
import { findDays } from '../schedule/days/improve.ts';
import type { Placement } from '../schedule/days/problem.ts';
import type { Aim } from '../schedule/days/score.ts';
import { planFaults } from '../schedule/days/validate.ts';
import { toldDays, type DaysMade } from './makeDays.ts';
import { daysOf, type DaysInput } from './daysInput.ts';

/** Where something of the days stands, by ids: what a plan is kept and sent as. */
export interface KeptPlacement {
  readonly id: string;
  /** whole min from the start of the job */
  readonly start: number;
  readonly end: number;
  /** ids of people of the crew, who covers first */
  readonly people: readonly string[];
}

/** What of days is kept, of those that were made. */
export function placementsOf({ problem, found }: Pick<DaysMade, 'problem' | 'found'>): readonly KeptPlacement[] {
  return found.placements.map(({ act, start, end, people }) => ({
    id: problem.activities[act]?.id ?? '',
    start,
    end,
    people: people.map((p) => problem.workers[p]?.id ?? ''),
  }));
}

/**
 * The days that placements are, on a job as it is now: gone through minute by minute by what does not make plans, then told.
 * @returns why they are none, where they no longer hold
 */
export function keptDays(
  input: DaysInput,
  { aim, seed, placements }: { readonly aim: Aim; readonly seed: number; readonly placements: readonly KeptPlacement[] },
): { readonly ok: true; readonly made: DaysMade } | { readonly ok: false; readonly why: Saying } {
  const days = daysOf(input);
  const { problem } = days;
  const acts = new Map(problem.activities.map((a, i) => [a.id, i]));
  const workers = new Map(problem.workers.map((w, i) => [w.id, i]));
  const placed: Placement[] = [];
  for (const { id, start, end, people } of placements) {
    const [act, by] = [acts.get(id), people.map((p) => workers.get(p) ?? -1)];
    if (act === undefined || by.includes(-1))
      return { ok: false, why: say`The job was changed since these days were made. Look at the days as they are now, then keep them.` };
    placed.push({ act, start, end, people: by, before: by.map(() => 0), cover: 0, away: 0 });
  }
  if (placed.length === 0) return { ok: false, why: say`There is nothing in these days to keep.` };
  const found = findDays(problem, { aim, seed, rounds: 0, from: placed, alone: true });
  const same = found.placements.every((p) =>
    placed.some((o) => o.act === p.act && o.start === p.start && o.end === p.end && o.people.join() === p.people.join()),
  );
  // what does not stand where it was sent, or does not hold there, is of another job than this
  if (!same || found.placements.length !== placed.length || planFaults(problem, found.placements).length > 0)
    return { ok: false, why: say`These days do not hold for the job as it is now. Look at the days as they are now, then keep them.` };
  return { ok: true, made: toldDays(input, days, found, seed) };
}
