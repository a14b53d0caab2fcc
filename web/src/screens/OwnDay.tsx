import { clockTime, dateName, elsewhereSaid, endOfDay, isSamePerson, tell, weatherCall, type UnitSystem } from '@oddment/core';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { Bar } from '../parts/Bar.tsx';
import { Calls } from '../parts/WeatherCall.tsx';
import { put, useAddress } from '../state/address.ts';
import { api } from '../state/api.ts';
import { useForecast } from '../state/forecast.ts';
import { useStore } from '../state/store.ts';
import { datesAhead, namesAhead, whoIsWhere, type WhereIs } from '../views/ahead.ts';

/** Somebody's day at one job: where, what to take, what is done when, and what stands at its end. */
function AtJob({ where, date, units }: { where: WhereIs; date: string; units: UnitSystem }) {
  const { job, day } = where;
  const { days } = job;
  const at = (moment: string) => clockTime(moment, { timeZone: days.timeZone, day: moment });
  const how = { units, timeZone: days.timeZone, day: day.blocks[0]?.from ?? days.startAt };
  const forecast = useForecast(job.forecast, { skip: job.forecast === undefined });
  const own = new Set(where.marks);
  const calls = useMemo(() => (forecast.record ? weatherCall(days, forecast.record, date) : []), [days, forecast.record, date]).filter((c) => own.has(c.mark));
  const end = endOfDay(days, date, day.person).map((s) => tell(s, how));
  return (
    <section aria-label={job.site} className="own-day">
      <h2>{job.site}</h2>
      <p className="quiet">
        {at(where.from)} to {at(where.to)}: {where.places.join(', ')}
        {day.elsewhere?.map((e) => `. ${tell(elsewhereSaid(e), how)}`).join('')}
      </p>
      {calls.length > 0 ? (
        <>
          <h3>Weather</h3>
          <Calls calls={calls} timeZone={days.timeZone} units={units} day={how.day} />
        </>
      ) : null}
      <h3>What to take along</h3>
      <p>{day.take.tools.join(', ')}</p>
      {day.take.stuff.length > 0 ? (
        <ul className="ways">
          {day.take.stuff.map((s) => (
            <li key={s}>{s}</li>
          ))}
        </ul>
      ) : null}
      {day.take.wear === undefined ? null : <p>{day.take.wear}</p>}
      <h3>What is done when</h3>
      <ol className="own-steps">
        {day.blocks.map((b) => (
          <li key={b.id}>
            <time dateTime={b.from}>{at(b.from)}</time>
            <div>
              <b>
                {b.mark} {b.title}
              </b>
              <div className="quiet">
                {b.place}, until {at(b.end)}
                {b.beside.length > 0 ? `, with ${b.beside.join(' and ')}` : ''}
                {b.mix === undefined ? '' : `. ${b.mix}`}
              </div>
              {b.latest === undefined ? null : <div className="late">begin by {clockTime(b.latest, { timeZone: days.timeZone, day: b.start })}</div>}
            </div>
          </li>
        ))}
      </ol>
      {end.length > 0 ? <h3>The end of the day</h3> : null}
      <ul className="ways">
        {end.map((e) => (
          <li key={e}>{e}</li>
        ))}
      </ul>
    </section>
  );
}

/** The day of one person over all jobs that have kept days: the address can be kept on a phone. */
export function OwnDay() {
  const { name: named = '' } = useParams();
  const [params, change] = useAddress();
  const units = useStore((s) => s.view.units ?? 'metric');
  const { data: session } = api.useSessionQuery(undefined);
  const { data: jobs, error } = api.useAheadQuery(undefined, { refetchOnMountOrArgChange: true, pollingInterval: 300_000 });
  const names = namesAhead(jobs ?? []);
  const account = session?.account?.name ?? '';
  // somebody who signs in with his whole name is called by the first of it on a job
  const name = names.find((n) => isSamePerson(n, named)) ?? names.find((n) => isSamePerson(n, account) || isSamePerson(n, account.split(' ')[0] ?? ''));
  const own = (jobs ?? []).map((j) => ({ ...j, days: { ...j.days, days: j.days.days.filter((d) => d.people.some((p) => p.name === name)) } }));
  const dates = datesAhead(own);
  const date = dates.find((d) => d === params.get('date')) ?? dates[0];
  return (
    <div className="frame" style={{ gridTemplateRows: 'auto minmax(0, 1fr)' }}>
      <Bar units={units} />
      <div className="work own">
        <main className="pane sheet">
          <div className="title">
            <h1>{name === undefined ? 'A day' : `The day of ${name}`}</h1>
            <span className="push" />
            <Link to="/">Jobs</Link>
          </div>
          {error === undefined ? null : <p role="alert">The server does not answer. What is shown is what was there last.</p>}
          {name === undefined && jobs ? (
            <>
              <p>{names.length === 0 ? 'No days are kept yet: who is where is told from the days that a job has kept.' : 'Whose day?'}</p>
              <p className="by-hand">
                {names.map((n) => (
                  <Link key={n} to={`/day/${encodeURIComponent(n)}`}>
                    {n}
                  </Link>
                ))}
              </p>
            </>
          ) : null}
          <div className="day-choice" role="group" aria-label="Day">
            {dates.slice(0, 8).map((d) => (
              <button
                key={d}
                type="button"
                className={`plain${d === date ? ' on' : ''}`}
                aria-pressed={d === date}
                onClick={() => {
                  change((next) => {
                    put(next, 'date', d);
                  });
                }}
              >
                {dateName(d)}
              </button>
            ))}
          </div>
          {date === undefined
            ? null
            : whoIsWhere(own, date)
                .filter((w) => w.name === name)
                .map((w) => <AtJob key={w.job.jobId} where={w} date={date} units={units} />)}
        </main>
      </div>
    </div>
  );
}
