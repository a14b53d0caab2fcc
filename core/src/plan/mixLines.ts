import type { Mix, MixRound } from '../method/work.ts';
import { say, type Saying } from '../quantity/saying.ts';

const roundLine = ({ title, times, parts }: MixRound): Saying => {
  const amounts: Saying = parts.flatMap((p, i) => say`${i === 0 ? '' : ', '}${p.what.toLowerCase()} ${p.amount}`);
  return say`${title}: ${times.value > 1 ? say`${times} times ` : ''}${amounts}.`;
};

/** What is said of a mix on paper: each of its batches where they differ, a line each, then the rest. */
export const mixLines = ({ rounds = [], says }: Pick<Mix, 'rounds' | 'says'>): readonly Saying[] => [...rounds.map(roundLine), ...says];
