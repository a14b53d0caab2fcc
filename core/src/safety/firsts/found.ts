import type { Ledger } from '../../quantity/ledger.ts';
import { atLeast } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { beforeWork } from '../../shelf/usual/beforeWork.ts';
import { crewFirst, type First, type FirstRule, type Stripping } from './first.ts';

type Words = Readonly<Record<string, readonly [title: string, what: string]>>;

/** What was on it, by surface: how it comes off, or what is tried first. Common practice. */
const onIt: Readonly<Record<string, Words>> = {
  concrete: {
    paint: ['Paint on it', 'Paint comes off to bare concrete a hand past the place before anything is marked: cracks and hollow edges hide under it.'],
    coating: ['A coating on it', 'The coating comes off a hand past the place, back to where it holds; its edge is cut, not torn.'],
    covering: ['A covering on it', 'The covering is taken up past the place, with its glue: neither resin nor mortar holds on glue.'],
    tile: ['Tile or topping on it', 'Tile or topping is taken up past the place, back to where it rings, and its bed with it.'],
    sealer: ['A sealer on it', 'A drop of water tells: where it stands, the sealer is ground off until it sinks in.'],
    patch: ['An old patch', 'The old patch is sounded and comes out whole: new work ends on old concrete, not on old filler.'],
    unknown: ['What was on it', 'A small place is laid bare first: what was on it is not known.'],
  },
  plaster: {
    paint: ['Paint on it', 'Paint is tried with tape and knife: what lifts is scraped off, what shines is dulled, a hand past the place.'],
    coating: ['A coating on it', 'What lifts is scraped off, what shines is dulled, a hand past the place.'],
    covering: ['A covering on it', 'The covering comes off a hand past the place, its paste is washed off, and the face dries.'],
    paper: ['Wall covering on it', 'The covering comes off a hand past the place, its paste is washed off, and the face dries.'],
    limewash: ['Limewash on it', 'Limewash is brushed off to where it no longer comes away white: nothing holds on it.'],
    patch: ['An old patch', 'The old patch is tapped and comes out where it is hollow or moves; one that holds stays and is dulled.'],
    unknown: ['What was on it', 'A small place is scraped first: what was on it is not known.'],
  },
  timber: {
    paint: ['Paint on it', 'Paint comes off to bare wood a hand past the place, wet or with a vacuum on the tool; what is left is feathered.'],
    coating: ['A coating on it', 'The coating comes off to bare wood a hand past the place: filler holds on wood alone.'],
    covering: ['A covering on it', 'The covering comes off past the place, with its fasteners.'],
    patch: ['An old patch', 'The old filler comes out whole, down to sound dry wood.'],
    unknown: ['What was on it', 'A small place is scraped first: what was on it is not known.'],
  },
};

/** Answers of some kinds that ask for something first, by field and value. Common practice. */
const answered: Readonly<Record<string, Words>> = {
  services: {
    found: [
      'Services behind',
      'What was found is marked on the face where it runs and how deep, and is dead or drained as long as anything cuts or drills there.',
    ],
  },
  runsOn: {
    hairline: [
      'A hairline goes on',
      'Its end is found with water wiped over the face, and marked: new mortar over it cracks in line with it. It is a repair of its own, or is told to the client before the patch is made.',
    ],
    wider: [
      'A crack goes on',
      'It is followed to its end, marked and measured as a repair of its own, and whether it moves is found out: where it does, the patch ends at it in a joint, not across it.',
    ],
  },
  halfBare: {
    yes: ['Bars half bare', 'The bars are cleared all round, along their length as far as their bond is lost: mortar against one half of a bar lets go of it.'],
  },
  salt: {
    yes: [
      'Salt in the concrete',
      'How far the salt has gone in is measured. Beside a clean patch in salty concrete the bars rust next: wider removal or anodes are asked about.',
    ],
    unknown: [
      'Salt not tested',
      'Powder from two depths is tested for chlorides before the outline is marked: beside a clean patch in salty concrete the bars rust next.',
    ],
  },
  oil: {
    oil: [
      'Oil in the concrete',
      'Oil is drawn out or cut away until a drop of water sinks in, and a trial that is pulled off breaks in the concrete, not on it.',
    ],
    salt: ['Salt in the concrete', 'How far salt has gone in is measured: beside a clean patch in salty concrete bars rust next.'],
    both: ['Oil and salt in the concrete', 'Oil is drawn out or cut away until a drop of water sinks in; how far salt has gone in is measured.'],
  },
  filler: {
    soft: ['Old sealant', 'The old sealant is cut out on both sides and pulled; the walls are ground bright, since its film holds nothing.'],
    hard: ['Old filler', 'The old filler is sawn out to the depth of the cut: new filler on old comes out with it.'],
    unknown: ['What is in the joint', 'A hand of the joint is opened first: what is in it is not known.'],
  },
  piece: { yes: ['The broken piece', 'The piece is kept dry and numbered: it shows the shape of the edge, and a stone face may go back in.'] },
  deposit: {
    white: [
      'A white crust',
      'Water goes through it: where it comes from is found and led away, the crust is brushed off dry, and none comes back within a week of wet weather.',
    ],
  },
  dusting: { yes: ['A dusting face', 'What dusts is ground off until a wet finger stays clean: nothing holds on dust.'] },
  layer: {
    coat: ['Which layer let go', 'Only what lies over the joint between the two coats comes down; the coat below is roughened and tried.'],
    finish: ['Which layer let go', 'Only the finish comes down; the coat below is scraped, tapped and tried before it carries another.'],
    unknown: ['Which layer let go', 'One piece is pulled on trial before anything is ordered: which layer let go is not known.'],
  },
  fastener: {
    unknown: ['What popped', 'One head is bared first, to see whether it is a nail or a screw.'],
  },
  frame: {
    steel: ['Steel framing', 'Screws with a fine thread or a drill point, and a slow gun: others strip thin steel.'],
    other: ['Other framing', 'One screw is tried first: what holds in this framing is not known.'],
  },
  layers: { two: ['Two layers of board', 'Both layers are closed, each with board of its own thickness, the outer opening a hand larger than the inner.'] },
  knocked: { yes: ['It can be knocked again', 'A stop or a rail goes up with the repair.'] },
  fibers: { yes: ['Torn fibers', 'Torn fibers are cut off, not pressed in: they stand up again when they are wetted.'] },
  metal: { yes: ['Bare metal', 'The metal is bright and dry within the hour that it is covered: it flashes with rust.'] },
  branches: { yes: ['A branching crack', 'Every branch is followed with dye to its end and gets a stop hole of its own.'] },
  nail: { yes: ['A scratch that is felt', 'The deepest is measured before anything is sanded: how far one may go follows from it.'] },
  rust: {
    spot: ['A spot of rust', 'The spot is ground to bright metal, to where the enamel holds.'],
    under: ['Rust under the enamel', 'Enamel is taken off as far as rust creeps under it, and that may be more than is seen: the client is told.'],
  },
  fault: {
    ridge: ['Ridges over joints', 'The framing is dry and the joint quiet before it is smoothed: else the ridge comes again.'],
    hump: ['A hump', 'A straightedge tells how far it is run out: what stands up is not sanded into the paper.'],
    blister: ['Blisters', 'Each is cut round and peeled back to where it holds; what lies below is dried and primed.'],
    banding: ['Joints that shine through', 'The whole face is primed alike, since joint and board drink differently; a spot shows again.'],
    scratches: ['Sanding scratches', 'One grit finer than made them, by hand, before anything goes over.'],
    texture: ['Texture that does not match', 'The new texture is tried on a card and held beside the old one before it goes on the wall.'],
  },
  cause: {
    coats: ['Too few coats', 'The face is primed and looked at again in the light that showed it, before it is called done.'],
    sanding: ['Sanded too coarse or too far', 'Where paper was sanded into fuzz it is sealed first: what is wetted stands up again.'],
    primer: ['No primer', 'The paint is tried with tape: what lifts is scraped off to where it holds, and the face is primed before anything else.'],
    dry: ['Coated before it was dry', 'What is still soft is scraped off, and the meter or a film taped on overnight says when it is dry.'],
  },
  softened: {
    soft: ['Soft board', 'What is soft is cut out, back to where the paper holds and a point does not sink in; what lies behind it dries first.'],
    dried: ['Board that was wet', 'Where it gives under the thumb it comes out; its stain is sealed before paint, else it comes through.'],
  },
  cavity: { insulation: ['Insulation behind', 'Insulation behind is looked at before it is closed: what is wet comes out, and the place dries.'] },
  infill: {
    insulation: ['Insulation behind', 'Insulation behind is looked at before it is closed: what is wet comes out, and the place dries.'],
    unknown: [
      'What is behind',
      'A hole as wide as a finger is opened first and looked into with a lamp; where granules run out or glitter, it is taped shut and asked about.',
    ],
  },
  barSeen: {
    near: ['A bar near the face', 'Where the bar lies and how deep is marked along its whole length before the saw goes in; there the cut stays above it.'],
    rusted: [
      'A rusted bar at the edge',
      'Concrete comes off along the bar until it is clean, a hand past that and all round it: how much is left of it is measured before anything is ordered.',
    ],
  },
  hollow: { yes: ['Hollow beside the crack', 'The hollow strip is marked, and fastened or taken off: a crack is not filled between two edges that move.'] },
  face: {
    top: ['A check in the top', 'Water stands in it: it is dried to its bottom and covered, or the next winter opens it.'],
    end: ['A check in the end grain', 'The end is cut back or sealed first: it drinks along the grain.'],
    bottom: ['A check in the underside', 'It drains there: it is not closed where water can come in from above.'],
  },
  coated: {
    yes: ['Coated before', 'The old coating comes off where the repair bears, and is tried for hold around it; a new one over a loose one peels with it.'],
    unknown: ['Whether it was coated', 'An edge is scraped where it is not seen: an old coating has to hold, or come off.'],
  },
};

/** The surface that a kind counts to: board is worked as plaster is. */
const as = (surface: string) => (surface === 'drywall' ? 'plaster' : surface);

const made = (id: string, [title, what]: readonly [string, string]): First => ({ id, title, who: crewFirst, what: say`${what}`, source: 'practice' });

/** How what was on it comes off, by surface and answer; what is not named here is tried, dulled or looked at. Common practice. */
const comesOff: Readonly<Record<string, Readonly<Record<string, Stripping>>>> = {
  concrete: { paint: 'scrape', coating: 'grind', covering: 'scrape', tile: 'chip', sealer: 'grind', patch: 'chip' },
  plaster: { covering: 'scrape', paper: 'scrape', limewash: 'brush', patch: 'chip' },
  timber: { paint: 'scrape', coating: 'scrape', covering: 'scrape', patch: 'scrape' },
};

/** Something that is taken off by hand around the place. */
const stripped = (ledger: Ledger, first: First, by: Stripping | undefined): First => ({
  ...first,
  ...(by && { strips: { past: ledger.sourced(beforeWork.figures.stripped), by } }),
});

/** What lay on it before. */
export const beforeFirst: FirstRule = ({ surface, choice, ledger }) => {
  const was = choice('before') ?? '';
  const words = onIt[as(surface)]?.[was];
  return words && stripped(ledger, made('before', words), comesOff[as(surface)]?.[was]);
};

/** What an answer of its own asks for, each field at most one thing. */
export const answerFirsts: readonly FirstRule[] = Object.entries(answered).map(([field, values]): FirstRule => ({ choice }) => {
  const words = values[choice(field) ?? ''];
  return words && made(field, words);
});

/** Wood that is worked on in the weather. */
export const weatherFirst: FirstRule = ({ surface, choice }) =>
  surface === 'timber' && choice('place') === 'outside'
    ? made('weather', ['Weather', 'A cover keeps rain and sun off from the first cut until the paint is dry: bare wood and soft filler take neither.'])
    : undefined;

/** What damp and its salts ask of plaster before anything goes on it. */
export const dampFirst: FirstRule = ({ surface, choice, ledger }) => {
  if (surface !== 'plaster') return undefined;
  const moisture = choice('moisture');
  const { aboveDamp, offFloor } = beforeWork.figures;
  // on a wall: on a ceiling water comes from above, and nothing rises
  const rises = !['overhead', 'ceiling'].includes(choice('position') ?? '') && !['metal-lath', 'wood-lath', 'board'].includes(choice('base') ?? '');
  const off = rises
    ? say` Old plaster comes off to ${ledger.sourced(aboveDamp)} above the highest damp or salt; the new is of a binder that lets vapor out, and ends ${ledger.sourced(offFloor)} above the floor.`
    : say``;
  if (moisture === 'salts') {
    const first = made('damp', ['Salts', 'Salts are brushed off dry and carried out, never washed in, and the wall dries.']);
    return stripped(ledger, { ...first, what: say`${first.what}${off}` }, 'brush');
  }
  if (moisture !== 'damp' && moisture !== 'wet') return undefined;
  const damp = made('damp', ['Damp in the wall', 'The wall reads dry on the meter at two visits a week apart before anything that damp spoils goes on.']);
  return { ...damp, what: say`${damp.what}${off}` };
};

const coldest = beforeWork.figures.paintC;

/** Paint that is asked for where it is too cold for it. */
export const paintFirst: FirstRule = ({ ledger, choice, measure }) => {
  const painted = ['flat', 'eggshell', 'gloss'].includes(choice('paint') ?? '') || choice('finish') === 'paint';
  const [day, night] = [measure('airC'), measure('nightC')];
  const air = night && day && night.value < day.value ? night : day;
  if (!painted || !air || atLeast(air.value, coldest.value)) return undefined;
  return {
    id: 'paint-cold',
    later: true,
    title: 'Too cold for paint',
    who: crewFirst,
    what: say`${air === night ? 'The nights fall to' : 'It is'} ${air} here; primer and paint close to a film from ${ledger.sourced(coldest)} on, air and face alike, the night too. The place is warmed a day before and held, or they wait for another day.`,
    source: 'generic-sheet',
  };
};
