import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** The scrub coat that bonds new to old. */
export function scrubCoat(film: Figure, open: Figure, minutes: Figure, bars: boolean): Made {
  return {
    id: 'scrub',
    builder: 'scrub-coat',
    kind: 'work',
    title: say`Scrub in a thin coat, ${film}`,
    detail: say`the same mortar, wetter, worked into the ground${bars ? ' and onto the bars' : ''} with a stiff brush; covered within ${open}, while it is wet`,
    look: say`Every pore is gray and wet; nothing has turned pale.`,
    done: 'Scrubbed in',
    tools: ['stiff brush'],
    minutes,
  };
}
