import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';

/** Cutting timber back to what is sound and dry. */
/** @param wetted whether water may have had to do with it */
export const cutSound = (area: Figure, most: Figure, pared: Figure | undefined, grain: boolean, wetted: boolean): Said => ({
  builder: 'cut-sound',
  title: say`Cut back to sound dry wood, ${area}`,
  detail: say`${grain ? 'a hand hook, not a router, where a rough edge must stay; ' : ''}pried and scraped until it holds${pared ? say`, ${pared} past where the point stopped on all sides` : ''}; the meter beside it reads ${most} or less; ${wetted ? 'the water that wet it is closed off first; ' : ''}surroundings sanded, vacuumed`,
  look: say`A point does not sink in anywhere; no dark fiber, no dust.`,
  done: 'Down to sound wood',
  limits: [{ what: 'moisture of the wood', is: 'most', figure: most }],
  tools: ['chisel or hook', 'moisture meter', 'vacuum'],
});

/** Props under a piece that carries, before anything of it is cut. */
export const propPiece = (props: Figure): Said => ({
  builder: 'prop-piece',
  title: say`Prop it: ${props} props, on both sides of the cut`,
  detail: say`where and on what the engineer has drawn; on a spreader, tightened until the load is off and no more; a pencil line across the joint tells whether anything moves`,
  look: say`Props stand plumb and tight; the pencil line has not moved.`,
  done: 'Propped',
  tools: ['props', 'level', 'pencil'],
  stands: ['props'],
});

/** Props eased when new wood carries. */
export const easeProps = (wait: Figure, watched: Figure): Said => ({
  builder: 'ease-props',
  title: say`Ease the props after ${wait}`,
  detail: say`a turn at a time, all of them alike, and watched; when the engineer’s time is longer, then; taken away when nothing has moved for ${watched}`,
  look: say`The pencil line has not moved; the joint is closed.`,
  done: 'Props away',
  tools: ['pencil', 'lamp'],
  frees: ['props'],
});

/** A bed of holes for a consolidant. */
export const boreHoles = (holes: Figure, across: Figure, apart: Figure, deep: Figure, short: Figure): Said => ({
  builder: 'bore-holes',
  title: say`Bore ${holes} holes of ${across}, ${apart} apart`,
  detail: say`staggered, ${deep} deep from the bottom of the pocket, stopping ${short} short of the far face; slanting down where the face is upright; vacuumed out`,
  look: say`No hole comes through; the vacuum brings no more wet crumbs.`,
  done: 'Holes bored',
  tools: ['drill with a stop', 'vacuum'],
});

/** Soaking soft wood. */
export const soakWood = (
  resin: Figure,
  within: Figure,
  hard: Figure,
  filledFrom: Figure | undefined,
  holes: boolean,
  most?: { readonly runsOut: Figure; readonly gone: Figure },
): Said => ({
  builder: 'soak-wood',
  title: say`Soak it with ${resin} of consolidant`,
  detail: say`stirred slowly, in several small cups; ${holes ? 'brushed on and dripped into the holes, back and both cheeks, again and again' : 'brushed on walls, back and both cheeks, in two to four rounds'} until it takes no more; ${most ? say`past ${most.runsOut} it runs out behind: found and stopped first; wood that takes ${most.gone} is too far gone and is cut out; ` : ''}used within ${within}; what stands in puddles wiped off; ${filledFrom ? say`filler from ${filledFrom} on, while it is tacky; ` : ''}left alone it is hard in ${hard}, and then wants abrading; brushes and bottles wiped out as soon as it drinks no more`,
  look: holes ? say`Stays wet; no hole drinks any more.` : say`Stays wet all over, end grain too.`,
  done: 'Drinks no more',
  cleans: true,
  tools: [...(holes ? ['bottle with a nozzle'] : []), 'brush', 'rags'],
});

/** Something behind a hole that goes through. */
export const backHole = (back: Figure, foam: boolean): Said => ({
  builder: 'back-hole',
  title: foam ? say`Foam behind it, to ${back} below the face` : say`Close the back, ${back} below the face`,
  detail: foam
    ? say`a little, for it swells and bows the board; only a former: it never carries`
    : say`a board with release film, braced; solid filler from it to the face`,
  look: say`Firm and flat; the depth gauge reads the same all over.`,
  done: 'Back closed',
  tools: foam ? ['low-expansion foam', 'knife', 'depth gauge'] : ['board', 'release film', 'brace'],
});

/** Waiting until foam can be cut. */
export const foamCures = (wait: Figure): Said => ({
  builder: 'foam-cures',
  title: say`Let the foam cure, ${wait}`,
  detail: say`nothing pressed against it: what gives now springs back later`,
  look: say`A knife leaves a dry cut that does not stick.`,
  done: 'Foam cuts dry',
  tools: [],
});

/** Cutting foam back to where the filler begins. */
export const cutFoam = (back: Figure): Said => ({
  builder: 'cut-foam',
  title: say`Cut the foam back ${back} below the face`,
  detail: say`square to the sides, crumbs vacuumed out; no foam left on the wood: filler does not hold on it`,
  look: say`Bare wood all round; the depth gauge reads the same all over.`,
  done: 'Foam cut back',
  tools: ['long knife', 'depth gauge', 'vacuum'],
});

/** Priming the walls above a layer that has hardened. */
export const primeWalls = (below: number, primer: Figure, from: Figure, until: Figure): Said => ({
  builder: 'prime-walls',
  title: say`Abrade and prime the walls above layer ${String(below)}: ${primer}`,
  detail: say`dulled with coarse paper, wiped dry, primed thin up to the face; the layer itself is scratched and primed along; filler from ${from} on, no later than ${until}`,
  look: say`Wet and even on every wall; no shine of the old primer is left.`,
  done: 'Walls primed',
  tools: ['brush', 'abrasive paper of that grit', 'rags'],
});

/** Primer of wood before filler, wet or dry by school. */
export const primeWood = (resin: Figure, from: Figure, until: Figure, wet: boolean): Said => ({
  builder: 'prime-wood',
  title: say`Prime the wood with ${resin}; filler from ${from}`,
  detail: wet
    ? say`brushed in thin; the filler into the wet primer, no later than ${until}; missed: abrade and prime again`
    : say`brushed in thin; the filler when it is dry to the touch, no later than ${until}; missed: abrade and prime again`,
  look: wet ? say`Wet and even, no puddle.` : say`A fingertip comes away dry.`,
  done: 'Wood primed',
  tools: ['brush', 'cup'],
});

/** A layer of wood filler. */
export const pressFiller = (
  layer: number,
  layers: Figure,
  filler: Figure,
  thickness: Figure,
  proud: Figure,
  last: boolean,
  mixMin: Figure,
  oil: boolean,
): Said => ({
  builder: 'press-filler',
  title: say`Filler, layer ${String(layer)} of ${layers}: ${filler}`,
  detail: say`worked for ${mixMin} until it is of one color; ${thickness} at the most, deepest places first, pressed in small amounts so that no air stays${last ? say`; ${proud} proud, struck off with a wide knife ${oil ? 'with an oily wipe, washed off before paint' : 'wiped with the release of the sheet'}` : '; left rough'}`,
  look: last ? say`Full to every edge; the knife drags nowhere.` : say`No hollow when tapped with the knife.`,
  done: 'Layer in',
  gives: ['closed'],
  tools: ['board', 'knife', 'release wipe'],
});

/** Washing amine blush off. */
export const washBlush = (area: Figure): Said => ({
  builder: 'wash-blush',
  title: say`Wash the blush off ${area}`,
  detail: say`with water and a pad, before sanding: sanded in, it keeps paint from holding; dried`,
  look: say`Water spreads and does not bead; the face is no longer greasy.`,
  done: 'Blush off',
  tools: ['water', 'pad', 'cloth'],
});

/** What the shape has to do, by what it is part of; common practice. */
const shapes: Readonly<Record<string, string>> = {
  trim: 'held against a card cut to its profile',
  sill: 'a sill gets its fall back, outward, and the drip below it stays open',
  siding: 'the lap stays open below, so that it drains',
  door: 'it opens and shuts without rubbing',
  post: 'its edges run through in one line',
};

/** Shaping and sanding filler. @param member what it is part of */
export const shapeFiller = (proud: Figure, grit: Figure, finer: Figure, grain: boolean, member = ''): Said => ({
  builder: 'shape-filler',
  title: say`Shape it: take ${proud} off, P${grit}, then P${finer}`,
  detail: say`planed or rasped, then sanded with the grain, soft block at the edge so that the wood is not hollowed${shapes[member] === undefined ? '' : `; ${shapes[member]}`}${grain ? '; a grain is pressed or brushed in, else a smooth place shows' : ''}`,
  look: say`A finger drawn across does not find the edge; profile meets the old one.`,
  done: 'Shaped',
  gives: ['level'],
  tools: ['plane or rasp', 'block', 'vacuum'],
});

/** Casting tinted resin. */
/** @param narrow too narrow for what is poured to let the air out @param over how far the last is left above the face */
export const pourTinted = (
  pour: number,
  pours: Figure,
  resin: Figure,
  thickness: Figure,
  tint: Figure | undefined,
  { narrow, over }: { readonly narrow: boolean; readonly over: Figure },
): Said => ({
  builder: 'pour-tinted',
  title: say`Pour ${String(pour)} of ${pours}: ${resin}, ${thickness} deep`,
  detail: tint
    ? say`the tinted top: ${tint} of tint, stirred until no clear streak is seen; more makes it darker, not another color; the wood cooling, so that it draws resin in and gives no bubbles off${narrow ? '; from a blunt needle' : ''}`
    : say`${pour === pours.value ? 'up to the tape' : 'clear behind'}; ${narrow ? 'from a blunt needle held at the bottom and drawn along as it fills: poured from above it shuts air in' : 'poured slowly at one end'}`,
  look:
    pour === pours.value
      ? say`No bubble after a while under the lamp; it stands ${over} above the face, up to the tape, all along.`
      : say`No bubble after a while under the lamp; level all along, deep enough below the face for the tinted top.`,
  done: 'Poured',
  gives: ['closed'],
  tools: ['cup', 'stick', 'tape tight to both edges', ...(narrow ? ['syringe with a blunt needle'] : [])],
});

/** A preview of the clear coat. */
export const wetPreview = (area: Figure): Said => ({
  builder: 'wet-preview',
  title: say`Wet ${area} with water and look`,
  detail: say`it shows what the clear coat will look like; a swatch of the tint beside it, dried, looked at from several sides`,
  look: say`The swatch disappears beside the wet wood.`,
  done: 'Cannot be found wet',
  tools: ['cloth', 'swatch', 'lamp'],
});

/** Cutting a pocket for an insert. */
export const cutPocket = (width: Figure, height: Figure, depth: Figure, past: Figure, through: boolean): Said => ({
  builder: 'cut-pocket',
  title: say`Cut a pocket, ${width} by ${height}, ${depth} deep`,
  detail: say`square, ${past} past what is bad, sides upright, ${through ? 'right through; a board behind, so that the far face does not splinter' : 'bottom flat'}; wood and insert near the moisture they will serve at`,
  look: say`A square stands true in every corner; ${through ? 'all four sides are' : 'the bottom is'} sound and dry.`,
  done: 'Pocket cut',
  tools: ['chisel', 'router with a guide', 'square'],
});

/** Fitting and gluing an insert or a splice. */
export const glueWood = (glue: Figure, open: Figure, over: Figure, what: string): Said => ({
  builder: 'glue-wood',
  title: say`Glue the ${what} in with ${glue}, closed within ${open}`,
  detail: say`tried dry first; grain and rings run as in the old; left ${over} proud; glue by exposure, waterproof outside; every cut end sealed`,
  look: say`A thin bead squeezes out all round; no line opens.`,
  done: 'Glued in',
  gives: ['closed'],
  tools: ['glue', 'brush', 'clamps or braces'],
});

/** Clamped until the glue holds. */
export const clamped = (wait: Figure): Said => ({
  builder: 'clamped',
  title: say`Leave it clamped, ${wait}`,
  detail: say`warm enough for the glue of the sheet; the bead scraped off while it is rubbery`,
  look: say`The bead snaps under the chisel.`,
  done: 'Bead snaps',
  tools: [],
});

/** Cutting a scarf. */
export const cutScarf = (long: Figure, past: Figure, slope: Figure): Said => ({
  builder: 'cut-scarf',
  title: say`Cut a scarf ${long} long`,
  detail: say`${past} of sound wood beyond the decay comes off too; ${slope} long to one of thickness; old and new cut over the same guide; cut faces primed at the back and ends`,
  look: say`Both faces meet without light between; the line runs with the grain.`,
  done: 'Scarf cut',
  tools: ['saw', 'plane', 'guide'],
});

/** A cap over a check. */
export const fitCap = (length: Figure, width: Figure, down: Figure, fix: Figure, lap: Figure): Said => ({
  builder: 'fit-cap',
  title: say`Fit a cap ${length} long, ${width} across`,
  detail: say`of metal or membrane, turned down ${down} with a drip, lapped ${lap} with the fall, fixed on one side only, ${fix} apart: the wood below moves; the underside stays open so that water gets out`,
  look: say`Water poured on runs off past the face; none is held below.`,
  done: 'Cap sheds water',
  // metal or membrane over the face: what it covers needs no paint
  gives: ['painted'],
  tools: ['snips', 'fasteners that do not rust', 'sealing washers'],
});

/** Treating a check that stays open. */
export const treatCheck = (length: Figure, dry: Figure): Said => ({
  builder: 'treat-check',
  title: say`Clean out and treat the check, ${length}`,
  detail: say`nothing rigid goes in: it opens and closes; preservative of the sheet run in, dry in ${dry}`,
  look: say`Clean to the bottom; the treatment has sunk in.`,
  done: 'Clean and treated',
  tools: ['hook', 'vacuum', 'brush'],
});
