/**
 * Grain sizes against FEPA 43 / ISO 6344 and ANSI B74.12 / B74.18, from memory, within their own spread; and the step rule
 * on sequences of the trade (our own arithmetic).
 */
import { describe, expect, it } from 'vitest';
import { grade, gradesOf, ladder, nearestGrade, stepHolds, type Grade, type GritScale } from '../src/finishing/abrasives.ts';

const sizes: readonly (readonly [GritScale, number: number, um: number, spread: number])[] = [
  ['P', 16, 1324, 40],
  ['P', 20, 1000, 30],
  ['P', 24, 764, 23],
  ['P', 30, 642, 19],
  ['P', 36, 538, 16],
  ['P', 40, 425, 13],
  ['P', 50, 336, 10],
  ['P', 80, 201, 6],
  ['P', 100, 162, 5],
  ['P', 120, 125, 4],
  ['P', 150, 100, 3],
  ['P', 180, 82, 2],
  ['P', 220, 68, 2],
  ['P', 280, 52.2, 2],
  ['P', 360, 40.5, 1.5],
  ['P', 400, 35, 1.5],
  ['P', 500, 30.2, 1.5],
  ['P', 600, 25.8, 1],
  ['P', 800, 21.8, 1],
  ['P', 1000, 18.3, 1],
  ['P', 1200, 15.3, 1],
  ['P', 2500, 8.4, 0.5],
  ['CAMI', 36, 530, 42],
  ['CAMI', 40, 428, 21],
  ['CAMI', 50, 351, 18],
  ['CAMI', 60, 268, 13],
  ['CAMI', 80, 190, 9.5],
  ['CAMI', 100, 140, 7],
  ['CAMI', 120, 116, 5.8],
  ['CAMI', 150, 93, 7.4],
  ['CAMI', 180, 78, 6.2],
  ['CAMI', 220, 66, 5.3],
  ['CAMI', 240, 53.5, 2.7],
  ['CAMI', 280, 44, 3.5],
  ['CAMI', 320, 36, 1.8],
  ['CAMI', 360, 28.8, 2.3],
  ['CAMI', 500, 19.7, 1.6],
  ['CAMI', 600, 16, 0.8],
  ['CAMI', 800, 12.2, 0.61],
  ['CAMI', 1000, 9.2, 0.46],
  ['CAMI', 1200, 6.5, 0.52],
];
const steps: readonly (readonly [number, number, holds: number])[] = [
  [80, 120, 1],
  [120, 180, 1],
  [400, 600, 1],
  [600, 800, 1],
  [800, 1000, 1],
  [80, 220, 0],
  [400, 1500, 0],
  [80, 150, 0],
  [60, 100, 1],
  [40, 80, 0],
  [150, 240, 0],
  [220, 320, 1],
  [240, 400, 1],
  [320, 500, 1],
  [400, 800, 1],
  [1000, 2000, 0],
  [1500, 2500, 1],
];
const of = (scale: GritScale, number: number): Grade => {
  const found = grade(scale, number);
  if (!found) throw new Error(`no ${scale}${String(number)}`);
  return found;
};

describe('grades', () => {
  it.each(sizes)('%s %d has %d micrometers, give or take %d', (scale, number, um, spread) => {
    expect(Math.abs(of(scale, number).grainMm * 1000 - um)).toBeLessThanOrEqual(spread);
  });

  it('get finer with their number, and part from the other scale above the coarse ones', () => {
    for (const scale of ['P', 'CAMI'] as const)
      gradesOf(scale).forEach((g, i, all) => {
        if (i > 0) expect(g.number).toBeGreaterThan(all[i - 1]?.number ?? 0);
      });
    expect(nearestGrade(of('CAMI', 220), 'P').number).toBe(220);
    expect(nearestGrade(of('CAMI', 320), 'P').number).toBe(400);
    expect(nearestGrade(of('CAMI', 400), 'P').number).toBe(800);
  });
});

describe('steps', () => {
  it.each(steps)('P%d to P%d: %d', (from, to, holds) => {
    expect(stepHolds(of('P', from), of('P', to))).toBe(holds === 1);
  });

  it.each([
    ['P', [80, 120]],
    ['P', [120, 180, 220, 320]],
    ['P', [400, 600, 800, 1200, 2000]],
    ['CAMI', [400, 600, 800, 1000, 1200]],
  ] as const)('%s %j is a sequence of the trade and holds', (scale, numbers) => {
    numbers.forEach((n, i) => {
      if (i > 0) expect(stepHolds(of(scale, numbers[i - 1] ?? n), of(scale, n))).toBe(true);
    });
  });

  it('CAMI 800 straight to 1200 does not hold', () => {
    expect(stepHolds(of('CAMI', 800), of('CAMI', 1200))).toBe(false);
  });
});

describe('a ladder over the rack', () => {
  const rack = [100, 120, 150, 180, 220, 240, 320, 400].map((n) => of('P', n));
  it('is the shortest whose every step holds', () => {
    const found = ladder(of('P', 80), of('P', 320), rack) ?? [];
    expect(found.every((g, i) => i === 0 || stepHolds(found[i - 1] ?? g, g))).toBe(true);
    expect([found[0]?.number, found[found.length - 1]?.number]).toEqual([80, 320]);
    // by going over every choice of grades between
    const between = rack.filter((g) => g.number > 80 && g.number < 320);
    let shortest = Number.POSITIVE_INFINITY;
    for (let chosen = 0; chosen < 2 ** between.length; chosen++) {
      const way = [of('P', 80), ...between.filter((_g, i) => (chosen >> i) % 2 === 1), of('P', 320)];
      if (way.every((g, i) => i === 0 || stepHolds(way[i - 1] ?? g, g))) shortest = Math.min(shortest, way.length);
    }
    expect(found.length).toBe(shortest);
  });

  it('is none where the rack leaves a gap', () => {
    expect(ladder(of('P', 80), of('P', 400), [of('P', 120)])).toBeUndefined();
  });
});
