import type { Figure } from '../quantity/figure.ts';
import { evaluate } from '../quantity/formula.ts';
import { Ledger } from '../quantity/ledger.ts';
import { atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { partToAdd } from './proportions.ts';

/** A cup as it was weighed. */
export interface WeighedCup {
  readonly firstG: number;
  readonly secondG: number;
  /** parts of the first to one of the second, by weight */
  readonly byWeight: number;
  readonly tolerancePct: number;
  /** what the cup still holds beside what is in it, in g */
  readonly roomG: number;
  /** minutes since the parts were stirred together; absent where they were not */
  readonly stirredMin?: number;
  readonly potLifeMin: number;
}

/** What to do with a mis-weighed cup. */
export interface CupVerdict {
  readonly state: 'right' | 'add' | 'discard';
  readonly add?: { readonly part: 'first' | 'second'; readonly grams: Figure };
  readonly saying: Saying;
}

/** less than this of the second part is none of it: no scale shows it, in g */
const leastG = 1e-6;

/** share of the pot life after which nothing is added to a stirred cup any more */
const tooLateShare = 0.25;

/**
 * Whether a cup is within the tolerance of its ratio, what to add to it, or why it is thrown away. Nothing
 * is ever taken out of a cup.
 */
export function putRight({ firstG, secondG, byWeight, tolerancePct, roomG, stirredMin, potLifeMin }: WeighedCup): CupVerdict {
  const ledger = new Ledger();
  const figure = (label: string, grams: number) => ledger.given(label, 'mass', grams, 'entered', '');
  const off = secondG > leastG ? firstG / secondG / byWeight - 1 : Number.POSITIVE_INFINITY;
  const percent = ledger.given('Off the ratio', 'percent', Number.isFinite(off) ? Math.abs(off) * 100 : 100, 'entered', '');
  if (atMost(Math.abs(off), tolerancePct / 100)) return { state: 'right', saying: say`Within the tolerance: it is ${percent} off the ratio. Use it.` };
  const short = off > 0 ? 'second' : 'first';
  const grams = figure(`To add of the ${short}`, short === 'second' ? evaluate(partToAdd, { firstG, secondG, byWeight }) : secondG * byWeight - firstG);
  if (stirredMin !== undefined && stirredMin > potLifeMin * tooLateShare) {
    return {
      state: 'discard',
      saying: say`Discard it. It was stirred ${ledger.given('Stirred for', 'duration', stirredMin, 'entered', '')} ago and is already setting: what is added now hardens apart from the rest. Spread it out thin to cool, and mix a new one.`,
    };
  }
  if (grams.value > roomG)
    return {
      state: 'discard',
      saying: say`Discard it, or pour it into a larger cup at once: it wants ${grams} more of the ${short} part, and the cup has room for ${figure('Room in the cup', roomG)}.`,
    };
  return {
    state: 'add',
    add: { part: short, grams },
    saying: say`It is ${percent} off the ratio. Add ${grams} of the ${short} part, and stir it all again from the bottom.`,
  };
}
