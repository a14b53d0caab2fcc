/**
 * Films, doses, yields and moistures against worked values. Named beside each: a published source from memory, or our own
 * second arithmetic.
 */
import { describe, expect, it } from 'vitest';
import psychrolib from 'psychrolib';
import { compoundDrying, solventLimit, timberMoisture, wallDrying } from '../src/climate/drying.ts';
import { settlesAs, wetBulb } from '../src/climate/humidAir.ts';
import { backerRod, featherWidth, flashTime, meshStrips, paintNeeded, plugBlank, plugOpening, screwCount, wetFilm } from '../src/finishing/face.ts';
import { foamLiquid, portCount, sealVolume } from '../src/injection/ports.ts';
import { bagYield, hardenerDrops, hardenerWeight, leastBatch, liquidPeroxide, mortarYield, partToAdd, pastePeroxide, potLifeByMass, weightRatio } from '../src/mixing/proportions.ts';
import { evaluate } from '../src/quantity/formula.ts';

const near = (value: number, expected: number, off: number) => { expect(Math.abs(value - expected)).toBeLessThanOrEqual(off); };

describe('wet bulb, against psychrolib (ASHRAE Fundamentals, chapter 1)', () => {
  psychrolib.SetUnitSystem(psychrolib.SI);
  const grid = [-10, -2, 3, 8, 15, 22, 30, 38].flatMap((t) => [15, 40, 65, 90].map((rh) => [t, rh] as const));
  it.each(grid)('%d °C, %d percent', (airC, humidityPct) => {
    near(evaluate(wetBulb, { airC, humidityPct }), psychrolib.GetTWetBulbFromRelHum(airC, humidityPct / 100, 101_325), 0.05);
  });
  it('is the air itself in saturated air, and frost is told from dew', () => {
    expect(evaluate(wetBulb, { airC: 18, humidityPct: 100 })).toBe(18);
    expect([settlesAs(-0.1), settlesAs(0.1)]).toEqual(['frost', 'dew']);
  });
});

describe('timber, Wood Handbook table 4-2 (from memory)', () => {
  it.each([[20, 65, 12], [20, 80, 16], [20, 50, 9.3]])('%d °C, %d percent: %d percent', (airC, humidityPct, expected) => { near(evaluate(timberMoisture, { airC, humidityPct }), expected, 0.2); });
  it('worked once more (ours)', () => {
    near(evaluate(timberMoisture, { airC: 20, humidityPct: 80 }), 16.037, 0.01);
    near(evaluate(timberMoisture, { airC: 20, humidityPct: 50 }), 9.2711, 0.01);
  });
});

describe('films and paint (ours)', () => {
  it('wet from dry', () => {
    near(evaluate(wetFilm, { dryMm: 0.03, solidsPct: 40, thinnedPct: 0 }) * 1000, 75, 0.01);
    near(evaluate(wetFilm, { dryMm: 0.025, solidsPct: 35, thinnedPct: 0 }) * 1000, 71.429, 0.01);
    near(evaluate(wetFilm, { dryMm: 0.03, solidsPct: 40, thinnedPct: 10 }) * 1000, 82.5, 0.01);
  });
  it('a tub of two coats, with what the gun loses', () => {
    near(evaluate(paintNeeded, { areaMm2: 2.4e6, coats: 2, dryMm: 0.06, solidsPct: 42, transferPct: 60, wastePct: 10 }) / 1000, 1.2698, 0.001);
  });
});

describe('hardener (common practice)', () => {
  it.each([[15, 2.5], [20, 2], [25, 1.5], [35, 1.5]])('paste at %d °C: %d percent', (roomC, expected) => { near(evaluate(pastePeroxide, { roomC }), expected, 1e-9); });
  it.each([[16, 2.4], [18, 2.2], [20, 2], [25, 1.8], [22.5, 1.9], [35, 1.2]])('liquid at %d °C: %d percent', (roomC, expected) => { near(evaluate(liquidPeroxide, { roomC }), expected, 1e-9); });
  it('is not given below the coldest it works at', () => {
    expect(() => evaluate(pastePeroxide, { roomC: 14 })).toThrow(/must lie between 15/);
    expect(() => evaluate(liquidPeroxide, { roomC: 15 })).toThrow(/must lie between 16/);
  });
  it('by weight and by counted drops', () => {
    const hardenerG = evaluate(hardenerWeight, { resinG: 250, dosePct: 2 });
    expect(hardenerG).toBe(5);
    expect(evaluate(hardenerDrops, { hardenerG: 1.13, densityKgL: 1.13, dropsPerMl: 34 })).toBe(34);
  });
});

describe('mixing', () => {
  it('mass and pot life (judgement): ten times the mass leaves seven tenths, never under half', () => {
    const life = (batchG: number) => evaluate(potLifeByMass, { potLifeMin: 100, statedG: 100, batchG });
    near(life(1000), 70.79, 0.1);
    near(life(50_000), 50, 1e-9);
    near(life(1), 125, 1e-9);
  });
  it('ratio by weight, smallest batch, and what puts a wrong cup right (geometry)', () => {
    near(evaluate(weightRatio, { byVolume: 2, firstKgL: 1.12, secondKgL: 0.97 }), 2.309, 0.001);
    // a scale of one gram, five percent, a part of a third: twenty grams of it would be half a gram off at the most
    expect(evaluate(leastBatch, { divisionG: 1, tolerancePct: 5, partPct: 25 })).toBe(40);
    expect(evaluate(partToAdd, { firstG: 110, secondG: 50, byWeight: 2 })).toBe(5);
    expect(evaluate(partToAdd, { firstG: 90, secondG: 50, byWeight: 2 })).toBe(0);
  });
  it('yields by absolute volume (ours)', () => {
    near(evaluate(bagYield, { bagG: 20_000, waterG: 4000, freshKgL: 1.75 }), 13_714, 50);
    near(evaluate(bagYield, { bagG: 22_700, waterG: 4300, freshKgL: 1.6 }), 16_875, 50);
    // 25 kg of cement, three parts of sand by weight, half a part of water, four percent of air
    near(evaluate(mortarYield, { cementG: 25_000, sandG: 75_000, waterG: 12_500, cementKgL: 3.15, sandKgL: 2.65, airPct: 4 }) / 1000, 50.769, 0.1);
  });
});

describe('injection', () => {
  it('ports, paste and foam (common practice)', () => {
    expect(evaluate(portCount, { lengthMm: 2400, spacingMm: 200 })).toBe(13);
    expect(evaluate(portCount, { lengthMm: 2410, spacingMm: 200 })).toBe(14);
    // a third of a liter a meter of strip, a hundred wide and three thick
    expect(evaluate(sealVolume, { lengthMm: 1000, stripMm: 100, thicknessMm: 3 })).toBe(300);
    expect(evaluate(foamLiquid, { voidMl: 1000, rise: 3, reserve: 1.5 })).toBe(500);
  });
});

describe('board and mesh (common practice; screws ASTM C840, from memory)', () => {
  it('plug, screws, strips', () => {
    expect(evaluate(plugOpening, { coreMm: 90, gapMm: 2 })).toBe(94);
    expect(evaluate(plugBlank, { coreMm: 90, flangeMm: 32 })).toBe(154);
    expect(evaluate(screwCount, { lengthMm: 600, spacingMm: 200, endMm: 10 })).toBe(4);
    expect(evaluate(meshStrips, { sizeMm: 100, marginMm: 40, stripMm: 75, lapMm: 12 })).toBe(3);
  });
  it('feather by light: twice as flat in raking light', () => {
    expect(evaluate(featherWidth, { humpMm: 1, run: 100 })).toBe(100);
    expect(evaluate(featherWidth, { humpMm: 1, run: 200 })).toBe(200);
  });
  it('a rod is compressed, never stretched; none is said where none is right', () => {
    const stock = [6, 10, 13, 16, 19, 25];
    expect(backerRod(10, stock)).toBe(13);
    expect(backerRod(8, stock)).toBe(10);
    expect(backerRod(11, stock)).toBeUndefined();
  });
  it('flash goes from half a minute small and flat to two large and upright', () => {
    const flash = (areaMm2: number, upright: number) => evaluate(flashTime, { areaMm2, upright });
    expect([flash(5000, 0), flash(1e6, 0), flash(5000, 1), flash(1e6, 1)]).toEqual([0.5, 1, 1, 2]);
  });
});

describe('drying and the air of a room', () => {
  const hours = (thicknessMm: number, cover: number, draft: number) => evaluate(compoundDrying, { airC: 20, humidityPct: 50, thicknessMm, cover, draft }) / 60;
  it('thicker coats take longer than in proportion, air and no tape shorten it', () => {
    expect(hours(1.5, 1, 1) / hours(1, 1, 1)).toBeCloseTo(1.5, 9);
    expect(hours(3, 1, 1) / hours(1.5, 1, 1)).toBeCloseTo(2 ** 1.25, 9);
    expect(hours(1, 0.65, 0.75)).toBeCloseTo(hours(1, 1, 1) * 0.65 * 0.75, 9);
  });
  it('a damp wall is checked after a month for each inch', () => { near(evaluate(wallDrying, { thicknessMm: 254 }), 304.4, 0.1); });
  it('a bathroom of nine cubic meters bears about seventy milliliters of acetone at a tenth of the limit', () => {
    near(evaluate(solventLimit, { share: 0.1, limitPct: 2.5, roomMl: 9e6, molarG: 58.08, densityKgL: 0.784 }), 68, 2);
  });
});
