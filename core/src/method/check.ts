import type { Check, Made } from './step.ts';

/** The check by which a step is accepted: work and waits at their end, what may begin from then on at its start. */
export function checkOf({ kind, done, limits = [] }: Made): Check {
  return { done, limits, due: kind === 'ready' ? 'start' : 'end' };
}
