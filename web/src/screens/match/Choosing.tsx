import Button from '@mui/material/Button';
import type { DefectRecord } from '@oddment/contracts';
import { hasWork, isOtherWork, type Candidate, type PlannedPlan } from '@oddment/core';
import { usePlace } from '../JobFrame.tsx';

interface ChoosingProps {
  readonly plan: PlannedPlan;
  readonly defect: DefectRecord;
  readonly inView: Candidate;
  readonly canChoose: boolean;
  readonly onChoose: () => void;
}

/** Choosing the system that is looked at, and taking a choice back. */
export function Choosing({ plan, defect, inView, canChoose, onChoose }: ChoosingProps) {
  const { edit, mayPlan } = usePlace();
  const { planned } = plan;
  const hasMethod = hasWork(inView);
  const isChosen = defect.choice?.system === inView.system.id;
  return (
    <div style={{ margin: '10px 0' }}>
      {canChoose ? (
        <Button variant="contained" fullWidth onClick={onChoose}>
          {isChosen ? (hasMethod ? 'Chosen: go to Method' : 'Chosen') : inView.grade === 'fits' ? 'Choose' : 'Choose all the same'}
          <kbd>C</kbd>
        </Button>
      ) : (
        <p className="quiet">{isOtherWork(inView) ? 'It is for other work.' : 'Choosing is for owners and estimators.'}</p>
      )}
      {hasMethod ? null : <p className="quiet">Judged only: Oddment has no method for it yet. A choice is kept, with its reason.</p>}
      {planned?.reason === undefined ? null : <p className="quiet">Chosen against the verdict, because: {planned.reason}</p>}
      {defect.choice && mayPlan ? (
        <button
          type="button"
          className="link"
          onClick={() => {
            edit.defect(defect, { choice: undefined } as never);
          }}
        >
          Take the choice back
        </button>
      ) : null}
    </div>
  );
}
