import type { Sourced } from '../../quantity/ledger.ts';

/** Usual figures of one kind of work, which no sheet of a product gives. What a contractor would want to know, and to doubt, before he works by them. */
export interface Usual {
  readonly id: string;
  readonly title: string;
  /** what it is, as the end of 'it …' */
  readonly what: string;
  readonly figures: Readonly<Record<string, Sourced | Readonly<Record<string, Sourced | string>>>>;
}
