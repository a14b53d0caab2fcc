import { siteDateTime } from '../quantity/siteTime.ts';
import type { DaysSetup, DoneStep } from '../schedule/days/setup.ts';
import { stepOf, type DaysRecord } from './daysRecord.ts';

/** Something of kept days that lies before now, as it is told whether it was done, and when. */
export interface Behind {
  readonly id: string;
  readonly mark: string;
  readonly title: string;
  readonly defect: string;
  readonly step: string;
  readonly people: readonly string[];
  /** as it was planned, an instant */
  readonly start: string;
  readonly done: boolean;
  readonly date: string;
  readonly from: string;
  readonly to: string;
  readonly toDate: string;
}

/** What of kept days was begun before now, each once with all who were at it: taken as done, at the times that were told before, else as planned. */
export function beforeNow(kept: DaysRecord, setup: DaysSetup, now: string): readonly Behind[] {
  const found = new Map<string, Behind>();
  for (const d of kept.days)
    for (const p of d.people)
      for (const b of p.blocks) {
        if (Date.parse(b.start) >= Date.parse(now)) continue;
        const known = found.get(b.id);
        if (known) {
          found.set(b.id, { ...known, people: [...known.people, p.person] });
          continue;
        }
        const of = stepOf(kept, b);
        const told = setup.done?.find((o) => o.defect === of.defect && o.step === of.step);
        const [start, end] = [siteDateTime(b.start, kept.timeZone), siteDateTime(b.end, kept.timeZone)];
        found.set(b.id, {
          id: b.id,
          mark: b.mark,
          title: b.title,
          ...of,
          people: told?.people ?? [p.person],
          start: b.start,
          // what should be over may have been left undone; what is on now is at least begun
          done: true,
          date: told?.date ?? start.date,
          from: told?.from ?? start.time,
          to: told?.to ?? end.time,
          toDate: told ? (told.toDate ?? told.date) : end.date,
        });
      }
  return [...found.values()].sort((a, b) => Date.parse(a.start) - Date.parse(b.start));
}

/** The list with one of it as it is told now: what was not done leaves what comes after it of the same repair undone too. */
export function toldOf(list: readonly Behind[], one: Behind): readonly Behind[] {
  const at = list.findIndex((o) => o.id === one.id);
  const undone = list[at]?.done === true && !one.done;
  return list.map((o, i) => (i === at ? one : undone && i > at && o.mark === one.mark ? { ...o, done: false } : o));
}

/** The setup in which these are done, and all else is planned from now on: the next five minutes that are whole. */
export function goneOn(setup: DaysSetup, list: readonly Behind[], now: string, timeZone: string): DaysSetup {
  const step = 5 * 60_000;
  const { date, time } = siteDateTime(new Date(Math.ceil(Date.parse(now) / step) * step).toISOString(), timeZone);
  const { done: _done, ...rest } = setup;
  const done = list
    .filter((o) => o.done)
    .map((o): DoneStep => ({
      defect: o.defect,
      step: o.step,
      people: [...new Set(o.people)],
      date: o.date,
      from: o.from,
      to: o.to,
      ...(o.toDate !== o.date && { toDate: o.toDate }),
    }));
  return { ...rest, from: { date, time }, ...(done.length > 0 && { done }) };
}
