import { formula } from '../quantity/formula.ts';
import { wholeAbove } from '../quantity/round.ts';

/** Rows of a staggered bed: as many holes as the width takes and one more, rows apart by the height of an even triangle, or by the whole distance where a row has one hole. */
function bedRows(widthMm: number, heightMm: number, apartMm: number): { readonly wide: number; readonly rowMm: number; readonly rows: number } {
  const wide = Math.floor(widthMm / apartMm) + 1;
  const rowMm = wide > 1 ? apartMm * Math.sqrt(0.75) : apartMm;
  return { wide, rowMm, rows: Math.floor(heightMm / rowMm) + 1 };
}

/**
 * Places of a staggered bed of holes over a rectangle, in mm from its upper left corner: every second row
 * has one hole less, between those of the rows beside it; all of it in the middle of the place.
 */
export function holeBed(widthMm: number, heightMm: number, apartMm: number): readonly (readonly [x: number, y: number])[] {
  const { wide, rowMm, rows } = bedRows(widthMm, heightMm, apartMm);
  const [x0, y0] = [(widthMm - (wide - 1) * apartMm) / 2, (heightMm - (rows - 1) * rowMm) / 2];
  return Array.from({ length: rows }, (_r, j) => {
    const short = j % 2 === 1 && wide > 1;
    return Array.from({ length: short ? wide - 1 : wide }, (_h, i) => [x0 + (i + (short ? 0.5 : 0)) * apartMm, y0 + j * rowMm] as const);
  }).flat();
}

/** Holes over an area in a staggered bed. */
export const staggeredHoles = formula({
  name: 'staggered-holes',
  title: 'Holes, staggered',
  words: 'rows as far apart as the holes are by the height of an even triangle; in each, as many as the width takes and one more, in every second row one less',
  inputs: {
    widthMm: { kind: 'length', label: 'width', min: 1, max: 1e5, usual: 180 },
    heightMm: { kind: 'length', label: 'height', min: 1, max: 1e5, usual: 120 },
    apartMm: { kind: 'depth', label: 'holes apart', min: 5, max: 500, usual: 30 },
  },
  output: 'count',
  source: 'practice',
  compute: ({ widthMm, heightMm, apartMm }) => {
    const { wide, rows } = bedRows(widthMm, heightMm, apartMm);
    return rows * wide - (wide > 1 ? Math.floor(rows / 2) : 0);
  },
});

/** Depth of a hole that stops short of the far face, bored from the bottom of a pocket, in mm; nothing where too little is left behind it. */
export const shortHole = formula({
  name: 'short-hole',
  title: 'Depth of a hole',
  words: 'the thickness less the depth of the pocket that it is bored from, less what it stops short by',
  inputs: {
    thicknessMm: { kind: 'depth', label: 'thickness', min: 1, max: 2000, usual: 60 },
    pocketMm: { kind: 'depth', label: 'depth of the pocket', min: 0, max: 2000, usual: 20 },
    shortMm: { kind: 'depth', label: 'short of the far face', min: 0, max: 200, usual: 10 },
  },
  output: 'depth',
  source: 'practice',
  compute: ({ thicknessMm, pocketMm, shortMm }) => Math.max(0, thicknessMm - pocketMm - shortMm),
});

/** Wood that a bed of holes soaks, in mL: what lies behind a pocket and around it. */
export const soakedWood = formula({
  name: 'soaked-wood',
  title: 'Wood soaked',
  words: 'the face with the rim around it times the thickness of the piece, less the pocket itself',
  inputs: {
    rimmedMm2: { kind: 'area', label: 'face with its rim', min: 0, max: 1e9, usual: 20_000 },
    thicknessMm: { kind: 'depth', label: 'thickness', min: 1, max: 2000, usual: 60 },
    faceMm2: { kind: 'area', label: 'face of the pocket', min: 0, max: 1e9, usual: 10_000 },
    pocketMm: { kind: 'depth', label: 'depth of the pocket', min: 0, max: 2000, usual: 20 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ rimmedMm2, thicknessMm, faceMm2, pocketMm }) => Math.max(0, rimmedMm2 * thicknessMm - faceMm2 * pocketMm) / 1000,
});

/** Faces of a pocket or of a hole: its sides, and its bottom where it has one, in mm². */
export const pocketFaces = formula({
  name: 'pocket-faces',
  title: 'Faces inside',
  words: 'twice the width and height together times the depth, and the bottom',
  inputs: {
    widthMm: { kind: 'length', also: ['crackWidth', 'depth'], label: 'width', min: 0.01, max: 1e5, usual: 120 },
    heightMm: { kind: 'length', also: ['crackWidth', 'depth'], label: 'height', min: 0.01, max: 1e5, usual: 90 },
    depthMm: { kind: 'depth', label: 'depth', min: 0, max: 2000, usual: 40 },
    bottomMm2: { kind: 'area', label: 'bottom', min: 0, max: 1e9, usual: 10_800 },
  },
  output: 'area',
  source: 'geometry',
  compute: ({ widthMm, heightMm, depthMm, bottomMm2 }) => 2 * (widthMm + heightMm) * depthMm + bottomMm2,
});

/** Length of a scarf, in mm. */
export const scarfLength = formula({
  name: 'scarf-length',
  title: 'Length of the scarf',
  words: 'thickness times the slope',
  inputs: {
    thicknessMm: { kind: 'depth', label: 'thickness', min: 1, max: 1000, usual: 60 },
    slope: { kind: 'ratio', label: 'length to one of thickness', min: 1, max: 20, usual: 8 },
  },
  output: 'length',
  source: 'practice',
  compute: ({ thicknessMm, slope }) => thicknessMm * slope,
});

const pocket = {
  widthMm: { kind: 'length', also: ['crackWidth', 'depth'], label: 'width', min: 0.01, max: 1e5, usual: 120 },
  heightMm: { kind: 'length', also: ['crackWidth', 'depth'], label: 'height', min: 0.01, max: 1e5, usual: 90 },
  areaMm2: { kind: 'area', label: 'face as found', min: 0, max: 1e9, usual: 10_800 },
  paredMm: { kind: 'depth', label: 'pared off all around', min: 0, max: 50, usual: 3 },
} as const;

/** Face of a pocket once its walls are pared back to wood that holds, in mm². */
export const paredFace = formula({
  name: 'pared-face',
  title: 'Face as prepared',
  words: 'the face as found, and a strip along its four sides as wide as what is pared off',
  inputs: pocket,
  output: 'area',
  source: 'geometry',
  compute: ({ widthMm, heightMm, areaMm2, paredMm }) => areaMm2 + 2 * (widthMm + heightMm) * paredMm + 4 * paredMm ** 2,
});

/** Volume of a pocket once its walls and its bottom are pared back, in mL. */
export const paredVolume = formula({
  name: 'pared-volume',
  title: 'Void as prepared',
  words: 'the void as found, what is pared off its walls over the depth, and off its bottom with them',
  inputs: {
    ...pocket,
    volumeMl: { kind: 'volume', label: 'void as found', min: 0, max: 1e8, usual: 430 },
    depthMm: { kind: 'depth', label: 'depth as found', min: 0, max: 2000, usual: 40 },
    bottomMm: { kind: 'depth', label: 'pared off the bottom', min: 0, max: 50, usual: 3 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ widthMm, heightMm, areaMm2, paredMm, volumeMl, depthMm, bottomMm }) => {
    const strip = 2 * (widthMm + heightMm) * paredMm + 4 * paredMm ** 2;
    return volumeMl + (strip * depthMm + (areaMm2 + strip) * bottomMm) / 1000;
  },
});

/** What can be pared off the bottom of a pocket, in mm: never through the piece. */
export const paredBottom = formula({
  name: 'pared-bottom',
  title: 'Pared off the bottom',
  words: 'as much as off the walls, or what is left of the piece behind, whichever is less',
  inputs: {
    paredMm: pocket.paredMm,
    depthMm: { kind: 'depth', label: 'depth as found', min: 0, max: 2000, usual: 40 },
    sectionMm: { kind: 'depth', label: 'thickness of the piece', min: 0, max: 2000, usual: 70 },
  },
  output: 'depth',
  source: 'geometry',
  compute: ({ paredMm, depthMm, sectionMm }) => Math.max(0, Math.min(paredMm, sectionMm - depthMm)),
});

/** Deepest that is left to fill where the back is closed below the face, in mm. */
export const fillDepth = formula({
  name: 'fill-depth',
  title: 'Depth to fill',
  words: 'what is kept free below the face, or the depth that was found, whichever is less',
  inputs: {
    foundMm: { kind: 'depth', label: 'depth found', min: 0, max: 2000, usual: 60 },
    backMm: { kind: 'depth', label: 'back closed below the face', min: 1, max: 500, usual: 12 },
  },
  output: 'depth',
  source: 'practice',
  compute: ({ foundMm, backMm }) => Math.min(foundMm, backMm),
});

/** Layers that each stay within the thickest, deepest first. */
export const layersOf = formula({
  name: 'layers-of',
  title: 'Layers',
  words: 'the depth over the thickest layer, upward to whole ones',
  inputs: {
    depthMm: { kind: 'depth', label: 'depth', min: 0, max: 2000, usual: 40 },
    thickestMm: { kind: 'depth', label: 'thickest layer', min: 0.1, max: 500, usual: 25 },
  },
  output: 'count',
  source: 'practice',
  compute: ({ depthMm, thickestMm }) => Math.max(1, wholeAbove(depthMm / thickestMm)),
});
