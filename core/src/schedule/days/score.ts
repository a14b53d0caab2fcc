import { at } from './problem.ts';

/** What days are made for. Late dates come first in all of them. */
export type Aim = 'finish' | 'visits' | 'date';

/** What a plan comes to. Times in min from the start of the job. */
export interface Score {
  readonly unplaced: number;
  /** min late, over all dates */
  readonly late: number;
  /** days on which anybody works */
  readonly visits: number;
  /** the end of the last work */
  readonly end: number;
  /** the smallest share of a window that is left, one where there is none */
  readonly slack: number;
  /** the ends of all repairs added up */
  readonly ends: number;
  /** how far all that ends after the bound ends after it, added up */
  readonly spill: number;
}

/** What counts, in its order. */
function ranks({ unplaced, late, visits, end, slack, ends }: Score, aim: Aim): readonly number[] {
  const first = [unplaced, late];
  if (aim === 'visits') return [...first, visits, end, ends];
  return aim === 'date' ? [...first, -slack, end, ends] : [...first, end, visits, ends];
}

/** What a search goes by on its way: for the earliest end all that ends after the bound, so that it sees its way out of the last day. */
export function leads(score: Score, aim: Aim): readonly number[] {
  const [unplaced = 0, late = 0, ...rest] = ranks(score, aim);
  return aim === 'finish' ? [unplaced, late, score.spill, ...rest] : [unplaced, late, ...rest];
}

export function compared(one: readonly number[], two: readonly number[]): number {
  const i = one.findIndex((v, n) => v !== two[n]);
  return i < 0 ? 0 : at(one, i) - at(two, i);
}

/** Which of two plans is better: negative where the first is. */
export function compareScores(a: Score, b: Score, aim: Aim): number {
  return compared(ranks(a, aim), ranks(b, aim));
}
