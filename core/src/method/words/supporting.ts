import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';

/** Finding out whether a shell gives. */
export const supportShell = (holes: Figure, across: Figure, shots: Figure, liquid: Figure, wait: Figure, open: boolean): Said => ({
  builder: 'support-shell',
  title: say`Support it: ${shots} shots, ${liquid} of liquid in all`,
  detail: say`${open ? 'the place taped over, so that no foam comes through it; ' : ''}through ${holes} holes of ${across}, or from below; small shots of foam that swells little, now in one hole, now in the other, each left ${wait} before the next; the tub weighed down as the sheet says; a foam that swells much lifts it`,
  look: say`Pressed by hand it no longer gives; the rule beside it stands still.`,
  done: 'Gives no more',
  tools: ['drill', 'low-expansion foam', 'rule'],
});

/** Closing the holes through which a shell was supported. */
export const closeAccess = (holes: Figure, across: Figure): Said => ({
  builder: 'close-access',
  title: say`Close the ${holes} access holes of ${across}`,
  detail: say`foam cut back below the shell, edges scuffed; a disc of mat in the first resin pressed in from the face, a second over it onto the shell, rolled flat`,
  look: say`No hole gives under the thumb; no white air under the mat.`,
  done: 'Access holes closed',
  gives: ['access'],
  tools: ['knife', 'roller', 'brush'],
});
