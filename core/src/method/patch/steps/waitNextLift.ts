import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** The wait before the next lift goes on, or before the last is floated. */
export function waitNextLift(lift: number, wait: Figure, slabC: Figure, minutes: Figure, then: 'lift' | 'float' = 'lift'): Made {
  return {
    id: `stiff-${String(lift)}`,
    builder: 'wait-next-lift',
    kind: 'wait',
    title: say`Wait for lift ${String(lift)} to stiffen, ${wait}`,
    detail: say`at ${slabC}; look then, and not before; trowels and mixer washed meanwhile, before what is on them stiffens`,
    look: then === 'lift' ? say`A thumb marks it and does not sink in.` : say`A thumb leaves a shallow mark, no water comes up.`,
    done: 'Stiff to the thumb',
    cleans: true,
    tools: [],
    minutes,
  };
}
