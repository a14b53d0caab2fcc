import type { Palette } from './palette.ts';
import { node, type SvgNode } from './svg.ts';

const stones: readonly (readonly [number, number])[] = [[6, 8], [19, 26], [37, 13], [30, 34], [43, 29], [12, 37]];
const grains: readonly (readonly [number, number, number])[] = [[2, 2, 1.1], [6.5, 5.5, 1.3], [6, 1, 0.7]];

/** Patterns of the materials, by drawing practice: concrete as dots and small triangles, sand-filled resin as close dots. */
export function hatchings(prefix: string, colors: Palette): SvgNode {
  const sand = (id: string, ground: string) =>
    node('pattern', { id: `${prefix}-${id}`, width: 9, height: 8, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 9, height: 8, fill: ground }),
      ...grains.map(([cx, cy, r]) => node('circle', { cx, cy, r, fill: colors.grain })),
    );
  return node('defs', {},
    node('pattern', { id: `${prefix}-concrete`, width: 46, height: 40, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 46, height: 40, fill: colors.concrete }),
      ...stones.map(([cx, cy]) => node('circle', { cx, cy, r: 1, fill: colors.concreteMark })),
      node('path', { d: 'M24 7l5 1-3 4zM8 20l4 3-5 2zM38 22l4-2 0 4z', fill: 'none', stroke: colors.concreteMark, 'stroke-width': 0.9 }),
    ),
    sand('lift-odd', colors.lift),
    sand('lift-even', colors.liftAlternate),
    node('pattern', { id: `${prefix}-hollow`, width: 8, height: 8, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 8, height: 8, fill: colors.sheet }),
      node('path', { d: 'M-2 2l4-4M0 8l8-8M6 10l4-4', stroke: colors.ink2, 'stroke-width': 1.1 }),
    ),
    node('pattern', { id: `${prefix}-choke`, width: 5, height: 5, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 5, height: 5, fill: colors.sheet }),
      node('circle', { cx: 1.5, cy: 1.5, r: 0.9, fill: colors.grain }),
      node('circle', { cx: 4, cy: 3.8, r: 0.8, fill: colors.grain }),
    ),
  );
}
