import type { Figure } from '../../quantity/figure.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';

/** Cleaning the face beside a crack. */
export const brushFace = (each: Figure, length: Figure): Said => ({
  builder: 'brush-face',
  title: say`Brush the face clean, ${each} on each side`,
  detail: say`${length} of it; paint, salts and what crumbles come off down to bare concrete; vacuumed, not blown`,
  look: say`Bare and gray all along; the crack is seen as a line, no paint over it.`,
  done: 'Face bare',
  tools: ['wire brush', 'scraper', 'vacuum'],
});

/** Drying the face so that the seal holds. */
export const dryFace = (wait: Figure): Said => ({
  builder: 'dry-face',
  title: say`Let the face dry, ${wait}`,
  detail: say`warm air kept moving, no flame; where water still comes, plug or relieve it first: the seal holds on a dry face only`,
  look: say`Pale all along; a dry tissue pressed on it stays dry.`,
  done: 'Face dry',
  tools: ['warm-air blower', 'tissue'],
});

/** Setting ports on the face. */
export const setPorts = (ports: Figure, spacing: Figure, because: Saying, slab: boolean): Said => ({
  builder: 'set-ports',
  title: say`Set ${ports} ports, ${spacing} apart`,
  detail: say`${because}; ${slab ? 'one at each end' : 'the lowest just above the floor, one at the top end'} and one at every crossing; each opening free over the crack, a pin through it while the paste goes round`,
  look: say`A wire goes through every port into the crack.`,
  done: 'Ports set',
  tools: ['ports', 'epoxy paste', 'pins', 'chalk'],
});

/** What becomes of the other face of a crack. */
const otherFace = {
  reached: 'the other face as well, where it can be reached',
  grade: 'where the crack runs above grade, the outside too',
  below: 'the underside too, before the face: what is pumped in runs out there first',
  base: 'nothing closes it below: some runs off into the base',
} as const;

/** Sealing the crack between the ports. */
export const sealCrack = (paste: Figure, bed: Figure, strip: Figure, other: keyof typeof otherFace, coldest: Figure): Said => ({
  builder: 'seal-crack',
  title: say`Seal the crack with ${paste} of paste`,
  detail: say`${bed} thick and ${strip} wide, over the port bases too; on a face of ${coldest} or warmer; mixed until it is of one color; ${otherFace[other]}`,
  look: say`No pinhole, no thin edge; the crack is nowhere seen.`,
  done: 'Sealed',
  tools: ['epoxy paste', 'knife', 'board'],
});

/** The seal has to hold before any pressure. */
export const sealHard = (wait: Figure, slabC: Figure): Said => ({
  builder: 'seal-hard',
  title: say`Let the seal harden, ${wait}`,
  detail: say`at ${slabC}; no pressure before; knife and board wiped at its start, before the paste on them sets`,
  look: say`A nail leaves no mark in it.`,
  done: 'Seal hard',
  cleans: true,
  tools: [],
});

/** Drilling holes for packers across the crack. */
export const drillPackers = (
  holes: Figure,
  across: Figure,
  long: Figure,
  beside: Figure,
  spacing: Figure,
  { wet, slab }: { readonly wet: boolean; readonly slab: boolean },
): Said => ({
  builder: 'drill-packers',
  title: say`Drill ${holes} holes of ${across}, ${long} long`,
  detail: say`${beside} beside the crack, slanting to meet it in the middle of the ${slab ? 'slab' : 'wall'}; ${spacing} apart, on alternate sides; bars and services located first; ${wet ? 'flushed out' : 'drawn out dry with a thin nozzle, never flushed'}; packers set and tightened`,
  look: wet ? say`Water pressed in at one comes out of the crack, not beside it.` : say`Clean air pressed in at one is felt at the crack, not beside it.`,
  done: 'Holes meet the crack',
  tools: ['hammer drill with vacuum', 'packers', wet ? 'water' : 'hand bellows'],
});

/** How one goes along a crack, and whether its face is sealed. */
interface Way {
  readonly sealed: boolean;
  readonly slab: boolean;
}

const along = (slab: boolean) => (slab ? 'from its lower end to the other' : 'from the lowest port up');

/** Flushing with water. */
export const flushCrack = (lowest: Figure, { sealed, slab }: Way): Said => ({
  builder: 'flush-crack',
  title: say`Flush with water ${along(slab)}, at ${lowest}`,
  detail: say`until it comes clear at the next; it wets what the foam needs wet and shows which ports are joined; caught below`,
  look: say`Clear water at every ${sealed ? 'port; none through the seal' : 'packer, and along the crack between them'}.`,
  done: 'Runs clear',
  tools: ['hand pump', 'pail'],
});

/** Injecting from the lowest port. */
/** @param share of one port, and twice of it */
export const inject = (
  resin: Figure,
  start: Figure,
  most: Figure,
  hold: Figure,
  kind: 'resin' | 'foam',
  { sealed, slab, share, twice }: Way & { readonly share: Figure; readonly twice: Figure },
): Said => ({
  builder: 'inject',
  title: say`Inject ${resin}, ${along(slab)}`,
  detail: say`about ${share} at each; begin at ${start}, never above ${most}; when it shows at the next port cap and move ${slab ? 'on' : 'up'}${hold.value > 0 ? say`; at refusal hold ${hold}, then go back and top up` : ''}; ${sealed ? say`a leak through the seal is a thin bed: seal it, wait, go on; where one port has taken ${twice} and nothing shows at the next, stop: a void lies behind` : 'where much runs out at the face: stop, let it swell under a wet rag, go on at less pressure'}`,
  look: kind === 'foam' ? say`Foam at every port, no more water at the face.` : say`Resin at every port, the gauge stands still when it is held.`,
  done: 'Injected',
  // foam stands open at the face, is soft there, and carries nothing
  gives: kind === 'resin' ? ['closed', 'carries', 'watertight'] : ['watertight'],
  tools: ['pump with a gauge', 'caps', sealed ? 'spare paste' : 'wet rags'],
});

/** Ports off. */
export const portsOff = (wait: Figure): Said => ({
  builder: 'ports-off-wait',
  title: say`Let it cure, ${wait}`,
  detail: say`caps stay on; the retained sample of each batch lies beside it, with its time; hoses run empty and flushed at its start`,
  look: say`The retained sample is hard and cold.`,
  done: 'Sample hard and cold',
  cleans: true,
  tools: [],
});

/** Taking ports and seal off. */
export const scrapeOff = (length: Figure): Said => ({
  builder: 'scrape-off',
  title: say`Take ports and seal off, ${length}`,
  detail: say`warm the paste and scrape it, or grind it with shroud and vacuum; holes patched with mortar pressed in and struck flush`,
  look: say`Flat to the straightedge; the filled crack is a thin line.`,
  done: 'Ports and seal off',
  tools: ['scraper', 'grinder with shroud', 'vacuum'],
});

/** Pulling packers and plugging their holes. */
export const pullPackers = (packers: Figure, across: Figure, deep: Figure): Said => ({
  builder: 'pull-packers',
  title: say`Pull ${packers} packers, plug their holes`,
  detail: say`what has hardened in each hole of ${across} is cut back ${deep}; brushed out, wetted, quick mortar pressed in and struck flush; what foamed out of the crack is shaved off`,
  look: say`No hole open, none stands proud; a straightedge slides over.`,
  done: 'Packers out, holes plugged',
  gives: ['access'],
  tools: ['drill', 'scraper', 'vacuum'],
});

/** Foam at a face that is painted: it yellows and swells, and no paint holds on it. */
export const cutFoamBack = (length: Figure, deep: Figure): Said => ({
  builder: 'cut-foam-back',
  title: say`Cut the foam back ${deep} along the crack, ${length}`,
  detail: say`with a narrow blade or hook, no wider than the crack runs; brushed out, wetted, quick mortar pressed in to the bottom and struck flush: foam under paint yellows and lifts it`,
  look: say`No foam to be seen; the line is hard under the thumb and flush.`,
  done: 'Cut back and filled',
  tools: ['hooked knife', 'brush', 'margin trowel', 'vacuum'],
});

/** Looking after water. */
export const lookForWater = (days: Figure): Said => ({
  builder: 'look-for-water',
  title: say`Look for water after ${days}, and after the next rain`,
  detail: say`a dry tissue along the line; where it leaks again, inject again at that place`,
  look: say`The tissue stays dry.`,
  done: 'Stayed dry',
  tools: ['tissue', 'lamp'],
});

/** Stopping running water with fast cement. */
export const cutSlot = (slot: Figure, length: Figure): Said => ({
  builder: 'cut-slot',
  title: say`Cut a slot ${slot} wide and deep, ${length} long`,
  detail: say`square or wider at its bottom, never a vee: it would be pushed out; rinsed clean`,
  look: say`Sides upright, corners sharp, no loose grain.`,
  done: 'Slot cut',
  tools: ['chisel or wheel', 'water', 'goggles'],
});

/** Pressing the plug in. */
export const pressPlug = (handfuls: Figure, within: Figure, hold: Figure, powder: Figure): Said => ({
  builder: 'press-plug',
  title: say`Plug it: ${handfuls} handfuls, ${powder} of powder`,
  detail: say`each mixed with clean water and in within ${within}, held with the flat hand for ${hold}; from the top down, the strongest flow last, through a relief tube that is plugged at the end; hand and pail rinsed after each`,
  look: say`Hard under the thumbnail, and no wet seam around it.`,
  done: 'Plug holds',
  cleans: true,
  gives: ['closed'],
  tools: ['pail', 'glove', 'relief tube'],
});

/** Shaving the plug flush. */
export const shavePlug = (firm: Figure): Said => ({
  builder: 'shave-plug',
  title: say`Shave it flush after ${firm}`,
  detail: say`with the edge of the trowel, while it still cuts; the face is sealed over later`,
  look: say`Flush, and dry to the tissue.`,
  done: 'Flush and dry',
  tools: ['trowel'],
});
