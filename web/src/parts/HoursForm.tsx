import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { hoursProblems, usualHours, weekdays, type WorkingHours } from '@oddment/core';
import { useState } from 'react';

/** When the firm works: what is typed is kept once it can be, and says what is wrong with it until then. */
export function HoursForm({ hours, onHours }: { hours: WorkingHours | undefined; onHours: (hours: WorkingHours | undefined) => void }) {
  const [typed, setTyped] = useState<WorkingHours>(hours ?? usualHours);
  const [asked, setAsked] = useState(false);
  const [problem] = hoursProblems(typed);
  const time = (label: string, value: string, put: (value: string) => WorkingHours) => (
    <TextField
      size="small"
      type="time"
      label={label}
      value={value}
      onChange={(event) => {
        setTyped(put(event.target.value));
      }}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
  const pause = typed.pause ?? { from: '', to: '' };
  const withPause = (next: { from: string; to: string }): WorkingHours => {
    const { pause: _before, ...rest } = typed;
    return next.from === '' && next.to === '' ? rest : { ...rest, pause: next };
  };
  return (
    <form
      className="rates"
      style={{ gridTemplateColumns: '1fr 1fr' }}
      aria-label="Working hours"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        setAsked(true);
        if (problem === undefined) onHours(typed);
      }}
    >
      {time('From', typed.from, (from) => ({ ...typed, from }))}
      {time('To', typed.to, (to) => ({ ...typed, to }))}
      {time('Break from', pause.from, (from) => withPause({ ...pause, from }))}
      {time('Break to', pause.to, (to) => withPause({ ...pause, to }))}
      <div className="choices" style={{ gridColumn: '1 / -1' }} role="group" aria-label="Days that are worked">
        {weekdays.map((name, i) => {
          const on = typed.days.includes(i + 1);
          return (
            <button
              key={name}
              type="button"
              className={`plain${on ? ' on' : ''}`}
              aria-pressed={on}
              aria-label={name}
              onClick={() => {
                setTyped({ ...typed, days: on ? typed.days.filter((d) => d !== i + 1) : [...typed.days, i + 1].sort((a, b) => a - b) });
              }}
            >
              {name.slice(0, 3)}
            </button>
          );
        })}
      </div>
      {asked && problem !== undefined ? (
        <p className="grade out" role="alert" style={{ gridColumn: '1 / -1', margin: 0 }}>
          {problem}
        </p>
      ) : null}
      <Button type="submit" variant="contained" style={{ gridColumn: '1 / -1' }}>
        Set the hours
      </Button>
      {hours ? (
        <Button
          variant="outlined"
          style={{ gridColumn: '1 / -1' }}
          onClick={() => {
            setTyped(usualHours);
            onHours(undefined);
          }}
        >
          Back to the usual hours
        </Button>
      ) : null}
    </form>
  );
}
