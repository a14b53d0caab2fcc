import type { Figure } from '../../quantity/figure.ts';
import type { Course } from '../course.ts';
import { boardOff } from '../words/placing.ts';
import { edgeForm } from './steps/edgeForm.ts';
import type { SquareCut } from './squareCut.ts';

/** A board at a broken edge, before anything is placed against it. */
export function setBoard(c: Course, { form }: SquareCut): void {
  if (!form) return;
  c.add(edgeForm(form, c.byCount('nothing', 'fitEach', c.get(c.rates.once), 'Setting the board')), {
    uses: [c.use('edge-board', 'Board at the edge, as high as told', 'backing', form.long)],
  });
}

/** The board comes off as soon as what was placed against it stands by itself. @param hard it has hardened: nothing is rubbed any more */
export function takeBoardOff(c: Course, long: Figure, hard = false): void {
  c.work(boardOff(long, hard), c.byLength('inHand', 'tapePace', long, 'Taking the board off'));
}
