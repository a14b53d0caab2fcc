import { readCsv } from '../quantity/csv.ts';
import type { ClimateSeries } from './series.ts';
import { followedSurface } from './surface.ts';
import type { Weather } from './windows.ts';

/** Weather of a place over time, whoever tells it: a forecast, instruments, or a person's own list. */
export interface WeatherRecord {
  /** ISO instant of the first stretch */
  readonly startAt: string;
  /** stretches in order, in min after the start */
  readonly weather: readonly Weather[];
  /** min after the start at which what is known ends */
  readonly endMin: number;
  /** whether a surface temperature was estimated from the air in any of them */
  readonly surfaceEstimated: boolean;
  /** times longer than three hours between two points, in min after the start: what was before holds on through them */
  readonly gaps: readonly { readonly fromMin: number; readonly untilMin: number }[];
}

/** What is wrong with a line of a list, and what would be right. */
export interface LineProblem {
  /** counted from one, the heading included */
  readonly line: number;
  readonly message: string;
}

export type WeatherRead = { readonly ok: true; readonly record: WeatherRecord } | { readonly ok: false; readonly problems: readonly LineProblem[] };

/** One line as it was measured or told, in the core's units; no surface where none was measured. */
export interface WeatherPoint {
  readonly at: string;
  readonly airC: number;
  readonly humidityPct: number;
  readonly surfaceC?: number;
  readonly windKmh?: number;
  readonly rainMm?: number;
}

const longestStretchMin = 1440;
const gapFromMin = 180;

/**
 * Points in time as stretches: each holds until the next; the last one as long as the one before it, an
 * hour where it is alone. A surface that was not measured follows the air with a lag from the last that was.
 */
export function weatherRecord(points: readonly [WeatherPoint, ...WeatherPoint[]]): WeatherRecord {
  const [first] = points;
  const at = points.map((p) => (Date.parse(p.at) - Date.parse(first.at)) / 60_000);
  const surfaces = followedSurface(points.map((p, i) => ({ atMin: at[i] ?? 0, airC: p.airC, ...(p.surfaceC !== undefined && { surfaceC: p.surfaceC }) })));
  const last = at[at.length - 1] ?? 0;
  const before = at[at.length - 2];
  return {
    startAt: first.at,
    endMin: last + (before === undefined ? 60 : Math.min(longestStretchMin, last - before)),
    surfaceEstimated: points.some((p) => p.surfaceC === undefined),
    gaps: at.slice(1).flatMap((untilMin, i) => (untilMin - (at[i] ?? untilMin) > gapFromMin ? [{ fromMin: at[i] ?? 0, untilMin }] : [])),
    weather: points.map((p, i) => ({
      fromMin: at[i] ?? 0,
      airC: p.airC,
      surfaceC: surfaces[i] ?? p.airC,
      humidityPct: p.humidityPct,
      windKmh: p.windKmh ?? 0,
      rain: (p.rainMm ?? 0) > 0,
    })),
  };
}

/** The same weather as the climate that cures progress over: the surface is what cures. */
export function climateOf({ weather }: WeatherRecord): ClimateSeries | undefined {
  const [first, ...rest] = weather.map(({ fromMin, airC, surfaceC, humidityPct, windKmh }) => ({
    fromMin,
    airC,
    slabC: surfaceC,
    humidityPct,
    ...(windKmh !== undefined && { windKmh }),
  }));
  return first && [first, ...rest];
}

interface Column {
  readonly key: Exclude<keyof WeatherPoint, 'at'>;
  /** for a sentence */
  readonly name: string;
  readonly least: number;
  readonly most: number;
  readonly units: Readonly<Record<string, (value: number) => number>>;
}

const same = (v: number) => v;
const degrees = { c: same, f: (v: number) => ((v - 32) * 5) / 9 };

const columns: readonly Column[] = [
  { key: 'airC', name: 'air', least: -50, most: 60, units: degrees },
  { key: 'humidityPct', name: 'humidity', least: 0, most: 100, units: { '%': same } },
  { key: 'surfaceC', name: 'surface', least: -50, most: 90, units: degrees },
  { key: 'windKmh', name: 'wind', least: 0, most: 200, units: { 'km/h': same, kmh: same, mph: (v) => v * 1.609344, 'm/s': (v) => v * 3.6 } },
  { key: 'rainMm', name: 'rain', least: 0, most: 300, units: { mm: same, in: (v) => v * 25.4 } },
];

/** The heading that a list of weather begins with, and the order of its columns where it has none. */
export const weatherHeading = 'time, air C, humidity %, surface C, wind km/h, rain mm';

const mostLines = 2000;

interface Heading {
  readonly columns: readonly (readonly [Column, (value: number) => number])[];
}

function headingOf(names: readonly string[]): Heading | string {
  const found: (readonly [Column, (value: number) => number])[] = [];
  for (const name of names.slice(1)) {
    const [word = '', unit] = name
      .toLowerCase()
      .replaceAll(/[()°]/g, ' ')
      .trim()
      .split(/[\s,]+/);
    const column = columns.find((c) => c.name === word);
    if (!column) return `The column '${name}' is not known. There may be: ${weatherHeading}.`;
    if (found.some(([c]) => c === column)) return `The column '${column.name}' stands there twice.`;
    const [usual] = Object.keys(column.units);
    const inBase = column.units[unit ?? usual ?? ''];
    if (!inBase) return `'${unit ?? ''}' is not a unit of ${column.name}. There may be: ${Object.keys(column.units).join(', ')}.`;
    found.push([column, inBase]);
  }
  const missing = ['airC', 'humidityPct'].filter((key) => !found.some(([c]) => c.key === key)).map((key) => columns.find((c) => c.key === key)?.name ?? key);
  return missing.length > 0 ? `A column is missing: ${missing.join(', ')}. Begin with: ${weatherHeading}.` : { columns: found };
}

const clock = /^(\d{4})-(\d\d)-(\d\d)[T ](\d\d?):(\d\d)(?::\d\d(?:\.\d+)?)?(Z|[+-]\d\d:\d\d)?$/;

/** A time as an instant: without a zone it is the clock of the site, kept as if it were UTC. */
function instantOf(text: string): string | undefined {
  const found = clock.exec(text);
  if (!found) return undefined;
  const [, year = '', month = '', day = '', hour = '', minute = '', zone = 'Z'] = found;
  const ms = Date.parse(`${year}-${month}-${day}T${hour.padStart(2, '0')}:${minute}:00${zone}`);
  // a day that is not in its month rolls over in silence, in any zone
  const isDay = new Date(Date.UTC(Number(year), Number(month) - 1, Number(day))).getUTCDate() === Number(day);
  return Number.isNaN(ms) || !isDay ? undefined : new Date(ms).toISOString();
}

function pointOf(row: readonly string[], heading: Heading): WeatherPoint | string {
  const [time = ''] = row;
  const at = instantOf(time);
  if (at === undefined) return `'${time}' is not a time. Write it like 2026-06-02 07:00.`;
  const values: Partial<Record<Column['key'], number>> = {};
  for (const [i, [column, inBase]] of heading.columns.entries()) {
    const text = row[i + 1] ?? '';
    if (text === '') continue;
    const value = inBase(Number(text));
    if (!Number.isFinite(value)) return `${column.name} is '${text}'. It must be a number.`;
    if (value < column.least || value > column.most) return `${column.name} is ${text}, which cannot be: look at its unit in the heading.`;
    values[column.key] = value;
  }
  const { airC, humidityPct, ...others } = values;
  if (airC === undefined || humidityPct === undefined) return `${airC === undefined ? 'air' : 'humidity'} is missing.`;
  return { at, airC, humidityPct, ...others };
}

/**
 * Reads a list of weather: CSV with a comma, a semicolon or a tab between, a heading that names columns
 * and their units (without one, the order of `weatherHeading`), a line for each point in time, in order.
 * Every line that cannot be read is told.
 */
export function readWeather(text: string): WeatherRead {
  const rows = readCsv(text);
  const fail = (line: number, message: string): WeatherRead => ({ ok: false, problems: [{ line, message }] });
  const [head] = rows;
  if (!head) return fail(1, `There is no line yet. Begin with: ${weatherHeading}.`);
  if (rows.length > mostLines) return fail(mostLines, `There are more than ${String(mostLines)} lines. Take a shorter time, or a line for each hour.`);
  const named = /^\D/.test(head.cells[0] ?? '');
  const heading = headingOf(named ? head.cells : (readCsv(weatherHeading)[0]?.cells ?? []).slice(0, head.cells.length));
  if (typeof heading === 'string') return fail(head.line, heading);
  const problems: LineProblem[] = [];
  const points: WeatherPoint[] = [];
  for (const { line, cells } of named ? rows.slice(1) : rows) {
    const point = pointOf(cells, heading);
    const before = points[points.length - 1];
    if (typeof point === 'string') problems.push({ line, message: point });
    else if (before && Date.parse(point.at) <= Date.parse(before.at))
      problems.push({ line, message: 'This time is not after the one before it: put the lines in order.' });
    else points.push(point);
  }
  if (problems.length > 0) return { ok: false, problems };
  const [first, ...rest] = points;
  return first ? { ok: true, record: weatherRecord([first, ...rest]) } : fail(head.line + 1, 'There is a heading, but no line under it.');
}

const written = (value: number) => String(Math.round(value * 100) / 100);

/** A record as the list that `readWeather` reads: what was estimated is written like what was measured. */
export function writeWeather({ startAt, weather }: WeatherRecord): string {
  const at = (min: number) => new Date(Date.parse(startAt) + min * 60_000).toISOString().slice(0, 16).replace('T', ' ');
  return (
    [
      weatherHeading,
      ...weather.map((w) =>
        [`${at(w.fromMin)}Z`, written(w.airC), written(w.humidityPct), written(w.surfaceC), written(w.windKmh ?? 0), w.rain ? '1' : '0'].join(','),
      ),
    ].join('\n') + '\n'
  );
}
