import { clockTime } from '@oddment/core';
import { dayAndTime, type Doing } from '../views/daysView.ts';

/** One thing that is done: what, who, why then, and its window. */
export function DayThing({ doing, timeZone }: { doing: Doing; timeZone: string }) {
  const at = (moment: string) => clockTime(moment, { timeZone, day: moment });
  const before = [
    [doing.coverMin, 'covering'],
    [doing.walkMin, 'getting there'],
    [doing.setUpMin, 'setting up'],
    [doing.mixMin, 'mixing'],
  ] as const;
  return (
    <section aria-labelledby="chosen">
      <h2 id="chosen">
        {doing.mark}: {doing.title}
      </h2>
      <dl className="facts">
        <dt>Who</dt>
        <dd>{[doing.who, ...doing.beside].join(' and ')}</dd>
        <dt>Where</dt>
        <dd>{doing.place}</dd>
        <dt>Work</dt>
        <dd>
          {dayAndTime(doing.start, timeZone)} to {at(doing.end)}
        </dd>
        {before
          .filter(([minutes]) => minutes > 0)
          .map(([minutes, what]) => (
            <div key={what} style={{ display: 'contents' }}>
              <dt>Before it, {what}</dt>
              <dd>{minutes} min</dd>
            </div>
          ))}
        {doing.mix === undefined ? null : (
          <>
            <dt>Mixed</dt>
            <dd>{doing.mix}</dd>
          </>
        )}
        {doing.awayMin > 0 ? (
          <>
            <dt>After it, clearing away</dt>
            <dd>{doing.awayMin} min</dd>
          </>
        ) : null}
        {doing.latest === undefined ? null : (
          <>
            <dt>Begin by</dt>
            <dd className="late">{dayAndTime(doing.latest, timeZone)}</dd>
          </>
        )}
      </dl>
      <p>Why then: {doing.why ?? 'it follows what was done right before'}.</p>
    </section>
  );
}
