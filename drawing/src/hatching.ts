import type { Palette } from './palette.ts';
import { node, type SvgNode } from './svg.ts';

const stones: readonly (readonly [number, number])[] = [
  [6, 8],
  [19, 26],
  [37, 13],
  [30, 34],
  [43, 29],
  [12, 37],
];
const grains: readonly (readonly [number, number, number])[] = [
  [2, 2, 1.1],
  [6.5, 5.5, 1.3],
  [6, 1, 0.7],
];

/**
 * Patterns of the materials, by drawing practice: concrete as dots and small triangles, masonry as slanting lines,
 * wood by its grain, board and plaster as sparse dots, a shell as crossed fibers, sand-filled resin as close dots.
 */
export function hatchings(prefix: string, colors: Palette): SvgNode {
  const sand = (id: string, ground: string) =>
    node(
      'pattern',
      { id: `${prefix}-${id}`, width: 9, height: 8, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 9, height: 8, fill: ground }),
      ...grains.map(([cx, cy, r]) => node('circle', { cx, cy, r, fill: colors.grain })),
    );
  return node(
    'defs',
    {},
    node(
      'pattern',
      { id: `${prefix}-concrete`, width: 46, height: 40, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 46, height: 40, fill: colors.concrete }),
      ...stones.map(([cx, cy]) => node('circle', { cx, cy, r: 1, fill: colors.concreteMark })),
      node('path', { d: 'M24 7l5 1-3 4zM8 20l4 3-5 2zM38 22l4-2 0 4z', fill: 'none', stroke: colors.concreteMark, 'stroke-width': 0.9 }),
    ),
    sand('lift-odd', colors.lift),
    sand('lift-even', colors.liftAlternate),
    node(
      'pattern',
      { id: `${prefix}-hollow`, width: 8, height: 8, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 8, height: 8, fill: colors.sheet }),
      node('path', { d: 'M-2 2l4-4M0 8l8-8M6 10l4-4', stroke: colors.ink2, 'stroke-width': 1.1 }),
    ),
    node(
      'pattern',
      { id: `${prefix}-masonry`, width: 11, height: 11, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 11, height: 11, fill: colors.masonry }),
      node('path', { d: 'M-3 8L8 -3M0 11L11 0M3 14L14 3', stroke: colors.concreteMark, 'stroke-width': 0.9 }),
    ),
    node(
      'pattern',
      { id: `${prefix}-plaster`, width: 14, height: 13, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 14, height: 13, fill: colors.concrete }),
      ...[
        [2, 3],
        [8, 2],
        [12, 7],
        [5, 8],
        [10, 11],
        [1, 11],
      ].map(([cx = 0, cy = 0]) => node('circle', { cx, cy, r: 0.7, fill: colors.concreteMark })),
    ),
    node(
      'pattern',
      { id: `${prefix}-board`, width: 30, height: 26, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 30, height: 26, fill: colors.board }),
      ...[
        [5, 6],
        [18, 3],
        [26, 14],
        [11, 17],
        [21, 22],
      ].map(([cx = 0, cy = 0]) => node('circle', { cx, cy, r: 0.8, fill: colors.concreteMark })),
    ),
    node(
      'pattern',
      { id: `${prefix}-wood`, width: 90, height: 15, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 90, height: 15, fill: colors.wood }),
      node('path', { d: 'M0 4c18-3 27 3 45 0s27-3 45 0M0 11c22 3 30-2 48 0s28 2 42 0', fill: 'none', stroke: colors.woodMark, 'stroke-width': 0.9 }),
    ),
    node(
      'pattern',
      { id: `${prefix}-shell`, width: 8, height: 8, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 8, height: 8, fill: colors.board }),
      node('path', { d: 'M0 0l8 8M8 0l-8 8', stroke: colors.concreteMark, 'stroke-width': 0.6 }),
    ),
    node(
      'pattern',
      { id: `${prefix}-laminate`, width: 9, height: 9, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 9, height: 9, fill: colors.lift }),
      node('path', { d: 'M0 2h9M0 6h9M2 0v9M6 0v9', stroke: colors.liftEdge, 'stroke-width': 0.6 }),
    ),
    node(
      'pattern',
      { id: `${prefix}-lath`, width: 26, height: 12, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 26, height: 12, fill: colors.sheet }),
      node('rect', { x: 3, y: 2, width: 18, height: 8, fill: colors.masonry, stroke: colors.ink, 'stroke-width': 0.9 }),
    ),
    node(
      'pattern',
      { id: `${prefix}-foam`, width: 12, height: 12, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 12, height: 12, fill: colors.board }),
      ...[
        [3, 3],
        [9, 9],
      ].map(([cx = 0, cy = 0]) => node('circle', { cx, cy, r: 2.4, fill: 'none', stroke: colors.concreteMark, 'stroke-width': 0.9 })),
    ),
    node(
      'pattern',
      { id: `${prefix}-choke`, width: 5, height: 5, patternUnits: 'userSpaceOnUse' },
      node('rect', { width: 5, height: 5, fill: colors.sheet }),
      node('circle', { cx: 1.5, cy: 1.5, r: 0.9, fill: colors.grain }),
      node('circle', { cx: 4, cy: 3.8, r: 0.8, fill: colors.grain }),
    ),
  );
}
