import type { IssuedSummary } from '@oddment/contracts';
import { clockTime, overtaken, readSheet, running, tell, type UnitSystem } from '@oddment/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { api } from '../state/api.ts';
import { pageNow } from '../state/clock.ts';
import { planOf, useJob, usePlannedBy } from '../state/editing.ts';
import { useQueuedOne } from '../state/queued.ts';

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
export function BeingWorked({ begun, site, timeZone, units }: { begun: readonly IssuedSummary[]; site: string; timeZone: string; units: UnitSystem }) {
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
