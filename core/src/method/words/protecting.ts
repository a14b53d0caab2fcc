import type { Figure } from '../../quantity/figure.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';

/** What covering is called, whatever the work. */
export const coverTitle = (around: Figure): Saying => say`Cover what lies around, ${around} out`;

/** Covering what lies around before anything is cut, scraped or mixed. */
export const coverRoom = (around: Figure, overhead: boolean, outdoors = false): Said => ({
  builder: 'cover-room',
  title: coverTitle(around),
  detail: say`${outdoors ? 'sheet on the ground, over plants and what stays, weighed down on the side of the wind' : 'sheet on the floor and over what stays, taped down; doors and grilles closed off with film'}${overhead ? '; nobody walks below until the last coat' : ''}`,
  look: say`Nothing bare within reach of splash and dust; ${outdoors ? 'the sheet does not lift in the wind.' : 'the film is drawn in, not blown out, while the vacuum runs.'}`,
  done: 'All covered',
  tools: ['sheet', 'film', 'tape'],
  once: 'area-day',
});

/** Laying everything out before the clock of a mix runs. @param resin whether it is resin, which water does not wash off */
export const layOut = (within: Figure, what: string, resin: boolean): Said => ({
  builder: 'lay-out',
  straightOn: true,
  title: say`Lay everything out: a mix lasts ${within}`,
  detail: say`${what}; gloves on, ${resin ? 'a rag and the cleaner of the sheet' : 'a wet sponge and clean water'} at hand; who mixes and who places is settled`,
  look: say`Every tool within reach; nothing is fetched after the first stir.`,
  done: 'All within reach',
  tools: resin ? ['scale', 'cups and sticks', 'gloves', 'cleaner'] : ['scale', 'cups and sticks', 'gloves'],
  place: 'ahead',
});

/** Pulling tape while what lies on it is soft. */
export const pullTape = (within: Figure, dams = false): Said => ({
  builder: 'pull-tape',
  title: dams ? say`Pull the tape when it has gelled, within ${within}` : say`Pull the tape within ${within}`,
  detail: say`${dams ? 'no sooner: it holds up what stands above the face; ' : ''}slowly, folded flat back over itself and away from the edge; what it holds goes into a bag, not onto the floor`,
  look: say`A clean edge all along; nothing was lifted with it.`,
  done: 'Tape off',
  tools: ['gloves'],
});

/** The wait of what is dammed by tape. */
export const gelFirst = (gelled: Figure): Said => ({
  builder: 'gel-first',
  title: say`Let it gel, ${gelled}`,
  detail: say`the tape stays on meanwhile; the retained sample is touched, not the work`,
  look: say`A stick leaves a mark and no string.`,
  done: 'Gelled',
  tools: [],
});

/** Cleaning tools, while what is left can still be wiped off; what lies over the room stays until the end. */
export const clearAway = (within: Figure, left: string): Said => ({
  builder: 'clear-away',
  title: say`Clean tools within ${within}`,
  detail: say`${left}; batch, lot, times and temperature written down`,
  look: say`Tools bright, nothing sets on them; the note has batch and time.`,
  done: 'Tools clean',
  sameDay: true,
  cleans: true,
  tools: ['rags', 'pail', 'pen'],
  place: 'aside',
});

/** Clearing away when no more work is to come, or none for days. @param covered whether sheets lie @param back whether more of it is to come */
export const putAway = (covered: boolean, back = false): Said => ({
  builder: 'put-away',
  title: say`Clear away${back ? ' until it has dried' : ''}`,
  detail: say`${covered ? 'dust vacuumed before anything is lifted; sheets and film folded inward' : 'dust vacuumed; what is left goes into a bag'}; ${back ? 'they are laid again before work goes on' : 'what lot and color went in is written down'}`,
  look: say`Wiped down, nothing gritty underfoot${back ? '' : '; the note is complete'}.`,
  done: 'Cleared away',
  plain: 'the same whatever the size',
  tools: ['vacuum', 'rags', 'pen'],
  place: 'aside',
  once: 'area-day',
});

/** Propping what may come down. */
export const propUp = (props: Figure, weight: Figure): Said => ({
  builder: 'prop-up',
  title: say`Prop it first: ${props} props`,
  detail: say`what hangs weighs ${weight}; a board with soft packing under it, raised until it just bears; room cleared and closed`,
  look: say`The board touches all along; nothing creaks when tapped beside it.`,
  done: 'Propped',
  tools: ['props', 'boards', 'packing'],
  stands: ['props'],
  pair: true,
});
