import type { Figure } from '../../quantity/figure.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';

/** Making a face ready for compound. */
export const dullFace = (past: Figure, gloss: boolean, torn: boolean): Said => ({
  builder: 'dull-face',
  title: say`Trim and dull the face, ${past} past the place`,
  detail: say`burrs and loose paper cut off, none pressed under${torn ? '; torn paper sealed with primer, or it blisters' : ''}${gloss ? '; gloss sanded dull, or compound lets go of it' : ''}; wiped free of dust`,
  look: say`Nothing stands up under the flat of the knife; no shine is left.`,
  done: 'Dull and flat',
  tools: ['knife', 'sanding block', 'damp cloth'],
});

/** Mixing a setting compound for what is placed next, in one batch or several. */
export const mixCompound = (powder: Figure, water: Figure, batches: Figure, working: Figure, named: Figure): Said => ({
  builder: 'mix-compound',
  straightOn: true,
  title: say`Mix ${powder} into ${water} of cool water${batches.value > 1 ? say`, ${batches} times, each when the one before is used up` : ''}`,
  detail: say`clean pail, clean knife: old crumbs set it off; named by ${named}, worked for ${working} of them; never wetted again once it stiffens`,
  look: say`Smooth, falls off the knife slowly; no lump.`,
  done: 'Mixed',
  tools: ['clean pail', 'paddle', 'scale'],
});

/** Filling a place, or a layer of it. */
export const fillPlace = (layer: number, layers: Figure, compound: Figure, thickness: Figure, setting: boolean): Said => ({
  builder: 'fill-place',
  title: say`Fill, layer ${String(layer)} of ${layers}: ${compound}`,
  detail: say`${thickness} at the most, pressed in from one side and drawn flat over the other${layer < layers.value ? '; left rough and below the face' : setting ? '; struck flush, shaved while it firms up' : '; a trace proud, for it shrinks'}`,
  look: say`No bubble, no crack at the edge; the knife rides on the old face.`,
  done: 'Filled',
  gives: ['closed'],
  tools: ['taping knife', 'pan'],
});

/** A coat that is drawn wider. */
export const drawCoat = (coat: number, coats: Figure, across: Figure, knife: Figure, compound: Figure): Said => ({
  builder: 'draw-coat',
  title: say`Coat ${String(coat)} of ${coats}, ${across} across: ${compound}`,
  detail: say`with a knife of ${knife}, one edge at a time and then down the middle; thin: it only fills what the one below left`,
  look: say`A straightedge laid across shows light nowhere but at the outer edge.`,
  done: 'Coat drawn',
  gives: ['closed'],
  sign: 'coat',
  tools: ['taping knife', 'pan'],
});

/** A coat beside a hump, that runs it out. */
export const coatBeside = (coat: number, coats: Figure, across: Figure, compound: Figure, thickness: Figure): Said => ({
  builder: 'coat-beside',
  title: say`Coat ${String(coat)} of ${coats}, out to ${across} across: ${compound}`,
  detail: say`beside the hump and not on it, ${thickness} thick there and run out to nothing, from each side with the widest knife, its far edge pressed to the face`,
  look: say`A straightedge from the top of the hump outward rides on compound all the way; no outer edge is felt.`,
  done: 'Coat drawn',
  gives: ['closed', 'level'],
  sign: 'coat',
  tools: ['taping knife', 'pan', 'straightedge'],
});

/** Set is not dry. */
export const compoundSets = (wait: Figure, next: 'set' | 'tape' = 'set'): Said => ({
  builder: 'compound-sets',
  title: say`Let it set, ${wait}`,
  detail: say`set by itself, warm or cold alike; pan and knife scraped bright meanwhile; ${next === 'tape' ? 'hard is enough under tape' : 'hard is enough for more of the same'}; dry it is not: primer waits for that`,
  look: say`Hard to the thumbnail.`,
  done: 'Hard to the thumbnail',
  cleans: true,
  tools: [],
});

/** Waiting until compound is dry through. */
export const compoundDries = (wait: Figure, air: Figure, humidity: Figure, moved: string): Said => ({
  builder: 'compound-dries',
  title: say`Let it dry through, ${wait}`,
  detail: say`at ${air} and ${humidity} humidity ${moved}; warmth shortens it, a damp wall does not keep to it; pan and knife scraped bright meanwhile`,
  look: say`Even pale color to the middle; a fingertip finds no cool spot.`,
  done: 'Dry through',
  cleans: true,
  tools: [],
});

/** A fan while compound dries. */
export const setFan = (): Said => ({
  builder: 'set-fan',
  title: say`Set a fan past the face`,
  detail: say`from two steps away, along the wall and not at it, on its lowest; off while a coat is wet enough to take dust, on again when its shine is gone; it stays until the last coat is dry`,
  look: say`A strip of tissue hung at the face just stirs.`,
  done: 'Fan on',
  plain: 'by the tissue, whatever the size',
  tools: ['fan'],
  stands: ['fan'],
});

/** Knocking down what stands up between coats. */
export const knockDown = (edges: Figure): Said => ({
  builder: 'knock-down',
  title: say`Knock ridges off with the knife, over ${edges}`,
  detail: say`held flat, dry; not sanded between: the next coat fills it; crumbs out of the pan`,
  look: say`The knife slides over without a click.`,
  done: 'No ridge left',
  tools: ['taping knife'],
});

/** Driving a new screw beside a pop. */
export const resetFastener = (count: Figure, beside: Figure, screw: Saying, dimple: Figure): Said => ({
  builder: 'reset-fastener',
  title: say`${count} new screws, ${beside} beside each pop`,
  detail: say`board pressed tight to the frame; screws ${screw}, each into the member that its fastener missed or shook loose from; head ${dimple} below without breaking the paper; then the old nail driven or drawn, loose compound scraped off`,
  look: say`The board does not give when pressed; the paper round every head is whole.`,
  done: 'Screws hold',
  tools: ['screw gun', 'hammer', 'scraper'],
});

/** Making a plug with a flange of paper. */
export const cutPlug = (coreW: Figure, coreH: Figure, blankW: Figure, blankH: Figure, flange: Figure): Said => ({
  builder: 'cut-plug',
  title: say`Cut the plug: board of ${blankW} by ${blankH}`,
  detail: say`made before the wall is opened: core of ${coreW} by ${coreH} cut from the back and snapped, ${flange} of it peeled off the paper all round; which way is up marked on wall and plug`,
  look: say`Paper whole to its edge, no gypsum left on it.`,
  done: 'Plug cut',
  tools: ['knife', 'straightedge'],
});

/** Cutting an opening square. */
export const cutOpening = (width: Figure, height: Figure, stop: Figure, why: Saying): Said => ({
  builder: 'cut-opening',
  title: say`Cut the opening, ${width} by ${height}`,
  detail: say`${why}; saw set to ${stop}, to spare what runs behind; paper burrs cut off`,
  look: say`Edges upright, the piece goes in without force.`,
  done: 'Opening cut',
  tools: ['board saw with a stop', 'level', 'knife'],
});

/** Setting a plug. */
export const setPlug = (bed: Figure, compound: Figure): Said => ({
  builder: 'set-plug',
  title: say`Bed the plug in ${compound} of setting compound`,
  detail: say`${bed} under the flange and on the edges of the core: where it is dry it blisters; pressed flat with the knife from the middle outward, what squeezes out drawn thin over it`,
  look: say`Flange flat all round, the core flush; no air moves under the knife.`,
  done: 'Plug set',
  gives: ['closed'],
  tools: ['taping knife', 'pan'],
});

/** Pressing a mesh patch on. */
export const pressMesh = (width: Figure, height: Figure, past: Figure): Said => ({
  builder: 'press-mesh',
  title: say`Press on a mesh patch, ${width} by ${height}`,
  detail: say`${past} past the hole on every side, pressed down from the middle`,
  look: say`No corner lifts; the mesh lies flat over the hole.`,
  done: 'Mesh on',
  tools: ['mesh patch', 'snips'],
});

/** Backing for a board patch. */
export const backPatch = (backers: Figure, long: Figure, thick: Figure, bearing: Figure, screws: Figure, framed: boolean): Said => ({
  builder: 'back-patch',
  title: framed ? say`Screw in ${backers} cleats of wood between the members, ${long} long` : say`Set ${backers} wood backers, ${long} long`,
  detail: framed
    ? say`${thick} thick, along the edges that no member carries, half of each hidden under the old board and held to it by its share of ${screws} screws; on the members themselves ${bearing} bears`
    : say`${thick} thick, past the opening at both ends, half of each hidden under the old board and held to it by its share of ${screws} screws; ${bearing} of each edge bears`,
  look: say`Pressed anywhere along its edge, the backing does not give.`,
  done: 'Backing holds',
  tools: ['wood', 'screw gun', 'saw'],
});

/** Screwing a patch of board in. */
export const screwPatch = (width: Figure, height: Figure, screws: Figure, apart: Figure, end: Figure, flush: Figure): Said => ({
  builder: 'screw-patch',
  title: say`Fit the board, ${width} by ${height}, ${screws} screws`,
  detail: say`same thickness and kind as the wall; no more than ${apart} apart, ${end} from the edge, only where there is wood or steel behind; flush within ${flush}`,
  look: say`A straightedge rocks nowhere; no head breaks the paper.`,
  done: 'Board screwed on',
  gives: ['closed'],
  tools: ['screw gun', 'board', 'straightedge'],
});

/** Gluing a patch to a backing board by dabs. */
export const dabPatch = (dabs: Figure, volume: Figure, apart: Figure): Said => ({
  builder: 'dab-patch',
  title: say`Set it in ${dabs} dabs of compound, ${volume}`,
  detail: say`no more than ${apart} apart, on a strip of board behind the opening; it holds by compound only: no screws`,
  look: say`Pressed flush and left alone; it does not sink.`,
  done: 'Board set',
  gives: ['closed'],
  tools: ['setting compound', 'straightedge'],
});

/** Prefilling gaps. */
export const prefillGaps = (gap: Figure, compound: Figure): Said => ({
  builder: 'prefill-gaps',
  title: say`Prefill the gaps with ${compound} of setting compound`,
  detail: say`up to ${gap} wide, pressed right through, struck flush; hard before any tape`,
  look: say`No hole to be seen with a lamp; hard to the thumbnail.`,
  done: 'Gaps filled',
  tools: ['taping knife', 'pan'],
});

/** Skimming a face. */
export const skimFace = (coat: number, coats: Figure, area: Figure, compound: Figure, film: Figure): Said => ({
  builder: 'skim-face',
  title: say`Skim ${area}, coat ${String(coat)} of ${coats}: ${compound}`,
  detail: say`rolled or drawn on ${film} thick, wiped down tight with a wide knife, ${coat % 2 === 1 ? 'upright' : 'across the one below'}`,
  look: say`Only the hollows are white; the knife leaves no line.`,
  done: 'Skimmed',
  gives: ['closed', 'level'],
  tools: ['roller', 'wide knife', 'pan'],
});

/** Caulking a junction. */
export const caulk = (length: Figure, bead: Figure, cartridges: Figure, smooth: Figure): Said => ({
  builder: 'caulk',
  title: say`Caulk ${length} with a bead of ${bead}`,
  detail: say`${cartridges} ${cartridges.value === 1 ? 'cartridge' : 'cartridges'}; nozzle cut to the gap, drawn along without a stop, smoothed with a wet finger within ${smooth}; never sanded`,
  look: say`Touches both sides, hollow, no gap, no smear beside it.`,
  done: 'Caulked',
  gives: ['closed', 'level'],
  tools: ['gun', 'damp cloth'],
});

/** Opening a wet wall to its frame. */
export const openToFrame = (width: Figure, height: Figure): Said => ({
  builder: 'open-to-frame',
  title: say`Open it to dry sound framing, ${width} by ${height}`,
  detail: say`tile and board out to the middle of a member on each side; what is soft or black goes; the source of the water is found before it is closed`,
  look: say`The frame rings and reads dry on the meter.`,
  done: 'Open, sound and dry',
  tools: ['saw', 'bar', 'meter'],
});

/** Cement backer board. */
export const screwBacker = (screws: Figure, apart: Figure, gap: Figure): Said => ({
  builder: 'screw-backer',
  title: say`Screw on cement backer, ${screws} screws`,
  detail: say`screws that do not rust, ${apart} apart; joints ${gap} open, filled with thin-set mortar over mesh tape`,
  look: say`Flat under the straightedge; no edge moves.`,
  done: 'Backer screwed on',
  gives: ['closed', 'level'],
  tools: ['cement backer board', 'screw gun', 'thin-set mortar', 'mesh tape'],
});

/** Thin-set in the joints of a backer. */
export const jointsSet = (wait: Figure): Said => ({
  builder: 'joints-set',
  title: say`Let the mortar in the joints set, ${wait}`,
  detail: say`nothing leans on the board; trowel and pail washed at its start`,
  look: say`A nail only scratches it; pale all along.`,
  done: 'Joints set',
  cleans: true,
  tools: [],
});

/** A coat of membrane. */
export const membrane = (coat: number, coats: Figure, volume: Figure, lap: Figure): Said => ({
  builder: 'membrane',
  title: say`Membrane, coat ${String(coat)} of ${coats}: ${volume}`,
  detail: say`fabric in corners and over joints in the first; lapped ${lap} onto the old one; the second across the first; roller and brush washed before it skins`,
  look: say`One even color, no pinhole against the lamp.`,
  done: 'Coat on',
  cleans: true,
  tools: ['roller', 'brush', 'fabric'],
});

/** A water test before tile. */
export const waterTest = (time: Figure): Said => ({
  builder: 'water-test',
  title: say`Test it with water for ${time} before tile`,
  detail: say`spray on a wall, standing water on a floor; watched from behind and below`,
  look: say`No damp spot behind, no drop below.`,
  done: 'Stayed dry',
  tools: ['hose or pail', 'lamp'],
});
