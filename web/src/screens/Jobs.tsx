import { crewFields } from '../views/crewFields.ts';
import { unnamed } from '@oddment/core';
import type { IssuedSummary, JobFields } from '@oddment/contracts';
import Button from '@mui/material/Button';
import { jobNext, jobStates, siteDateTime, siteInstant, type JobState } from '@oddment/core';
import { useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { v4 as uuid } from 'uuid';
import { Ahead } from '../parts/Ahead.tsx';
import { Bar } from '../parts/Bar.tsx';
import { FindField } from '../parts/FindField.tsx';
import { JobRow } from '../parts/JobRow.tsx';
import { OneOfThese } from '../parts/OneOfThese.tsx';
import { JobForm } from '../parts/JobForm.tsx';
import { useKeys } from '../parts/keys.ts';
import { UndoBar } from '../parts/UndoBar.tsx';
import { api } from '../state/api.ts';
import { FoundRepairs } from '../parts/FoundRepairs.tsx';
import { ImportJob } from '../parts/ImportJob.tsx';
import { useQueued } from '../state/queued.ts';
import { pageNow, zoneHere } from '../state/clock.ts';
import { useMayPlan } from '../state/editing.ts';
import { useStore } from '../state/store.ts';
import { isFound } from '../views/foundJobs.ts';

function NewJob({ atOnce }: { atOnce: boolean }) {
  const navigate = useNavigate();
  const [create] = api.useCreateJobMutation();
  const [failed, setFailed] = useState('');
  const here = zoneHere();
  const tomorrow = siteDateTime(new Date(Date.parse(pageNow()) + 86_400_000).toISOString(), here).date;
  const begin = async (fields: JobFields) => {
    setFailed('');
    const made = await create({ id: uuid(), change: uuid(), ...fields });
    if (made.data) await navigate(`/jobs/${made.data.id}/walk`);
    else setFailed('The server did not take it. What you typed is still here: try again.');
    return made.data !== undefined;
  };
  return (
    <JobForm
      keptAs="new job"
      atOnce={atOnce}
      heading={<h2 style={{ fontSize: 18 }}>New job</h2>}
      submit="Begin the walk"
      failed={failed}
      onSubmit={begin}
      initial={{ site: '', client: '', timeZone: here, units: 'metric', crew: crewFields(unnamed(2)), startAt: siteInstant(tomorrow, '08:00', here) }}
    />
  );
}

/** which jobs are shown: those that go on, or those of one state */
type Shown = 'current' | JobState;

/** What a firm has beside its jobs. */
function Beside({ mayPlan }: { mayPlan: boolean }) {
  return (
    <>
      <Link to="/shelf">Shelf</Link>
      <Link to="/rules">House rules</Link>
      <Link to="/figures">Quick figures</Link>
      {mayPlan ? <Link to="/bin">Deleted</Link> : null}
    </>
  );
}

function NoneYet({ mayPlan }: { mayPlan: boolean }) {
  return (
    <p>
      No job yet.{' '}
      {mayPlan ? 'Begin one: site and client, then walk the building with it. You are led through your first repair.' : 'Who plans in your firm begins one.'}
    </p>
  );
}

interface WhichProps {
  readonly states: ReadonlyMap<string, JobState>;
  readonly shown: Shown;
  readonly onShown: (shown: Shown) => void;
  readonly found: number;
  readonly search: string;
  readonly onSearch: (words: string) => void;
}

const isOf = (shown: Shown, state: JobState | undefined) => (shown === 'current' ? state !== 'archived' : state === shown);

/** Which jobs are shown: by words, and by how far they are. */
function Which({ states, shown, onShown, found, search, onSearch }: WhichProps) {
  const field = useRef<HTMLInputElement>(null);
  useKeys({
    '/': () => field.current?.focus(),
  });
  const count = (one: Shown) => [...states.values()].filter((state) => isOf(one, state)).length;
  const choices: readonly (readonly [Shown, string])[] = [
    ['current', 'current'],
    ...Object.entries(jobStates).flatMap(([state, words]) => (count(state as JobState) > 0 ? [[state as JobState, words] as const] : [])),
  ];
  return (
    <div className="table-head" style={{ marginTop: 10 }}>
      <FindField label="Find by site, client, mark, place or word" value={search} hand={field} onSearch={onSearch} />
      <OneOfThese
        label="Which jobs"
        choices={choices.map(([id, words]) => ({ id, words: `${words} ${String(count(id))}` }))}
        chosen={shown}
        onChoose={onShown}
      />
      <span className="quiet" role="status">
        {found === count(shown) ? '' : `${String(found)} of ${String(count(shown))}`}
      </span>
    </div>
  );
}

/** Jobs: every job of the firm with what waits for whom, and how a new one begins. */
export function Jobs() {
  const { data: read, error } = api.useJobsQuery(undefined);
  const jobs = useQueued(read);
  const units = useStore((s) => s.view.units ?? 'metric');
  const mayPlan = useMayPlan();
  const [search, setSearch] = useState('');
  const [shown, setShown] = useState<Shown>('current');
  const [beginning, setBeginning] = useState(false);
  const states = useMemo(() => new Map(jobs?.map((job) => [job.id, jobNext(job).state])), [jobs]);
  const found = useMemo(() => jobs?.filter((job) => isFound(job, search) && isOf(shown, states.get(job.id))), [jobs, states, search, shown]);
  // one request over all jobs: an office has thousands
  const { data: worked } = api.useBegunPlansQuery(undefined);
  const plans = useQueued(worked);
  const begun = useMemo(() => {
    const byJob = new Map<string, IssuedSummary[]>();
    for (const plan of plans ?? []) if (plan.state === 'begun') byJob.set(plan.jobId, [...(byJob.get(plan.jobId) ?? []), plan]);
    return byJob;
  }, [plans]);
  const asks = mayPlan && (beginning || jobs?.length === 0);
  return (
    <div className="frame" style={{ gridTemplateRows: 'auto minmax(0, 1fr)' }}>
      <Bar units={units} />
      <div className={`work jobs${asks ? '' : ' alone'}`}>
        <main className="pane sheet" style={{ padding: '18px 22px' }}>
          <div className="title">
            <h1 style={{ fontSize: 24 }}>Jobs</h1>
            {mayPlan && jobs && jobs.length > 0 ? (
              <Button
                size="small"
                variant="contained"
                aria-expanded={asks}
                onClick={() => {
                  setBeginning(!beginning);
                }}
              >
                New job
              </Button>
            ) : null}
            <span className="push" />
            <Beside mayPlan={mayPlan} />
          </div>
          {error === undefined ? null : <p role="alert">The server does not answer. Is it still running?</p>}
          {jobs?.length === 0 ? <NoneYet mayPlan={mayPlan} /> : null}
          <Ahead units={units} />
          {states.size > 1 ? <Which states={states} shown={shown} onShown={setShown} found={found?.length ?? 0} search={search} onSearch={setSearch} /> : null}
          <FoundRepairs search={search} />
          {found?.map((job) => (
            <JobRow key={job.id} job={job} begun={begun.get(job.id) ?? []} whole={jobs?.length === 1} />
          ))}
          {jobs && jobs.length > 0 && found?.length === 0 ? <p className="quiet">None of these.</p> : null}
        </main>
        {asks ? (
          <aside className="pane left-rule" style={{ padding: '18px 22px' }} aria-label="Begin a job">
            <NewJob atOnce={beginning} />
            <ImportJob />
          </aside>
        ) : null}
      </div>
      <UndoBar />
    </div>
  );
}
