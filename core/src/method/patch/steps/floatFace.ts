import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Finishing the face. */
export function floatFace(minutes: Figure): Made {
  return {
    id: 'float',
    builder: 'float-face',
    kind: 'work',
    title: say`Float it to the texture around`,
    detail: say`when a thumb leaves a shallow mark; no water sprinkled on`,
    look: say`Meets the old face without a ridge; texture alike from two steps away.`,
    done: 'Floated',
    soon: true,
    plain: 'the thumb decides when, not the clock',
    tools: ['float', 'sponge'],
    minutes,
  };
}
