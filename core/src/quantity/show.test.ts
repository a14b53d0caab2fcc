import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { QuantityKind, UnitSystem } from './kind.ts';
import { Ledger } from './ledger.ts';
import { inches, show, showValue } from './show.ts';

const cases: readonly (readonly [number, QuantityKind, UnitSystem, string])[] = [
  [4200, 'length', 'metric', '4.20 m'],
  [250, 'length', 'metric', '250 mm'],
  [4200, 'length', 'us', `13' 9 3/8"`],
  [304.8, 'length', 'us', "1'"],
  [100, 'length', 'us', '3 15/16 in'],
  [2586, 'depth', 'metric', '2.59 m'],
  [2586, 'depth', 'us', `8' 5 13/16"`],
  [19.05, 'depth', 'metric', '19.1 mm'],
  [6.35, 'depth', 'metric', '6.4 mm'],
  [6.35, 'depth', 'us', '1/4 in'],
  [19.05, 'depth', 'us', '3/4 in'],
  [1.5, 'depth', 'us', '1/16 in'],
  [120, 'depth', 'us', '4 3/4 in'],
  [0.4, 'crackWidth', 'metric', '0.4 mm'],
  [0.05, 'crackWidth', 'metric', '0.05 mm'],
  [0.4, 'crackWidth', 'us', '0.016 in'],
  [1.59, 'crackWidth', 'us', '0.063 in'],
  [5, 'crackWidth', 'us', '3/16 in'],
  [0.25, 'film', 'metric', '0.25 mm'],
  [0.25, 'film', 'us', '9.8 mil'],
  [0.6, 'film', 'us', '24 mil'],
  [0.8, 'film', 'us', '1/32 in'],
  [1.2, 'film', 'us', '3/64 in'],
  [1.5, 'film', 'us', '1/16 in'],
  [9, 'film', 'us', '11/32 in'],
  [271.4, 'volume', 'metric', '271 mL'],
  [1475, 'volume', 'metric', '1.48 L'],
  [4.25, 'volume', 'metric', '4.3 mL'],
  [29.5735, 'volume', 'us', '1.0 fl oz'],
  [4.25, 'volume', 'us', '4.3 mL'],
  [0.02, 'volume', 'metric', '0.02 mL'],
  [0.3, 'depth', 'us', '0.012 in'],
  [0, 'depth', 'us', '0 in'],
  [3785.5, 'volume', 'us', '1.00 gal'],
  [444.9, 'mass', 'metric', '445 g'],
  [1340, 'mass', 'metric', '1.34 kg'],
  [453.6, 'mass', 'us', '1.00 lb'],
  [15, 'temperature', 'metric', '15 °C'],
  [15, 'temperature', 'us', '59 °F'],
  [-40, 'temperature', 'us', '-40 °F'],
  [3, 'temperatureDifference', 'metric', '3 K'],
  [3, 'temperatureDifference', 'us', '5.4 °F'],
  [0.5, 'duration', 'metric', '30 s'],
  [8.7, 'duration', 'metric', '8.7 min'],
  [9, 'duration', 'metric', '9 min'],
  [60, 'duration', 'us', '1 h'],
  [112, 'duration', 'metric', '1 h 52 min'],
  [2677, 'duration', 'metric', '45 h'],
  [4320, 'duration', 'metric', '3 days'],
  [8040, 'duration', 'metric', '5 d 14 h'],
  [28, 'age', 'us', '28 days'],
  [0.6, 'ratio', 'metric', '0.6'],
  [62, 'percent', 'us', '62 %'],
  [3, 'count', 'us', '3'],
  [0.5, 'evaporation', 'metric', '0.50 kg/m²h'],
  [0.5, 'evaporation', 'us', '0.10 lb/ft²h'],
  [16, 'speed', 'us', '10 mph'],
  [2, 'pace', 'metric', '2 min/m'],
  [30, 'areaPace', 'metric', '30 min/m²'],
  [30, 'areaPace', 'us', '2.79 min/ft²'],
  [4, 'volumePace', 'metric', '4 min/L'],
  [4, 'volumePace', 'us', '15.1 min/gal'],
  [0.5, 'areaMass', 'metric', '0.5 kg/m²'],
  [0.5, 'areaMass', 'us', '0.102 lb/ft²'],
  [0.54, 'specificVolume', 'metric', '0.54 L/kg'],
  [0.54, 'specificVolume', 'us', '0.0647 gal/lb'],
  [40, 'angle', 'us', '40°'],
];

describe('showValue', () => {
  it.each(cases)('shows %d as %s in %s: %s', (value, kind, units, wanted) => {
    expect(showValue(value, kind, units).text).toBe(wanted);
  });

  it('never shows a negative nothing', () => {
    expect(showValue(-0.001, 'depth', 'metric').text).toBe('0 mm');
    expect(showValue(-0.001, 'temperature', 'metric').text).toBe('0 °C');
  });

  it('converts a temperature and a difference of temperatures differently', () => {
    fc.assert(
      fc.property(fc.integer({ min: -40, max: 50 }), fc.integer({ min: 0, max: 40 }), (t, rise) => {
        const asTemperature = Number(showValue(t + rise, 'temperature', 'us').number) - Number(showValue(t, 'temperature', 'us').number);
        const asDifference = Number(showValue(rise, 'temperatureDifference', 'us').number);
        expect(Math.abs(asTemperature - asDifference)).toBeLessThanOrEqual(1);
      }),
    );
  });
});

describe('inches', () => {
  it('stays within half a part of the true length', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 600, noNaN: true }), (mm) => {
        const [whole = '0', fraction] = inches(mm).includes('/') && !inches(mm).includes(' ') ? ['0', inches(mm)] : inches(mm).split(' ');
        const [top = '0', bottom = '1'] = (fraction ?? '0/1').split('/');
        const back = (Number(whole) + Number(top) / Number(bottom)) * 25.4;
        expect(Math.abs(back - mm)).toBeLessThanOrEqual(25.4 / 32 + 1e-9);
      }),
    );
  });

  it('writes fractions in lowest terms, to the thirty-second under half an inch', () => {
    expect(inches(12.7)).toBe('1/2');
    expect(inches(7.14375)).toBe('9/32');
    expect(inches(31.75)).toBe('1 1/4');
    expect(inches(25.4)).toBe('1');
    expect(inches(-6.35)).toBe('-1/4');
  });
});

describe('a rule of thumb in inches', () => {
  const ledger = new Ledger();
  const thumb = (mm: number, source: 'practice' | 'astm-c840' = 'practice') => show(ledger.assumed('Past it', 'depth', mm, source), 'us').text;

  it('is as round as the trade says it', () => {
    expect([13, 20, 25, 40, 50, 75, 100, 150, 200, 300, 400].map((mm) => thumb(mm))).toEqual([
      '1/2 in',
      '3/4 in',
      '1 in',
      '1 1/2 in',
      '2 in',
      '3 in',
      '4 in',
      '6 in',
      '8 in',
      '12 in',
      '16 in',
    ]);
    expect(thumb(1.5)).toBe('1/16 in');
  });

  it('is never moved by more than a sixteenth part of itself', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 900 }), (mm) => {
        const [whole = '0', fraction] = thumb(mm)
          .replace(' in', '')
          .split(/ (?=\d+\/)/);
        const parts = (fraction ?? (whole.includes('/') ? whole : '0/1')).split('/').map(Number);
        const told = (whole.includes('/') ? 0 : Number(whole)) + (parts[0] ?? 0) / (parts[1] ?? 1);
        expect(Math.abs(told * 25.4 - mm)).toBeLessThanOrEqual(mm * 0.0601 + 0.8);
      }),
    );
  });

  it('is no published limit, which is told as its standard prints it, and no measure, which stays as it is', () => {
    expect([25, 50, 100, 150, 400].map((mm) => thumb(mm, 'astm-c840'))).toEqual(['1 in', '2 in', '4 in', '6 in', '16 in']);
    expect([thumb(9.5, 'astm-c840'), thumb(52, 'astm-c840')]).toEqual(['3/8 in', '2 1/16 in']);
    expect(show(ledger.given('Width', 'depth', 50, 'measured', '2026-06-01T00:00:00.000Z'), 'us').text).toBe('1 15/16 in');
    expect(show(ledger.assumed('Past it', 'depth', 50, 'practice'), 'metric').text).toBe('50 mm');
  });
});
