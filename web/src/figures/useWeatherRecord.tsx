import TextField from '@mui/material/TextField';
import { clockTime, readWeather, weatherHeading, weatherRecord, writeWeather, type WeatherPoint, type WeatherRecord } from '@oddment/core';
import { useMemo, useState, type ReactNode } from 'react';
import { PickFile } from '../parts/PickFile.tsx';
import { refusal } from '../parts/refusal.ts';
import { api } from '../state/api.ts';
import { AskedChoice } from './AskedMeasure.tsx';
import type { Asked } from './useAsked.ts';
import { zoneHere } from '../state/clock.ts';

const hours = 96;
const measuredHours = 168;
const keptUnder = 'oddment-weather-list';
const sources = [
  ['forecast', 'forecast'],
  ['measured', 'measured here'],
  ['list', 'my own list'],
] as const;

/** Weather to look at, whichever way it comes, and the controls to choose it. */
export interface ChosenWeather {
  readonly record?: WeatherRecord;
  /** its clock */
  readonly timeZone: string;
  readonly chooser: ReactNode;
  /** where it is from, in a line; with it to take away as a list */
  readonly from: ReactNode;
  /** why there is none, or what is being waited for */
  readonly instead?: ReactNode;
}

function recordOf(points: readonly WeatherPoint[] | undefined): WeatherRecord | undefined {
  const [first, ...rest] = points ?? [];
  return first && weatherRecord([first, ...rest]);
}

function kept(): string {
  return globalThis.localStorage.getItem(keptUnder) ?? '';
}

function OwnList({ text, onText, problems }: { text: string; onText: (text: string) => void; problems: readonly string[] }) {
  return (
    <div style={{ margin: '10px 0', maxWidth: 620 }}>
      <label htmlFor="q-list" className="q">
        A line for each hour or reading
      </label>
      <TextField
        id="q-list"
        multiline
        fullWidth
        minRows={4}
        maxRows={12}
        placeholder={`${weatherHeading}\n2026-06-02 07:00, 16, 70, 15, 8, 0`}
        value={text}
        error={problems.length > 0 && text.trim() !== ''}
        onChange={(event) => {
          onText(event.target.value);
        }}
        slotProps={{ htmlInput: { spellCheck: false, style: { fontVariantNumeric: 'tabular-nums' } } }}
      />
      <p className="quiet">
        The heading may name C or F, km/h, mph or m/s, mm or in. It stays on this device.{' '}
        <PickFile
          label="Weather file"
          accept=".csv,.txt,text/csv,text/plain"
          words="Take a file"
          inText
          onFile={(file) => {
            void file.text().then(onText);
          }}
        />
      </p>
      {text.trim() === ''
        ? null
        : problems.slice(0, 6).map((p) => (
            <p key={p} className="grade out" role="alert">
              {p}
            </p>
          ))}
      {problems.length > 6 ? <p className="quiet">and {problems.length - 6} lines more</p> : null}
    </div>
  );
}

/** Weather over time: the forecast of a place, what the instruments measured, or a person's own list; which one stands in the address. */
export function useWeatherRecord(asked: Asked): ChosenWeather {
  const source = sources.find(([id]) => id === asked.typed['weather'])?.[0] ?? 'forecast';
  const [text, setText] = useState(kept);
  const place = asked.typed['place'];
  const forecast = api.useWeatherQuery({ hours, ...(place !== undefined && { place }) }, { skip: source !== 'forecast' });
  const measured = api.useMeasuredQuery({ hours: measuredHours }, { skip: source !== 'measured', pollingInterval: 60_000, refetchOnMountOrArgChange: true });
  const list = useMemo(() => (source === 'list' ? readWeather(text) : undefined), [source, text]);
  const points = source === 'forecast' ? forecast.data?.reply.hours : source === 'measured' ? measured.data?.points : undefined;
  const read = useMemo(() => recordOf(points), [points]);
  const record = list ? (list.ok ? list.record : undefined) : read;
  const timeZone = source === 'measured' ? zoneHere() : 'UTC';
  const failed = source === 'forecast' ? forecast.error : source === 'measured' ? measured.error : undefined;
  const problems = list && !list.ok ? list.problems.map((p) => `Line ${String(p.line)}: ${p.message}`) : [];
  const words = (): ReactNode => {
    if (source === 'list') return 'From your own list; times without a zone are the clock of the place.';
    if (source === 'measured') return `From ${measured.data?.instruments.join(' and ') ?? ''}, the middle value of every ten minutes.`;
    const issued = forecast.data && clockTime(forecast.data.reply.issuedAt, { timeZone, ...(record && { day: record.startAt }) });
    return `From ${forecast.data?.reply.source ?? ''}, issued ${issued ?? ''} UTC.`;
  };
  const instead =
    failed !== undefined ? (
      <p className="grade out" role="alert">
        {refusal(failed)}
      </p>
    ) : source === 'measured' && measured.data && !record ? (
      <p className="quiet">No instrument told the climate in the last days. Connect one with --instruments, or write what you measured as your own list.</p>
    ) : source === 'forecast' && !record ? (
      <p className="quiet">Asking the weather service …</p>
    ) : undefined;
  return {
    ...(record && { record }),
    timeZone,
    chooser: (
      <>
        <AskedChoice asked={asked} name="weather" label="Weather" chosen={source} options={sources} />
        {source === 'forecast' && forecast.data ? (
          <div style={{ maxWidth: 420, margin: '10px 0' }}>
            <TextField
              select
              size="small"
              label="Place"
              value={forecast.data.place}
              onChange={(event) => {
                asked.set('place', event.target.value);
              }}
              slotProps={{ select: { native: true } }}
            >
              {forecast.data.places.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.name}
                </option>
              ))}
            </TextField>
          </div>
        ) : null}
        {source === 'list' ? (
          <OwnList
            text={text}
            problems={problems}
            onText={(next) => {
              setText(next);
              globalThis.localStorage.setItem(keptUnder, next);
            }}
          />
        ) : null}
      </>
    ),
    from: record ? (
      <p className="quiet">
        {words()}{' '}
        <a download="weather.csv" href={`data:text/csv;charset=utf-8,${encodeURIComponent(writeWeather(record))}`}>
          Take it along as CSV
        </a>
      </p>
    ) : null,
    instead,
  };
}
