const powers = Array.from({ length: 23 }, (_, n) => Number(`1e${String(n)}`));
const digits = 12;

/**
 * Rounds to 12 significant digits: Node and browsers differ in the last bits of exp and pow. A power of
 * ten up to 22 is exact, so dividing the rounded whole number by it gives the double nearest the decimal.
 */
export function round12(value: number): number {
  const size = Math.abs(value);
  if (size >= 1 && size < 1e12) {
    if (Number.isInteger(value)) return value;
    let magnitude = 0;
    while (size >= (powers[magnitude + 1] ?? 0)) magnitude += 1;
    const scale = powers[digits - 1 - magnitude] ?? 1;
    return Math.round(value * scale) / scale;
  }
  if (size < 1 && size > 1e-9) {
    let below = 1;
    while (size * (powers[below] ?? 1) < 1) below += 1;
    const scale = powers[digits - 1 + below] ?? 1;
    return Math.round(value * scale) / scale;
  }
  return value === 0 ? 0 : Number(value.toPrecision(digits));
}

const slack = 1e-9;

/** Whether `value` is at most `limit`, with a relative slack of one in a thousand million. */
export function atMost(value: number, limit: number): boolean {
  return value <= limit + Math.abs(limit) * slack;
}

/** Whether `value` is at least `limit`, with the same slack. */
export function atLeast(value: number, limit: number): boolean {
  return value >= limit - Math.abs(limit) * slack;
}

/** The smallest whole number not below `value`, a hair over a whole number counting as that number. */
export function wholeAbove(value: number): number {
  return Math.ceil(value - Math.abs(value) * slack);
}
