import Button from '@mui/material/Button';
import type { JobRecord, KeptDaysSummary } from '@oddment/contracts';
import { siteDateTime, type Aim, type DaysRecord } from '@oddment/core';
import { useState } from 'react';
import { v4 as uuid } from 'uuid';
import { api } from '../state/api.ts';
import type { MadeDays } from '../state/madeDays.ts';
import { useStore } from '../state/store.ts';
import { movedSince } from '../views/daysView.ts';
import { MakePdf } from './MakePdf.tsx';
import { refusal } from './refusal.ts';

interface KeptProps {
  readonly job: JobRecord;
  readonly aim: Aim;
  readonly made: MadeDays;
  readonly mayPlan: boolean;
  /** the date that is looked at */
  readonly date: string;
}

/** Keeps the days as they stand. */
function Keep({ job, aim, made }: Pick<KeptProps, 'job' | 'aim' | 'made'>) {
  const [keep, { error, isLoading }] = api.useKeepDaysMutation();
  const [issue, setIssue] = useState(true);
  const unsaved = useStore((s) => Object.values(s.drafts.drafts).some((d) => d.jobId === job.id));
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

/** What goes out of kept days: sheets of the day that is looked at, or of all; the calendar of each person; the table. */
function Out({ job, kept, date, now }: { job: JobRecord; kept: KeptDaysSummary; date: string; now: DaysRecord | undefined }) {
  const { data } = api.useKeptDaysOfQuery(kept.id);
  const moved = data && now ? movedSince(data.days, now) : undefined;
  const at = siteDateTime(kept.keptAt, job.timeZone);
  const people = [...new Map(data?.days.days.flatMap((d) => d.people.map((p) => [p.person, p.name] as const)) ?? [])];
  const address = `/api/days/${kept.id}`;
  return (
    <>
      <p>
        Kept {at.date} {at.time} by {kept.keptBy}
        {moved === undefined ? '' : moved === 0 ? '; as they are now' : `; ${String(moved)} ${moved === 1 ? 'thing stands' : 'things stand'} elsewhere now`}
      </p>
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
export function KeptDays({ job, aim, made, mayPlan, date }: KeptProps) {
  const { data: all } = api.useKeptDaysQuery(job.id);
  const [latest] = all ?? [];
  if (!mayPlan && !latest) return null;
  return (
    <section aria-labelledby="kept" className="hand">
      <h2 id="kept">Kept</h2>
      {mayPlan ? <Keep job={job} aim={aim} made={made} /> : null}
      {latest ? (
        <Out job={job} kept={latest} date={date} now={made.record} />
      ) : (
        <p className="quiet">Kept days go out as sheets, calendar and table, and stay as they were kept.</p>
      )}
    </section>
  );
}
