import type { JobRecord } from '@oddment/contracts';
import type { RepairPlan } from '@oddment/core';
import { memo } from 'react';
import { Link } from 'react-router';
import { api } from '../state/api.ts';
import { useSend, useStore } from '../state/store.ts';
import { guideSet } from '../state/view.ts';
import { guideStep } from '../views/guide.ts';

interface GuideProps {
  readonly job: JobRecord;
  readonly plans: ReadonlyMap<string, RepairPlan>;
  /** the repair in view */
  readonly defectId: string | undefined;
  readonly stage: string;
}

/** Leads through a first repair: what comes next, and where. It is there on a firm's first job until one says that one knows the way. */
export const Guide = memo(function Guide({ job, plans: made, defectId, stage }: GuideProps) {
  const plan = defectId === undefined ? undefined : made.get(defectId);
  const asked = useStore((s) => s.view.guide);
  const send = useSend();
  const { data: session } = api.useSessionQuery(undefined);
  const { data: jobs } = api.useJobsQuery(undefined);
  const shown = asked ?? (session?.firm?.demo === false && jobs !== undefined && jobs.length <= 1);
  const { data: plans } = api.useIssuedPlansQuery(job.id, { skip: !shown });
  const mayPlan = session?.account?.role === 'owner' || session?.account?.role === 'estimator';
  if (!shown || !mayPlan) return null;
  const step = guideStep({ areas: job.areas.length, plan, issued: plans?.some((p) => p.defectId === plan?.defect.id) ?? false });
  const to = `/jobs/${job.id}/${step.at}${step.repair && plan ? `/${plan.defect.id}` : ''}`;
  return (
    <section className="guide" aria-label="Your first repair">
      <p>
        <b>
          {step.n} of {step.of}: {step.title}.
        </b>{' '}
        {step.says}
      </p>
      {stage === step.at ? null : <Link to={to}>Go there</Link>}
      <button type="button" className="link" onClick={() => send(guideSet(false))}>
        I know the way
      </button>
    </section>
  );
});
