import { formula } from '../quantity/formula.ts';

const porosity = { kind: 'ratio', label: 'voids of one size alone', min: 0.2, max: 0.6, usual: 0.4 } as const;
const loss = { kind: 'ratio', label: 'voids added because mixing is never perfect', min: 0, max: 0.2, usual: 0.03 } as const;
const coarse = { kind: 'grain', label: 'coarse grain', min: 0.05, max: 20, usual: 1.2 } as const;
const fine = { kind: 'grain', label: 'fine grain', min: 0.01, max: 20, usual: 0.3 } as const;

/**
 * Best blend of two sizes that pack alike on their own: share of the fine by volume, and the packing
 * density, by the linear packing model with de Larrard's interaction functions.
 */
function bestBlend(ratio: number, alone: number): { fineShare: number; packing: number } {
  const loosening = Math.sqrt(1 - (1 - ratio) ** 1.02);
  const wall = 1 - (1 - ratio) ** 1.5;
  // 1/density is linear in the fine share y on both sides; the best blend stands where they cross
  const coarseSlope = 1 - loosening;
  const fineSlope = 1 - alone + wall * (alone - 1);
  // grains of one size pack the same in any blend
  if (coarseSlope + fineSlope < 1e-12) return { fineShare: 0.5, packing: alone };
  const fineShare = fineSlope / (coarseSlope + fineSlope);
  return { fineShare, packing: alone / (1 - coarseSlope * fineShare) };
}

/** Share of a volume that grains of one size fill. */
export const sandPackingOne = formula({
  name: 'sand-packing-one',
  title: 'Packing of one sand',
  words: 'one less the voids between the grains',
  inputs: { porosity },
  output: 'ratio',
  source: 'practice',
  compute: ({ porosity: voids }) => 1 - voids,
});

/** Share of a volume that the best blend of two sands fills. */
export const sandPackingTwo = formula({
  name: 'sand-packing-two',
  title: 'Packing of two sands',
  words: 'the best blend of the two sizes by the linear packing model, less a loss for imperfect mixing',
  inputs: { coarseMm: coarse, fineMm: fine, porosity, mixingLoss: loss },
  output: 'ratio',
  against: 'fineMm',
  source: 'de-larrard',
  compute: ({ coarseMm, fineMm, porosity: voids, mixingLoss }) => {
    const ratio = Math.min(coarseMm, fineMm) / Math.max(coarseMm, fineMm);
    return Math.max(1 - voids, bestBlend(ratio, 1 - voids).packing - mixingLoss);
  },
});

/** Share of the fine sand in the best blend of two sizes. */
export const fineShare = formula({
  name: 'fine-share',
  title: 'Share of the fine sand',
  words: 'the share of fine sand at which the two sizes pack best',
  inputs: { coarseMm: coarse, fineMm: fine, porosity },
  output: 'ratio',
  against: 'fineMm',
  source: 'de-larrard',
  compute: ({ coarseMm, fineMm, porosity: voids }) => bestBlend(Math.min(coarseMm, fineMm) / Math.max(coarseMm, fineMm), 1 - voids).fineShare,
});

/** Weight of one grade of a blend of two sands, in g. @param share of the fine grade */
export const gradeWeight = formula({
  name: 'grade-weight',
  title: 'One grade of the sand',
  words: 'weight of the blend times the share of the grade',
  inputs: {
    sandG: { kind: 'mass', label: 'weight of the blend', min: 0, max: 1e9, usual: 1000 },
    share: { kind: 'ratio', label: 'share of the grade', min: 0, max: 1, usual: 0.35 },
  },
  output: 'mass',
  source: 'geometry',
  compute: ({ sandG, share }) => sandG * share,
});

/** What of a blend is not the fine grade. */
export const coarseShare = formula({
  name: 'coarse-share',
  title: 'Share of the coarse sand',
  words: 'one less the share of the fine sand',
  inputs: { fine: { kind: 'ratio', label: 'share of the fine sand', min: 0, max: 1, usual: 0.35 } },
  output: 'ratio',
  source: 'geometry',
  compute: ({ fine }) => 1 - fine,
});

const volume = { kind: 'volume', label: 'volume to fill', min: 0, max: 1e9, usual: 500 } as const;
const packing = { kind: 'ratio', label: 'packing of the sand', min: 0.3, max: 0.95, usual: 0.6 } as const;

/** Resin that fills the voids of the sand in a volume, with the surplus that wetting takes, in mL. */
export const resinForSand = formula({
  name: 'resin-for-sand',
  title: 'Resin for the sand',
  words: 'volume times the voids of the sand, times the surplus for wetting',
  inputs: { volumeMl: volume, packing, surplus: { kind: 'ratio', label: 'surplus for wetting', min: 1, max: 2, usual: 1.12 } },
  output: 'volume',
  source: 'practice',
  compute: ({ volumeMl, packing: filled, surplus }) => volumeMl * (1 - filled) * surplus,
});

/** Dry sand that fills a volume, in g. */
export const sandForVolume = formula({
  name: 'sand-for-volume',
  title: 'Sand for a volume',
  words: 'volume times the packing of the sand times the density of its grains',
  inputs: { volumeMl: volume, packing, grainKgL: { kind: 'density', label: 'density of the grains', min: 1, max: 6, usual: 2.65 } },
  output: 'mass',
  source: 'geometry',
  compute: ({ volumeMl, packing: filled, grainKgL }) => volumeMl * filled * grainKgL,
});

/** What is left of a resin after part of it went on before, in mL, not below nothing. */
export const resinLeft = formula({
  name: 'resin-left',
  title: 'Resin still to pour',
  words: 'resin for the lift less what already wets the faces, not below nothing',
  inputs: {
    resinMl: { kind: 'volume', label: 'resin for the lift', min: 0, max: 1e9, usual: 800 },
    wettedMl: { kind: 'volume', label: 'resin on the faces', min: 0, max: 1e9, usual: 40 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ resinMl, wettedMl }) => Math.max(0, resinMl - wettedMl),
});

/** Resin that wets the faces, no more than a share of what the first lift takes, in mL. */
export const wettingResin = formula({
  name: 'wetting-resin',
  title: 'Resin to wet both faces',
  words: 'the film on the faces, no more than a share of the resin of the first lift',
  inputs: {
    filmMl: { kind: 'volume', label: 'film on the faces', min: 0, max: 1e9, usual: 50 },
    liftMl: { kind: 'volume', label: 'resin for the first lift', min: 0, max: 1e9, usual: 120 },
    share: { kind: 'ratio', label: 'largest share', min: 0, max: 1, usual: 0.4 },
  },
  output: 'volume',
  source: 'judgement',
  compute: ({ filmMl, liftMl, share }) => Math.min(filmMl, liftMl * share),
});

/** Void to fill times a factor for what runs away, in mL. */
export const voidTimes = formula({
  name: 'void-times',
  title: 'Resin for a void',
  words: 'volume of the void times an allowance for what is lost',
  inputs: { volumeMl: volume, factor: { kind: 'ratio', label: 'allowance', min: 0.1, max: 5, usual: 1.3 } },
  output: 'volume',
  source: 'practice',
  compute: ({ volumeMl, factor }) => volumeMl * factor,
});

/** Volume of resin and the solid volume of the sand in it, in mL. */
export const resinAndSand = formula({
  name: 'resin-and-sand',
  title: 'Resin and sand, mixed',
  words: 'the resin, and the mass of the sand over the density of its grains',
  inputs: {
    resinMl: { kind: 'volume', label: 'resin', min: 0, max: 1e7, usual: 320 },
    sandG: { kind: 'mass', label: 'sand', min: 0, max: 1e8, usual: 1150 },
    grainKgL: { kind: 'density', label: 'density of the grains', min: 1, max: 5, usual: 2.65 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ resinMl, sandG, grainKgL }) => resinMl + sandG / grainKgL,
});
