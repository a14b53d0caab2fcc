import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';

/** A wait until something placed is hard. */
export const waitHard = (wait: Figure, groundC: Figure): Said => ({
  builder: 'wait-hard',
  title: say`Let it harden, ${wait}`,
  detail: say`at ${groundC}; the retained sample is touched, not the work; tools cleaned at its start, before what is on them sets`,
  look: say`The retained sample is hard and dry, and does not smear under the grinder.`,
  done: 'Hard',
  cleans: true,
  tools: [],
});

/** Waiting between two layers. */
export const waitLayer = (wait: Figure, look: string, what = 'layer'): Said => ({
  builder: 'wait-layer',
  title: say`Wait before the next ${what}, ${wait}`,
  detail: say`touch the edge or the retained sample; colder takes longer; tools cleaned meanwhile, before what is on them sets`,
  look: say`${look}`,
  done: 'Next may go on',
  cleans: true,
  tools: [],
});

/** Sounding a repair after it has hardened, and once more when it has shrunk. */
export const soundAgain = (after: Figure, which: 'first' | 'last', cover: 'off' | 'lifted' | undefined): Said => ({
  builder: which === 'first' ? 'sound-again' : 'sound-last',
  title: say`Sound it ${which === 'first' ? 'again' : 'once more'} after ${after}`,
  detail: say`${cover === 'off' ? 'the damp cover comes off; ' : cover === 'lifted' ? 'the damp cover is lifted piece by piece and laid back wet; ' : ''}light hammer all over, the edges most; what is hollow is ringed and comes out again`,
  look: say`One clear ring from edge to edge; no crack along the cut.`,
  done: 'Sounded: rings',
  tools: ['light hammer', 'chalk'],
});

/** A board or box that holds what is poured. */
export const buildForm = (height: Figure, press: Figure, gap: Figure): Said => ({
  builder: 'build-form',
  title: say`Build the form, ${height} high`,
  detail: say`tight with foam tape, braced for ${press} of pressure at its foot; a chimney above the top of the place and vents where air would stay; ${gap} free behind bars, stones of the mix no more than a third of the narrowest gap`,
  look: say`Filled with water it holds; then drained.`,
  done: 'Form holds water',
  tools: ['form boards', 'braces', 'foam tape', 'release wipe'],
});

/** Pouring behind a form. */
export const pourForm = (volume: Figure, within: Figure, batches: Figure): Said => ({
  builder: 'pour-form',
  title: say`Pour ${volume} from one side, within ${within}`,
  detail: say`mixed just before${batches.value > 1 ? say`, in ${batches} batches, the next ready while one runs` : ''}; without a break until it stands in the chimney and comes from every vent; the form tapped, not shaken`,
  look: say`Gray paste at every vent, the chimney stays full.`,
  done: 'Poured full',
  gives: ['closed'],
  tools: ['pail and chute', 'mallet'],
});

/** Taking a form off. */
export const stripForm = (wait: Figure): Said => ({
  builder: 'strip-form',
  title: say`Take the form off after ${wait}`,
  detail: say`chimney cut off while it is green; holes of ties filled`,
  look: say`Full to every corner, no honeycomb; a nail only scratches it.`,
  done: 'Form off',
  tools: ['hammer', 'saw or chisel'],
});

/** Taking the board at an edge off, as soon as the mortar stands by itself. */
export const boardOff = (long: Figure, hard: boolean): Said => ({
  builder: 'board-off',
  title: say`Take the board off, ${long}`,
  detail: say`braces first, then slid along the edge, not pulled away from it; what the release left is brushed off; ${hard ? 'holes in the face scraped out and filled with the same, mixed small' : 'holes in the fresh face rubbed full with the float'}`,
  look: say`The edge stands by itself, true and full; nothing came away with the board.`,
  done: 'Board off',
  soon: 'at once',
  tools: hard ? ['brush', 'scraper', 'trowel'] : ['float', 'brush'],
});

/** Letting washed ground dry before resin. */
export const dryGround = (wait: Figure): Said => ({
  builder: 'dry-ground',
  title: say`Let the ground dry, ${wait}`,
  detail: say`resin does not take to damp ground: warm air if it must be sooner, no flame`,
  look: say`Pale all over; a film taped down for the while shows no drop under it.`,
  done: 'Ground dry',
  tools: ['film', 'tape'],
});

/** Neat resin on the ground of a resin mortar. */
export const primeGround = (resin: Figure, film: Figure, open: Figure): Said => ({
  builder: 'prime-ground',
  title: say`Brush ${resin} of neat resin on, ${film}`,
  detail: say`thin, into every pore; the mortar within ${open}, while it is tacky`,
  look: say`Shines all over, no puddle, no dull spot.`,
  done: 'Primed',
  tools: ['brush', 'small can'],
});

/** A lift of resin mortar. */
export const trowelResin = (lift: number, lifts: Figure, volume: Figure, thickness: Figure, walkedOn: boolean): Said => ({
  builder: 'trowel-resin',
  title: say`Resin mortar, lift ${String(lift)} of ${lifts}: ${volume}`,
  detail: say`both parts stirred to one color, then the sand; ${thickness} thick, pressed in from the edges and struck off; trowel wiped with the cleaner of the sheet, no oil${walkedOn ? '; dry sand thrown on the top while it is wet: an edge underfoot has to grip' : ''}`,
  look: say`Closed and even, no resin floats up, no dry crumb.`,
  done: 'Trowelled in',
  gives: ['closed'],
  tools: ['trowel', 'straightedge', 'cleaner'],
});

/** A thin cement coat over a face. */
export const fairingPass = (pass: number, passes: Figure, mix: Figure, film: Figure, within: Figure): Said => ({
  builder: 'fairing-pass',
  title: say`Fairing coat, pass ${String(pass)} of ${passes}: ${mix}`,
  detail: say`mixed as it is wanted, stirred, left to stand and stirred again; ${film} thick on damp ground, pressed into every pore with a steel float and drawn out to nothing at the edge; placed within ${within}`,
  look: say`No pinhole, no line at the edge; nothing pale while it is fresh.`,
  done: 'Pass on',
  gives: ['closed'],
  tools: ['steel float', 'mister'],
});

/** Roughening and washing a face for a thin coat. */
export const roughenFace = (area: Figure): Said => ({
  builder: 'roughen-face',
  title: say`Grind ${area} to open pores, wash it`,
  detail: say`paint, dust and soft skin off, until the sand shows; vacuumed, washed, left damp and dull`,
  look: say`Rough like medium sandpaper; water is drunk, it does not bead.`,
  done: 'Rough and clean',
  tools: ['grinder with shroud and vacuum', 'brush', 'clean water'],
});

/** Covering something fresh. */
export const protectFresh = (days: Figure, keptWet: Figure): Said => ({
  builder: 'protect-fresh',
  title: say`Cover it from sun, wind and rain for ${days}`,
  detail: say`damp cloth or film, edges weighed down`,
  look: say`Dark and damp whenever it is lifted.`,
  done: 'Covered and damp',
  keptWet,
  tools: ['film', 'damp cloth'],
});

/** Soaking the ground behind a form. */
export const soakForm = (soak: Figure): Said => ({
  builder: 'soak-form',
  straightOn: true,
  title: say`Keep the ground wet, ${soak}, then drain it`,
  detail: say`wet cloths or water behind the form; no water standing when the pour begins`,
  look: say`Dark and dull all over; nothing drips.`,
  done: 'Wet, drained',
  tools: ['wet cloths', 'mister'],
});
