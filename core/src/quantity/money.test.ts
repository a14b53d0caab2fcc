import { describe, expect, it } from 'vitest';
import { fromMinor, minorDigits, moneyText, percentOf, sharedOut, toMinor } from './money.ts';

describe('money', () => {
  it('is counted in whole smallest units of its currency', () => {
    expect([toMinor(12.345, 'USD'), toMinor(1.005, 'USD'), toMinor(-1.005, 'USD'), toMinor(12.5, 'JPY'), toMinor(1.2345, 'KWD')]).toEqual([
      1235, 101, -101, 13, 1235,
    ]);
    expect(Object.is(toMinor(-0.001, 'USD'), -0)).toBe(false);
    expect([minorDigits('EUR'), minorDigits('JPY'), minorDigits('KWD')]).toEqual([2, 0, 3]);
    expect(fromMinor(1235, 'USD')).toBe(12.35);
  });

  it('is written with its decimals and groups of three', () => {
    expect([moneyText(123_456_789, 'USD'), moneyText(5, 'USD'), moneyText(-100_000, 'EUR'), moneyText(1_234_567, 'JPY'), moneyText(0, 'USD')]).toEqual([
      '1,234,567.89',
      '0.05',
      '−1,000.00',
      '1,234,567',
      '0.00',
    ]);
  });

  it('takes a share in percent as it is rounded on paper', () => {
    // 8.25 % of 10.00 is 0.825, which is 0.83
    expect([percentOf(1000, 8.25), percentOf(1000, 20), percentOf(333, 7.5), percentOf(-1000, 8.25)]).toEqual([83, 200, 25, -83]);
  });

  it('gives out whole units that add up to what there was, none more than one from its exact share', () => {
    expect(sharedOut(100, [1, 1, 1])).toEqual([34, 33, 33]);
    expect(sharedOut(5, [0, 0])).toEqual([3, 2]);
    let seed = 7;
    const next = () => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647;
    for (let i = 0; i < 300; i++) {
      const weights = Array.from({ length: 1 + Math.floor(next() * 12) }, () => next() * 1000);
      const minor = Math.floor(next() * 1e7);
      const out = sharedOut(minor, weights);
      expect(out.reduce((a, b) => a + b, 0)).toBe(minor);
      const sum = weights.reduce((a, b) => a + b, 0);
      out.forEach((o, k) => {
        expect(Math.abs(o - (minor * (weights[k] ?? 0)) / sum)).toBeLessThan(1);
      });
    }
  });
});
