import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { AreaRecord, DefectRecord } from '@oddment/contracts';
import {
  answersOf,
  areaTable,
  kindOf,
  ownSizes,
  relevantAsks,
  type LooseFacts,
  type RepairPlan,
  senseArea,
  senseDefect,
  show,
  usualOf,
  withUsual,
} from '@oddment/core';
import { useEffect, useMemo } from 'react';
import { Link, useLocation, useParams } from 'react-router';

import { Conditions } from '../parts/Conditions.tsx';
import { DefectList } from '../parts/DefectList.tsx';
import { Doubts, Live } from '../parts/Live.tsx';
import { AreaPlans } from '../parts/AreaPlans.tsx';
import { WhereItLies } from '../parts/WhereItLies.tsx';
import { ReachedThrough } from '../parts/ReachedThrough.tsx';
import { Photos } from '../parts/Photos.tsx';
import { Questions } from '../parts/Questions.tsx';
import { pageNow } from '../state/clock.ts';
import { OfRecord } from '../parts/OfRecord.tsx';
import { useRemove } from '../state/removing.ts';
import { modelFor } from '../views/modelFor.ts';
import { atItsSizes } from '../parts/adding.tsx';
import { TakeAsUsual, UsualAnswers } from '../parts/UsualAnswers.tsx';
import { useStable } from '../parts/stable.ts';
import { useNarrow } from '../parts/narrow.ts';
import { TakePhoto, Thumb } from '../parts/Thumb.tsx';
import { useMayRecord } from '../state/editing.ts';
import { usePlace } from './JobFrame.tsx';

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
          <OfRecord jobId={job.id} id={area.id} words="Delete the area" mayDelete={mayPlan} onDelete={() => remove('area', area, area.name)} />
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
          whole
          onFacts={(facts) => {
            edit.area(area, { facts });
          }}
        />
        <ReachedThrough area={area} />
        <Doubts sense={sense} confirmed={[]} />
      </fieldset>
      <AreaPlans key={`plans/${area.id}`} area={area} />
      <fieldset className="may" disabled={!mayPlan}>
        <UsualAnswers
          key={`usual/${area.id}`}
          area={area}
          onUsual={(usual) => {
            edit.area(area, { usual });
          }}
        />
        {mayPlan ? (
          <Thumb>
            <Button
              variant="contained"
              onClick={() => {
                addDefect(area.id);
              }}
            >
              Add what you find here<kbd>A</kbd>
            </Button>
          </Thumb>
        ) : null}
      </fieldset>
    </main>
  );
}

/** Puts the hand at the first size of a repair that was opened to be measured. */
function useFirstSize({ id, kind, facts }: Pick<DefectRecord, 'id' | 'kind' | 'facts'>): void {
  const { state } = useLocation() as { readonly state: unknown };
  const wanted = typeof state === 'object' && state !== null && 'focus' in state && state.focus === atItsSizes.focus;
  const first = ownSizes(kind, facts)[0]?.field;
  useEffect(() => {
    if (wanted && first !== undefined) document.querySelector<HTMLElement>(`[data-field="${first}"] input, [data-field="${first}"] button`)?.focus();
    // once for each repair: what is typed then moves the hand by itself
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id, wanted]);
}

function DefectPage({ area, defect, plan }: { area: AreaRecord; defect: DefectRecord; plan: RepairPlan }) {
  const { job, edit, units, mayPlan, addDefect, addLike } = usePlace();
  const mayRecord = useMayRecord();
  const narrow = useNarrow();
  const remove = useRemove();
  const table = kindOf(defect.kind);
  // the questions go with the hand, what comes of the answers when it rests
  const held = useMemo(() => withUsual(area, defect), [area, defect]);
  const sense = useMemo(() => senseDefect(held.kind, held.facts), [held.kind, held.facts]);
  const asks = useMemo(() => relevantAsks(kindOf(plan.defect.kind), plan.defect.facts), [plan]);
  const act = useStable({
    traced: (facts: LooseFacts) => {
      edit.defect(defect, { facts: { ...defect.facts, ...facts } });
    },
    confirm: (id: string) => {
      edit.defect(defect, { confirmed: [...defect.confirmed, id] });
    },
  });
  const { airC, slabC, humidityPct, place } = area.facts;
  const model = modelFor(job, defect);
  const missing = sense.missing.length;
  useFirstSize(held);
  const next = (
    <Button
      size="small"
      variant="outlined"
      title="The next one here, with all these answers but the sizes"
      onClick={() => {
        addLike(defect);
      }}
    >
      Next as this<kbd>L</kbd>
    </Button>
  );
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
            {missing === 0 ? null : <span className="grade care">{missing === 1 ? 'one still to answer' : `${String(missing)} still to answer`}</span>}
            <span className="push" />
            {narrow || !mayPlan ? null : next}
            <OfRecord jobId={job.id} id={defect.id} words="Delete" mayDelete={mayPlan} onDelete={() => remove('defect', defect, defect.mark)} />
          </div>
          {model ? (
            <p className="offer">
              {model.mark} is of this kind too.{' '}
              <button
                type="button"
                className="link"
                onClick={() => {
                  edit.defect(defect, { facts: answersOf(model, pageNow()) });
                }}
              >
                Take its answers
              </button>{' '}
              <span className="quiet">all but its sizes and what is about safety, which is asked of each</span>
            </p>
          ) : null}
          <Questions
            key={defect.id}
            id={defect.id}
            table={table}
            facts={defect.facts}
            held={held.facts}
            sense={sense}
            onFacts={(facts) => {
              edit.defect(defect, { facts });
            }}
          />
          {mayPlan ? (
            <TakeAsUsual
              area={area}
              kind={defect.kind}
              offered={usualOf(held, pageNow())}
              onTake={() => {
                edit.area(area, { usual: { ...area.usual, [defect.kind]: usualOf(held, pageNow()) } });
              }}
            />
          ) : null}
          <div style={{ display: 'grid', gridTemplateColumns: '110px 1fr', gap: 10, marginTop: 10 }}>
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
        {narrow && mayRecord ? (
          <Thumb>
            <TakePhoto defectId={defect.id} />
            {mayPlan ? (
              <>
                <Button
                  variant="outlined"
                  onClick={() => {
                    addDefect(area.id);
                  }}
                >
                  Another kind
                </Button>
                {next}
              </>
            ) : null}
          </Thumb>
        ) : null}
        <WhereItLies key={`where/${defect.id}`} area={area} defect={defect} />
        <Photos defectId={defect.id} saved={defect.version > 0} asks={asks} onFacts={act.traced} />
      </main>
      <aside className="pane left-rule" aria-label="What it comes to">
        <Live plan={plan} confirmed={defect.confirmed} onConfirm={act.confirm} />
      </aside>
    </>
  );
}

/** Walk: areas and defects, the questions of one, and what the answers come to. */
export function Walk() {
  const { atRest, plans, area, defect, addDefect, addArea, typeSeveral, mayPlan } = usePlace();
  const { areaId } = useParams();
  const plan = defect && plans.get(defect.id);
  return (
    <div className="work walk">
      <DefectList
        job={atRest}
        plans={plans}
        stage="walk"
        current={defect?.id}
        currentArea={areaId}
        {...(mayPlan && { onAdd: addDefect, onAddArea: addArea, onSeveral: typeSeveral })}
      />
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
