import { formula } from '../quantity/formula.ts';
import { wholeAbove } from '../quantity/round.ts';

const across = (label: string, usual: number) => ({ kind: 'depth', label, min: 10, max: 600, usual }) as const;

/** Height to which a round cup is filled for a volume, in mm. */
export const cupHeight = formula({
  name: 'cup-height',
  title: 'Fill the cup to',
  words: 'the height at which a round cup that widens evenly holds the volume',
  inputs: {
    volumeMl: { kind: 'volume', label: 'volume', min: 0, max: 1e5, usual: 200 },
    bottomMm: across('inside across the bottom', 60),
    topMm: across('inside across the rim', 80),
    deepMm: { kind: 'depth', label: 'inside height', min: 10, max: 1000, usual: 100 },
  },
  output: 'depth',
  against: 'volumeMl',
  source: 'geometry',
  together: (v) =>
    v.volumeMl > cupContent(v.bottomMm, v.topMm, v.deepMm, v.deepMm) * (1 + 1e-9)
      ? { input: 'volumeMl', why: 'The cup does not hold that much. Take a larger one, or mix in two.' }
      : undefined,
  compute: ({ volumeMl, bottomMm, topMm, deepMm }) => {
    let [low, high] = [0, deepMm];
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2;
      if (cupContent(bottomMm, topMm, deepMm, middle) < volumeMl) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  },
});

/** Content of a round cup filled to a height, in mL. */
function cupContent(bottomMm: number, topMm: number, deepMm: number, toMm: number): number {
  const at = bottomMm + ((topMm - bottomMm) * toMm) / deepMm;
  return (Math.PI * toMm * (bottomMm ** 2 + bottomMm * at + at ** 2)) / 12 / 1000;
}

/** One part poured to a mark of the cup: the marks count from the bottom, over what is in it already. */
export interface CupMark {
  readonly part: number;
  readonly untilMl: number;
}

/** How a ratio is poured into a marked cup. */
export type CupMarks =
  | { readonly state: 'marks'; readonly marks: readonly CupMark[]; readonly totalMl: number; readonly offPct: number }
  /** no whole marks give the ratio within its tolerance and within the cup: weigh it */
  | { readonly state: 'weigh'; readonly why: 'cup' | 'ratio' };

/**
 * Marks of a graduated cup for parts by volume: whole divisions only, the ratio of each part to the first
 * within its tolerance either way, never less than what is needed, and the least that does it.
 * @param parts by volume, in the order they are poured
 * @param divisionMl from mark to mark
 */
export function cupMarks(neededMl: number, parts: readonly number[], divisionMl: number, cupMl: number, tolerancePct: number): CupMarks {
  const sum = parts.reduce((a, b) => a + b, 0);
  const most = Math.floor(cupMl / divisionMl + 1e-9);
  const least = wholeAbove(neededMl / divisionMl);
  if (least > most) return { state: 'weigh', why: 'cup' };
  for (let total = least; total <= most; total++) {
    const divisions = shared(parts, total, sum);
    const first = (divisions[0] ?? 0) / (parts[0] ?? 1);
    const offPct = 100 * Math.max(...divisions.map((d, i) => Math.abs(d / (parts[i] ?? 1) / first - 1)));
    if (divisions.some((d) => d < 1) || !(offPct <= tolerancePct + 1e-9)) continue;
    let filled = 0;
    return { state: 'marks', marks: divisions.map((d, part) => ({ part, untilMl: (filled += d) * divisionMl })), totalMl: total * divisionMl, offPct };
  }
  return { state: 'weigh', why: 'ratio' };
}

/** So many whole divisions shared out over parts, the largest rests first. */
function shared(parts: readonly number[], total: number, sum: number): readonly number[] {
  const exact = parts.map((p) => (p * total) / sum);
  const whole = exact.map(Math.floor);
  const order = exact.map((e, i) => [e - Math.floor(e), i] as const).sort((a, b) => b[0] - a[0]);
  const missing = total - whole.reduce((a, b) => a + b, 0);
  for (const [, i] of order.slice(0, missing)) whole[i] = (whole[i] ?? 0) + 1;
  return whole;
}

/** A weight brought to whole divisions of the scale, never to the short side, in g. */
export const toDivision = formula({
  name: 'to-division',
  title: 'Weigh',
  words: 'the weight, upward to the next division of the scale',
  inputs: {
    weightG: { kind: 'mass', label: 'weight', min: 0, max: 1e6, usual: 123.4 },
    divisionG: { kind: 'mass', label: 'division of the scale', min: 0.001, max: 1000, usual: 1 },
  },
  output: 'mass',
  source: 'geometry',
  compute: ({ weightG, divisionG }) => wholeAbove(weightG / divisionG) * divisionG,
});
