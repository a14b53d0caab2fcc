import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import type { JobRecord } from '@oddment/contracts';
import {
  hoursOfDaysProblems,
  hoursWords,
  personName,
  things,
  usualHours,
  usualThings,
  weekdays,
  type DaysSetup,
  type HouseRules,
  type ThingId,
  type WorkingHours,
} from '@oddment/core';
import { useId, useState } from 'react';
import { Dates, OnDates, Part, Times } from './DaysSetupFields.tsx';
import { WayThere } from './WayThere.tsx';
import { areaOf, dueOf, notBeforeOf, personOf, withArea, withDue, withNotBefore, withPerson, withThing } from '../views/daysSetup.ts';

interface Setting {
  readonly job: JobRecord;
  readonly rules: HouseRules;
  readonly setup: DaysSetup;
  readonly onSetup: (setup: DaysSetup) => void;
}

/** The hours of this job, where they are not those of the firm. */
function JobHours({ rules, setup, onSetup }: Setting) {
  const firm = rules.hours ?? usualHours;
  const { hours: own, ...rest } = setup;
  const now = own ?? firm;
  const put = (next: WorkingHours | undefined) => {
    onSetup(next ? { ...rest, hours: next } : rest);
  };
  return (
    <Part title="Hours" said={own ? `of this job: ${hoursWords(own)}` : `as the firm: ${hoursWords(firm)}`} open={own !== undefined}>
      <div className="setting" role="group" aria-label="Hours of this job">
        <Times
          key={own ? 'own' : 'firm'}
          label="Worked"
          value={now}
          onValue={(hours) => {
            if (hours) put({ ...now, ...hours });
          }}
        />
        {weekdays.map((name, i) => (
          <label key={name}>
            <input
              type="checkbox"
              checked={now.days.includes(i + 1)}
              onChange={(e) => {
                put({ ...now, days: e.target.checked ? [...now.days, i + 1].sort((a, b) => a - b) : now.days.filter((d) => d !== i + 1) });
              }}
            />{' '}
            {name.slice(0, 3)}
          </label>
        ))}
        {own ? (
          <button
            type="button"
            className="plain"
            onClick={() => {
              put(undefined);
            }}
          >
            As the firm
          </button>
        ) : null}
      </div>
    </Part>
  );
}

function PeopleDays({ job, rules, setup, onSetup }: Setting) {
  return (
    <Part title="People" said={`usual: ${hoursWords(setup.hours ?? rules.hours ?? usualHours)}`} open>
      {job.crew.map((p, i) => {
        const now = personOf(setup, p.id);
        const name = personName(job.crew, i);
        return (
          <div className="setting" key={p.id} role="group" aria-label={name}>
            <b>{name}</b>
            <Dates
              label="Day off"
              dates={now.off ?? []}
              onDates={(off) => {
                onSetup(withPerson(setup, { ...now, off }));
              }}
            />
            {(['on', 'away'] as const).map((what) => (
              <OnDates
                key={what}
                label={what === 'on' ? 'Other hours' : 'Away'}
                list={now[what] ?? []}
                onList={(list) => {
                  onSetup(withPerson(setup, { ...now, [what]: list }));
                }}
              />
            ))}
          </div>
        );
      })}
    </Part>
  );
}

function ThingCounts({ job, setup, onSetup }: Setting) {
  const usual = usualThings(job.crew.length);
  return (
    <Part title="Things" said="usual: one of what is large, one each of what everybody carries">
      <div className="setting things">
        {(Object.keys(usual) as ThingId[]).map((id) => (
          <label key={id}>
            {things[id].title}{' '}
            <input
              type="number"
              min={0}
              max={50}
              value={setup.things?.[id] ?? ''}
              placeholder={String(usual[id] ?? 1)}
              onChange={(e) => {
                const count = Math.round(Number(e.target.value));
                onSetup(withThing(setup, id, e.target.value === '' ? undefined : Math.min(50, Math.max(0, count))));
              }}
            />
          </label>
        ))}
      </div>
    </Part>
  );
}

function AreaAccess({ job, setup, onSetup }: Setting) {
  return (
    <Part title="Areas" said="usual: open whenever anybody works, no rain known" open={(setup.areas ?? []).length > 0}>
      {job.areas.map((a) => {
        const now = areaOf(setup, a.id);
        const put = (patch: Parameters<typeof withArea>[2]) => {
          onSetup(withArea(setup, a.id, patch));
        };
        return (
          <div className="setting" key={a.id} role="group" aria-label={a.name}>
            <b>{a.name}</b>
            <Times
              label="Open"
              value={now.open}
              onValue={(open) => {
                put({ open });
              }}
            />
            <Times
              label="No noise or dust"
              value={now.quiet}
              onValue={(quiet) => {
                put({ quiet });
              }}
            />
            <WayThere areas={job.areas} area={a.id} now={now} onPut={put} />
            <Dates
              label="Shut on"
              dates={now.shut ?? []}
              onDates={(shut) => {
                put({ shut });
              }}
            />
            <OnDates
              label="Rain"
              list={now.rain ?? []}
              onList={(rain) => {
                put({ rain });
              }}
            />
          </div>
        );
      })}
    </Part>
  );
}

function RepairDates({ job, setup, onSetup }: Setting) {
  const defects = job.areas.flatMap((a) => a.defects.map((d) => ({ d, area: a.name })));
  return (
    <Part title="Dates of single repairs" said="usual: none; who releases something names from when" open={defects.some(({ d }) => dueOf(setup, d.id) !== '')}>
      <table className="mixtable">
        <thead>
          <tr>
            <th scope="col">Repair</th>
            <th scope="col">Not before</th>
            <th scope="col">Done by</th>
          </tr>
        </thead>
        <tbody>
          {defects.map(({ d, area }) => (
            <tr key={d.id}>
              <td>
                <b>{d.mark}</b> {area}
              </td>
              <td>
                <input
                  type="date"
                  aria-label={`${d.mark} not before`}
                  value={notBeforeOf(setup, d.id)}
                  onChange={(e) => {
                    onSetup(withNotBefore(setup, d.id, e.target.value));
                  }}
                />
              </td>
              <td>
                <input
                  type="date"
                  aria-label={`${d.mark} done by`}
                  value={dueOf(setup, d.id)}
                  onChange={(e) => {
                    onSetup(withDue(setup, d.id, e.target.value));
                  }}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Part>
  );
}

/** What the days of a job are made by: who is there when, what there is of things, when areas are open, dates. What is left empty is as usual, and says what that is. */
export function DaysSetupForm({ job, rules, setup, onKeep, onClose }: Omit<Setting, 'onSetup'> & { onKeep: (setup: DaysSetup) => void; onClose: () => void }) {
  const [typed, setTyped] = useState(setup);
  const [asked, setAsked] = useState(false);
  const title = useId();
  const [problem] = hoursOfDaysProblems(typed);
  const setting = { job, rules, setup: typed, onSetup: setTyped };
  return (
    <Dialog open onClose={onClose} aria-labelledby={title} fullWidth maxWidth="md">
      <form
        className="days-setup"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          setAsked(true);
          if (!problem) onKeep(typed);
        }}
      >
        <h2 id={title}>What these days are made by</h2>
        <JobHours {...setting} />
        <PeopleDays {...setting} />
        <AreaAccess {...setting} />
        <ThingCounts {...setting} />
        <RepairDates {...setting} />
        {asked && problem ? (
          <p className="grade out" role="alert">
            {problem.message}
          </p>
        ) : null}
        <div className="setting">
          <Button type="submit" variant="contained">
            Make the days
          </Button>
          <Button variant="outlined" onClick={onClose}>
            Leave it
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
