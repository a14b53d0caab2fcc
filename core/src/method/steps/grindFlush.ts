import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Made } from '../step.ts';

/** Grinding the proud top to the plane of the slab. */
export function grindFlush(minutes: Figure, proud: Figure, length: Figure): Made {
  return {
    id: 'grind',
    builder: 'grind-flush',
    kind: 'work',
    title: say`Grind flush, take off ${proud}`,
    detail: say`diamond cup, ${length}; vacuum, then dust the face off`,
    look: say`A straightedge across shows no light; low places are marked and filled again today.`,
    done: 'Ground flush',
    sign: 'flush',
    tools: ['cup grinder', 'shroud and vacuum', 'straightedge'],
    minutes,
  };
}
