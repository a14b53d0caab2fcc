import type { DaysRecord, Job } from '@oddment/core';
import ical, { ICalCalendarMethod } from 'ical-generator';

/**
 * The days of a job as iCalendar (RFC 5545): an event for each time that somebody is at a step, with ids that stay the same when it is
 * planned anew. Times are instants.
 * @param of.stamp when it was made, as an instant
 * @param of.sequence how often it was made before: a higher one replaces what was sent earlier
 * @param of.person the id of one of the crew; all of them where absent
 */
export function daysCalendar(
  job: Pick<Job, 'id' | 'site' | 'client'>,
  record: DaysRecord,
  { stamp, sequence = 0, person }: { readonly stamp: string; readonly sequence?: number; readonly person?: string },
): string {
  const calendar = ical({ name: `${job.site}, ${job.client}`, method: ICalCalendarMethod.PUBLISH, prodId: { company: 'Oddment', product: 'Days' } });
  for (const day of record.days)
    for (const one of day.people.filter((p) => person === undefined || p.person === person))
      for (const b of one.blocks)
        calendar.createEvent({
          id: `${job.id}/${b.id}/${one.person}@oddment`,
          sequence,
          stamp: new Date(stamp),
          start: new Date(b.from),
          end: new Date(b.end),
          summary: `${one.name}: ${b.mark} ${b.title}`,
          location: `${job.site}, ${b.place}`,
          description: [
            ...(b.mix === undefined ? [] : [b.mix]),
            ...(b.beside.length > 0 ? [`With ${b.beside.join(' and ')}.`] : []),
            ...(b.latest !== undefined ? [`Begun by ${b.latest} at the latest.`] : []),
            ...(b.why === undefined ? [] : [b.why]),
          ].join('\n'),
        });
  for (const w of record.wet)
    for (const by of w.by.filter((b) => person === undefined || b.person === person))
      calendar.createEvent({
        id: `${job.id}/wet/${w.mark}/${by.date}@oddment`,
        sequence,
        stamp: new Date(stamp),
        start: new Date(`${by.date}T00:00:00Z`),
        allDay: true,
        summary: `${by.name}: keep ${w.mark} wet`,
        location: `${job.site}, ${w.place}`,
        description: w.title,
      });
  return calendar.toString();
}
