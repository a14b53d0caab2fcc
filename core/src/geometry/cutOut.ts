import { formula } from '../quantity/formula.ts';

const run = { kind: 'length', label: 'length', min: 0, max: 1e6, usual: 100 } as const;
const width = { kind: 'depth', label: 'width', min: 0.1, max: 5000, usual: 6 } as const;
const height = { kind: 'depth', label: 'height', min: 0.1, max: 5000, usual: 200 } as const;
const depth = { kind: 'depth', label: 'depth', min: 0, max: 1000, usual: 20 } as const;

/** Volume of a rout with a round bottom, in mL; a cut shallower than half its width is a slice of the circle. */
export const roundRoutVolume = formula({
  name: 'round-rout-volume',
  title: 'Rout with a round bottom',
  words: 'straight sides down to a half circle of the width; where it is shallower than that, the slice of the circle, times the length',
  inputs: { lengthMm: run, widthMm: width, depthMm: depth },
  output: 'volume',
  source: 'geometry',
  compute: ({ lengthMm, widthMm, depthMm }) => {
    const r = widthMm / 2;
    const area =
      depthMm >= r
        ? widthMm * (depthMm - r) + (Math.PI * r * r) / 2
        : r * r * Math.acos((r - depthMm) / r) - (r - depthMm) * Math.sqrt(Math.max(0, 2 * r * depthMm - depthMm * depthMm));
    return (area * lengthMm) / 1000;
  },
});

/** Volume of a V-shaped opening, in mL. */
export const veeVolume = formula({
  name: 'vee-volume',
  title: 'Opened to a V',
  words: 'half of width times depth, times the length',
  inputs: { lengthMm: run, widthMm: width, depthMm: depth },
  output: 'volume',
  source: 'geometry',
  compute: ({ lengthMm, widthMm, depthMm }) => (lengthMm * widthMm * depthMm) / 2000,
});

/** Volume of a square cut-out whose sides lean under, in mL. */
export const undercutBoxVolume = formula({
  name: 'undercut-box-volume',
  title: 'Cut-out with undercut sides',
  words: 'the box, and around it what its sides lean under, four corners included',
  inputs: {
    widthMm: width,
    heightMm: height,
    depthMm: depth,
    undercutMm: { kind: 'depth', label: 'how far the foot lies under the edge', min: 0, max: 200, usual: 3 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ widthMm: a, heightMm: b, depthMm: d, undercutMm: u }) => (d * (a * b + (a + b) * u + (4 * u * u) / 3)) / 1000,
});

/** Volume of a dish that is a slice of a sphere, in mL. */
export const dishVolume = formula({
  name: 'dish-volume',
  title: 'Round dish',
  words: 'a slice of a sphere over a circle of this radius and of this depth',
  inputs: { radiusMm: { kind: 'depth', label: 'radius of its rim', min: 0.1, max: 5000, usual: 60 }, depthMm: depth },
  output: 'volume',
  source: 'geometry',
  compute: ({ radiusMm: a, depthMm: h }) => (Math.PI * h * (3 * a * a + h * h)) / 6000,
});

/** Volume of a dish that is half of an ellipsoid, in mL. */
export const ovalDishVolume = formula({
  name: 'oval-dish-volume',
  title: 'Oval dish',
  words: 'two thirds of its oval area times its depth',
  inputs: { widthMm: width, heightMm: height, depthMm: depth },
  output: 'volume',
  source: 'geometry',
  compute: ({ widthMm, heightMm, depthMm }) => ((2 / 3) * Math.PI * (widthMm / 2) * (heightMm / 2) * depthMm) / 1000,
});

/** Volume of a hole that narrows from its face to its back, in mL. */
export const taperedHoleVolume = formula({
  name: 'tapered-hole-volume',
  title: 'Hole that narrows',
  words: 'a frustum: a third of the depth times both areas and the root of their product',
  inputs: {
    faceMm2: { kind: 'area', label: 'area at the face', min: 0, max: 1e8, usual: 1e4 },
    backMm2: { kind: 'area', label: 'area at the back', min: 0, max: 1e8, usual: 4e4 },
    depthMm: depth,
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ faceMm2, backMm2, depthMm }) => (depthMm * (faceMm2 + backMm2 + Math.sqrt(faceMm2 * backMm2))) / 3000,
});

/** Volume of the feathered ring around a round hump, in mL. */
export const featherRingVolume = formula({
  name: 'feather-ring-volume',
  title: 'Feathered ring',
  words: 'a cone from the hump’s height at the inner radius to nothing at the outer, less the hump itself',
  inputs: {
    innerMm: { kind: 'depth', label: 'inner radius', min: 0, max: 5000, usual: 100 },
    outerMm: { kind: 'depth', label: 'outer radius', min: 0.1, max: 5000, usual: 300 },
    humpMm: { kind: 'depth', label: 'height of the hump', min: 0, max: 50, usual: 1 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ innerMm: r, outerMm: R, humpMm: h }) => ((Math.PI * h * (r * r + r * R + R * R)) / 3 - Math.PI * r * r * h) / 1000,
});

/** Volume of a square patch of some thickness with a feathered margin, in mL, its corners square. */
export const featheredPatchVolume = formula({
  name: 'feathered-patch-volume',
  title: 'Patch and its feathered margin',
  words: 'the patch at its thickness, and around it a wedge that runs out over the margin, square corners included',
  inputs: {
    widthMm: width,
    heightMm: height,
    marginMm: { kind: 'depth', label: 'margin feathered', min: 0, max: 2000, usual: 40 },
    thicknessMm: { kind: 'depth', label: 'thickness', min: 0, max: 50, usual: 3 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ widthMm: a, heightMm: b, marginMm: f, thicknessMm: h }) => (h * (a * b + (a + b) * f + (4 * f * f) / 3)) / 1000,
});

/** Depth cleared behind an exposed bar, measured from the face, in mm. */
export const depthBehindBar = formula({
  name: 'depth-behind-bar',
  title: 'Depth to clear behind the bar',
  words: 'cover, the bar, and behind it the least clearance or the largest stone and its own margin, whichever is more',
  inputs: {
    coverMm: { kind: 'depth', label: 'cover over the bar', min: 0, max: 500, usual: 40 },
    barMm: { kind: 'depth', label: 'diameter of the bar', min: 4, max: 60, usual: 12 },
    leastMm: { kind: 'depth', label: 'least clearance', min: 0, max: 100, usual: 6 },
    stoneMm: { kind: 'depth', label: 'largest stone', min: 0, max: 80, usual: 20 },
    stoneMarginMm: { kind: 'depth', label: 'margin over the stone', min: 0, max: 50, usual: 6 },
  },
  output: 'depth',
  source: 'icri-310-1r',
  compute: ({ coverMm, barMm, leastMm, stoneMm, stoneMarginMm }) => coverMm + barMm + Math.max(leastMm, stoneMm + stoneMarginMm),
});

/** Section lost of a bar, in percent of its area. */
export const barLoss = formula({
  name: 'bar-loss',
  title: 'Section of the bar lost',
  words: 'one less the square of the diameter that is left over the diameter it had',
  inputs: {
    leftMm: { kind: 'depth', label: 'diameter left', min: 0, max: 60, usual: 10.4 },
    barMm: { kind: 'depth', label: 'diameter of the bar', min: 4, max: 60, usual: 12 },
  },
  output: 'percent',
  against: 'leftMm',
  source: 'geometry',
  compute: ({ leftMm, barMm }) => Math.max(0, 100 * (1 - (leftMm / barMm) ** 2)),
});

/** Weight of a loose layer, in g. */
export const looseWeight = formula({
  name: 'loose-weight',
  title: 'Weight that is loose',
  words: 'area times thickness times density',
  inputs: {
    areaMm2: { kind: 'area', label: 'loose area', min: 0, max: 1e9, usual: 5e5 },
    thicknessMm: { kind: 'depth', label: 'thickness', min: 0, max: 200, usual: 20 },
    densityKgL: { kind: 'density', label: 'density', min: 0.1, max: 8, usual: 1.7 },
  },
  output: 'mass',
  source: 'geometry',
  compute: ({ areaMm2, thicknessMm, densityKgL }) => (areaMm2 * thicknessMm * densityKgL) / 1000,
});

/** Depth that a patch is cut to, in mm: as deep as it is, and no less than a square edge. */
export const preparedDepth = formula({
  name: 'prepared-depth',
  title: 'Depth as cut',
  words: 'the deeper of what was found and the square edge that a patch is cut to',
  inputs: {
    foundMm: { kind: 'depth', label: 'depth as found', min: 0, max: 5000, usual: 18 },
    edgeMm: { kind: 'depth', label: 'least square edge', min: 0, max: 100, usual: 13 },
  },
  output: 'depth',
  source: 'icri-310-1r',
  compute: ({ foundMm, edgeMm }) => Math.max(foundMm, edgeMm),
});

/** Weight of what is loose, in g. */
export const fallingWeight = formula({
  name: 'falling-weight',
  title: 'Weight of what is loose',
  words: 'area times thickness times density',
  inputs: {
    areaMm2: { kind: 'area', label: 'loose area', min: 0, max: 1e9, usual: 1e6 },
    thicknessMm: { kind: 'depth', label: 'thickness', min: 0, max: 500, usual: 22 },
    densityKgL: { kind: 'density', label: 'density', min: 0.1, max: 8, usual: 1.68 },
  },
  output: 'mass',
  against: 'thicknessMm',
  source: 'geometry',
  compute: ({ areaMm2, thicknessMm, densityKgL }) => (areaMm2 * thicknessMm * densityKgL) / 1000,
});

/** Volume of a round dimple, in mL: a shallow dish. */
export const spotVolume = formula({
  name: 'spot-volume',
  title: 'A dimple',
  words: 'half of a round cylinder as wide and deep as it',
  inputs: {
    acrossMm: { kind: 'depth', also: ['length'], label: 'across', min: 0, max: 5000, usual: 12 },
    depthMm: { kind: 'depth', label: 'depth', min: 0, max: 500, usual: 1 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ acrossMm, depthMm }) => (Math.PI * acrossMm ** 2 * depthMm) / 8 / 1000,
});

/** Depth that is filled where the fill is left below the face, in mm. */
export const filledBelow = formula({
  name: 'filled-below',
  title: 'Filled',
  words: 'the depth, less what is left free below the face; nothing where it is no deeper than that',
  inputs: {
    depthMm: { kind: 'depth', label: 'depth', min: 0, max: 1000, usual: 1 },
    lowMm: { kind: 'depth', label: 'left below the face', min: 0, max: 1000, usual: 0.2 },
  },
  output: 'depth',
  source: 'geometry',
  compute: ({ depthMm, lowMm }) => Math.max(0, depthMm - lowMm),
});
