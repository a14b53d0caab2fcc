import type { Sourced } from '../quantity/ledger.ts';
import type { QuantityKind } from '../quantity/kind.ts';

const rate = (value: number, kind: QuantityKind, label: string): Sourced => ({ value, kind, source: 'assumed-rate', label, assumed: true });

/** How long work takes by hand: assumed until the firm sets its own. */
export const rates = {
  chaseSetUp: rate(10, 'duration', 'Setting up grinder and vacuum'),
  chasePace: rate(1.5, 'pace', 'Chasing, each pass'),
  vacuumSetUp: rate(3, 'duration', 'Setting up to clean'),
  vacuumPace: rate(1, 'pace', 'Cleaning the groove'),
  readySetUp: rate(8, 'duration', 'Getting resin, sand and knife ready'),
  chokePace: rate(0.5, 'pace', 'Choking the crack with sand'),
  wetPace: rate(0.7, 'pace', 'Wetting the faces'),
  fillPace: rate(1.3, 'pace', 'Sanding and soaking a lift'),
  placePace: rate(2, 'pace', 'Wetting, sanding and soaking together'),
  grindSetUp: rate(5, 'duration', 'Setting up to grind'),
  grindPace: rate(2, 'pace', 'Grinding flush'),
  coverUp: rate(10, 'duration', 'Covering what lies around'),
  sawSetUp: rate(8, 'duration', 'Setting up the saw'),
  sawPace: rate(3, 'pace', 'Sawing, each pass'),
  chipSetUp: rate(5, 'duration', 'Setting up to break out'),
  chipPerL: rate(12, 'ratio', 'Breaking out, minutes for each liter'),
  barPerL: rate(10, 'ratio', 'Clearing behind bars, minutes for each liter'),
  washSetUp: rate(5, 'duration', 'Setting up to wash'),
  washPerM2: rate(30, 'ratio', 'Washing out, minutes for each square meter'),
  primePerM2: rate(40, 'ratio', 'Priming bars, minutes for each square meter of the cut'),
  mixMin: rate(6, 'duration', 'Mixing a batch'),
  scrubPerM2: rate(15, 'ratio', 'Scrub coat, minutes for each square meter'),
  packPerL: rate(4, 'ratio', 'Packing mortar, minutes for each liter'),
  floatPerM2: rate(40, 'ratio', 'Floating, minutes for each square meter'),
  dampMin: rate(8, 'duration', 'Covering it to cure'),
  nothing: rate(0, 'duration', 'No setting up'),
  once: { value: 1, kind: 'count', source: 'practice', label: 'One pass' },
  alone: { value: 1, kind: 'ratio', source: 'practice', label: 'One person at the tool' },
  pair: { value: 2, kind: 'ratio', source: 'practice', label: 'A pair, one wetting, one sanding' },
} as const satisfies Record<string, Sourced>;

export type Rates = Readonly<Record<keyof typeof rates, Sourced>>;

/** The rates that a firm may set for itself: how long work takes. */
export const settableRates = Object.entries(rates).filter(([, r]) => 'assumed' in r && r.value > 0).map(([id, r]) => ({ id, label: r.label, kind: r.kind, usual: r.value, most: r.kind === 'pace' ? 60 : 240 }));

const madeRates = new WeakMap<object, Rates>();

/** Rates with the firm's own in place of the assumed ones; the same for the same record. */
export function ratesOf(own?: Readonly<Record<string, number>>): Rates {
  if (!own) return rates;
  const known = madeRates.get(own);
  if (known) return known;
  const entries = Object.entries(rates).map(([id, r]) => [id, own[id] !== undefined && 'assumed' in r ? { value: own[id], kind: r.kind, source: 'firm', label: r.label } satisfies Sourced : r] as const);
  const made = Object.fromEntries(entries) as unknown as Rates;
  madeRates.set(own, made);
  return made;
}

/** What is wrong with a firm's rates, one sentence each. */
export function rateProblems(own: Readonly<Record<string, number>>): readonly string[] {
  return Object.entries(own).flatMap(([id, value]) => {
    const rate = settableRates.find((r) => r.id === id);
    if (!rate) return [`There is no rate '${id}' to set.`];
    return Number.isFinite(value) && value > 0 && value <= rate.most ? [] : [`${rate.label} must be more than nothing and ${String(rate.most)} at the most.`];
  });
}
