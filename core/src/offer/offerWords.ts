import { moneyText } from '../quantity/money.ts';
import type { NotOffered, Offer, OfferInstead, OfferWay } from './offerShape.ts';

/** An amount with its sign, as a change of the sum: +12.00, −3.50, or that it changes nothing. */
function changeText(minor: number, currency: string): string {
  if (minor === 0) return 'the same price';
  return `${minor > 0 ? '+' : ''}${moneyText(minor, currency)}`;
}

/** How long a way is expected to hold and what it leaves behind, in one sentence each. */
export function lastsWords({ holds, leaves }: OfferWay): readonly string[] {
  return [...holds.map((h) => `Expected to hold ${h}.`), ...leaves.map((l) => `It leaves ${l}.`)];
}

/** A way that is not the one offered, in a line. */
export const insteadWords = ({ title, changeMinor }: OfferInstead, { currency }: Offer): string => `Instead: ${title}, ${changeText(changeMinor, currency)}`;

/** Why a repair is not in the offer, and what it would be with it. */
export function notInWords({ why, way, addsMinor }: NotOffered, { currency }: Offer): string {
  return way && addsMinor !== undefined ? `${why}; with ${way.title} it would be ${changeText(addsMinor, currency)}` : why;
}

/** What the sum is before tax, each tax, and in all: label and smallest units. */
export function sumLines({ netMinor, taxes, totalMinor, currency }: Offer): readonly { readonly label: string; readonly minor: number }[] {
  const all = { label: `In all, ${currency}`, minor: totalMinor };
  return taxes.length === 0
    ? [all]
    : [{ label: 'Before tax', minor: netMinor }, ...taxes.map(({ name, percent, minor }) => ({ label: `${name}, ${String(percent)} %`, minor })), all];
}

/** For how long it holds, and that it is no more than what it says. */
export const offerFoot = 'Prices hold for what was seen and measured on the day of this offer.';

/** What stands above the parts of an offer, on the page and in print. */
export const offerHeads = {
  extras: 'Besides the repairs',
  notIn: 'Found, and not in this offer',
  excluded: 'Not included',
  conditions: 'Conditions',
} as const;
