import { crewFields } from '../views/crewFields.ts';
import { crewOf, handsOf } from '@oddment/core';
import Slider from '@mui/material/Slider';
import type { DefectRecord } from '@oddment/contracts';
import { kindOf, show, sidesDiffer, triedFigures, type Figure, type PlannedPlan, type QuantityKind } from '@oddment/core';
import { useMemo } from 'react';
import { Fig } from './Fig.tsx';
import { useTelling } from './telling.tsx';
import { useSend } from '../state/store.ts';
import { type ToldSheet } from '../state/triedSheet.ts';
import { tried, type WhatIf } from '../state/view.ts';
import { usePlace } from '../screens/JobFrame.tsx';

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

export const capital = (word: string) => `${word.charAt(0).toUpperCase()}${word.slice(1)}`;

/** The side of a question that makes the greatest difference, to be tried. */
function SideTrial({ plan, trial, on }: { plan: PlannedPlan; trial: WhatIf | undefined; on: (what: WhatIf) => void }) {
  const school = useMemo(() => plan.schools.find(sidesDiffer), [plan]);
  if (!school) return null;
  const side = trial?.schools?.[school.question.id] ?? school.side.id;
  return (
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
              on({ schools: { [school.question.id]: e.side.id } });
            }}
          >
            {e.side.title}
          </button>
        ))}
      </div>
    </div>
  );
}

/** What can be dragged: ground and air, and two figures of the chosen system. */
function slidesOf(plan: PlannedPlan, trial: WhatIf | undefined): readonly Slide[] {
  const { subject } = plan;
  const candidate = plan.planned?.candidate;
  const humidity = plan.area.facts['humidityPct']?.value;
  const figures = candidate ? triedFigures(candidate.chain ?? [candidate.system], subject.answers.position?.value) : [];
  return [
    {
      id: 'ground',
      label: capital(kindOf(plan.defect.kind).ground ?? 'ground'),
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
}

/** A plan as it is, as it is tried, and what is tried. */
export interface Tried {
  readonly plan: PlannedPlan;
  readonly told: ToldSheet;
  readonly planned: ToldSheet;
  readonly defect: DefectRecord;
  readonly trial: WhatIf | undefined;
}

/** What can be tried out, and what it comes to beside the plan as it is. */
export function Trials({ plan, told, planned, defect, trial }: Tried) {
  const { units } = useTelling();
  const { job, edit } = usePlace();
  const send = useSend();
  const set = (part: WhatIf) => {
    send(tried({ id: defect.id, what: { ...trial, ...part } }));
  };
  const people = trial?.people ?? handsOf(job.crew);
  const text = (f: Figure | undefined) => (f ? show(f, units).text : 'not possible');
  const slides = slidesOf(plan, trial);
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
      <SideTrial plan={plan} trial={trial} on={set} />
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
              if (trial.people) edit.job(job, { crew: crewFields(crewOf(job.crew, trial.people)) });
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
