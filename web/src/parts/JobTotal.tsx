import type { JobRecord } from '@oddment/contracts';
import { moneyText } from '@oddment/core';
import { Link } from 'react-router';
import { useMadeOffer, useOfferTask } from '../state/madeOffer.ts';

/** What the job comes to as it would be offered now, with what is chosen for every repair. */
export function JobTotal({ job }: { job: JobRecord }) {
  const { made } = useMadeOffer(useOfferTask(job));
  if (!made?.ok) return null;
  const { currency, totalMinor, lines, notIn, taxes } = made.offer;
  return (
    <p className="no-print">
      The whole job as offered now: <b>{`${currency} ${moneyText(totalMinor, currency)}`}</b>
      {taxes.length > 0 ? ' with tax' : ''}, {lines.length === 1 ? 'one repair' : `${String(lines.length)} repairs`}
      {notIn.length === 0 ? '' : `; ${String(notIn.length)} not in it`}. <Link to={`/jobs/${job.id}/offer`}>Offer</Link>
    </p>
  );
}
