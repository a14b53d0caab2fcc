import { formula } from '../quantity/formula.ts';
import { wholeAbove } from '../quantity/round.ts';

const run = { kind: 'length', label: 'length', min: 0, max: 1e6, usual: 100 } as const;
const width = { kind: 'depth', also: ['crackWidth'], label: 'width of the groove', min: 0, max: 500, usual: 6 } as const;
const depth = { kind: 'depth', label: 'depth of the groove', min: 0, max: 1000, usual: 20 } as const;

/** Width of a chased groove in mm: the wheel, or the widest place and a clean cut on both faces. */
export const grooveWidth = formula({
  name: 'groove-width',
  title: 'Width as chased',
  words: 'the wheel, or the widest place plus the trim on each of its two faces, whichever is more',
  inputs: {
    wheelMm: { kind: 'depth', label: 'width of the wheel', min: 1, max: 50, usual: 6 },
    widestMm: { kind: 'crackWidth', label: 'widest place', min: 0, max: 100, usual: 4 },
    trimMm: { kind: 'depth', label: 'trim on each face', min: 0, max: 20, usual: 1 },
  },
  output: 'depth',
  source: 'judgement',
  compute: ({ wheelMm, widestMm, trimMm }) => Math.max(wheelMm, widestMm + 2 * trimMm),
});

/** Volume of a groove with square corners, in mL. */
export const chaseVolume = formula({
  name: 'chase-volume',
  title: 'Groove as prepared',
  words: 'length times width times depth',
  inputs: { lengthMm: run, widthMm: width, depthMm: depth },
  output: 'volume',
  source: 'geometry',
  compute: ({ lengthMm, widthMm, depthMm }) => (lengthMm * widthMm * depthMm) / 1000,
});

/** Volume left proud over a groove, in mL: a flat top as wide as the groove, sides that lap as much as they slope. */
export const proudVolume = formula({
  name: 'proud-volume',
  title: 'Left proud',
  words: 'length times width times the height left proud',
  inputs: { lengthMm: run, widthMm: width, proudMm: { kind: 'depth', label: 'height left proud', min: 0, max: 20, usual: 1.5 } },
  output: 'volume',
  source: 'geometry',
  compute: ({ lengthMm, widthMm, proudMm }) => (lengthMm * widthMm * proudMm) / 1000,
});

/** Sum of volumes, in mL. */
export const volumeSum = formula({
  name: 'volume-sum',
  title: 'Volume in all',
  words: 'the volumes added up',
  inputs: { volumeMl: { kind: 'volume', label: 'each volume', min: 0, max: 1e9, list: true, usual: [250, 410] } },
  output: 'volume',
  source: 'geometry',
  compute: ({ volumeMl }) => volumeMl.reduce((a, b) => a + b, 0),
});

/** Sum of masses, in g. */
export const massSum = formula({
  name: 'mass-sum',
  title: 'Weight in all',
  words: 'the weights added up',
  inputs: { massG: { kind: 'mass', label: 'each weight', min: 0, max: 1e9, list: true, usual: [200, 340] } },
  output: 'mass',
  source: 'geometry',
  compute: ({ massG }) => massG.reduce((a, b) => a + b, 0),
});

/** A volume shared over equal parts, in mL. */
export const volumeShare = formula({
  name: 'volume-share',
  title: 'Volume of one section',
  words: 'the volume divided by the number of equal sections',
  inputs: {
    volumeMl: { kind: 'volume', label: 'volume', min: 0, max: 1e9, usual: 500 },
    parts: { kind: 'count', label: 'sections', min: 1, max: 1e6, usual: 3 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ volumeMl, parts }) => volumeMl / parts,
});

/** A mass shared over equal parts, in g. */
export const massShare = formula({
  name: 'mass-share',
  title: 'Weight for one section',
  words: 'the weight divided by the number of equal sections',
  inputs: { massG: { kind: 'mass', label: 'weight', min: 0, max: 1e9, usual: 500 }, parts: { kind: 'count', label: 'sections', min: 1, max: 1e6, usual: 3 } },
  output: 'mass',
  source: 'geometry',
  compute: ({ massG, parts }) => massG / parts,
});

/** Resin film on both faces and the bottom of a groove, in mL. */
export const faceFilm = formula({
  name: 'face-film',
  title: 'Resin to wet the faces',
  words: 'length times both faces and the bottom, times the film',
  inputs: { lengthMm: run, widthMm: width, depthMm: depth, filmMm: { kind: 'film', label: 'film of resin', min: 0, max: 3, usual: 0.25 } },
  output: 'volume',
  source: 'practice',
  compute: ({ lengthMm, widthMm, depthMm, filmMm }) => (lengthMm * (2 * depthMm + widthMm) * filmMm) / 1000,
});

/** Depth of the crack that goes on below the groove, in mm. */
export const depthBelow = formula({
  name: 'depth-below',
  title: 'Crack goes on below',
  words: 'depth of the crack less the depth of the groove, not below nothing',
  inputs: { crackMm: { kind: 'depth', label: 'depth of the crack', min: 0, max: 5000, usual: 80 }, depthMm: depth },
  output: 'depth',
  source: 'geometry',
  compute: ({ crackMm, depthMm }) => Math.max(0, crackMm - depthMm),
});

/** Depth choked with dry sand in the open crack below a groove, in mm. */
export const chokeDepth = formula({
  name: 'choke-depth',
  title: 'Choked with dry sand',
  words: 'a multiple of the width of the crack, no more than the crack is deep below the groove',
  inputs: {
    belowMm: { kind: 'depth', label: 'crack below the groove', min: 0, max: 5000, usual: 40 },
    widthMm: { kind: 'crackWidth', label: 'width of the crack', min: 0, max: 100, usual: 6 },
    times: { kind: 'ratio', label: 'times the width', min: 0, max: 20, usual: 2 },
  },
  output: 'depth',
  source: 'judgement',
  compute: ({ belowMm, widthMm, times }) => Math.min(belowMm, widthMm * times),
});

/** Number of lifts: the fewest that stay at or under the thickest, and not under the least number. */
export const liftCount = formula({
  name: 'lift-count',
  title: 'Lifts',
  words: 'the fewest equal lifts none of which is thicker than allowed, and no fewer than the system wants',
  inputs: {
    depthMm: { kind: 'depth', label: 'depth to fill', min: 0.1, max: 1000, usual: 30 },
    thickestMm: { kind: 'depth', also: ['film'], label: 'thickest lift', min: 0.1, max: 200, usual: 12 },
    least: { kind: 'count', label: 'least number of lifts', min: 1, max: 20, usual: 2 },
  },
  output: 'count',
  source: 'practice',
  compute: ({ depthMm, thickestMm, least }) => Math.max(least, wholeAbove(depthMm / thickestMm)),
});

/** Thickness of each of several equal lifts, in mm. */
export const liftThickness = formula({
  name: 'lift-thickness',
  title: 'Thickness of a lift',
  words: 'depth to fill divided by the number of lifts',
  inputs: {
    depthMm: { kind: 'depth', label: 'depth to fill', min: 0, max: 1000, usual: 30 },
    lifts: { kind: 'count', label: 'lifts', min: 1, max: 100, usual: 2 },
  },
  output: 'depth',
  source: 'geometry',
  compute: ({ depthMm, lifts }) => depthMm / lifts,
});

/** Passes of a chasing wheel: bites of its depth, side by side where the groove is wider than the wheel. */
export const wheelPasses = formula({
  name: 'wheel-passes',
  title: 'Passes of the wheel',
  words: 'bites needed for the depth, times wheels needed side by side for the width',
  inputs: {
    depthMm: depth,
    biteMm: { kind: 'depth', label: 'deepest bite of one pass', min: 0.5, max: 100, usual: 10 },
    widthMm: width,
    wheelMm: { kind: 'depth', label: 'width of the wheel', min: 1, max: 50, usual: 6 },
  },
  output: 'count',
  source: 'practice',
  compute: ({ depthMm, biteMm, widthMm, wheelMm }) => Math.max(1, wholeAbove(depthMm / biteMm)) * Math.max(1, wholeAbove(widthMm / wheelMm)),
});

/** Deepest cut allowed over something found in the slab, in mm. */
export const cutAllowed = formula({
  name: 'cut-allowed',
  title: 'Deepest cut allowed',
  words: 'cover over what was found less the clearance kept, not below nothing',
  inputs: {
    coverMm: { kind: 'depth', label: 'cover over what was found', min: 0, max: 1000, usual: 40 },
    keepMm: { kind: 'depth', label: 'clearance kept', min: 0, max: 200, usual: 20 },
  },
  output: 'depth',
  source: 'judgement',
  compute: ({ coverMm, keepMm }) => Math.max(0, coverMm - keepMm),
});

/** Width of a sealed rout, in mm: what the movement asks of the sealant, not under the least. */
export const routWidth = formula({
  name: 'rout-width',
  title: 'Width of the rout',
  words: 'movement still to come divided by what the sealant takes, not less than the least width, nor than the crack and its trim',
  inputs: {
    movementMm: { kind: 'crackWidth', label: 'movement still to come', min: 0, max: 50, usual: 2 },
    capability: { kind: 'ratio', label: 'movement the sealant takes', min: 0.05, max: 1, usual: 0.25 },
    leastMm: { kind: 'depth', label: 'least width', min: 1, max: 50, usual: 6 },
    widestMm: { kind: 'crackWidth', label: 'widest place', min: 0, max: 100, usual: 4 },
    trimMm: { kind: 'depth', label: 'trim on each face', min: 0, max: 20, usual: 1 },
  },
  output: 'depth',
  against: 'movementMm',
  source: 'astm-c1193',
  compute: ({ movementMm, capability, leastMm, widestMm, trimMm }) => Math.max(movementMm / capability, leastMm, widestMm + 2 * trimMm),
});

/** Depth of a sealant bead, in mm. */
export const sealantDepth = formula({
  name: 'sealant-depth',
  title: 'Depth of the sealant',
  words: 'the least depth for narrow beads, half the width above, never over the most',
  inputs: {
    widthMm: width,
    leastMm: { kind: 'depth', label: 'least depth', min: 1, max: 50, usual: 6 },
    mostMm: { kind: 'depth', label: 'most depth', min: 1, max: 50, usual: 13 },
  },
  output: 'depth',
  source: 'astm-c1193',
  compute: ({ widthMm, leastMm, mostMm }) => Math.min(mostMm, Math.max(leastMm, widthMm / 2)),
});
