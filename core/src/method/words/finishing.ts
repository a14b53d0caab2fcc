import type { Figure } from '../../quantity/figure.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';

/** Sanding filled places dry. */
export const sandFlat = (grit: Figure, finer: Figure, past: Figure, how: 'dry' | 'sponge'): Said => ({
  builder: 'sand-flat',
  title: how === 'sponge' ? say`Smooth it with a damp sponge, ${past} past the edge` : say`Sand with P${grit}, then P${finer}, ${past} past the edge`,
  detail:
    how === 'sponge'
      ? say`smooth side of the sponge, wrung out, from the middle outward; rinsed every few strokes`
      : say`block with its sharp corners broken, vacuum on it; the last strokes lengthwise; dusted off with a dry brush`,
  look: say`No ridge under a fingertip; a dark cloth drawn over it stays clean.`,
  done: 'Smooth',
  gives: ['level'],
  tools: how === 'sponge' ? ['sponge', 'two pails'] : ['sanding block', 'vacuum', 'brush'],
});

/** Looking a face over in raking light. */
export const lookOver = (passes: Figure, why: string, outdoors = false): Said => ({
  builder: 'look-over',
  title: say`Look it over in raking light${passes.value > 1 ? ' and by hand' : ''}`,
  detail: say`${outdoors ? 'shaded with a board or sheet, a lamp' : 'room darkened, a lamp'} held flat to the face${passes.value > 1 ? ', then the flat of the hand' : ''}; every flaw ringed in pencil and counted; ${why}`,
  look: say`No ring is left open; no edge is felt: what is felt will show.`,
  plain: 'what shows has no measure',
  done: 'No ring open',
  tools: ['lamp', 'pencil', 'straightedge'],
});

/** The second look: one color all over shows what compound and board beside each other hide. */
export const lookAgain = (outdoors: boolean): Said => ({
  builder: 'look-again',
  title: say`Look it over again, on the primer`,
  detail: say`lamp and hand as before${outdoors ? ', in the shade' : ''}: one color shows what two hid; what is found is filled thin, sanded when it is dry and primed once more, only there, before anything goes over`,
  look: say`No ring is left open; no edge is felt.`,
  plain: 'what shows has no measure',
  done: 'No ring open on the primer',
  tools: ['lamp', 'pencil', 'wide knife'],
});

/** What shows is marked before anything is touched. */
export const markFaults = (area: Figure, outdoors: boolean): Said => ({
  builder: 'mark-faults',
  title: say`Mark what shows in raking light, ${area}`,
  detail: say`${outdoors ? 'shaded with a board or sheet' : 'room darkened'}, a lamp held flat to the face from two sides; ringed in pencil, never in ink: ink bleeds through paint`,
  look: say`A ring round all that throws a shadow, and nothing else ringed.`,
  done: 'All ringed',
  tools: ['lamp', 'pencil', 'straightedge'],
});

/** A ridge taken down, by what its compound does when it is wet. */
export const takeRidgeDown = (softens: Figure, grit: Figure, wet: boolean): Said => ({
  builder: 'take-ridge-down',
  title: say`Take the ridges down${wet ? ' with a damp sponge' : ''}`,
  detail: say`a wet cloth on a hand of it for ${softens} tells: what goes soft is sponged level, wrung out, along the ridge; what stays hard is shaved with a knife held flat and sanded with P${grit}, block across it, vacuum on it; no deeper than the paper, which never shows; dusted off`,
  look: say`A straightedge rocks nowhere; no paper shows and none is furred.`,
  done: 'Ridges down',
  gives: ['level'],
  tools: ['wide knife', 'sponge', 'two pails', 'sanding block', 'vacuum', 'brush'],
});

/** Scratches sanded out, finer than made them. */
export const sandOut = (grit: Figure): Said => ({
  builder: 'sand-out',
  title: say`Sand the scratches out with P${grit}, by hand`,
  detail: say`along their length, no pressure on the corners; off the paper of the board: what furs is sealed with primer and cut off when it is dry; dusted off`,
  look: say`The lamp shows no line; a dark cloth stays clean.`,
  done: 'No line left',
  gives: ['level'],
  tools: ['sanding block', 'vacuum', 'brush'],
});

/** What shines through is dulled from corner to corner, so that primer takes everywhere alike. */
export const dullBands = (area: Figure): Said => ({
  builder: 'dull-bands',
  title: say`Dull the face, ${area}`,
  detail: say`a pole with fine paper or a pad, lightly, from corner to corner; joints and board alike; wiped free of dust`,
  look: say`No shine is left, joints and board look alike when a damp cloth is drawn over them.`,
  done: 'Dull all over',
  gives: ['level'],
  tools: ['pole with paper', 'damp cloth', 'vacuum'],
});

/** Texture that does not match is taken off before it is met again. */
export const scrapeTexture = (area: Figure): Said => ({
  builder: 'scrape-texture',
  title: say`Take the wrong texture off, ${area}`,
  detail: say`misted with water where it softens, scraped with a wide knife held flat; what was painted is sanded flat instead, vacuum on the block; its edge feathered a hand into the old; dusted off`,
  look: say`Flat to the straightedge; no step where the old texture begins.`,
  done: 'Flat',
  gives: ['level'],
  tools: ['wide knife', 'spray bottle', 'sanding block', 'vacuum', 'brush'],
});

/** How far a coat goes: over the repair alone, the whole face, or a piece of wood. */
export type CoatedAs = 'patch' | 'face' | 'wood';

/** How primer ends, so that it is not seen. */
const primerEnds = {
  patch: 'rolled out well past the repair with both edges of the roller unloaded, so that it stops in no line',
  face: 'rolled from corner to corner, so that all of the face drinks alike',
  wood: 'brushed with the grain past the repair, every edge and end of it covered',
} as const;

/** How paint ends, so that it is not seen. */
const paintEnds = {
  patch: 'to the nearest corner where one is near, else run out under a nearly dry roller; same roller and same batch as the rest',
  face: 'from corner to corner without a stop, always into the wet edge; one batch for all of it',
  wood: 'with the grain, from joint to joint of the piece; same batch as the rest',
} as const;

/** Primer over a repair. */
export const primeOver = (paint: Figure, area: Figure, dry: Figure, which: string, as: CoatedAs): Said => ({
  builder: 'prime-over',
  title: say`Prime ${area} with ${paint}`,
  detail: say`${which}; ${primerEnds[as]}; dry in ${dry}`,
  look: say`Even and dull all over; the repair drinks no more than the face around.`,
  done: 'Primed',
  tools: as === 'wood' ? ['brush'] : ['roller', 'tray', 'brush'],
});

/** Whether what follows holds on resin is tried where it is not seen. */
export const trialPaint = (closes: boolean): Said => ({
  builder: 'trial-paint',
  title: say`Try the ${closes ? 'coating' : 'paint'} on a hand of the repair`,
  detail: say`the resin washed of what bloomed on it, dulled until it no longer shines, wiped dry; primer and one coat over resin and concrete alike`,
  look: say`It lies without holes and crawls nowhere; dry, a cross cut through it stays whole under tape.`,
  done: 'Trial on',
  plain: 'a hand of it, whatever the size',
  tools: ['abrasive pad', 'brush', 'knife and tape'],
});

/** The paint over a repair that was in use before is dry. */
export const paintedAgain = (closes: boolean): Said => ({
  builder: 'painted-again',
  title: say`${closes ? 'Coated' : 'Painted'} again, and dry`,
  detail: say`nothing set on it or run over it until then; brushes and rollers washed at once`,
  look: say`No edge, no shine of its own; a fingertip pressed and turned leaves no mark.`,
  done: 'Painted and dry',
  plain: 'by touch and eye, whatever the size',
  tools: [],
});

/** Stain is tried where it may fail. */
export const tryStain = (): Said => ({
  builder: 'try-stain',
  title: say`Try the stain on an offcut and on a hand of the new wood`,
  detail: say`wetted, dried and sanded as the place is; dry beside the old piece, looked at under a clear coat and by day; new wood drinks more than old: thinner first, twice rather than dark`,
  look: say`Dry under clear, the offcut cannot be told from the old wood.`,
  done: 'Stain chosen',
  plain: 'a hand of it, whatever the size',
  tools: ['offcut', 'cloth', 'lamp'],
});

/** Stain wiped on. */
export const wipeStain = (stain: Figure, area: Figure): Said => ({
  builder: 'wipe-stain',
  title: say`Wipe the stain on: ${stain} over ${area}`,
  detail: say`with the grain, wet to a joint of the piece, the rest wiped off before it dries; resin takes none: its tint was mixed in; rags laid out flat outside, they can catch fire by themselves`,
  look: say`One color from joint to joint, no lap and no drop.`,
  done: 'Stained',
  tools: ['cloth', 'brush', 'metal can with a lid'],
});

/** A clear coat. */
export const clearCoat = (coat: number, coats: Figure, each: Figure, grit: Figure, outdoors: boolean): Said => ({
  builder: 'clear-coat',
  title: say`Clear coat ${String(coat)} of ${coats}: ${each}`,
  detail: say`${coat === 1 ? 'thinned as its sheet says, into every pore' : say`the coat below dulled with P${grit} by hand, wiped with a tack cloth`}; with the grain, from joint to joint, end grain twice${outdoors ? '; one that keeps sunlight off the wood' : ''}`,
  look: say`Even under the lamp: no hair, no run, no dry spot.`,
  done: 'Coat on',
  tools: ['fine brush', 'tack cloth', 'lamp'],
});

/** A coat of paint. */
export const paintCoat = (coat: number, coats: Figure, paint: Figure, as: CoatedAs, called = 'Paint'): Said => ({
  builder: 'paint-coat',
  title: say`${called}, coat ${String(coat)} of ${coats}: ${paint}`,
  detail: say`${paintEnds[as]}`,
  look: say`No edge, no shine of its own, seen from both sides against the light.`,
  done: 'Coat on',
  gives: ['painted'],
  tools: as === 'wood' ? ['brush'] : ['roller', 'tray'],
});

/** Waiting for paint or primer. */
export const paintDry = (dry: Figure, what: string, outdoors = false): Said => ({
  builder: 'paint-dry',
  title: say`Let the ${what} dry, ${dry}`,
  detail: say`${outdoors ? 'no rain and no dew on it' : 'windows as they were'}; colder or damper takes longer, look and touch decide`,
  look: say`A fingertip pressed and turned leaves no mark.`,
  done: 'Dry to the touch',
  tools: [],
});

/** Texture to match what is around. */
export const texture = (
  area: Figure,
  distance: Figure,
  passes: Figure,
  { kind, hopper, knocked }: { readonly kind: string; readonly hopper: boolean; readonly knocked: boolean },
): Said => ({
  builder: 'texture',
  title: say`Texture: ${kind}, ${area} in ${passes} passes`,
  detail: say`tried on card first and held beside the old; ${hopper ? 'thinned until it runs off the stick like batter, hopper with little air, the opening by the size of the old drops' : 'can shaken until the ball runs free and a while longer, coarser tip first and the finer one to blend'}; square to the face ${distance} away, circling, out past the repair into the old${knocked ? '; left until its shine is gone, then drawn flat lightly with a wide knife, one way and not twice' : ''}; the ${hopper ? 'hopper is washed' : 'tip is cleaned'} at once: it serves again`,
  look: say`From two steps away the eye does not find where it begins.`,
  done: 'Texture on',
  gives: ['texture'],
  tools: [hopper ? 'hopper gun' : 'texture can', 'cardboard to try on', ...(knocked ? ['wide knife'] : [])],
});

/** What the moment is called from which it is used. */
export const readyTitle = (words: string): Saying => say`Ready for ${words}`;

/** When it is used again. */
export const inUse = (words: string, after: Figure, check: string): Said => ({
  builder: 'open-to-traffic',
  title: readyTitle(words),
  detail: after.value > 0 ? say`no sooner than ${after} after it was placed` : say`at once`,
  ...(after.value === 0 && { plain: 'there is nothing to wait for' }),
  look: say`${check}`,
  done: 'Checked: open',
  tools: [],
  sign: 'opens',
});
