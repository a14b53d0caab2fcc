import type { UnitSystem } from '../quantity/kind.ts';
import type { Scope } from '../plan/options.ts';

/** A part of a price: what it is, how it comes about, and what it is in the smallest unit. */
export interface OfferPart {
  readonly label: string;
  readonly working: string;
  readonly minor: number;
}

/** One way to go about a repair, in words and whole smallest units. */
export interface OfferWay {
  readonly scope: Scope;
  readonly system: string;
  readonly title: string;
  readonly byHand: string;
  readonly visits?: string;
  readonly leaves: readonly string[];
  readonly holds: readonly string[];
  readonly cares: readonly string[];
}

/** A way that is not the one offered: what it would change of the sum, and what the firm would do. */
export interface OfferInstead extends OfferWay {
  /** of the sum before tax, in the smallest unit */
  readonly changeMinor: number;
}

/** A repair that is offered. */
export interface OfferLine {
  readonly defect: string;
  readonly mark: string;
  readonly title: string;
  readonly area: string;
  readonly found: string;
  readonly way: OfferWay;
  readonly parts: readonly OfferPart[];
  readonly minor: number;
  readonly instead: readonly OfferInstead[];
  /** what the firm would do, where there is a choice */
  readonly would?: string;
}

/** A repair that was found and is not in the offer, and why. */
export interface NotOffered {
  readonly defect: string;
  readonly mark: string;
  readonly title: string;
  readonly area: string;
  readonly why: string;
  /** how it would be done, where it could be */
  readonly way?: OfferWay;
  /** what it would add to the sum before tax */
  readonly addsMinor?: number;
  readonly would?: string;
}

/** An offer in words, as it is put before the client: plain data, so that it can be kept as it was. */
export interface Offer {
  readonly firm: string;
  readonly letterhead: readonly string[];
  readonly logo?: string;
  readonly site: string;
  readonly client: string;
  readonly timeZone: string;
  readonly units: UnitSystem;
  /** instant at which it was made */
  readonly madeAt: string;
  /** date until which it holds, its day included */
  readonly validUntil: string;
  readonly currency: string;
  readonly words: string;
  readonly lines: readonly OfferLine[];
  readonly extras: readonly { readonly id: string; readonly title: string; readonly minor: number }[];
  readonly notIn: readonly NotOffered[];
  readonly netMinor: number;
  readonly taxes: readonly { readonly name: string; readonly percent: number; readonly minor: number }[];
  readonly totalMinor: number;
  /** material for which the shelf of the firm has no price; it stands among what is not included too */
  readonly unpriced?: readonly string[];
  readonly excluded: readonly string[];
  readonly conditions: readonly string[];
}
