import { useWhen } from '../parts/when.ts';
import Button from '@mui/material/Button';
import type { IssuedRecord, JobRecord } from '@oddment/contracts';
import { overtaken, readSheet, show, type RepairPlan } from '@oddment/core';
import { useMemo } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { v4 as uuid } from 'uuid';
import { Changes } from '../parts/Changes.tsx';
import { Say } from '../parts/Fig.tsx';
import { MakePdf } from '../parts/MakePdf.tsx';
import { refusal } from '../parts/refusal.ts';
import { SheetPage } from '../parts/SheetPage.tsx';
import { useTelling } from '../parts/telling.tsx';
import { api } from '../state/api.ts';
import { useQueued, useQueuedOne } from '../state/queued.ts';
import { useHouseRules, useMayRecord } from '../state/editing.ts';
import { useRemove } from '../state/removing.ts';
import { changeCount, issuedChanges } from '../views/issuedChanges.ts';
import { usePlace } from './JobFrame.tsx';
import { KeptElsewhere } from '../parts/KeptElsewhere.tsx';
import { PageActions } from '../parts/PageActions.tsx';

const stateWords = { issued: 'issued', begun: 'begun', done: 'done' } as const;

/** Whether what was issued is still gone on from, in a word. */
function OvertakenNow({ job, plan, state }: { job: JobRecord; plan: RepairPlan | undefined; state: IssuedRecord['state'] }) {
  const over = plan && state !== 'done' ? overtaken(plan, job) : undefined;
  return over ? <b className="over">{over.brief}</b> : null;
}

/** Everything issued for a job, latest first. */
export function IssuedList() {
  const { job, plans: now } = usePlace();
  const { units } = useTelling();
  const { data, error } = api.useIssuedPlansQuery(job.id);
  const plans = useQueued(data);
  const when = useWhen();
  return (
    <main className="pane sheet">
      <div className="title">
        <h1>Issued plans</h1>
        <span className="quiet">kept as they were, with what they were made from</span>
      </div>
      {error === undefined ? null : <p role="alert">{refusal(error)}</p>}
      {plans?.length === 0 ? (
        <p>None yet. Method issues the plan of a repair: from then on it stays as it is, whatever is measured later.</p>
      ) : (
        <table className="mixtable issued">
          <thead>
            <tr>
              <th scope="col">Repair</th>
              <th scope="col">System</th>
              <th scope="col">Takes</th>
              <th scope="col">Issued</th>
              <th scope="col">State</th>
            </tr>
          </thead>
          <tbody>
            {plans?.map((p) => (
              <tr key={p.id}>
                <th scope="row">
                  <Link to={`/jobs/${job.id}/plans/${p.id}`}>{p.mark}</Link>
                </th>
                <td>{p.system}</td>
                <td>{show({ value: p.totalMin, kind: 'duration' }, units).text}</td>
                <td>
                  {when(p.issuedAt)}, {p.issuedBy}
                </td>
                <td>
                  {stateWords[p.state]}
                  {p.begunAt === undefined ? '' : ` ${when(p.begunAt)}, ${p.begunBy ?? ''}`}
                  <OvertakenNow job={job} plan={now.get(p.defectId)} state={p.state} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </main>
  );
}

function Since({ issued }: { issued: IssuedRecord }) {
  const { job, plans } = usePlace();
  const rules = useHouseRules();
  const area = job.areas.find((a) => a.defects.some((d) => d.id === issued.defectId));
  const defect = area?.defects.find((d) => d.id === issued.defectId);
  const plan = plans.get(issued.defectId);
  const changes = useMemo(
    () => issuedChanges(issued.plan, area && defect && plan ? { job, area, defect, rules, plan } : undefined),
    [issued.plan, job, area, defect, rules, plan],
  );
  const { over } = changes;
  return (
    <>
      {over && issued.state !== 'done' ? (
        <p className="halted" role="alert">
          <Say saying={over.says} plain />
        </p>
      ) : null}
      <section className="no-print since" aria-label="Since it was issued">
        <h2>{defect && changeCount(changes) === 0 && !over ? 'Nothing has changed since' : 'Since it was issued'}</h2>
        {defect ? null : <p>The repair was deleted since.</p>}
        <Changes title="Facts and choices" why="Measured, answered or decided otherwise since." changes={changes.facts} />
        <Changes title="The plan as it would be now" why="What these facts make of it." changes={changes.plan} />
        <Changes title="This version of Oddment" why={`It was issued by version ${issued.core}. Of the same facts this one makes:`} changes={changes.core} />
      </section>
    </>
  );
}

function Kept({ issued }: { issued: IssuedRecord }) {
  const { job, units, mayPlan, plans } = usePlace();
  const plan = plans.get(issued.defectId);
  const held = plan !== undefined && overtaken(plan, job)?.held === true;
  const mayRecord = useMayRecord();
  const navigate = useNavigate();
  const remove = useRemove();
  const [change, { error }] = api.useChangeIssuedMutation();
  const { sheet, figures } = useMemo(() => readSheet(issued.plan.kept), [issued.plan.kept]);
  const set = (state: 'begun' | 'done') => {
    void change({ id: issued.id, change: uuid(), version: issued.version, state, mark: issued.mark });
  };
  const when = useWhen();
  return (
    <main className="page">
      <PageActions
        back="All issued plans"
        onBack={() => {
          void navigate(`/jobs/${job.id}/plans`);
        }}
      >
        <MakePdf address={`/api/plans/${issued.id}/sheet.pdf?units=${units}`}>PDF</MakePdf>
        <span style={{ flex: 1 }} />
        {mayRecord && issued.state === 'issued' ? (
          <Button
            variant="contained"
            disabled={held}
            title={held ? 'Waits until the stop is lifted' : undefined}
            onClick={() => {
              set('begun');
            }}
          >
            Begin the work
          </Button>
        ) : null}
        {mayRecord && issued.state === 'begun' ? (
          <Button
            variant="contained"
            onClick={() => {
              set('done');
            }}
          >
            It is done
          </Button>
        ) : null}
        {mayPlan && issued.state === 'issued' ? (
          <button
            type="button"
            className="link"
            onClick={() => {
              void remove('plan', issued, `The plan of ${issued.mark}`).then((done) => {
                if (done.data) void navigate(`/jobs/${job.id}/plans`);
              });
            }}
          >
            Withdraw
          </button>
        ) : null}
      </PageActions>
      {error === undefined ? null : (
        <p role="alert" className="no-print">
          {refusal(error)}
        </p>
      )}
      <p style={{ margin: '0 0 6px' }}>
        <b>
          Issued {when(issued.issuedAt)} by {issued.issuedBy}
        </b>
        , Oddment {issued.core}
        {issued.begunAt === undefined ? '' : `; begun ${when(issued.begunAt)} by ${issued.begunBy ?? ''}`}
        {issued.state === 'done' ? '; done' : ''}.
      </p>
      <Since issued={issued} />
      <SheetPage sheet={sheet} figures={figures} />
    </main>
  );
}

/** One issued plan as it was kept, and what has changed since. */
export function IssuedPlanPage() {
  const { planId = '' } = useParams();
  const { job } = usePlace();
  const { data: read, error } = api.useIssuedPlanQuery(planId);
  const data = useQueuedOne(read);
  if (data) return <Kept issued={data} key={data.id} />;
  return (
    <KeptElsewhere opening="Opening the plan" failed={error !== undefined}>
      <Link to={`/jobs/${job.id}/plans`}>All issued plans</Link>
    </KeptElsewhere>
  );
}
