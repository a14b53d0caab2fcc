import { formula } from '../quantity/formula.ts';
import { wholeAbove } from '../quantity/round.ts';

/** Base coats under a finish: as many as the thickest coat asks for, no fewer than the base wants. */
export const baseCoats = formula({
  name: 'base-coats',
  title: 'Base coats',
  words: 'the thickness less the finish over the thickest coat, upward to whole ones, and no fewer than the base wants; none where the finish alone fills it',
  inputs: {
    totalMm: { kind: 'depth', label: 'thickness in all', min: 0.1, max: 200, usual: 18 },
    finishMm: { kind: 'depth', label: 'finish coat', min: 0, max: 20, usual: 3 },
    thickestMm: { kind: 'depth', label: 'thickest coat', min: 0.5, max: 100, usual: 10 },
    least: { kind: 'count', label: 'least base coats', min: 0, max: 10, usual: 2 },
  },
  output: 'count',
  source: 'practice',
  compute: ({ totalMm, finishMm, thickestMm, least }) =>
    totalMm <= finishMm * (1 + 1e-9) ? 0 : Math.max(least, wholeAbove((totalMm - finishMm) / thickestMm)),
});

/** Thickness of a base coat, in mm. */
export const baseCoat = formula({
  name: 'base-coat',
  title: 'A base coat',
  words: 'the thickness less the finish, over the base coats',
  inputs: {
    totalMm: { kind: 'depth', label: 'thickness in all', min: 0.1, max: 200, usual: 18 },
    finishMm: { kind: 'depth', label: 'finish coat', min: 0, max: 20, usual: 3 },
    coats: { kind: 'count', label: 'base coats', min: 1, max: 50, usual: 2 },
  },
  output: 'depth',
  source: 'geometry',
  compute: ({ totalMm, finishMm, coats }) => Math.max(0, totalMm - finishMm) / coats,
});

/** Sand for a plaster by volume, in mL: it makes up nearly all of the mix, the binder fills what is between. */
export const plasterSand = formula({
  name: 'plaster-sand',
  title: 'Sand, loose',
  words: 'the plaster times what loose sand it takes; the binder fills the voids between the grains',
  inputs: {
    volumeMl: { kind: 'volume', label: 'plaster', min: 0, max: 1e8, usual: 12_000 },
    bulking: { kind: 'ratio', label: 'loose sand to one of plaster', min: 0.8, max: 1.5, usual: 1.1 },
  },
  output: 'volume',
  source: 'practice',
  compute: ({ volumeMl, bulking }) => volumeMl * bulking,
});

/** Binder of a plaster by volume, in mL. */
export const plasterBinder = formula({
  name: 'plaster-binder',
  title: 'Binder',
  words: 'the sand over the parts of sand to one of binder',
  inputs: {
    sandMl: { kind: 'volume', label: 'sand', min: 0, max: 1e8, usual: 13_000 },
    parts: { kind: 'ratio', label: 'sand to one of binder', min: 0.1, max: 10, usual: 3.5 },
  },
  output: 'volume',
  source: 'practice',
  compute: ({ sandMl, parts }) => sandMl / parts,
});

/** Lime putty of a gauged finish, in mL: the gauging plaster stirred into it takes the room of its grains. */
export const gaugedPutty = formula({
  name: 'gauged-putty',
  title: 'Lime putty',
  words: 'the finish over one and what the grains of the gauging plaster take of each part of putty',
  inputs: {
    volumeMl: { kind: 'volume', label: 'finish', min: 0, max: 1e8, usual: 3000 },
    parts: { kind: 'ratio', label: 'putty to one of gauging plaster', min: 0.1, max: 10, usual: 3 },
    solid: { kind: 'ratio', label: 'share that grains take of loose plaster', min: 0.1, max: 1, usual: 0.4 },
  },
  output: 'volume',
  source: 'practice',
  compute: ({ volumeMl, parts, solid }) => volumeMl / (1 + solid / parts),
});

/** Fastening points over an area, no farther apart than the spacing. */
export const fasteningPoints = formula({
  name: 'fastening-points',
  title: 'Fastening points',
  words: 'along each way, the size over the spacing, upward to whole ones and one more; one times the other',
  inputs: {
    widthMm: { kind: 'length', label: 'width', min: 1, max: 1e5, usual: 900 },
    heightMm: { kind: 'length', label: 'height', min: 1, max: 1e5, usual: 600 },
    spacingMm: { kind: 'depth', label: 'largest spacing', min: 20, max: 1000, usual: 200 },
  },
  output: 'count',
  source: 'practice',
  compute: ({ widthMm, heightMm, spacingMm }) => (wholeAbove(widthMm / spacingMm) + 1) * (wholeAbove(heightMm / spacingMm) + 1),
});

/** Props under a loose face: one for each half square meter, two at least. */
export const propsUnder = formula({
  name: 'props-under',
  title: 'Props',
  words: 'one for each half square meter that hangs, and no fewer than two',
  inputs: { areaMm2: { kind: 'area', label: 'area that hangs', min: 0, max: 1e9, usual: 900_000 } },
  output: 'count',
  source: 'judgement',
  compute: ({ areaMm2 }) => Math.max(2, wholeAbove(areaMm2 / 500_000)),
});

/** Water for a setting compound, in mL. */
export const waterFor = formula({
  name: 'water-for',
  title: 'Cool water',
  words: 'the powder times what a kilogram of it takes',
  inputs: {
    powderG: { kind: 'mass', label: 'powder', min: 0, max: 1e7, usual: 800 },
    litersKg: { kind: 'specificVolume', label: 'water to the powder', min: 0, max: 2, usual: 0.35 },
  },
  output: 'volume',
  source: 'generic-sheet',
  compute: ({ powderG, litersKg }) => powderG * litersKg,
});

/** What is placed of something that shrinks, so that its place is full when it is dry, in mL. */
export const withShrinkage = formula({
  name: 'with-shrinkage',
  title: 'To place, for it shrinks',
  words: 'the volume over what is left after it has shrunk',
  inputs: {
    volumeMl: { kind: 'volume', label: 'volume to fill', min: 0, max: 1e8, usual: 20 },
    shrinks: { kind: 'ratio', label: 'share that it shrinks by', min: 0, max: 0.8, usual: 0.25 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ volumeMl, shrinks }) => volumeMl / (1 - shrinks),
});
