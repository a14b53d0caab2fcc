import { crewFields } from '../views/crewFields.ts';
import Dialog from '@mui/material/Dialog';
import type { AreaRecord, DefectRecord, JobRecord } from '@oddment/contracts';
import { type RepairPlan, type Telling, type UnitSystem } from '@oddment/core';
import { memo, useMemo, useState } from 'react';
import { NavLink, Outlet, useLocation, useNavigate, useOutletContext, useParams } from 'react-router';
import { addingKeys, useAdding, type Adding } from '../parts/adding.tsx';
import { Bar } from '../parts/Bar.tsx';
import { Guide } from '../parts/Guide.tsx';
import { Conflicts } from '../parts/Conflicts.tsx';
import { JobForm } from '../parts/JobForm.tsx';
import { useKeys } from '../parts/keys.ts';
import { TellingProvider } from '../parts/telling.tsx';
import { UndoBar } from '../parts/UndoBar.tsx';
import { planOf, plansOfJob, useEdit, usePlannedBy, useJob, useMayPlan } from '../state/editing.ts';
import { useAtRest } from '../state/atRest.ts';
import { useReadAhead } from '../state/readAhead.ts';
import { useStore } from '../state/store.ts';
import { corridor } from '../views/corridor.ts';
import { screenName, stagePath, stages } from '../views/stages.ts';

export interface Place extends Adding {
  /** whether the person may change what is here */
  readonly mayPlan: boolean;
  readonly job: JobRecord;
  /** as it was when the hand last rested */
  readonly atRest: JobRecord;
  /** of the job at rest, and of what was added since */
  readonly plans: ReadonlyMap<string, RepairPlan>;
  readonly units: UnitSystem;
  readonly edit: ReturnType<typeof useEdit>;
  readonly area: AreaRecord | undefined;
  readonly defect: DefectRecord | undefined;
}

export const usePlace = () => useOutletContext<Place>();

/** It counts over all plans of a job: it is drawn again when one of them changes. */
const Corridor = memo(function Corridor({ jobId, plans, defectId }: { jobId: string; plans: ReadonlyMap<string, RepairPlan>; defectId: string | undefined }) {
  return (
    <nav className="corridor" aria-label="Stages of the work">
      {corridor([...plans.values()]).map((stage) => (
        <NavLink key={stage.id} to={stagePath(stage, jobId, defectId)}>
          {stage.name}
          <i aria-hidden="true" />
          <small>{stage.count}</small>
        </NavLink>
      ))}
    </nav>
  );
});

/** The plan of each repair as it was when the hand last rested; one that was added since has its own at once. */
function usePlans(job: JobRecord | undefined, atRest: JobRecord | undefined): ReadonlyMap<string, RepairPlan> {
  const by = usePlannedBy();
  const rested = useMemo(() => plansOfJob(atRest, by), [atRest, by]);
  const added =
    job === atRest || !by
      ? []
      : (job?.areas.flatMap((a) => a.defects.filter((d) => !rested.has(d.id)).map((d) => [d.id, planOf(job, a, d, by)] as const)) ?? []);
  return added.length === 0 ? rested : new Map([...rested, ...added]);
}

/** How figures of a job are told: the same as long as its units, zone and day are, for everything is drawn again with it. */
function useTold(job: JobRecord | undefined, units: UnitSystem): Telling {
  const { timeZone = 'UTC', startAt: day } = job ?? {};
  return useMemo(() => ({ units, timeZone, ...(day !== undefined && { day }) }), [units, timeZone, day]);
}

/** What stands in the place of a job that is not there, or not yet. */
function NotOpen({ units, error }: { units: UnitSystem; error: unknown }) {
  return (
    <div className="frame">
      <Bar units={units} />
      <main className="pane" style={{ gridRow: '2 / 4' }}>
        <h1>{error === undefined ? 'Opening the job' : 'This job cannot be opened'}</h1>
        {error === undefined ? null : (
          <p>
            It is not here, not yours, or the server does not answer. <a href="/">All jobs</a>
          </p>
        )}
      </main>
    </div>
  );
}

/** Whether a screen is paper: a sheet, options, or something that was kept. */
const isPaper = (stage: string, kept: string | undefined): boolean => stage === 'sheet' || stage === 'options' || kept !== undefined;

/** What stands around every screen of a job: the bar, the corridor, and the job itself with its plans. */
export function JobFrame() {
  const { jobId = '', defectId, areaId, planId, offerId } = useParams();
  const { job, error } = useJob(jobId);
  useReadAhead(jobId);
  const atRest = useAtRest(job);
  const plans = usePlans(job, atRest);
  const chosenUnits = useStore((s) => s.view.units);
  const edit = useEdit(jobId);
  const mayPlan = useMayPlan();
  const navigate = useNavigate();
  const [editing, setEditing] = useState(false);
  const { pathname } = useLocation();
  const stage = pathname.split('/')[3] ?? 'walk';
  const order = job?.areas.flatMap((a) => a.defects.map((d) => d.id)) ?? [];
  const current = defectId ?? (areaId === undefined ? order[0] : undefined);
  const area = job?.areas.find((a) => a.id === areaId || a.defects.some((d) => d.id === current)) ?? job?.areas[0];
  const defect = area?.defects.find((d) => d.id === current);
  const units = chosenUnits ?? job?.units ?? 'metric';
  const telling = useTold(job, units);
  const goTo = (to: string, id = current) => {
    void navigate(id === undefined ? `/jobs/${jobId}/${to}` : `/jobs/${jobId}/${to}/${id}`);
  };
  const step = (by: number) => {
    const next = order[(order.indexOf(current ?? '') + by + order.length) % order.length];
    if (next !== undefined) goTo(stage, next);
  };
  const { adding, dialogs } = useAdding(job, area, edit);
  useKeys({
    ...Object.fromEntries(
      stages.map((one) => [
        one.key,
        () => {
          void navigate(stagePath(one, jobId, current));
        },
      ]),
    ),
    n: () => {
      step(1);
    },
    p: () => {
      step(-1);
    },
    o: () => {
      goTo('sheet');
    },
    v: () => {
      goTo('options');
    },
    '/': () => {
      void navigate(`/jobs/${jobId}/table`);
    },
    ...(mayPlan && addingKeys(adding, area, defect, stage)),
  });
  if (!job || !atRest) {
    return <NotOpen units={units} error={error} />;
  }
  const place: Place = { ...adding, mayPlan, job, atRest, plans, units, edit, area, defect };
  // paper has nothing around it
  if (isPaper(stage, planId ?? offerId)) {
    return (
      <TellingProvider value={telling}>
        <Outlet context={place} />
        <UndoBar />
      </TellingProvider>
    );
  }
  return (
    <TellingProvider value={telling}>
      <div className="frame of-job">
        <div className="top">
          <Bar
            site={job.site}
            units={units}
            here={screenName(stage)}
            {...(mayPlan && {
              onSite: () => {
                setEditing(true);
              },
            })}
          >
            <Corridor jobId={job.id} plans={plans} defectId={defect?.id} />
          </Bar>
          <Conflicts jobId={job.id} />
          <Guide job={atRest} plans={plans} defectId={defect?.id} stage={stage} />
        </div>
        <Outlet context={place} />
      </div>
      <UndoBar />
      {dialogs}
      <Dialog
        open={editing}
        onClose={() => {
          setEditing(false);
        }}
        aria-labelledby="job-title"
        fullWidth
        maxWidth="xs"
      >
        <div style={{ padding: '18px 20px' }}>
          <JobForm
            heading={
              <h2 id="job-title" style={{ fontSize: 18 }}>
                This job
              </h2>
            }
            submit="Keep"
            initial={{ site: job.site, client: job.client, timeZone: job.timeZone, units: job.units, startAt: job.startAt, crew: crewFields(job.crew) }}
            onSubmit={(fields) => {
              edit.job(job, fields);
              setEditing(false);
              return true;
            }}
            onCancel={() => {
              setEditing(false);
            }}
          />
        </div>
      </Dialog>
    </TellingProvider>
  );
}
