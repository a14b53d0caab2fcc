import type { DaysAhead } from '@oddment/contracts';
import { callDate, clockTime, dateName, siteDateTime, siteInstant, weatherCall, type UnitSystem } from '@oddment/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { api } from '../state/api.ts';
import { pageNow } from '../state/clock.ts';
import { useForecast } from '../state/forecast.ts';
import { closesNext, datesAhead, whoIsWhere } from '../views/ahead.ts';
import { dayAndTime } from '../views/daysView.ts';
import { Calls } from './WeatherCall.tsx';

/** The weather call of one job: for today, from the afternoon on for the next day. */
function CallOf({ job, units }: { job: DaysAhead; units: UnitSystem }) {
  const forecast = useForecast(job.forecast, { skip: job.forecast === undefined });
  const { timeZone } = job.days;
  const date = callDate(job.days, job.today, siteDateTime(pageNow(), timeZone).time);
  const calls = useMemo(() => (forecast.record ? weatherCall(job.days, forecast.record, date) : []), [job, forecast.record, date]);
  if (calls.length === 0) return null;
  return (
    <section aria-label={`Weather at ${job.site}`}>
      <h3>
        Weather, {dateName(date)}: <Link to={`/jobs/${job.jobId}/days?day=${date}`}>{job.site}</Link>
      </h3>
      <Calls calls={calls} timeZone={timeZone} units={units} day={siteInstant(date, '12:00', timeZone)} />
    </section>
  );
}

/** Who is where, what closes next and what the weather forbids, over all jobs that have kept days. */
export function Ahead({ units }: { units: UnitSystem }) {
  const { data: jobs } = api.useAheadQuery(undefined, { refetchOnMountOrArgChange: true });
  const dates = useMemo(() => datesAhead(jobs ?? []).slice(0, 5), [jobs]);
  const [chosen, setChosen] = useState<string>();
  const date = dates.find((d) => d === chosen) ?? dates[0];
  if (!jobs || date === undefined) return null;
  const closing = closesNext(jobs, pageNow(), 4);
  const at = (moment: string, timeZone: string) => clockTime(moment, { timeZone, day: moment });
  return (
    <section aria-labelledby="ahead" className="ahead">
      <div className="title">
        <h2 id="ahead">Who is where</h2>
        <div className="day-choice" role="group" aria-label="Day">
          {dates.map((d) => (
            <button
              key={d}
              type="button"
              className={`plain${d === date ? ' on' : ''}`}
              aria-pressed={d === date}
              onClick={() => {
                setChosen(d);
              }}
            >
              {dateName(d)}
            </button>
          ))}
        </div>
      </div>
      <table className="mixtable">
        <thead>
          <tr>
            <th scope="col">Who</th>
            <th scope="col">When</th>
            <th scope="col">Where</th>
            <th scope="col">What</th>
          </tr>
        </thead>
        <tbody>
          {whoIsWhere(jobs, date).map(({ name, job, from, to, places, marks }) => (
            <tr key={`${name} ${job.jobId}`}>
              <td>
                <Link to={`/day/${encodeURIComponent(name)}?date=${date}`}>{name}</Link>
              </td>
              <td>
                {at(from, job.days.timeZone)} to {at(to, job.days.timeZone)}
              </td>
              <td>
                <Link to={`/jobs/${job.jobId}/days?day=${date}`}>{job.site}</Link>
                <div className="quiet">{places.join(', ')}</div>
              </td>
              <td>{marks.join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {closing.length > 0 ? (
        <>
          <h3>Closes next</h3>
          <ul className="ways">
            {closing.map((c) => (
              <li key={`${c.job.jobId} ${c.id}`}>
                <b>{c.mark}</b> {c.title}: begin by <span className="late">{dayAndTime(c.latest, c.job.days.timeZone)}</span>, planned{' '}
                {at(c.start, c.job.days.timeZone)} by {c.names.join(' and ')}, {c.job.site}
              </li>
            ))}
          </ul>
        </>
      ) : null}
      {jobs.map((job) => (
        <CallOf key={job.jobId} job={job} units={units} />
      ))}
    </section>
  );
}
