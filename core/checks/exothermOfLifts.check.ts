/**
 * Heat of thick lifts: conduction against the closed solutions of Carslaw and Jaeger, the adiabatic rise by hand, and peaks
 * against a second program with the same generic kinetics (our own, no published values). Near the edge of a runaway two
 * programs part by a few degrees: a twentieth of the rise is let stand there.
 */
import { describe, expect, it } from 'vitest';
import { liftHeat } from '../src/cure/liftHeat.ts';
import { tell } from '../src/quantity/saying.ts';
import {
  adiabaticRise,
  concreteBelow,
  conducted,
  contactTemperature,
  cureRate,
  exotherm,
  genericEpoxy,
  neatResin,
  runawayC,
  sandFilledResin,
  thickestLift,
  type ThermalMaterial,
} from '../src/cure/exotherm.ts';

const peaks: readonly (readonly [what: 'neat' | 'sand', liftMm: number, ambientC: number, peakC: number])[] = [
  ['neat', 5, 10, 12.42],
  ['neat', 5, 23, 28.8],
  ['neat', 5, 35, 49.47],
  ['neat', 10, 10, 16.04],
  ['neat', 10, 23, 49.39],
  ['neat', 15, 10, 23.26],
  ['neat', 15, 23, 164.2],
  ['neat', 15, 35, 213.3],
  ['neat', 20, 10, 69.18],
  ['neat', 20, 35, 231.9],
  ['neat', 25, 10, 149.3],
  ['neat', 25, 23, 216.4],
  ['neat', 25, 35, 246.7],
  ['neat', 30, 10, 180.5],
  ['neat', 30, 23, 236.8],
  ['neat', 40, 10, 236.9],
  ['neat', 40, 23, 272.9],
  ['neat', 40, 35, 269.1],
  ['neat', 50, 23, 288.5],
  ['neat', 50, 35, 270.8],
  ['sand', 5, 10, 10.76],
  ['sand', 5, 35, 37.93],
  ['sand', 10, 10, 11.59],
  ['sand', 10, 35, 41.57],
  ['sand', 15, 10, 12.48],
  ['sand', 15, 23, 28.55],
  ['sand', 15, 35, 46.11],
  ['sand', 20, 10, 13.46],
  ['sand', 20, 23, 31.04],
  ['sand', 25, 23, 33.95],
  ['sand', 25, 35, 57.97],
  ['sand', 30, 10, 15.72],
  ['sand', 30, 23, 37.32],
  ['sand', 30, 35, 64.55],
  ['sand', 40, 23, 45.26],
  ['sand', 40, 35, 76.29],
  ['sand', 50, 23, 53.85],
  ['sand', 50, 35, 84.93],
];
const air = 10;
const caseOf = (what: 'neat' | 'sand', liftMm: number, ambientC: number) => ({
  kinetics: genericEpoxy,
  lift: what === 'neat' ? neatResin : sandFilledResin,
  liftMm,
  substrate: concreteBelow,
  ambientC,
  filmWm2K: air,
});

describe('conduction', () => {
  it('into a half-space whose face is held warm: the error function (Carslaw and Jaeger)', () => {
    const at = (depthM: number, seconds: number) =>
      conducted({ lift: concreteBelow, liftMm: 60, substrate: concreteBelow }, () => 20, 1e6, 60, seconds)(depthM);
    expect(Math.abs(at(0.01, 3600) - 55.7346)).toBeLessThan(0.05);
    expect(Math.abs(at(0.05, 7200) - 45.422)).toBeLessThan(0.05);
  });

  it('in the middle of a slab whose faces are held cold: the Fourier series (Carslaw and Jaeger)', () => {
    const wall: ThermalMaterial = { conductivityWmK: 1e-9, densityKgM3: 1, heatCapacityJkgK: 1 };
    const middle = (seconds: number) => conducted({ lift: neatResin, liftMm: 10, substrate: wall }, () => 1, 1e6, 0, seconds)(0.0097);
    expect(Math.abs(middle(200) - 0.787953)).toBeLessThan(0.003);
    expect(Math.abs(middle(800) - 0.192559)).toBeLessThan(0.002);
  });

  it('meets at once where two materials touch', () => {
    expect(Math.abs(contactTemperature(neatResin, 80, concreteBelow, 20) - 35.728)).toBeLessThan(0.05);
  });
});

describe('the reaction', () => {
  it('warms by no more than its heat over what stores it', () => {
    expect(adiabaticRise(genericEpoxy, neatResin)).toBeCloseTo(210.53, 1);
    expect(adiabaticRise(genericEpoxy, sandFilledResin)).toBeCloseTo((400_000 * 390) / (1950 * 1020), 6);
  });
  it('is faster warm, feeds on itself, and ends when all has reacted', () => {
    expect(cureRate(genericEpoxy, 0.2, 33)).toBeGreaterThan(cureRate(genericEpoxy, 0.2, 23));
    expect(cureRate(genericEpoxy, 0.2, 23)).toBeGreaterThan(cureRate(genericEpoxy, 0, 23));
    expect(cureRate(genericEpoxy, 1, 80)).toBe(0);
  });
});

describe('peaks of lifts on concrete', () => {
  it.each(peaks)('%s, %d mm at %d °C: %d °C', (what, liftMm, ambientC, peakC) => {
    const found = exotherm(caseOf(what, liftMm, ambientC));
    if (peakC > runawayC * 1.05) expect(found.state).toBe('runaway');
    else if (peakC < runawayC * 0.95)
      expect(Math.abs((found.state === 'peak' ? found.peakC : Number.NaN) - peakC)).toBeLessThanOrEqual(Math.max(1, (peakC - ambientC) * 0.05));
  });

  it('never pass the adiabatic rise, and rise with thickness and warmth', () => {
    const peak = (liftMm: number, ambientC: number) => {
      const found = exotherm(caseOf('sand', liftMm, ambientC));
      return found.state === 'peak' ? found.peakC : Number.POSITIVE_INFINITY;
    };
    for (const ambientC of [10, 23, 35]) {
      const rises = [5, 15, 30, 60].map((mm) => peak(mm, ambientC) - ambientC);
      expect(Math.max(...rises)).toBeLessThanOrEqual(adiabaticRise(genericEpoxy, sandFilledResin) + 1e-6);
      expect([...rises].sort((a, b) => a - b)).toEqual(rises);
    }
    expect(peak(20, 35) - 35).toBeGreaterThan(peak(20, 10) - 10);
  });
});

describe('in words', () => {
  const how = { units: 'metric', timeZone: 'UTC' } as const;
  it('tells peak and thickest lift, and no number for a runaway', () => {
    const mild = liftHeat({ mix: 'neat', liftMm: 10, ambientC: 23, limitC: 50 });
    expect(mild && tell(mild.peak, how)).toMatch(/^A lift of 10 mm gets to 49.\d °C after 1 h 2\d min\.$/);
    expect(mild && tell(mild.thickest, how)).toMatch(/under 50 °C is 10(\.\d)? mm/);
    const hot = liftHeat({ mix: 'neat', liftMm: 40, ambientC: 23, limitC: 60 });
    expect(hot && tell(hot.peak, how)).toBe('Runaway: it would smoke and foam. Do not place a lift of 40 mm at 23 °C.');
    expect(liftHeat({ mix: 'neat', liftMm: 10, ambientC: 23, limitC: 50 }, { signal: { aborted: true } })).toBeUndefined();
  });
});

describe('the thickest lift', () => {
  const { liftMm: _mm, ...rest } = caseOf('neat', 1, 23);
  it('is the one whose peak is the limit', () => {
    const mm = thickestLift(rest, 50, 40) ?? Number.NaN;
    expect(Math.abs(mm - 10)).toBeLessThan(0.5);
    const found = exotherm({ ...rest, liftMm: mm });
    expect(found.state === 'peak' && found.peakC <= 50).toBe(true);
  });

  it('is as thick as asked where nothing gets hot, and stops when asked', () => {
    expect(thickestLift({ ...rest, lift: sandFilledResin }, 80, 20)).toBe(20);
    expect(thickestLift(rest, 50, 40, { signal: { aborted: true } })).toBeUndefined();
    const told: number[] = [];
    exotherm(caseOf('sand', 20, 23), { onProgress: (done) => told.push(done) });
    expect(told[told.length - 1]).toBe(1);
  });
});
