import { describe, expect, it } from 'vitest';
import { evaluate } from '../quantity/formula.ts';
import { paintDrying, timberDrying, timberMoisture } from './drying.ts';
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

describe('drying of wood', () => {
  const days = (nowPct: number, limitPct: number, thicknessMm: number, airC: number, humidityPct: number) => {
    const airPct = evaluate(timberMoisture, { airC, humidityPct });
    return evaluate(timberDrying, { nowPct, limitPct, airPct, airC, thicknessMm }) / 1440;
  };

  it('is of the order of air drying: inch boards of softwood from green to 20 % in 20 to 200 days (Wood Handbook, chapter 13, as recalled)', () => {
    for (const [airC, humidityPct] of [
      [20, 65],
      [15, 75],
      [8, 70],
    ] as const) {
      const found = days(80, 20, 25.4, airC, humidityPct);
      expect([airC, found > 15, found < 200]).toEqual([airC, true, true]);
    }
  });

  it('goes by the square of the thickness, is longer in cold and damp air, and joins its two branches', () => {
    expect(days(26, 18, 60, 16, 55) / days(26, 18, 20, 16, 55)).toBeCloseTo(9, 6);
    expect(days(26, 18, 40, 8, 55)).toBeGreaterThan(days(26, 18, 40, 20, 55));
    expect(days(26, 18, 40, 16, 75)).toBeGreaterThan(days(26, 18, 40, 16, 50));
    const at = (limitPct: number) => evaluate(timberDrying, { nowPct: 30, limitPct, airPct: 10, airC: 20, thicknessMm: 40 });
    expect(at(19.999) / at(20.001)).toBeCloseTo(1, 2);
    expect([at(30), at(35)]).toEqual([0, 0]);
  });

  it('never comes where the air holds the wood as damp as the limit', () => {
    expect(() => evaluate(timberDrying, { nowPct: 26, limitPct: 18, airPct: 18, airC: 20, thicknessMm: 40 })).toThrow('This air never dries it so far');
  });
});
