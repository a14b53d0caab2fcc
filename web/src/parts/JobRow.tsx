import type { IssuedSummary, JobSummary } from '@oddment/contracts';
import { clockTime, fullDay, jobNext, jobStates, plannedOf, sectionsOf, type RepairPlan } from '@oddment/core';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { planOf, useJob, usePlannedBy } from '../state/editing.ts';
import { useStore } from '../state/store.ts';
import { counted } from '../views/counted.ts';
import { listItem } from '../views/listItem.ts';
import { BeingWorked } from './BeingWorked.tsx';
import { SectionIcon } from './Drawing.tsx';
import { JobActions } from './JobActions.tsx';

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

interface JobRowProps {
  readonly job: JobSummary;
  readonly begun: readonly IssuedSummary[];
  /** unfolded until it is folded away */
  readonly whole: boolean;
}

/** A job as a row: how far it is, and what waits for whom; unfolded with its repairs. */
export function JobRow({ job, begun, whole }: JobRowProps) {
  const [open, setOpen] = useState(whole);
  const units = useStore((s) => s.view.units ?? 'metric');
  const { state, waits } = jobNext(job);
  return (
    <section aria-label={job.site} className="job-of">
      <div className="jobrow">
        <button
          type="button"
          className="plain"
          aria-expanded={open}
          aria-label={`${job.site}: its repairs`}
          onClick={() => {
            setOpen(!open);
          }}
        >
          {open ? <ChevronDown size={18} aria-hidden="true" /> : <ChevronRight size={18} aria-hidden="true" />}
        </button>
        <div>
          <Link className="job" to={`/jobs/${job.id}/walk`}>
            {job.site}
          </Link>
          <div className="quiet">{job.client === '' ? 'no client named' : job.client}</div>
        </div>
        <div>
          <b className={`state-of ${state}`}>{jobStates[state]}</b>
          <div className="quiet">{job.defects === 0 ? '' : `${counted(job.defects, 'repair', 'repairs')} in ${counted(job.areas, 'area', 'areas')}`}</div>
        </div>
        <ul className="waits" aria-label="What waits">
          {waits.map((w) => (
            <li key={w.what}>
              {w.count} {w.what} <span className="quiet">{w.for}</span>
            </li>
          ))}
        </ul>
        <div>
          {fullDay(job.startAt, job.timeZone)}
          <div className="quiet">starts {clockTime(job.startAt, { timeZone: job.timeZone })}, site time</div>
        </div>
      </div>
      <BeingWorked begun={begun} site={job.site} timeZone={job.timeZone} units={units} />
      {open ? (
        <>
          <Waiting jobId={job.id} />
          <JobActions summary={job} />
        </>
      ) : null}
    </section>
  );
}
