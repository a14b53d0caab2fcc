import { ribbon, wander } from '../geometry/crackLine.ts';
import { rectangle } from '../geometry/layeredSection.ts';
import type { Section } from '../geometry/section.ts';
import { say } from '../quantity/saying.ts';
import type { CutThrough } from './kind.ts';

/** The crack as found, with nothing cut: while the plan is held, or nothing is chosen. */
export function foundSection({ slab, depth, widest, mean }: CutThrough): Section {
  const drawnDepth = Math.min(slab.value, Math.max(depth.value * 1.15, widest.value * 6, 30));
  const half = Math.max(drawnDepth * 0.75, widest.value * 4);
  const crackTo = Math.min(depth.value, drawnDepth);
  const middle = wander(0, crackTo, widest.value * 0.8 + half * 0.04);
  return {
    view: 'section',
    caption: say`Cut through at the widest place, as found`,
    footnote: drawnDepth < slab.value ? say`slab ${slab}, drawn in part` : say`slab ${slab}`,
    extent: { left: -half, right: half, top: 0, bottom: drawnDepth },
    brokenBelow: drawnDepth < slab.value,
    regions: [
      { id: 'slab', material: 'concrete', outline: rectangle(-half, 0, half, drawnDepth) },
      { id: 'crack', material: 'crack', outline: ribbon(middle, widest.value) },
    ],
    lines: [],
    dimensions: [{ id: 'depth', along: 'y', from: [half * 0.45, 0], to: [half * 0.45, crackTo], figure: depth, side: 'right' }],
    notes: [{ id: 'widest', at: [widest.value / 2, crackTo * 0.08], title: say`${widest} at the widest`, detail: say`${mean} in the mean` }],
  };
}
