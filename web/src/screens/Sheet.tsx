import { plannedOf, sheetOf } from '@oddment/core';
import { useMemo } from 'react';
import { Link, useNavigate } from 'react-router';
import { MakePdf } from '../parts/MakePdf.tsx';
import { SheetPage } from '../parts/SheetPage.tsx';
import { WhereItLies } from '../parts/WhereItLies.tsx';
import { Incomplete } from './Incomplete.tsx';
import { usePlace } from './JobFrame.tsx';
import { PageActions } from '../parts/PageActions.tsx';

/** The sheet for one repair as it would be worked now, on one page. */
export function Sheet() {
  const { job, area, plans, defect, units } = usePlace();
  const navigate = useNavigate();
  const plan = plannedOf(defect && plans.get(defect.id));
  const known = defect && plans.get(defect.id);
  const sheet = useMemo(() => {
    const judged = plannedOf(known);
    return judged && sheetOf(judged, job);
  }, [known, job]);
  if (!defect || !plan || !sheet) return <Incomplete stage="method" />;
  return (
    <main className="page">
      <PageActions
        onBack={() => {
          void navigate(`/jobs/${job.id}/method/${defect.id}`);
        }}
      >
        <MakePdf address={`/api/jobs/${job.id}/sheets.pdf?defect=${defect.id}&units=${units}`}>PDF</MakePdf>
        {area ? <MakePdf address={`/api/jobs/${job.id}/sheets.pdf?area=${area.id}&units=${units}`}>PDF of {area.name}</MakePdf> : null}
        <MakePdf address={`/api/jobs/${job.id}/sheets.pdf?units=${units}`}>PDF of the whole job</MakePdf>
        <span style={{ flex: 1 }} />
        <Link to={`/jobs/${job.id}/plans`}>Issued plans</Link>
      </PageActions>
      <SheetPage sheet={sheet} figures={plan.ledger} />
      {area ? <WhereItLies key={defect.id} area={area} defect={defect} look /> : null}
    </main>
  );
}
