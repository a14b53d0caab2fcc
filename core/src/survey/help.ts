/** What is told of a question when one asks: why it is asked, how it is found out, and a sketch where words would be long. */
export interface QuestionHelp {
  readonly why: string;
  readonly how?: string;
  readonly sketch?: Sketch;
}

/** Sketches that show how something is measured, each with what is seen on it in words. */
export const sketches = {
  widths: 'A crack along a surface, its width taken at both ends, at the widest and at the narrowest place.',
  straightedge: 'A straightedge laid across a hollow, a rule down from it to the deepest point.',
  step: 'A straightedge on the higher side reaches over the crack; the height is measured down to the lower side.',
  outline: 'The broken place with a dashed line around it where it is sound, its width and its height.',
  'depth-grid': 'A place seen from above with readings at even steps, row after row.',
  tapping: 'A face divided into cells; those that sound hollow are marked.',
  overhang: 'A step seen from the side: a plumb line held to the face below, measured out to the edge that stands over it.',
} as const;
export type Sketch = keyof typeof sketches;

const help = (why: string, how?: string, sketch?: Sketch): QuestionHelp => ({
  why,
  ...(how !== undefined && { how }),
  ...(sketch !== undefined && { sketch }),
});

/** By the field of the question; what is otherwise for one kind stands under `kind/field`. Common practice. */
const helps: Readonly<Record<string, QuestionHelp>> = {
  place: help('Rain, frost, sun and salt rule systems out, and the days wait for the weather outside.'),
  airC: help(
    'It sets how fast things harden and dry, and with the humidity the dew point.',
    'Hang a thermometer in the shade at working height for a quarter of an hour.',
  ),
  slabC: help(
    'Resin and mortar harden at the temperature of what they lie on, not of the air; under the dew point nothing holds.',
    'Press a probe on the surface, or lay an infrared thermometer’s spot on it where it is dull.',
  ),
  humidityPct: help(
    'It decides when water dries out of a coat and where the dew point lies.',
    'Read it beside the thermometer, away from wet walls and from your breath.',
  ),
  nightC: help('What is placed today has to stand the night: below its least temperature it stops hardening, and water in it freezes.'),
  yearBuilt: help('Old paint may hold lead, old plaster, board and compound asbestos. The year decides whether a test comes first.'),
  building: help('Rules on lead and asbestos differ between a home and a public building.'),
  leadTest: help(
    'Sanding or scraping paint that holds lead harms who works and who lives there.',
    'A laboratory tests a chip down to the ground; a swab alone is weak evidence.',
  ),
  occupied: help('Dust, fumes and noise reach whoever is about: some systems wait until nobody is, others are shut off and aired.'),
  wetUse: help('What is splashed or stands under water needs a system that bears it, and a longer cure before it is wet again.'),
  lengthMm: help('Resin, sand, tape and the time by hand all follow from it.', 'Run the tape along every bend, and go on until the crack cannot be felt.'),
  widths: help(
    'The width decides what can be filled in, and how: a hairline is flooded, a wide one takes sand. The volume follows from all of them.',
    'Hold the card where the edges are unbroken. Take both ends, the widest and the narrowest place, and say where along the line each was.',
    'widths',
  ),
  depthMm: help(
    'It decides how many lifts there are, and how much is mixed.',
    'Lay a straightedge over the place and measure down from it at the deepest point.',
    'straightedge',
  ),
  'slab-crack/depthMm': help(
    'It decides how deep resin has to run and how much goes in.',
    'Let a thin wire down until it stops, at three places; leave it open where the crack goes through.',
  ),
  'wall-crack/depthMm': help(
    'It decides the spacing of ports and how much resin goes in.',
    'Let a thin wire in until it stops; leave it open where the crack goes through.',
  ),
  slabMm: help(
    'A crack through a thin member leaks resin below; a thick one takes more of it. Cuts stay within the upper part.',
    'Measure at an edge, an opening or a drilled hole.',
  ),
  member: help('What carries load, or hangs over people, stops here until an engineer has looked at it.'),
  reinforcement: help('Bars set how deep one may cut, and prestressed members are never cut without an engineer.', 'Drawings tell it; a cover meter shows it.'),
  alongBar: help(
    'A crack above a bar often comes from rust. Filling it leaves the cause inside.',
    'Look for a straight line, others beside it at even distances, and brown stains.',
  ),
  faces: help(
    'Where one side stands higher, something moved: a filled crack would break again.',
    'Slide a straightedge over the crack from both sides.',
    'step',
  ),
  stepMm: help(
    'The height says how far it moved, and how much is ground off where that is allowed.',
    'Hold a straightedge on the higher side and measure down to the lower one.',
    'step',
  ),
  ground: help(
    'A slab that rocks or sinks breaks any rigid fill.',
    'Stand with one foot on each side and shift your weight; look for old marks, gauges or a repair that opened.',
  ),
  'map-cracking/ground': help(
    'A net that grows has a cause at work: what is filled cracks beside.',
    'Look at old photos, and mark the end of one crack with the date: look again after a wet month.',
  ),
  widestMm: help(
    'Thin resin runs into fine cracks and out of wide ones: the widest decides whether a flood holds in them.',
    'Hold a gauge card over the widest place of several, where the edges are unbroken.',
  ),
  spacingMm: help(
    'It says how long all the cracks of the net are together, and so how much they take.',
    'Lay a tape across the net and divide by the number of cracks it crosses.',
  ),
  deposit: help(
    'A white crust is lime that water carried through. Gel is a sign of stones that swell, which no filling holds.',
    'Wet the face and let it dry: crust shows first beside the cracks; gel is clear or brown, sticky, and hardens to glass.',
  ),
  movement: help(
    'A crack that opens and closes needs something that gives; a rigid fill opens beside it.',
    'Old fills that parted, marks across it, or its width in winter and in summer.',
  ),
  movementMm: help(
    'A sealant bears so much of its own width and no more: the groove is made wide enough for it.',
    'A gauge across it, read over a season; until then take what the crack changed by.',
  ),
  moisture: help(
    'Water keeps most resins and paints from holding, and salts push a patch off.',
    'Look at the color against dry places, tape a sheet of film down overnight, or read a meter.',
  ),
  located: help(
    'Who cuts or drills before anything is located may hit a cable, a heating pipe or a stressed tendon.',
    'Scan both ways and mark what is found on the surface.',
  ),
  coverMm: help('Cuts and holes stay above what lies there.', 'Take the least reading of the scan along the repair.'),
  slabAgeDays: help('Young concrete still shrinks and is still wet: what is filled now opens again.'),
  traffic: help('Hard wheels break thin edges and pull soft fills out.'),
  finish: help('What follows has to hold on the repair: it decides the last coat, its texture and how long one waits.'),
  claim: help('A repair that must carry load again is an engineer’s to design. Without that claim the crack is closed, not made strong.'),
  cause: help('A repair lasts as long as its cause stays away.'),
  causeBy: help('Who sees to the cause, so that it is not forgotten between two trades.'),
  before: help(
    'Old paint, coating or a patch comes off first, or has to be one that the new one holds on.',
    'Cross-cut it and pull tape off; look at what comes along.',
  ),
  look: help('It says how far color, gloss and texture have to agree.', 'Stand where people will stand, in the light that will be there.'),
  wallMm: help(
    'It tells whether a crack can be reached through, how deep packers go and how much resin it takes.',
    'Measure at a door, a window or a drilled hole.',
  ),
  course: help('The way a crack runs hints at its cause: upright at shrinkage, slanting at settling, level at pressure from the side.'),
  bowMm: help(
    'A wall that bows is being pushed: nothing is filled before an engineer has looked.',
    'Stretch a line from end to end and measure to it at the middle.',
  ),
  services: help('Cables and pipes behind are hit by who cuts or drives a screw.', 'Look at outlets and fixtures near it, and scan.'),
  infill: help('Loose granules run out of an opened wall, and old glittering ones may hold asbestos.'),
  access: help('From behind, backing and injection are simpler.'),
  again: help('What closes the surface keeps moisture in: the repair has to be dry enough for it.'),
  outline: help(
    'Area, edge length and volume follow from it, and so do material and time.',
    'Mark to where it is sound, then take a rectangle, a circle or corner after corner.',
    'outline',
  ),
  bottom: help('An uneven bottom holds more than its mean depth says, and its deep places may need a lift of their own.'),
  depths: help('Volume and lifts follow from them.', 'Lay a straightedge across and read down at even steps, row after row.', 'depth-grid'),
  estimatedMm2: help('What comes off often exceeds what was estimated. Past twice of it the work stops and the client is asked.'),
  position: help('Overhead and on a wall a mix must hang by itself: lifts are thinner and some systems drop out.'),
  barSeen: help('A bar in reach has to be cleaned all round, or left well alone under its cover.'),
  oil: help('Nothing holds on oil; salt goes on rusting the steel under the patch.', 'Drops of water bead on oil. Salt is told by a test of drilled dust.'),
  sounded: help('Hollow concrete or plaster reaches farther than it looks: only its sound tells.'),
  tapping: help('It maps what has let go, cell by cell.', 'Tap each cell with a hammer, or drag a chain: sound rings, hollow drums.', 'tapping'),
  loaded: help('What carries load is not cut into before somebody licensed has said how it is propped.'),
  barMm: help('It tells how much of the bar the rust has taken.', 'Measure where the bar is whole, over its ribs.'),
  leftMm: help('A bar that has lost too much is an engineer’s to judge.', 'Brush to bright steel, then hold a caliper at the thinnest place.'),
  bars: help('How many bars have lost section decides how far the engineer’s question goes.'),
  stoneMm: help('A layer has to be thicker than its largest stone, and room behind a bar has to let it pass.'),
  runsOn: help('A crack that goes on breaks the patch in line with it.', 'Wipe the face around it wet and watch it dry: a crack stays dark longest.'),
  halfBare: help('A bar that is bare for more than half its girth no longer grips: it is freed all round.'),
  salt: help('With salt left around it, new rust starts just beside the patch.', 'Drill dust at two depths and have it tested.'),
  widthMm: help('Area and volume follow from it.', 'Take it where most of it is as wide.'),
  gapMm: help('A sealant bears movement in proportion to its width, and the backer rod is chosen by it.'),
  joint: help('A joint lets things move. What is filled rigid has to be cut open again above it.'),
  cutMm: help('The filler stands on the bottom of the cut: too shallow a one does not hold it.'),
  filler: help('Old filler comes out whole: new one does not hold on it.'),
  temperatureC: help('A joint filled warm is narrow: in the cold it opens, and the filler has to follow.'),
  heightMm: help('With its depth it tells how much is rebuilt, and whether in lifts.'),
  edge: help('A nosing is trodden on: its pitch, grip and edge have to be those of the others.'),
  overhangMm: help(
    'What stands out has nothing under it and needs a form that holds it.',
    'Hold a plumb or a square to the face below and measure out to the edge.',
    'overhang',
  ),
  radiusMm: help('The new edge is made to the old one.', 'Lay coins or a radius gauge to a sound stretch of it.'),
  piece: help('A whole piece can be bonded back, which is less work than a rebuilt edge.'),
  stones: help('It says how much of the top is gone: paste alone is coated, loose stones are cut back.'),
  dusting: help('A dusting face holds nothing until it is hardened or taken off.', 'Rub it with a dark cloth.'),
  runs: help('Where two things meet they go on moving against each other: it is caulked, not filled hard.'),
  hollow: help('Plaster that has let go beside a crack moves with every knock.', 'Tap with a knuckle a hand’s breadth to both sides.'),
  hollowMm: help('So far the plaster is fastened or taken off.'),
  binder: help('A hard patch on soft lime breaks it away; gypsum fails where it stays damp.', 'Scratch it with a nail; put a drop of vinegar on a crumb.'),
  base: help('What is behind decides how new plaster is held and how it is dampened.'),
  lath: help('Plaster is only as good as its lath.', 'Look through the hole with a lamp and pull at it.'),
  paint: help('Gloss shows what flat paint hides: it asks for a higher level of finish.'),
  light: help('Light along the face shows every ridge.', 'Hold a lamp to the wall and look along it.'),
  texture: help('Texture has to be put back, in its own way and beyond the patch.'),
  faceMm2: help('Where gloss or light ask for it the coat goes from corner to corner.', 'Width times height of the whole wall or ceiling.'),
  thicknessMm: help('It decides the number of coats and the length of fasteners.', 'Measure at an edge or a hole.'),
  sagMm: help(
    'A ceiling that sags may fall: it is propped before anybody works under it.',
    'Lay a straightedge across and measure the largest gap.',
    'straightedge',
  ),
  layer: help('A new coat holds no better than the weakest layer below it.', 'Pull one piece off and look at its back.'),
  body: help('Sound plaster can be fastened again; crumbling plaster comes off.'),
  dents: help('Many small ones are done in one go, with one mix.'),
  paper: help('Torn paper blisters under compound: it is cut back and sealed first.'),
  rated: help('A rated wall is closed by the assembly it was tested with, not by what is at hand.'),
  wetArea: help('Behind tile in a shower ordinary board and compound fall apart.'),
  pops: help('Each takes its own screws, so many of them take time.'),
  standMm: help('A head that stands far out says that the frame shrank or the board is loose.'),
  fastener: help('Nails work loose and are helped by screws beside them; screws are driven again.'),
  loose: help('A board that gives is fastened before anything is filled.', 'Press with the flat hand beside the spot.'),
  boardMm: help('The patch has to be as thick as the board.', 'Measure at the hole, at an outlet box or at an edge.'),
  framingMm: help('A patch that reaches a stud is screwed to it, another one needs backers.', 'Find two studs with a magnet or by knocking, center to center.'),
  frame: help('Screws for wood do not hold in steel.'),
  softened: help('Wet board has lost its strength and may hold mold: it is cut out.'),
  layers: help('Both layers are closed, with their joints apart.'),
  knocked: help('What is struck again breaks again: it is backed or guarded.'),
  softMm: help('The opening is cut back to where the board is firm.', 'Press with a thumb outward from the edge.'),
  tape: help('Loose tape is cut out: filling over it does not hold it.'),
  seasonal: help('A joint that opens with the seasons needs something that gives.'),
  fault: help('Each fault has its own cause and its own cure: a ridge is taken down, a shine is coated over.'),
  face: help('Water stands on a top face and soaks into end grain: there a fill fails first.'),
  sectionMm: help('It decides how deep one may go before the piece is weak.'),
  moisturePct: help(
    'Wood that is too wet shrinks away from a fill, and decay goes on under it.',
    'Drive the pins along the grain into sound wood beside the place.',
  ),
  water: help('Decay comes back where water does.', 'Look above: flashing, gutter, joints, paint.'),
  grain: help('A clear finish shows every fill: wood is let in instead.'),
  end: help('At an end the fill has no wood on one side to hold it, and end grain drinks.'),
  cavity: help('A hole through needs something to fill against, and what is behind may be wet or hollow.'),
  fibers: help('Fibers that are only pressed in can be steamed out, without any fill.'),
  shell: help('Each shell bonds to its own material: the wrong one peels or dissolves it.'),
  floor: help('It stands beside the name of the area on lists and sheets, so that whoever comes finds it. Nothing planned follows from it.'),
  side: help('Which elevation, wall or face it is, as the drawings call it: it stands beside the name. Nothing planned follows from it.'),
  part: help('A floor bears people and bends; a rim and a wall do not.'),
  flexMm: help(
    'A shell that gives cracks again until it is borne from below.',
    'Lay a rule across, press with the hand beside it, and read how far it goes down.',
    'straightedge',
  ),
  coated: help('A repair holds no better than the coat it lies on.', 'Look for runs, a soft feel, and another color at a chip.'),
  silicone: help('Nothing holds on silicone, nor on the film that it leaves.'),
  drip: help('A drip keeps the place wet and marks the new face.'),
  rust: help('Rust under enamel creeps on: all of it is ground off.'),
  match: help('Matching color and gloss takes trials, and so time.', 'Compare dry, in the light of the room.'),
  through: help('Water behind the shell has to dry before it is closed.', 'Look from behind, or watch whether water runs away in it.'),
  branches: help('Each end and branch is stopped by a hole of its own, or it runs on.'),
  shellMm: help('The backing and the build-up follow from it.', 'Measure at the edge of the hole.'),
  chips: help('Many small ones are done in one go, with one mix.'),
  metal: help('Bare metal rusts at once: it is treated before it is filled.'),
  nail: help('What a nail catches is sanded out, or filled; what it does not is polished.'),
};

/** What is told of a question of a kind, or of an area; nothing where nothing is known of it. */
export function helpOf(table: string, field: string): QuestionHelp | undefined {
  return helps[`${table}/${field}`] ?? (Object.hasOwn(helps, field) ? helps[field] : undefined);
}

/** The fields that help is written for, those of one kind with it. */
export const helpedFields: readonly string[] = Object.keys(helps);
