import { clockTime, elsewhereSaid, tell, type DaysRecord } from '@oddment/core';
import { Fragment } from 'react';

/** Somebody does not come, or comes later: the days are made anew without those hours. */
function Away({ person, onAway }: { person: DaysRecord['days'][number]['people'][number]; onAway: (person: string, late: boolean) => void }) {
  return (
    <p className="by-hand">
      <button
        type="button"
        className="plain"
        aria-label={`${person.name} does not come this day`}
        onClick={() => {
          onAway(person.person, false);
        }}
      >
        Does not come
      </button>
      <button
        type="button"
        className="plain"
        aria-label={`${person.name} comes an hour later this day`}
        onClick={() => {
          onAway(person.person, true);
        }}
      >
        An hour later
      </button>
    </p>
  );
}

/** A day as a list by person: for the keyboard, for readers, for the phone and for paper. */
export function DayList({ record, date, onAway }: { record: DaysRecord; date: string; onAway?: (person: string, late: boolean) => void }) {
  const day = record.days.find((d) => d.date === date);
  const at = (moment: string) => clockTime(moment, { timeZone: record.timeZone, day: moment });
  return (
    <div className="day-list">
      {(day?.people ?? []).map((p) => (
        <section key={p.person} aria-label={p.name}>
          <h3>{p.name}</h3>
          {p.elsewhere?.map((e) => (
            <p key={e.from} className="quiet">
              {tell(elsewhereSaid(e), { units: 'metric', timeZone: record.timeZone, day: p.blocks[0]?.from ?? e.from })}
            </p>
          ))}
          {onAway ? <Away person={p} onAway={onAway} /> : null}
          <table className="mixtable">
            <thead>
              <tr>
                <th scope="col">When</th>
                <th scope="col">Where</th>
                <th scope="col">What</th>
              </tr>
            </thead>
            <tbody>
              {p.blocks.map((b) => (
                <Fragment key={b.id}>
                  {p.idle
                    .filter((i) => i.to === b.from)
                    .map((i) => (
                      <tr key={i.from} className="quiet">
                        <td>
                          {at(i.from)} to {at(i.to)}
                        </td>
                        <td />
                        <td>nothing to do{i.why === undefined ? '' : `: ${i.why}`}</td>
                      </tr>
                    ))}
                  <tr>
                    <td>
                      {at(b.from)} to {at(b.end)}
                    </td>
                    <td>
                      <b>{b.mark}</b> {b.place}
                    </td>
                    <td>
                      {b.title}
                      {b.mix === undefined ? '' : ` (${b.mix})`}
                      {b.beside.length > 0 ? `, with ${b.beside.join(' and ')}` : ''}
                      {b.latest === undefined ? null : (
                        <span className="late"> begin by {clockTime(b.latest, { timeZone: record.timeZone, day: b.start })}</span>
                      )}
                    </td>
                  </tr>
                </Fragment>
              ))}
            </tbody>
          </table>
        </section>
      ))}
    </div>
  );
}
