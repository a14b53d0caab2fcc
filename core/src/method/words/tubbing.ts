import type { Figure } from '../../quantity/figure.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';
import { inUse } from './finishing.ts';

/** What is mixed in more than one go. */
const inBatches = (batches: Figure): Saying => (batches.value > 1 ? say`, in ${batches} batches, each when the one before is used up` : say``);

/** Cleaning a tub before anything else. */
export const cleanTub = (dry: Figure | undefined, silicone: boolean, drip: boolean, open: boolean, solvent: 'detergent' | 'acetone'): Said => ({
  builder: 'clean-tub',
  title: dry ? say`Wash it clean, then dry for ${dry}` : say`Wash it clean, wipe it dry`,
  ...(!dry && { plain: 'the same whatever the size' }),
  detail: say`${drip ? 'the drip is stopped first; ' : ''}${open ? 'what is or may be open is taped over first: the rinse would run in behind; ' : ''}${silicone ? 'all caulk is cut out and its film taken off; ' : ''}detergent and a scrub pad, rinsed until water sheets; then ${solvent === 'acetone' ? 'acetone, wiped on and straight off with a clean cloth' : 'the cleaner that the kit names; no solvent on acrylic or plastic, not even as a trial'}`,
  look: say`Water runs off in a sheet, no bead stands; tape holds.`,
  done: 'Clean and dry',
  tools: ['detergent', 'scrub pad', 'knife for caulk', 'clean cloths', ...(solvent === 'acetone' ? ['acetone'] : ['cleaner'])],
});

/** Warming shell, room and materials. */
export const warmTub = (least: Figure, most: Figure): Said => ({
  builder: 'warm-tub',
  title: say`Room, shell and materials from ${least} to ${most}`,
  detail: say`the shell too, measured on it and not only in the air; more hardener does not replace heat; fresh air through the room, pilot lights off`,
  look: say`The thermometer on the shell reads within it, and an hour later too.`,
  done: 'Warm and steady',
  tools: ['thermometer', 'gentle heater', 'fan outward'],
  stands: ['heater', 'fan'],
  limits: [
    { what: 'room, shell and materials', is: 'least', figure: least },
    { what: 'room, shell and materials', is: 'most', figure: most },
  ],
});

/** Masking. */
export const maskTub = (past: Figure, tape: boolean): Said => ({
  builder: 'mask-tub',
  title: tape ? say`Mask it, ${past} beyond the repair` : say`Cover the rest, ${past} beyond; no tape at the repair`,
  detail: tape
    ? say`on the clean dry face only; drain, taps and wall covered; the tape beside a fill is pulled while that is soft`
    : say`drain, taps and wall covered; the edge of the repair is feathered by hand`,
  look: say`The tape lies flat and does not lift at a corner.`,
  done: 'Masked',
  tools: ['tape', 'film'],
});

/** Stop holes and a vee along a crack. */
export const stopCrack = (hole: Figure, vee: Figure, length: Figure): Said => ({
  builder: 'stop-crack',
  title: say`Stop holes of ${hole}, the crack opened to ${vee}`,
  detail: say`its end found with dye or a wet wipe, the hole just past it, no larger; ${length} of crack opened to a vee; branches each have their own hole`,
  look: say`No dye runs on past a hole; the vee is clean to its bottom.`,
  done: 'Stopped and opened',
  tools: ['dye', 'drill', 'scraper'],
});

/** Trimming a hole and recessing the shell around it. */
export const trimHole = (recess: Figure, past: Figure, what: 'mesh and putty' | 'the mat'): Said => ({
  builder: 'trim-hole',
  title: say`Cut loose cracks off, recess ${recess} for ${past} around`,
  detail: say`edge rounded off so that it does not crack on; scraped back so that ${what} ${what === 'the mat' ? 'ends' : 'end'} below the face`,
  look: say`Nothing moves at the edge; a straightedge shows the recess all round.`,
  done: 'Trimmed',
  tools: ['saw or knife', 'scraper', 'sander with vacuum'],
});

/** Scuffing a shell. */
export const scuffShell = (grit: Figure, area: Figure, past: Figure): Said => ({
  builder: 'scuff-shell',
  title: say`Scuff ${area} with P${grit}, ${past} past it`,
  detail: say`until no shine is left, in two directions; vacuumed, wiped with the cleaner, not touched again by hand`,
  look: say`Dull all over; no shining spot in raking light.`,
  done: 'Dull all over',
  tools: ['abrasive paper of that grit', 'vacuum', 'cleaner', 'gloves'],
});

/** Going over a sprayed face when it is hard. @param grit to begin with */
export const roughPlaces = (after: Figure, grit: Figure): Said => ({
  builder: 'rough-places',
  title: say`Go over it after ${after}, by feel and lamp`,
  detail: say`dust and what fell dry on it sanded off damp with P${grit} on a soft block, by hand, no water standing on it; then polished until the shine meets the old; the rest of the face is left alone`,
  look: say`The hand finds no speck; one shine across the edge, from both sides.`,
  done: 'Smooth, one shine',
  tools: ['wet paper', 'soft block', 'polish', 'cloth'],
});

/** Mesh or mat over a hole. */
export const laySupport = (strips: Figure, lap: Figure, onto: Figure): Said => ({
  builder: 'lay-mesh',
  title: strips.value === 1 ? say`Lay a strip of mesh, then across` : say`Lay ${strips} strips of mesh, then across`,
  detail: say`each lapping ${lap}, ${onto} onto the sound shell; cut beforehand, pressed on dry from the middle out: it sticks by itself to the scuffed shell until the first putty holds it`,
  look: say`No strip bridges hollow; every end lies on sound shell.`,
  done: 'Mesh in',
  tools: ['mesh', 'scissors', 'spreader'],
});

/** Putty with hardener. */
export const putty = (build: number, builds: Figure, puttyG: Figure, hardener: Figure, dose: Figure, thickness: Figure, first: boolean): Said => ({
  builder: 'putty-build',
  title: say`Build ${String(build)} of ${builds}: ${puttyG} of putty, ${hardener} of hardener`,
  detail: say`${dose} by weight, never above the sheet; mixed until it is of one color; ${thickness} at the most${first ? ', spread over the mesh and through it, gently: it has no support yet' : ', pressed in from the middle'}; board and spreader wiped before the putty on them sets`,
  look: first ? say`Every thread of the mesh is wetted through; it hangs nowhere.` : say`Closed and even; the mesh does not show through.`,
  done: 'Build on',
  // the next build bites while this one is still green
  ...(build < builds.value && { straightOn: true }),
  cleans: true,
  gives: ['closed'],
  tools: ['scale', 'board', 'spreader'],
});

/** Waiting until a build is ready. */
export const puttyFirm = (wait: Figure, next: string): Said => ({
  builder: 'putty-firm',
  title: say`Wait for ${next}, ${wait}`,
  detail: say`its own heat has to leave it: touched on the retained sample, back to the temperature of the room`,
  look: say`A glove comes away clean; cool to the hand.`,
  done: 'Firm and cool',
  tools: [],
});

/** A ladder of grits. */
export const ladder = (grits: readonly Figure[], wider: Figure, wet: boolean): Said => ({
  builder: wet ? 'wet-ladder' : 'dry-ladder',
  title: wet
    ? say`Wet-sand: ${grits.flatMap((g, i) => (i === 0 ? ['P', g] : [', P', g]))}`
    : say`Sand: ${grits.flatMap((g, i) => (i === 0 ? ['P', g] : [', P', g]))}`,
  detail: say`each ${wider} farther out than the one before, across it, until its scratches are gone; a fresh piece of paper, rinsed or wiped between; the middle not thinned`,
  look: say`Under the lamp only the last scratches are left, all one way.`,
  done: 'Only fine scratches',
  // sanded under water until what was there is gone
  gives: wet ? ['closed', 'level'] : ['level'],
  tools: ['paper in these grits', 'soft block', wet ? 'water with a drop of soap' : 'vacuum'],
});

/** Finishing putty. */
export const finishPull = (pull: number, pulls: Figure, puttyG: Figure, hardener: Figure, film: Figure, batches: Figure): Said => ({
  builder: 'finish-pull',
  title: say`Finish putty, pull ${String(pull)} of ${pulls}: ${puttyG}, hardener ${hardener}${inBatches(batches)}`,
  detail: say`${pull === 1 ? 'what was sanded is vacuumed and wiped with the cleaner first; ' : ''}${film} at the most, drawn tight with a flexible spreader; pinholes pressed full, the second pull across the first; spreader wiped before the putty on it sets`,
  look: say`No pinhole, no scratch from the coarse putty.`,
  done: 'Pull on',
  cleans: true,
  gives: ['level'],
  tools: ['scale', 'flexible spreader', 'board'],
});

/** Gel paste with drops of hardener. */
export const gelPaste = (paste: Figure, hardener: Figure, drops: Figure, over: Figure, potLife: Figure): Said => ({
  builder: 'gel-paste',
  title: say`${paste} of paste, ${hardener} or ${drops} ${drops.value === 1 ? 'drop' : 'drops'} of hardener`,
  detail: say`stirred to one color, used within ${potLife}; pressed in, drawn both ways with a flexible straightedge, left ${over} above the face; clear film over it where the paste is not air-drying`,
  look: say`No bubble; stands above the face all round.`,
  done: 'Paste in',
  gives: ['closed', 'color'],
  tools: ['scale', 'stick', 'flexible straightedge', 'clear film'],
});

/** Picking a nick deep enough to hold. */
export const pickNick = (least: Figure): Said => ({
  builder: 'pick-nick',
  title: say`Pick it out to at least ${least}`,
  detail: say`edges cut back to where they hold, slightly undercut; shallower it has no key; vacuumed and wiped`,
  look: say`The point finds no loose edge; the bottom is dull.`,
  done: 'Picked out',
  tools: ['pick', 'knife', 'vacuum'],
});

/** Polishing. */
export const polish = (area: Figure, speed: Figure): Said => ({
  builder: 'polish',
  title: say`Compound, then polish, ${area}`,
  detail: say`everything that was sanded, at no more than ${speed} turns a minute, kept moving and cool; then by hand with a dry cloth until the gloss meets`,
  look: say`The lamp's reflection runs over the edge without a break.`,
  done: 'Reflection unbroken',
  gives: ['color', 'gloss'],
  tools: ['compound', 'polish', 'soft pad', 'lamp'],
});

/** Matching a color. */
export const matchColor = (additions: Figure): Said => ({
  builder: 'match-color',
  title: say`Match the color while it sets: ${additions} additions or fewer`,
  detail: say`from the nearest base a touch lighter, without catalyst; small additions in one direction; a swatch dabbed beside the repair, dried and looked at from several sides; amounts written down; kept uncatalyzed until the client has accepted`,
  look: say`The dry swatch cannot be found from two sides.`,
  done: 'Color matches',
  tools: ['base and tints', 'sticks', 'swatches', 'scale'],
  place: 'ahead',
});

/** Adhesion promoter. */
export const promoter = (dry: Figure, until: Figure): Said => ({
  builder: 'promoter',
  title: say`Wipe promoter on, dry in ${dry}`,
  detail: say`one thin wipe with a lint-free cloth; coated within ${until}, else wiped on again`,
  look: say`Even haze, then gone; no streak.`,
  done: 'Promoter on',
  tools: ['promoter', 'lint-free cloth', 'gloves'],
});

/** Loading the sprayer. */
export const loadJar = (resin: Figure, catalyst: Figure, reducer: Figure, loads: Figure, jar: Figure, early: boolean): Said => ({
  builder: 'load-jar',
  straightOn: true,
  title: say`Mix ${resin} resin, ${catalyst} catalyst, ${reducer} reducer`,
  detail: say`in ${loads} ${loads.value === 1 ? 'load' : 'loads'} of no more than ${jar}: a fuller jar spits; ${early ? 'catalyst stirred in early: its pot life runs from now' : 'catalyst last, when the face is ready'}; walls and bottom scraped; no part rounded down`,
  look: say`One color to the bottom of the jar; it runs off the stick in a thread.`,
  done: 'Mixed',
  tools: ['graduated cups', 'stick', 'sprayer'],
});

/** A mist coat. */
export const mistCoat = (coat: number, coats: Figure, coating: Figure, distance: Figure, past: Figure): Said => ({
  builder: 'mist-coat',
  title: say`Mist coat ${String(coat)} of ${coats}: ${coating}`,
  detail: say`${distance} away, square to the face, moving before it sprays; ${coat === 1 ? 'thin: a first pass too wet is the usual run' : coat === coats.value ? say`the wettest and widest, ${past} past the repair` : 'a little wider than the last'}; coats counted and written down; a run dabbed off with a towel damp with reducer; clogged: tube and nozzle cleared, a little more reducer`,
  look: say`${coat === coats.value ? 'Closed and glossy, no edge where it ends; fisheyes are silicone: stop, wipe off, clean again.' : 'A fine even mist; the face below still shows through.'}`,
  done: 'Coat on',
  gives: ['color', 'gloss'],
  tools: ['sprayer', 'respirator of the sheet', 'lamp'],
  skills: ['respirator'],
});

/** Flash between coats. */
export const flash = (wait: Figure): Said => ({
  builder: 'flash',
  title: say`Let it flash off, ${wait}`,
  detail: say`longer upright and large, shorter small and flat`,
  look: say`Dull; a glove touched to the masking strings no more.`,
  done: 'Flashed off',
  tools: [],
});

/** Laying mat in resin. */
export const layMat = (layer: number, layers: Figure, area: Figure, resin: Figure, hardener: Figure, batches: Figure): Said => ({
  builder: 'lay-mat',
  title: say`Mat ${String(layer)} of ${layers}, ${area}: ${resin} resin, ${hardener} hardener${inBatches(batches)}`,
  detail: say`each layer larger than the one below, from the back where it can be reached; wetted, rolled until no air is white; no more than three at once: they heat; roller and brush washed before what is on them gels`,
  look: say`Clear like glass, no white spot, edges flat.`,
  done: 'Mat on, clear',
  cleans: true,
  gives: ['closed'],
  tools: ['mat cut to size', 'roller', 'brush', 'scale'],
});

/** Resting a shell until it is cured. */
export const shellCures = (wait: Figure): Said => ({
  builder: 'shell-cures',
  title: say`Let it cure and cool, ${wait}`,
  detail: say`no water and no weight on it`,
  look: say`Cool; a coin taps hard and clear.`,
  done: 'Hard and cool',
  tools: [],
});

/** Resting layers that are hot before more of them go on. */
export const layersCool = (wait: Figure): Said => ({
  builder: 'layers-cool',
  title: say`Let the layers gel and cool, ${wait}`,
  detail: say`by hand on the shell, not by the clock alone: more on what is still hot cracks it; roller and brush washed meanwhile`,
  look: say`Gelled, no warmer than the hand, and still tacky.`,
  done: 'Layers cool',
  tools: [],
});

/** Pressing a rebuilt place before it is coated. */
export const pushTest = (most: Figure): Said => ({
  builder: 'push-test',
  title: say`Press it: it may give no more than ${most}`,
  detail: say`hand pressure, a rule beside it; a floor is stood on; what gives is built from behind before any coat`,
  look: say`The rule stands still; nothing creaks.`,
  done: 'Gives no more',
  limits: [{ what: 'gives', is: 'most', figure: most }],
  tools: ['rule'],
});

/** A test with water after full cure, where the shell was open. */
export const leakTest = (after: Figure): Said => ({
  builder: 'leak-test',
  title: say`Fill it, wait, look below and behind, after ${after}`,
  detail: say`after full cure only; filled to a hand above the place, tissue held to everything that can be reached below and behind, once more when it is let out`,
  look: say`Dry below and behind.`,
  done: 'Dry below',
  tools: ['lamp', 'tissue'],
});

/** When a tub is used again, and how. */
export const tubInUse = (after: Figure, grip: boolean, used: Figure | undefined, hardens: boolean): Said => ({
  ...inUse('water', after, hardens ? 'The retained sample is hard and does not smell.' : 'Rinsed clear; no compound is left in a corner or round the drain.'),
  detail: say`no sooner than ${after} after it was placed${grip ? '; the floor has its grip back before anyone steps in' : ''}; no bath mat with suction cups; ${!hardens ? 'compound rinsed off with warm water, nothing of it left where feet stand' : used ? say`between stages used only once it is hard, then dried for ${used}` : 'no bath between stages: water and soap in an open repair undo it'}`,
});
