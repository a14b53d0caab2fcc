import { Ledger } from '../quantity/ledger.ts';
import { instant, say, type Saying } from '../quantity/saying.ts';
import { without } from '../schedule/days/hours.ts';
import type { Stretch } from '../schedule/days/problem.ts';
import type { DaysRecord } from './daysRecord.ts';

/** Somebody who is at another job, from his first work there on a day to his last; instants. */
export interface Elsewhere {
  /** what he is called there */
  readonly name: string;
  readonly site: string;
  readonly from: string;
  readonly to: string;
}

/** From one site to another, in min: common practice for a firm that works in one town. */
export const travelMin = 30;

/** Where everybody is by the days of other jobs: once a day, from the first work there to the last. */
export function elsewhereOf(others: readonly { readonly site: string; readonly days: Pick<DaysRecord, 'days'> }[]): readonly Elsewhere[] {
  return others.flatMap(({ site, days }) =>
    days.days.flatMap((d) =>
      d.people.flatMap(({ name, blocks }): Elsewhere[] => {
        const ends = blocks.map((b) => Date.parse(b.end) + b.awayMin * 60_000);
        const [first] = blocks;
        return first ? [{ name, site, from: first.from, to: new Date(Math.max(...ends)).toISOString() }] : [];
      }),
    ),
  );
}

/** Whether two names are of one person of the firm, however they are written. */
export const isSamePerson = (a: string, b: string): boolean => a.trim().toLocaleLowerCase() === b.trim().toLocaleLowerCase();

/** When somebody is at other jobs, in min from a start, without his way; nothing of somebody who has no name. */
export function awayAt(startAt: string, name: string, elsewhere: readonly Elsewhere[]): readonly (Stretch & { readonly site: string })[] {
  const min = (moment: string) => Math.round((Date.parse(moment) - Date.parse(startAt)) / 60_000);
  if (name.trim() === '') return [];
  return elsewhere
    .filter((e) => isSamePerson(e.name, name))
    .map(({ site, from, to }) => ({ site, from: min(from), to: min(to) }))
    .filter(({ to }) => to > 0)
    .sort((a, b) => a.from - b.from);
}

/** Hours without the times at other jobs, the way there and back with them. */
export function hoursBeside(hours: readonly Stretch[], away: readonly Stretch[]): Stretch[] {
  return without(
    hours,
    away.map(({ from, to }) => ({ from: from - travelMin, to: to + travelMin })),
  );
}

/** Where somebody is on a day besides this job, with what of his time his way there and back takes. */
export function elsewhereSaid({ site, from, to }: Pick<Elsewhere, 'site' | 'from' | 'to'>): Saying {
  const way = new Ledger().assumed('Way between two sites', 'duration', travelMin, 'practice');
  return say`At ${site} from ${instant(from)} to ${instant(to)}, with ${way} of way before and after it (common practice).`;
}
