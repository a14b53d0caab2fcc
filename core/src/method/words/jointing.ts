import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';

/** Cutting broken edges of a joint back. */
export const cutEdges = (depth: Figure, width: Figure, length: Figure): Said => ({
  builder: 'cut-edges',
  title: say`Cut the edges upright, ${depth} deep, ${width} over both`,
  detail: say`${length} of it; wider places cut out by themselves with straight edges; a slight undercut is welcome, a feathered edge is not; old filler comes out`,
  look: say`Sound concrete at the bottom and both sides; the saw cut below is open.`,
  done: 'Edges cut',
  tools: ['saw with water or shroud', 'light chipping hammer', 'vacuum'],
});

/** Sand in what the old cut goes on below, so that nothing runs into it. */
export const chokeJoint = (sand: Figure, deep: Figure): Said => ({
  builder: 'choke-joint',
  title: say`Choke the old cut below with ${sand} of dry sand`,
  detail: say`${deep} of it, level with the bottom of what was cut out: what rebuilds the edges and runs into the cut bridges it, and the slab cracks beside; it is vacuumed out when the joint has been sawn again`,
  look: say`Sand stands level with the bottom on both sides, none on the walls.`,
  done: 'Cut choked',
  tools: ['sand in a shaker', 'brush'],
});

/** A strip that keeps an isolation joint open. */
export const formStrip = (depth: Figure): Said => ({
  builder: 'form-strip',
  title: say`Stand a compressible strip in the joint, ${depth} deep`,
  detail: say`the edges are rebuilt against it: a blade cannot make an isolation joint again`,
  look: say`The strip stands upright, tight to the bottom, and comes up to the face.`,
  done: 'Strip stands',
  tools: ['compressible strip', 'knife'],
});

/** Filling the cut edges. */
export const rebuildEdges = (volume: Figure, parts: string): Said => ({
  builder: 'rebuild-edges',
  title: say`Rebuild the edges: ${volume}`,
  detail: say`${parts}; the surplus is pushed ahead along the joint into the next bay; struck off, dry sand on top; spills come off before they harden`,
  look: say`Full to the face on both sides, no air hole, dull with sand.`,
  done: 'Edges rebuilt',
  gives: ['edges'],
  tools: ['pail and paddle', 'trowel', 'straightedge'],
});

/** Grinding the rebuilt edges flush. */
export const grindEdges = (length: Figure): Said => ({
  builder: 'grind-edges',
  title: say`Grind flush, ${length}`,
  detail: say`diamond cup with shroud and vacuum, from the old face onto the new`,
  look: say`A straightedge across rocks nowhere; no wheel would catch.`,
  done: 'Ground flush',
  tools: ['grinder with a diamond cup', 'shroud and vacuum', 'straightedge'],
});

/** Sawing through the rebuilt edges. */
export const resaw = (width: Figure, depth: Figure, when: string): Said => ({
  builder: 'resaw',
  title: say`Saw the joint again, ${width} wide, ${depth} deep`,
  detail: say`${when}; through all of the rebuild into the old cut: a shallower one leaves a bridge that breaks again beside; walls ground to bright concrete, dust and sand vacuumed out to the bottom of the old cut`,
  look: say`A feeler goes down into the old cut all along.`,
  done: 'Joint sawn',
  tools: ['saw with water or shroud and vacuum', 'depth stop'],
});

/** Cleaning a joint out. */
export const cleanJoint = (width: Figure, depth: Figure, length: Figure): Said => ({
  builder: 'clean-joint',
  title: say`Clean the joint out, ${width} wide, ${depth} deep`,
  detail: say`${length} of it: old filler and sealant out, both walls ground to bright concrete; vacuumed twice; dry`,
  look: say`Bright walls from the face to the bottom; a tissue drawn along comes out clean.`,
  done: 'Joint clean',
  tools: ['saw or grinder', 'shroud and vacuum', 'hook'],
});

/** Filling the joint itself. */
export const fillJoint = (volume: Figure, depth: Figure, over: Figure, bed: string): Said => ({
  builder: 'fill-joint',
  title: say`Fill the joint with ${volume}, ${depth} deep`,
  detail: say`${bed}; from the bottom up, in two passes where it sinks, left ${over} above the face; one mixer to waste, until the color is even; mixers thrown away as they stand still`,
  look: say`Stands above the face all along, no sinking place, no bubble.`,
  done: 'Joint filled',
  cleans: true,
  gives: ['joint'],
  tools: ['gun', 'mixers', 'tape beside the joint'],
});

/** Shaving the filler. */
export const shaveJoint = (from: Figure, until: Figure): Said => ({
  builder: 'shave-joint',
  title: say`Shave it flush, from ${from} to ${until} after filling`,
  detail: say`a long blade held flat, while it cuts clean; later it tears`,
  look: say`Flush with both edges; the cut face shines and has no pit.`,
  done: 'Shaved flush',
  tools: ['long razor scraper'],
});

/** Routing a crack for a sealant. */
export const routCrack = (width: Figure, depth: Figure, length: Figure): Said => ({
  builder: 'rout-crack',
  title: say`Rout ${width} wide, ${depth} deep`,
  detail: say`${length} of it; both faces ground bright, edges straight; vacuumed twice`,
  look: say`Two clean parallel faces; the crack runs in the middle of the bottom.`,
  done: 'Routed',
  tools: ['crack wheel or router', 'shroud and vacuum'],
});

/** Backing a sealant so that it holds on two faces only. */
export const backSealant = (rod: Figure | undefined, gap: Figure, depth: Figure): Said => ({
  builder: 'back-sealant',
  title: rod ? say`Press in a rod of ${rod}` : say`Lay tape on the bottom, ${gap} wide`,
  detail: rod
    ? say`for a gap of ${gap}: pressed in with a blunt wheel, never stretched, its skin whole; its top ${depth} below the face`
    : say`no rod fits a gap of ${gap}: bond-breaker tape keeps the sealant off the bottom; ${depth} left above it`,
  look: say`The depth gauge reads the same all along; the faces stay bare.`,
  done: 'Backing in',
  tools: rod ? ['backer rod', 'blunt wheel', 'depth gauge'] : ['bond-breaker tape', 'depth gauge'],
});

/** Primer on the faces of a joint. */
export const primeJoint = (dry: Figure, until: Figure): Said => ({
  builder: 'prime-joint',
  title: say`Prime both faces, dry in ${dry}`,
  detail: say`where the sheet names one: thin, none on the bottom; sealed within ${until}, else abraded and primed again`,
  look: say`Even sheen on both faces, no puddle.`,
  done: 'Faces primed',
  tools: ['small brush'],
});

/** Gunning and tooling a sealant. */
export const gunSealant = (volume: Figure, cartridges: Figure, skin: Figure): Said => ({
  builder: 'gun-sealant',
  title: say`Gun in ${volume}, and tool it within ${skin}`,
  detail: say`${cartridges} ${cartridges.value === 1 ? 'cartridge' : 'cartridges'} at hand; nozzle pushed ahead of the bead from the bottom up; tooled once, hollow, dry`,
  look: say`Touches both faces all along; hollow, no skin torn.`,
  done: 'In and tooled',
  gives: ['closed', 'joint'],
  tools: ['gun', 'tooling spoon', 'tape'],
});

/** The cure of a sealant from its face. */
export const sealantCures = (days: Figure, perDay: Figure): Said => ({
  builder: 'sealant-cures',
  title: say`Let it cure through, ${days}`,
  detail: say`${perDay} a day from the face; no traffic, no cleaning`,
  look: say`A cut in the retained bead is rubber to its bottom.`,
  done: 'Rubber to the bottom',
  tools: [],
});

/** Flooding a crack with thin resin. */
export const floodCrack = (resin: Figure, pass: number, passes: Figure, off: Figure): Said => ({
  builder: 'flood-crack',
  title: say`Flood the crack, pass ${String(pass)} of ${passes}: ${resin}`,
  detail: say`mixed a batch at a time and stirred to one color; poured along it and kept as a puddle, worked back over it with a brush until it sinks no more; what is left on the face is brushed off within ${off}`,
  look: say`No more bubbles rise; the crack stays wet and dark.`,
  done: 'Flooded',
  gives: ['closed', 'carries'],
  tools: ['bottle or can', 'broom', 'squeegee'],
});

/** Flooding a net of cracks with thin resin. */
export const floodNet = (resin: Figure, pass: number, passes: Figure, off: Figure): Said => ({
  builder: 'flood-net',
  title: say`Flood the face, pass ${String(pass)} of ${passes}: ${resin}`,
  detail: say`mixed a batch at a time and stirred to one color; poured out in ribbons, spread with a squeegee and broomed to and fro, back over every place that has drunk it; no puddle is left standing longer than ${off}: it is pushed on to dry places`,
  look: say`The whole net stands out wet and dark; no more bubbles rise, nothing shines like glass.`,
  done: 'Flooded',
  gives: ['closed', 'carries'],
  tools: ['pail', 'squeegee', 'soft broom', 'spiked shoes'],
});

/** Closing a slab from below, so that what is flooded does not drip out. */
export const closeBelow = (length: Figure): Said => ({
  builder: 'close-below',
  title: say`Close it from below, ${length}`,
  detail: say`underside brushed dry along the cracks; sealing tape pressed on, or a bead of fast paste where it does not stick; what lies below is covered, and somebody looks there while it is flooded`,
  look: say`Tape holds everywhere when it is pulled at; no gap over a crack.`,
  done: 'Closed below',
  tools: ['sealing tape', 'fast paste', 'knife', 'lamp', 'sheet'],
});

/** Sand on the wet resin. */
export const throwSand = (sand: Figure, within: Figure): Said => ({
  builder: 'throw-sand',
  title: say`Throw ${sand} of dry sand on, within ${within}`,
  detail: say`while it is wet, until it stays light: for grip, and so that a coating holds`,
  look: say`An even light face, no shining patch.`,
  done: 'Sand on',
  tools: ['sand', 'shaker'],
});

/** Sweeping off loose sand. */
export const sweepOff = (area: Figure): Said => ({
  builder: 'sweep-off',
  title: say`Sweep and vacuum off what is loose, ${area}`,
  detail: say`kept dry; used again elsewhere`,
  look: say`Nothing comes off under the hand.`,
  done: 'Swept',
  tools: ['broom', 'vacuum'],
});

/** Looking for what goes through a slab with a net of cracks. */
export const lookBelow: Said = {
  builder: 'look-below',
  title: say`Look at the underside, and close what shows there`,
  detail: say`cracks, stains and crust are followed with a lamp; what goes through is closed with sealing tape or a bead of fast paste; what lies below is covered, and somebody looks there while it is flooded`,
  look: say`Tape holds everywhere when it is pulled at; the sheet below stays dry.`,
  done: 'Underside seen to',
  tools: ['lamp', 'sealing tape', 'fast paste', 'sheet'],
};

/** Cleaning a face with a net of cracks. */
export const cleanNet = (area: Figure): Said => ({
  builder: 'clean-net',
  title: say`Brush and vacuum the face, ${area}`,
  detail: say`tapped first: what sounds hollow is marked and broken out as a spall, not flooded; oil and old sealer come off; not ground: dust closes fine cracks; dry through, a whole day without water`,
  look: say`The cracks show as lines, no skin over them; a drop of the thin resin runs in at once.`,
  done: 'Face clean',
  tools: ['hammer', 'chalk', 'stiff broom', 'vacuum'],
});

/** Cleaning a crack that is too fine to chase. */
export const cleanFineCrack = (length: Figure): Said => ({
  builder: 'clean-fine-crack',
  title: say`Brush and vacuum the crack, ${length}`,
  detail: say`not chased: grinding closes a fine crack with dust; oil and old sealer come off first; dry through, a whole day without water`,
  look: say`The vacuum draws along the line; a drop of the thin resin runs in at once.`,
  done: 'Crack clean',
  tools: ['stiff brush', 'vacuum'],
});
