import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Drawing a brush over a tread or edge, for grip. */
export function gripFace(long: Figure, minutes: Figure): Made {
  return {
    id: 'grip',
    builder: 'grip-face',
    kind: 'work',
    title: say`Draw a brush once along it, ${long}`,
    detail: say`wet and shaken out, along the edge, when the sponge no longer drags; the edge rounded with a tool no more than the code allows`,
    look: say`Even lines that grip under a shoe; no pale patch: pale early is drying out.`,
    done: 'Brushed',
    soon: 'at once',
    tools: ['brush', 'edging tool', 'sponge'],
    minutes,
  };
}
