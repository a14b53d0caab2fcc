import { dewMargin, warmestNeeded } from '../climate/humidAir.ts';
import type { Seen } from '../match/subject.ts';
import type { Verdict } from '../match/verdict.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';

const warmest = (all: readonly Figure[]): Figure | undefined => [...all].sort((a, b) => b.value - a.value)[0];

/**
 * The place as it is warmed for the system that was taken, where it is too cold for it or too near the dew point: its steps are
 * timed there. The air keeps the humidity that was measured, so that nothing dries sooner for it: the safe side.
 */
export function asWarmed(ledger: Ledger, seen: Seen, against: readonly Verdict[]): Seen {
  const { subject } = seen;
  const held = against.filter((v) => v.grade === 'out' && v.min && v.value && v.value.value < v.min.value);
  const least = (rule: string) => warmest(held.flatMap((v) => (v.rule === rule && v.min ? [v.min] : [])));
  const [leastC, marginK] = [least('temperature') ?? subject.slabC, least('dew-margin')];
  if (leastC === subject.slabC && !marginK) return seen;
  const slabC = marginK ? ledger.compute(warmestNeeded, { leastC, dewPointC: subject.dewPoint, marginK }) : leastC;
  const margin = ledger.compute(dewMargin, { slabC, dewPointC: subject.dewPoint });
  return { ...seen, subject: { ...subject, slabC, dewMargin: margin, airC: warmest([subject.airC, slabC]) ?? slabC } };
}
