import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import { beforeNow, dateName, goneOn, toldOf, type Behind, type DaysRecord, type DaysSetup } from '@oddment/core';
import { useId, useState } from 'react';
import { dayAndTime } from '../views/daysView.ts';

interface GoOnProps {
  /** the days that were kept: what they say of the time before now is offered as done */
  readonly kept: DaysRecord;
  readonly setup: DaysSetup;
  readonly now: string;
  readonly onSetup: (setup: DaysSetup) => void;
}

/** One thing that lies behind now: whether it is done, and its real times. */
function Row({ one, timeZone, onOne }: { one: Behind; timeZone: string; onOne: (one: Behind) => void }) {
  return (
    <tr>
      <td>
        <label>
          <input
            type="checkbox"
            checked={one.done}
            onChange={(e) => {
              onOne({ ...one, done: e.target.checked });
            }}
          />{' '}
          <b>{one.mark}</b> {one.title}
        </label>
      </td>
      <td>{dayAndTime(one.start, timeZone)}</td>
      <td className="by-hand">
        {(['from', 'to'] as const).map((end) => (
          <input
            key={end}
            type="time"
            aria-label={`${one.mark} ${one.title}, ${end === 'from' ? 'begun' : 'done'}`}
            value={one[end]}
            disabled={!one.done}
            onChange={(e) => {
              if (e.target.value !== '') onOne({ ...one, [end]: e.target.value });
            }}
          />
        ))}
      </td>
    </tr>
  );
}

function Done({ kept, setup, now, onSetup, onClose }: GoOnProps & { onClose: () => void }) {
  const [list, setList] = useState(() => beforeNow(kept, setup, now));
  const title = useId();
  const count = list.filter((o) => o.done).length;
  const wrong = list.find((o) => o.done && o.toDate === o.date && o.to <= o.from);
  return (
    <Dialog open maxWidth="md" fullWidth onClose={onClose} aria-labelledby={title}>
      <form
        className="days-setup"
        onSubmit={(e) => {
          e.preventDefault();
          if (!wrong) {
            onSetup(goneOn(setup, list, now, kept.timeZone));
            onClose();
          }
        }}
      >
        <h2 id={title}>What is done so far</h2>
        <p className="quiet">
          What is ticked stays as it was, with its real times; all else is planned anew from {dayAndTime(now, kept.timeZone)} on. Nothing else that was set by
          hand is lost.
        </p>
        {list.length === 0 ? (
          <p>Nothing of the kept days lies before now: all of it is planned anew from now on.</p>
        ) : (
          <table className="mixtable">
            <thead>
              <tr>
                <th scope="col">Done</th>
                <th scope="col">As planned</th>
                <th scope="col">Begun, and done</th>
              </tr>
            </thead>
            <tbody>
              {list.map((one) => (
                <Row
                  key={one.id}
                  one={one}
                  timeZone={kept.timeZone}
                  onOne={(next) => {
                    setList(toldOf(list, next));
                  }}
                />
              ))}
            </tbody>
          </table>
        )}
        {wrong ? (
          <p className="grade out" role="alert">
            {wrong.mark} {wrong.title} is done at {wrong.to}, which is not after {wrong.from}.
          </p>
        ) : null}
        <p className="by-hand">
          <Button type="submit" variant="contained" disabled={wrong !== undefined}>
            {count === 0 ? 'Plan anew from now' : `Plan anew, ${count === 1 ? 'one' : String(count)} done`}
          </Button>
          <Button variant="outlined" onClick={onClose}>
            Leave it
          </Button>
        </p>
      </form>
    </Dialog>
  );
}

/** A new plan from now on that keeps what is done. */
export function GoOn(props: GoOnProps) {
  const { setup, kept, onSetup } = props;
  const [open, setOpen] = useState(false);
  const count = setup.done?.length ?? 0;
  return (
    <>
      <p className="by-hand">
        <Button
          size="small"
          variant="outlined"
          onClick={() => {
            setOpen(true);
          }}
        >
          Go on from now
        </Button>
        {setup.from ? (
          <>
            <span className="quiet">
              planned from {dateName(setup.from.date)}, {setup.from.time} on, {count === 1 ? 'one thing' : `${String(count)} things`} done
            </span>
            <button
              type="button"
              className="link"
              onClick={() => {
                const { from: _from, done: _done, ...rest } = setup;
                onSetup(rest);
              }}
            >
              Plan from the start again
            </button>
          </>
        ) : null}
      </p>
      {open ? (
        <Done
          {...props}
          now={props.now}
          kept={kept}
          onClose={() => {
            setOpen(false);
          }}
        />
      ) : null}
    </>
  );
}
