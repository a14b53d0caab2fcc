import type { Remark } from './patchSystem.ts';

/** Remarks that several systems make alike, each on the answers of one matter. */

export const gypsumInDamp = {
  damp: { grade: 'out', why: 'gypsum softens where it stays damp', source: 'practice', change: 'stop the water, then dry it' },
  running: { grade: 'out', why: 'gypsum softens in water', source: 'practice', change: 'stop the water, then dry it' },
} as const satisfies Readonly<Record<string, Remark>>;

export const insideOnly = {
  outside: { grade: 'out', why: 'it softens in weather', source: 'practice' },
  'outside-salt': { grade: 'out', why: 'it softens in weather', source: 'practice' },
} as const satisfies Readonly<Record<string, Remark>>;

export const notRated = {
  yes: { grade: 'out', why: 'not in a rated wall: the same board, framed, fastened and taped', source: 'practice', change: 'close it with the same board' },
  unknown: { grade: 'care', why: 'only if the wall is not rated', source: 'practice', change: 'find out whether it is rated' },
} as const satisfies Readonly<Record<string, Remark>>;

export const noRunningWater = {
  running: { grade: 'out', why: 'running water washes it out', source: 'practice', change: 'stop the water first' },
} as const satisfies Readonly<Record<string, Remark>>;

export const noWaterThrough = {
  running: { grade: 'out', why: 'water comes through', source: 'practice', change: 'stop the water first' },
} as const satisfies Readonly<Record<string, Remark>>;

export const rigid = {
  moving: { grade: 'out', why: 'rigid, it cracks beside', source: 'practice', change: 'treat it as a joint' },
  unknown: { grade: 'care', why: 'if it moves, it cracks beside', source: 'practice', change: 'gauge it through a season' },
} as const satisfies Readonly<Record<string, Remark>>;

export const soundLath = {
  rusted: { grade: 'out', why: 'the lath has rusted', source: 'practice', change: 'renew the lath first' },
  missing: { grade: 'out', why: 'there is no lath', source: 'practice', change: 'put up lath first' },
  loose: { grade: 'out', why: 'the lath is loose', source: 'practice', change: 'fasten the lath first' },
} as const satisfies Readonly<Record<string, Remark>>;

export const spotInLight = {
  raking: { grade: 'care', why: 'a spot shows in raking light', source: 'practice', change: 'skim the whole face' },
} as const satisfies Readonly<Record<string, Remark>>;

export const fillerOverMovement = {
  moving: { grade: 'out', why: 'it cracks again', source: 'practice', change: 'hold what moves, or tape over it' },
  unknown: { grade: 'care', why: 'if it moves, it cracks again', source: 'practice' },
} as const satisfies Readonly<Record<string, Remark>>;

export const dryByUse = {
  splashed: { grade: 'care', why: 'only where tile or paint keeps the water off', source: 'practice' },
  'under-water': { grade: 'out', why: 'it softens under water', source: 'practice' },
} as const satisfies Readonly<Record<string, Remark>>;

export const soundBoard = {
  soft: { grade: 'out', why: 'it does not hold on softened board', source: 'practice', change: 'cut out what is soft' },
} as const satisfies Readonly<Record<string, Remark>>;

export const carriesNoLoad = {
  yes: { grade: 'out', why: 'it carries no load', source: 'practice', change: 'a repair under load is for the engineer' },
  unknown: { grade: 'care', why: 'only if it carries no load', source: 'practice', change: 'find out whether it carries load' },
} as const satisfies Readonly<Record<string, Remark>>;

/** New wood in a piece that carries: somebody licensed draws it, and it is propped. */
export const carriesAsDrawn = {
  yes: { grade: 'care', why: 'only as an engineer has drawn it, and propped before anything is cut', source: 'practice' },
  unknown: { grade: 'care', why: 'only if it carries no load, or as an engineer has drawn it', source: 'practice', change: 'find out whether it carries load' },
} as const satisfies Readonly<Record<string, Remark>>;

export const waterClosed = {
  open: { grade: 'out', why: 'water still gets in: it fails from behind', source: 'practice', change: 'stop the water first' },
} as const satisfies Readonly<Record<string, Remark>>;

export const opaqueFinish = {
  clear: { grade: 'out', why: 'it shows under a clear finish', source: 'practice', change: 'an insert of wood, or a tinted pour' },
  stain: { grade: 'out', why: 'it takes no stain', source: 'practice', change: 'an insert of wood' },
} as const satisfies Readonly<Record<string, Remark>>;

export const gelcoatOnly = {
  acrylic: { grade: 'out', why: 'made for gelcoat; on plastic it lets go', source: 'practice' },
  plastic: { grade: 'out', why: 'made for gelcoat; on plastic it lets go', source: 'practice' },
  enamel: { grade: 'out', why: 'enameled metal takes a touch-up filler', source: 'practice' },
  unknown: { grade: 'care', why: 'treat it as plastic until it is known', source: 'practice', change: 'find out what the shell is' },
} as const satisfies Readonly<Record<string, Remark>>;

export const noOil = {
  oil: { grade: 'out', why: 'cement does not bond where oil has soaked in', source: 'practice', change: 'cut back beyond the oil, or take a resin' },
  both: { grade: 'out', why: 'cement does not bond where oil has soaked in', source: 'practice', change: 'cut back beyond the oil, or take a resin' },
} as const satisfies Readonly<Record<string, Remark>>;

export const soundBody = {
  crumbling: { grade: 'out', why: 'it hangs on what crumbles', source: 'practice', change: 'consolidate or take it down' },
} as const satisfies Readonly<Record<string, Remark>>;

/** Tape and compound belong between boards, not where board meets something else. */
export const tapedJoint = {
  trim: { grade: 'out', why: 'board and trim move apart: compound cracks along it again', source: 'practice', change: 'a bead of caulk' },
} as const satisfies Readonly<Record<string, Remark>>;

const outsideCorner = (why: string): Remark => ({ grade: 'out', why, source: 'practice', change: 'a new bead in compound' });
const flatJoint = (why: string): Remark => ({ grade: 'out', why, source: 'practice', change: 'tape it anew' });

const acrossFace = flatJoint('a bead across a face shows, and carries nothing: paper has to cross the joint');

/** A bead of caulk belongs where two things meet. */
export const caulkedJoint = {
  face: { grade: 'care', why: 'across a face it stays soft and shows: it is for where two things meet', source: 'practice', change: 'open, fill and tape it' },
  tapered: acrossFace,
  butt: acrossFace,
  outside: outsideCorner('an edge that is knocked needs a corner bead'),
} as const satisfies Readonly<Record<string, Remark>>;

const noCorner = flatJoint('there is no corner to free');

/** Freeing one face helps where two planes meet inwards. */
export const floatingJoint = {
  tapered: noCorner,
  butt: noCorner,
  outside: outsideCorner('an outside corner is held by its bead'),
  trim: { grade: 'out', why: 'there the trim is what is freed: fixed to one side only', source: 'practice', change: 'a bead of caulk' },
} as const satisfies Readonly<Record<string, Remark>>;

/** Compound over a nail that came out. */
export const nailComesAgain = {
  nail: { grade: 'care', why: 'a nail that came out comes out again under it', source: 'practice', change: 'a screw beside each first' },
} as const satisfies Readonly<Record<string, Remark>>;

/** Compound over the heads of a board that gives. */
export const boardGives = {
  yes: { grade: 'out', why: 'the board gives: its heads stand out again under any filler', source: 'practice', change: 'screw it tight beside each first' },
} as const satisfies Readonly<Record<string, Remark>>;
