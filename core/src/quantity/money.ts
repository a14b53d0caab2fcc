// decimals of a currency other than two: ISO 4217, as recalled
const without = new Set(['BIF', 'CLP', 'DJF', 'GNF', 'ISK', 'JPY', 'KMF', 'KRW', 'PYG', 'RWF', 'UGX', 'UYI', 'VND', 'VUV', 'XAF', 'XOF', 'XPF']);
const three = new Set(['BHD', 'IQD', 'JOD', 'KWD', 'LYD', 'OMR', 'TND']);

/** Decimals that a currency is counted in, by ISO 4217 as recalled: two for most, none or three for some. */
export function minorDigits(currency: string): 0 | 2 | 3 {
  return without.has(currency) ? 0 : three.has(currency) ? 3 : 2;
}

/** Half away from zero; a hair below a half, as binary fractions leave 1.005, counts as the half. */
function whole(value: number): number {
  const size = Math.abs(value);
  const rounded = Math.floor(size + 0.5 + size * 1e-9);
  return value < 0 && rounded > 0 ? -rounded : rounded;
}

/** An amount of a currency in its smallest unit, a whole number: 12.345 USD is 1235 cents. */
export function toMinor(amount: number, currency: string): number {
  return whole(amount * 10 ** minorDigits(currency));
}

/** Smallest units as the amount that is typed: 1235 cents are 12.35. */
export function fromMinor(minor: number, currency: string): number {
  return minor / 10 ** minorDigits(currency);
}

/** Smallest units as they are written: 123456 cents as 1,234.56. */
export function moneyText(minor: number, currency: string): string {
  const digits = minorDigits(currency);
  const text = String(Math.abs(minor)).padStart(digits + 1, '0');
  const cut = text.length - digits;
  const grouped = text.slice(0, cut).replaceAll(/\B(?=(\d{3})+$)/g, ',');
  return `${minor < 0 ? '−' : ''}${grouped}${digits === 0 ? '' : `.${text.slice(cut)}`}`;
}

/** A share in percent of smallest units, in whole ones, a half away from zero. */
export function percentOf(minor: number, percent: number): number {
  return whole((minor * percent) / 100);
}

/**
 * Smallest units given out by weight: whole ones, that add up to what is given out. What is left after rounding down goes
 * one each to the largest remainders, the first of like ones first.
 * @param weights none below zero; where all are zero, each counts alike
 */
export function sharedOut(minor: number, weights: readonly number[]): readonly number[] {
  const sum = weights.reduce((a, b) => a + b, 0);
  const exact = weights.map((w) => (sum > 0 ? (minor * w) / sum : minor / weights.length));
  const down = exact.map((e) => Math.floor(e + Math.abs(e) * 1e-12));
  const left = minor - down.reduce((a, b) => a + b, 0);
  const order = exact.map((e, i) => ({ i, rest: e - (down[i] ?? 0) })).sort((a, b) => b.rest - a.rest || a.i - b.i);
  const more = new Set(order.slice(0, left).map((o) => o.i));
  return down.map((d, i) => d + (more.has(i) ? 1 : 0));
}
