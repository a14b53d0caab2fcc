import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import {
  askedText,
  cite,
  clientOptions,
  fastestBy,
  plannedOf,
  noPrice,
  readAsked,
  readFace,
  scopes,
  siteDateTime,
  siteInstant,
  type Asked,
  type Candidate,
  type ClientOption,
  type ClientOptions,
  type Face,
  type Scope,
} from '@oddment/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { SectionPicture } from '../parts/Drawing.tsx';
import { Fig, Say } from '../parts/Fig.tsx';
import { MakePdf } from '../parts/MakePdf.tsx';
import { MeasureField } from '../parts/MeasureField.tsx';
import { LedgerContext } from '../parts/Working.tsx';
import { api } from '../state/api.ts';
import { put, useAddress } from '../state/address.ts';
import { usePlannedBy } from '../state/editing.ts';
import { Incomplete } from './Incomplete.tsx';
import { usePlace } from './JobFrame.tsx';

/** One option as a column: its picture, its figures, its price, and what it leaves behind. */
function Column({ option, onChoose }: { option: ClientOption; onChoose: (() => void) | undefined }) {
  const { scope, title, byHand, elapsed, visits, price, quantities, outlooks, cares, sheet, figures } = option;
  return (
    <LedgerContext.Provider value={figures}>
      <section className="option" aria-label={`${scopes[scope].title}: ${title}`}>
        <p className="scope">{scopes[scope].title}</p>
        <h2>{title}</h2>
        <p className="quiet">{scopes[scope].means}</p>
        <SectionPicture section={sheet.section} width={330} height={190} forPrint bare />
        <p className="quiet">
          <Say saying={sheet.section.footnote} plain />
        </p>
        <dl className="facts">
          <dt>By hand</dt>
          <dd>
            <Fig figure={byHand} />
          </dd>
          <dt>From start to finish</dt>
          <dd>
            <Fig figure={elapsed} />
          </dd>
          {visits ? (
            <>
              <dt>Visits</dt>
              <dd>
                <Fig figure={visits} />
              </dd>
            </>
          ) : null}
          {price ? (
            <>
              <dt>
                <b>Price, {price.currency}</b>
              </dt>
              <dd className="price">
                <Fig figure={price.total} />
              </dd>
              {price.parts.length > 1
                ? price.parts.map((p) => (
                    <div key={p.id} style={{ display: 'contents' }}>
                      <dt className="quiet">{p.label}</dt>
                      <dd>
                        <Fig figure={p.figure} />
                      </dd>
                    </div>
                  ))
                : null}
            </>
          ) : (
            <>
              <dt>Price</dt>
              <dd className="quiet">{noPrice}</dd>
            </>
          )}
        </dl>
        {price?.without === undefined ? null : <p className="quiet">{price.without}</p>}
        <h3>What it takes</h3>
        <dl className="facts">
          {quantities.map((q) => (
            <div key={q.id} style={{ display: 'contents' }}>
              <dt>{q.label}</dt>
              <dd>
                <Fig figure={q.figure} />
              </dd>
            </div>
          ))}
        </dl>
        <h3>What it leaves behind</h3>
        <ul>
          {outlooks.map((o, i) => (
            <li key={i}>{o.leaves}</li>
          ))}
        </ul>
        <h3>How long it is expected to hold</h3>
        <ul>
          {outlooks.map((o, i) => (
            <li key={i}>
              {o.holds}; it rests {o.rests} <span className="quiet">({cite(o.source)})</span>
            </li>
          ))}
        </ul>
        {cares.length === 0 ? null : (
          <>
            <h3>With care</h3>
            <ul>
              {cares.map((c, i) => (
                <li key={i}>
                  <Say saying={c} plain />
                </li>
              ))}
            </ul>
          </>
        )}
        {onChoose ? (
          <Button className="no-print" variant="outlined" onClick={onChoose}>
            Choose this one
          </Button>
        ) : null}
      </section>
    </LedgerContext.Provider>
  );
}

/** What is put side by side: a scope and a system each. */
function Asking({
  asked,
  candidates,
  face,
  onAsk,
  onFace,
}: {
  asked: readonly Asked[];
  candidates: readonly Candidate[];
  face: Partial<Face>;
  onAsk: (at: number, part: Partial<Asked>) => void;
  onFace: (part: Partial<Face>) => void;
}) {
  const { units, defect } = usePlace();
  return (
    <div className="no-print asking">
      {asked.map((one, i) => (
        <fieldset key={i}>
          <legend>Option {i + 1}</legend>
          <TextField
            select
            size="small"
            label="How far"
            value={one.scope}
            onChange={(e) => {
              onAsk(i, { scope: e.target.value as Scope });
            }}
          >
            {Object.entries(scopes).map(([id, { title }]) => (
              <MenuItem key={id} value={id}>
                {title}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            select
            size="small"
            label="With"
            value={one.system ?? ''}
            onChange={(e) => {
              onAsk(i, { system: e.target.value });
            }}
          >
            {candidates.map(({ system }) => (
              <MenuItem key={system.id} value={system.id}>
                {system.title}
              </MenuItem>
            ))}
          </TextField>
        </fieldset>
      ))}
      <fieldset>
        <legend>The whole face</legend>
        <MeasureField
          fieldKey={`face-w ${defect?.id ?? ''}`}
          label="Width"
          kind="length"
          units={units}
          value={face.widthMm}
          text={undefined}
          whenLeft
          onValue={(widthMm) => {
            onFace({ widthMm });
          }}
        />
        <MeasureField
          fieldKey={`face-h ${defect?.id ?? ''}`}
          label="Height"
          kind="length"
          units={units}
          value={face.heightMm}
          text={undefined}
          whenLeft
          onValue={(heightMm) => {
            onFace({ heightMm });
          }}
        />
      </fieldset>
    </div>
  );
}

const partFace = (text: string): Partial<Face> => {
  const [wide = '', high = ''] = text.split('x');
  return { ...(Number(wide) > 0 && { widthMm: Number(wide) }), ...(Number(high) > 0 && { heightMm: Number(high) }) };
};

const textOfFace = ({ widthMm = 0, heightMm = 0 }: Partial<Face>): string => `${String(widthMm)}x${String(heightMm)}`;

/** Options: two or three ways to go about a repair, side by side, as a page for the client. */
export function Options() {
  const { job, area, defect, plans, units, edit, mayPlan } = usePlace();
  const by = usePlannedBy();
  const { data: shelf } = api.useShelfQuery(undefined);
  const navigate = useNavigate();
  const [params, change] = useAddress();
  const plan = plannedOf(defect && plans.get(defect.id));
  const [ask, faceText] = [params.get('ask') ?? '', params.get('face') ?? ''];
  const made = useMemo((): ClientOptions | undefined => {
    if (!by || !area || !defect) return undefined;
    const [asked, face] = [readAsked(ask), readFace(faceText)];
    return clientOptions({ job, area, defect, ...by }, { ...(asked && { asked }), ...(face && { face }), ...(shelf && { products: shelf.products }) });
  }, [by, job, area, defect, ask, faceText, shelf]);
  const byText = params.get('by') ?? '';
  const inTime = useMemo(
    () =>
      by && area && defect && byText !== ''
        ? fastestBy({ job, area, defect, ...by }, siteInstant(byText.slice(0, 10), byText.slice(11, 16), job.timeZone))
        : undefined,
    [by, job, area, defect, byText],
  );
  if (!defect || !plan || !made) return <Incomplete stage="method" />;
  const { candidates } = plan;
  const shown = readAsked(ask) ?? made.options.map(({ scope, system }): Asked => ({ scope, system }));
  const query = `defect=${defect.id}&units=${units}${ask === '' ? '' : `&ask=${encodeURIComponent(ask)}`}${readFace(faceText) ? `&face=${faceText}` : ''}`;
  return (
    <main className="page options">
      <div className="no-print" style={{ display: 'flex', gap: 8, marginBottom: 10, flexWrap: 'wrap', alignItems: 'center' }}>
        <Button
          variant="outlined"
          onClick={() => {
            void navigate(`/jobs/${job.id}/method/${defect.id}`);
          }}
          style={{ color: '#000' }}
        >
          Back
        </Button>
        <Button
          variant="contained"
          onClick={() => {
            globalThis.print();
          }}
        >
          Print
        </Button>
        <MakePdf address={`/api/jobs/${job.id}/options.pdf?${query}`}>PDF</MakePdf>
      </div>
      <Asking
        asked={shown}
        candidates={candidates.filter((c) => c.verdicts.length > 1 || c.grade !== 'out')}
        face={partFace(faceText)}
        onAsk={(at, part) => {
          change((next) => {
            put(next, 'ask', askedText((readAsked(next.get('ask') ?? '') ?? shown).map((one, j) => (j === at ? { ...one, ...part } : one))));
          });
        }}
        onFace={(part) => {
          change((next) => {
            put(next, 'face', textOfFace({ ...partFace(next.get('face') ?? ''), ...part }));
          });
        }}
      />
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
        ) : null}
      </p>
      <div className="head">
        <h1>
          {made.mark}, {made.title}: {made.options.length === 1 ? 'one way' : `${String(made.options.length)} ways`} to go about it
        </h1>
        <span className="push" />
        <span>
          {made.place}
          {job.client === '' ? '' : `, for ${job.client}`}, {siteDateTime(job.startAt, job.timeZone).date}
        </span>
      </div>
      <div className="columns">
        {made.options.map((o) => (
          <Column
            key={o.id}
            option={o}
            onChoose={
              mayPlan && o.scope === 'patch' && defect.choice?.system !== o.system
                ? () => {
                    edit.defect(defect, { choice: { system: o.system } });
                    void navigate(`/jobs/${job.id}/method/${defect.id}`);
                  }
                : undefined
            }
          />
        ))}
      </div>
      {made.notes.length === 0 ? null : (
        <ul>
          {made.notes.map((n, i) => (
            <li key={i}>
              <Say saying={n} plain />
            </li>
          ))}
        </ul>
      )}
      <p className="quiet">{made.advice}</p>
    </main>
  );
}
