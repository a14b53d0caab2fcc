import { unmet, weatherWindows, type Demands, type Weather } from '../climate/windows.ts';
import type { WeatherRecord } from '../climate/weatherRecord.ts';
import { Ledger } from '../quantity/ledger.ts';
import { instant, say, type Saying } from '../quantity/saying.ts';
import { siteDateTime } from '../quantity/siteTime.ts';
import { surfaceWhy } from '../quick/weather.ts';
import type { DaysRecord } from './daysRecord.ts';
import type { WeatherAsked } from './weatherAsked.ts';

/** Whether a repair outside is gone to: everything it asks of the weather holds, or something does not, or the forecast ends before it is over. */
export type Go = 'go' | 'no' | 'unknown';

/** The call for one repair outside on a day. */
export interface RepairCall {
  readonly defect: string;
  readonly mark: string;
  readonly place: string;
  readonly go: Go;
  /** why not, one sentence for each thing that is placed; nothing where it is gone to */
  readonly why: readonly Saying[];
  /** the things of that day that the weather forbids, by id */
  readonly forbidden: readonly string[];
}

/** Goes in words. */
export const goWords: Readonly<Record<Go, string>> = { go: 'go', no: 'do not go', unknown: 'not known yet' };

type Block = DaysRecord['days'][number]['people'][number]['blocks'][number];

const demandsOf = ({ leastC, mostC, dewMarginK }: WeatherAsked): Demands => ({
  ...(leastC !== undefined && { surfaceMinC: leastC }),
  ...(mostC !== undefined && { surfaceMaxC: mostC }),
  ...(dewMarginK !== undefined && { dewMarginK }),
  noRain: true,
});

/** What a stretch of weather does not give, in words with its figures. */
function missedWords(ledger: Ledger, weather: Weather, asks: WeatherAsked, missed: keyof Demands, at: string): Saying {
  const surface = () => ledger.assumed('Surface', 'temperature', weather.surfaceC, 'practice', surfaceWhy);
  const asked = (value: number | undefined) => ledger.stated('Asked', 'temperature', value ?? 0);
  switch (missed) {
    case 'surfaceMinC':
      return say`${instant(at)} the ground is about ${surface()}, it asks at least ${asked(asks.leastC)}`;
    case 'surfaceMaxC':
      return say`${instant(at)} the ground is about ${surface()}, it bears at most ${asked(asks.mostC)}`;
    case 'dewMarginK':
      return say`${instant(at)} the ground is about ${surface()}, too near the dew point`;
    case 'noFrost':
      return say`${instant(at)} it freezes, while it is fresh`;
    default:
      return asks.electric ? say`it rains ${instant(at)}, and electric tools are not used in rain` : say`it rains ${instant(at)}`;
  }
}

/** Stretches of weather that lie between two minutes. */
const between = ({ weather, endMin }: WeatherRecord, from: number, to: number) =>
  weather.filter((w, i) => w.fromMin < to && (weather[i + 1]?.fromMin ?? endMin) > from);

/** What stands against placing something at its time: the first hour that fails, while it is worked or after. */
function against(ledger: Ledger, record: WeatherRecord, { start, end, title, asks }: Block & { readonly asks: WeatherAsked }): Saying | 'unknown' | undefined {
  const min = (moment: string) => (Date.parse(moment) - Date.parse(record.startAt)) / 60_000;
  const [from, to] = [min(start), min(end)];
  const { dryMin, noFrostMin } = asks.after;
  const spans: readonly (readonly [number, number, Demands])[] = [
    [from, to, demandsOf(asks)],
    ...(dryMin > 0 ? [[to, to + dryMin, { noRain: true }] as const] : []),
    ...(noFrostMin > 0 ? [[to, to + noFrostMin, { noFrost: true }] as const] : []),
  ];
  const at = (w: Weather, after: number) => new Date(Date.parse(record.startAt) + Math.max(w.fromMin, after) * 60_000).toISOString();
  for (const [begins, ends, demands] of spans)
    for (const w of between(record, begins, ends)) {
      const [missed] = unmet(w, demands);
      if (missed) return say`“${title}”: ${missedWords(ledger, w, asks, missed, at(w, begins))}.`;
    }
  if (from < 0 || Math.max(to, to + dryMin, to + noFrostMin) > record.endMin) return 'unknown';
  return undefined;
}

/** From when to when on a date something could begin, so that all it asks holds; nothing where it cannot that day. */
function couldBegin(record: WeatherRecord, { start, end, asks }: Block & { readonly asks: WeatherAsked }, date: string, timeZone: string): Saying | undefined {
  const minutes = (Date.parse(end) - Date.parse(start)) / 60_000;
  const at = (min: number) => new Date(Date.parse(record.startAt) + min * 60_000).toISOString();
  const after = { minutes: asks.after.dryMin, demands: { noRain: true } as const };
  // frost is asked for longer than rain: the windows of both
  const dry = weatherWindows(record.weather, record.endMin, { minutes, demands: demandsOf(asks) }, after);
  const found = weatherWindows(
    record.weather,
    record.endMin,
    { minutes, demands: demandsOf(asks) },
    asks.after.noFrostMin > 0 ? { minutes: asks.after.noFrostMin, demands: { noFrost: true } } : after,
  ).flatMap((f) => dry.flatMap((d) => ({ fromMin: Math.max(f.fromMin, d.fromMin), untilMin: Math.min(f.untilMin, d.untilMin) })));
  const open = found.find(
    (w) => w.untilMin > w.fromMin && siteDateTime(at(w.untilMin), timeZone).date >= date && siteDateTime(at(w.fromMin), timeZone).date <= date,
  );
  if (!open) return undefined;
  return say`The weather would let it begin from ${instant(at(open.fromMin))} to ${instant(at(open.untilMin))}.`;
}

/** Go or no-go for each repair outside on which something is placed on a date, by a forecast. What is done without electric tools and places nothing is done in any weather. */
export function weatherCall(
  { days, repairs, timeZone }: Pick<DaysRecord, 'days' | 'repairs' | 'timeZone'>,
  forecast: WeatherRecord,
  date: string,
): readonly RepairCall[] {
  const ledger = new Ledger();
  const blocks = days.find((d) => d.date === date)?.people.flatMap((p) => p.blocks) ?? [];
  const placed = new Map(blocks.flatMap((b) => (b.asks && b.done !== true ? [[b.id, { ...b, asks: b.asks }] as const] : [])));
  return repairs.flatMap((r): RepairCall[] => {
    const own = [...placed.values()].filter((b) => b.mark === r.mark).sort((a, b) => Date.parse(a.start) - Date.parse(b.start));
    const [first] = own;
    if (!first) return [];
    const judged = own.map((b) => ({ b, why: against(ledger, forecast, b) }));
    const forbidden = judged.flatMap(({ b, why }) => (why !== undefined && why !== 'unknown' ? [{ b, why }] : []));
    const go: Go = forbidden.length > 0 ? 'no' : judged.some(({ why }) => why === 'unknown') ? 'unknown' : 'go';
    const [one] = forbidden;
    const other = one && couldBegin(forecast, one.b, date, timeZone);
    const unknown = say`The forecast ends before it would be hard.`;
    return [
      {
        defect: r.id,
        mark: r.mark,
        place: first.place,
        go,
        why: go === 'unknown' ? [unknown] : [...forbidden.map((f) => f.why), ...(other ? [other] : [])],
        forbidden: forbidden.map((f) => f.b.id),
      },
    ];
  });
}

/** What is done on a date in one plan and not in another: what comes instead. */
export function insteadOf(then: Pick<DaysRecord, 'days'>, now: Pick<DaysRecord, 'days'>, date: string): readonly string[] {
  const blocks = ({ days }: Pick<DaysRecord, 'days'>) => days.find((d) => d.date === date)?.people.flatMap((p) => p.blocks) ?? [];
  const before = new Set(blocks(then).map((b) => b.id));
  return [...new Map(blocks(now).flatMap((b) => (before.has(b.id) ? [] : [[b.id, `${b.mark} ${b.title}`] as const]))).values()];
}

/** Stretches of a date on which it rains, as clock times at the site: what an area outside is told of the forecast. */
export function rainOn(forecast: WeatherRecord, timeZone: string): readonly { readonly date: string; readonly from: string; readonly to: string }[] {
  const out: { date: string; from: string; to: string }[] = [];
  forecast.weather.forEach((w, i) => {
    if (w.rain !== true) return;
    const at = (min: number) => siteDateTime(new Date(Date.parse(forecast.startAt) + min * 60_000).toISOString(), timeZone);
    const [from, until] = [at(w.fromMin), at(forecast.weather[i + 1]?.fromMin ?? forecast.endMin)];
    const to = until.date === from.date ? until.time : '23:59';
    const last = out[out.length - 1];
    if (last && last.date === from.date && last.to === from.time) last.to = to;
    else out.push({ date: from.date, from: from.time, to });
  });
  return out;
}

/** From when in the afternoon the evening's call is about the next day, by the clock of the site: our own judgement. */
const eveningFrom = '15:00';

/** The day that a weather call is about at a clock time: today until the afternoon, then the next day on which anybody works there. */
export function callDate({ days }: Pick<DaysRecord, 'days'>, today: string, time: string): string {
  const next = days.find((d) => d.date > today)?.date;
  return time >= eveningFrom && next !== undefined ? next : today;
}

/** How far a surface in a call is to be believed. */
export const groundWhy = `The ground is ${surfaceWhy}.`;
