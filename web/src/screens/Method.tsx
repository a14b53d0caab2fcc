import { Drawings } from '../parts/Drawings.tsx';
import { Trials, type Tried } from '../parts/Trials.tsx';
import { Lacks } from '../parts/Lacks.tsx';
import { whoWords } from '@oddment/core';
import Button from '@mui/material/Button';
import { cautionsWhy, cite, plannedOf, sheetOf, siteDateTime, type PlannedPlan, type SheetWork } from '@oddment/core';
import { useMemo } from 'react';
import { Link, useNavigate } from 'react-router';
import { DefectList } from '../parts/DefectList.tsx';
import { Firsts } from '../parts/Firsts.tsx';
import { Fig, Say } from '../parts/Fig.tsx';
import { FigureRows } from '../parts/FigureRows.tsx';
import { IssueButton, IssueState } from '../parts/IssueState.tsx';
import { Steps } from '../parts/Steps.tsx';
import { Stops } from '../parts/Stops.tsx';
import { LedgerContext } from '../parts/Working.tsx';
import { pageNow } from '../state/clock.ts';
import { usePlannedBy } from '../state/editing.ts';
import { useStore } from '../state/store.ts';
import { useTriedSheet, type ToldSheet } from '../state/triedSheet.ts';
import { trialInput } from '../views/trial.ts';
import { Incomplete } from './Incomplete.tsx';
import { usePlace } from './JobFrame.tsx';

/** Which repair, by which system, and the ways to what decides it. */
function MethodTitle({ plan, work, job }: { plan: PlannedPlan; work: SheetWork | undefined; job: string }) {
  const { defect, planned } = plan;
  const grade = planned?.candidate.grade ?? 'fits';
  return (
    <div className="title" style={{ margin: 0 }}>
      <h1>{defect.mark}</h1>
      <span className="quiet">
        {work ? `${work.title}, ${work.named}` : planned?.by === 'choice' ? planned.candidate.system.title : 'no steps yet'}
        {work?.by === 'proposal' ? ', proposed' : ''}
        {grade === 'fits' ? '' : ` (${grade === 'care' ? 'with care' : 'against the verdict'})`}
      </span>
      <span className="push" />
      <Link to={`/jobs/${job}/options/${defect.id}`} title="V">
        options for the client
      </Link>
      <Link to={`/jobs/${job}/match/${defect.id}`}>{work?.by === 'choice' ? 'why this one' : 'choose'}</Link>
    </div>
  );
}

/** What the work comes to, and what is dangerous in it. */
function Below({ work }: { work: SheetWork }) {
  return (
    <details className="patch-below">
      <summary>Quantities, {work.cautions.length === 1 ? 'one caution' : `${String(work.cautions.length)} cautions`}</summary>
      <div className="two">
        <FigureRows rows={work.quantities} />
        <div>
          <ul>
            {work.cautions.map((c) => (
              <li key={c.id}>
                <b>{c.title}.</b> <Say saying={c.text} /> <span className="quiet">({cite(c.source)})</span>
              </li>
            ))}
          </ul>
          <p className="quiet">{cautionsWhy}</p>
        </div>
      </div>
    </details>
  );
}

/** On to Mix, with how much waits there. */
function ToMix({ work, job, defect }: { work: SheetWork; job: string; defect: string }) {
  const navigate = useNavigate();
  const mixes = work.mixes?.length ?? 0;
  const cartridges = work.quantities.find((q) => q.id === 'packs')?.figure.value;
  const what =
    cartridges === undefined
      ? (['', ', one'][mixes] ?? `, ${String(mixes)} of them`)
      : `, ${cartridges === 1 ? 'one cartridge' : `${String(cartridges)} cartridges`}`;
  return (
    <Button
      variant="contained"
      style={{ flex: 1 }}
      onClick={() => {
        void navigate(`/jobs/${job}/mix/${defect}`);
      }}
    >
      Mix{what}
      <kbd>4</kbd>
    </Button>
  );
}

function Planned({ plan, told, planned, defect, trial }: Tried) {
  const { job, area, plans, edit, mayPlan } = usePlace();
  const navigate = useNavigate();
  const { sheet, figures } = told;
  const { work } = sheet;
  const { held, stops } = plan;
  const today = siteDateTime(pageNow(), job.timeZone).date;
  return (
    <LedgerContext.Provider value={figures}>
      <div className="work method">
        <DefectList job={job} plans={plans} stage="method" current={defect.id} />
        <main className="method-mid sheet">
          <MethodTitle plan={plan} work={work} job={job.id} />
          <div>
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
            {work || held ? null : (
              <p className="halted">
                <Say saying={sheet.nothing ?? []} />
              </p>
            )}
            {plan.planned?.reason === undefined ? null : (
              <p className="quiet" style={{ margin: 0 }}>
                Chosen against the verdict, because: {plan.planned.reason}
              </p>
            )}
          </div>
          <Drawings sections={[sheet.section, ...(sheet.more ?? [])]} key={defect.id} />
          {held ? (
            <p className="quiet">Nothing is planned while a stop is open.</p>
          ) : (
            <Trials plan={plan} told={told} planned={planned} defect={defect} trial={trial} />
          )}
          {work ? <Below work={work} /> : <div />}
        </main>
        <aside className="steps left-rule" aria-label="Steps of the work">
          {work ? (
            <>
              <div className="steps-head">
                <b>
                  <Fig figure={work.schedule.total} />
                </b>
                <span className="quiet">
                  <Fig figure={work.schedule.handsOn} /> by hand, {whoWords(sheet)}
                </span>
              </div>
              <div style={{ display: 'grid', gridTemplateRows: 'auto auto auto minmax(0, 1fr)', minHeight: 0 }}>
                <Lacks sheet={sheet} />
                <Firsts firsts={sheet.firsts} />
                {area ? <IssueState job={job} area={area} defect={defect} plan={plan} /> : null}
                <Steps schedule={work.schedule} cautions={work.cautions} />
              </div>
              <div className="foot">
                <Button
                  variant="outlined"
                  onClick={() => {
                    void navigate(`/jobs/${job.id}/sheet/${defect.id}`);
                  }}
                >
                  Sheet<kbd>O</kbd>
                </Button>
                {mayPlan && area && !trial ? <IssueButton job={job} area={area} defect={defect} /> : null}
                <ToMix work={work} job={job.id} defect={defect.id} />
              </div>
            </>
          ) : (
            <div className="pane">
              <h2 style={{ fontSize: 18 }}>{held ? 'The plan stops here' : 'No steps yet'}</h2>
              <p>{held ? 'Steps, quantities and times come when who decides has decided and it is recorded.' : 'Match says what would have to change.'}</p>
              <Link to={`/jobs/${job.id}/match/${defect.id}`}>Go to Match</Link>
              <Firsts firsts={sheet.firsts} />
              {area ? <IssueState job={job} area={area} defect={defect} plan={plan} /> : null}
            </div>
          )}
        </aside>
      </div>
    </LedgerContext.Provider>
  );
}

/** Method: the repair as a drawing to scale beside its steps, with what moves when something is tried. */
export function Method() {
  const { job, plans, area, defect } = usePlace();
  const by = usePlannedBy();
  const trial = useStore((s) => (defect ? s.view.whatIf[defect.id] : undefined));
  const known = defect && plans.get(defect.id);
  const plan = useMemo(() => plannedOf(known), [known]);
  const planned = useMemo((): ToldSheet | undefined => plan && { sheet: sheetOf(plan, job), figures: plan.ledger }, [plan, job]);
  const input = useMemo(() => (by && area && defect && trial ? trialInput(job, area, defect, by, trial) : undefined), [by, job, area, defect, trial]);
  const told = useTriedSheet(input, by?.shelf);
  if (!defect || !plan || !planned) return <Incomplete stage="method" />;
  return <Planned plan={plan} told={told ?? planned} planned={planned} defect={defect} trial={trial} />;
}
