import { dateName, instant, say, type Saying } from '../quantity/saying.ts';
import { siteDateTime } from '../quantity/siteTime.ts';
import type { DaysRecord } from './daysRecord.ts';

type LastMix = NonNullable<DaysRecord['days'][number]['people'][number]['lastMix']>;

/** By when the last mix of a day has to be begun; of whom, where that is not said anyway. */
export const lastMixSaid = ({ mark, title, by }: LastMix, name?: string): Saying =>
  say`Last mix${name === undefined ? '' : ` of ${name}`}: ${mark} ${title}, begun by ${instant(by)}.`;

/** What waits, stands, or is kept wet over the night after a date, and over the days on which nobody comes. */
export function overnight(
  { days, repairs, timeZone, stands, wet }: Pick<DaysRecord, 'days' | 'repairs' | 'timeZone' | 'stands' | 'wet'>,
  date: string,
): readonly Saying[] {
  const dateOf = (moment: string) => siteDateTime(moment, timeZone).date;
  const all = days.flatMap((d) => d.people.flatMap((p) => p.blocks));
  const waits = repairs.flatMap((r): Saying[] => {
    const own = all.filter((b) => b.mark === r.mark).sort((a, b) => Date.parse(a.from) - Date.parse(b.from));
    const [last, next] = [own.findLast((b) => dateOf(b.start) <= date), own.find((b) => dateOf(b.start) > date)];
    return last && next && dateOf(last.start) === date ? [say`${r.mark} waits after “${last.title}” for “${next.title}”, ${instant(next.from)}.`] : [];
  });
  const over = (one: { readonly from: string; readonly to: string }) => dateOf(one.from) <= date && dateOf(one.to) > date;
  return [
    ...waits,
    ...stands.filter(over).map((s) => say`${s.title} stands at ${s.mark} until ${instant(s.to)}.`),
    ...wet.filter(over).map((w) => say`${w.mark} is kept wet until ${instant(w.to)}.`),
  ];
}

/**
 * The end of somebody's day: his last mix, what waits or stands over night of what he was at, and what he keeps wet from then on, on dates on
 * which nobody works there.
 * @param person the id of one of the crew
 */
export function endOfDay(record: Pick<DaysRecord, 'days' | 'repairs' | 'timeZone' | 'stands' | 'wet'>, date: string, person: string): readonly Saying[] {
  const day = record.days.find((d) => d.date === date)?.people.find((p) => p.person === person);
  const marks = new Set(day?.blocks.map((b) => b.mark));
  const own = <T extends { readonly mark: string }>(list: readonly T[]) => list.filter((one) => marks.has(one.mark));
  const wets = record.wet.flatMap((w) =>
    w.by.filter((b) => b.person === person && b.date >= date).map((b) => say`${w.mark} in ${w.place} is kept wet by you on ${dateName(b.date)}.`),
  );
  return [
    ...(day?.lastMix ? [lastMixSaid(day.lastMix)] : []),
    ...overnight({ ...record, repairs: own(record.repairs), stands: own(record.stands), wet: own(record.wet) }, date),
    ...wets,
  ];
}
