import type { Figure } from '../../../quantity/figure.ts';
import { say, type Saying } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';
import type { EdgeForm, EdgeOf } from '../squareCut.ts';

/** Where the board stands, and what lies in line with what. */
const at: Readonly<Record<EdgeOf, { readonly title: string; readonly line: string; readonly look: string }>> = {
  nosing: {
    title: 'Set a board at the riser',
    line: 'braced from the tread below so that it does not give under the trowel, its top in line with the old edge',
    look: 'A straightedge runs from the old edge over the board without a step; the tread is as deep as the others of the flight.',
  },
  slab: {
    title: 'Set a board at the edge',
    line: 'braced so that it does not give under the trowel, its top in line with the old edge',
    look: 'A straightedge runs from the old edge over the board without a step.',
  },
  curb: {
    title: 'Set a board at the face of the curb',
    line: 'held by stakes or weights so that it does not give under the trowel, its top in line with the old edge, leaning as the old face leans',
    look: 'A straightedge runs from the old curb over the board without a step; water still runs along its foot.',
  },
  corner: {
    title: 'Set a board upright along the corner',
    line: 'plumb, clamped or propped so that it does not give under the trowel, its edge in line with the other face',
    look: 'A straightedge along the sound corner runs over the edge of the board without a step.',
  },
};

/** A board at a broken edge, and pins where it stands out. */
export function edgeForm({ of, high, long, out }: EdgeForm, minutes: Figure): Made {
  const { title, line, look } = at[of];
  const size: Saying = of === 'corner' ? say`${long} long, ${high} of the face` : say`${long} long, ${high} high`;
  return {
    id: 'form',
    builder: 'edge-form',
    kind: 'work',
    title: say`${title}, ${size}`,
    detail: say`wiped with release, ${line}${out ? say`; the new edge stands ${out} out: pins glued in first, as the sheet or the engineer says` : ''}`,
    look: say`${look}`,
    done: 'Board stands',
    tools: ['board', 'braces', 'release wipe'],
    minutes,
  };
}
