import { useWhen } from './when.ts';
import Button from '@mui/material/Button';
import type { JobRecord, KeptDaysSummary } from '@oddment/contracts';
import { type Aim, type DaysRecord, type DaysSetup } from '@oddment/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { v4 as uuid } from 'uuid';
import { api } from '../state/api.ts';
import { useQueued } from '../state/queued.ts';
import { pageNow } from '../state/clock.ts';
import type { MadeDays } from '../state/madeDays.ts';
import { useUnsaved } from '../state/unsaved.ts';
import { dayAndTime, movedSince, movedThings } from '../views/daysView.ts';
import { GoOn } from './GoOn.tsx';
import { MakePdf } from './MakePdf.tsx';
import { refusal } from './refusal.ts';

interface KeptProps {
  readonly job: JobRecord;
  readonly aim: Aim;
  readonly made: MadeDays;
  readonly mayPlan: boolean;
  /** the date that is looked at */
  readonly date: string;
  readonly setup: DaysSetup;
  readonly onSetup: (setup: DaysSetup) => void;
}

/** Keeps the days as they stand. */
function Keep({ job, aim, made }: Pick<KeptProps, 'job' | 'aim' | 'made'>) {
  const [keep, { error, isLoading }] = api.useKeepDaysMutation();
  const [issue, setIssue] = useState(true);
  const unsaved = useUnsaved(job.id);
  const { placements, record } = made;
  const whole = record !== undefined && record.days.length > 0 && made.progress?.what !== 'search' && made.trial === undefined;
  return (
    <>
      <div className="by-hand">
        <Button
          size="small"
          variant="contained"
          disabled={!whole || unsaved || isLoading || !placements}
          onClick={() => {
            if (placements) void keep({ jobId: job.id, id: uuid(), change: uuid(), jobVersion: job.version, aim, seed: 1, issue, placements });
          }}
        >
          {isLoading ? 'Keeping them' : 'Keep these days'}
        </Button>
        <label>
          <input
            type="checkbox"
            checked={issue}
            onChange={(e) => {
              setIssue(e.target.checked);
            }}
          />{' '}
          and issue what is not issued
        </label>
      </div>
      {error ? (
        <p className="grade out" role="alert">
          Not kept. {refusal(error)}
        </p>
      ) : null}
    </>
  );
}

/** As many of what stands elsewhere as are told. */
const mostMoved = 40;

/** What goes out of kept days: sheets of the day that is looked at, or of all; the calendar of each person; the table. */
type OutProps = Pick<KeptProps, 'date' | 'setup' | 'onSetup' | 'mayPlan'> & { kept: KeptDaysSummary; now: DaysRecord | undefined };

function Out({ kept, date, now, setup, onSetup, mayPlan }: OutProps) {
  const { data } = api.useKeptDaysOfQuery(kept.id);
  const moved = data && now ? movedSince(data.days, now) : undefined;
  const when = useWhen();
  const people = [...new Map(data?.days.days.flatMap((d) => d.people.map((p) => [p.person, p.name] as const)) ?? [])];
  const address = `/api/days/${kept.id}`;
  return (
    <>
      <p>
        Kept {when(kept.keptAt)} by {kept.keptBy}
        {moved === undefined ? '' : moved === 0 ? '; as they are now' : `; ${String(moved)} ${moved === 1 ? 'thing stands' : 'things stand'} elsewhere now`}
      </p>
      {data && now && moved !== undefined && moved > 0 ? (
        <details className="other">
          <summary>What stands elsewhere</summary>
          <ul className="ways">
            {movedThings(data.days, now)
              .slice(0, mostMoved)
              .map((m) => (
                <li key={m.id}>
                  <b>{m.mark}</b> {m.title}: {m.then ? `${dayAndTime(m.then.start, now.timeZone)}, ${m.then.who}` : 'not in them'}; now{' '}
                  {m.now ? `${dayAndTime(m.now.start, now.timeZone)}, ${m.now.who}` : 'gone'}
                </li>
              ))}
          </ul>
          {moved > mostMoved ? <p className="quiet">and more</p> : null}
        </details>
      ) : null}
      {data && mayPlan ? <GoOn kept={data.days} setup={setup} now={pageNow()} onSetup={onSetup} /> : null}
      <div className="by-hand">
        <MakePdf paper={false} address={`${address}/sheets.pdf`}>
          Sheets, all days
        </MakePdf>
        {data?.days.days.some((d) => d.date === date) ? (
          <MakePdf paper={false} address={`${address}/sheets.pdf?date=${date}`}>
            Sheets, this day
          </MakePdf>
        ) : null}
      </div>
      <p className="by-hand">
        <a href={`${address}/days.ics`}>Calendar of all</a>
        {people.map(([id, name]) => (
          <Link key={`day ${id}`} to={`/day/${encodeURIComponent(name)}`}>
            Day of {name}
          </Link>
        ))}
        {people.map(([id, name]) => (
          <a key={id} href={`${address}/days.ics?person=${encodeURIComponent(id)}`}>
            Calendar of {name}
          </a>
        ))}
        <a href={`${address}/days.csv`}>Table (CSV)</a>
      </p>
    </>
  );
}

/** Keeping days, and what was kept last with what goes out of it. */
export function KeptDays({ job, aim, made, mayPlan, date, setup, onSetup }: KeptProps) {
  const { data } = api.useKeptDaysQuery(job.id);
  const all = useQueued(data);
  const [latest] = all ?? [];
  if (!mayPlan && !latest) return null;
  return (
    <section aria-labelledby="kept" className="hand">
      <h2 id="kept">Kept</h2>
      {mayPlan ? <Keep job={job} aim={aim} made={made} /> : null}
      {latest ? (
        <Out kept={latest} date={date} now={made.record} setup={setup} onSetup={onSetup} mayPlan={mayPlan} />
      ) : (
        <p className="quiet">Kept days go out as sheets, calendar and table, and stay as they were kept.</p>
      )}
    </section>
  );
}
