import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';

/** Letting out what water stands behind a shell that is open, or may be. */
export const drainBehind = (dry: Figure, hole: boolean): Said => ({
  builder: 'drain-behind',
  title: say`Let out what stands behind it, then dry for ${dry}`,
  detail: say`the tape taken off; through ${hole ? 'the hole' : 'the stop holes and the crack'}, or from below where that can be reached: soaked up with cloth or a sponge on a wire, wrung out, again and again; then a fan blows into it, room air and not hot; nobody uses the tub`,
  look: say`Nothing more drips; the cloth comes out as it went in.`,
  done: 'Nothing runs any more',
  tools: ['cloth', 'sponge on a wire', 'fan'],
  stands: ['fan'],
});

/** Whether it is dry behind a shell, before anything closes it. */
export const dryBehind = (hole: boolean): Said => ({
  builder: 'dry-behind',
  title: say`Dry behind it?`,
  plain: 'a look and a feel, the same whatever the size',
  detail: say`a strip of tissue pushed in through ${hole ? 'the hole' : 'the stop holes'} as far as it goes, left for some minutes; what is closed in wet lifts the repair and rots what carries the shell`,
  look: say`It comes out dry. Damp: the fan stays another day; wet again: water still comes in from somewhere, and that is found before anything is closed.`,
  done: 'Dry behind',
  tools: ['tissue'],
});

/** What wet mat lies on over a hole until it is hard. */
export const backHole = (reached: boolean): Said => ({
  builder: 'card-behind',
  title: reached ? say`Close the hole from behind for the mat` : say`Draw a card against the back of the hole`,
  plain: 'one cut and one tie, the same whatever the size',
  detail: reached
    ? say`stiff card in release film, held flat against the back with tape; it comes off when the mat is hard`
    : say`stiff card in release film, bent through the hole, drawn flat against the back by two wires tied over a stick across the face; the first mat goes on around the wires, they are cut off flush before the next; the card stays behind`,
  look: say`Pressed with a finger it lies against the shell all round; no gap under its edge.`,
  done: 'Backed',
  tools: ['stiff card', 'release film', reached ? 'tape' : 'wire'],
});
