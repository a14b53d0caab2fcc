import Button from '@mui/material/Button';
import type { AreaRecord, DefectRecord, JobRecord } from '@oddment/contracts';
import { type RepairPlan } from '@oddment/core';
import { useMemo } from 'react';
import { Link, useNavigate } from 'react-router';
import { v4 as uuid } from 'uuid';
import { api } from '../state/api.ts';
import { useQueued } from '../state/queued.ts';
import { useHouseRules } from '../state/editing.ts';
import { useUnsaved } from '../state/unsaved.ts';
import { changeCount, issuedChanges } from '../views/issuedChanges.ts';
import { refusal } from './refusal.ts';
import { useWhen } from './when.ts';

interface Of {
  readonly job: JobRecord;
  readonly area: AreaRecord;
  readonly defect: DefectRecord;
  readonly plan: RepairPlan;
}

/** The latest issued plan of a repair, and whether it is still what would be planned now. */
export function IssueState({ job, area, defect, plan }: Of) {
  const { data } = api.useIssuedPlansQuery(job.id);
  const all = useQueued(data);
  const latest = all?.find((p) => p.defectId === defect.id);
  const { data: issued } = api.useIssuedPlanQuery(latest?.id ?? '', { skip: latest === undefined });
  const rules = useHouseRules();
  const when = useWhen();
  const changes = useMemo(
    () => (issued ? issuedChanges(issued.plan, { job, area, defect, rules, plan }) : undefined),
    [issued, job, area, defect, rules, plan],
  );
  if (!latest) return null;
  const differ = changes && changeCount(changes);
  return (
    <p className="issue-state">
      <Link to={`/jobs/${job.id}/plans/${latest.id}`}>Issued {when(latest.issuedAt)}</Link>, {latest.state === 'issued' ? 'not begun' : latest.state}
      {differ === undefined ? (
        ''
      ) : differ === 0 ? (
        '; the same as now'
      ) : (
        <>
          ; <b>{differ === 1 ? 'one thing differs' : `${String(differ)} things differ`} now</b>
        </>
      )}
      {changes?.over ? (
        <>
          ; <span className="over">{changes.over.brief}</span>
        </>
      ) : null}
    </p>
  );
}

/** Issues the plan of a repair as it is saved. */
export function IssueButton({ job, area, defect }: Omit<Of, 'plan'>) {
  const [issue, { error, isLoading }] = api.useIssuePlanMutation();
  const unsaved = useUnsaved(job.id);
  const navigate = useNavigate();
  const act = async () => {
    const id = uuid();
    const done = await issue({ defectId: defect.id, id, change: uuid(), jobVersion: job.version, areaVersion: area.version, defectVersion: defect.version });
    if (done.data) void navigate(`/jobs/${job.id}/plans/${id}`);
  };
  return (
    <>
      <Button
        variant="outlined"
        disabled={unsaved || isLoading}
        title={unsaved ? 'Waits until everything is saved' : 'Keep this plan as it is, to work from'}
        onClick={() => {
          void act();
        }}
      >
        Issue
      </Button>
      {error === undefined ? null : (
        <p role="alert" style={{ flexBasis: '100%', color: 'var(--stop)', margin: 0 }}>
          {refusal(error)}
        </p>
      )}
    </>
  );
}
