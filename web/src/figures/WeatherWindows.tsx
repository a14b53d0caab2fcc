import {
  clockTime,
  dayName,
  dewPoint,
  evaluate,
  showValue,
  usualDemands,
  weatherAnswer,
  weatherTool,
  type UnitSystem,
  type WeatherRecord,
} from '@oddment/core';
import { niceTicks } from '../views/niceTicks.ts';
import { givenOf, ToolFields, ToolSaid } from './AskedMeasure.tsx';
import { useAsked } from './useAsked.ts';
import { useWeatherRecord } from './useWeatherRecord.tsx';

const noKinds = {};
const [width, height] = [720, 190];

/** Temperature of the surface and dew point over the hours, with the times to begin under them. */
function WindowsDrawn({ record, workId, units, timeZone }: { record: WeatherRecord; workId: string | undefined; units: UnitSystem; timeZone: string }) {
  const work = usualDemands.find((d) => d.id === workId) ?? usualDemands[0];
  if (!work) return null;
  const { windows, hours } = weatherAnswer(record, work);
  const { startAt: start, endMin: end, weather: series } = record;
  const middle = (i: number) => ((series[i]?.fromMin ?? 0) + (series[i + 1]?.fromMin ?? end)) / 2;
  const x = (min: number) => (min / end) * width;
  const dew = series.map((w) => evaluate(dewPoint, { airC: w.airC, humidityPct: Math.max(1, w.humidityPct) }));
  const all = [...series.map((w) => w.surfaceC), ...dew];
  const [low, high] = [Math.min(...all) - 1, Math.max(...all) + 1];
  const { min, max, steps } = niceTicks(low, high, 'temperature', units, 3);
  const ticks = Array.from({ length: steps + 1 }, (_v, i) => min + ((max - min) * i) / steps).filter((c) => c > low && c < high);
  const y = (c: number) => 120 - ((c - low) / (high - low)) * 108;
  const line = (values: readonly number[]) => values.map((v, i) => `${i === 0 ? 'M' : 'L'}${x(middle(i)).toFixed(1)} ${y(v).toFixed(1)}`).join(' ');
  const instantAt = (at: number) => new Date(Date.parse(start) + at * 60_000).toISOString();
  const clock = (at: number) => clockTime(instantAt(at), { timeZone, day: start });
  const degrees = (c: number) => showValue(c, 'temperature', units).text;
  const dayOf = (at: number) => dayName(instantAt(at), timeZone);
  // a day begins at the first stretch that is on another date than the one before it
  const days = series.filter((w, i) => i > 0 && dayOf(w.fromMin) !== dayOf(series[i - 1]?.fromMin ?? 0)).map((w) => w.fromMin);
  return (
    <>
      <svg
        viewBox={`0 0 ${String(width)} ${String(height)}`}
        className="weather"
        role="img"
        aria-label={`Times to begin: ${windows.map((w) => `${clock(w.fromMin)} to ${clock(w.untilMin)}`).join('; ') || 'none'}`}
      >
        {days.map((m) => (
          <g key={m}>
            <path d={`M${x(m).toFixed(1)} 4V172`} stroke="var(--rule)" />
            <text x={x(m) + 4} y={186} fontSize="14" fill="var(--ink2)">
              {dayOf(m)}
            </text>
          </g>
        ))}
        {ticks.map((c) => (
          <g key={c}>
            <path d={`M0 ${y(c).toFixed(1)}H${String(width)}`} stroke="var(--rule)" strokeDasharray="2 4" />
            <text x={2} y={y(c) - 3} fontSize="14" fill="var(--ink2)">
              {degrees(c)}
            </text>
          </g>
        ))}
        <path d={line(dew)} fill="none" stroke="var(--ink2)" strokeWidth="1.5" strokeDasharray="5 4" />
        <path d={line(series.map((w) => w.surfaceC))} fill="none" stroke="var(--chalk)" strokeWidth="2.5" />
        {series
          .filter((w) => w.rain)
          .map((w) => (
            <path key={w.fromMin} d={`M${(x(w.fromMin) + 2).toFixed(1)} 126l4 10`} stroke="var(--chalk)" strokeWidth="2" />
          ))}
        <path d={`M0 140H${String(width)}`} stroke="var(--rule)" />
        {windows.map((w) => (
          <path
            key={w.fromMin}
            d={`M${x(w.fromMin).toFixed(1)} 166V148H${Math.max(x(w.untilMin), x(w.fromMin) + 3).toFixed(1)}V166`}
            fill="none"
            stroke="var(--now)"
            strokeWidth="4"
          />
        ))}
      </svg>
      <p className="quiet">
        <span style={{ color: 'var(--chalk)' }}>━</span> surface, {degrees(Math.min(...series.map((w) => w.surfaceC)))} to{' '}
        {degrees(Math.max(...series.map((w) => w.surfaceC)))} · <span>╌</span> dew point · <span style={{ color: 'var(--chalk)' }}>╲</span> rain ·{' '}
        <span style={{ color: 'var(--now)', fontWeight: 800 }}>⊓</span> may begin
      </p>
      <details>
        <summary>Hour by hour</summary>
        <table className="mixtable">
          <thead>
            <tr>
              <th>From</th>
              <th>Air</th>
              <th>Surface</th>
              <th>Dew point</th>
              <th>Stands in the way</th>
            </tr>
          </thead>
          <tbody>
            {series.map((w, i) => (
              <tr key={w.fromMin}>
                <td>{clock(w.fromMin)}</td>
                <td>{degrees(w.airC)}</td>
                <td>{degrees(w.surfaceC)}</td>
                <td>{degrees(dew[i] ?? 0)}</td>
                <td>{hours[i]?.missed.join(', ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </>
  );
}

/** When a work may begin over weather: a forecast, what was measured, or a person's own list. */
export function WeatherWindows({ units }: { units: UnitSystem }) {
  const asked = useAsked(units, noKinds);
  const { record, timeZone, chooser, from, instead } = useWeatherRecord(asked);
  const given = givenOf(asked, weatherTool);
  const answer = given && record ? weatherTool.answer({ ...given, record }) : undefined;
  return (
    <>
      {chooser}
      <ToolFields asked={asked} tool={weatherTool} />
      {instead}
      <ToolSaid
        answer={answer}
        how={{ units, timeZone, ...(record && { day: record.startAt }) }}
        between={record ? <WindowsDrawn record={record} workId={given?.choices['work']} units={units} timeZone={timeZone} /> : null}
      />
      {from}
    </>
  );
}
