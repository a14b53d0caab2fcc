import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Said } from '../../course.ts';
import { coverTitle } from '../../words/protecting.ts';
import type { Made } from '../../step.ts';

/** Covering what lies around the place. */
export function coverAround(around: Figure, minutes: Figure, outdoors: boolean): Made & Pick<Said, 'once'> {
  return {
    id: 'cover',
    builder: 'cover-around',
    kind: 'work',
    title: coverTitle(around),
    detail: outdoors
      ? say`sheet over plants, gratings and what stays; tape a line outside the cut; people kept out of the dust, nothing loose in its way`
      : say`sheet on the floor and over what stays; tape a line outside the cut; close off the dust`,
    look: say`Nothing bare within reach of splash and dust.`,
    done: 'All covered',
    tools: ['sheet', 'tape'],
    once: 'area-day',
    minutes,
  };
}
