import { makeOffer, usualTerms, withRepair, type OfferSetup } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../../core/test/house.ts';
import { offerRow } from './offerRow.ts';

const rules = { ...houseRules, labor: { perHour: 48, currency: 'USD', since: '2026-01-01' } };
const job = house(3);
const [first = '', second = ''] = job.areas.flatMap((a) => a.defects.map((d) => d.id));

function rowOf(setup: OfferSetup, id: string, of = job) {
  const made = makeOffer({ job: of, rules, products: [], setup, terms: usualTerms, firm: '', at: '2026-06-02T12:00:00Z' });
  if (!made.ok) throw new Error(made.why);
  return offerRow(made.offer, setup, id);
}

describe('the list beside an offer', () => {
  it('has the price of what is in it, and how many ways stand on the page', () => {
    const { row, asked } = rowOf({}, first);
    expect([row.is, row.ways, asked]).toEqual(['in', 1, undefined]);
    expect(row.price).toMatch(/^\d+\.\d\d$/);
    expect(rowOf({ others: true }, first).row.ways).toBe(2);
  });

  it('says of what is left out that it is, and of what cannot be offered why', () => {
    const setup = withRepair({}, second, { out: true });
    expect(rowOf(setup, second)).toMatchObject({ row: { is: 'out', price: 'out' }, asked: { out: true } });
    const open = { ...job, areas: job.areas.map((a) => ({ ...a, defects: a.defects.map((d) => (d.id === first ? { ...d, facts: {} } : d)) })) };
    expect(rowOf({}, first, open).row).toMatchObject({ is: 'not', price: 'no price', why: 'not fully measured yet; it is priced later' });
  });
});
