import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import type { DefectRecord } from '@oddment/contracts';
import { cautionsWhy, chaseDepth, cite, show, siteDateTime, type JudgedPlan, type PatchWork, type Section, type SurveyedPlan } from '@oddment/core';
import { useMemo, useRef, useState, useEffect } from 'react';
import { Link, useNavigate } from 'react-router';
import { DefectList } from '../parts/DefectList.tsx';
import { SectionPicture } from '../parts/Drawing.tsx';
import { Fig, Say } from '../parts/Fig.tsx';
import { IssueButton, IssueState } from '../parts/IssueState.tsx';
import { Steps } from '../parts/Steps.tsx';
import { Stops } from '../parts/Stops.tsx';
import { useTelling } from '../parts/telling.tsx';
import { LedgerContext } from '../parts/Working.tsx';
import { pageNow } from '../state/clock.ts';
import { trialPlan, usePlannedBy } from '../state/editing.ts';
import { useSend, useStore } from '../state/store.ts';
import { tried, type WhatIf } from '../state/view.ts';
import { Incomplete } from './Incomplete.tsx';
import { usePlace } from './JobFrame.tsx';

/** The drawing, as large as its place allows. */
function FittedPicture({ section }: { section: Section }) {
  const host = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 640, height: 430 });
  useEffect(() => {
    const element = host.current;
    if (!element) return;
    const watch = new ResizeObserver(([entry]) => {
      if (entry) setSize({ width: Math.max(330, Math.round(entry.contentRect.width)), height: Math.max(300, Math.min(560, Math.round(entry.contentRect.height || 400))) });
    });
    watch.observe(element);
    return () => { watch.disconnect(); };
  }, []);
  const narrow = size.width < 520;
  return (
    <div ref={host} className="fitted" style={{ minHeight: narrow ? 0 : 300, overflow: 'hidden' }}>
      <SectionPicture section={section} width={size.width} height={narrow ? Math.round(size.width * 0.75) : size.height} bare={narrow} />
      {narrow ? <ul style={{ margin: '4px 0', paddingLeft: 18 }}>{section.notes.map((n) => <li key={n.id}><b><Say saying={n.title} plain /></b>{n.detail ? <>, <Say saying={n.detail} plain /></> : null}</li>)}</ul> : null}
    </div>
  );
}

function Trials({ plan, asPlanned, defect, trial }: { plan: JudgedPlan; asPlanned: JudgedPlan; defect: DefectRecord; trial: WhatIf | undefined }) {
  const { units } = useTelling();
  const { job, edit } = usePlace();
  const send = useSend();
  const set = (part: WhatIf) => send(tried({ id: defect.id, what: { ...trial, ...part } }));
  const text = (f: Parameters<typeof show>[0]) => show(f, units).text;
  const { subject, repair } = plan;
  const was = asPlanned.repair;
  const people = trial?.people ?? job.people;
  const chase = plan.schools.find((s) => s.question.id === chaseDepth.id);
  const other = chase?.effects.find((e) => !e.taken)?.repair();
  return (
    <div className="trials">
      <div className="trial">
        <div className="top"><span id="try-slab">Slab</span><b>{text(subject.slabC)}</b></div>
        <Slider size="small" aria-labelledby="try-slab" min={-5} max={40} step={1} value={subject.slabC.value} getAriaValueText={() => text(subject.slabC)} onChange={(_e, v) => set({ slabC: v })} />
        <p>{repair ? <>gel <Fig figure={repair.method.gel} /></> : 'outside its window'}{was && trial ? `, was ${text(was.method.gel)}` : ''}</p>
      </div>
      <div className="trial">
        <div className="top"><span id="try-humid">Humidity</span><b>{text(subject.humidity)}</b></div>
        <Slider size="small" aria-labelledby="try-humid" min={10} max={100} step={1} value={subject.humidity.value} getAriaValueText={() => text(subject.humidity)} onChange={(_e, v) => set({ humidityPct: v })} />
        <p>dew point <Fig figure={subject.dewPoint} />, <Fig figure={subject.dewMargin} /> to spare</p>
      </div>
      <div className="trial">
        <div className="top"><span>People</span></div>
        <div role="group" aria-label="People" style={{ display: 'flex', margin: '2px 0 6px' }}>
          {([1, 2] as const).map((n) => <button type="button" key={n} className={`plain${people === n ? ' on' : ''}`} aria-pressed={people === n} onClick={() => set({ people: n })}>{n === 1 ? 'one' : 'a pair'}</button>)}
        </div>
        <p>{repair ? <><Fig figure={repair.method.sections.count} /> {repair.method.sections.count.value === 1 ? 'section' : 'sections'}</> : '–'}</p>
      </div>
      <div className="trial">
        <div className="top"><span>Chase</span></div>
        <div role="group" aria-label="Chase" style={{ display: 'flex', margin: '2px 0 6px' }}>
          {chase?.effects.map((e) => <button type="button" key={e.side.id} className={`plain${e.taken ? ' on' : ''}`} aria-pressed={e.taken} onClick={() => set({ schools: { [chaseDepth.id]: e.side.id } })}>{e.side.title}</button>)}
        </div>
        <p>{other ? `${text(other.batch.resinPlaced)} resin and ${text(other.schedule.total)} the other way` : ''}</p>
      </div>
      {trial ? (
        <p style={{ gridColumn: '1 / -1', margin: 0 }}>
          <b>Trying out.</b> Now {repair ? text(repair.schedule.total) : 'not possible'}, as measured {was ? text(was.schedule.total) : 'not possible'}.{' '}
          <button type="button" className="link" onClick={() => send(tried({ id: defect.id, what: undefined }))}>Back to as measured</button>{' '}
          {trial.schools !== undefined || trial.people !== undefined ? (
            <button type="button" className="link" onClick={() => { if (trial.schools) edit.defect(defect, { schools: { ...defect.schools, ...trial.schools } }); if (trial.people) edit.job(job, { people: trial.people }); send(tried({ id: defect.id, what: undefined })); }}>Keep people and chase</button>
          ) : null}
        </p>
      ) : null}
    </div>
  );
}

function Planned({ plan, asPlanned, defect, trial }: { plan: JudgedPlan; asPlanned: JudgedPlan; defect: DefectRecord; trial: WhatIf | undefined }) {
  const { job, area, plans, edit, mayPlan } = usePlace();
  const navigate = useNavigate();
  const { repair, planned, stops } = plan;
  const today = siteDateTime(pageNow(), job.timeZone).date;
  return (
    <LedgerContext.Provider value={plan.ledger}>
      <div className="work method">
        <DefectList job={job} plans={plans} stage="method" current={defect.id} />
        <main className="method-mid sheet">
          <div className="title" style={{ margin: 0 }}>
            <h1>{defect.mark}</h1>
            <span className="quiet">{planned ? `${planned.candidate.system.title}${repair ? `, ${repair.method.size.named}` : ''}` : 'no system with a method fits'}{planned?.by === 'proposal' ? ', proposed' : ''}{planned && planned.candidate.grade !== 'fits' ? ` (${planned.candidate.grade === 'care' ? 'with care' : 'against the verdict'})` : ''}</span>
            <span className="push" />
            <Link to={`/jobs/${job.id}/match/${defect.id}`}>{planned?.by === 'choice' ? 'why this one' : 'choose'}</Link>
          </div>
          <div>
            <Stops of={defect.id} stops={stops} today={today} onDecision={(d) => { edit.defect(defect, { decisions: [...defect.decisions.filter((one) => one.stop !== d.stop), d] }); }} onAnswer={() => { void navigate(`/jobs/${job.id}/walk/${defect.id}`); }} />
            {plan.problem ? <p className="halted"><Say saying={plan.problem} /></p> : null}
          </div>
          <FittedPicture section={plan.section} />
          {plan.held ? <p className="quiet">Nothing is planned while a stop is open.</p> : <Trials plan={plan} asPlanned={asPlanned} defect={defect} trial={trial} />}
        </main>
        <aside className="steps left-rule" aria-label="Steps of the work">
          {repair ? (
            <>
              <div className="steps-head"><b><Fig figure={repair.schedule.total} /></b><span className="quiet"><Fig figure={repair.schedule.handsOn} /> by hand, {job.people === 1 && trial?.people !== 2 ? 'one person' : 'a pair'}</span></div>
              <div style={{ display: 'grid', gridTemplateRows: 'auto minmax(0, 1fr)', minHeight: 0 }}>
                {area ? <IssueState job={job} area={area} defect={defect} plan={asPlanned} /> : null}
                <Steps schedule={repair.schedule} />
              </div>
              <div className="foot">
                <Button variant="outlined" onClick={() => { void navigate(`/jobs/${job.id}/sheet/${defect.id}`); }}>Sheet<kbd>O</kbd></Button>
                {mayPlan && area && !trial ? <IssueButton job={job} area={area} defect={defect} /> : null}
                <Button variant="contained" style={{ flex: 1 }} onClick={() => { void navigate(`/jobs/${job.id}/mix/${defect.id}`); }}>Mix, {repair.batch.cartridges.value === 1 ? 'one cartridge' : `${String(repair.batch.cartridges.value)} cartridges`}<kbd>4</kbd></Button>
              </div>
            </>
          ) : (
            <div className="pane">
              <h2 style={{ fontSize: 18 }}>{plan.held ? 'The plan stops here' : 'No steps yet'}</h2>
              <p>{plan.held ? 'Steps, quantities and times come when who decides has decided and it is recorded.' : 'No system that Oddment has a method for fits this crack as it is. Match says what would have to change.'}</p>
              <Link to={`/jobs/${job.id}/match/${defect.id}`}>Go to Match</Link>
            </div>
          )}
        </aside>
      </div>
    </LedgerContext.Provider>
  );
}

/** A place cut square: its section, quantities and cautions beside the steps. */
function PatchPlanned({ plan, work, defect }: { plan: SurveyedPlan; work: PatchWork; defect: DefectRecord }) {
  const { job, plans } = usePlace();
  const { candidate, by, schedule } = work;
  return (
    <LedgerContext.Provider value={plan.ledger}>
      <div className="work method">
        <DefectList job={job} plans={plans} stage="method" current={defect.id} />
        <main className="method-mid sheet">
          <div className="title" style={{ margin: 0 }}>
            <h1>{defect.mark}</h1>
            <span className="quiet">{candidate.system.title}{by === 'proposal' ? ', proposed' : ''}{candidate.grade === 'fits' ? '' : ` (${candidate.grade === 'care' ? 'with care' : 'against the verdict'})`}</span>
            <span className="push" />
            <Link to={`/jobs/${job.id}/match/${defect.id}`}>{by === 'choice' ? 'why this one' : 'choose'}</Link>
          </div>
          <div>{work.reason === undefined ? null : <p className="quiet">Chosen against the verdict, because: {work.reason}</p>}</div>
          <FittedPicture section={work.section} />
          <div className="patch-below">
            <dl className="facts">{work.quantities.map((q) => <div key={q.id} style={{ display: 'contents' }}><dt>{q.label}</dt><dd><Fig figure={q.figure} /></dd></div>)}</dl>
            <div><h2 style={{ fontSize: 15 }}>Cautions</h2><ul>{work.cautions.map((c) => <li key={c.id}><b>{c.title}.</b> <Say saying={c.text} /> <span className="quiet">({cite(c.source)})</span></li>)}</ul><p className="quiet">{cautionsWhy}</p></div>
          </div>
        </main>
        <aside className="steps left-rule" aria-label="Steps of the work">
          <div className="steps-head"><b><Fig figure={schedule.total} /></b><span className="quiet"><Fig figure={schedule.handsOn} /> by hand, {job.people === 1 ? 'one person' : 'a pair'}</span></div>
          <div style={{ display: 'grid', gridTemplateRows: 'auto minmax(0, 1fr)', minHeight: 0 }}><p className="quiet" style={{ margin: '4px 12px' }}>Steps and quantities; its sheet is not kept as an issued plan yet.</p><Steps schedule={schedule} /></div>
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
  const asPlanned = defect && plans.get(defect.id);
  const plan = useMemo(() => (by && area && defect ? trialPlan(job, area, defect, by, trial) : undefined), [job, area, defect, by, trial]);
  const work = useMemo(() => (plan?.state === 'surveyed' ? plan.match?.work() : undefined), [plan]);
  if (defect && plan?.state === 'surveyed' && work) return <PatchPlanned plan={plan} work={work} defect={defect} />;
  if (!defect || plan?.state !== 'judged' || asPlanned?.state !== 'judged') return <Incomplete stage="method" />;
  return <Planned plan={plan} asPlanned={asPlanned} defect={defect} trial={trial} />;
}
