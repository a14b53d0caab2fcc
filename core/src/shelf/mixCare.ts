import type { Sourced } from '../quantity/ledger.ts';
import { of } from './sourced.ts';

/** Where what is left of a mix goes. */
export type Waste = 'rubble' | 'alkaline' | 'resin' | 'peroxide' | 'isocyanate' | 'ordinary';

/** How a kind of mix is measured, stirred and thrown away. */
export interface MixCare {
  /** parts are held to their ratio by weight or by volume */
  readonly by: 'weight' | 'volume';
  /** how far a part may be off, either way, as a share of itself */
  readonly tolerance: Sourced;
  readonly stir?: Sourced;
  /** left alone before it is stirred again */
  readonly stand?: Sourced;
  /** the smallest amount of any part that is measured well enough: g by weight, mL by volume */
  readonly leastPart: Sourced;
  readonly waste: Waste;
}

const tolerance = (percent: number) => of(percent, 'percent', 'practice', 'Each part within');
const stir = (minutes: number) => of(minutes, 'duration', 'practice', 'Stirred for');
const stand = (minutes: number) => of(minutes, 'duration', 'practice', 'Left to stand');
const leastMl = (mL: number) => of(mL, 'volume', 'judgement', 'Least of a part that is measured');
const leastG = (g: number) => of(g, 'mass', 'judgement', 'Least of a part that is measured');

/** The kinds of mixes. A product's own sheet says more; these are what the trade does where it says nothing. */
export const mixCare = {
  cement: { by: 'weight', tolerance: tolerance(3), stir: stir(3), stand: stand(2), leastPart: leastG(20), waste: 'alkaline' },
  'rapid cement': { by: 'weight', tolerance: tolerance(3), stir: stir(2), leastPart: leastG(20), waste: 'alkaline' },
  'poured cement': { by: 'weight', tolerance: tolerance(3), stir: stir(3), leastPart: leastG(100), waste: 'alkaline' },
  'quick cement': { by: 'weight', tolerance: tolerance(5), stir: stir(0.5), leastPart: leastG(20), waste: 'alkaline' },
  plaster: { by: 'volume', tolerance: tolerance(10), stir: stir(5), leastPart: leastMl(100), waste: 'alkaline' },
  'gypsum plaster': { by: 'volume', tolerance: tolerance(10), stir: stir(3), leastPart: leastMl(100), waste: 'rubble' },
  'setting compound': { by: 'weight', tolerance: tolerance(5), stir: stir(2), stand: stand(1), leastPart: leastG(5), waste: 'rubble' },
  'quick setting compound': { by: 'weight', tolerance: tolerance(5), stir: stir(0.5), leastPart: leastG(5), waste: 'rubble' },
  epoxy: { by: 'volume', tolerance: tolerance(5), stir: stir(3), leastPart: leastMl(1), waste: 'resin' },
  'epoxy paste': { by: 'volume', tolerance: tolerance(5), stir: stir(2), leastPart: leastMl(1), waste: 'resin' },
  methacrylate: { by: 'volume', tolerance: tolerance(5), stir: stir(2), leastPart: leastMl(5), waste: 'resin' },
  urethane: { by: 'volume', tolerance: tolerance(5), leastPart: leastMl(5), waste: 'isocyanate' },
  'urethane foam': { by: 'volume', tolerance: tolerance(10), stir: stir(1), leastPart: leastMl(1), waste: 'isocyanate' },
  polyester: { by: 'weight', tolerance: tolerance(10), stir: stir(1), leastPart: leastG(0.1), waste: 'peroxide' },
  coating: { by: 'volume', tolerance: tolerance(5), stir: stir(2), leastPart: leastMl(1), waste: 'isocyanate' },
  ready: { by: 'volume', tolerance: tolerance(10), leastPart: leastMl(10), waste: 'ordinary' },
} as const satisfies Record<string, MixCare>;

export type MixCareId = keyof typeof mixCare;

/** What is said of the rest of a mix; local rules decide. */
export const wasteWords: Readonly<Record<Waste, string>> = {
  rubble: 'The rest sets in the pail and goes with the rubble; none down a drain, where it sets too.',
  alkaline: 'The rest hardens and goes with the rubble; washing water is alkaline and stays off drains and ground.',
  resin: 'The rest is let harden, spread thin, and goes where local rules send cured resin; what was never mixed is hazardous waste, each part for itself.',
  peroxide: 'The rest is spread thin to harden; hardener is hazardous waste, in its own closed can, away from rags and other resin.',
  isocyanate: 'The rest is let harden in the open air, never in a closed can; what was never mixed is hazardous waste, each part for itself.',
  ordinary: 'Left over it is closed up again, or dries and goes with ordinary waste.',
};

/** How a mortar is stirred: one that is stiff within half an hour is not left to stand. */
export function cementCare({ mortar }: { readonly mortar?: { readonly potLife: Sourced } }): MixCareId {
  return mortar && mortar.potLife.value < 30 ? 'rapid cement' : 'cement';
}
