import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evaluate } from '../quantity/formula.ts';
import {
  barLoss,
  depthBehindBar,
  dishVolume,
  featherRingVolume,
  featheredPatchVolume,
  looseWeight,
  ovalDishVolume,
  roundRoutVolume,
  taperedHoleVolume,
  undercutBoxVolume,
  veeVolume,
} from './cutOut.ts';
import { deepestReading, gridMeanDepth, gridVolume } from './depthGrid.ts';
import {
  crossesItself,
  outlineArea,
  outlinePerimeter,
  outlinePoints,
  reachOver,
  shareOfEstimate,
  squareCutOut,
  type Outline,
  type OutlinePoint,
} from './outline.ts';
import { boxCells, cellsOf, leastCover, type CellBox, type TappingMap } from './tapping.ts';
import { productTolerance, volumeP90 } from './tolerance.ts';

const lists = (points: readonly OutlinePoint[]) => ({ xMm: points.map((p) => p.xMm), yMm: points.map((p) => p.yMm) });
const areaOf = (outline: Outline) => evaluate(outlineArea, lists(outlinePoints(outline)));
const side = fc.integer({ min: 5, max: 4000 });

/** Volume under a height by the midpoint rule on a fine grid, in mL: knows nothing of the closed form. */
function integrated(reach: number, height: (x: number, y: number) => number, n = 400): number {
  const step = (2 * reach) / n;
  let sum = 0;
  for (let i = 0; i < n; i++) for (let k = 0; k < n; k++) sum += height(-reach + (i + 0.5) * step, -reach + (k + 0.5) * step);
  return (sum * step * step) / 1000;
}
const near = (value: number, expected: number, share: number) => {
  expect(Math.abs(value - expected)).toBeLessThanOrEqual(Math.abs(expected) * share + 1e-9);
};

describe('outlines', () => {
  it('by common shapes have the area of the shape', () => {
    fc.assert(
      fc.property(side, side, (widthMm, heightMm) => {
        near(areaOf({ shape: { is: 'rectangle', widthMm, heightMm } }), widthMm * heightMm, 1e-9);
        near(areaOf({ shape: { is: 'triangle', widthMm, heightMm } }), (widthMm * heightMm) / 2, 1e-9);
        near(areaOf({ shape: { is: 'ellipse', widthMm, heightMm } }), (Math.PI * widthMm * heightMm) / 4, 1e-9);
      }),
    );
    near(areaOf({ shape: { is: 'l-shape', widthMm: 500, heightMm: 400, armWidthMm: 200, armHeightMm: 150 } }), 500 * 400 - 300 * 250, 1e-9);
  });

  it('have the same area wherever they lie and whichever way round they were walked', () => {
    const points = fc.array(fc.record({ xMm: fc.integer({ min: 0, max: 3000 }), yMm: fc.integer({ min: 0, max: 3000 }) }), { minLength: 3, maxLength: 12 });
    fc.assert(
      fc.property(points, fc.integer({ min: -500, max: 500 }), (ps, by) => {
        const area = areaOf({ points: ps });
        near(areaOf({ points: ps.map((p) => ({ xMm: p.xMm + by, yMm: p.yMm - by })) }), area, 1e-6);
        near(areaOf({ points: [...ps].reverse() }), area, 1e-9);
      }),
    );
  });

  it('know when their line crosses itself', () => {
    const corner = (xMm: number, yMm: number) => ({ xMm, yMm });
    expect(crossesItself([corner(0, 0), corner(100, 100), corner(100, 0), corner(0, 100)])).toBe(true);
    for (const is of ['rectangle', 'ellipse', 'triangle'] as const)
      expect(crossesItself(outlinePoints({ shape: { is, widthMm: 300, heightMm: 200 } }))).toBe(false);
    expect(crossesItself(outlinePoints({ shape: { is: 'l-shape', widthMm: 500, heightMm: 400, armWidthMm: 200, armHeightMm: 150 } }))).toBe(false);
  });

  it('reach, go around, and are cut out square', () => {
    const points = lists(outlinePoints({ shape: { is: 'rectangle', widthMm: 300, heightMm: 200 } }));
    expect(evaluate(outlinePerimeter, points)).toBe(1000);
    expect(evaluate(reachOver, { placeMm: points.xMm })).toBe(300);
    expect(evaluate(squareCutOut, { widthMm: 300, heightMm: 200, marginMm: 100 })).toBe(500 * 400);
    expect(evaluate(shareOfEstimate, { measuredMm2: 150, estimatedMm2: 100 })).toBe(1.5);
  });
});

describe('volumes, against fine numerical integration', () => {
  it('dishes', () => {
    const sphere = (a: number, h: number) => {
      const r = (a * a + h * h) / (2 * h);
      return (x: number, y: number) => Math.max(0, Math.sqrt(Math.max(0, r * r - x * x - y * y)) - (r - h));
    };
    near(evaluate(dishVolume, { radiusMm: 60, depthMm: 20 }), integrated(60, sphere(60, 20)), 0.002);
    near(
      evaluate(ovalDishVolume, { widthMm: 200, heightMm: 120, depthMm: 30 }),
      integrated(100, (x, y) => 30 * Math.sqrt(Math.max(0, 1 - (x / 100) ** 2 - (y / 60) ** 2))),
      0.002,
    );
  });

  it('feathers', () => {
    const cone = (x: number, y: number) => {
      const d = Math.hypot(x, y);
      return d < 150 || d > 300 ? 0 : (6 * (300 - d)) / 150;
    };
    near(evaluate(featherRingVolume, { innerMm: 150, outerMm: 300, humpMm: 6 }), integrated(300, cone, 800), 0.002);
    const wedge = (x: number, y: number) => 3 * Math.max(0, 1 - Math.max(0, Math.abs(x) - 150, Math.abs(y) - 100) / 150);
    near(evaluate(featheredPatchVolume, { widthMm: 300, heightMm: 200, marginMm: 150, thicknessMm: 3 }), integrated(300, wedge, 800), 0.002);
  });

  it('routs, a V, undercut and tapered holes', () => {
    const slices = (area: (z: number) => number, depth: number, n = 20_000) =>
      Array.from({ length: n }, (_v, i) => area(((i + 0.5) * depth) / n)).reduce((a, b) => a + b, 0) * (depth / n);
    const round = (depth: number) => slices((z) => (z < depth - 10 ? 20 : 2 * Math.sqrt(Math.max(0, 100 - (z - (depth - 10)) ** 2))), depth);
    near(evaluate(roundRoutVolume, { lengthMm: 1000, widthMm: 20, depthMm: 18 }), round(18), 0.001);
    near(evaluate(roundRoutVolume, { lengthMm: 1000, widthMm: 20, depthMm: 6 }), round(6), 0.001);
    expect(evaluate(veeVolume, { lengthMm: 1000, widthMm: 6, depthMm: 4 })).toBe(12);
    near(
      evaluate(undercutBoxVolume, { widthMm: 300, heightMm: 200, depthMm: 40, undercutMm: 4 }),
      slices((z) => (300 + (8 * z) / 40) * (200 + (8 * z) / 40), 40) / 1000,
      1e-4,
    );
    near(evaluate(taperedHoleVolume, { faceMm2: 10_000, backMm2: 2500, depthMm: 30 }), slices((z) => (100 - (50 * z) / 30) ** 2, 30) / 1000, 1e-4);
  });
});

describe('depth grids', () => {
  it('give a flat bottom exactly, the mean and the deepest place', () => {
    const grid = { xMm: [0, 100, 250], yMm: [0, 80], depthMm: Array<number>(6).fill(12) };
    expect(evaluate(gridVolume, grid)).toBe(240);
    expect(evaluate(gridMeanDepth, grid)).toBe(12);
    expect(evaluate(deepestReading, { depthMm: [3, 18, 4] })).toBe(18);
  });

  it('never hold more than their deepest place everywhere', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 90, noNaN: true }), { minLength: 9, maxLength: 9 }), (depthMm) => {
        const places = [0, 50, 120];
        const volume = evaluate(gridVolume, { xMm: places, yMm: places, depthMm });
        expect(volume).toBeLessThanOrEqual((120 * 120 * Math.max(...depthMm)) / 1000 + 1e-9);
      }),
    );
  });
});

describe('bars and loose layers', () => {
  it('reach a quarter of the section lost at about nine tenths of the diameter', () => {
    near(evaluate(barLoss, { leftMm: 12 * 0.866, barMm: 12 }), 25, 0.001);
    near(evaluate(barLoss, { leftMm: 12 * 0.894, barMm: 12 }), 20, 0.005);
    expect(evaluate(barLoss, { leftMm: 13, barMm: 12 })).toBe(0);
  });
  it('clear behind the bar for the stone where that is larger', () => {
    const at = (stoneMm: number) => evaluate(depthBehindBar, { coverMm: 25, barMm: 12, leastMm: 19, stoneMm, stoneMarginMm: 6 });
    expect([at(10), at(20)]).toEqual([56, 63]);
  });
  it('weigh what is loose', () => {
    expect(evaluate(looseWeight, { areaMm2: 1e6, thicknessMm: 20, densityKgL: 1.7 })).toBe(34_000);
  });
});

describe('tolerance', () => {
  it('adds as the root of squares, and leaves one in ten above', () => {
    expect(evaluate(productTolerance, { measureMm: [300, 200], toleranceMm: [3, 2] })).toBeCloseTo(Math.SQRT2, 9);
    // against sampling: a product of three measures, each anywhere within its tolerance
    let seed = 1;
    const random = () => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647;
    const measures = [
      [300, 6],
      [200, 6],
      [25, 2],
    ] as const;
    const samples = Array.from({ length: 40_000 }, () => measures.reduce((v, [m, t]) => v * (m + t * (2 * random() - 1)), 1 / 1000)).sort((a, b) => a - b);
    const tolerancePct = evaluate(productTolerance, { measureMm: measures.map(([m]) => m), toleranceMm: measures.map(([, t]) => t) });
    near(evaluate(volumeP90, { volumeMl: 1500, tolerancePct }), samples[36_000] ?? 0, 0.01);
  });
});

describe('leastCover', () => {
  const map = (...rows: string[]): TappingMap => ({ cellMm: 100, rows });
  const lost = (m: TappingMap, boxes: readonly CellBox[]) => boxes.reduce((sum, b) => sum + boxCells(b), 0) - cellsOf(m, 'h');

  it('takes one rectangle around what is one', () => {
    expect(leastCover(map('....', '.hh.', '.hh.', '....'), 4)).toEqual([{ left: 1, top: 1, right: 2, bottom: 2 }]);
  });

  it('takes two where one would lose much sound area, one where they lie close', () => {
    const far = map('hh........', 'hh........', '..........', '........hh', '........hh');
    expect(leastCover(far, 4)).toHaveLength(2);
    expect(lost(far, leastCover(far, 4))).toBe(0);
    expect(leastCover(map('hhsh', 'hhsh'), 4)).toHaveLength(1);
  });

  it('cuts an L into two', () => {
    const ell = map('hh....', 'hh....', 'hh....', 'hhhhhh', 'hhhhhh');
    expect(leastCover(ell, 3)).toHaveLength(2);
    expect(leastCover(ell, 20)).toHaveLength(1);
  });

  it('covers every hollow cell once, never costs more than one box around all, nor than each cell alone', () => {
    const cells = fc.array(
      fc.array(fc.constantFrom('h', 's', '.'), { minLength: 7, maxLength: 7 }).map((r) => r.join('')),
      { minLength: 1, maxLength: 7 },
    );
    fc.assert(
      fc.property(cells, fc.integer({ min: 1, max: 12 }), (rows, cost) => {
        const m = map(...rows);
        const boxes = leastCover(m, cost);
        const times = (x: number, y: number) => boxes.filter((b) => x >= b.left && x <= b.right && y >= b.top && y <= b.bottom).length;
        rows.forEach((row, y) => {
          [...row].forEach((c, x) => {
            expect(times(x, y)).toBeLessThanOrEqual(1);
            if (c === 'h') expect(times(x, y)).toBe(1);
          });
        });
        const hollow = cellsOf(m, 'h');
        const total = lost(m, boxes) + cost * boxes.length;
        expect(total).toBeLessThanOrEqual(hollow === 0 ? 0 : cost * hollow);
        if (hollow > 0) expect(total).toBeLessThanOrEqual(7 * rows.length - hollow + cost);
      }),
      { numRuns: 150 },
    );
  });

  it('is done with the largest map there may be', () => {
    const rows = Array.from({ length: 20 }, (_v, y) => Array.from({ length: 20 }, (_w, x) => ((x * 7 + y * 13) % 11 === 0 ? 'h' : 's')).join(''));
    expect(leastCover({ cellMm: 100, rows }, 4).length).toBeGreaterThan(1);
  });
});
