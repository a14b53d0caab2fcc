import { formula } from '../quantity/formula.ts';

/** Coats of plaster in all. */
export const allCoats = formula({
  name: 'all-coats',
  title: 'Coats in all',
  words: 'the base coats and the finish',
  inputs: { base: { kind: 'count', label: 'base coats', min: 0, max: 50, usual: 2 } },
  output: 'count',
  source: 'geometry',
  compute: ({ base }) => base + 1,
});

/** Finish level of gypsum board by paint and light: how much of a joint is forgiven. */
export const finishLevel = formula({
  name: 'finish-level',
  title: 'Finish level',
  words: 'the highest where gloss or light along the face shows every joint; one less under flat paint; another less under heavy texture',
  inputs: {
    gloss: {
      kind: 'ratio',
      label: 'gloss or eggshell (one) or flat (nought)',
      min: 0,
      max: 1,
      usual: 0,
      named: [
        { label: 'flat', value: 0 },
        { label: 'gloss or eggshell', value: 1 },
      ],
    },
    raking: {
      kind: 'ratio',
      label: 'light along the face (one) or soft (nought)',
      min: 0,
      max: 1,
      usual: 0,
      named: [
        { label: 'soft light', value: 0 },
        { label: 'raking light', value: 1 },
      ],
    },
    textured: {
      kind: 'ratio',
      label: 'heavy texture (one) or smooth (nought)',
      min: 0,
      max: 1,
      usual: 0,
      named: [
        { label: 'smooth', value: 0 },
        { label: 'heavy texture', value: 1 },
      ],
    },
  },
  output: 'count',
  source: 'ga-214',
  compute: ({ gloss, raking, textured }) => (textured >= 0.5 ? 3 : gloss >= 0.5 || raking >= 0.5 ? 5 : 4),
});

/** Coats over the tape for a finish level, the bed not counted. */
export const coatsForLevel = formula({
  name: 'coats-for-level',
  title: 'Coats over the tape',
  words:
    'one for the level of textured faces, two from the next level on; the bed does not count, and the highest level has a skim over the whole face besides',
  inputs: { level: { kind: 'count', label: 'finish level', min: 1, max: 5, usual: 4 } },
  output: 'count',
  source: 'ga-214',
  compute: ({ level }) => (level <= 1 ? 0 : level <= 3 ? 1 : 2),
});

/** Width of one of several coats that each reach farther than the one below, in mm. */
export const coatWidth = formula({
  name: 'coat-width',
  title: 'Width of a coat',
  words: 'from the first width to the last in even steps',
  inputs: {
    firstMm: { kind: 'depth', label: 'first coat', min: 0, max: 3000, usual: 150 },
    lastMm: { kind: 'depth', label: 'last coat', min: 0, max: 5000, usual: 500 },
    coat: { kind: 'count', label: 'which coat', min: 1, max: 20, usual: 2 },
    coats: { kind: 'count', label: 'coats', min: 1, max: 20, usual: 3 },
  },
  output: 'depth',
  source: 'practice',
  compute: ({ firstMm, lastMm, coat, coats }) => (coats <= 1 ? lastMm : firstMm + ((lastMm - firstMm) * (Math.min(coat, coats) - 1)) / (coats - 1)),
});

/** The taping knife for a coat, in mm: half the width of a coat at least, of those there are. */
export const knifeFor = formula({
  name: 'knife-for',
  title: 'Knife',
  words: 'the smallest of the usual knives that is half as wide as the coat',
  inputs: { coatMm: { kind: 'depth', label: 'width of the coat', min: 0, max: 5000, usual: 300 } },
  output: 'depth',
  source: 'practice',
  compute: ({ coatMm }) => knivesMm.find((k) => k >= coatMm / 2) ?? 355,
});

const knivesMm: readonly number[] = [150, 200, 250, 305, 355];
