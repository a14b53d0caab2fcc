import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { AreaRecord, DefectRecord } from '@oddment/contracts';
import {
  areaTable,
  kindOf,
  matchWords,
  plannedOf,
  relevantAsks,
  show,
  tell,
  type Ask,
  type AskTable,
  type LooseFacts,
  type RepairPlan,
  type Sense,
  senseArea,
} from '@oddment/core';
import { Link, useParams } from 'react-router';

import { AskField } from '../parts/AskField.tsx';
import { Conditions } from '../parts/Conditions.tsx';
import { DefectList } from '../parts/DefectList.tsx';
import { SectionPicture } from '../parts/Drawing.tsx';
import { Photos } from '../parts/Photos.tsx';
import { Fig, Say } from '../parts/Fig.tsx';
import { LedgerContext } from '../parts/Working.tsx';
import { useTelling } from '../parts/telling.tsx';
import { pageNow } from '../state/clock.ts';
import { OfRecord } from '../parts/OfRecord.tsx';
import { useRemove } from '../state/removing.ts';
import { usePlace } from './JobFrame.tsx';

interface QuestionsProps {
  readonly id: string;
  readonly table: AskTable;
  readonly facts: LooseFacts;
  readonly sense: Sense;
  readonly onFacts: (facts: LooseFacts) => void;
}

/** The questions of a table, grouped, in the order a person looks. */
function Questions({ id, table, facts, sense, onFacts }: QuestionsProps) {
  const how = useTelling();
  const asks = relevantAsks(table, facts);
  const groups = [...new Set(asks.map((a) => a.group))];
  const lengthFact = facts['lengthMm']?.value;
  const answer = (ask: Ask) => (value: unknown, text?: string) => {
    const before = facts[ask.field];
    onFacts({ ...facts, [ask.field]: { value, how: knownBy(ask, before?.how), at: pageNow(), ...(text !== undefined && { text: text.slice(0, 60) }) } });
  };
  const knownBy = (ask: Ask, before: string | undefined) =>
    ask.ask === 'choice' || ask.ask === 'text' ? ('entered' as const) : before === 'entered' ? ('entered' as const) : ('measured' as const);
  const empty = (ask: Ask) => () => {
    onFacts(Object.fromEntries(Object.entries(facts).filter(([field]) => field !== ask.field)));
  };
  return (
    <div className="groups">
      {groups.map((group) => (
        <section className="group" key={group} aria-label={group}>
          <h2>{group}</h2>
          {asks
            .filter((a) => a.group === group)
            .map((ask) => {
              const refused = sense.refused.find((r) => r.field === ask.field);
              return (
                <AskField
                  key={ask.field}
                  ask={ask}
                  fact={facts[ask.field]}
                  fieldKey={`${id}/${ask.field}`}
                  units={how.units}
                  runMm={typeof lengthFact === 'number' ? lengthFact : undefined}
                  problem={refused && tell(refused.sentence, how)}
                  onAnswer={answer(ask)}
                  onEmpty={empty(ask)}
                />
              );
            })}
        </section>
      ))}
    </div>
  );
}

function Doubts({ sense, confirmed, onConfirm }: { sense: Sense; confirmed: readonly string[]; onConfirm?: (id: string) => void }) {
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

/** What the answers come to so far. */
function Live({ plan, defect }: { plan: RepairPlan; defect: DefectRecord }) {
  const { edit } = usePlace();
  const confirm = (id: string) => edit.defect(defect, { confirmed: [...defect.confirmed, id] });
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
        <Doubts sense={plan.sense.defect} confirmed={defect.confirmed} onConfirm={confirm} />
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
      <Doubts sense={plan.sense.defect} confirmed={defect.confirmed} onConfirm={confirm} />
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
}

function AreaPage({ area }: { area: AreaRecord }) {
  const { job, edit, addDefect, mayPlan } = usePlace();
  const remove = useRemove();
  const sense = senseArea(area.facts);
  return (
    <main className="pane sheet">
      <fieldset className="may" disabled={!mayPlan}>
        <div className="title">
          <h1>{area.name}</h1>
          <span className="quiet">holds for every repair in this area</span>
          <span className="push" />
          <OfRecord jobId={job.id} id={area.id} words="Delete the area" onDelete={() => remove('area', area, area.name)} />
        </div>
        <div style={{ maxWidth: 320, marginBottom: 10 }}>
          <TextField
            label="Name of the area"
            value={area.name}
            onChange={(event) => {
              if (event.target.value !== '') edit.area(area, { name: event.target.value.slice(0, 80) });
            }}
          />
        </div>
        <Conditions
          area={area}
          onFacts={(facts) => {
            edit.area(area, { facts });
          }}
        />
        <Questions
          key={area.id}
          id={area.id}
          table={areaTable}
          facts={area.facts}
          sense={sense}
          onFacts={(facts) => {
            edit.area(area, { facts });
          }}
        />
        <Doubts sense={sense} confirmed={[]} />
        <Button
          variant="contained"
          onClick={() => {
            addDefect(area.id);
          }}
        >
          Add what you find here<kbd>A</kbd>
        </Button>
      </fieldset>
    </main>
  );
}

function DefectPage({ area, defect, plan }: { area: AreaRecord; defect: DefectRecord; plan: RepairPlan }) {
  const { job, edit, units, mayPlan } = usePlace();
  const remove = useRemove();
  const table = kindOf(defect.kind);
  const { airC, slabC, humidityPct, place } = area.facts;
  const climate = [
    place && areaTable.asks[0].options.find((o) => o.value === place.value)?.label,
    airC && `air ${show({ value: airC.value, kind: 'temperature' }, units).text}`,
    slabC && `surface ${show({ value: slabC.value, kind: 'temperature' }, units).text}`,
    humidityPct && `${show({ value: humidityPct.value, kind: 'percent' }, units).text} humidity`,
  ].filter((w) => w !== undefined && w !== '');
  return (
    <>
      <main className="pane sheet">
        <fieldset className="may" disabled={!mayPlan}>
          <div className="title">
            <h1>
              {defect.mark}, {table.title}
            </h1>
            <Link className="quiet" to={`/jobs/${job.id}/walk/area/${area.id}`}>
              {area.name}: {climate.length === 0 ? 'air and surface still to measure' : climate.join(', ')}
            </Link>
            <span className="push" />
            <OfRecord jobId={job.id} id={defect.id} words="Delete" onDelete={() => remove('defect', defect, defect.mark)} />
          </div>
          <Questions
            key={defect.id}
            id={defect.id}
            table={table}
            facts={defect.facts}
            sense={plan.sense.defect}
            onFacts={(facts) => {
              edit.defect(defect, { facts });
            }}
          />
          <div style={{ display: 'grid', gridTemplateColumns: '110px 1fr', gap: 10 }}>
            <TextField
              label="Mark"
              value={defect.mark}
              onChange={(event) => {
                if (event.target.value !== '') edit.defect(defect, { mark: event.target.value.slice(0, 20) });
              }}
            />
            <TextField
              label="Note"
              value={defect.note ?? ''}
              onChange={(event) => {
                const note = event.target.value.slice(0, 2000);
                edit.defect(defect, { note: note === '' ? undefined : note } as never);
              }}
            />
          </div>
        </fieldset>
        <Photos
          defectId={defect.id}
          saved={defect.version > 0}
          asks={relevantAsks(table, defect.facts)}
          onFacts={(facts) => {
            edit.defect(defect, { facts: { ...defect.facts, ...facts } });
          }}
        />
      </main>
      <aside className="pane left-rule" aria-label="What it comes to">
        <Live plan={plan} defect={defect} />
      </aside>
    </>
  );
}

/** Walk: areas and defects, the questions of one, and what the answers come to. */
export function Walk() {
  const { job, plans, area, defect, addDefect, addArea, mayPlan } = usePlace();
  const { areaId } = useParams();
  const plan = defect && plans.get(defect.id);
  return (
    <div className="work walk">
      <DefectList job={job} plans={plans} stage="walk" current={defect?.id} currentArea={areaId} {...(mayPlan && { onAdd: addDefect, onAddArea: addArea })} />
      {area && (areaId !== undefined || !defect) ? (
        <>
          <AreaPage area={area} />
          <aside className="pane left-rule">
            <h2 style={{ fontSize: 17 }}>Measure once per area</h2>
            <p>{areaTable.why}</p>
          </aside>
        </>
      ) : area && defect && plan ? (
        <DefectPage area={area} defect={defect} plan={plan} />
      ) : (
        <main className="pane sheet">
          <h1>Nothing here yet</h1>
          <p>Begin with an area: a room, a yard, a stair. Then add what you find in it.</p>
          <Button variant="contained" onClick={addArea}>
            Add the first area
          </Button>
        </main>
      )}
    </div>
  );
}
