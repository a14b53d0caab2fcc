import type { Figure } from '../../quantity/figure.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import type { FirstStep } from './first.ts';

/** Warmed, and held there until what is placed is hard. */
export const heated = (title: Saying, what: string, least: Figure, minutes: Figure): FirstStep => ({
  by: 'heat',
  title,
  detail: say`closed off from wind and draft, vented heaters turned away from the place, a thermometer on its coldest corner; warm parts and tools lie in it too. Never more hardener instead`,
  look: say`${least} at the coldest corner, when the heater has been off for the time of a coffee.`,
  done: 'Warm',
  limits: [{ what, is: 'least', figure: least }],
  hold: {
    minutes,
    title: say`Held so for ${minutes} before anything is placed, and on until it is hard`,
    look: say`The lowest reading of the night is not under it.`,
  },
});
