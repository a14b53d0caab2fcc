import type { DefectRecord } from '@oddment/contracts';
import { hasWork, isOtherWork, kindOf, onTheShelf, plannedOf, siteDateTime, type Candidate, type PlannedPlan, type Verdict } from '@oddment/core';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { DefectList } from '../parts/DefectList.tsx';
import { Say } from '../parts/Fig.tsx';
import { useKeys } from '../parts/keys.ts';
import { Schools } from '../parts/Schools.tsx';
import { Stops } from '../parts/Stops.tsx';
import { LedgerContext } from '../parts/Working.tsx';
import { api } from '../state/api.ts';
import { trialPlan, usePlannedBy } from '../state/editing.ts';
import { useSend, useStore } from '../state/store.ts';
import { tried } from '../state/view.ts';
import { pageNow } from '../state/clock.ts';
import { Incomplete } from './Incomplete.tsx';
import { usePlace } from './JobFrame.tsx';

import { CandidateList } from './match/CandidateList.tsx';
import { Choosing } from './match/Choosing.tsx';
import { Facts } from './match/Facts.tsx';
import { ReasonDialog } from './match/ReasonDialog.tsx';
import { WholeTable } from './match/WholeTable.tsx';
import { WhyPane } from './match/WhyPane.tsx';

/** A defect judged: the systems, why each stands where it does, and the choice. */
function Judged({ plan, defect }: { plan: PlannedPlan; defect: DefectRecord }) {
  const { job, plans, edit, mayPlan } = usePlace();
  const navigate = useNavigate();
  const [looking, setLooking] = useState<{ system: string; rule?: string }>();
  const [table, setTable] = useState(false);
  const [reasoning, setReasoning] = useState<Candidate>();
  const send = useSend();
  const { candidates, stops, planned } = plan;
  const inView = candidates.find((c) => c.system.id === (looking?.system ?? planned?.candidate.system.id)) ?? candidates[0];
  const verdict = inView && (inView.verdicts.find((v) => v.rule === looking?.rule) ?? inView.against[0] ?? inView.verdicts[0]);
  const hasMethod = inView !== undefined && hasWork(inView);
  const canChoose = mayPlan && inView !== undefined && !isOtherWork(inView);
  const { data: own } = api.useShelfQuery(undefined);
  const stocked = inView && own ? onTheShelf(inView.system, own.stock, own.products, pageNow().slice(0, 10)) : undefined;
  const onward = (has: boolean) => {
    if (has) void navigate(`/jobs/${job.id}/method/${defect.id}`);
  };
  const choose = () => {
    if (!inView || !canChoose) return;
    if (inView.grade === 'fits') {
      edit.defect(defect, { choice: { system: inView.system.id } });
      onward(hasMethod);
    } else {
      setReasoning(inView);
    }
  };
  useKeys({
    t: () => {
      setTable(!table);
    },
    c: choose,
  });
  const trial = useStore((s) => s.view.whatIf[defect.id]);
  const tryIt = (verdict: Verdict) => {
    const facts = verdict.facts?.();
    if (facts)
      send(
        tried({
          id: defect.id,
          what: { ...trial, facts: { defect: { ...trial?.facts?.defect, ...facts.defect }, area: { ...trial?.facts?.area, ...facts.area } } },
        }),
      );
  };
  const today = siteDateTime(pageNow(), job.timeZone).date;
  return (
    <LedgerContext.Provider value={plan.ledger}>
      <div className="work match">
        <DefectList job={job} plans={plans} stage="match" current={defect.id} />
        <main className="pane sheet">
          <div className="title">
            <h1>{defect.mark}: which system</h1>
            <span className="quiet">
              {kindOf(plan.defect.kind).title}, <Say saying={plan.surveyed.size} />
            </span>
            <span className="push" />
            <button
              type="button"
              className="link"
              aria-pressed={table}
              onClick={() => {
                setTable(!table);
              }}
            >
              {table ? 'The answer' : 'Whole table'}
              <kbd>T</kbd>
            </button>
          </div>
          {trial ? (
            <div className="doubt">
              <b>Trying out.</b> Not kept: what you see holds only if this were so.{' '}
              <button
                type="button"
                className="link"
                onClick={() => {
                  send(tried({ id: defect.id, what: undefined }));
                }}
              >
                Back to as measured
              </button>
            </div>
          ) : null}
          <Stops
            of={defect.id}
            stops={stops}
            today={today}
            onDecision={(d) => {
              edit.defect(defect, { decisions: [...defect.decisions.filter((one) => one.stop !== d.stop), d] });
            }}
            onAnswer={() => {
              void navigate(`/jobs/${job.id}/walk/${defect.id}`);
            }}
          />
          {table ? (
            <WholeTable
              candidates={candidates}
              onCell={(system, rule) => {
                setLooking({ system, rule });
              }}
            />
          ) : (
            <CandidateList
              plan={plan}
              defect={defect}
              inView={inView}
              onLook={(system) => {
                setLooking({ system });
              }}
            />
          )}
          <h2 style={{ fontSize: 14, color: 'var(--ink2)', margin: '16px 0 2px' }}>What it is judged on</h2>
          <Facts plan={plan} />
        </main>
        <aside className="pane left-rule" aria-label="Why">
          {inView && verdict ? (
            <>
              <WhyPane
                plan={plan}
                inView={inView}
                verdict={verdict}
                onRule={(rule) => {
                  setLooking({ system: inView.system.id, rule });
                }}
                onTry={tryIt}
                stocked={stocked}
              />
              <Choosing plan={plan} defect={defect} inView={inView} canChoose={canChoose} onChoose={choose} />
            </>
          ) : null}
          <Schools schools={plan.schools} defect={defect} />
        </aside>
      </div>
      <ReasonDialog
        defect={defect}
        reasoning={reasoning}
        onClose={() => {
          setReasoning(undefined);
        }}
        onChosen={(c) => {
          onward(hasWork(c));
        }}
      />
    </LedgerContext.Provider>
  );
}

/** Match: every system against this defect, the answer first. */
export function Match() {
  const { job, area, plans, defect } = usePlace();
  const by = usePlannedBy();
  const trial = useStore((s) => (defect ? s.view.whatIf[defect.id] : undefined));
  const tryOut = useMemo(() => (by && defect && area && trial ? trialPlan(job, area, defect, by, trial) : undefined), [job, area, defect, by, trial]);
  const plan = tryOut ?? (defect && plans.get(defect.id));
  const judged = plannedOf(plan);
  return defect && judged ? <Judged plan={judged} defect={defect} key={defect.id} /> : <Incomplete stage="match" />;
}
