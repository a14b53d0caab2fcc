import { crewFields } from '../views/crewFields.ts';
import { unnamed } from '@oddment/core';
import type { IssuedSummary, JobFields } from '@oddment/contracts';
import {
  clockTime,
  plannedOf,
  overtaken,
  readSheet,
  running,
  sectionsOf,
  siteDateTime,
  siteInstant,
  tell,
  type RepairPlan,
  type UnitSystem,
} from '@oddment/core';
import { useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { v4 as uuid } from 'uuid';
import { Ahead } from '../parts/Ahead.tsx';
import { Bar } from '../parts/Bar.tsx';
import { SectionIcon } from '../parts/Drawing.tsx';
import { FindField } from '../parts/FindField.tsx';
import { JobForm } from '../parts/JobForm.tsx';
import { useKeys } from '../parts/keys.ts';
import { UndoBar } from '../parts/UndoBar.tsx';
import { api } from '../state/api.ts';
import { useRemove } from '../state/removing.ts';
import { ImportJob } from '../parts/ImportJob.tsx';
import { useQueued, useQueuedOne } from '../state/queued.ts';
import { pageNow } from '../state/clock.ts';
import { planOf, usePlannedBy, useJob } from '../state/editing.ts';
import { useStore } from '../state/store.ts';
import { isFound } from '../views/foundJobs.ts';
import { listItem } from '../views/listItem.ts';

function NewJob() {
  const navigate = useNavigate();
  const [create] = api.useCreateJobMutation();
  const [failed, setFailed] = useState('');
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
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
      heading={<h2 style={{ fontSize: 18 }}>New job</h2>}
      submit="Begin the walk"
      failed={failed}
      onSubmit={begin}
      initial={{ site: '', client: '', timeZone: here, units: 'metric', crew: crewFields(unnamed(2)), startAt: siteInstant(tomorrow, '08:00', here) }}
    />
  );
}

/** Where a person goes on with a repair. */
function stageOf(plan: RepairPlan): string {
  const judged = plannedOf(plan);
  if (!judged) return 'walk';
  const chosen = judged.planned?.by === 'choice';
  return chosen ? 'method' : 'match';
}

/** What waits in a job: its repairs, each with its own section, and what holds it up. */
function Waiting({ jobId }: { jobId: string }) {
  const { job } = useJob(jobId);
  const by = usePlannedBy();
  const units = useStore((s) => s.view.units) ?? job?.units ?? 'metric';
  if (!job || !by) return null;
  const how = { units, timeZone: job.timeZone, day: job.startAt };
  return (
    <div className="strip">
      {job.areas.flatMap((area) =>
        area.defects.map((defect) => {
          const plan = planOf(job, area, defect, by);
          const item = listItem(plan, how);
          const [section] = plan.state === 'incomplete' ? [] : sectionsOf(plan);
          return (
            <Link key={defect.id} className="item" to={`/jobs/${job.id}/${stageOf(plan)}/${defect.id}`}>
              {section ? <SectionIcon section={section} width={84} height={60} /> : <span />}
              <span>
                <b>{defect.mark}</b> {item.size}
                <small className={item.tone === 'plain' ? undefined : item.tone}>{item.line}</small>
              </span>
            </Link>
          );
        }),
      )}
    </div>
  );
}

/** One plan that is begun: what is next by hand, and which windows close. */
function RunningPlan({ summary, timeZone, units }: { summary: IssuedSummary; timeZone: string; units: UnitSystem }) {
  const { data: read } = api.useIssuedPlanQuery(summary.id);
  const data = useQueuedOne(read);
  const now = pageNow();
  const run = useMemo(() => {
    const work = data && readSheet(data.plan.kept).sheet.work;
    return work && summary.begunAt !== undefined ? running(work.schedule, summary.begunAt, now) : undefined;
  }, [data, summary.begunAt, now]);
  const { job } = useJob(summary.jobId);
  const by = usePlannedBy();
  const area = job?.areas.find((a) => a.defects.some((d) => d.id === summary.defectId));
  const defect = area?.defects.find((d) => d.id === summary.defectId);
  const over = job && area && defect && by ? overtaken(planOf(job, area, defect, by), job) : undefined;
  if (!run) return null;
  const how = { units, timeZone, day: now };
  const time = (at: string) => clockTime(at, how);
  return (
    <li>
      <Link to={`/jobs/${summary.jobId}/plans/${summary.id}`}>
        <b>{summary.mark}</b>
      </Link>{' '}
      {run.next ? (
        <>
          {run.next.now ? <b>now:</b> : <>from {time(run.next.at)}:</>} {tell(run.next.title, how)}
        </>
      ) : (
        <>by hand all done; in use from {time(run.readyAt)}</>
      )}
      {over ? (
        <div className="over" role="alert">
          {tell(over.says, how)}
        </div>
      ) : null}
      {run.closing.map((c) => (
        <div key={`${c.before} ${tell(c.title, how)}`} className="late">
          {tell(c.title, how)}: begin before {time(c.before)}. <span className="quiet">Missed: {tell(c.ifMissed, how)}</span>
        </div>
      ))}
    </li>
  );
}

/** What is being worked in a job: next by hand, and windows that close. */
function BeingWorked({ begun, site, timeZone, units }: { begun: readonly IssuedSummary[]; site: string; timeZone: string; units: UnitSystem }) {
  if (begun.length === 0) return null;
  return (
    <section className="running" aria-label={`Being worked: ${site}`}>
      <h2>Being worked</h2>
      <ul>
        {begun.map((p) => (
          <RunningPlan key={p.id} summary={p} timeZone={timeZone} units={units} />
        ))}
      </ul>
    </section>
  );
}

const shownWhole = 6;

/** Jobs: every job of the firm, and how a new one begins. */
export function Jobs() {
  const { data: read, error } = api.useJobsQuery(undefined);
  const jobs = useQueued(read);
  const units = useStore((s) => s.view.units ?? 'metric');
  const remove = useRemove();
  const [search, setSearch] = useState('');
  const field = useRef<HTMLInputElement>(null);
  useKeys({
    '/': () => field.current?.focus(),
  });
  const found = useMemo(() => jobs?.filter((job) => isFound(job, search)), [jobs, search]);
  // one request over all jobs: an office has thousands
  const { data: worked } = api.useBegunPlansQuery(undefined);
  const plans = useQueued(worked);
  const begun = useMemo(() => {
    const byJob = new Map<string, IssuedSummary[]>();
    for (const plan of plans ?? []) if (plan.state === 'begun') byJob.set(plan.jobId, [...(byJob.get(plan.jobId) ?? []), plan]);
    return byJob;
  }, [plans]);
  return (
    <div className="frame" style={{ gridTemplateRows: 'auto minmax(0, 1fr)' }}>
      <Bar units={units} />
      <div className="work jobs">
        <main className="pane sheet" style={{ padding: '18px 22px' }}>
          <div className="title">
            <h1 style={{ fontSize: 24 }}>Jobs</h1>
            <span className="push" />
            <Link to="/shelf">Shelf</Link>
            <Link to="/rules">House rules</Link>
            <Link to="/figures">Quick figures</Link>
            <Link to="/bin">Deleted</Link>
          </div>
          {error === undefined ? null : <p role="alert">The server does not answer. Is it still running?</p>}
          {jobs?.length === 0 ? <p>No job yet. Begin one on the right: site and client, then walk the building with it.</p> : null}
          <Ahead units={units} />
          {(jobs?.length ?? 0) > 1 ? (
            <div className="table-head" style={{ marginTop: 10 }}>
              <FindField label="Find by site or client" value={search} hand={field} onSearch={setSearch} />
              <span className="quiet" role="status">
                {found?.length === jobs?.length ? '' : `${String(found?.length ?? 0)} of ${String(jobs?.length ?? 0)}`}
              </span>
            </div>
          ) : null}
          {found?.map((job, i) => (
            <section key={job.id} aria-label={job.site}>
              <div className="jobrow">
                <div>
                  <Link className="job" to={`/jobs/${job.id}/walk`}>
                    {job.site}
                  </Link>
                  <div className="quiet">{job.client === '' ? 'no client named' : job.client}</div>
                </div>
                <div>
                  {siteDateTime(job.startAt, job.timeZone).date}
                  <div className="quiet">starts {clockTime(job.startAt, { timeZone: job.timeZone })}, site time</div>
                </div>
                <div>
                  {job.defects === 1 ? 'one defect' : `${String(job.defects)} defects`} in {job.areas === 1 ? 'one area' : `${String(job.areas)} areas`}
                  <div className="quiet">
                    {job.chosen} chosen, {job.defects - job.chosen} still to choose
                  </div>
                </div>
                <div style={{ display: 'grid', justifyItems: 'end' }}>
                  <span>
                    <a href={`/api/jobs/${job.id}/file`} download>
                      Job file
                    </a>
                    ,{' '}
                    <a href={`/api/jobs/${job.id}/defects.csv`} download>
                      CSV
                    </a>
                  </span>
                  <button
                    type="button"
                    className="link"
                    aria-label={`Delete ${job.site}`}
                    onClick={() => {
                      void remove('job', job, job.site);
                    }}
                  >
                    Delete
                  </button>
                </div>
              </div>
              <BeingWorked begun={begun.get(job.id) ?? []} site={job.site} timeZone={job.timeZone} units={units} />
              {i < shownWhole ? <Waiting jobId={job.id} /> : null}
            </section>
          ))}
        </main>
        <aside className="pane left-rule" style={{ padding: '18px 22px' }} aria-label="Begin a job">
          <NewJob />
          <ImportJob />
        </aside>
      </div>
      <UndoBar />
    </div>
  );
}
