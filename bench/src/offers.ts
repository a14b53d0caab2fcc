import { makeOffer, usualTerms, type OfferInput, type OfferSetup } from '@oddment/core';
import { house, houseRules } from '../../core/test/house.ts';

const rules = { ...houseRules, labor: { perHour: 48, currency: 'USD', since: '2026-01-01' } };

/** How long the offer of a house takes, alone, with another way beside each repair, and once only a word of it is another. */
export function offerRows(rounds: number, row: (words: string, times: readonly number[], aim?: number) => string): string[] {
  const job = house(34);
  const timed = (setup: OfferSetup, memory: OfferInput['memory'] = new Map()) => {
    const start = performance.now();
    const made = makeOffer({ job, rules, products: [], setup, terms: usualTerms, firm: '', at: '2026-06-02T12:00:00Z', memory });
    if (!made.ok) throw new Error(made.why);
    return performance.now() - start;
  };
  const each = (act: (round: number) => number) => Array.from({ length: rounds }, (_v, round) => act(round));
  timed({});
  const memory: OfferInput['memory'] = new Map();
  timed({}, memory);
  return [
    row(
      'the offer of a house of 34 repairs',
      each(() => timed({})),
    ),
    row(
      '   with another way beside each',
      each(() => timed({ others: true })),
    ),
    row(
      '   once a word of it is another',
      each((round) => timed({ words: String(round) }, memory)),
    ),
  ];
}
