import { cautionsWhy, cite, type Candidate, type Caution, type PlannedPlan, type Saying, type Verdict } from '@oddment/core';
import { Say } from '../../parts/Fig.tsx';
import { useTelling } from '../../parts/telling.tsx';
import { limitLine } from '../../views/limitLine.ts';

import { gradeSigns, gradeWords } from './gradeWords.ts';
import { Said } from './Said.tsx';

/** The usual cautions of a system here, from the steps of its work. */
function Cautions({ cautions }: { cautions: readonly Caution[] }) {
  if (cautions.length === 0) return null;
  return (
    <details className="cautions">
      <summary>
        {cautions.length === 1 ? 'One caution' : `${String(cautions.length)} cautions`}: {[...new Set(cautions.map((c) => c.title.toLowerCase()))].join(', ')}
      </summary>
      <ul>
        {cautions.map((c) => (
          <li key={c.id}>
            <b>{c.title}:</b> <Say saying={c.text} /> <span className="quiet">({cite(c.source)})</span>
          </li>
        ))}
      </ul>
      <p className="quiet">{cautionsWhy}</p>
    </details>
  );
}

function Limit({ verdict }: { verdict: Verdict }) {
  const { units } = useTelling();
  const line = limitLine(verdict, units);
  if (!line) return null;
  const w = 300;
  const x = (at: number) => 8 + at * (w - 16);
  return (
    <svg
      viewBox={`0 0 ${String(w)} 66`}
      width="100%"
      role="img"
      aria-label={`${line.valueText} measured${line.minText === undefined ? '' : `, at least ${line.minText}`}${line.maxText === undefined ? '' : `, at most ${line.maxText}`}`}
    >
      <path d={`M0 36H${String(w)}`} stroke="var(--rule)" strokeWidth="8" />
      <path d={`M${String(x(line.from))} 36H${String(x(line.to))}`} stroke="var(--ink2)" strokeWidth="8" />
      <path d={`M${String(x(line.value))} 20v32`} stroke="var(--ink)" strokeWidth="3" />
      <text x={Math.min(Math.max(x(line.value), 40), w - 40)} y="14" textAnchor="middle" fontSize="15" fontWeight="700" fill="var(--ink)">
        {line.valueText} here
      </text>
      {line.minText === undefined ? null : (
        <text x={Math.max(x(line.from), 22)} y="64" textAnchor="middle" fontSize="14" fill="var(--ink2)">
          {line.minText}
        </text>
      )}
      {line.maxText === undefined ? null : (
        <text x={Math.min(x(line.to), w - 22)} y="64" textAnchor="middle" fontSize="14" fill="var(--ink2)">
          {line.maxText}
        </text>
      )}
    </svg>
  );
}

interface WhyPaneProps {
  readonly plan: PlannedPlan;
  readonly inView: Candidate;
  readonly verdict: Verdict;
  readonly onRule: (rule: string) => void;
  readonly onTry: (verdict: Verdict) => void;
  readonly stocked: Saying | undefined;
}

/** Why a system stands where it does: the verdict that decides, what would change it, the others, and where it comes from. */
export function WhyPane({ plan, inView, verdict, onRule, onTry, stocked }: WhyPaneProps) {
  return (
    <>
      <h2 style={{ fontSize: 17 }}>
        {inView.system.title}: {verdict.title.toLowerCase()}
      </h2>
      <p style={{ margin: '4px 0' }}>
        <span className={`grade ${verdict.grade}`}>
          {gradeSigns[verdict.grade]} {gradeWords[verdict.grade]}.
        </span>{' '}
        <Said verdict={verdict} />
      </p>
      {inView.favored === undefined ? null : <p style={{ margin: '4px 0' }}>Of those that fit alike it goes first, by the side taken: {inView.favored}.</p>}
      <Limit verdict={verdict} />
      {verdict.change ? (
        <p style={{ margin: '4px 0' }}>
          What would change it:{' '}
          <b>
            <Say saying={verdict.change()} />
          </b>
          .{' '}
          {verdict.facts ? (
            <button
              type="button"
              className="link"
              onClick={() => {
                onTry(verdict);
              }}
            >
              Try it out
            </button>
          ) : null}
        </p>
      ) : null}
      {inView.against.length > 1 ? (
        <ul style={{ margin: '4px 0', paddingLeft: 18 }}>
          {inView.against
            .filter((v) => v !== verdict)
            .map((v) => (
              <li key={`${v.of ?? ''} ${v.rule}`}>
                <button
                  type="button"
                  className="link"
                  style={{ font: 'inherit' }}
                  onClick={() => {
                    onRule(v.rule);
                  }}
                >
                  {v.title}
                </button>
                : <Say saying={v.reason()} plain />
              </li>
            ))}
        </ul>
      ) : null}
      {stocked ? (
        <p style={{ margin: '4px 0' }}>
          <Say saying={stocked} plain />
        </p>
      ) : null}
      <div className="src">
        {inView.system.chemistry}.{' '}
        {inView.size ? (
          <>
            Judged <Say saying={inView.size.assumed} />.{' '}
          </>
        ) : null}
        Source: {cite(verdict.source)}.
      </div>
      <Cautions cautions={plan.cautionsOf(inView)} />
    </>
  );
}
