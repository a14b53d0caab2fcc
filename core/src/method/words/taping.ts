import type { Figure } from '../../quantity/figure.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';

/** Bedding tape. */
export const bedTape = (length: Figure, width: Figure, bed: Figure, compound: Figure, kind: 'paper' | 'mesh'): Said => ({
  builder: 'bed-tape',
  title: say`Bed ${length} of ${kind === 'paper' ? 'paper tape' : 'mesh tape'}: ${compound}`,
  detail:
    kind === 'paper'
      ? say`${width} wide, in ${bed} of compound, dragged so that no air stays under it; a thin coat over it at once`
      : say`${width} wide, pressed on dry; ${bed} of setting compound through it: drying compound does not hold on mesh`,
  look: say`No bubble, no edge lifts; tape is seen as a shadow only.`,
  done: 'Tape bedded',
  gives: ['closed'],
  tools: [kind === 'paper' ? 'paper tape' : 'mesh tape', 'taping knife'],
});

/** Taking an old bead off an outside corner. */
export const cutBead = (length: Figure, screw: Saying): Said => ({
  builder: 'cut-bead',
  title: say`Take the old bead off, ${length}`,
  detail: say`compound scored beside both flanges, nails drawn or cut, bead lifted out in one piece; loose paper and compound cut off, both boards screwed tight, ${screw}`,
  look: say`Both boards end sharp; a straightedge along the corner touches all the way.`,
  done: 'Old bead off',
  tools: ['knife', 'bar', 'screw gun'],
});

/** Bedding a bead on an outside corner. */
export const bedBead = (length: Figure, width: Figure, bed: Figure, compound: Figure): Said => ({
  builder: 'bed-bead',
  title: say`Bed ${length} of corner bead: ${compound}`,
  detail: say`${width} over both flanges, in ${bed} of compound on both faces; cut short of the floor, pressed on with a roller or the knife from the middle out, its nose held to a straightedge; what squeezes out is drawn off`,
  look: say`The nose is straight and plumb, and stands a trace above both faces; no flange lifts.`,
  done: 'Bead bedded',
  gives: ['closed'],
  tools: ['corner bead', 'snips', 'taping knife', 'straightedge'],
});

/** Cutting out loose tape. */
export const cutTape = (length: Figure, past: Figure, screw: Saying): Said => ({
  builder: 'cut-tape',
  title: say`Cut the loose tape out, ${past} past where it holds`,
  detail: say`${length} of it, both edges scored first; loose compound scraped to sound paper; a board that gives is screwed tight, ${screw}`,
  look: say`What is left cannot be lifted with the knife.`,
  done: 'Loose tape out',
  tools: ['knife', 'scraper', 'screw gun'],
});

/** Freeing a corner from its frame. */
export const freeCorner = (back: Figure, length: Figure, screws: Figure, screw: Saying): Said => ({
  builder: 'free-corner',
  title: say`Free one face of the corner, ${back} back`,
  detail: say`${length} of it: fasteners nearer to the angle drawn or driven through; board held beyond by screws ${screws} apart, ${screw}: the corner then floats with the seasons`,
  look: say`Pressed beside the angle the board gives a little and comes back; nothing clicks.`,
  done: 'Corner free',
  tools: ['magnet', 'screw gun', 'punch'],
});
