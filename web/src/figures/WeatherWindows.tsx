import TextField from '@mui/material/TextField';
import { clockTime, demandsWhy, dewPoint, evaluate, showValue, surfaceWhy, tell, usualDemands, weatherAnswer, withSurface, type UnitSystem } from '@oddment/core';
import { useMemo } from 'react';
import { refusal } from '../parts/refusal.ts';
import { api } from '../state/api.ts';
import { niceTicks } from '../views/niceTicks.ts';
import { AskedChoice } from './AskedMeasure.tsx';
import { useAsked } from './useAsked.ts';

const hours = 96;
const noKinds = {};
const [width, height] = [720, 190];

/** When a work may begin over the forecast: temperature of the surface and dew point over the hours, and the windows under them. */
export function WeatherWindows({ units }: { units: UnitSystem }) {
  const asked = useAsked(units, noKinds);
  const { data, error } = api.useWeatherQuery({ hours, ...(asked.typed['place'] !== undefined && { place: asked.typed['place'] }) });
  const work = usualDemands.find((d) => d.id === asked.typed['work']) ?? usualDemands[0];
  const answer = useMemo(() => {
    const start = data?.reply.hours[0]?.at;
    if (!data || !work || start === undefined) return undefined;
    const series = withSurface(data.reply.hours);
    return { start, series, ...weatherAnswer(series, start, data.reply.hours.length * 60, work) };
  }, [data, work]);
  if (error !== undefined) return <p className="grade out" role="alert">{refusal(error)}</p>;
  if (!data || !answer || !work) return <p className="quiet">Asking the weather service …</p>;
  const { start, series, windows } = answer;
  const timeZone = 'UTC';
  const end = series.length * 60;
  const x = (min: number) => (min / end) * width;
  const dew = series.map((w) => evaluate(dewPoint, { airC: w.airC, humidityPct: Math.max(1, w.humidityPct) }));
  const all = [...series.map((w) => w.surfaceC), ...dew];
  const [low, high] = [Math.min(...all) - 1, Math.max(...all) + 1];
  const { min, max, steps } = niceTicks(low, high, 'temperature', units, 3);
  const ticks = Array.from({ length: steps + 1 }, (_v, i) => min + ((max - min) * i) / steps).filter((c) => c > low && c < high);
  const y = (c: number) => 120 - ((c - low) / (high - low)) * 108;
  const line = (values: readonly number[]) => values.map((v, i) => `${i === 0 ? 'M' : 'L'}${x(i * 60 + 30).toFixed(1)} ${y(v).toFixed(1)}`).join(' ');
  const instantAt = (min: number) => new Date(Date.parse(start) + min * 60_000).toISOString();
  const clock = (min: number) => clockTime(instantAt(min), { timeZone, day: start });
  const degrees = (c: number) => showValue(c, 'temperature', units).text;
  const midnights = series.filter((w) => instantAt(w.fromMin).slice(11, 16) === '00:00').map((w) => w.fromMin);
  return (
    <>
      <div style={{ maxWidth: 420, margin: '10px 0' }}>
        <TextField select size="small" label="Place" value={data.place} onChange={(event) => { asked.set('place', event.target.value); }} slotProps={{ select: { native: true } }}>{data.places.map((p) => <option key={p.id} value={p.id}>{p.name}</option>)}</TextField>
      </div>
      <AskedChoice asked={asked} name="work" label="Work" chosen={work.id} options={usualDemands.map((d) => [d.id, d.title] as const)} />
      <output className="said" aria-live="polite"><b>{tell(answer.saying, { units, timeZone, day: start })}</b></output>
      <svg viewBox={`0 0 ${String(width)} ${String(height)}`} className="weather" role="img" aria-label={`Times to begin: ${windows.map((w) => `${clock(w.fromMin)} to ${clock(w.untilMin)}`).join('; ') || 'none'}`}>
        {midnights.map((m) => <g key={m}><path d={`M${x(m).toFixed(1)} 4V172`} stroke="var(--rule)" /><text x={x(m) + 4} y={186} fontSize="14" fill="var(--ink2)">{new Date(instantAt(m)).toLocaleDateString('en-US', { weekday: 'short', month: 'short', day: 'numeric', timeZone })}</text></g>)}
        {ticks.map((c) => <g key={c}><path d={`M0 ${y(c).toFixed(1)}H${String(width)}`} stroke="var(--rule)" strokeDasharray="2 4" /><text x={2} y={y(c) - 3} fontSize="14" fill="var(--ink2)">{degrees(c)}</text></g>)}
        <path d={line(dew)} fill="none" stroke="var(--ink2)" strokeWidth="1.5" strokeDasharray="5 4" />
        <path d={line(series.map((w) => w.surfaceC))} fill="none" stroke="var(--chalk)" strokeWidth="2.5" />
        {series.filter((w) => w.rain).map((w) => <path key={w.fromMin} d={`M${(x(w.fromMin) + 2).toFixed(1)} 126l4 10`} stroke="var(--chalk)" strokeWidth="2" />)}
        <path d={`M0 140H${String(width)}`} stroke="var(--rule)" />
        {windows.map((w) => <path key={w.fromMin} d={`M${x(w.fromMin).toFixed(1)} 166V148H${Math.max(x(w.untilMin), x(w.fromMin) + 3).toFixed(1)}V166`} fill="none" stroke="var(--now)" strokeWidth="4" />)}
      </svg>
      <p className="quiet"><span style={{ color: 'var(--chalk)' }}>━</span> surface, {degrees(Math.min(...series.map((w) => w.surfaceC)))} to {degrees(Math.max(...series.map((w) => w.surfaceC)))}, {surfaceWhy} · <span>╌</span> dew point · <span style={{ color: 'var(--chalk)' }}>╲</span> rain · <span style={{ color: 'var(--now)', fontWeight: 800 }}>⊓</span> may begin</p>
      <details><summary>Hour by hour</summary><table className="mixtable"><thead><tr><th>From</th><th>Air</th><th>Surface</th><th>Dew point</th><th>Stands in the way</th></tr></thead><tbody>
        {series.map((w, i) => <tr key={w.fromMin}><td>{clock(w.fromMin)}</td><td>{degrees(w.airC)}</td><td>{degrees(w.surfaceC)}</td><td>{degrees(dew[i] ?? 0)}</td><td>{answer.hours[i]?.missed.join(', ')}</td></tr>)}
      </tbody></table></details>
      <p className="quiet">From {data.reply.source}, issued {clockTime(data.reply.issuedAt, { timeZone, day: start })} UTC. {demandsWhy}</p>
    </>
  );
}
