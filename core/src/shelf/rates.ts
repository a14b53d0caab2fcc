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
  brushPace: rate(3, 'pace', 'Brushing along a crack'),
  portEach: rate(4, 'ratio', 'Setting a port, minutes for each'),
  sealPace: rate(6, 'pace', 'Sealing the face of a crack'),
  drillEach: rate(4, 'ratio', 'Drilling a hole for a packer, minutes for each'),
  injectEach: rate(5, 'ratio', 'Injecting a port, minutes for each'),
  injectPerL: rate(10, 'ratio', 'Mixing and pumping, minutes for each liter'),
  scrapePace: rate(6, 'pace', 'Scraping off ports and seal'),
  plugEach: rate(8, 'ratio', 'Plugging, minutes for each handful'),
  slotPace: rate(12, 'pace', 'Cutting a slot'),
  routPace: rate(5, 'pace', 'Routing a groove'),
  rodPace: rate(1, 'pace', 'Laying rod or tape'),
  gunPace: rate(3, 'pace', 'Gunning and tooling'),
  tapePace: rate(1, 'pace', 'Taping edges off'),
  edgePace: rate(12, 'pace', 'Cutting broken edges back'),
  resawPace: rate(4, 'pace', 'Sawing the joint again'),
  shavePace: rate(2, 'pace', 'Shaving flush'),
  floodPace: rate(2, 'pace', 'Flooding a crack'),
  formPerM2: rate(60, 'ratio', 'Making a form, minutes for each square meter'),
  takeDownPerM2: rate(25, 'ratio', 'Taking plaster down, minutes for each square meter'),
  dampenPerM2: rate(3, 'ratio', 'Dampening, minutes for each square meter'),
  lathPerM2: rate(25, 'ratio', 'Fixing lath, minutes for each square meter'),
  coatPerM2: rate(30, 'ratio', 'A coat of plaster, minutes for each square meter'),
  floatPlasterPerM2: rate(15, 'ratio', 'Floating plaster, minutes for each square meter'),
  rakePace: rate(4, 'pace', 'Opening a crack'),
  pointEach: rate(4, 'ratio', 'A fastening point, minutes for each'),
  propEach: rate(10, 'ratio', 'A prop, minutes for each'),
  compoundPerL: rate(25, 'ratio', 'Spreading compound, minutes for each liter'),
  spotEach: rate(1.5, 'ratio', 'A coat on one spot, minutes'),
  bedPace: rate(4, 'pace', 'Bedding tape'),
  coatPace: rate(3, 'pace', 'A coat along a joint'),
  skimPerM2: rate(8, 'ratio', 'Skimming, minutes for each square meter'),
  sandPerM2: rate(6, 'ratio', 'Sanding, minutes for each square meter'),
  sandEach: rate(2, 'ratio', 'Sanding one spot, minutes'),
  openPace: rate(6, 'pace', 'Cutting board'),
  screwEach: rate(0.7, 'ratio', 'A screw, minutes'),
  fitEach: rate(12, 'ratio', 'Making and fitting a patch, minutes for each'),
  lookPerM2: rate(3, 'ratio', 'Looking a face over, minutes for each square meter'),
  primeFacePerM2: rate(4, 'ratio', 'Priming a face, minutes for each square meter'),
  paintPerM2: rate(5, 'ratio', 'A coat of paint, minutes for each square meter'),
  texturePerM2: rate(6, 'ratio', 'Texture, minutes for each square meter'),
  paintSetUp: rate(8, 'duration', 'Getting paint and roller ready'),
  tidy: rate(10, 'duration', 'Cleaning tools and clearing away'),
  scrapeWoodPerM2: rate(300, 'ratio', 'Cutting wood back, minutes for each square meter'),
  boreEach: rate(0.5, 'ratio', 'A hole in wood, minutes'),
  soakPerM2: rate(200, 'ratio', 'Soaking wood, minutes for each square meter'),
  fillPerL: rate(30, 'ratio', 'Pressing filler in, minutes for each liter'),
  shapePerM2: rate(300, 'ratio', 'Shaping filler, minutes for each square meter'),
  insertEach: rate(60, 'ratio', 'Making and fitting a piece of wood, minutes'),
  capPace: rate(20, 'pace', 'Making and fixing a cap'),
  washTub: rate(20, 'duration', 'Washing a tub clean'),
  maskTub: rate(15, 'duration', 'Masking a tub'),
  scuffPerM2: rate(240, 'ratio', 'Scuffing a shell, minutes for each square meter'),
  accessEach: rate(10, 'ratio', 'An access hole, minutes'),
  layUpPerM2: rate(240, 'ratio', 'Laying mat, minutes for each square meter'),
  puttyPerL: rate(90, 'ratio', 'Spreading putty, minutes for each liter'),
  wetSandPerM2: rate(200, 'ratio', 'Wet-sanding with one grit, minutes for each square meter'),
  polishPerM2: rate(240, 'ratio', 'Polishing, minutes for each square meter'),
  matchColor: rate(20, 'duration', 'Matching a color'),
  mistPerM2: rate(6, 'ratio', 'A mist coat, minutes for each square meter'),
  nothing: rate(0, 'duration', 'No setting up'),
  once: { value: 1, kind: 'count', source: 'practice', label: 'One pass' },
  alone: { value: 1, kind: 'ratio', source: 'practice', label: 'One person at the tool' },
  pair: { value: 2, kind: 'ratio', source: 'practice', label: 'A pair, one wetting, one sanding' },
} as const satisfies Record<string, Sourced>;

/** A rate by its id. */
export type RateId = keyof typeof rates;

export type Rates = Readonly<Record<keyof typeof rates, Sourced>>;

/** The rates that a firm may set for itself: how long work takes. */
export const settableRates = Object.entries(rates)
  .filter(([, r]) => 'assumed' in r && r.value > 0)
  .map(([id, r]) => ({ id, label: r.label, kind: r.kind, usual: r.value, most: r.kind === 'pace' ? 60 : 600 }));

const madeRates = new WeakMap<object, Rates>();

/** Rates with the firm's own in place of the assumed ones; the same for the same record. */
export function ratesOf(own?: Readonly<Record<string, number>>): Rates {
  if (!own) return rates;
  const known = madeRates.get(own);
  if (known) return known;
  const entries = Object.entries(rates).map(
    ([id, r]) =>
      [id, own[id] !== undefined && 'assumed' in r ? ({ value: own[id], kind: r.kind, source: 'firm', label: r.label } satisfies Sourced) : r] as const,
  );
  const made = Object.fromEntries(entries) as unknown as Rates;
  madeRates.set(own, made);
  return made;
}

/** Kept rates that this version knows nothing of: they stay, and are said, but nothing follows them. */
export function ratesNotFollowed(own: Readonly<Record<string, number>>): readonly string[] {
  const known = new Set(settableRates.map((r) => r.id));
  return Object.entries(own)
    .filter(([id]) => !known.has(id))
    .map(([id, value]) => `'${id}', ${String(value)}: kept, but this version knows no such rate and nothing follows it.`);
}

/**
 * What is wrong with a firm's rates, one sentence each.
 * @param kept the rates as they stand: one among them that this version does not know stays as it is
 */
export function rateProblems(own: Readonly<Record<string, number>>, kept: Readonly<Record<string, number>> = {}): readonly string[] {
  return Object.entries(own).flatMap(([id, value]) => {
    const rate = settableRates.find((r) => r.id === id);
    if (!rate) return Object.hasOwn(kept, id) && kept[id] === value ? [] : [`There is no rate '${id}' to set.`];
    return Number.isFinite(value) && value > 0 && value <= rate.most ? [] : [`${rate.label} must be more than nothing and ${String(rate.most)} at the most.`];
  });
}
