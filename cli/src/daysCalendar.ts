import { tell, type DaysMade, type Job, type Telling } from '@oddment/core';
import ical, { ICalCalendarMethod } from 'ical-generator';

/**
 * The days of a job as iCalendar (RFC 5545): an event for each time that somebody is at a step, with ids that stay the same when it is
 * planned anew. Times are instants.
 * @param stamp when it was made, as an instant
 */
export function daysCalendar(job: Job, { plan }: DaysMade, how: Telling, stamp: string): string {
  const calendar = ical({ name: `${job.site}, ${job.client}`, method: ICalCalendarMethod.PUBLISH, prodId: { company: 'Oddment', product: 'Days' } });
  for (const day of plan.days)
    for (const person of day.people)
      for (const b of person.blocks)
        calendar.createEvent({
          id: `${job.id}/${b.id}/${person.person}@oddment`,
          sequence: 0,
          stamp: new Date(stamp),
          start: new Date(b.from),
          end: new Date(b.end),
          summary: `${person.name}: ${b.mark} ${tell(b.title, how)}`,
          location: `${job.site}, ${b.place}`,
          description: [
            ...(b.beside.length > 0 ? [`With ${b.beside.join(' and ')}.`] : []),
            ...(b.latest !== undefined ? [`Begun by ${b.latest} at the latest.`] : []),
            ...(b.why ? [tell(b.why, how)] : []),
          ].join('\n'),
        });
  return calendar.toString();
}
