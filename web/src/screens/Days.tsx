import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { chanceWords, clockTime, oftenTooCold, type Aim, type DaysRecord } from '@oddment/core';
import { useMemo, useState } from 'react';
import { DayList } from '../parts/DayList.tsx';
import { DaysLanes } from '../parts/DaysLanes.tsx';
import { put, useAddress } from '../state/address.ts';
import { usePlannedBy } from '../state/editing.ts';
import { useMadeDays } from '../state/madeDays.ts';
import { dayAndTime, dayChoices, dayLanes, doingsOf, type Doing } from '../views/daysView.ts';
import { usePlace } from './JobFrame.tsx';

const aims: readonly (readonly [Aim, string])[] = [
  ['finish', 'Done soonest'],
  ['visits', 'Fewest days'],
  ['date', 'Most room in the windows'],
];

/** What stands behind the plan: what fails and why, ways out, chances, what is not in it. */
function Behind({ record }: { record: DaysRecord }) {
  return (
    <>
      {record.failing.length > 0 ? (
        <div className="halted">
          <h2>Not everything is done</h2>
          {record.failing.map((f) => (
            <p key={f.mark}>
              <b>{f.mark}</b> {f.why}
            </p>
          ))}
          {record.contradiction === undefined ? null : <p>{record.contradiction}</p>}
        </div>
      ) : null}
      {record.ways.length > 0 ? (
        <section aria-labelledby="ways">
          <h2 id="ways">Ways out, each tried</h2>
          <ul className="ways">
            {record.ways.map((w) => (
              <li key={w.id}>
                <b>{w.says}</b>: {w.comes}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      {record.chances ? (
        <section aria-labelledby="chances">
          <h2 id="chances">How sure it is</h2>
          <ul className="ways">
            {record.chances.dates.length > 0 ? (
              <li>
                Dates: the least sure is <b>{record.chances.dates.reduce((a, b) => (b.share < a.share ? b : a)).mark}</b>,{' '}
                {chanceWords[record.chances.dates.reduce((a, b) => (b.share < a.share ? b : a)).chance]}
              </li>
            ) : null}
            {record.chances.weakest === undefined ? (
              <li>No window was missed in {record.chances.runs} tries.</li>
            ) : (
              <li>
                Windows: {chanceWords[record.chances.windows]}; the weakest is {record.chances.weakest}
              </li>
            )}
            <li>
              {record.chances.ninth === undefined ? oftenTooCold : `Nine in ten tries were done by ${dayAndTime(record.chances.ninth, record.timeZone)}.`}
            </li>
          </ul>
        </section>
      ) : null}
      {record.leftOut.length > 0 ? (
        <section aria-labelledby="left-out">
          <h2 id="left-out">Not in these days</h2>
          <ul className="ways">
            {record.leftOut.map((l) => (
              <li key={l.mark}>
                <b>{l.mark}</b> {l.why}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
    </>
  );
}

/** One thing that is done: what, who, why then, and its window. */
function Chosen({ doing, timeZone }: { doing: Doing; timeZone: string }) {
  const at = (moment: string) => clockTime(moment, { timeZone, day: moment });
  const before = [
    [doing.coverMin, 'covering'],
    [doing.walkMin, 'getting there'],
    [doing.setUpMin, 'setting up'],
    [doing.mixMin, 'mixing'],
  ] as const;
  return (
    <section aria-labelledby="chosen">
      <h2 id="chosen">
        {doing.mark}: {doing.title}
      </h2>
      <dl className="facts">
        <dt>Who</dt>
        <dd>{[doing.who, ...doing.beside].join(' and ')}</dd>
        <dt>Where</dt>
        <dd>{doing.place}</dd>
        <dt>Work</dt>
        <dd>
          {at(doing.start)} to {at(doing.end)}
        </dd>
        {before
          .filter(([minutes]) => minutes > 0)
          .map(([minutes, what]) => (
            <div key={what} style={{ display: 'contents' }}>
              <dt>Before it, {what}</dt>
              <dd>{minutes} min</dd>
            </div>
          ))}
        {doing.mix === undefined ? null : (
          <>
            <dt>Mixed</dt>
            <dd>{doing.mix}</dd>
          </>
        )}
        {doing.awayMin > 0 ? (
          <>
            <dt>After it, clearing away</dt>
            <dd>{doing.awayMin} min</dd>
          </>
        ) : null}
        {doing.latest === undefined ? null : (
          <>
            <dt>Begin by</dt>
            <dd className="late">{dayAndTime(doing.latest, timeZone)}</dd>
          </>
        )}
      </dl>
      <p>Why then: {doing.why ?? 'it follows what was done right before'}.</p>
    </section>
  );
}

/** What the days are made for, by when, and how they are shown. */
function Asked({ aim, due, lanesBy, set }: { aim: Aim; due: string; lanesBy: 'repair' | 'person'; set: (name: string, text: string) => void }) {
  return (
    <div className="days-asked">
      <div className="pair" role="group" aria-label="What the days are made for">
        {aims.map(([id, name]) => (
          <button
            key={id}
            type="button"
            className={`plain${id === aim ? ' on' : ''}`}
            aria-pressed={id === aim}
            onClick={() => {
              set('aim', id === 'finish' ? '' : id);
            }}
          >
            {name}
          </button>
        ))}
      </div>
      <label>
        All done by{' '}
        <input
          type="date"
          value={due}
          onChange={(e) => {
            set('due', e.target.value);
          }}
        />
      </label>
      <div className="pair only-desk" role="group" aria-label="Lanes">
        {(['repair', 'person'] as const).map((id) => (
          <button
            key={id}
            type="button"
            className={`plain${id === lanesBy ? ' on' : ''}`}
            aria-pressed={id === lanesBy}
            onClick={() => {
              set('by', id === 'repair' ? '' : id);
            }}
          >
            By {id}
          </button>
        ))}
      </div>
    </div>
  );
}

/** What is promised, and what no plan can do better. */
function Promised({ record, failed }: { record: DaysRecord | undefined; failed: boolean }) {
  if (failed) return <p className="promise">The days could not be made: load the page again. What is planned is not touched by it.</p>;
  if (!record) return <p className="promise">Looking for days</p>;
  if (record.days.length === 0) return <p className="promise">Nothing has a place yet.</p>;
  return (
    <p className="promise">
      Done <b>{dayAndTime(record.doneAt, record.timeZone)}</b>, on {record.visits} {record.visits === 1 ? 'day' : 'days'} of work. {record.bound.says}
    </p>
  );
}

/** Days: who does what when over all repairs of the job. */
export function Days() {
  const { job, units } = usePlace();
  const by = usePlannedBy();
  const [params, change] = useAddress();
  const aim = aims.find(([id]) => id === params.get('aim'))?.[0] ?? 'finish';
  const due = params.get('due') ?? '';
  const lanesBy = params.get('by') === 'person' ? 'person' : 'repair';
  const task = useMemo(
    () => by && { job, rules: by.rules, shelf: by.shelf, aim, units, setup: /^\d{4}-\d\d-\d\d$/.test(due) ? { dates: [{ date: due }] } : {} },
    [job, by, aim, units, due],
  );
  const { record, progress, failed, stop } = useMadeDays(task);
  const [chosen, setChosen] = useState<string>();
  const choices = useMemo(() => (record ? dayChoices(record) : []), [record]);
  const date = choices.find((c) => c.date === params.get('day'))?.date ?? choices[0]?.date ?? '';
  const day = useMemo(() => (record ? dayLanes(record, date, lanesBy) : undefined), [record, date, lanesBy]);
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
          <Promised record={record} failed={failed} />
        </div>
        <Asked aim={aim} due={due} lanesBy={lanesBy} set={set} />
        <div className="days-progress" aria-live="polite">
          {progress ? (
            <>
              <LinearProgress variant="determinate" value={progress.done * 100} aria-label="Search for days" style={{ flex: 1 }} />
              <span className="quiet">
                {progress.what === 'ways' ? 'trying ways out' : `so far ${dayAndTime(progress.doneAt, job.timeZone)}, ${String(progress.visits)} days`}
              </span>
              <Button variant="outlined" size="small" onClick={stop}>
                Stop
              </Button>
            </>
          ) : null}
        </div>
        <div className="day-choice" role="group" aria-label="Day">
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
        {day && record ? (
          <>
            <DaysLanes
              day={day}
              chosen={doing}
              onChoose={(d) => {
                setChosen(`${d.id} ${d.who}`);
              }}
            />
            <p className="quiet legend">Solid: hands are busy, lighter while it is set up. Dots: it waits. Brackets: it has to begin inside.</p>
            <details className="other only-desk">
              <summary>The same as a list</summary>
              <DayList record={record} date={date} />
            </details>
            <div className="only-phone">
              <DayList record={record} date={date} />
            </div>
          </>
        ) : null}
      </main>
      <aside className="pane sheet left-rule" aria-label="Why, and ways out">
        {doing && record ? <Chosen doing={doing} timeZone={record.timeZone} /> : <p className="quiet">Choose a bar: what it is, who does it, why then.</p>}
        {record ? <Behind record={record} /> : null}
      </aside>
    </div>
  );
}
