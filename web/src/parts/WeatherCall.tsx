import Button from '@mui/material/Button';
import { clockTime, dayName, goWords, groundWhy, tell, weatherCall, type DaysRecord, type RepairCall, type UnitSystem } from '@oddment/core';
import { useMemo } from 'react';
import type { Forecast } from '../state/forecast.ts';

const grades: Readonly<Record<RepairCall['go'], string>> = { go: 'fits', no: 'out', unknown: 'care' };

/** The repairs outside of a day, each with the call and why. */
export function Calls({ calls, timeZone, units, day }: { calls: readonly RepairCall[]; timeZone: string; units: UnitSystem; day: string }) {
  const how = { units, timeZone, day };
  return (
    <ul className="ways calls">
      {calls.map((c) => (
        <li key={c.mark}>
          <b>{c.mark}</b> {c.place}: <span className={`grade ${grades[c.go]}`}>{goWords[c.go]}</span>
          {c.why.slice(0, 1).map((w) => (
            <div key={tell(w, how)}>{tell(w, how)}</div>
          ))}
          {c.why.length > 1 ? (
            <details className="other">
              <summary>{c.why.length - 1} more</summary>
              {c.why.slice(1).map((w) => (
                <div key={tell(w, how)}>{tell(w, how)}</div>
              ))}
            </details>
          ) : null}
        </li>
      ))}
    </ul>
  );
}

interface CallProps {
  readonly record: DaysRecord;
  readonly date: string;
  readonly forecast: Forecast;
  readonly place: string | undefined;
  readonly units: UnitSystem;
  /** absent for who may not plan */
  readonly onPlace?: (place: string) => void;
  /** the forecast's rain is taken for everything outside */
  readonly onRain?: () => void;
  /** days without what the weather forbids are looked at */
  readonly onInstead?: (ids: readonly string[]) => void;
}

/** Go or no-go for what is placed outside on a day. */
export function WeatherCallOf({ record, date, forecast, place, units, onPlace, onRain, onInstead }: CallProps) {
  const calls = useMemo(() => (forecast.record ? weatherCall(record, forecast.record, date) : []), [record, forecast.record, date]);
  const forbidden = calls.flatMap((c) => c.forbidden);
  const named = record.days.find((d) => d.date === date)?.people[0]?.blocks[0]?.from;
  if (forecast.places.length === 0 && place === undefined) return null;
  return (
    <section aria-labelledby="weather-call" className="hand">
      <h2 id="weather-call">Weather{named === undefined ? '' : `, ${dayName(named, record.timeZone)}`}</h2>
      <p className="by-hand">
        <label>
          Forecast of{' '}
          <select
            value={place ?? ''}
            disabled={!onPlace}
            onChange={(e) => {
              onPlace?.(e.target.value);
            }}
          >
            <option value="">no place chosen</option>
            {forecast.places.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </select>
        </label>
      </p>
      {place === undefined ? (
        <p className="quiet">With a place, what is placed outside has a go or a no-go for each day.</p>
      ) : forecast.record ? (
        <>
          {calls.length === 0 ? (
            <p className="quiet">Nothing is placed outside this day.</p>
          ) : (
            <Calls calls={calls} timeZone={record.timeZone} units={units} day={named ?? record.startAt} />
          )}
          {forbidden.length > 0 && onInstead ? (
            <Button
              size="small"
              variant="outlined"
              onClick={() => {
                onInstead(forbidden);
              }}
            >
              What is done instead
            </Button>
          ) : null}{' '}
          {onRain ? (
            <Button size="small" variant="outlined" onClick={onRain}>
              Plan around its rain
            </Button>
          ) : null}
          <p className="quiet">
            {forecast.source}
            {forecast.issuedAt === undefined ? '' : `, of ${clockTime(forecast.issuedAt, { timeZone: record.timeZone, day: forecast.issuedAt })}`}. {groundWhy}
          </p>
        </>
      ) : (
        <p className="quiet">The weather service does not answer: enter rain by hand under areas.</p>
      )}
    </section>
  );
}
