import Button from '@mui/material/Button';
import { askedText, clientOptions, plannedOf, readAsked, readFace, fullDay, withRepair, type Asked, type ClientOptions, type Face } from '@oddment/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { Say } from '../parts/Fig.tsx';
import { JobTotal } from '../parts/JobTotal.tsx';
import { MakePdf } from '../parts/MakePdf.tsx';
import { api } from '../state/api.ts';
import { put, useAddress } from '../state/address.ts';
import { usePlannedBy } from '../state/editing.ts';
import { ByDeadline } from './ByDeadline.tsx';
import { Incomplete } from './Incomplete.tsx';
import { usePlace } from './JobFrame.tsx';
import { OptionColumn } from './OptionColumn.tsx';
import { OptionsAsked } from './OptionsAsked.tsx';
import { onPaper, PageActions } from '../parts/PageActions.tsx';

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
  if (!defect || !plan || !made) return <Incomplete stage="method" />;
  const { candidates } = plan;
  const shown = readAsked(ask) ?? made.options.map(({ scope, system }): Asked => ({ scope, system }));
  const query = `defect=${defect.id}&units=${units}${ask === '' ? '' : `&ask=${encodeURIComponent(ask)}`}${readFace(faceText) ? `&face=${faceText}` : ''}`;
  return (
    <main className="page options">
      <PageActions
        onBack={() => {
          void navigate(`/jobs/${job.id}/method/${defect.id}`);
        }}
      >
        <MakePdf address={`/api/jobs/${job.id}/options.pdf?${query}`}>PDF</MakePdf>
        <span style={{ flex: 1 }} />
        {mayPlan && made.options.length > 0 ? (
          <Button
            variant="outlined"
            {...onPaper}
            title="The first is the one that is offered, the others stand beside it"
            onClick={() => {
              const face = readFace(faceText);
              const ways = made.options.map(({ scope, system }): Asked => ({ scope, system }));
              const offer = withRepair(job.offer ?? {}, defect.id, { ways, face, out: undefined });
              edit.job(job, { offer: offer as NonNullable<Parameters<typeof edit.job>[1]['offer']> });
              void navigate(`/jobs/${job.id}/offer`);
            }}
          >
            {made.options.length === 1 ? 'Put it in the offer' : `Put these ${String(made.options.length)} in the offer`}
          </Button>
        ) : null}
      </PageActions>
      <OptionsAsked
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
      <JobTotal job={job} />
      <ByDeadline />
      <div className="head">
        <h1>
          {made.mark}, {made.title}: {made.options.length === 1 ? 'one way' : `${String(made.options.length)} ways`} to go about it
        </h1>
        <span className="push" />
        <span>
          {made.place}
          {job.client === '' ? '' : `, for ${job.client}`}, {fullDay(job.startAt, job.timeZone)}
        </span>
      </div>
      <div className="columns">
        {made.options.map((o) => (
          <OptionColumn
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
