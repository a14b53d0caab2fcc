import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Made } from '../step.ts';

/** The moment from which the finish may go on, inside the resin's window. */
export function coatWithin(finish: 'thin-coating' | 'covering', from: Figure, until: Figure): Made {
  return {
    id: 'coat',
    builder: 'coat-within',
    kind: 'ready',
    title: finish === 'covering' ? say`Cover over it` : say`Coat over it`,
    detail: say`from ${from} to ${until} after the last resin; later, abrade and wipe first`,
    look: say`Ground face free of dust, no smear on a white cloth.`,
    done: 'Coated',
    tools: [],
    minutes: from,
  };
}
