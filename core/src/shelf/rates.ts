import type { Sourced } from '../quantity/ledger.ts';
import type { SourceId } from '../sources/register.ts';
import type { QuantityKind } from '../quantity/kind.ts';

const rate = (value: number, kind: QuantityKind, label: string): Sourced => ({ value, kind, source: 'assumed-rate', label, assumed: true });

const year = (value: number, source: SourceId, label: string): Sourced => ({ value, kind: 'count', source, label, assumed: true });

/** How long work takes by hand, and the years that rules go by: assumed until the firm sets its own. */
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
  seeFirst: rate(3, 'duration', 'Seeing to one thing before the first cut'),
  stripSetUp: rate(5, 'duration', 'Setting up to take off what lies on it'),
  stripPerM2: rate(60, 'areaPace', 'Taking off what lies on it'),
  heatSetUp: rate(20, 'duration', 'Closing off and setting heaters'),
  coverUp: rate(10, 'duration', 'Covering what lies around'),
  sawSetUp: rate(8, 'duration', 'Setting up the saw'),
  sawPace: rate(3, 'pace', 'Sawing, each pass'),
  chipSetUp: rate(5, 'duration', 'Setting up to break out'),
  chipPerL: rate(12, 'volumePace', 'Breaking out'),
  barPerL: rate(10, 'volumePace', 'Clearing behind bars'),
  washSetUp: rate(5, 'duration', 'Setting up to wash'),
  washPerM2: rate(30, 'areaPace', 'Washing out'),
  primePerM2: rate(40, 'areaPace', 'Priming bars, over the cut'),
  mixMin: rate(6, 'duration', 'Mixing a batch'),
  batchMost: rate(20_000, 'volume', 'Largest batch: a pail, a mixer and two arms'),
  scrubPerM2: rate(15, 'areaPace', 'Scrub coat'),
  packPerL: rate(4, 'volumePace', 'Packing mortar'),
  pourPerL: rate(1, 'volumePace', 'Mixing and pouring'),
  floatPerM2: rate(40, 'areaPace', 'Floating'),
  dampMin: rate(8, 'duration', 'Covering it to cure'),
  brushPace: rate(3, 'pace', 'Brushing along a crack'),
  portEach: rate(4, 'duration', 'Setting a port, each'),
  sealPace: rate(6, 'pace', 'Sealing the face of a crack'),
  drillEach: rate(4, 'duration', 'Drilling a hole for a packer, each'),
  injectEach: rate(5, 'duration', 'Injecting a port, each'),
  injectPerL: rate(10, 'volumePace', 'Mixing and pumping'),
  scrapePace: rate(6, 'pace', 'Scraping off ports and seal'),
  plugEach: rate(8, 'duration', 'Plugging, each handful'),
  slotPace: rate(12, 'pace', 'Cutting a slot'),
  routPace: rate(5, 'pace', 'Routing a groove'),
  rodPace: rate(1, 'pace', 'Laying rod or tape'),
  gunPace: rate(3, 'pace', 'Gunning and tooling'),
  tapePace: rate(1, 'pace', 'Taping edges off'),
  edgePace: rate(12, 'pace', 'Cutting broken edges back'),
  resawPace: rate(4, 'pace', 'Sawing the joint again'),
  shavePace: rate(2, 'pace', 'Shaving flush'),
  floodPace: rate(2, 'pace', 'Flooding a crack'),
  floodPerM2: rate(3, 'areaPace', 'Flooding an area, each pass'),
  netPerM2: rate(5, 'areaPace', 'Tapping, brushing and vacuuming a crazed face'),
  broomPerM2: rate(1.5, 'areaPace', 'Brushing, sanding or sweeping a flooded floor'),
  formSetUp: rate(40, 'duration', 'Making and bracing a form, whatever its size'),
  formPerM2: rate(60, 'areaPace', 'Making a form'),
  takeDownPerM2: rate(25, 'areaPace', 'Taking plaster down'),
  dampenPerM2: rate(3, 'areaPace', 'Dampening'),
  lathPerM2: rate(25, 'areaPace', 'Fixing lath'),
  coatPerM2: rate(30, 'areaPace', 'A coat of plaster'),
  floatPlasterPerM2: rate(15, 'areaPace', 'Floating plaster'),
  rakePace: rate(4, 'pace', 'Opening a crack'),
  pointEach: rate(4, 'duration', 'A fastening point, each'),
  propEach: rate(10, 'duration', 'A prop, each'),
  compoundPerL: rate(25, 'volumePace', 'Spreading compound'),
  spotEach: rate(1.5, 'duration', 'A coat on one spot'),
  bedPace: rate(4, 'pace', 'Bedding tape'),
  coatPace: rate(3, 'pace', 'A coat along a joint'),
  skimPerM2: rate(8, 'areaPace', 'Skimming'),
  sandPerM2: rate(6, 'areaPace', 'Sanding'),
  sandEach: rate(2, 'duration', 'Sanding one spot'),
  openPace: rate(6, 'pace', 'Cutting board'),
  screwEach: rate(0.7, 'duration', 'A screw'),
  fitEach: rate(12, 'duration', 'Making and fitting a patch, each'),
  lookPerM2: rate(3, 'areaPace', 'Looking a face over'),
  primeFacePerM2: rate(4, 'areaPace', 'Priming a face'),
  paintPerM2: rate(5, 'areaPace', 'A coat of paint'),
  texturePerM2: rate(6, 'areaPace', 'Texture'),
  paintSetUp: rate(8, 'duration', 'Getting paint and roller ready'),
  cleanTools: rate(4, 'duration', 'Cleaning tools'),
  tidy: rate(6, 'duration', 'Clearing away at the end'),
  scrapeWoodPerM2: rate(300, 'areaPace', 'Cutting wood back'),
  boreEach: rate(0.5, 'duration', 'A hole in wood'),
  soakPerM2: rate(200, 'areaPace', 'Soaking wood'),
  fillPerL: rate(30, 'volumePace', 'Pressing filler in'),
  shapePerM2: rate(300, 'areaPace', 'Shaping filler'),
  insertEach: rate(60, 'duration', 'Making and fitting a piece of wood'),
  capPace: rate(20, 'pace', 'Making and fixing a cap'),
  washTub: rate(20, 'duration', 'Washing a tub clean'),
  maskTub: rate(15, 'duration', 'Masking a tub'),
  scuffPerM2: rate(240, 'areaPace', 'Scuffing a shell'),
  accessEach: rate(10, 'duration', 'An access hole'),
  layUpPerM2: rate(240, 'areaPace', 'Laying mat'),
  puttyPerL: rate(90, 'volumePace', 'Spreading putty'),
  wetSandPerM2: rate(200, 'areaPace', 'Wet-sanding with one grit'),
  polishPerM2: rate(240, 'areaPace', 'Polishing'),
  matchColor: rate(20, 'duration', 'Matching a color'),
  mistPerM2: rate(6, 'areaPace', 'A mist coat'),
  quickest: rate(0.8, 'ratio', 'Hands-on time when all goes well, times as planned'),
  slowest: rate(1.5, 'ratio', 'Hands-on time when little goes well, times as planned'),
  nothing: rate(0, 'duration', 'No setting up'),
  inHand: rate(1, 'duration', 'Taking it in hand'),
  /** of what is placed at once, or in a time that does not follow its amount */
  noPace: rate(0, 'volumePace', 'Placed at once'),
  leadYear: year(1978, 'epa-745', 'House paint is free of lead from the year (USA: 1978)'),
  asbestosYear: year(1980, 'practice', 'Compound and plaster may hold asbestos up to the year'),
  once: { value: 1, kind: 'count', source: 'practice', label: 'One pass' },
  alone: { value: 1, kind: 'ratio', source: 'practice', label: 'One person at the tool' },
  pair: { value: 2, kind: 'ratio', source: 'practice', label: 'A pair, one wetting, one sanding' },
} as const satisfies Record<string, Sourced>;

/** A rate by its id. */
export type RateId = keyof typeof rates;

export type Rates = Readonly<Record<keyof typeof rates, Sourced>>;

/** The rates that a firm may set for itself: how long work takes, and years, which are counts. */
export const settableRates = Object.entries(rates)
  .filter(([, r]) => 'assumed' in r && r.value > 0)
  .map(([id, r]) => ({
    id,
    label: r.label,
    kind: r.kind,
    usual: r.value,
    most: r.kind === 'ratio' ? 10 : r.kind === 'pace' ? 60 : r.kind === 'volume' ? 200_000 : r.kind === 'count' ? 2100 : 600,
  }));

/** Why a firm sets years of its own. */
export const yearsWhy = 'They differ by country: what was built before is taken to hold lead or asbestos until it is tested.';

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
