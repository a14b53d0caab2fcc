import type { Saying } from '../quantity/saying.ts';

/** Thrown where a system cannot do what it was chosen for; `why` is the sentence for people. */
export class Unworkable extends Error {
  readonly why: Saying;

  constructor(why: Saying) {
    super('unworkable');
    this.why = why;
  }
}
