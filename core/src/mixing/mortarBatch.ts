import { formula } from '../quantity/formula.ts';
import { wholeAbove } from '../quantity/round.ts';

const volume = (label: string, usual: number) => ({ kind: 'volume', label, min: 0, max: 1e7, usual }) as const;
const area = (label: string, usual: number) => ({ kind: 'area', label, min: 0, max: 1e9, usual }) as const;
const depth = (label: string, usual: number) => ({ kind: 'depth', label, min: 0, max: 1000, usual }) as const;

/** Volume of a place cut square, in mL: what was found, at least as deep as the edge, and the margin around it. */
export const squaredVolume = formula({
  name: 'squared-volume',
  title: 'Cut square',
  words: 'what was found, nowhere shallower than the edge, and the margin out to the cut as deep as the edge',
  inputs: {
    foundMl: volume('found hole', 220),
    outlineMm2: area('outline as found', 10800),
    cutMm2: area('inside the cut', 23800),
    edgeMm: depth('square edge', 13),
  },
  output: 'volume',
  source: 'geometry',
  together: (v) => (v.cutMm2 < v.outlineMm2 * (1 - 1e-9) ? { input: 'cutMm2', why: 'The cut is smaller than what it goes around.' } : undefined),
  compute: ({ foundMl, outlineMm2, cutMm2, edgeMm }) => Math.max(foundMl, (outlineMm2 * edgeMm) / 1000) + (Math.max(0, cutMm2 - outlineMm2) * edgeMm) / 1000,
});

/** Volume of a place cut out to one depth, in mL. */
export const cutOutVolume = formula({
  name: 'cut-out-volume',
  title: 'Cut out to one depth',
  words: 'the area inside the cut times the depth',
  inputs: { cutMm2: area('inside the cut', 92800), depthMm: depth('depth', 68) },
  output: 'volume',
  source: 'geometry',
  compute: ({ cutMm2, depthMm }) => (cutMm2 * depthMm) / 1000,
});

/** Bottom and walls of a place cut square, in mm²: what is wetted, primed or scrubbed. */
export const bottomAndWalls = formula({
  name: 'bottom-and-walls',
  title: 'Bottom and walls',
  words: 'the area inside the cut, and the way around it times the depth',
  inputs: {
    cutMm2: area('inside the cut', 92800),
    aroundMm: { kind: 'length', label: 'around the cut', min: 0, max: 1e6, usual: 1220 },
    depthMm: depth('depth', 68),
  },
  output: 'area',
  source: 'geometry',
  compute: ({ cutMm2, aroundMm, depthMm }) => cutMm2 + aroundMm * depthMm,
});

/** An area in equal parts, in mm². */
export const areaShare = formula({
  name: 'area-share',
  title: 'One part of an area',
  words: 'the area over the parts',
  inputs: { areaMm2: area('in all', 92800), parts: { kind: 'count', label: 'parts', min: 1, max: 1000, usual: 2 } },
  output: 'area',
  source: 'geometry',
  compute: ({ areaMm2, parts }) => areaMm2 / parts,
});

/** Area inside several cuts, in mm². */
export const cutAreas = formula({
  name: 'cut-areas',
  title: 'Inside all cuts',
  words: 'the areas of the cuts added up',
  inputs: { areaMm2: { kind: 'area', label: 'each cut', min: 0, max: 1e9, list: true, usual: [23800, 40000] } },
  output: 'area',
  source: 'geometry',
  compute: ({ areaMm2 }) => areaMm2.reduce((sum, a) => sum + a, 0),
});

/** Volume that is still to be broken out, in mL. */
export const toBreakOut = formula({
  name: 'to-break-out',
  title: 'Still to break out',
  words: 'what the cut comes to less what has come off already',
  inputs: { volumeMl: volume('inside the cut', 385), foundMl: volume('found hole', 216) },
  output: 'volume',
  source: 'geometry',
  compute: ({ volumeMl, foundMl }) => Math.max(0, volumeMl - foundMl),
});

/** Length of the edges of square cuts, in mm. */
export const cutAround = formula({
  name: 'cut-around',
  title: 'Round the cut',
  words: 'twice the sum of the sides of each square cut',
  inputs: { sideMm: { kind: 'length', also: ['depth'], label: 'each side', min: 0, max: 1e5, list: true, usual: [170, 140] } },
  output: 'length',
  source: 'geometry',
  compute: ({ sideMm }) => 2 * sideMm.reduce((sum, s) => sum + s, 0),
});

/** Volume of mortar to mix, in mL: what is filled and what is lost on tools and struck off. */
export const mortarToMix = formula({
  name: 'mortar-to-mix',
  title: 'Mortar to mix',
  words: 'the volume and the scrub coat, and the share that is lost on tools and struck off',
  inputs: { volumeMl: volume('volume', 480), scrubMl: volume('scrub coat', 36), loss: { kind: 'ratio', label: 'share lost', min: 0, max: 1, usual: 0.1 } },
  output: 'volume',
  source: 'geometry',
  compute: ({ volumeMl, scrubMl, loss }) => (volumeMl + scrubMl) * (1 + loss),
});

/** Volume of a thin coat, in mL. */
export const coatVolume = formula({
  name: 'coat-volume',
  title: 'Volume of a thin coat',
  words: 'area times thickness',
  inputs: { areaMm2: area('area', 23800), filmMm: { kind: 'film', also: ['depth'], label: 'thickness', min: 0, max: 10, usual: 1.5 } },
  output: 'volume',
  source: 'geometry',
  compute: ({ areaMm2, filmMm }) => (areaMm2 * filmMm) / 1000,
});

/** Dry powder for a volume of mortar, in g. */
export const powderFor = formula({
  name: 'powder-for',
  title: 'Powder',
  words: 'the volume over what a gram of powder yields when mixed',
  inputs: { volumeMl: volume('mortar', 570), yieldMlG: { kind: 'specificVolume', label: 'yield', min: 0.05, max: 5, usual: 0.5 } },
  output: 'mass',
  against: 'volumeMl',
  source: 'geometry',
  compute: ({ volumeMl, yieldMlG }) => volumeMl / yieldMlG,
});

/** Liquid for a mass of powder, in g. */
export const liquidFor = formula({
  name: 'liquid-for',
  title: 'Liquid',
  words: 'the powder times the parts of liquid to one of powder, by weight',
  inputs: {
    powderG: { kind: 'mass', label: 'powder', min: 0, max: 1e7, usual: 1140 },
    liquidShare: { kind: 'ratio', label: 'liquid to one of powder', min: 0, max: 1, usual: 0.14 },
  },
  output: 'mass',
  source: 'geometry',
  compute: ({ powderG, liquidShare }) => powderG * liquidShare,
});

/** Batches of a mix that are placed in one step. */
export const batchesHere = formula({
  name: 'batches-here',
  title: 'Batches here',
  words: 'what is placed here over one batch, upward to whole ones',
  inputs: {
    volumeMl: { kind: 'volume', label: 'placed here', min: 0, max: 1e8, usual: 2500 },
    batchMl: { kind: 'volume', label: 'one batch', min: 0.1, max: 1e8, usual: 1000 },
  },
  output: 'count',
  source: 'geometry',
  compute: ({ volumeMl, batchMl }) => wholeAbove(volumeMl / batchMl),
});

/** Batches of all lifts: each lift is mixed for itself, for what waits in the pail between them is lost. */
export const batchesInAll = formula({
  name: 'batches-in-all',
  title: 'Batches in all',
  words: 'the batches of each lift added up',
  inputs: { each: { kind: 'count', label: 'batches of a lift', min: 1, max: 1000, list: true, usual: [1, 2] } },
  output: 'count',
  source: 'judgement',
  compute: ({ each }) => each.reduce((a, b) => a + b, 0),
});

/** Hands-on time by volume, in min. */
export const workByVolume = formula({
  name: 'work-by-volume',
  title: 'Hands-on time by volume',
  words: 'time to set up, plus minutes for each liter, divided by how many times as fast the crew is as one person',
  inputs: {
    setUpMin: { kind: 'duration', label: 'setting up', min: 0, max: 1000, usual: 5 },
    minPerL: { kind: 'volumePace', label: 'pace of one person', min: 0, max: 1000, usual: 6 },
    volumeMl: volume('volume', 480),
    hands: { kind: 'ratio', label: 'times as fast as one person', min: 1, max: 4, usual: 1 },
  },
  output: 'duration',
  source: 'assumed-rate',
  compute: ({ setUpMin, minPerL, volumeMl, hands }) => setUpMin + (minPerL * (volumeMl / 1000)) / hands,
});

/** Hands-on time by area, in min. */
export const workByArea = formula({
  name: 'work-by-area',
  title: 'Hands-on time by area',
  words: 'time to set up, plus minutes for each square meter, divided by how many times as fast the crew is as one person',
  inputs: {
    setUpMin: { kind: 'duration', label: 'setting up', min: 0, max: 1000, usual: 5 },
    minPerM2: { kind: 'areaPace', label: 'pace of one person', min: 0, max: 1000, usual: 20 },
    areaMm2: area('area', 23800),
    hands: { kind: 'ratio', label: 'times as fast as one person', min: 1, max: 4, usual: 1 },
  },
  output: 'duration',
  source: 'assumed-rate',
  compute: ({ setUpMin, minPerM2, areaMm2, hands }) => setUpMin + (minPerM2 * (areaMm2 / 1e6)) / hands,
});

/** Hands-on time by pieces, in min. */
export const workByCount = formula({
  name: 'work-by-count',
  title: 'Hands-on time by pieces',
  words: 'time to set up, plus minutes for each, divided by how many times as fast the crew is as one person',
  inputs: {
    setUpMin: { kind: 'duration', label: 'setting up', min: 0, max: 1000, usual: 5 },
    minEach: { kind: 'duration', label: 'time for each', min: 0, max: 1000, usual: 4 },
    count: { kind: 'count', label: 'pieces', min: 0, max: 100_000, usual: 8 },
    hands: { kind: 'ratio', label: 'times as fast as one person', min: 1, max: 4, usual: 1 },
  },
  output: 'duration',
  source: 'assumed-rate',
  compute: ({ setUpMin, minEach, count, hands }) => setUpMin + (minEach * count) / hands,
});

/** Batches of a mix from the minutes that placing it takes: each is used up within the working time less its reserve. Source: our own judgement. */
export const batchesForWork = formula({
  name: 'batches-for-work',
  title: 'Batches',
  words: 'minutes of placing it over the working time less its reserve, rounded up, and no fewer than it is placed in goes',
  inputs: {
    placingMin: { kind: 'duration', label: 'placing', min: 0, max: 100_000, usual: 40 },
    potLifeMin: { kind: 'duration', label: 'working time', min: 0.5, max: 10_000, usual: 30 },
    reserve: { kind: 'ratio', label: 'share in reserve', min: 0, max: 0.9, usual: 0.25 },
    least: { kind: 'count', label: 'goes', min: 1, max: 1000, usual: 1 },
  },
  output: 'count',
  against: 'placingMin',
  source: 'judgement',
  compute: ({ placingMin, potLifeMin, reserve, least }) => Math.max(least, wholeAbove(placingMin / (potLifeMin * (1 - reserve)))),
});

/** Batches of a mix where none may be larger than what a pail holds and two arms stir and carry. Source: our own judgement. */
export const batchesBySize = formula({
  name: 'batches-by-size',
  title: 'Batches by the pail',
  words: 'the mix over the largest batch, rounded up, and no fewer than its working time asks for',
  inputs: {
    volumeMl: volume('mix', 45_000),
    mostMl: { kind: 'volume', label: 'largest batch', min: 1, max: 1e7, usual: 20_000 },
    least: { kind: 'count', label: 'batches by the working time', min: 1, max: 100_000, usual: 1 },
  },
  output: 'count',
  against: 'volumeMl',
  source: 'judgement',
  compute: ({ volumeMl, mostMl, least }) => Math.max(least, wholeAbove(volumeMl / mostMl)),
});

/** The working time that one of several batches needs, from the minutes of placing them all. Source: our own judgement. */
export const timeOfBatch = formula({
  name: 'time-of-batch',
  title: 'Working time that is needed',
  words: 'minutes of placing all batches, shared among them, over the share of the working time that is not kept in reserve',
  inputs: {
    placingMin: { kind: 'duration', label: 'placing', min: 0, max: 100_000, usual: 40 },
    batches: { kind: 'count', label: 'batches', min: 1, max: 10_000, usual: 2 },
    reserve: { kind: 'ratio', label: 'share in reserve', min: 0, max: 0.9, usual: 0.25 },
  },
  output: 'duration',
  against: 'placingMin',
  source: 'judgement',
  compute: ({ placingMin, batches, reserve }) => Math.max(0.01, placingMin / batches / (1 - reserve)),
});

/** The working time that placing so much takes, its reserve kept. Source: our own judgement. */
export const timeToPlace = formula({
  name: 'time-to-place',
  title: 'Working time that is needed',
  words: 'minutes of placing it, shared among the hands, over the share of the working time that is not kept in reserve',
  inputs: {
    volumeMl: volume('batch', 900),
    minPerL: { kind: 'volumePace', label: 'placing', min: 0, max: 1000, usual: 20 },
    hands: { kind: 'ratio', label: 'times as fast as one person', min: 1, max: 4, usual: 1 },
    reserve: { kind: 'ratio', label: 'share in reserve', min: 0, max: 0.9, usual: 0.25 },
  },
  output: 'duration',
  against: 'volumeMl',
  source: 'judgement',
  compute: ({ volumeMl, minPerL, hands, reserve }) => Math.max(0.01, ((volumeMl / 1000) * minPerL) / hands / (1 - reserve)),
});

/** Batches of a mix, each placed within its working time, and no fewer than there are lifts or sides. */
export const batchesByTime = formula({
  name: 'batches-by-time',
  title: 'Batches',
  words: 'the mix over what is placed within the working time less its reserve, rounded up, and no fewer than it is placed in goes',
  inputs: {
    volumeMl: volume('mix', 900),
    potLifeMin: { kind: 'duration', label: 'working time', min: 0.5, max: 10_000, usual: 30 },
    reserve: { kind: 'ratio', label: 'share in reserve', min: 0, max: 0.9, usual: 0.25 },
    minPerL: { kind: 'volumePace', label: 'placing', min: 0, max: 1000, usual: 20 },
    hands: { kind: 'ratio', label: 'times as fast as one person', min: 1, max: 4, usual: 1 },
    least: { kind: 'count', label: 'goes', min: 1, max: 1000, usual: 1 },
  },
  output: 'count',
  against: 'volumeMl',
  source: 'judgement',
  compute: ({ volumeMl, potLifeMin, reserve, minPerL, hands, least }) =>
    Math.max(least, wholeAbove(((volumeMl / 1000) * minPerL) / hands / (potLifeMin * (1 - reserve)))),
});
