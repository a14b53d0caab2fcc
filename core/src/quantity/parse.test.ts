import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { QuantityKind, UnitSystem } from './kind.ts';
import { parseMeasure, parseNumber } from './parse.ts';
import { showValue } from './show.ts';
import { bareUnit } from './units.ts';

const taken: readonly (readonly [string, QuantityKind, UnitSystem, number])[] = [
  ['4.2 m', 'length', 'us', 4200],
  ['4.2', 'length', 'metric', 4200],
  ['4,2', 'length', 'metric', 4200],
  ['420 cm', 'length', 'metric', 4200],
  ['14 ft', 'length', 'metric', 4267.2],
  [`1' 3-1/2"`, 'length', 'us', 393.7],
  [`1′ 3 1/2″`, 'length', 'us', 393.7],
  [`13' 9"`, 'length', 'metric', 4191],
  ['3/16', 'depth', 'us', 4.7625],
  ['3/16 in', 'depth', 'metric', 4.7625],
  ['1 1/4', 'depth', 'us', 31.75],
  ['7', 'depth', 'metric', 7],
  ['.5', 'crackWidth', 'metric', 0.5],
  ['0.016', 'crackWidth', 'us', 0.4064],
  ['16 mil', 'crackWidth', 'metric', 0.4064],
  ['59 °F', 'temperature', 'metric', 15],
  ['59F', 'temperature', 'us', 15],
  ['-4', 'temperature', 'metric', -4],
  ['14', 'temperature', 'us', -10],
  ['5.4 F', 'temperatureDifference', 'metric', 3],
  ['1 h 30 min', 'duration', 'metric', 90],
  ['4 weeks', 'age', 'metric', 28],
  ['62 %', 'percent', 'metric', 62],
  ['62', 'percent', 'us', 62],
  ['3 fl oz', 'volume', 'metric', 88.7205886875],
  ['10 mph', 'speed', 'metric', 16.09344],
  [`5' 6`, 'length', 'us', 1676.4],
  [`5'6`, 'length', 'metric', 1676.4],
  [`5' 6 1/2`, 'length', 'us', 1689.1],
  ['5 ft 6', 'length', 'us', 1676.4],
  ['½"', 'depth', 'us', 12.7],
  ['½”', 'depth', 'metric', 12.7],
  ['1½ in', 'depth', 'metric', 38.1],
  ['1 ½', 'depth', 'us', 38.1],
  ['3⅜', 'depth', 'us', 85.725],
  ['2⁄3', 'depth', 'us', 16.9333333333],
  ['6-3', 'length', 'us', 1905],
  ['6-3 1/2', 'length', 'us', 1917.7],
  ['6-3-1/2', 'length', 'us', 1917.7],
  ['6-3/4', 'length', 'us', 2057.4],
  ['6-3/4', 'depth', 'us', 171.45],
  ['2m 30', 'length', 'metric', 2300],
  ['2 m 05', 'length', 'metric', 2050],
  ['2m 300', 'length', 'metric', 2300],
  ['2m30', 'length', 'us', 2300],
  ['1 250 mm', 'length', 'metric', 1250],
  ['12 500', 'depth', 'metric', 12_500],
  ['1 h 30', 'duration', 'metric', 90],
  ['1:30', 'duration', 'us', 90],
  ['1.250 m', 'length', 'metric', 1250],
];

const refused: readonly (readonly [string, QuantityKind, UnitSystem, RegExp])[] = [
  ['', 'length', 'metric', /Nothing is written/],
  ['wide', 'depth', 'metric', /not a measure/],
  ['4 kg', 'length', 'metric', /'kg' is not a unit/],
  ['1/0', 'depth', 'us', /divides by zero/],
  ['4 5', 'depth', 'metric', /without a unit/],
  ["1' 2' 3' 4'", 'length', 'us', /not one measure/],
  ['15 °C 3 °C', 'temperature', 'metric', /not one measure/],
  ['2m 3', 'length', 'metric', /without a unit/],
  ["5' 14", 'length', 'us', /without a unit/],
  ['6-3', 'length', 'metric', /without a unit/],
  ['6-14', 'depth', 'us', /without a unit/],
  ['6-14', 'length', 'us', /without a unit/],
  ['1 25 mm', 'depth', 'metric', /without a unit/],
  ['1,250', 'length', 'metric', /two ways. Write 1250, or 1.250/],
  ['4..2', 'length', 'metric', /not a measure|without a unit/],
];

describe('parseMeasure', () => {
  it.each(taken)('reads %s as %s (%s)', (text, kind, units, wanted) => {
    const parsed = parseMeasure(text, kind, units);
    expect(parsed.ok && parsed.value).toBeCloseTo(wanted, 6);
  });

  it.each(refused)('refuses %s for %s (%s) in words', (text, kind, units, words) => {
    const parsed = parseMeasure(text, kind, units);
    expect(parsed.ok).toBe(false);
    expect(parsed.ok ? '' : parsed.why).toMatch(words);
  });

  it('reads back what is shown, within what showing rounds away', () => {
    const kinds: readonly (readonly [QuantityKind, number])[] = [
      ['length', 25.4 / 32 + 5],
      ['depth', 25.4 / 32 + 0.06],
      ['crackWidth', 25.4 / 32 + 0.06],
      ['temperature', 0.6],
      ['percent', 0.06],
    ];
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.constantFrom<UnitSystem>('metric', 'us'),
        fc.double({ min: 0.5, max: 90, noNaN: true }),
        ([kind, within], units, value) => {
          const parsed = parseMeasure(showValue(value, kind, units).text, kind, units);
          expect(parsed.ok).toBe(true);
          expect(Math.abs((parsed.ok ? parsed.value : Number.NaN) - value)).toBeLessThanOrEqual(within);
        },
      ),
    );
  });

  it('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string(), fc.constantFrom<QuantityKind>('length', 'depth', 'temperature', 'percent'), (text, kind) => {
        const parsed = parseMeasure(text, kind, 'us');
        expect(parsed.ok ? Number.isFinite(parsed.value) : parsed.why.length > 0).toBe(true);
      }),
    );
  });

  it('names the unit a bare number is taken in', () => {
    expect(bareUnit('length', 'metric')).toBe('m');
    expect(bareUnit('length', 'us')).toBe('ft');
    expect(bareUnit('temperature', 'us')).toBe('°F');
    expect(bareUnit('age', 'metric')).toBe('days');
  });
});

describe('parseNumber', () => {
  it.each([
    ['62.50', 62.5],
    ['62,50', 62.5],
    ['62,5', 62.5],
    ['0,125', 0.125],
    ['62', 62],
    ['1 250', 1250],
    ['1 250,50', 1250.5],
    ['1,250.00', 1250],
    ['1.250,00', 1250],
    ['12,345,678', 12_345_678],
    ["1'250.5", 1250.5],
    ['-3,5', -3.5],
    [',5', 0.5],
    ['1e-4', 1e-4],
  ])('reads %s', (text, value) => {
    expect(parseNumber(text)).toEqual({ ok: true, value });
  });

  it.each([
    ['1,250', /two ways. Write 1250, or 1.25/],
    ['1.250', /two ways/],
    ['62,500', /Write 62500, or 62.5/],
    ['', /Nothing/],
    ['sixty', /not a number/],
    ['1,25,3', /not a number/],
    ['6 2', /not a number/],
  ])('asks back for %s', (text, why) => {
    const read = parseNumber(text);
    expect(read.ok ? '' : read.why).toMatch(why);
  });

  it('reads back every amount as it is shown, with a point and with a comma', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99_999_999 }), (cents) => {
        const shown = (cents / 100).toFixed(2);
        for (const text of [shown, shown.replace('.', ',')]) expect(parseNumber(text)).toEqual({ ok: true, value: cents / 100 });
      }),
    );
  });
});
