import { formula } from '../quantity/formula.ts';
import { wholeAbove } from '../quantity/round.ts';

const side = (label: string, usual: number) => ({ kind: 'length', also: ['depth'], label, min: 20, max: 20_000, usual }) as const;

/** Tape around a board patch, in mm: each side and the lap at each corner. */
export const tapeLength = formula({
  name: 'tape-length',
  title: 'Tape around the patch',
  words: 'the four sides, with the lap at each corner',
  inputs: {
    widthMm: side('width of the patch', 400),
    heightMm: side('height of the patch', 400),
    lapMm: { kind: 'depth', label: 'lap at a corner', min: 0, max: 150, usual: 25 },
  },
  output: 'length',
  source: 'geometry',
  compute: ({ widthMm, heightMm, lapMm }) => 2 * (widthMm + heightMm) + 4 * lapMm,
});

/** Dabs of adhesive behind a board: rows and columns no farther apart than the spacing, the outer ones near the edge. */
export const dabCount = formula({
  name: 'dab-count',
  title: 'Dabs of adhesive',
  words: 'along each way, the size less the distance kept from both edges over the spacing, upward to whole ones and one more; one times the other',
  inputs: {
    widthMm: side('width of the board', 600),
    heightMm: side('height of the board', 900),
    spacingMm: { kind: 'depth', label: 'largest spacing', min: 50, max: 600, usual: 300 },
    edgeMm: { kind: 'depth', label: 'distance from the edge', min: 0, max: 200, usual: 50 },
  },
  output: 'count',
  source: 'practice',
  compute: ({ widthMm, heightMm, spacingMm, edgeMm }) =>
    [widthMm, heightMm].reduce((count, mm) => count * (wholeAbove(Math.max(0, mm - 2 * edgeMm) / spacingMm) + 1), 1),
});

/** Adhesive in dabs, in mL: each a flat round cake once the board is pressed on. */
export const dabVolume = formula({
  name: 'dab-volume',
  title: 'Adhesive for the dabs',
  words: 'dabs times the round area of each when pressed, times its thickness',
  inputs: {
    dabs: { kind: 'count', label: 'dabs', min: 1, max: 10_000, usual: 12 },
    acrossMm: { kind: 'depth', label: 'across a dab when pressed', min: 20, max: 300, usual: 100 },
    thickMm: { kind: 'depth', label: 'thickness when pressed', min: 2, max: 50, usual: 10 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ dabs, acrossMm, thickMm }) => (dabs * Math.PI * acrossMm ** 2 * thickMm) / 4 / 1000,
});

/** Length of a wood or metal backer behind an opening, in mm. */
export const backerLength = formula({
  name: 'backer-length',
  title: 'Backer behind the opening',
  words: 'the opening, and what bears on the board at each end',
  inputs: {
    openingMm: { kind: 'length', also: ['depth'], label: 'opening', min: 20, max: 20_000, usual: 250 },
    bearingMm: { kind: 'depth', label: 'bearing at each end', min: 50, max: 200, usual: 75 },
  },
  output: 'length',
  source: 'practice',
  compute: ({ openingMm, bearingMm }) => openingMm + 2 * bearingMm,
});

/** Clear length between two members, in mm: what closes an opening between them is no longer. */
export const betweenMembers = formula({
  name: 'between-members',
  title: 'Between two members',
  words: 'their distance from middle to middle, less the edge of one',
  inputs: {
    spacingMm: { kind: 'length', label: 'members apart', min: 100, max: 2000, usual: 406 },
    memberMm: { kind: 'depth', label: 'across the edge of a member', min: 20, max: 90, usual: 38 },
  },
  output: 'length',
  source: 'geometry',
  compute: ({ spacingMm, memberMm }) => spacingMm - memberMm,
});

/** Cleats that close the open edges of an opening, one to a bay of the framing. */
export const cleatCount = formula({
  name: 'cleat-count',
  title: 'Cleats',
  words: 'the edges between members, once for each bay that the opening spans',
  inputs: {
    edges: { kind: 'count', label: 'edges', min: 1, max: 4, usual: 2 },
    widthMm: { kind: 'length', also: ['depth'], label: 'width of the opening', min: 50, max: 20_000, usual: 812 },
    spacingMm: { kind: 'length', label: 'members apart', min: 100, max: 2000, usual: 406 },
  },
  output: 'count',
  source: 'geometry',
  compute: ({ edges, widthMm, spacingMm }) => edges * Math.max(1, Math.round(widthMm / spacingMm)),
});

/** Screws along every cleat or backer. */
export const screwsOnBackers = formula({
  name: 'screws-on-backers',
  title: 'Screws on all of them',
  words: 'the screws along one piece, on each of them',
  inputs: {
    along: { kind: 'count', label: 'along one', min: 1, max: 1000, usual: 3 },
    pieces: { kind: 'count', label: 'pieces', min: 1, max: 1000, usual: 2 },
  },
  output: 'count',
  source: 'geometry',
  compute: ({ along, pieces }) => along * pieces,
});

/** Screws of a board on what carries it. */
export const screwsInAll = formula({
  name: 'screws-in-all',
  title: 'Screws',
  words: 'those on the members and those on the cleats',
  inputs: { part: { kind: 'count', label: 'screws', min: 0, max: 100_000, list: true, usual: [6, 6] } },
  output: 'count',
  source: 'geometry',
  compute: ({ part }) => part.reduce((sum, n) => sum + n, 0),
});

/** Compound for a coat along a joint, in mL: a flat wedge that is thickest in the middle. */
export const jointCompound = formula({
  name: 'joint-compound',
  title: 'Compound for one coat',
  words: 'length times half the width of the coat times its thickness in the middle, with the waste',
  inputs: {
    lengthMm: { kind: 'length', label: 'length of the joint', min: 20, max: 1e6, usual: 2400 },
    coatMm: { kind: 'depth', label: 'width of the coat', min: 50, max: 1000, usual: 200 },
    thicknessMm: { kind: 'film', label: 'thickness in the middle', min: 0.1, max: 6, usual: 1 },
    wastePct: { kind: 'percent', label: 'waste', min: 0, max: 80, usual: 10 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ lengthMm, coatMm, thicknessMm, wastePct }) => (lengthMm * coatMm * thicknessMm) / 2 / 1000 / (1 - wastePct / 100),
});

/** How far a coat reaches past what it covers on each side, in mm. */
export const halfOf = formula({
  name: 'half-of',
  title: 'Half of a width',
  words: 'half of it on each side of the middle',
  inputs: { acrossMm: { kind: 'depth', label: 'width', min: 0, max: 1e5, usual: 52 } },
  output: 'depth',
  source: 'geometry',
  compute: ({ acrossMm }) => acrossMm / 2,
});

/** How far what is wider than a place reaches past it on each side, in mm. */
export const halfOver = formula({
  name: 'half-over',
  title: 'Reaches past, each side',
  words: 'half of what the coat is wider than the place',
  inputs: {
    acrossMm: { kind: 'depth', label: 'width of the coat', min: 0, max: 1e5, usual: 300 },
    sizeMm: { kind: 'length', also: ['depth'], label: 'size of the place', min: 0, max: 1e5, usual: 60 },
  },
  output: 'depth',
  source: 'geometry',
  compute: ({ acrossMm, sizeMm }) => Math.max(0, acrossMm - sizeMm) / 2,
});

/** Saw set deeper than the board, in mm. */
export const sawStop = formula({
  name: 'saw-stop',
  title: 'Saw set to',
  words: 'the board, and a little more',
  inputs: {
    boardMm: { kind: 'depth', label: 'thickness of the board', min: 3, max: 60, usual: 12.7 },
    moreMm: { kind: 'depth', label: 'deeper by', min: 0, max: 20, usual: 3 },
  },
  output: 'depth',
  source: 'practice',
  compute: ({ boardMm, moreMm }) => boardMm + moreMm,
});

/** Width of an opening that reaches the middle of a member on both sides, in mm. */
export const openingToFraming = formula({
  name: 'opening-to-framing',
  title: 'Opening to the framing',
  words: 'whole bays: the damage over the spacing, upward to whole ones, times the spacing',
  inputs: {
    damageMm: { kind: 'length', also: ['depth'], label: 'damage', min: 1, max: 20_000, usual: 300 },
    spacingMm: { kind: 'length', label: 'spacing of the framing', min: 100, max: 2000, usual: 406 },
  },
  output: 'length',
  source: 'practice',
  compute: ({ damageMm, spacingMm }) => wholeAbove(damageMm / spacingMm) * spacingMm,
});

/** Screws along every member that a board crosses, both edges that bear among them. */
export const alongMembers = formula({
  name: 'along-members',
  title: 'Along every member',
  words: 'the screws along one edge, on each member that the board reaches: one a spacing over its width, and one more',
  inputs: {
    count: { kind: 'count', label: 'along one edge', min: 0, max: 100_000, usual: 4 },
    widthMm: { kind: 'length', also: ['depth'], label: 'width of the board', min: 1, max: 1e5, usual: 812 },
    spacingMm: { kind: 'length', label: 'members apart', min: 50, max: 5000, usual: 406 },
  },
  output: 'count',
  source: 'geometry',
  compute: ({ count, widthMm, spacingMm }) => count * Math.max(2, Math.floor(widthMm / spacingMm + 1e-9) + 1),
});
