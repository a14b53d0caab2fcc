import type { DefectRecord } from '@oddment/contracts';
import type { PlannedSchool } from '@oddment/core';
import { v4 as uuid } from 'uuid';
import { usePlace } from '../screens/JobFrame.tsx';
import { api } from '../state/api.ts';
import { Fig } from './Fig.tsx';

const byWords = { repair: 'chosen for this repair', firm: 'our house rule' } as const;

function Question({ school, defect }: { school: PlannedSchool; defect: DefectRecord }) {
  const { edit, mayPlan } = usePlace();
  const { data: session } = api.useSessionQuery(undefined);
  const [setRules] = api.useSetRulesMutation();
  const firm = session?.firm;
  const { question, side, by, because, barred, effects, does } = school;
  const ours = firm?.rules.schools[question.id];
  const own = (id: string | undefined) => {
    const schools = Object.fromEntries(Object.entries({ ...defect.schools, [question.id]: id }).filter(([, one]) => one !== undefined)) as Record<
      string,
      string
    >;
    edit.defect(defect, { schools: Object.keys(schools).length > 0 ? schools : undefined } as never);
  };
  const rule = (id: string | undefined) => {
    if (!firm) return;
    const schools = Object.fromEntries(Object.entries({ ...firm.rules.schools, [question.id]: id }).filter(([, one]) => one !== undefined)) as Record<
      string,
      string
    >;
    void setRules({ change: uuid(), version: firm.version, ...firm.rules, schools });
  };
  return (
    <section className="school" aria-label={question.question}>
      <h3>{question.question}</h3>
      {question.sides.map((one) => {
        const effect = effects.find((e) => e.side.id === one.id);
        const work = effect?.work();
        const mixed = work?.mixes[0]?.total;
        const no = barred.find((b) => b.side === one.id);
        return (
          <div key={one.id} className="side">
            <button
              type="button"
              disabled={!mayPlan || no !== undefined}
              className={`plain${one.id === side.id ? ' on' : ''}`}
              aria-pressed={one.id === side.id}
              onClick={() => {
                own(one.id);
              }}
            >
              {one.title}
            </button>
            <span className="push" />
            {no ? (
              <span className="quiet">not here: {no.why}</span>
            ) : work ? (
              <span>
                {mixed ? (
                  <>
                    <Fig figure={mixed} />,{' '}
                  </>
                ) : null}
                <Fig figure={work.schedule.total} />, <Fig figure={work.schedule.handsOn} /> by hand
              </span>
            ) : null}
          </div>
        );
      })}
      <p>
        {side.reason} <span className="quiet">({by === 'context' ? (because ?? 'as is usual') : byWords[by]})</span>
      </p>
      {does === undefined ? null : <p className="quiet">{does}</p>}
      {firm && mayPlan ? (
        <p className="quiet">
          House rule: {question.sides.find((s) => s.id === ours)?.title ?? 'by the situation'}.{' '}
          {by === 'repair' ? (
            <button
              type="button"
              className="link"
              onClick={() => {
                own(undefined);
              }}
            >
              Follow it here
            </button>
          ) : null}{' '}
          {ours === side.id ? (
            <button
              type="button"
              className="link"
              onClick={() => {
                rule(undefined);
              }}
            >
              Back to ‘by the situation’
            </button>
          ) : (
            <button
              type="button"
              className="link"
              onClick={() => {
                rule(side.id);
              }}
            >
              Make ‘{side.title}’ our house rule
            </button>
          )}
        </p>
      ) : null}
    </section>
  );
}

/** Questions on which the trade differs, for one repair: the first whose answer changes its plan open, the others folded. */
export function Schools({ schools, defect }: { schools: readonly PlannedSchool[]; defect: DefectRecord }) {
  const acting = schools.filter((s) => s.effects.length > 0);
  const kept = schools.filter((s) => s.effects.length === 0);
  const [first] = acting;
  const rest = [...acting.slice(1), ...kept];
  if (schools.length === 0) return null;
  return (
    <div className="schools">
      {first ? <Question school={first} defect={defect} /> : null}
      {rest.length > 0 ? (
        <details>
          <summary>{first ? `${String(rest.length)} more questions` : `${String(rest.length)} questions`} on which the trade differs</summary>
          {acting.slice(1).map((s) => (
            <Question key={s.question.id} school={s} defect={defect} />
          ))}
          {kept.map((s) => (
            <Question key={s.question.id} school={s} defect={defect} />
          ))}
        </details>
      ) : null}
    </div>
  );
}
