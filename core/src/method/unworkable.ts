import { say, type Saying } from '../quantity/saying.ts';

/** Thrown where a system cannot do what it was chosen for; `why` is the sentence for people. */
export class Unworkable extends Error {
  readonly why: Saying;

  constructor(why: Saying) {
    super('unworkable');
    this.why = why;
  }
}

/** Said of a system that needs a groove, where the side taken is to cut none. */
export const asFoundWords = say`It needs a groove, and the side taken is to fill the crack as it was found: take the other side, or what runs in by itself.`;
