/**
 * Drying of joint compound against the gypsum industry's drying-time table (hours for a millimeter under tape, by °F and
 * percent of humidity), from memory. The residuals are part of the check: a fit is no better than it says.
 */
import { describe, expect, it } from 'vitest';
import { compoundDrying } from '../src/climate/drying.ts';
import { evaluate } from '../src/quantity/formula.ts';

const table: readonly (readonly [humidityPct: number, airF: number, hours: number])[] = [
  [0, 50, 19],
  [0, 70, 9],
  [0, 80, 6],
  [0, 100, 3],
  [10.0, 32, 42],
  [10.0, 50, 21],
  [10.0, 70, 10],
  [10.0, 80, 7],
  [10.0, 100, 3.5],
  [20.0, 40, 34],
  [20.0, 50, 23],
  [20.0, 60, 16],
  [20.0, 70, 11],
  [20.0, 80, 8],
  [20.0, 100, 4],
  [30.0, 32, 54],
  [30.0, 40, 38],
  [30.0, 50, 26],
  [30.0, 60, 18],
  [30.0, 70, 12],
  [30.0, 80, 9],
  [30.0, 100, 4.5],
  [40.0, 32, 60],
  [40.0, 50, 29],
  [40.0, 60, 20],
  [40.0, 70, 14],
  [50.0, 32, 72],
  [50.0, 40, 48],
  [50.0, 50, 36],
  [50.0, 70, 17],
  [50.0, 80, 12],
  [50.0, 100, 6],
  [60.0, 70, 20],
  [60.0, 80, 14],
  [70.0, 50, 54],
  [70.0, 60, 38],
  [70.0, 70, 26],
  [70.0, 80, 19],
  [80.0, 32, 168],
  [80.0, 40, 114],
  [80.0, 80, 27],
  [80.0, 100, 14],
  [85.0, 32, 240],
  [85.0, 40, 144],
  [85.0, 50, 96],
  [85.0, 60, 72],
  [85.0, 70, 48],
  [90.0, 32, 312],
  [90.0, 40, 216],
  [90.0, 50, 144],
  [90.0, 80, 49],
  [90.0, 100, 26],
  [91.0, 70, 78],
  [91.0, 80, 54],
  [92.0, 32, 360],
  [92.0, 40, 264],
  [92.0, 50, 168],
  [92.0, 70, 84],
  [92.0, 100, 32],
  [93.0, 32, 432],
  [93.0, 40, 288],
  [93.0, 60, 144],
  [93.0, 70, 96],
  [93.0, 80, 72],
  [93.0, 100, 36],
  [94.0, 32, 480],
  [94.0, 40, 336],
  [94.0, 50, 240],
  [94.0, 60, 168],
  [94.0, 80, 78],
  [94.0, 100, 41],
  [95.0, 40, 408],
  [95.0, 50, 288],
  [95.0, 80, 96],
  [95.0, 100, 48],
  [96.0, 32, 672],
  [96.0, 40, 504],
  [96.0, 60, 240],
  [96.0, 80, 120],
  [97.0, 40, 624],
  [97.0, 50, 432],
  [97.0, 60, 288],
  [97.0, 70, 216],
  [97.0, 80, 144],
  [97.0, 100, 78],
  [98.0, 40, 912],
  [98.0, 50, 624],
  [98.0, 70, 288],
  [98.0, 100, 108],
];
const worked: readonly (readonly [airC: number, humidityPct: number, hours: number])[] = [
  [21.1, 50.0, 16.64],
  [21.1, 80.0, 37.99],
  [10, 85.0, 102.9],
  [15.6, 60.0, 29.09],
  [26.7, 30.0, 8.672],
  [4.4, 90.0, 220.7],
];
const hours = (airC: number, humidityPct: number) => evaluate(compoundDrying, { airC, humidityPct, thicknessMm: 1, cover: 1, draft: 1 }) / 60;

describe('drying table', () => {
  it('is met within a tenth in nearly every cell', () => {
    const off = table.filter(([, f]) => f > 33).map(([rh, f, h]) => Math.abs(hours(((f - 32) * 5) / 9, rh) / h - 1));
    expect(off.length).toBeGreaterThan(60);
    expect(Math.max(...off)).toBeLessThan(0.15);
    expect(off.filter((o) => o > 0.1).length).toBeLessThanOrEqual(3);
  });

  it.each(worked)('%d °C and %d percent, worked once more: %d h (our own arithmetic)', (airC, rh, expected) => {
    expect(Math.abs(hours(airC, rh) / expected - 1)).toBeLessThan(0.006);
  });
});
