import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Step } from '../../step.ts';

/** The wait before the next lift goes on. */
export function waitNextLift(lift: number, wait: Figure, slabC: Figure, minutes: Figure): Step {
  return {
    id: `stiff-${String(lift)}`,
    builder: 'wait-next-lift',
    kind: 'wait',
    title: say`Wait for lift ${String(lift)} to stiffen, ${wait}`,
    detail: say`at ${slabC}; look then, and not before`,
    look: say`A thumb marks it and does not sink in.`,
    tools: [],
    stuff: [],
    minutes,
  };
}
