import { dewMargin, warmestNeeded } from '../climate/humidAir.ts';
import type { Seen } from '../match/subject.ts';
import type { Verdict } from '../match/verdict.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';

const warmest = (all: readonly Figure[]): Figure | undefined => [...all].sort((a, b) => b.value - a.value)[0];

/**
 * The place as it is brought to what the system that was taken bears: warmed where it is too cold for it or too near the dew point,
 * waited for where it is too warm. Its steps are timed there. The air keeps the humidity that was measured, so that nothing dries
 * sooner for it: the safe side.
 */
export function asBrought(ledger: Ledger, seen: Seen, against: readonly Verdict[]): Seen {
  const { subject } = seen;
  const out = against.filter((v) => v.grade === 'out' && v.value);
  const least = (rule: string) => warmest(out.flatMap((v) => (v.rule === rule && v.min && v.value && v.value.value < v.min.value ? [v.min] : [])));
  const most = out
    .flatMap((v) => (v.rule === 'temperature' && v.max && v.value && v.value.value > v.max.value ? [v.max] : []))
    .sort((a, b) => a.value - b.value)[0];
  const [warm, marginK] = [least('temperature'), least('dew-margin')];
  const covered = out.flatMap((v) => (v.rule === 'night' && v.min ? [v.min] : []));
  // under covers the nights are no colder than they have to be
  const night = warmest(covered);
  if (!warm && !marginK && !most) return night ? { ...seen, subject: { ...subject, night } } : seen;
  const leastC = warm ?? most ?? subject.slabC;
  const slabC = marginK ? ledger.compute(warmestNeeded, { leastC, dewPointC: subject.dewPoint, marginK }) : leastC;
  const margin = ledger.compute(dewMargin, { slabC, dewPointC: subject.dewPoint });
  return {
    ...seen,
    subject: {
      ...subject,
      ...((warm !== undefined || marginK !== undefined) && { heated: true as const }),
      slabC,
      dewMargin: margin,
      airC: most ? subject.airC : (warmest([subject.airC, slabC]) ?? slabC),
    },
  };
}
