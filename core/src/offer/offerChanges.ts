import { moneyText } from '../quantity/money.ts';
import type { Offer, OfferLine } from './offerShape.ts';

/** What has changed since an offer was kept, in a sentence, and of which repair. */
export interface OfferChange {
  readonly mark?: string;
  readonly says: string;
}

/** What is not included by what the firm says; which material has no price follows from the repairs. */
const saidExcluded = ({ excluded, unpriced = [] }: Offer) => excluded.filter((e) => !unpriced.includes(e));

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

function lineChanges(was: OfferLine, now: OfferLine | undefined, money: (minor: number) => string): readonly OfferChange[] {
  const { mark } = was;
  if (!now) return [];
  const says = [
    ...(was.way.title === now.way.title ? [] : [`It was offered as ${was.way.title}, and is ${now.way.title} now.`]),
    ...(was.found === now.found ? [] : [`It was ${was.found}, and is ${now.found} now.`]),
    ...(was.minor === now.minor ? [] : [`It was ${money(was.minor)}, and would be ${money(now.minor)} now.`]),
  ];
  return says.map((one) => ({ mark, says: one }));
}

/**
 * What has changed since an offer was kept: its repairs and prices, lines, taxes, words and conditions. When it was made and
 * until when it holds is no change.
 */
export function offerChanges(was: Offer, now: Offer): readonly OfferChange[] {
  const money = (minor: number) => `${now.currency} ${moneyText(minor, now.currency)}`;
  if (was.currency !== now.currency) return [{ says: `It was in ${was.currency}, and the firm’s rate is in ${now.currency} now.` }];
  const [before, after] = [was, now].map((o) => new Map(o.lines.map((l) => [l.defect, l])));
  const whyNot = new Map(now.notIn.map((n) => [n.defect, n.why]));
  const known = new Set([...was.lines, ...was.notIn].map((l) => l.defect));
  const extra = (list: Offer['extras']) => list.map((e) => `${e.title}, ${money(e.minor)}`).join('; ') || 'none';
  return [
    ...(was.totalMinor === now.totalMinor ? [] : [{ says: `In all it was ${money(was.totalMinor)}, and would be ${money(now.totalMinor)} now.` }]),
    ...was.lines.flatMap((l) => lineChanges(l, after?.get(l.defect), money)),
    ...was.lines.flatMap((l) => {
      if (after?.has(l.defect)) return [];
      const why = whyNot.get(l.defect);
      return [{ mark: l.mark, says: why === undefined ? 'It is not in the job any more.' : `It would not be in it now: ${why}.` }];
    }),
    ...now.lines.flatMap((l) =>
      before?.has(l.defect) ? [] : [{ mark: l.mark, says: `${known.has(l.defect) ? 'It would be in it now' : 'It was found since'}, for ${money(l.minor)}.` }],
    ),
    ...now.notIn.flatMap((n) => (known.has(n.defect) ? [] : [{ mark: n.mark, says: `It was found since, and is not in it: ${n.why}.` }])),
    ...(same(was.extras, now.extras) ? [] : [{ says: `Lines besides the repairs were: ${extra(was.extras)}. Now: ${extra(now.extras)}.` }]),
    ...(same(
      was.taxes.map(({ name, percent }) => [name, percent]),
      now.taxes.map(({ name, percent }) => [name, percent]),
    )
      ? []
      : [{ says: 'The taxes are others.' }]),
    ...(same(was.conditions, now.conditions) ? [] : [{ says: 'The conditions are others.' }]),
    ...(same(saidExcluded(was), saidExcluded(now)) ? [] : [{ says: 'What is not included is otherwise.' }]),
    ...(was.client === now.client && was.site === now.site ? [] : [{ says: 'Site or client are called otherwise.' }]),
  ];
}

/** Whether an offer holds at a date, its last day included. @param date ISO date at the site */
export const offerHolds = ({ validUntil }: Pick<Offer, 'validUntil'>, date: string): boolean => date <= validUntil;
