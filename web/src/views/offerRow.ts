import { moneyText, type Offer, type OfferedRepair, type OfferSetup } from '@oddment/core';

/** How a repair stands in the list beside an offer: in it, left out, or with nothing that could be offered. */
export interface OfferRow {
  readonly is: 'in' | 'out' | 'not';
  readonly title: string;
  readonly price: string;
  /** how many ways are on the page, the one that is offered among them */
  readonly ways: number;
  readonly why: string;
  readonly would: string;
}

/** The row of a repair, with what a person set for it. */
export function offerRow(offer: Offer, setup: OfferSetup, id: string): { readonly row: OfferRow; readonly asked: OfferedRepair | undefined } {
  const asked = setup.repairs?.find((r) => r.defect === id);
  const line = offer.lines.find((l) => l.defect === id);
  if (line) {
    const { way, minor, instead, would = '' } = line;
    return { asked, row: { is: 'in', title: way.title, price: moneyText(minor, offer.currency), ways: 1 + instead.length, why: '', would } };
  }
  const not = offer.notIn.find((n) => n.defect === id);
  const rest = { ways: 0, why: not?.why ?? '', would: '' };
  if (not?.way) return { asked, row: { ...rest, is: 'out', title: not.way.title, price: 'out' } };
  return { asked, row: { ...rest, is: 'not', title: not?.title ?? '', price: 'no price' } };
}
