import { kindOf } from '@oddment/core';
import { Link } from 'react-router';
import { DefectList } from '../parts/DefectList.tsx';
import { usePlace } from './JobFrame.tsx';

/** A stage whose repair still has questions open: which, and where to answer them. */
export function Incomplete({ stage }: { stage: string }) {
  const { job, plans, defect } = usePlace();
  const plan = defect && plans.get(defect.id);
  if (plan?.state === 'surveyed') {
    return (
      <div className={`work ${stage}`}>
        <DefectList job={job} plans={plans} stage={stage} current={defect?.id} />
        <main className="pane sheet">
          <h1>
            {plan.defect.mark}, {kindOf(plan.defect.kind).title}
          </h1>
          <p>The conditions of its area decide which system fits:</p>
          <ul>
            {plan.sense.area.missing.map((a) => (
              <li key={a.field}>{a.question}</li>
            ))}
          </ul>
          <Link to={`/jobs/${job.id}/walk/${plan.defect.id}`}>Go to Walk</Link>
        </main>
      </div>
    );
  }
  const open = plan ? [...plan.sense.area.missing, ...plan.sense.defect.missing] : [];
  return (
    <div className={`work ${stage}`}>
      <DefectList job={job} plans={plans} stage={stage} current={defect?.id} />
      <main className="pane sheet">
        <h1>{defect ? `${defect.mark}: answer first` : 'Nothing to show yet'}</h1>
        <p>{defect ? 'These questions decide which system fits:' : 'Begin in Walk with an area and what you find in it.'}</p>
        <ul>
          {open.map((a) => (
            <li key={a.field}>{a.question}</li>
          ))}
        </ul>
        <Link to={`/jobs/${job.id}/walk${defect ? `/${defect.id}` : ''}`}>Go to Walk</Link>
      </main>
    </div>
  );
}
