import { ChevronDown, ChevronUp, TriangleAlert } from 'lucide-react';
import { Fragment, useState } from 'react';
import { Fig, Say } from './Fig.tsx';
import { useTelling } from './telling.tsx';
import { cautionsOn, stepRows, type Caution, type Schedule, type StepRow } from '@oddment/core';

function StepLine({ row: { time, sign, timed, latest, more }, cautions }: { row: StepRow; cautions: readonly Caution[] }) {
  const [open, setOpen] = useState(false);
  const { step } = timed;
  const care = cautionsOn(cautions, step.id);
  return (
    <li className={`step ${sign}`}>
      <time dateTime={timed.start}>{time}</time>
      <div className="sign">
        <span className="clip">{sign === 'window' ? 'window closes' : sign === 'work' ? 'by hand' : 'wait'}</span>
      </div>
      <div className="say">
        <b className="what">
          <Say saying={step.title} />
        </b>
        <p>
          <Say saying={step.detail} />
          {latest === undefined ? null : (
            <>
              ; <span className="late">begin before {latest}</span>
            </>
          )}
        </p>
        {more.length === 0 ? null : (
          <p>
            <b>Then the same in {more.map((m) => `section ${String(m.section)} at ${m.time}`).join(', ')}</b>
          </p>
        )}
        {care.length === 0 ? null : (
          <p className="care-of">
            <TriangleAlert size={13} aria-label="Caution:" /> {care.join(', ')}
          </p>
        )}
        {open ? (
          <p className="look">
            <Say saying={step.look} />
            {step.tools.length === 0 ? '' : ` Tools: ${step.tools.join(', ')}.`}
            {timed.latest ? (
              <>
                {' '}
                If missed: <Say saying={timed.latest.ifMissed} />
              </>
            ) : null}
            {step.kind === 'work' ? (
              <>
                {' '}
                By hand <Fig figure={step.minutes} />.
              </>
            ) : null}
          </p>
        ) : null}
      </div>
      <div className="more">
        <button
          type="button"
          aria-expanded={open}
          aria-label="What to look for, and tools"
          onClick={() => {
            setOpen(!open);
          }}
        >
          {open ? <ChevronUp size={18} aria-hidden="true" /> : <ChevronDown size={18} aria-hidden="true" />}
        </button>
      </div>
    </li>
  );
}

/** The steps in order: solid bar by hand, dots for a wait, an orange bracket for a window that closes. */
export function Steps({ schedule, cautions }: { schedule: Schedule; cautions: readonly Caution[] }) {
  const how = useTelling();
  return (
    <ol aria-label="Steps">
      {stepRows(schedule, how).map((row) => (
        <Fragment key={row.key}>
          {row.day === undefined ? null : <li className="day">{row.day}</li>}
          <StepLine row={row} cautions={cautions} />
        </Fragment>
      ))}
    </ol>
  );
}
