import Button from '@mui/material/Button';
import type { OfferRecord } from '@oddment/contracts';
import { offerChanges, offerHolds, siteDateTime } from '@oddment/core';
import { useMemo } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { v4 as uuid } from 'uuid';
import { MakePdf } from '../parts/MakePdf.tsx';
import { OfferPage } from '../parts/OfferPage.tsx';
import { refusal } from '../parts/refusal.ts';
import { useWhen } from '../parts/when.ts';
import { api } from '../state/api.ts';
import { pageNow } from '../state/clock.ts';
import { useMadeOffer, useOfferTask } from '../state/madeOffer.ts';
import { useQueuedOne } from '../state/queued.ts';
import { useRemove } from '../state/removing.ts';
import { offerStateWords } from '../views/offerStates.ts';
import { usePlace } from './JobFrame.tsx';
import { KeptElsewhere } from '../parts/KeptElsewhere.tsx';
import { onPaper, PageActions } from '../parts/PageActions.tsx';

/** What is otherwise by now than it was when the offer was kept. */
function Since({ kept }: { kept: OfferRecord }) {
  const { job } = usePlace();
  const { made } = useMadeOffer(useOfferTask(job));
  const changes = useMemo(() => (made?.ok ? offerChanges(kept.offer, made.offer) : undefined), [kept.offer, made]);
  if (!made) return <p className="no-print">Comparing it with the job as it is now</p>;
  return (
    <section className="no-print since" aria-label="Since it was kept">
      <h2>{changes?.length === 0 ? 'Nothing has changed since' : 'Since it was kept'}</h2>
      {made.ok ? null : <p>{made.why}</p>}
      {changes === undefined || changes.length === 0 ? null : (
        <ul>
          {changes.map((c) => (
            <li key={`${c.mark ?? ''} ${c.says}`}>
              {c.mark === undefined ? null : <b>{c.mark}: </b>}
              {c.says}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function Kept({ kept }: { kept: OfferRecord }) {
  const { job, mayPlan } = usePlace();
  const navigate = useNavigate();
  const remove = useRemove();
  const when = useWhen();
  const [change, { error }] = api.useChangeOfferMutation();
  const { id, version, number, state } = kept;
  const answer = (said: OfferRecord['state'], words: string) => (
    <Button
      variant={said === 'open' ? 'outlined' : 'contained'}
      {...(said === 'open' && onPaper)}
      onClick={() => {
        void change({ id, change: uuid(), version, state: said, number });
      }}
    >
      {words}
    </Button>
  );
  const over = state === 'open' && !offerHolds(kept, siteDateTime(pageNow(), job.timeZone).date);
  return (
    <main className="page">
      <PageActions
        back="Back to the offer"
        onBack={() => {
          void navigate(`/jobs/${job.id}/offer`);
        }}
      >
        <MakePdf address={`/api/offers/${id}/offer.pdf`}>PDF</MakePdf>
        <span style={{ flex: 1 }} />
        {mayPlan && state === 'open' ? (
          <>
            {answer('accepted', 'The client accepts')}
            {answer('declined', 'The client declines')}
            <button
              type="button"
              className="link"
              onClick={() => {
                void remove('offer', kept, `Offer ${number}`).then((done) => {
                  if (done.data) void navigate(`/jobs/${job.id}/offer`);
                });
              }}
            >
              Withdraw
            </button>
          </>
        ) : null}
        {mayPlan && state !== 'open' ? answer('open', 'Take the answer back') : null}
      </PageActions>
      {error === undefined ? null : (
        <p role="alert" className="no-print">
          {refusal(error)}
        </p>
      )}
      <p className="no-print">
        <b>
          Kept {when(kept.issuedAt)} by {kept.issuedBy}
        </b>
        , Oddment {kept.core}; {offerStateWords(state)}
        {kept.answeredAt === undefined ? '' : ` ${when(kept.answeredAt)}`}
        {over ? '; it no longer holds' : ''}.
      </p>
      <Since kept={kept} />
      <OfferPage offer={kept.offer} number={number} />
    </main>
  );
}

/** One kept offer as it was, what the client said, and what has changed since. */
export function KeptOffer() {
  const { offerId = '' } = useParams();
  const { job } = usePlace();
  const { data: read, error } = api.useOfferOfQuery(offerId);
  const kept = useQueuedOne(read);
  if (kept) return <Kept kept={kept} key={kept.id} />;
  return (
    <KeptElsewhere opening="Opening the offer" failed={error !== undefined}>
      <Link to={`/jobs/${job.id}/offer`}>The offer</Link>
    </KeptElsewhere>
  );
}
