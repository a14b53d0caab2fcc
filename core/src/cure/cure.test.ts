import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ClimateSeries, ClimateStretch } from '../climate/series.ts';
import { evaluate } from '../quantity/formula.ts';
import { tell } from '../quantity/saying.ts';
import { liftHeat } from './liftHeat.ts';
import { moistDuty } from './moistCure.ts';
import { cureProgress, progressEndMin, type CureProgress } from './progress.ts';
import { safeLiftAt, safeLiftTable, usualLiftCases, usualSafeLifts } from './safeLift.ts';
import { exotherm } from './exotherm.ts';
import { potLifeByPoints, timeByTenKelvin, waitByPoints } from './twoPoints.ts';

const resin: CureProgress = { at23Min: 480, law: { by: 'arrhenius', activationKjMol: 55 }, stopsBelowC: 10 };
const cement: CureProgress = { at23Min: 1440, law: { by: 'equivalent-age', activationK: 5000 } };
const stretch = (fromMin: number, slabC: number, more: Partial<ClimateStretch> = {}): ClimateStretch => ({
  fromMin,
  airC: slabC,
  slabC,
  humidityPct: 60,
  ...more,
});
const hourly = (...slabC: readonly number[]): ClimateSeries => slabC.map((t, i) => stretch(i * 60, t)) as unknown as ClimateSeries;
const end = (cure: CureProgress, series: ClimateSeries, from = 0) => progressEndMin(from, series, ({ slabC }) => cureProgress(cure, slabC));

describe('a wait over a series', () => {
  it('takes as long as the closed form where the climate does not change', () => {
    fc.assert(
      fc.property(fc.double({ min: 10, max: 45, noNaN: true }), fc.constantFrom(resin, cement), (slabC, cure) => {
        const closed = 1 / cureProgress(cure, slabC);
        expect(end(cure, [stretch(0, slabC)])).toBeCloseTo(closed, 6);
        expect(end(cure, hourly(...new Array<number>(240).fill(slabC)))).toBeCloseTo(closed, 6);
      }),
    );
  });

  it('stands still below the material’s minimum: no stretched time, and none at all where it stays cold', () => {
    expect(end(resin, [stretch(0, 9.9)])).toBe(Number.POSITIVE_INFINITY);
    expect(end(cement, [stretch(0, 9.9)])).toBeLessThan(5000);
    const night = hourly(23, 23, 5, 5, 5, 23, 23, 23, 23, 23, 23, 23);
    expect(end(resin, night)).toBeCloseTo(480 + 180, 6);
  });

  it('is never longer where it is warmer, from any start', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 5, max: 35, noNaN: true }), { minLength: 2, maxLength: 30 }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        fc.double({ min: 0, max: 500, noNaN: true }),
        (slab, warmer, from) => {
          for (const cure of [resin, cement])
            expect(end(cure, hourly(...slab.map((t) => t + warmer)), from)).toBeLessThanOrEqual(end(cure, hourly(...slab), from) * (1 + 1e-9));
        },
      ),
    );
  });
});

describe('two times of a sheet', () => {
  const sheet = { coldMin: 1440, coldC: 10, warmMin: 480, warmC: 23 };
  it('come out as stated where they are stated', () => {
    expect(evaluate(waitByPoints, { ...sheet, temperatureC: 10 })).toBeCloseTo(1440, 6);
    expect(evaluate(waitByPoints, { ...sheet, temperatureC: 23 })).toBeCloseTo(480, 6);
    expect(evaluate(potLifeByPoints, { ...sheet, temperatureC: 23 })).toBeCloseTo(480, 6);
  });

  it('never let a wait or a pot life grow as it gets warmer, and outside them keep to the safe side', () => {
    const points = fc.record({
      coldC: fc.double({ min: -5, max: 12, noNaN: true }),
      apart: fc.double({ min: 3, max: 25, noNaN: true }),
      warmMin: fc.double({ min: 5, max: 600, noNaN: true }),
      times: fc.double({ min: 1, max: 8, noNaN: true }),
    });
    fc.assert(
      fc.property(
        points,
        fc.double({ min: -20, max: 50, noNaN: true }),
        fc.double({ min: 0, max: 15, noNaN: true }),
        ({ coldC, apart, warmMin, times }, temperatureC, warmer) => {
          const given = { coldC, warmC: coldC + apart, warmMin, coldMin: warmMin * times };
          for (const f of [waitByPoints, potLifeByPoints])
            expect(evaluate(f, { ...given, temperatureC: temperatureC + warmer })).toBeLessThanOrEqual(evaluate(f, { ...given, temperatureC }) * (1 + 1e-9));
          const [wait, life] = [waitByPoints, potLifeByPoints].map((f) => evaluate(f, { ...given, temperatureC }));
          expect(wait).toBeGreaterThanOrEqual((life ?? 0) * (1 - 1e-9));
        },
      ),
    );
  });

  it('are refused where they contradict each other', () => {
    expect(() => evaluate(waitByPoints, { ...sheet, warmC: 8, temperatureC: 15 })).toThrow(/wrong way round/);
    expect(() => evaluate(waitByPoints, { ...sheet, warmMin: 2000, temperatureC: 15 })).toThrow(/slower where it is warmer/);
  });

  it('by a factor for ten kelvin: twice as long ten colder', () => {
    expect(evaluate(timeByTenKelvin, { statedMin: 60, statedC: 23, factor: 2, temperatureC: 13 })).toBeCloseTo(120, 9);
  });
});

describe('keeping a cement face damp', () => {
  const care = { daysDamp: 3, filmMm: 0.5, reserve: 0.3, leastBetweenMin: 45 };
  it('mists before the reserve is touched, closer in wind, and through the last day', () => {
    const calm = moistDuty(0, [stretch(0, 15, { humidityPct: 75, windKmh: 2 })], care);
    const breeze = moistDuty(0, [stretch(0, 15, { humidityPct: 75, windKmh: 12 })], care);
    expect(calm.state === 'mist' && breeze.state === 'mist' && breeze.atMin.length > calm.atMin.length).toBe(true);
    if (breeze.state !== 'mist') return;
    expect(Math.max(...breeze.atMin)).toBeGreaterThan(2.5 * 1440);
    expect(breeze.closestMin).toBeCloseTo((breeze.atMin[1] ?? 0) - (breeze.atMin[0] ?? 0), 6);
  });

  it('says cover where it dries at a kilogram a square meter and hour, or faster than anybody mists', () => {
    expect(moistDuty(0, [stretch(0, 32, { humidityPct: 25, windKmh: 25 })], care)).toMatchObject({ state: 'cover', fromMin: 0 });
    expect(moistDuty(0, [stretch(0, 24, { humidityPct: 45, windKmh: 10 })], { ...care, leastBetweenMin: 120 }).state).toBe('cover');
    // the wind gets up on the second day
    expect(moistDuty(60, [stretch(0, 15, { humidityPct: 80, windKmh: 2 }), stretch(1440, 30, { humidityPct: 20, windKmh: 30 })], care)).toMatchObject({
      state: 'cover',
      fromMin: 1440,
    });
  });

  it('looks twice a day where nothing dries', () => {
    const damp = moistDuty(0, [stretch(0, 12, { humidityPct: 100 })], care);
    expect(damp).toMatchObject({ state: 'mist', closestMin: 720 });
  });
});

describe('the heat of a lift', () => {
  it('finds no thickness that fits where the air alone is above what it may get to', () => {
    const told = (ambientC: number) =>
      tell(liftHeat({ mix: 'sand-filled', liftMm: 5, ambientC, limitC: 30 })?.thickest ?? [], { units: 'metric', timeZone: 'UTC' });
    expect(told(34)).toBe('None fits: the air alone is 34 °C, and it may get to 30 °C.');
    expect(told(20)).toMatch(/^The thickest lift that stays under 30 °C is/);
  });
});

describe('a table of safe lifts', () => {
  it.each(['neat', 'sandFilled'] as const)('of the usual epoxy, %s, is the one its kinetics give', (mix) => {
    expect(safeLiftTable(usualLiftCases[mix], usualSafeLifts[mix].limitC, usualSafeLifts[mix].mostMm)).toEqual(usualSafeLifts[mix]);
  });

  it('between its rows stays at or under the limit, but for a twentieth of the thickness', () => {
    for (const ambientC of [7.5, 12.5, 18, 22.5, 27.5, 33, 38]) {
      const liftMm = (safeLiftAt(usualSafeLifts.neat, ambientC) ?? 0) * 0.95;
      const found = exotherm({ ...usualLiftCases.neat, ambientC, liftMm });
      expect(found.state === 'peak' && found.peakC <= usualSafeLifts.neat.limitC).toBe(true);
    }
  });

  it('gets thinner as it gets warmer, keeps the coldest row below it, and says nothing above', () => {
    const at = (t: number) => safeLiftAt(usualSafeLifts.neat, t) ?? Number.NaN;
    for (let t = 0; t < 40; t += 1) expect(at(t + 1)).toBeLessThanOrEqual(at(t));
    expect(at(-5)).toBe(at(5));
    expect(safeLiftAt(usualSafeLifts.neat, 41)).toBeUndefined();
  });

  it('is stopped when asked, and tells how far it is', () => {
    expect(safeLiftTable(usualLiftCases.neat, 60, 60, { signal: { aborted: true } })).toBeUndefined();
    const told: number[] = [];
    safeLiftTable(usualLiftCases.sandFilled, 60, 5, { onProgress: (done) => told.push(done) });
    expect(told).toHaveLength(8);
    expect(told[7]).toBe(1);
  });
});
