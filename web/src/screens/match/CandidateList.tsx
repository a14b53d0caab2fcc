import type { DefectRecord } from '@oddment/contracts';
import {
  hasWork,
  isOtherWork,
  judgedSection,
  noPrice,
  partlyPriced,
  rankedBy,
  rankWords,
  type Candidate,
  type PlannedPlan,
  type Product,
  type RankBy,
} from '@oddment/core';
import { useMemo } from 'react';
import { SectionIcon } from '../../parts/Drawing.tsx';
import { Fig, Say } from '../../parts/Fig.tsx';
import { useSend, useStore } from '../../state/store.ts';
import { api } from '../../state/api.ts';
import { rankedBySet } from '../../state/view.ts';

import { gradeSigns, gradeWords } from './gradeWords.ts';
import { Said } from './Said.tsx';

function Cost({ c, plan, products }: { c: Candidate; plan: PlannedPlan; products: readonly Product[] | undefined }) {
  const { visits, size } = c;
  const times = plan.timesOf(c);
  const price = products && plan.priceOf(c, products);
  return (
    <div className="cost">
      {times ? <Fig figure={times.inUse} /> : c.ready ? <Fig figure={c.ready} /> : null}
      {times ? (
        <>
          <small>until it is used</small>
          <small>
            <Fig figure={times.handsOn} /> by hand
          </small>
        </>
      ) : (
        <small>
          {c.ready ? 'from placing to use' : ''}
          {c.ready && size?.void ? ', ' : ''}
          {size?.void ? (
            <>
              <Fig figure={size.void} /> to fill
            </>
          ) : null}
        </small>
      )}
      {price ? (
        <small>
          <Fig figure={price.total} /> {price.currency}
          {price.without === undefined ? '' : `, ${partlyPriced}`}
        </small>
      ) : null}
      {visits ? (
        <small>
          {visits.value === 1 ? (
            'one visit'
          ) : c.chain ? (
            `${String(visits.value)} visits`
          ) : (
            <>
              <Fig figure={visits} /> visits
            </>
          )}
        </small>
      ) : null}
    </div>
  );
}

function Icon({ c, plan }: { c: Candidate; plan: PlannedPlan }) {
  const work = plan.work();
  const { cut } = plan.surveyed;
  const section = work?.candidate.system.id === c.system.id ? work.section : cut ? judgedSection(cut, c.size) : plan.section;
  return section ? <SectionIcon section={section} width={62} height={44} /> : <span />;
}

interface CandidateRowProps {
  readonly c: Candidate;
  readonly plan: PlannedPlan;
  /** whose packs a price is made of; absent where the list is not by price */
  readonly products: readonly Product[] | undefined;
  readonly on: boolean;
  readonly chosen: boolean;
  readonly onLook: () => void;
}

function CandidateRow({ c, plan, products, on, chosen, onLook }: CandidateRowProps) {
  const checked = c.verdicts.length;
  const first = c.against[0];
  const shown = first ?? c.verdicts.find((v) => v.rule === 'working-time') ?? c.verdicts[0];
  return (
    <div className={`cand${on ? ' on' : ''}`}>
      <Icon c={c} plan={plan} />
      <div>
        <h2>
          <button type="button" className="link cover" style={{ color: 'inherit', textDecoration: 'none', font: 'inherit' }} aria-pressed={on} onClick={onLook}>
            {c.system.title}
          </button>
        </h2>
        <span className={`grade ${c.grade}`}>
          {gradeSigns[c.grade]} {gradeWords[c.grade]}
          {c.grade === 'fits' ? `, ${String(checked)} of ${String(checked)} rules` : `: ${String(c.against.length)}`}
          {chosen ? ', chosen' : ''}
          {hasWork(c) ? '' : ', judged only'}
        </span>
        <p>{shown ? <Said verdict={shown} /> : null}</p>
      </div>
      <Cost c={c} plan={plan} products={products} />
    </div>
  );
}

interface CandidateListProps {
  readonly plan: PlannedPlan;
  readonly defect: DefectRecord;
  /** the one that is looked at */
  readonly inView: Candidate | undefined;
  readonly onLook: (system: string) => void;
}

/** The systems by what becomes of them here: those that fit first, then what is ruled out, nearest first, then what is for other work. */
export function CandidateList({ plan, defect, inView, onLook }: CandidateListProps) {
  const by = useStore((s) => s.view.rankBy);
  const send = useSend();
  const { data: shelf } = api.useShelfQuery(undefined);
  const products = useMemo(() => (by === 'price' ? (shelf?.products ?? []) : undefined), [by, shelf]);
  const candidates = useMemo(() => rankedBy(plan, by, products), [plan, by, products]);
  const fit = candidates.filter((c) => c.grade !== 'out');
  const out = candidates.filter((c) => c.grade === 'out' && !isOtherWork(c));
  const other = candidates.filter(isOtherWork);
  return (
    <>
      {fit.length === 0 ? (
        <p>
          <b>No system fits as it is.</b> What would have to change stands beside each one below.
        </p>
      ) : null}
      {fit.length < 2 ? null : (
        <label className="quiet rank-by">
          Of those that fit alike, first:{' '}
          <select
            value={by}
            onChange={(event) => {
              send(rankedBySet(event.target.value as RankBy));
            }}
          >
            {Object.entries(rankWords).map(([id, words]) => (
              <option key={id} value={id}>
                {words}
              </option>
            ))}
          </select>
        </label>
      )}
      {products && fit.length > 0 && fit.every((c) => plan.priceOf(c, products) === undefined) ? <p className="quiet">{noPrice}</p> : null}
      {fit.map((c) => (
        <CandidateRow
          key={c.system.id}
          c={c}
          plan={plan}
          products={products}
          on={c === inView}
          chosen={defect.choice?.system === c.system.id}
          onLook={() => {
            onLook(c.system.id);
          }}
        />
      ))}
      {out.length === 0 ? null : <h2 style={{ fontSize: 14, color: 'var(--ink2)', margin: '8px 0 2px' }}>Ruled out, nearest first</h2>}
      {out.map((c) => {
        const [first] = c.against;
        return (
          <div className={`out-row${c === inView ? ' on' : ''}`} key={c.system.id}>
            <button
              type="button"
              className="link cover"
              style={{ color: 'inherit', textDecoration: 'none' }}
              onClick={() => {
                onLook(c.system.id);
              }}
            >
              {c.system.title}
            </button>
            <span>
              {first ? <Said verdict={first} /> : null}
              {defect.choice?.system === c.system.id ? ' (chosen against this)' : ''}
            </span>
            <span className="change">{first?.change ? <Say saying={first.change()} plain /> : null}</span>
          </div>
        );
      })}
      {other.length === 0 ? null : (
        <details className="other">
          <summary>{other.length} systems for other work</summary>
          {other.map((c) => (
            <div className="out-row" key={c.system.id}>
              <b>{c.system.title}</b>
              <span>{c.against[0] ? <Say saying={c.against[0].reason()} plain /> : null}</span>
              <span />
            </div>
          ))}
        </details>
      )}
    </>
  );
}
