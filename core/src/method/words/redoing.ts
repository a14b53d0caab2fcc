import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Redo } from '../step.ts';

/** Roughening what has hardened, so that the next goes on it. */
export const abradeAgain = (what: string, minutes: Figure): Redo => ({
  builder: 'abrade-again',
  title: say`Abrade ${what} until it is dull`,
  detail: say`along and across, ${minutes} of it; vacuumed, wiped, and dry before it goes on`,
  look: say`No shine left in the corners, no dust on a white cloth.`,
  done: 'Dull all over',
  tools: ['coarse abrasive on a stick', 'vacuum'],
  minutes,
});

/** Taking off what has dried out before anything held on it. */
export const scrapeAgain = (what: string, minutes: Figure): Redo => ({
  builder: 'scrape-again',
  title: say`Scrape ${what} off`,
  detail: say`down to the ground, ${minutes} of it; brushed and vacuumed`,
  look: say`The ground shows everywhere; nothing powders under the thumb.`,
  done: 'Scraped off',
  tools: ['scraper', 'stiff brush', 'vacuum'],
  minutes,
});

/** Grinding off what has become too hard for the blade, or has gelled where it should not. */
export const grindAgain = (what: string, minutes: Figure): Redo => ({
  builder: 'grind-again',
  title: say`Grind ${what} off`,
  detail: say`with shroud and vacuum, ${minutes} of it, no deeper than it lies`,
  look: say`Level with what is beside it, no burnt spot.`,
  done: 'Ground off',
  tools: ['cup grinder', 'shroud and vacuum'],
  minutes,
});

/** Making suction even where the base has dried. */
export const bondAgain = (minutes: Figure): Redo => ({
  builder: 'bond-again',
  title: say`Brush a bonding agent for gypsum plaster on`,
  detail: say`thin and everywhere, ${minutes} of it; the finish goes on while it is tacky`,
  look: say`An even color, no puddle in the scratches.`,
  done: 'Bonding coat on',
  tools: ['brush', 'pail'],
  minutes,
});

/** Freeing tape that has been caught. */
export const cutAlongTape = (minutes: Figure): Redo => ({
  builder: 'cut-along-tape',
  title: say`Cut along the edge of the tape`,
  detail: say`a new blade, held flat, ${minutes} of it; then the tape is pulled back over itself`,
  look: say`A clean edge: nothing lifts with the tape.`,
  done: 'Cut along the tape',
  tools: ['knife'],
  minutes,
});
