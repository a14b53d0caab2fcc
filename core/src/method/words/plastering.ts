import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';

/** Taking plaster down to where it holds. */
export const takeDown = (area: Figure, rim: Figure, what: string): Said => ({
  builder: 'take-down',
  title: say`Take it down to where it holds, ${area}`,
  detail: say`${what}; from the middle to the tight edge and ${rim} past where it sounded hollow; what comes off is measured again: more than was marked is a new plan; pieces into a pail, keys and dust out from behind`,
  look: say`The edge rings and does not move under the thumb; the base is bare and clean.`,
  done: 'Down to sound',
  tools: ['hammer and bolster', 'scraper', 'pail', 'vacuum'],
});

/** Cutting out a strip along a crack. */
export const cutStrip = (width: Figure, length: Figure): Said => ({
  builder: 'cut-strip',
  title: say`Cut a strip out along the crack, ${width} wide`,
  detail: say`${length} of it, down to the base, its sides leaning under the old plaster; brushed and vacuumed twice`,
  look: say`Both edges sound when tapped; no dust on a wet finger.`,
  done: 'Strip out',
  tools: ['knife', 'bolster', 'vacuum'],
});

/** New lath. */
export const fixLath = (area: Figure, lapLong: Figure, lapEnd: Figure, apart: Figure, step: Figure, outside: boolean): Said => ({
  builder: 'fix-lath',
  title: say`Fix lath over ${area}, fasteners ${apart} apart`,
  detail: say`stopping on framing; long edges lapped ${lapLong}, ends ${lapEnd}, the upper over the lower${outside ? '; a water barrier behind it, shingled into the old' : ''}; tied to the old lath where that is sound; the old edge stepped back ${step} a coat`,
  look: say`Drum-tight: it does not spring under the hand; no lap is open.`,
  done: 'Lath drum-tight',
  tools: ['lath', 'fasteners', 'snips', 'tie wire'],
});

/** Making suction even. */
export const evenSuction = (agent: string, times: Figure): Said => ({
  builder: 'even-suction',
  straightOn: true,
  title: say`Dampen edge and base, ${times} times`,
  detail: say`${agent}; the edge of the old plaster most: a dry edge drinks the water of the new`,
  look: say`Dark and dull, and darkens evenly; no drop runs.`,
  done: 'Dark and dull',
  tools: ['brush', 'mister'],
});

/** A bonding agent, open for a while. */
export const bondCoat = (agent: string, volume: Figure, open: Figure | undefined, coldest: Figure): Said => ({
  builder: 'bond-coat',
  title: say`Brush ${volume} of ${agent} on`,
  detail: say`on ground of ${coldest} or warmer, thin and everywhere; ${open ? say`its clock starts at the first stroke: plastered within ${open}; dried, it is a bond breaker` : 'it softens again under wet plaster, so that it may dry first; inside and dry only'}`,
  look: say`An even film, no bare spot; ${open ? 'still tacky or wet when the coat goes on.' : 'milky, then clear.'}`,
  done: 'Bonding coat on',
  tools: ['brush', 'pail', 'clock'],
});

/** How each coat is left: the first gives the next its key, the second its plane. */
const coatLeft = {
  scratch: 'left below the old face and scratched crosswise when it firms up',
  brown: 'ruled off as deep as the finish is thick below the old face',
  finish: 'ruled off to the old face',
} as const;

/** A coat of plaster. */
export const plasterCoat = (coat: number, coats: Figure, name: 'scratch' | 'brown' | 'finish', thickness: Figure, volume: Figure, overhead: boolean): Said => ({
  builder: 'plaster-coat',
  title: say`Coat ${String(coat)} of ${coats}, ${name}: ${volume}`,
  detail: say`mixed fresh; ${thickness} thick${overhead ? ', laid on with about the push of a full shopping bag' : ''}; the perimeter joint first, then the body; ${coatLeft[name]}; tools and floor washed before it sets`,
  look:
    name === 'scratch'
      ? say`Hangs without a bulge; the scratches stand sharp.`
      : name === 'brown'
        ? say`A straightedge held across finds no hump and the same gap to the old face all along.`
        : say`A straightedge bridges old and new without rocking.`,
  done: 'Coat on',
  cleans: true,
  gives: ['closed'],
  tools: ['hawk', 'trowel', name === 'scratch' ? 'scratcher' : 'straightedge'],
});

/** Floating a coat. */
export const floatPlaster = (after: Figure, finish: boolean): Said => ({
  builder: 'float-plaster',
  title: say`Float it when it has firmed up, about ${after} on`,
  detail: finish
    ? say`the perimeter joint first with a wet sponge float, then circles over the body; the least water that brings sand to the face: free water dusts and crazes it`
    : say`with a wooden float, hollows filled from the hawk; left open and grainy, not closed with the trowel: the finish holds in that`,
  look: finish ? say`The joint is gone; the face is even and its sand stands up.` : say`Flat all over and rough under the hand.`,
  done: 'Floated',
  soon: true,
  ...(finish && { gives: ['level'] as const }),
  tools: ['sponge float', 'flat float'],
});

/** Troweling a finish that is smooth: none of its sand is brought up. */
export const trowelPlaster = (after: Figure, cement: boolean): Said => ({
  builder: 'trowel-plaster',
  title: say`Trowel it smooth when it has firmed up, about ${after} on`,
  detail: cement
    ? say`the perimeter joint first, floated flat, then closed with two light passes of a steel trowel once its shine is gone; no more: a face that is troweled hard crazes`
    : say`the perimeter joint first, then the body, the trowel flatter and pressed harder with each pass; water flicked on with a brush just ahead of it and worked straight in: more than that softens and crazes the face`,
  look: say`The joint is gone; a lamp held flat shows no line.`,
  done: 'Troweled',
  soon: true,
  gives: ['level'],
  tools: ['trowel', 'flat float', 'brush'],
});

/** A dash over the floated finish. */
export const throwDash = (area: Figure, until: Figure): Said => ({
  builder: 'throw-dash',
  title: say`Throw the dash within ${until}: ${area}`,
  detail: say`the finish is firm to the thumb and still damp; the mix as thick as cream, flicked off a brush or scoop from a step away, tried on a board first until its grain is that of the old; begun a hand inside and run out into it; splashes beside are washed off at once`,
  look: say`From two steps away the eye does not find where it begins; nothing has slid.`,
  done: 'Dash on',
  gives: ['texture'],
  tools: ['stiff brush', 'hawk', 'board to try on'],
});

/** A finish that has dried on before its dash. */
export const dampAgain = (minutes: Figure) => ({
  builder: 'damp-again',
  title: say`Damp the finish again`,
  detail: say`a fine mist over all of it and a hand beyond, twice; the dash waits until the shine is gone`,
  look: say`Dark and dull, nothing runs.`,
  done: 'Damp again',
  plain: 'by eye, whatever the size',
  tools: ['sprayer for water'],
  minutes,
});

/** Keeping a coat damp. */
export const moistCoat = (days: Figure, coat: number, keptWet: Figure): Said => ({
  builder: 'moist-coat',
  title: say`Keep coat ${String(coat)} moist for ${days}`,
  detail: say`misted and covered with film, edges closed; out of sun and draft; warmer than the least of the sheet, day and night`,
  look: say`Dark all over; a coin drawn over it leaves no powder.`,
  done: 'Kept moist',
  soon: true,
  keptWet,
  tools: ['mister', 'film'],
});

/** Waiting between two coats of plaster. */
export const betweenCoats = (wait: Figure, why: string): Said => ({
  builder: 'between-coats',
  title: say`Wait for the next coat, ${wait}`,
  detail: say`${why}; dampened again before it goes on`,
  look: say`Hard to the thumbnail; fine cracks have opened as far as they will.`,
  done: 'Hard to the thumbnail',
  tools: [],
});

/** Airing gypsum and lime. */
export const airOut = (days: Figure, thing: string, outdoors: boolean): Said => ({
  builder: 'air-out',
  title: say`Air it for ${days} before ${thing}`,
  detail: say`${outdoors ? 'rain kept off it, air let past' : 'windows open against damp, no forced heat'}; a meter or a film taped on overnight decides, not the date`,
  look: say`Pale all over; nothing has condensed under the film.`,
  done: 'Pale all over',
  tools: ['meter or film'],
});

/** A check of moisture and alkali before paint on cement. */
export const paintCheck = (wait: Figure, early: boolean): Said => ({
  builder: 'paint-check',
  title: say`Before paint: ${wait}, and two checks`,
  detail: say`a film taped on overnight, and the alkali of the face against the limit of the primer${early ? '; this early only over an alkali-tolerant primer' : ''}`,
  look: say`No drops under the film; the strip shows less than the primer bears.`,
  done: 'Both checks passed',
  tools: ['film', 'pH strips'],
});

/** Fastening plaster that has let go. */
export const fastenBack = (points: Figure, apart: Figure, hole: Figure, how: string): Said => ({
  builder: 'fasten-back',
  title: say`Fasten it back at ${points} points, ${apart} apart`,
  detail: say`holes of ${hole} to the lath or joist, closer near the break; dust drawn out through them; ${how}; pressed up slowly before any is tightened`,
  look: say`Tapped between two points it rings; the gap at the edge has closed.`,
  done: 'Fast, rings',
  tools: ['drill', 'vacuum', 'board and prop'],
});

/** Waiting with props. */
export const propped = (wait: Figure): Said => ({
  builder: 'propped',
  title: say`Leave the props, ${wait}`,
  detail: say`until the fastening carries; then eased by a turn and watched`,
  look: say`Eased, the plaster does not follow.`,
  done: 'Eased: it holds',
  tools: [],
  frees: ['props'],
});

/** The wait of an adhesive that holds plaster back, where nothing hangs. */
export const grips = (wait: Figure): Said => ({
  builder: 'grips',
  title: say`Let the adhesive grip, ${wait}`,
  detail: say`a board held against the face by a strut until then; nothing knocked or drilled beside it`,
  look: say`Tapped, it rings like the wall around; the board comes away clean.`,
  done: 'It holds',
  tools: [],
});

/** Opening a crack. */
export const openCrack = (width: Figure, length: Figure): Said => ({
  builder: 'open-crack',
  title: say`Open the crack to a vee, ${width} wide`,
  detail: say`${length} of it; loose edges scraped off, not only the crack; brushed and vacuumed twice`,
  look: say`Both edges hold under the knife; the vee is clean to its bottom.`,
  done: 'Vee clean',
  tools: ['hook or knife', 'vacuum'],
});

/** What evens the suction of edge and base. */
export function suctionBy({ gypsum, lime, outside }: Readonly<Record<'gypsum' | 'lime' | 'outside', boolean>>): string {
  return gypsum
    ? 'or a bonding agent made for gypsum plaster, placed on while it is tacky'
    : lime
      ? 'limewater or clean water, again and again'
      : outside
        ? 'or a bonding agent made for exterior plaster, wet on wet'
        : 'clean water, or a bonding agent while it is open; one that has dried is a bond breaker';
}
