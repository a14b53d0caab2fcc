import { describe, expect, it } from 'vitest';
import { readCsv } from './csv.ts';
import type { QuantityKind } from './kind.ts';
import { parseMeasure, parseNumber } from './parse.ts';
import { atMost, round12 } from './round.ts';
import { inches, showValue } from './show.ts';
import { siteDateTime } from './siteTime.ts';

/** What one of a unit comes to in the base unit of its kind: NIST SP 811 (factors for units), as recalled; exact where it says so. */
const units: readonly (readonly [QuantityKind, string, number])[] = [
  ['length', 'cm', 10],
  ['length', 'm', 1000],
  ['length', 'in', 25.4],
  ['length', 'inches', 25.4],
  ['length', 'ft', 304.8],
  ['length', 'feet', 304.8],
  ['film', 'mil', 0.0254],
  ['film', 'mils', 0.0254],
  ['volume', 'mL', 1],
  ['volume', 'L', 1000],
  ['volume', 'fl oz', 29.5735295625],
  ['volume', 'gal', 3785.411784],
  ['area', 'm²', 1e6],
  ['area', 'm2', 1e6],
  ['area', 'cm²', 100],
  ['area', 'cm2', 100],
  ['area', 'mm²', 1],
  ['area', 'ft²', 92_903.04],
  ['area', 'sqft', 92_903.04],
  ['area', 'in²', 645.16],
  ['area', 'sqin', 645.16],
  ['mass', 'g', 1],
  ['mass', 'kg', 1000],
  ['mass', 'lb', 453.59237],
  ['mass', 'oz', 28.349523125],
  ['temperatureDifference', 'K', 1],
  ['temperatureDifference', 'C', 1],
  ['temperatureDifference', 'F', 5 / 9],
  ['duration', 's', 1 / 60],
  ['duration', 'h', 60],
  ['duration', 'hours', 60],
  ['duration', 'd', 1440],
  ['duration', 'days', 1440],
  ['duration', 'weeks', 10_080],
  ['age', 'week', 7],
  ['age', 'months', 30.4375],
  ['age', 'years', 365.25],
  ['density', 'kg/L', 1],
  ['density', 'lb/gal', 0.119826427],
  ['viscosity', 'mPa·s', 1],
  ['viscosity', 'cP', 1],
  ['surfaceTension', 'mN/m', 1],
  ['surfaceTension', 'dyn/cm', 1],
  ['angle', '°', 1],
  ['angle', 'deg', 1],
  ['evaporation', 'kg/m²h', 1],
  ['evaporation', 'lb/ft²h', 4.88242764],
  ['activationEnergy', 'kJ/mol', 1],
  ['spreading', 'm²/L', 1],
  ['spreading', 'ft²/gal', 0.09290304 / 3.785411784],
  ['activationTemperature', 'K', 1],
  ['pace', 'min/m', 1],
  ['pace', 'min/ft', 1 / 0.3048],
  ['areaPace', 'min/m²', 1],
  ['areaPace', 'min/ft²', 1 / 0.09290304],
  ['volumePace', 'min/L', 1],
  ['volumePace', 'min/gal', 1 / 3.785411784],
  ['areaMass', 'kg/m²', 1],
  ['areaMass', 'lb/ft²', 0.45359237 / 0.09290304],
  ['specificVolume', 'L/kg', 1],
  ['specificVolume', 'mL/g', 1],
  ['specificVolume', 'gal/lb', 3.785411784 / 0.45359237],
  ['pressure', 'MPa', 1],
  ['pressure', 'bar', 0.1],
  ['pressure', 'kPa', 0.001],
  ['pressure', 'psi', 0.00689475729],
  ['speed', 'km/h', 1],
  ['speed', 'mph', 1.609344],
  ['speed', 'm/s', 3.6],
];

describe('a unit', () => {
  it.each(units)('%s in %s is so much of its base unit, once and seven times', (kind, unit, factor) => {
    for (const times of [1, 7]) {
      const read = parseMeasure(`${String(times)} ${unit}`, kind, 'metric');
      expect(read.ok && Math.abs(read.value / (times * factor) - 1) < 1e-7).toBe(true);
    }
  });

  it('is named where another was typed, without the marks of feet and inches', () => {
    const read = parseMeasure('3 kg', 'length', 'metric');
    expect(read.ok ? '' : read.why).toBe("'kg' is not a unit for this. It can be mm, cm, m, in, inch, inches, ft, feet, mil, mils.");
  });

  it('may be left away where a kind has none, and a minus holds for all of a measure', () => {
    expect(parseMeasure('12', 'count', 'metric')).toEqual({ ok: true, value: 12 });
    expect(parseMeasure(`-1' 6"`, 'length', 'us')).toEqual({ ok: true, value: -457.2 });
    expect(parseMeasure('  -4 ', 'temperature', 'metric')).toEqual({ ok: true, value: -4 });
  });

  it('gives an example in what is asked back, where there is one', () => {
    expect(parseMeasure('wide', 'crackWidth', 'us')).toMatchObject({ ok: false, why: "'wide' is not a measure. Write it like 0.016 or 3/16." });
    expect(parseMeasure('wide', 'density', 'us')).toMatchObject({ ok: false, why: "'wide' is not a measure. Write a number." });
    expect(parseMeasure('1 m 2', 'length', 'metric')).toMatchObject({ ok: false, why: "'1 m 2' has a part without a unit. Write it like 4.2 m." });
  });
});

describe('an area', () => {
  it.each([
    [5, 'metric', '0.05 cm²'],
    [999, 'metric', '9.99 cm²'],
    [1000, 'metric', '10 cm²'],
    [99_999, 'metric', '1000 cm²'],
    [100_000, 'metric', '0.10 m²'],
    [645.16, 'us', '1 in²'],
    [5000, 'us', '7.8 in²'],
    [6451.6, 'us', '10 in²'],
    [80_000, 'us', '124 in²'],
    [92_903.04, 'us', '1 ft²'],
    [929_030.4, 'us', '10 ft²'],
  ] as const)('of %d mm² is told in %s units as %s', (mm2, system, text) => {
    expect(showValue(mm2, 'area', system).text).toBe(text);
  });
});

describe('what lies on an edge of how it is told', () => {
  it.each([
    [0, 'duration', 'metric', '0 min'],
    [0.5, 'duration', 'metric', '30 s'],
    [9.96, 'duration', 'metric', '10 min'],
    [9.5, 'duration', 'metric', '9.5 min'],
    [10.5, 'duration', 'metric', '11 min'],
    [60, 'duration', 'metric', '1 h'],
    [599, 'duration', 'metric', '9 h 59 min'],
    [600, 'duration', 'metric', '10 h'],
    [2880, 'duration', 'metric', '2 days'],
    [2940, 'duration', 'metric', '2 d 1 h'],
    [1, 'age', 'metric', '1 day'],
    [999.4, 'mass', 'metric', '999 g'],
    [1000, 'mass', 'metric', '1.00 kg'],
    [27.9, 'mass', 'us', '28 g'],
    [28.4, 'mass', 'us', '1.0 oz'],
    [453.6, 'mass', 'us', '1.00 lb'],
    [999.6, 'volume', 'metric', '1000 mL'],
    [3785.5, 'volume', 'us', '1.00 gal'],
  ] as const)('%d of %s in %s: %s', (value, kind, system, text) => {
    expect(showValue(value, kind, system).text).toBe(text);
  });

  it('of a length near nothing has no sign', () => {
    expect([inches(-0.1), inches(-1), inches(0), inches(25.4)]).toEqual(['0', '-1/32', '0', '1']);
  });
});

describe('a number', () => {
  it.each([
    ['1,250.00', 1250],
    ['1,234,567.5', 1_234_567.5],
    ['1,234,567', 1_234_567],
    ['1.250,75', 1250.75],
    ['1.234.567,5', 1_234_567.5],
    ['1.234.567', 1_234_567],
    ['-1 250', -1250],
    ['  62,50 ', 62.5],
    ['.5', 0.5],
    [',25', 0.25],
    ['3e2', 300],
    ['0.125', 0.125],
    ['0,125', 0.125],
  ])('%s is %d', (text, value) => {
    expect(parseNumber(text)).toEqual({ ok: true, value });
  });

  it.each(['1,25,000.5', '12a', 'a12', '1.2.3', '1,2,3', '12 34', '1,234.5x', '1.234.567x', 'x1.234,5', '', '.', '1e', '--2', '1234,567.5'])(
    '%s is none',
    (text) => {
      expect(parseNumber(text).ok).toBe(false);
    },
  );

  it('with one mark before three digits is asked back, both ways written out', () => {
    expect(parseNumber('1,250')).toEqual({ ok: false, why: "'1,250' may be read two ways. Write 1250, or 1.25." });
    expect(parseNumber('-2.000')).toEqual({ ok: false, why: "'-2.000' may be read two ways. Write -2000, or -2.0." });
  });
});

describe('small things that others stand on', () => {
  it('rounds at the edges of its powers of ten', () => {
    expect([round12(1), round12(0.999999999999999), round12(1e-9), round12(0), round12(-0), round12(1e12)]).toEqual([1, 1, 1e-9, 0, 0, 1e12]);
    expect(round12(1.234567890123456e-10)).toBe(1.23456789012e-10);
    expect(round12(0.1 + 0.2)).toBe(0.3);
    expect([atMost(2.0000000001, 2), atMost(2.1, 2)]).toEqual([true, false]);
  });

  it('CSV begins where its first row stands, past empty lines and remarks that are set in', () => {
    expect(readCsv('\n  # a;b\n\na,b\n1,2')).toEqual([
      { line: 4, cells: ['a', 'b'] },
      { line: 5, cells: ['1', '2'] },
    ]);
    expect(readCsv(' x ; y ')).toEqual([{ line: 1, cells: ['x', 'y'] }]);
    expect(readCsv('a,#b')).toEqual([{ line: 1, cells: ['a', '#b'] }]);
    expect(readCsv('ends with#\n1')).toEqual([
      { line: 1, cells: ['ends with#'] },
      { line: 2, cells: ['1'] },
    ]);
  });

  it('one zone is not taken for another that was asked before', () => {
    const at = '2026-06-02T12:00:00Z';
    expect([siteDateTime(at, 'Europe/Paris').time, siteDateTime(at, 'America/Chicago').time, siteDateTime(at, 'Europe/Paris').time]).toEqual([
      '14:00',
      '07:00',
      '14:00',
    ]);
  });
});
