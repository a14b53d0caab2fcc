import Button from '@mui/material/Button';
import { dateAfter, isOutside, rainOn, siteDateTime, type DaysRecord, type UnitSystem } from '@oddment/core';
import { useMemo, useState, type ReactNode } from 'react';
import { ByHand } from '../parts/ByHand.tsx';
import { DayList } from '../parts/DayList.tsx';
import { DaysBehind } from '../parts/DaysBehind.tsx';
import { Asked, Progress, Promised, Trial } from '../parts/DaysHead.tsx';
import { DaysLanes } from '../parts/DaysLanes.tsx';
import { DaysSetupForm } from '../parts/DaysSetupForm.tsx';
import { KeptDays } from '../parts/KeptDays.tsx';
import { DayThing } from '../parts/DayThing.tsx';
import { OverNight } from '../parts/OverNight.tsx';
import { WeatherCallOf } from '../parts/WeatherCall.tsx';
import { put, useAddress } from '../state/address.ts';
import { useDaysDesk, type DaysDeskState } from '../state/daysDesk.ts';
import { pageNow } from '../state/clock.ts';
import { useForecast, type Forecast } from '../state/forecast.ts';
import { aims } from '../views/daysAims.ts';
import { withForecast, withRain, withWets } from '../views/daysSetup.ts';
import { weatherCells } from '../views/daysWeather.ts';
import { allDays, dayChoices, dayLanes, doingsOf, nowAt, roomBands, zooms, type Doing } from '../views/daysView.ts';
import { usePlace } from './JobFrame.tsx';

interface Looked {
  readonly desk: DaysDeskState;
  readonly date: string;
  readonly doing: Doing | undefined;
  readonly lanesBy: 'repair' | 'person';
  readonly zoom: number;
  readonly forecast: Forecast;
  readonly units: UnitSystem;
  readonly onChoose: (doing: Doing) => void;
}

/** A day as lanes and as a list. */
function OneDay({ desk, date, doing, lanesBy, zoom, forecast, units, onChoose }: Looked) {
  const { record, made, mayMove, move } = desk;
  const day = useMemo(() => (record ? dayLanes(record, date, lanesBy, zoom) : undefined), [record, date, lanesBy, zoom]);
  const weather = useMemo(
    () => (record && day && forecast.record ? weatherCells(day, record, forecast.record, units) : []),
    [day, record, forecast.record, units],
  );
  if (!record || !day) return null;
  const now = nowAt(day, pageNow());
  const onAway = (person: string, late: boolean) => {
    desk.away(date, person, late);
  };
  const bands = doing && made.room?.id === doing.id && made.room.room ? roomBands(day, made.room.room.here) : [];
  return (
    <>
      <DaysLanes
        day={day}
        chosen={doing}
        bands={bands}
        zoom={zoom}
        onChoose={onChoose}
        {...(mayMove && { onMove: move })}
        {...(now !== undefined && { now })}
        {...(weather.length > 0 && { weather })}
        record={record}
      />
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
function Beside({ desk, doing, children }: Pick<Looked, 'desk' | 'doing'> & { children: ReactNode }) {
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
      {record ? (
        <DaysBehind record={record} tries={made.tries} {...(made.progress === undefined && made.trial === undefined && { onTry: made.tryWay })} />
      ) : null}
      {children}
    </aside>
  );
}

interface OfDayProps extends Pick<Looked, 'desk' | 'date' | 'forecast'> {
  readonly record: DaysRecord;
  /** areas that are outside, by id */
  readonly outside: readonly string[];
}

/** What is told of one day beside it: the weather call, and its end. */
function OfDay({ desk, record, date, forecast, outside }: OfDayProps) {
  const { job, units, mayPlan } = usePlace();
  const { setup, keep, change, made } = desk;
  return (
    <>
      {outside.length === 0 ? null : (
        <WeatherCallOf
          record={record}
          date={date}
          forecast={forecast}
          place={setup.forecast}
          units={units}
          {...(mayPlan && {
            onPlace: (place: string) => {
              keep(withForecast(setup, place));
            },
            onRain: () => {
              if (!forecast.record) return;
              const rain = rainOn(forecast.record, job.timeZone);
              const last = new Date(Date.parse(forecast.record.startAt) + forecast.record.endMin * 60_000).toISOString();
              change(withRain(setup, outside, rain, siteDateTime(last, job.timeZone).date));
            },
          })}
          {...(desk.mayMove && {
            onInstead: (ids: readonly string[]) => {
              made.tryPutOff(ids, dateAfter(date, 1));
            },
          })}
        />
      )}
      <OverNight
        record={record}
        date={date}
        units={units}
        crew={job.crew}
        {...(mayPlan && {
          onWets: (defect: string, on: string, person: string) => {
            change(withWets(setup, defect, on, person));
          },
        })}
      />
    </>
  );
}

/** What stands in the address of the days. */
function shownBy(params: URLSearchParams) {
  return {
    aim: aims.find(([id]) => id === params.get('aim'))?.[0] ?? 'finish',
    lanesBy: params.get('by') === 'person' ? 'person' : 'repair',
    zoom: zooms.find((n) => String(n) === params.get('zoom')) ?? 1,
    named: params.get('day'),
  } as const;
}

/** Days: who does what when over all repairs of the job. */
export function Days() {
  const { job, units, mayPlan, edit } = usePlace();
  const [params, change] = useAddress();
  const { aim, lanesBy, zoom, named } = shownBy(params);
  const [chosen, setChosen] = useState<string>();
  const [opened, setOpened] = useState(false);
  const [asked, setAsked] = useState<string>();
  const outside = job.areas.filter((a) => isOutside(a) && a.defects.length > 0).map((a) => a.id);
  const desk = useDaysDesk({ job, units, edit, mayPlan, aim, asked });
  const forecast = useForecast(desk.setup.forecast, { skip: outside.length === 0 });
  const { record, made, rules, setup, keep } = desk;
  const choices = useMemo(() => (record ? dayChoices(record) : []), [record]);
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
          zoom={zoom}
          set={set}
          setup={setup}
          {...(mayPlan && { onSetup: keep })}
          onOpen={() => {
            setOpened(true);
          }}
        />
        <Progress made={made} timeZone={job.timeZone} />
        {made.trial ? <Trial made={made} date={date} {...(desk.take && { onTake: desk.take })} /> : null}
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
          zoom={zoom}
          forecast={forecast}
          units={units}
          onChoose={(d) => {
            setChosen(`${d.id} ${d.who}`);
            setAsked(d.id);
          }}
        />
      </main>
      <Beside desk={desk} doing={doing}>
        {record && date !== allDays ? <OfDay desk={desk} record={record} date={date} forecast={forecast} outside={outside} /> : null}
        <KeptDays job={job} aim={aim} made={made} mayPlan={mayPlan} date={date} setup={setup} onSetup={desk.change} />
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
