/**
 * Volumes of cut-outs, dishes, feathered patches and depth grids against worked values. The values are our own
 * second computation (closed forms checked there by quasi-random sampling), not a published source.
 */
import { describe, expect, it } from 'vitest';
import { dishVolume, featherRingVolume, featheredPatchVolume, roundRoutVolume, undercutBoxVolume } from '../src/geometry/cutOut.ts';
import { gridVolume } from '../src/geometry/depthGrid.ts';
import { crackVolume } from '../src/geometry/crackSize.ts';
import { evaluate } from '../src/quantity/formula.ts';

const within = (value: number, expected: number, tolerance: number) => {
  expect(Math.abs(value - expected)).toBeLessThanOrEqual(tolerance);
};

/** A grid over the square around a circular paraboloid of this diameter and depth. */
function paraboloid(diameter: number, depth: number, cells: number) {
  const places = Array.from({ length: cells + 1 }, (_v, i) => (diameter * i) / cells);
  const depthMm = places.flatMap((y) =>
    places.map((x) => Math.max(0, depth * (1 - ((x - diameter / 2) ** 2 + (y - diameter / 2) ** 2) / (diameter / 2) ** 2))),
  );
  return evaluate(gridVolume, { xMm: places, yMm: places, depthMm });
}

describe('worked volumes', () => {
  it('of a rout with a round bottom, deep and shallow', () => {
    within(evaluate(roundRoutVolume, { lengthMm: 3000, widthMm: 10, depthMm: 15 }), 417.81, 0.042);
    within(evaluate(roundRoutVolume, { lengthMm: 1000, widthMm: 20, depthMm: 6 }), 79.2673, 0.0079);
  });
  it('of a square cut-out that is undercut', () => {
    within(evaluate(undercutBoxVolume, { widthMm: 300, heightMm: 200, depthMm: 40, undercutMm: 4 }), 2480.85, 0.25);
  });
  it('of a slice of a sphere', () => {
    within(evaluate(dishVolume, { radiusMm: 60, depthMm: 20 }), 117.286, 0.012);
  });
  it('of a feathered ring', () => {
    within(evaluate(featherRingVolume, { innerMm: 150, outerMm: 300, humpMm: 6 }), 565.487, 0.057);
  });
  it('of a feathered patch', () => {
    within(evaluate(featheredPatchVolume, { widthMm: 300, heightMm: 200, marginMm: 150, thicknessMm: 3 }), 495, 0.05);
  });
  it('of a crack by trapezoids', () => {
    within(evaluate(crackVolume, { stationMm: [0, 500, 1000, 1500, 2000], widthMm: [0.2, 0.35, 0.6, 0.4, 0.3], lengthMm: 2000, depthMm: 25 }), 20, 0.0001);
  });
  it('under a grid of readings', () => {
    const places = [0, 50, 100, 150];
    within(evaluate(gridVolume, { xMm: places, yMm: places, depthMm: [0, 0, 0, 0, 0, 12, 18, 0, 0, 15, 22, 0, 0, 0, 0, 0] }), 167.5, 0.001);
    within(paraboloid(200, 20, 4), 300, 0.01);
    within(paraboloid(200, 20, 16), 313.672, 0.01);
  });
});
