import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Made } from '../step.ts';

/** The wait between two lifts: the first has gelled. */
export function waitForGel(after: number, gel: Figure, slabC: Figure): Made {
  return {
    id: `gelled-${String(after)}`,
    builder: 'wait-for-gel',
    kind: 'wait',
    title: say`Wait for lift ${String(after)} to gel, ${gel}`,
    detail: say`at ${slabC}; touch the retained sample, not the work; knife wiped meanwhile`,
    look: say`A thumbnail leaves no mark on the retained sample.`,
    done: 'Gelled',
    cleans: true,
    tools: [],
    minutes: gel,
  };
}
