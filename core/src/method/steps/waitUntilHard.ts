import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Made } from '../step.ts';

/** The wait before grinding, or before the next lift: a condition first, the time says when to look. */
export function waitUntilHard(wait: Figure, slabC: Figure, lift?: number): Made {
  return {
    id: lift === undefined ? 'hard' : `hard-${String(lift)}`,
    builder: 'wait-until-hard',
    kind: 'wait',
    title: say`Wait until ${lift === undefined ? '' : `lift ${String(lift)} is `}hard, ${wait}`,
    detail: say`at ${slabC}; look then, and not before${lift === undefined ? '' : '; knife and rod wiped at its start'}`,
    look: say`Hard and dry, does not smear or dent, as cool as around it.`,
    done: 'Hard',
    cleans: true,
    tools: [],
    minutes: wait,
  };
}
