import Button from '@mui/material/Button';
import { useMemo, useState, type ReactNode } from 'react';
import { ByHand } from '../parts/ByHand.tsx';
import { DayList } from '../parts/DayList.tsx';
import { DaysBehind } from '../parts/DaysBehind.tsx';
import { Asked, Progress, Promised, Trial } from '../parts/DaysHead.tsx';
import { DaysLanes } from '../parts/DaysLanes.tsx';
import { DaysSetupForm } from '../parts/DaysSetupForm.tsx';
import { KeptDays } from '../parts/KeptDays.tsx';
import { DayThing } from '../parts/DayThing.tsx';
import { put, useAddress } from '../state/address.ts';
import { useDaysDesk, type DaysDeskState } from '../state/daysDesk.ts';
import { aims } from '../views/daysAims.ts';
import { allDays, dayChoices, dayLanes, doingsOf, roomBands, type Doing } from '../views/daysView.ts';
import { usePlace } from './JobFrame.tsx';

interface Looked {
  readonly desk: DaysDeskState;
  readonly date: string;
  readonly doing: Doing | undefined;
  readonly lanesBy: 'repair' | 'person';
  readonly onChoose: (doing: Doing) => void;
}

/** A day as lanes and as a list. */
function OneDay({ desk, date, doing, lanesBy, onChoose }: Looked) {
  const { record, made, mayMove, move } = desk;
  const day = useMemo(() => (record ? dayLanes(record, date, lanesBy) : undefined), [record, date, lanesBy]);
  if (!record || !day) return null;
  const onAway = (person: string, late: boolean) => {
    desk.away(date, person, late);
  };
  const bands = doing && made.room?.id === doing.id && made.room.room ? roomBands(day, made.room.room.here) : [];
  return (
    <>
      <DaysLanes day={day} chosen={doing} bands={bands} onChoose={onChoose} {...(mayMove && date !== allDays && { onMove: move })} record={record} />
      <p className="quiet legend">
        Solid: hands are busy, lighter while it is set up. Dots: it waits. Brackets: it has to begin inside. A pin: set by hand.
        {mayMove ? ' Pull a bar, or press Shift with an arrow, to move it.' : ''}
      </p>
      {date === allDays ? null : (
        <>
          <details className="other only-desk">
            <summary>The same as a list</summary>
            <DayList record={record} date={date} {...(mayMove && { onAway })} />
          </details>
          <div className="only-phone">
            <DayList record={record} date={date} {...(mayMove && { onAway })} />
          </div>
        </>
      )}
    </>
  );
}

/** What is told beside a day: of the thing that is chosen, and of the whole. */
function Beside({ desk, doing, children }: Omit<Looked, 'date' | 'lanesBy' | 'onChoose'> & { children: ReactNode }) {
  const { record, made, mayMove, move, letGo, undo, crew } = desk;
  return (
    <aside className="pane sheet left-rule" aria-label="Why, and ways out">
      {undo ? (
        <Button size="small" variant="outlined" onClick={undo}>
          Undo the last change by hand
        </Button>
      ) : null}
      {doing && record ? <DayThing doing={doing} timeZone={record.timeZone} /> : <p className="quiet">Choose a bar: what it is, who does it, why then.</p>}
      {doing && record && mayMove ? <ByHand doing={doing} record={record} crew={crew} made={made} onMove={move} onLetGo={letGo} /> : null}
      {children}
      {record ? <DaysBehind record={record} {...(made.progress === undefined && made.trial === undefined && { onTry: made.tryWay })} /> : null}
    </aside>
  );
}

/** Days: who does what when over all repairs of the job. */
export function Days() {
  const { job, units, mayPlan, edit } = usePlace();
  const [params, change] = useAddress();
  const aim = aims.find(([id]) => id === params.get('aim'))?.[0] ?? 'finish';
  const lanesBy = params.get('by') === 'person' ? 'person' : 'repair';
  const [chosen, setChosen] = useState<string>();
  const [opened, setOpened] = useState(false);
  const [asked, setAsked] = useState<string>();
  const desk = useDaysDesk({ job, units, edit, mayPlan, aim, asked });
  const { record, made, rules, setup, keep } = desk;
  const choices = useMemo(() => (record ? dayChoices(record) : []), [record]);
  const named = params.get('day');
  const date = named === allDays ? allDays : (choices.find((c) => c.date === named)?.date ?? choices[0]?.date ?? '');
  const doing = record && doingsOf(record, date).find((d) => `${d.id} ${d.who}` === chosen);
  const set = (name: string, text: string) => {
    change((next) => {
      put(next, name, text);
    });
  };
  return (
    <div className="work days">
      <main className="pane">
        <div className="title">
          <h1>Days</h1>
          <Promised record={record} failed={made.failed} />
        </div>
        <Asked
          aim={aim}
          lanesBy={lanesBy}
          set={set}
          setup={setup}
          {...(mayPlan && { onSetup: keep })}
          onOpen={() => {
            setOpened(true);
          }}
        />
        <Progress made={made} timeZone={job.timeZone} />
        {made.trial ? <Trial made={made} {...(desk.take && { onTake: desk.take })} /> : null}
        <div className="day-choice" role="group" aria-label="Day">
          {choices.length > 1 ? (
            <button
              type="button"
              className={`plain only-desk${date === allDays ? ' on' : ''}`}
              aria-pressed={date === allDays}
              onClick={() => {
                set('day', allDays);
              }}
            >
              All days
              <small>side by side</small>
            </button>
          ) : null}
          {choices.map((c) => (
            <button
              key={c.date}
              type="button"
              className={`plain${c.date === date ? ' on' : ''}`}
              aria-pressed={c.date === date}
              onClick={() => {
                set('day', c.date);
              }}
            >
              {c.name}
              <small>{c.hours} h by hand</small>
            </button>
          ))}
        </div>
        <OneDay
          desk={desk}
          date={date}
          doing={doing}
          lanesBy={lanesBy}
          onChoose={(d) => {
            setChosen(`${d.id} ${d.who}`);
            setAsked(d.id);
          }}
        />
      </main>
      <Beside desk={desk} doing={doing}>
        <KeptDays job={job} aim={aim} made={made} mayPlan={mayPlan} date={date} />
      </Beside>
      {opened && rules ? (
        <DaysSetupForm
          job={job}
          rules={rules}
          setup={setup}
          onKeep={(next) => {
            setOpened(false);
            keep(next);
          }}
          onClose={() => {
            setOpened(false);
          }}
        />
      ) : null}
    </div>
  );
}
