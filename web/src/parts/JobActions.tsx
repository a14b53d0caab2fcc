import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import type { JobSummary } from '@oddment/contracts';
import { useState } from 'react';
import { useEdit, useJob, useMayPlan } from '../state/editing.ts';
import { useRemove } from '../state/removing.ts';
import { counted } from '../views/counted.ts';

/** Asks before a job goes, and says what goes with it. */
function AskDelete({ job, onClose }: { job: JobSummary; onClose: () => void }) {
  const remove = useRemove();
  const out = job.issued + job.begun + job.done;
  return (
    <Dialog open onClose={onClose} aria-labelledby="delete-job">
      <div style={{ padding: '18px 20px', display: 'grid', gap: 10 }}>
        <h2 id="delete-job" style={{ fontSize: 18 }}>
          Delete {job.site}?
        </h2>
        <p style={{ margin: 0 }}>
          {job.defects === 0
            ? 'Nothing was found in it yet.'
            : `${counted(job.defects, 'repair', 'repairs')} in ${counted(job.areas, 'area', 'areas')} ${job.defects === 1 ? 'goes' : 'go'} with it, with what was measured, photos, kept days${out === 0 ? '' : ` and ${counted(out, 'issued plan', 'issued plans')}`}.`}{' '}
          For thirty days it lies in Deleted and can be brought back whole.
        </p>
        {job.begun === 0 ? null : (
          <p className="care" style={{ margin: 0 }}>
            {counted(job.begun, 'repair is', 'repairs are')} being worked.
          </p>
        )}
        <div style={{ display: 'flex', gap: 8, justifyContent: 'flex-end' }}>
          <Button variant="outlined" onClick={onClose}>
            Keep it
          </Button>
          <Button
            variant="contained"
            onClick={() => {
              onClose();
              void remove('job', job, job.site);
            }}
          >
            Delete
          </Button>
        </div>
      </div>
    </Dialog>
  );
}

/** What can be done with a job as a whole. */
export function JobActions({ summary }: { summary: JobSummary }) {
  const { job } = useJob(summary.id);
  const edit = useEdit(summary.id);
  const mayPlan = useMayPlan();
  const [asking, setAsking] = useState(false);
  const archived = job?.archived === true;
  return (
    <p className="job-actions">
      <a href={`/api/jobs/${summary.id}/file`} download>
        Job file
      </a>
      <a href={`/api/jobs/${summary.id}/defects.csv`} download>
        CSV
      </a>
      {mayPlan && job ? (
        <button
          type="button"
          className="link"
          onClick={() => {
            edit.job(job, { archived: !archived });
          }}
        >
          {archived ? 'Take out of the archive' : 'Archive'}
        </button>
      ) : null}
      {mayPlan ? (
        <button
          type="button"
          className="link"
          aria-label={`Delete ${summary.site}`}
          onClick={() => {
            setAsking(true);
          }}
        >
          Delete
        </button>
      ) : null}
      {asking ? (
        <AskDelete
          job={summary}
          onClose={() => {
            setAsking(false);
          }}
        />
      ) : null}
    </p>
  );
}
