// Common practice, no source: examples worked by hand, to within half a percent.
import { describe, expect, it } from 'vitest';
import { crackVolume, meanWidth } from '../src/geometry/crackSize.ts';
import { chaseVolume, cutAllowed, faceFilm, liftCount, proudVolume, routWidth, sealantDepth, volumeSum, wheelPasses } from '../src/geometry/groove.ts';
import { cartridgesNeeded, mixersNeeded, mixerWaste, purgeCount } from '../src/mixing/cartridges.ts';
import { evaluate } from '../src/quantity/formula.ts';

const close = (value: number, wanted: number) => {
  expect(Math.abs(value - wanted) / wanted).toBeLessThan(0.005);
};
const inch = 25.4;
const foot = 304.8;

describe('grooves', () => {
  it('40 ft chased 1/4 × 1/4 in is 492 mL, 1/4 × 3/4 in is 1.475 L', () => {
    close(evaluate(chaseVolume, { lengthMm: 40 * foot, widthMm: inch / 4, depthMm: inch / 4 }), 492);
    close(evaluate(chaseVolume, { lengthMm: 40 * foot, widthMm: inch / 4, depthMm: (3 * inch) / 4 }), 1475);
  });
  it.each([
    [1 / 4, 12.3],
    [1 / 2, 24.6],
    [3 / 4, 36.9],
  ])('one foot, 1/4 in wide and %d in deep is %d mL', (deep, wanted) => {
    close(evaluate(chaseVolume, { lengthMm: foot, widthMm: inch / 4, depthMm: deep * inch }), wanted);
  });
  it('4 m of 6.35 × 6.35 mm is 161.3 mL, 199.4 mL with 1.5 mm proud', () => {
    const groove = evaluate(chaseVolume, { lengthMm: 4000, widthMm: 6.35, depthMm: 6.35 });
    close(groove, 161.3);
    close(evaluate(volumeSum, { volumeMl: [groove, evaluate(proudVolume, { lengthMm: 4000, widthMm: 6.35, proudMm: 1.5 })] }), 199.4);
  });
  it('a film wets both faces and the bottom', () => {
    expect(evaluate(faceFilm, { lengthMm: 1000, widthMm: 6, depthMm: 19, filmMm: 0.25 })).toBeCloseTo(11);
  });
  it('19 mm deep and 7 mm wide takes four passes of a 6.35 mm wheel that bites 10 mm', () => {
    expect(evaluate(wheelPasses, { depthMm: 19.05, biteMm: 10, widthMm: 7, wheelMm: 6.35 })).toBe(4);
    expect(evaluate(wheelPasses, { depthMm: 6.35, biteMm: 10, widthMm: 6.35, wheelMm: 6.35 })).toBe(1);
  });
  it('is cut no deeper than the cover less what is kept', () => {
    expect(evaluate(cutAllowed, { coverMm: 32, keepMm: 20 })).toBe(12);
    expect(evaluate(cutAllowed, { coverMm: 15, keepMm: 20 })).toBe(0);
  });
  it('is filled in the fewest lifts that are thin enough', () => {
    expect(evaluate(liftCount, { depthMm: 65, thickestMm: 25, least: 1 })).toBe(3);
    expect(evaluate(liftCount, { depthMm: 50, thickestMm: 25, least: 1 })).toBe(2);
    expect(evaluate(liftCount, { depthMm: 6.35, thickestMm: 12, least: 2 })).toBe(2);
  });
});

describe('cracks', () => {
  it('by trapezoids: five stations over 2 m, 25 mm deep, hold 20 mL', () => {
    const stations = { stationMm: [0, 500, 1000, 1500, 2000], widthMm: [0.2, 0.35, 0.6, 0.4, 0.3], lengthMm: 2000 };
    expect(evaluate(crackVolume, { ...stations, depthMm: 25 })).toBeCloseTo(20, 6);
    expect(evaluate(meanWidth, stations)).toBeCloseTo(0.4, 9);
  });
  it('hold their first and last width to the ends, in whatever order they were measured', () => {
    expect(evaluate(meanWidth, { stationMm: [1000, 500], widthMm: [4, 2], lengthMm: 2000 })).toBeCloseTo((500 * 2 + 500 * 3 + 1000 * 4) / 2000, 9);
    expect(evaluate(meanWidth, { stationMm: [700], widthMm: [1.5], lengthMm: 2000 })).toBeCloseTo(1.5, 9);
  });
});

describe('a moving crack, sealant class 25', () => {
  // ASTM C1193, from memory
  it.each([
    [1.5, 6, 6],
    [4, 16, 8],
    [0.5, 6, 6],
    [7, 28, 13],
  ])('%d mm to come: %d mm wide, %d mm deep', (movementMm, wide, deep) => {
    const widthMm = evaluate(routWidth, { movementMm, capability: 0.25, leastMm: 6, widestMm: 1, trimMm: 1 });
    expect(widthMm).toBeCloseTo(wide);
    expect(evaluate(sealantDepth, { widthMm, leastMm: 6, mostMm: 13 })).toBeCloseTo(deep);
  });
});

describe('cartridges', () => {
  const need = (resinMl: number, runs = 2, purges = 1) => evaluate(cartridgesNeeded, { resinMl, cartridgeMl: 600, mixerMl: 20, runs, purges });
  it('are the fewest that cover placed and purged, by trying every number', () => {
    for (let resin = 0; resin < 5000; resin += 37) {
      for (const runs of [1, 2, 4]) {
        for (const purges of [0, 3]) {
          let n = 1;
          while (n * 600 < resin + (n + runs - 1) * 20 + purges * 10 - 1e-6) n += 1;
          expect(need(resin, runs, purges)).toBe(n);
        }
      }
    }
  });
  it('take a mixer each, one more for each run after the first, and half a mixer a purge', () => {
    expect(evaluate(mixersNeeded, { cartridges: 3, runs: 2 })).toBe(4);
    expect(evaluate(mixerWaste, { cartridges: 3, mixerMl: 20, runs: 2, purges: 5 })).toBe(130);
    expect(evaluate(purgeCount, { placingMin: 10, gelMin: 6 })).toBe(5);
    expect(evaluate(purgeCount, { placingMin: 1, gelMin: 6 })).toBe(0);
  });
});
