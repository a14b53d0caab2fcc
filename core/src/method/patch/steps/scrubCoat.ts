import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** The scrub coat that bonds new to old, for one lift: the first over bottom and walls, each later one over the walls above. */
export function scrubCoat(lift: number, film: Figure, open: Figure, minutes: Figure, bars: boolean): Made {
  return {
    id: `scrub-${String(lift)}`,
    builder: 'scrub-coat',
    kind: 'work',
    title: lift === 1 ? say`Scrub in a thin coat, ${film}` : say`Scrub the walls above lift ${String(lift - 1)}, ${film}`,
    detail: say`the same mortar, wetter, worked into the ${lift === 1 ? 'ground' : 'walls, where the last has dried,'}${bars ? ' and onto the bars' : ''} with a stiff brush; covered within ${open}, while it is wet`,
    look: say`Every pore is gray and wet; nothing has turned pale.`,
    done: 'Scrubbed in',
    tools: ['stiff brush'],
    minutes,
  };
}
