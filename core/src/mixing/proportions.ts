import { formula } from '../quantity/formula.ts';

const ratioParts = { kind: 'ratio', label: 'parts of the first to one of the second, by volume', min: 0.01, max: 1000, usual: 2 } as const;

/** A ratio by volume as a ratio by weight. */
export const weightRatio = formula({
  name: 'weight-ratio',
  title: 'Ratio by weight',
  words: 'ratio by volume times the density of the first over that of the second',
  inputs: {
    byVolume: ratioParts,
    firstKgL: { kind: 'density', label: 'density of the first', min: 0.5, max: 4, usual: 1.12 },
    secondKgL: { kind: 'density', label: 'density of the second', min: 0.5, max: 4, usual: 0.97 },
  },
  output: 'ratio',
  source: 'geometry',
  compute: ({ byVolume, firstKgL, secondKgL }) => (byVolume * firstKgL) / secondKgL,
});

/** The smallest batch whose smallest part is still no less than so many divisions of what it is measured with, in g. */
export const leastBatch = formula({
  name: 'least-batch',
  title: 'Smallest batch that can be measured',
  words: 'the division over the tolerance is the least of the smallest part; the batch is that part and the others with it',
  inputs: {
    divisionG: { kind: 'mass', label: 'smallest division of the scale', min: 0.001, max: 1000, usual: 1 },
    tolerancePct: { kind: 'percent', label: 'tolerance of the ratio, either way', min: 0.5, max: 20, usual: 5 },
    partPct: { kind: 'percent', label: 'the smallest part, of the whole', min: 0.1, max: 50, usual: 25 },
  },
  output: 'mass',
  source: 'judgement',
  // half a division may be off either way
  compute: ({ divisionG, tolerancePct, partPct }) => divisionG / 2 / (tolerancePct / 100) / (partPct / 100),
});

/** Weight of hardener for a weight of resin, in g. */
export const hardenerWeight = formula({
  name: 'hardener-weight',
  title: 'Hardener',
  words: 'weight of the resin times the dose',
  inputs: {
    resinG: { kind: 'mass', label: 'weight of the resin', min: 0.1, max: 1e6, usual: 250 },
    dosePct: { kind: 'percent', label: 'dose', min: 0.1, max: 50, usual: 2 },
  },
  output: 'mass',
  source: 'geometry',
  compute: ({ resinG, dosePct }) => (resinG * dosePct) / 100,
});

/** Drops of a liquid hardener: the person counts the drops of a milliliter once. */
export const hardenerDrops = formula({
  name: 'hardener-drops',
  title: 'Drops of hardener',
  words: 'weight over density, times the drops that were counted in a milliliter',
  inputs: {
    hardenerG: { kind: 'mass', label: 'weight of hardener', min: 0.01, max: 1000, usual: 5 },
    densityKgL: { kind: 'density', label: 'density of the hardener', min: 0.7, max: 1.6, usual: 1.1 },
    dropsPerMl: { kind: 'count', label: 'drops counted in a milliliter', min: 5, max: 200, usual: 34 },
  },
  output: 'count',
  source: 'geometry',
  compute: ({ hardenerG, densityKgL, dropsPerMl }) => Math.round((hardenerG / densityKgL) * dropsPerMl),
});

/** Length of a ribbon of paste from a tube, in mm: its mass over its density and its round section. */
export const ribbonLength = formula({
  name: 'ribbon-length',
  title: 'Length of the ribbon',
  words: 'mass over density, over the area of a circle as wide as the ribbon',
  inputs: {
    hardenerG: { kind: 'mass', label: 'hardener', min: 0, max: 1e5, usual: 1 },
    densityKgL: { kind: 'density', label: 'density of the hardener', min: 0.5, max: 2.5, usual: 1.1 },
    ribbonMm: { kind: 'depth', label: 'ribbon, across', min: 1, max: 30, usual: 6 },
  },
  output: 'depth',
  source: 'geometry',
  compute: ({ hardenerG, densityKgL, ribbonMm }) => ((hardenerG / densityKgL) * 1000) / ((Math.PI / 4) * ribbonMm ** 2),
});

/** Pot life of another mass than the sheet's, in min: more gets hotter and goes off sooner. */
export const potLifeByMass = formula({
  name: 'pot-life-by-mass',
  title: 'Pot life of this batch',
  words: 'pot life of the stated mass times the ratio of the masses to a small negative power, neither halved nor lengthened by more than a quarter',
  inputs: {
    potLifeMin: { kind: 'duration', label: 'pot life of the stated mass', min: 0.5, max: 1000, usual: 30 },
    statedG: { kind: 'mass', label: 'stated mass', min: 10, max: 10_000, usual: 100 },
    batchG: { kind: 'mass', label: 'mass of the batch', min: 1, max: 100_000, usual: 1000 },
  },
  output: 'duration',
  against: 'batchG',
  source: 'judgement',
  compute: ({ potLifeMin, statedG, batchG }) => potLifeMin * Math.min(1.25, Math.max(0.5, (batchG / statedG) ** -0.15)),
});

/** What has to be added of the other part when too much of one was weighed, in g. */
export const partToAdd = formula({
  name: 'part-to-add',
  title: 'To add of the other part',
  words: 'what was weighed of the first over the ratio, less what is there of the second',
  inputs: {
    firstG: { kind: 'mass', label: 'weighed of the first', min: 0.1, max: 1e6, usual: 110 },
    secondG: { kind: 'mass', label: 'weighed of the second', min: 0, max: 1e6, usual: 50 },
    byWeight: { kind: 'ratio', label: 'parts of the first to one of the second, by weight', min: 0.01, max: 1000, usual: 2 },
  },
  output: 'mass',
  source: 'geometry',
  compute: ({ firstG, secondG, byWeight }) => Math.max(0, firstG / byWeight - secondG),
});

/** Yield of a bag of mortar, in mL. */
export const bagYield = formula({
  name: 'bag-yield',
  title: 'Yield of a bag',
  words: 'bag and water together over the density of the fresh mortar',
  inputs: {
    bagG: { kind: 'mass', label: 'weight of the bag', min: 100, max: 1e5, usual: 25_000 },
    waterG: { kind: 'mass', label: 'weight of the water', min: 0, max: 1e5, usual: 3000 },
    freshKgL: { kind: 'density', label: 'density of the fresh mortar', min: 0.8, max: 3, usual: 2.15 },
  },
  output: 'volume',
  source: 'absolute-volume',
  compute: ({ bagG, waterG, freshKgL }) => (bagG + waterG) / freshKgL,
});

/** Fresh mortar from a weight of cement, in mL: cement, sand and water by their own volumes, with its air. */
export const mortarYield = formula({
  name: 'mortar-yield',
  title: 'Fresh mortar',
  words: 'the volumes of cement, sand and water without voids, over what is left beside the air',
  inputs: {
    cementG: { kind: 'mass', label: 'cement', min: 1, max: 1e6, usual: 25_000 },
    sandG: { kind: 'mass', label: 'sand', min: 0, max: 1e7, usual: 75_000 },
    waterG: { kind: 'mass', label: 'water', min: 0, max: 1e6, usual: 12_500 },
    cementKgL: { kind: 'density', label: 'density of the cement grains', min: 2.5, max: 3.5, usual: 3.15 },
    sandKgL: { kind: 'density', label: 'density of the sand grains', min: 2, max: 3.2, usual: 2.65 },
    airPct: { kind: 'percent', label: 'air', min: 0, max: 20, usual: 4 },
  },
  output: 'volume',
  source: 'absolute-volume',
  compute: ({ cementG, sandG, waterG, cementKgL, sandKgL, airPct }) => (cementG / cementKgL + sandG / sandKgL + waterG) / (1 - airPct / 100),
});

/** What is mixed of something, in mL: what is placed, and the share that is lost. */
export const withLoss = formula({
  name: 'with-loss',
  title: 'To mix, with what is lost',
  words: 'what is placed, and the share that is lost on tools, in hoses and on the floor',
  inputs: {
    volumeMl: { kind: 'volume', label: 'placed', min: 0, max: 1e8, usual: 900 },
    loss: { kind: 'ratio', label: 'share lost', min: 0, max: 3, usual: 0.1 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ volumeMl, loss }) => volumeMl * (1 + loss),
});

/** One of two parts that are mixed by volume, in mL: the first, where the second has so many parts to one of it. */
export const firstPart = formula({
  name: 'first-part',
  title: 'First part, by volume',
  words: 'the mix over one and the parts of the second to one of the first',
  inputs: {
    volumeMl: { kind: 'volume', label: 'mix', min: 0, max: 1e8, usual: 900 },
    second: { kind: 'ratio', label: 'second to one of the first', min: 0, max: 20, usual: 0.5 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ volumeMl, second }) => volumeMl / (1 + second),
});

/** The second of two parts that are mixed by volume, in mL. */
export const secondPart = formula({
  name: 'second-part',
  title: 'Second part, by volume',
  words: 'the mix less its first part',
  inputs: {
    volumeMl: { kind: 'volume', label: 'mix', min: 0, max: 1e8, usual: 900 },
    second: { kind: 'ratio', label: 'second to one of the first', min: 0, max: 20, usual: 0.5 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ volumeMl, second }) => (volumeMl * second) / (1 + second),
});

/** Mass of a volume, in g. */
export const massOf = formula({
  name: 'mass-of',
  title: 'Weight',
  words: 'volume times density',
  inputs: {
    volumeMl: { kind: 'volume', label: 'volume', min: 0, max: 1e8, usual: 250 },
    densityKgL: { kind: 'density', label: 'density', min: 0.1, max: 5, usual: 1.1 },
  },
  output: 'mass',
  source: 'geometry',
  compute: ({ volumeMl, densityKgL }) => volumeMl * densityKgL,
});

/** A share of a volume, in mL. */
export const volumePart = formula({
  name: 'volume-part',
  title: 'Share of a volume',
  words: 'the volume times the share',
  inputs: {
    volumeMl: { kind: 'volume', label: 'volume', min: 0, max: 1e8, usual: 900 },
    share: { kind: 'ratio', label: 'share', min: 0, max: 100, usual: 0.4 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ volumeMl, share }) => volumeMl * share,
});

/** Volume that an area takes at a spreading rate, in mL. */
export const volumeFor = formula({
  name: 'volume-for',
  title: 'Volume for an area',
  words: 'the area over what a liter covers',
  inputs: {
    areaMm2: { kind: 'area', label: 'area', min: 0, max: 1e10, usual: 240_000 },
    coverM2L: { kind: 'spreading', label: 'a liter covers', min: 0.05, max: 100, usual: 2.5 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ areaMm2, coverM2L }) => (areaMm2 / 1e6 / coverM2L) * 1000,
});

/** Mass thrown on an area, in g. */
export const massOn = formula({
  name: 'mass-on',
  title: 'Thrown on an area',
  words: 'the area times what a square meter takes',
  inputs: {
    areaMm2: { kind: 'area', label: 'area', min: 0, max: 1e10, usual: 240_000 },
    kgM2: { kind: 'areaMass', label: 'strewn', min: 0, max: 50, usual: 0.5 },
  },
  output: 'mass',
  source: 'geometry',
  compute: ({ areaMm2, kgM2 }) => (areaMm2 / 1000) * kgM2,
});

/** Lengths added up, in mm. */
export const sumOf = formula({
  name: 'sum-of',
  title: 'Added up',
  words: 'one length and the next',
  inputs: { partMm: { kind: 'length', also: ['depth', 'film'], label: 'each length', min: 0, max: 1e6, list: true, usual: [400, 500] } },
  output: 'depth',
  source: 'geometry',
  compute: ({ partMm }) => partMm.reduce((sum, p) => sum + p, 0),
});

/** Parts of a mix by volume, added up. */
export const partsInAll = formula({
  name: 'parts-in-all',
  title: 'Parts in all',
  words: 'the parts added up',
  inputs: { part: { kind: 'ratio', label: 'each part', min: 0, max: 1000, list: true, usual: [4, 1, 2] } },
  output: 'ratio',
  source: 'geometry',
  compute: ({ part }) => part.reduce((sum, p) => sum + p, 0),
});

/** One part of a mix by volume, in mL. */
export const partOfMix = formula({
  name: 'part-of-mix',
  title: 'One part of a mix',
  words: 'the amount times the part that is asked for, over the parts that it holds',
  inputs: {
    volumeMl: { kind: 'volume', label: 'mix', min: 0, max: 1e8, usual: 52.5 },
    part: { kind: 'ratio', label: 'part', min: 0, max: 1000, usual: 4 },
    all: { kind: 'ratio', label: 'parts in all', min: 0.001, max: 10_000, usual: 7 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ volumeMl, part, all }) => (volumeMl * part) / all,
});

/** A mix that is no less than can be measured, in mL. */
export const noLess = formula({
  name: 'no-less',
  title: 'Mixed, no less than can be measured',
  words: 'what is needed, or the least that can be measured, whichever is more',
  inputs: {
    volumeMl: { kind: 'volume', label: 'needed', min: 0, max: 1e8, usual: 2 },
    leastMl: { kind: 'volume', label: 'least that can be measured', min: 0, max: 1000, usual: 12 },
  },
  output: 'volume',
  source: 'judgement',
  compute: ({ volumeMl, leastMl }) => Math.max(volumeMl, leastMl),
});
