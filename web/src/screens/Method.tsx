import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import type { DefectRecord } from '@oddment/contracts';
import {
  cautionsWhy,
  cite,
  kindOf,
  plannedOf,
  sheetOf,
  show,
  sidesDiffer,
  siteDateTime,
  triedFigures,
  type Figure,
  type PlannedPlan,
  type QuantityKind,
  type Section,
} from '@oddment/core';
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
import { usePlannedBy } from '../state/editing.ts';
import { useSend, useStore } from '../state/store.ts';
import { useTriedSheet, type ToldSheet } from '../state/triedSheet.ts';
import { tried, type WhatIf } from '../state/view.ts';
import { trialInput } from '../views/trial.ts';
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
      if (entry)
        setSize({
          width: Math.max(330, Math.round(entry.contentRect.width)),
          height: Math.max(300, Math.min(560, Math.round(entry.contentRect.height || 400))),
        });
    });
    watch.observe(element);
    return () => {
      watch.disconnect();
    };
  }, []);
  const narrow = size.width < 520;
  return (
    <div ref={host} className="fitted" style={{ minHeight: narrow ? 0 : 300, overflow: 'hidden' }}>
      <SectionPicture section={section} width={size.width} height={narrow ? Math.round(size.width * 0.75) : size.height} bare={narrow} />
      {narrow ? (
        <p className="quiet" style={{ margin: 0 }}>
          <Say saying={section.footnote} plain />
        </p>
      ) : null}
      {narrow ? (
        <ul style={{ margin: '4px 0', paddingLeft: 18 }}>
          {section.notes.map((n) => (
            <li key={n.id}>
              <b>
                <Say saying={n.title} plain />
              </b>
              {n.detail ? (
                <>
                  , <Say saying={n.detail} plain />
                </>
              ) : null}
            </li>
          ))}
        </ul>
      ) : null}
    </div>
  );
}

/** The drawings of a repair, one at a time. */
function Drawings({ sections }: { sections: readonly Section[] }) {
  const [at, setAt] = useState(0);
  const section = sections[at] ?? sections[0];
  if (!section) return <div />;
  return (
    <div className="drawings">
      {sections.length > 1 ? (
        <div role="group" aria-label="Which drawing" className="views">
          {sections.map((s, i) => (
            <button
              key={i}
              type="button"
              className={`plain${i === at || (i === 0 && sections[at] === undefined) ? ' on' : ''}`}
              aria-pressed={section === s}
              onClick={() => {
                setAt(i);
              }}
            >
              <Say saying={s.caption} plain />
            </button>
          ))}
        </div>
      ) : null}
      <FittedPicture section={section} />
    </div>
  );
}

interface Slide {
  readonly id: string;
  readonly label: string;
  readonly kind: QuantityKind;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  readonly set: (value: number) => WhatIf;
}

function TrySlider({ slide, on }: { slide: Slide; on: (what: WhatIf) => void }) {
  const { units } = useTelling();
  const text = show({ value: slide.value, kind: slide.kind }, units).text;
  return (
    <div className="trial">
      <div className="top">
        <span id={`try-${slide.id}`}>{slide.label}</span>
        <b>{text}</b>
      </div>
      <Slider
        size="small"
        aria-labelledby={`try-${slide.id}`}
        min={slide.least}
        max={slide.most}
        step={slide.step}
        value={slide.value}
        getAriaValueText={() => text}
        onChange={(_e, v) => {
          on(slide.set(v));
        }}
      />
    </div>
  );
}

const capital = (word: string) => `${word.charAt(0).toUpperCase()}${word.slice(1)}`;

/** What can be tried out, and what it comes to beside the plan as it is. */
function Trials({
  plan,
  told,
  planned,
  defect,
  trial,
}: {
  plan: PlannedPlan;
  told: ToldSheet;
  planned: ToldSheet;
  defect: DefectRecord;
  trial: WhatIf | undefined;
}) {
  const { units } = useTelling();
  const { job, edit } = usePlace();
  const send = useSend();
  const set = (part: WhatIf) => {
    send(tried({ id: defect.id, what: { ...trial, ...part } }));
  };
  const { subject } = plan;
  const candidate = plan.planned?.candidate;
  const humidity = plan.area.facts['humidityPct']?.value;
  const people = trial?.people ?? job.people;
  const text = (f: Figure | undefined) => (f ? show(f, units).text : 'not possible');
  const school = useMemo(() => plan.schools.find(sidesDiffer), [plan]);
  const side = school && (trial?.schools?.[school.question.id] ?? school.side.id);
  const figures = candidate ? triedFigures(candidate.chain ?? [candidate.system], subject.answers.position?.value) : [];
  const slides: readonly Slide[] = [
    {
      id: 'ground',
      label: capital(kindOf(defect.kind).ground ?? 'ground'),
      kind: 'temperature',
      value: trial?.slabC ?? subject.slabC.value,
      least: -5,
      most: 40,
      step: 1,
      set: (slabC) => ({ slabC }),
    },
    { id: 'air', label: 'Air', kind: 'temperature', value: trial?.airC ?? subject.airC.value, least: 1, most: 40, step: 1, set: (airC) => ({ airC }) },
    {
      id: 'humid',
      label: 'Humidity',
      kind: 'percent',
      value: trial?.humidityPct ?? humidity ?? 50,
      least: 10,
      most: 98,
      step: 1,
      set: (humidityPct) => ({ humidityPct }),
    },
    ...figures
      .filter((f) => f.system === figures[0]?.system)
      .slice(0, 2)
      .map((f): Slide => ({
        id: f.path.replaceAll('/', '-'),
        label: f.label,
        kind: f.kind,
        value: trial?.figures?.system === f.system ? (trial.figures.values[f.path] ?? f.value) : f.value,
        least: f.least,
        most: f.most,
        step: f.step,
        set: (value) => ({ figures: { system: f.system, values: { ...(trial?.figures?.system === f.system ? trial.figures.values : {}), [f.path]: value } } }),
      })),
  ];
  const [now, was] = [told.sheet.work, planned.sheet.work];
  const within = now?.mixes?.[0]?.within;
  return (
    <div className="trials">
      {slides.map((s) => (
        <TrySlider key={s.id} slide={s} on={set} />
      ))}
      <div className="trial">
        <div className="top">
          <span>People</span>
        </div>
        <div role="group" aria-label="People" style={{ display: 'flex', margin: '2px 0' }}>
          {([1, 2] as const).map((n) => (
            <button
              type="button"
              key={n}
              className={`plain${people === n ? ' on' : ''}`}
              aria-pressed={people === n}
              onClick={() => {
                set({ people: n });
              }}
            >
              {n === 1 ? 'one' : 'a pair'}
            </button>
          ))}
        </div>
      </div>
      {school ? (
        <div className="trial wide">
          <div className="top">
            <span>{school.question.question}</span>
          </div>
          <div role="group" aria-label={school.question.question} style={{ display: 'flex', margin: '2px 0' }}>
            {school.effects.map((e) => (
              <button
                type="button"
                key={e.side.id}
                className={`plain${e.side.id === side ? ' on' : ''}`}
                aria-pressed={e.side.id === side}
                onClick={() => {
                  set({ schools: { [school.question.id]: e.side.id } });
                }}
              >
                {e.side.title}
              </button>
            ))}
          </div>
        </div>
      ) : null}
      <p style={{ gridColumn: '1 / -1', margin: 0 }}>
        {trial ? (
          <>
            <b>Trying out.</b> Now {text(now?.schedule.total)} and {text(now?.schedule.handsOn)} by hand, as planned {text(was?.schedule.total)} and{' '}
            {text(was?.schedule.handsOn)}
            {within ? <>; a mix lasts {text(within)}</> : null}.{' '}
            <button
              type="button"
              className="link"
              onClick={() => {
                send(tried({ id: defect.id, what: undefined }));
              }}
            >
              Back to as planned
            </button>{' '}
          </>
        ) : within ? (
          <span className="quiet">
            A mix lasts <Fig figure={within} /> here.
          </span>
        ) : (
          <span className="quiet">Drag to see what moves; nothing is kept until you keep it.</span>
        )}
        {trial && (trial.schools !== undefined || trial.people !== undefined) ? (
          <button
            type="button"
            className="link"
            onClick={() => {
              if (trial.schools) edit.defect(defect, { schools: { ...defect.schools, ...trial.schools } });
              if (trial.people) edit.job(job, { people: trial.people });
              send(tried({ id: defect.id, what: undefined }));
            }}
          >
            Keep people and way of working
          </button>
        ) : null}
      </p>
    </div>
  );
}

function Planned({
  plan,
  told,
  planned,
  defect,
  trial,
}: {
  plan: PlannedPlan;
  told: ToldSheet;
  planned: ToldSheet;
  defect: DefectRecord;
  trial: WhatIf | undefined;
}) {
  const { job, area, plans, edit, mayPlan } = usePlace();
  const navigate = useNavigate();
  const { sheet, figures } = told;
  const { work } = sheet;
  const { held, stops } = plan;
  const today = siteDateTime(pageNow(), job.timeZone).date;
  const candidate = plan.planned?.candidate;
  const mixes = work?.mixes?.length ?? 0;
  const cartridges = work?.quantities.find((q) => q.id === 'packs')?.figure.value;
  return (
    <LedgerContext.Provider value={figures}>
      <div className="work method">
        <DefectList job={job} plans={plans} stage="method" current={defect.id} />
        <main className="method-mid sheet">
          <div className="title" style={{ margin: 0 }}>
            <h1>{defect.mark}</h1>
            <span className="quiet">
              {work ? `${work.title}, ${work.named}` : plan.planned?.by === 'choice' ? plan.planned.candidate.system.title : 'no steps yet'}
              {work?.by === 'proposal' ? ', proposed' : ''}
              {candidate && candidate.grade !== 'fits' ? ` (${candidate.grade === 'care' ? 'with care' : 'against the verdict'})` : ''}
            </span>
            <span className="push" />
            <Link to={`/jobs/${job.id}/options/${defect.id}`} title="V">
              options for the client
            </Link>
            <Link to={`/jobs/${job.id}/match/${defect.id}`}>{work?.by === 'choice' ? 'why this one' : 'choose'}</Link>
          </div>
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
          {work ? (
            <details className="patch-below">
              <summary>Quantities, {work.cautions.length === 1 ? 'one caution' : `${String(work.cautions.length)} cautions`}</summary>
              <div className="two">
                <dl className="facts">
                  {work.quantities.map((q) => (
                    <div key={q.id} style={{ display: 'contents' }}>
                      <dt>{q.label}</dt>
                      <dd>
                        <Fig figure={q.figure} />
                      </dd>
                    </div>
                  ))}
                </dl>
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
          ) : (
            <div />
          )}
        </main>
        <aside className="steps left-rule" aria-label="Steps of the work">
          {work ? (
            <>
              <div className="steps-head">
                <b>
                  <Fig figure={work.schedule.total} />
                </b>
                <span className="quiet">
                  <Fig figure={work.schedule.handsOn} /> by hand, {sheet.people === 1 ? 'one person' : 'a pair'}
                </span>
              </div>
              <div style={{ display: 'grid', gridTemplateRows: 'auto minmax(0, 1fr)', minHeight: 0 }}>
                {area ? <IssueState job={job} area={area} defect={defect} plan={plan} /> : null}
                <Steps schedule={work.schedule} />
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
                <Button
                  variant="contained"
                  style={{ flex: 1 }}
                  onClick={() => {
                    void navigate(`/jobs/${job.id}/mix/${defect.id}`);
                  }}
                >
                  Mix
                  {cartridges === undefined
                    ? mixes === 0
                      ? ''
                      : mixes === 1
                        ? ', one'
                        : `, ${String(mixes)} of them`
                    : `, ${cartridges === 1 ? 'one cartridge' : `${String(cartridges)} cartridges`}`}
                  <kbd>4</kbd>
                </Button>
              </div>
            </>
          ) : (
            <div className="pane">
              <h2 style={{ fontSize: 18 }}>{held ? 'The plan stops here' : 'No steps yet'}</h2>
              <p>{held ? 'Steps, quantities and times come when who decides has decided and it is recorded.' : 'Match says what would have to change.'}</p>
              <Link to={`/jobs/${job.id}/match/${defect.id}`}>Go to Match</Link>
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
