import type { Candidate } from '../match/candidates.ts';
import type { Figure } from '../quantity/figure.ts';
import type { PlannedWork } from './plannedWork.ts';

/** What a candidate takes of the clock, comparable with every other. */
export interface Times {
  /** from the start of the work until it may be used */
  readonly inUse: Figure;
  readonly handsOn: Figure;
}

/** The times of candidates, each made when someone looks; nothing where there is no work with it. */
export function timesBy(workWith: (candidate: Candidate) => PlannedWork | undefined): (candidate: Candidate) => Times | undefined {
  return (candidate) => {
    const timed = workWith(candidate)?.schedule;
    return timed?.inUse && { inUse: timed.inUse, handsOn: timed.handsOn };
  };
}
