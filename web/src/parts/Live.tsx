import { matchWords, plannedOf, type RepairPlan, type Sense } from '@oddment/core';
import { memo } from 'react';
import { SectionPicture } from './Drawing.tsx';
import { Fig, Say } from './Fig.tsx';
import { LedgerContext } from './Working.tsx';

/** What looks doubtful, each with a way to say that it is right where it can be said. */
export function Doubts({ sense, confirmed, onConfirm }: { sense: Sense; confirmed: readonly string[]; onConfirm?: (id: string) => void }) {
  return sense.doubts
    .filter((d) => !confirmed.includes(d.id))
    .map((d) => (
      <div className="doubt" key={d.id}>
        <Say saying={d.sentence} plain />{' '}
        {onConfirm ? (
          <button
            type="button"
            className="link"
            onClick={() => {
              onConfirm(d.id);
            }}
          >
            It is right
          </button>
        ) : null}
      </div>
    ));
}

interface LiveProps {
  readonly plan: RepairPlan;
  /** doubts that were said to be right */
  readonly confirmed: readonly string[];
  readonly onConfirm: (id: string) => void;
}

/** What the answers come to so far: drawn again with its plan, not with each letter. */
export const Live = memo(function Live({ plan, confirmed, onConfirm }: LiveProps) {
  if (plan.state === 'incomplete') {
    const open = [...plan.sense.area.missing, ...plan.sense.defect.missing];
    const refused = [...plan.sense.area.refused, ...plan.sense.defect.refused];
    return (
      <>
        <h2 style={{ fontSize: 17 }}>{refused.length > 0 ? 'Something cannot be' : 'Still to answer'}</h2>
        <ul style={{ margin: '6px 0', paddingLeft: 18 }}>
          {refused.map((r) => (
            <li key={r.field} style={{ color: 'var(--stop)' }}>
              <Say saying={r.sentence} plain />
            </li>
          ))}
          {open.map((a) => (
            <li key={a.field}>{a.question}</li>
          ))}
        </ul>
        <Doubts sense={plan.sense.defect} confirmed={confirmed} onConfirm={onConfirm} />
      </>
    );
  }
  const planned = plannedOf(plan);
  return (
    <LedgerContext.Provider value={plan.ledger}>
      {planned?.stops
        .filter((s) => s.open)
        .map((s) => (
          <div className="halted" key={s.id}>
            <h2>Stop: {s.title}</h2>
            <p>
              <Say saying={s.why} />
            </p>
          </div>
        ))}
      {plan.section ? (
        <div className="drawn">
          <SectionPicture section={plan.section} width={298} height={264} bare />
          <p className="quiet" style={{ margin: 0 }}>
            <Say saying={plan.section.footnote} plain />
          </p>
        </div>
      ) : null}
      <Doubts sense={plan.sense.defect} confirmed={confirmed} onConfirm={onConfirm} />
      <Doubts sense={plan.sense.area} confirmed={[]} />
      <dl className="facts">
        {plan.surveyed.measured.map((m) => (
          <div key={m.id} style={{ display: 'contents' }}>
            <dt>{m.label}</dt>
            <dd>
              <Fig figure={m.figure} />
            </dd>
          </div>
        ))}
        {planned ? (
          <>
            <dt>Above the dew point</dt>
            <dd>
              <Fig figure={planned.subject.dewMargin} />
            </dd>
          </>
        ) : null}
      </dl>
      {planned ? (
        <p style={{ margin: '8px 0 0' }}>
          <Say saying={matchWords(planned)} plain />
        </p>
      ) : (
        <p className="quiet" style={{ margin: '8px 0 0' }}>
          The conditions of its area decide which system fits: {plan.sense.area.missing.map((a) => a.question.toLowerCase()).join(', ')}.
        </p>
      )}
    </LedgerContext.Provider>
  );
});
