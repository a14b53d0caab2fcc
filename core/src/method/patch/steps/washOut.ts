import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Cleaning the cut-out of dust. */
export function washOut(minutes: Figure): Made {
  return {
    id: 'wash',
    builder: 'wash-out',
    kind: 'work',
    title: say`Vacuum, wash, vacuum again`,
    detail: say`no blower; oil and curing film are cut away, they do not wash off`,
    look: say`A wiped hand stays clean; water is drunk, it does not bead.`,
    done: 'Washed clean',
    plain: 'clean is clean, whatever the size',
    tools: ['vacuum', 'stiff brush', 'clean water'],
    minutes,
  };
}
