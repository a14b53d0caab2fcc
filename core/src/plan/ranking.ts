import { gradeWeight, leaves, type Candidate } from '../match/candidates.ts';
import { outlookOf, yearsHeld } from '../shelf/outlook.ts';
import type { Product } from '../shelf/product.ts';
import type { PlannedPlan } from './repairPlan.ts';

/** What candidates that fit alike are put in order by, as the person wants it. */
export type RankBy = 'visits' | 'in-use' | 'by-hand' | 'price' | 'holds';

export const rankWords: Readonly<Record<RankBy, string>> = {
  visits: 'fewest visits',
  'in-use': 'soonest in use',
  'by-hand': 'least work by hand',
  price: 'lowest price, by your rates',
  holds: 'holds longest',
};

/** The least that a candidate is expected to hold, in years: a combination as long as the member that holds least. */
export function holdsYears({ system, chain }: Candidate): number {
  const years = (chain ?? [system]).flatMap((s) => {
    const outlook = outlookOf(s);
    return outlook ? [yearsHeld(outlook)] : [];
  });
  return years.length === 0 ? 0 : Math.min(...years);
}

/**
 * The candidates in the order that a person wants them in: what fits goes before what takes care, what finishes all that was
 * asked before what leaves something open, and only of those that are alike in that the one that is better by the wish; what has no
 * work here, and so no times, comes after. What is ruled out stays nearest first.
 */
export function rankedBy(
  { candidates, timesOf, priceOf }: Pick<PlannedPlan, 'candidates' | 'timesOf' | 'priceOf'>,
  by: RankBy,
  products: readonly Product[] = [],
): readonly Candidate[] {
  if (by === 'visits') return candidates;
  const cost = (c: Candidate) => {
    if (by === 'holds') return -holdsYears(c);
    if (by === 'price') return priceOf(c, products)?.total.value ?? Number.POSITIVE_INFINITY;
    const times = timesOf(c);
    return (by === 'in-use' ? times?.inUse : times?.handsOn)?.value ?? Number.POSITIVE_INFINITY;
  };
  const fit = candidates.filter((c) => c.grade !== 'out').map((c) => ({ c, cost: cost(c) }));
  fit.sort((a, b) => gradeWeight[a.c.grade] - gradeWeight[b.c.grade] || leaves(a.c) - leaves(b.c) || (a.cost === b.cost ? 0 : a.cost - b.cost));
  return [...fit.map(({ c }) => c), ...candidates.filter((c) => c.grade === 'out')];
}
