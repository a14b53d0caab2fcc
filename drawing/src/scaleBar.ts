import type { UnitSystem } from '@oddment/core';
import type { Palette } from './palette.ts';
import { node, type SvgNode } from './svg.ts';

const mmPerInch = 25.4;
const inchSteps: readonly (readonly [number, string])[] = [
  [1 / 8, '1/8'],
  [1 / 4, '1/4'],
  [1 / 2, '1/2'],
  [1, '1'],
  [2, '2'],
  [4, '4'],
  [6, '6'],
  [12, '12'],
  [24, '24'],
];
const mmSteps = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];

/** A scale bar of a round length, between about 60 and 150 px. */
export function scaleBar(pxPerMm: number, units: UnitSystem, x: number, y: number, colors: Palette): SvgNode {
  const wanted = 90;
  const choices = units === 'metric' ? mmSteps.map((mm) => [mm, String(mm)] as const) : inchSteps.map(([inch, label]) => [inch * mmPerInch, label] as const);
  const [mm, label] = choices.reduce((best, one) => (Math.abs(one[0] * pxPerMm - wanted) < Math.abs(best[0] * pxPerMm - wanted) ? one : best));
  const px = mm * pxPerMm;
  return node(
    'g',
    { 'data-part': 'scale', 'font-size': 13 },
    node('rect', { x, y, width: px / 2, height: 5, fill: colors.ink, stroke: colors.ink }),
    node('rect', { x: x + px / 2, y, width: px / 2, height: 5, fill: colors.sheet, stroke: colors.ink }),
    node('text', { x, y: y + 21, fill: colors.ink2, 'text-anchor': 'middle' }, '0'),
    node('text', { x: x + px, y: y + 21, fill: colors.ink2, 'text-anchor': 'middle' }, `${label} ${units === 'metric' ? 'mm' : 'in'}`),
  );
}
