import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';
import type { EdgeForm } from '../squareCut.ts';

/** Drawing a brush over a tread or an edge, for grip; a corner that nobody treads on is rubbed to the old one. */
export function gripFace({ of, long, radius }: EdgeForm, minutes: Figure): Made {
  const round = radius
    ? say`the edge rounded to ${radius} with an edging tool`
    : say`${of === 'nosing' ? 'the edge rounded with a tool as the old ones are, no more than the code allows' : 'the edge broken with a tool as the old one is'}`;
  const upright = of === 'corner';
  return {
    id: 'grip',
    builder: 'grip-face',
    kind: 'work',
    title: upright ? say`Rub the corner to the old one, ${long}` : say`Draw a brush once along it, ${long}`,
    detail: upright
      ? say`when the sponge no longer drags: both faces with the float, toward the corner and never off it; the edge sharp, rounded or beveled as it goes on above and below`
      : say`wet and shaken out, along the edge, when the sponge no longer drags; ${round}`,
    look: upright
      ? say`The corner goes on in one line; no pale patch: pale early is drying out.`
      : say`Even lines that grip under a shoe; no pale patch: pale early is drying out.`,
    done: upright ? 'Rubbed' : 'Brushed',
    soon: 'at once',
    tools: upright ? ['float', 'sponge', 'straightedge'] : ['brush', 'edging tool', 'sponge'],
    minutes,
  };
}
