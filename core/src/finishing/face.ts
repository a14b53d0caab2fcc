import { formula } from '../quantity/formula.ts';
import { wholeAbove } from '../quantity/round.ts';
import { transfer } from './spray.ts';

/** Width of the feather on each side of a hump, in mm: as flat as the light forgives. */
export const featherWidth = formula({
  name: 'feather-width',
  title: 'Feather, each side',
  words: 'height of the hump times the run that hides one of rise in this light',
  inputs: {
    humpMm: { kind: 'depth', label: 'height of the hump', min: 0, max: 20, usual: 1 },
    run: {
      kind: 'ratio',
      label: 'run to one of rise',
      min: 20,
      max: 400,
      usual: 100,
      named: [
        { label: 'flat paint', value: 50 },
        { label: 'usual', value: 100 },
        { label: 'raking light, or gloss', value: 200 },
      ],
    },
  },
  output: 'depth',
  against: 'humpMm',
  source: 'practice',
  compute: ({ humpMm, run }) => humpMm * run,
});

/** what lies below a slope around something round, in mL, from its height to nothing over a run */
const ringMl = (innerMm: number, runMm: number, highMm: number) => (Math.PI * highMm * runMm * (innerMm + runMm / 3)) / 1000;

/** Compound in one of several coats that run a hump out, in mL: each as thick beside it as the others, and each farther out. */
export const humpCoat = formula({
  name: 'hump-coat',
  title: 'Compound in a coat around a hump',
  words:
    'what lies under the slope as high and as far out as this coat, less what lies under the one before: the slope from its height to nothing over the run',
  inputs: {
    acrossMm: { kind: 'depth', also: ['length'], label: 'across the hump', min: 1, max: 1e4, usual: 200 },
    pastMm: { kind: 'depth', also: ['length'], label: 'run out on each side', min: 1, max: 1e4, usual: 300 },
    humpMm: { kind: 'depth', label: 'height of the hump', min: 0, max: 50, usual: 3 },
    coat: { kind: 'count', label: 'which coat', min: 1, max: 20, usual: 1 },
    coats: { kind: 'count', label: 'coats', min: 1, max: 20, usual: 2 },
  },
  output: 'volume',
  against: 'coat',
  source: 'geometry',
  compute: ({ acrossMm, pastMm, humpMm, coat, coats }) => {
    const until = (n: number) => ringMl(acrossMm / 2, (pastMm * n) / coats, (humpMm * n) / coats);
    return until(coat) - until(coat - 1);
  },
});

/** Wet film that leaves a dry one, in mm. */
export const wetFilm = formula({
  name: 'wet-film',
  title: 'Wet film',
  words: 'dry film over the share of solids by volume, thinned by as much as was added',
  inputs: {
    dryMm: { kind: 'film', label: 'dry film', min: 0.001, max: 5, usual: 0.03 },
    solidsPct: { kind: 'percent', label: 'solids by volume', min: 1, max: 100, usual: 40 },
    thinnedPct: { kind: 'percent', label: 'thinner added, by volume', min: 0, max: 100, usual: 0 },
  },
  output: 'film',
  against: 'solidsPct',
  source: 'geometry',
  compute: ({ dryMm, solidsPct, thinnedPct }) => (dryMm / (solidsPct / 100)) * (1 + thinnedPct / 100),
});

/** Paint for an area, in mL, with what does not reach it and what stays in the pot. */
export const paintNeeded = formula({
  name: 'paint-needed',
  title: 'Paint',
  words: 'area times coats times the dry film over the solids, over what reaches the face and what leaves the pot',
  inputs: {
    areaMm2: { kind: 'area', label: 'area', min: 1, max: 1e10, usual: 2.4e6 },
    coats: { kind: 'count', label: 'coats', min: 1, max: 20, usual: 2 },
    dryMm: { kind: 'film', label: 'dry film of a coat', min: 0.001, max: 5, usual: 0.03 },
    solidsPct: { kind: 'percent', label: 'solids by volume', min: 1, max: 100, usual: 40 },
    transferPct: transfer,
    wastePct: { kind: 'percent', label: 'what stays in pot and hose', min: 0, max: 80, usual: 10 },
  },
  output: 'volume',
  against: 'transferPct',
  source: 'geometry',
  compute: ({ areaMm2, coats, dryMm, solidsPct, transferPct, wastePct }) =>
    (areaMm2 * coats * dryMm) / 1000 / (solidsPct / 100) / (transferPct / 100) / (1 - wastePct / 100),
});

/** Opening of a board plug, each way, in mm: its core and a gap on each side. */
export const plugOpening = formula({
  name: 'plug-opening',
  title: 'Opening for the plug',
  words: 'core and twice the gap, which is on each side',
  inputs: {
    coreMm: { kind: 'depth', also: ['length'], label: 'core of the plug', min: 10, max: 400, usual: 90 },
    gapMm: { kind: 'depth', label: 'gap on each side', min: 0.5, max: 5, usual: 2 },
  },
  output: 'depth',
  source: 'practice',
  compute: ({ coreMm, gapMm }) => coreMm + 2 * gapMm,
});

/** Piece cut for a board plug, each way, in mm: its core and the paper flange on each side. */
export const plugBlank = formula({
  name: 'plug-blank',
  title: 'Piece to cut for the plug',
  words: 'core and twice the flange of paper',
  inputs: {
    coreMm: { kind: 'depth', also: ['length'], label: 'core of the plug', min: 10, max: 400, usual: 90 },
    flangeMm: { kind: 'depth', label: 'flange on each side', min: 10, max: 80, usual: 32 },
  },
  output: 'depth',
  source: 'practice',
  compute: ({ coreMm, flangeMm }) => coreMm + 2 * flangeMm,
});

/** Screws along a run that bears, both ends included. */
export const screwCount = formula({
  name: 'screw-count',
  title: 'Screws along one edge',
  words: 'length less the distance kept from both ends, over the spacing, upward to whole ones, and one more',
  inputs: {
    lengthMm: { kind: 'length', label: 'length of the edge', min: 20, max: 1e5, usual: 600 },
    spacingMm: { kind: 'depth', label: 'largest spacing', min: 50, max: 600, usual: 200 },
    endMm: { kind: 'depth', label: 'distance from each end', min: 0, max: 100, usual: 10 },
  },
  output: 'count',
  source: 'astm-c840',
  compute: ({ lengthMm, spacingMm, endMm }) => wholeAbove(Math.max(0, lengthMm - 2 * endMm) / spacingMm) + 1,
});

/** lengths that screws for board are sold in, in mm: one inch to three, as common practice rounds them */
const screwsSold = [25, 32, 41, 51, 64, 76];
/** what rounding inches to whole millimeters may take off a screw */
const roundedMm = 0.5;

/** Screw for a board, in mm: through it and far enough into what it is fixed to, of the lengths that there are. */
export const screwLength = formula({
  name: 'screw-length',
  title: 'Length of a screw',
  words: 'the shortest that is sold which goes through the board and far enough into what carries it, and no shorter than the least',
  inputs: {
    boardMm: { kind: 'depth', label: 'thickness of the board', min: 3, max: 60, usual: 12.7 },
    biteMm: { kind: 'depth', label: 'into what carries it', min: 3, max: 40, usual: 16 },
    leastMm: { kind: 'depth', label: 'least length', min: 10, max: 76, usual: 32 },
  },
  output: 'depth',
  against: 'boardMm',
  source: 'astm-c840',
  compute: ({ boardMm, biteMm, leastMm }) => {
    const asked = Math.max(leastMm, boardMm + biteMm);
    return screwsSold.find((mm) => mm >= asked - roundedMm) ?? asked;
  },
});

/** Strips of mesh side by side over a width. */
export const meshStrips = formula({
  name: 'mesh-strips',
  title: 'Strips of mesh',
  words: 'size and both margins less one lap, over the width of a strip less its lap, upward to whole ones',
  inputs: {
    sizeMm: { kind: 'depth', also: ['length'], label: 'size of the hole', min: 1, max: 3000, usual: 100 },
    marginMm: { kind: 'depth', label: 'margin on each side', min: 0, max: 300, usual: 40 },
    stripMm: { kind: 'depth', label: 'width of a strip', min: 20, max: 1500, usual: 75 },
    lapMm: { kind: 'depth', label: 'lap', min: 0, max: 200, usual: 12 },
  },
  output: 'count',
  source: 'practice',
  compute: ({ sizeMm, marginMm, stripMm, lapMm }) => Math.max(1, wholeAbove((sizeMm + 2 * marginMm - lapMm) / Math.max(1, stripMm - lapMm))),
});

/** least and most of the gap that a rod may be wide, so that it is compressed and never stretched */
const rodLeast = 1.25;
const rodMost = 1.33;

/** The backer rod for a gap, of the sizes there are, in mm; nothing where none is right: then a tape keeps the third side free. */
export function backerRod(gapMm: number, stockMm: readonly number[]): number | undefined {
  return [...stockMm].sort((a, b) => a - b).find((d) => d >= gapMm * rodLeast * (1 - 1e-9) && atMostRod(d, gapMm));
}

function atMostRod(diameterMm: number, gapMm: number): boolean {
  return diameterMm <= gapMm * rodMost * (1 + 1e-9);
}

/** Thickness of a backer rod for a gap, in mm: so much wider than it, so that it is compressed and never stretched. */
export const rodWidth = formula({
  name: 'rod-width',
  title: 'Rod for a gap',
  words: 'the gap times how much wider the rod is',
  inputs: { gapMm: { kind: 'depth', label: 'gap', min: 0.5, max: 200, usual: 12 }, over: { kind: 'ratio', label: 'rod to gap', min: 1, max: 2, usual: 1.25 } },
  output: 'depth',
  source: 'practice',
  compute: ({ gapMm, over }) => gapMm * over,
});

/** Time between mist coats in min, by size and position of the piece: between a small flat one and a large upright one. */
export const farther = formula({
  name: 'farther',
  title: 'Each farther than the one before',
  words: 'the first, and as much again for each that goes before',
  inputs: {
    firstMm: { kind: 'depth', label: 'reach of the first', min: 0, max: 1e4, usual: 50 },
    eachMm: { kind: 'depth', label: 'each farther by', min: 0, max: 1e4, usual: 25 },
    count: { kind: 'count', label: 'how many go before', min: 0, max: 100, usual: 2 },
  },
  output: 'depth',
  source: 'geometry',
  compute: ({ firstMm, eachMm, count }) => firstMm + eachMm * count,
});

/** How long a mist coat flashes off before the next, in min. */
export const flashTime = formula({
  name: 'flash-time',
  title: 'Flash between mist coats',
  words: 'half a minute on something small and flat, up to two minutes upright as it gets larger',
  inputs: {
    areaMm2: { kind: 'area', label: 'area sprayed in one pass', min: 100, max: 1e8, usual: 1e5 },
    upright: {
      kind: 'ratio',
      label: 'upright (one) or flat (nought)',
      min: 0,
      max: 1,
      usual: 1,
      named: [
        { label: 'flat', value: 0 },
        { label: 'upright', value: 1 },
      ],
    },
  },
  output: 'duration',
  against: 'areaMm2',
  source: 'practice',
  compute: ({ areaMm2, upright }) => {
    const large = Math.min(1, Math.max(0, (areaMm2 - 10_000) / 490_000));
    return upright >= 0.5 ? 1 + large : 0.5 + 0.5 * large;
  },
});

/** Mesh in strips laid one way and then across, in mm²: as many strips each way, each as long as the place and its margins. */
export const meshArea = formula({
  name: 'mesh-area',
  title: 'Mesh, in strips',
  words: 'as many strips one way as the other, each as long as it is cut, times the width of a strip',
  inputs: {
    strips: { kind: 'count', label: 'strips each way', min: 1, max: 1000, usual: 3 },
    acrossMm: { kind: 'depth', label: 'a strip across', min: 1, max: 5000, usual: 180 },
    downMm: { kind: 'depth', label: 'a strip the other way', min: 1, max: 5000, usual: 140 },
    stripMm: { kind: 'depth', label: 'width of a strip', min: 20, max: 1500, usual: 75 },
  },
  output: 'area',
  source: 'geometry',
  compute: ({ strips, acrossMm, downMm, stripMm }) => strips * (acrossMm + downMm) * stripMm,
});
