import { formula } from '../quantity/formula.ts';
import { wholeAbove } from '../quantity/round.ts';

/** What whole packs of something cost, in the currency of their price. */
export const packsCost = formula({
  name: 'packs-cost',
  title: 'Whole packs',
  words: 'what is needed over the content of a pack, upward to whole ones, times the price of one',
  inputs: {
    neededMl: { kind: 'volume', label: 'needed', min: 0, max: 1e9, usual: 900 },
    packMl: { kind: 'volume', label: 'content of a pack', min: 0.1, max: 1e8, usual: 600 },
    price: { kind: 'money', label: 'price of a pack', min: 0, max: 1e6, usual: 24 },
  },
  output: 'money',
  source: 'geometry',
  compute: ({ neededMl, packMl, price }) => Math.max(1, wholeAbove(neededMl / packMl)) * price,
});

/** What whole packs of something sold by weight cost, in the currency of their price. */
export const packsCostByWeight = formula({
  name: 'packs-cost-by-weight',
  title: 'Whole packs, by weight',
  words: 'what is needed over the content of a pack, upward to whole ones, times the price of one',
  inputs: {
    neededG: { kind: 'mass', label: 'needed', min: 0, max: 1e9, usual: 27_800 },
    packG: { kind: 'mass', label: 'content of a pack', min: 0.1, max: 1e8, usual: 25_000 },
    price: { kind: 'money', label: 'price of a pack', min: 0, max: 1e6, usual: 31.5 },
  },
  output: 'money',
  source: 'geometry',
  compute: ({ neededG, packG, price }) => Math.max(1, wholeAbove(neededG / packG)) * price,
});

/** Labor and material, in one currency. */
export const priceTogether = formula({
  name: 'price-together',
  title: 'Price',
  words: 'labor and material, each to the cent, added up; taxes, travel and what is hidden are not in it',
  inputs: { part: { kind: 'money', label: 'each part', min: 0, max: 1e9, list: true, usual: [120, 48] } },
  output: 'money',
  source: 'geometry',
  compute: ({ part }) => part.reduce((sum, p) => sum + Math.round(p * 100 + 1e-7), 0) / 100,
});
