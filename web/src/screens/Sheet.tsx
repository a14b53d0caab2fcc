import Button from '@mui/material/Button';
import { sheetOf } from '@oddment/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { SheetPage } from '../parts/SheetPage.tsx';
import { Incomplete } from './Incomplete.tsx';
import { usePlace } from './JobFrame.tsx';

/** The sheet for one repair as it would be worked now, on one page. */
export function Sheet() {
  const { job, plans, defect, units } = usePlace();
  const navigate = useNavigate();
  const plan = defect && plans.get(defect.id);
  const sheet = useMemo(() => (plan?.state === 'judged' ? sheetOf(plan, job) : undefined), [plan, job]);
  if (!defect || plan?.state !== 'judged' || !sheet) return <Incomplete stage="method" />;
  return (
    <main className="page">
      <div className="no-print" style={{ display: 'flex', gap: 8, marginBottom: 10 }}>
        <Button variant="outlined" onClick={() => { void navigate(`/jobs/${job.id}/method/${defect.id}`); }} style={{ color: '#000' }}>Back</Button>
        <Button variant="contained" onClick={() => { globalThis.print(); }}>Print</Button>
        <Button variant="outlined" href={`/api/jobs/${job.id}/sheets.pdf?defect=${defect.id}&units=${units}`} style={{ color: '#000' }}>PDF</Button>
        <Button variant="outlined" href={`/api/jobs/${job.id}/sheets.pdf?units=${units}`} style={{ color: '#000' }}>PDF of the whole job</Button>
      </div>
      <SheetPage sheet={sheet} figures={plan.ledger} />
    </main>
  );
}
