import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { JobRecord, OfferSummary } from '@oddment/contracts';
import { moneyText, offerHolds, siteDateTime, type Offer, type OfferSetup } from '@oddment/core';
import { Link, useNavigate } from 'react-router';
import { v4 as uuid } from 'uuid';
import { Making } from '../parts/Making.tsx';
import { ExtraLines, OfferRepairs } from '../parts/OfferDesk.tsx';
import { OfferPage } from '../parts/OfferPage.tsx';
import { refusal } from '../parts/refusal.ts';
import { useWhen } from '../parts/when.ts';
import { api } from '../state/api.ts';
import { pageNow } from '../state/clock.ts';
import { useMadeOffer, useOfferTask } from '../state/madeOffer.ts';
import { useQueued } from '../state/queued.ts';
import { useUnsaved } from '../state/unsaved.ts';
import { offerStateWords } from '../views/offerStates.ts';
import { usePlace } from './JobFrame.tsx';

/** Keeps the offer as it stands, with a number of its own. */
function Keep({ job, offer }: { job: JobRecord; offer: Offer }) {
  const [keep, { error, isLoading }] = api.useIssueOfferMutation();
  const unsaved = useUnsaved(job.id);
  const navigate = useNavigate();
  return (
    <>
      <Button
        variant="contained"
        disabled={unsaved || isLoading || offer.lines.length === 0}
        onClick={() => {
          void keep({ jobId: job.id, id: uuid(), change: uuid(), jobVersion: job.version, totalMinor: offer.totalMinor }).then((done) => {
            if (done.data) void navigate(`/jobs/${job.id}/offers/${done.data.id}`);
          });
        }}
      >
        {isLoading ? 'Keeping it' : 'Keep it, with a number'}
      </Button>
      {error ? (
        <p className="grade out" role="alert">
          Not kept. {refusal(error)}
        </p>
      ) : null}
    </>
  );
}

/** Offers that were kept, with what the client said. */
function KeptOffers({ job, kept }: { job: JobRecord; kept: readonly OfferSummary[] }) {
  const when = useWhen();
  const today = siteDateTime(pageNow(), job.timeZone).date;
  return (
    <section aria-labelledby="kept-offers">
      <h2 id="kept-offers">Kept</h2>
      {kept.length === 0 ? (
        <p className="quiet">None yet. A kept offer has its number and stays as it was.</p>
      ) : (
        <ul className="kept-offers">
          {kept.map((o) => (
            <li key={o.id}>
              <Link to={`/jobs/${job.id}/offers/${o.id}`}>Offer {o.number}</Link> {o.currency} {moneyText(o.totalMinor, o.currency)}, {offerStateWords(o.state)}
              {o.state === 'open' && !offerHolds(o, today) ? ', no longer holds' : ''}
              <small>
                {when(o.issuedAt)}, {o.issuedBy}
              </small>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** Words of an offer that a person types. */
function Words({ setup, onSetup }: { setup: OfferSetup; onSetup: (setup: OfferSetup) => void }) {
  const text = (label: string, key: 'words' | 'excluded', helper: string) => (
    <TextField
      size="small"
      multiline
      minRows={2}
      maxRows={8}
      label={label}
      helperText={helper}
      value={setup[key] ?? ''}
      onChange={(event) => {
        const { [key]: _before, ...rest } = setup;
        onSetup(event.target.value === '' ? rest : { ...rest, [key]: event.target.value });
      }}
      slotProps={{ htmlInput: { maxLength: 4000 } }}
    />
  );
  return (
    <>
      {text('Words to the client', 'words', 'They stand above the lines.')}
      {text('Not included here', 'excluded', 'A line each, besides what no offer of yours includes.')}
    </>
  );
}

function Desk({ job, offer }: { job: JobRecord; offer: Offer }) {
  const { edit, mayPlan } = usePlace();
  const setup = job.offer ?? {};
  const onSetup = (next: OfferSetup) => {
    edit.job(job, { offer: next as NonNullable<Parameters<typeof edit.job>[1]['offer']> });
  };
  return (
    <>
      {mayPlan ? <Keep job={job} offer={offer} /> : null}
      {offer.unpriced ? (
        <p className="doubt">
          Not in the price, for want of one on the <Link to="/shelf">Shelf</Link>: {offer.unpriced.join(' ')}.
        </p>
      ) : null}
      <h2>Repairs</h2>
      <OfferRepairs offer={offer} setup={setup} onSetup={onSetup} />
      {mayPlan ? (
        <>
          <label>
            <input
              type="checkbox"
              checked={setup.others === true}
              onChange={(event) => {
                const { others: _before, ...rest } = setup;
                onSetup(event.target.checked ? { ...rest, others: true } : rest);
              }}
            />{' '}
            Beside each repair, the next way to go about it
          </label>
          <h2>Besides the repairs</h2>
          <ExtraLines setup={setup} onSetup={onSetup} currency={offer.currency} />
          <Words setup={setup} onSetup={onSetup} />
        </>
      ) : null}
      <p>
        <Link to="/rules#offers">Letterhead, taxes, conditions</Link>
      </p>
    </>
  );
}

/** Offer: what is offered of a job, beside the page as the client gets it. */
export function OfferScreen() {
  const { job } = usePlace();
  const task = useOfferTask(job);
  const { made, done, failed, stop } = useMadeOffer(task);
  const { data, error } = api.useOffersQuery(job.id);
  const kept = useQueued(data);
  return (
    <div className="work offering">
      <aside className="pane left-rule no-print offer-desk" aria-label="What is offered">
        <h1>Offer</h1>
        {done === undefined ? null : (
          <p className="quiet">
            Planning the repairs <Making share={done} label="How many repairs are planned" look={{ size: 'small' }} onStop={stop} />
          </p>
        )}
        {failed ? (
          <p className="grade out" role="alert">
            It could not be made. Open the page again.
          </p>
        ) : null}
        {made?.ok === false ? (
          <p>
            {made.why} <Link to="/rules">House rules</Link>
          </p>
        ) : null}
        {made?.ok ? <Desk job={job} offer={made.offer} /> : null}
        {error === undefined ? null : <p role="alert">{refusal(error)}</p>}
        {kept ? <KeptOffers job={job} kept={kept} /> : null}
      </aside>
      <main className="pane">
        {made?.ok ? (
          <div className="page">
            <OfferPage offer={made.offer} methodOf={(id) => `/jobs/${job.id}/method/${id}`} />
          </div>
        ) : null}
      </main>
    </div>
  );
}
