import { describe, expect, it } from 'vitest';
import { evaluate } from '../quantity/formula.ts';
import { paintDrying } from './drying.ts';
import { followedSurface } from './surface.ts';

describe('a surface that was not measured', () => {
  it('begins with the mean air of the first day, and is none where nothing is known', () => {
    const points = [
      { atMin: 0, airC: 10 },
      { atMin: 720, airC: 20 },
      { atMin: 1440, airC: 50 },
    ];
    // an hour toward 10 from 15, the mean of what lies within the first day
    const [first] = followedSurface(points, 4);
    expect(first).toBeCloseTo(15 + (10 - 15) * (1 - Math.exp(-1 / 4)), 6);
    expect(followedSurface([], 4)).toEqual([]);
  });

  it('goes on from what was measured, toward the air of each moment by the time since the last', () => {
    const [first, second, third] = followedSurface(
      [
        { atMin: 0, airC: 10, surfaceC: 12 },
        { atMin: 120, airC: 20 },
        { atMin: 150, airC: 5 },
      ],
      4,
    );
    const at = 12 + (20 - 12) * (1 - Math.exp(-2 / 4));
    expect([first, second, third].map((v) => Math.round((v ?? 0) * 1e6) / 1e6)).toEqual(
      [12, at, at + (5 - at) * (1 - Math.exp(-0.5 / 4))].map((v) => Math.round(v * 1e6) / 1e6),
    );
  });
});

describe('drying of paint', () => {
  const dry = (airC: number, humidityPct: number) => evaluate(paintDrying, { sheetMin: 60, airC, humidityPct });

  it('is the time of the sheet in the air of the sheet, longer in cold and damp, never less than half', () => {
    expect(dry(23, 50)).toBeCloseTo(60, 9);
    // what the air lacks at 10 °C and 80 %: 1228 Pa times a fifth, against 2810 Pa times a half (ASHRAE tables)
    expect(dry(10, 80)).toBeCloseTo((60 * 2810 * 0.5) / (1228 * 0.2), -1);
    expect(dry(40, 10)).toBe(30);
    for (const t of [5, 15, 30]) for (const h of [20, 50, 80]) expect(dry(t, h + 10)).toBeGreaterThanOrEqual(dry(t, h));
    expect(dry(15, 100)).toBe(dry(15, 97));
  });
});
