import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { insteadOf, type Aim, type DaysRecord, type DaysSetup } from '@oddment/core';
import type { MadeDays } from '../state/madeDays.ts';
import { aims, putOffId } from '../views/daysAims.ts';
import { dueOf, saidWords, withDue } from '../views/daysSetup.ts';
import { dayAndTime, zooms } from '../views/daysView.ts';

interface AskedProps {
  readonly aim: Aim;
  readonly lanesBy: 'repair' | 'person';
  readonly zoom: number;
  readonly set: (name: string, text: string) => void;
  readonly setup: DaysSetup;
  /** absent for who may not plan */
  readonly onSetup?: (setup: DaysSetup) => void;
  readonly onOpen: () => void;
}

/** What the days are made for, by when, and how they are shown. */
export function Asked({ aim, lanesBy, zoom, set, setup, onSetup, onOpen }: AskedProps) {
  const said = saidWords(setup);
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
        <input type="date" value={dueOf(setup, undefined)} disabled={!onSetup} onChange={(e) => onSetup?.(withDue(setup, undefined, e.target.value))} />
      </label>
      {onSetup ? (
        <Button size="small" variant="outlined" onClick={onOpen}>
          People, access, dates{said === '' ? ': all as usual' : `: ${said}`}
        </Button>
      ) : null}
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
      <div className="pair only-desk" role="group" aria-label="How wide">
        {zooms.map((n) => (
          <button
            key={n}
            type="button"
            className={`plain${n === zoom ? ' on' : ''}`}
            aria-pressed={n === zoom}
            onClick={() => {
              set('zoom', n === 1 ? '' : String(n));
            }}
          >
            {n === 1 ? 'To fit' : `${String(n)} times as wide`}
          </button>
        ))}
      </div>
    </div>
  );
}

/** What is promised, and what no plan can do better. */
export function Promised({ record, failed }: { record: DaysRecord | undefined; failed: boolean }) {
  if (failed) return <p className="promise">The days could not be made: load the page again. What is planned is not touched by it.</p>;
  if (!record) return <p className="promise">Looking for days</p>;
  if (record.days.length === 0) return <p className="promise">Nothing has a place yet.</p>;
  return (
    <p className="promise">
      Done <b>{dayAndTime(record.doneAt, record.timeZone)}</b>, on {record.visits} {record.visits === 1 ? 'day' : 'days'} of work. {record.bound.says}
    </p>
  );
}

/** How far a search is, with a way to stop it. */
export function Progress({ made, timeZone }: { made: MadeDays; timeZone: string }) {
  const { progress } = made;
  return (
    <div className="days-progress" aria-live="polite">
      {progress ? (
        <>
          <LinearProgress variant="determinate" value={progress.done * 100} aria-label="Search for days" style={{ flex: 1 }} />
          <span className="quiet">
            {progress.what === 'ways' ? 'trying ways out' : `so far ${dayAndTime(progress.doneAt, timeZone)}, ${String(progress.visits)} days`}
          </span>
          <Button variant="outlined" size="small" onClick={made.stop}>
            Stop
          </Button>
        </>
      ) : null}
    </div>
  );
}

/** The days of a way out that is looked at. */
export function Trial({ made, date, onTake }: { made: MadeDays; date: string; onTake?: () => void }) {
  const instead = made.record && made.trial?.id === putOffId ? insteadOf(made.record, made.trial.record, date) : [];
  return (
    <div className="tried-days" role="status">
      <p>
        Tried: <b>{made.trial?.says}</b>, done {made.trial ? dayAndTime(made.trial.record.doneAt, made.trial.record.timeZone) : ''}. Nothing is changed by
        looking.
        {instead.length > 0 ? ` Instead that day: ${instead.join('; ')}.` : ''}
      </p>
      <Button size="small" variant="outlined" onClick={made.leaveTrial}>
        Back to the days as they are
      </Button>
      {onTake ? (
        <Button size="small" variant="contained" onClick={onTake}>
          Take it
        </Button>
      ) : null}
    </div>
  );
}
