import Button from '@mui/material/Button';
import { fastestBy, siteInstant, takenFor } from '@oddment/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { Say } from '../parts/Fig.tsx';
import { put, useAddress } from '../state/address.ts';
import { usePlannedBy } from '../state/editing.ts';
import { usePlace } from './JobFrame.tsx';

/** A moment by which a repair is to be done, what is in time for it, and that taken. */
export function ByDeadline() {
  const { job, area, defect, edit, mayPlan } = usePlace();
  const by = usePlannedBy();
  const navigate = useNavigate();
  const [params, change] = useAddress();
  const byText = params.get('by') ?? '';
  const inTime = useMemo(
    () =>
      by && area && defect && byText !== ''
        ? fastestBy({ job, area, defect, ...by }, siteInstant(byText.slice(0, 10), byText.slice(11, 16), job.timeZone))
        : undefined,
    [by, job, area, defect, byText],
  );
  const fastest = inTime?.fastest;
  return (
    <p className="no-print" style={{ margin: '0 0 8px' }}>
      <label>
        To be done by{' '}
        <input
          type="datetime-local"
          value={byText}
          onChange={(e) => {
            change((next) => {
              put(next, 'by', e.target.value);
            });
          }}
        />
      </label>{' '}
      {inTime ? (
        <b>
          <Say saying={inTime.says} plain />
        </b>
      ) : null}{' '}
      {fastest && defect && mayPlan ? (
        <Button
          variant="outlined"
          size="small"
          onClick={() => {
            edit.defect(defect, takenFor(defect, fastest));
            void navigate(`/jobs/${job.id}/method/${defect.id}`);
          }}
        >
          Plan it so
        </Button>
      ) : null}
    </p>
  );
}
