import type { WeatherRecord } from '../climate/weatherRecord.ts';
import { unmet, weatherWindows, type Demands, type Window } from '../climate/windows.ts';
import { Ledger } from '../quantity/ledger.ts';
import { instant, say, type Saying } from '../quantity/saying.ts';
import { answered, refusedTool, type QuickTool } from './tool.ts';

/** What a kind of work asks of the weather while it is done and after: common demands, to begin from. */
export interface WorkDemands {
  readonly id: string;
  readonly title: string;
  readonly minutes: number;
  readonly demands: Demands;
  readonly after: { readonly minutes: number; readonly demands: Demands };
}

/** Usual demands by kind of work (common practice; a product's own sheet goes first). */
export const usualDemands: readonly WorkDemands[] = [
  {
    id: 'resin',
    title: 'a resin filler or primer',
    minutes: 120,
    demands: { surfaceMinC: 10, surfaceMaxC: 30, dewMarginK: 3, noRain: true },
    after: { minutes: 480, demands: { surfaceMinC: 10, noRain: true } },
  },
  {
    id: 'cement',
    title: 'a cement patch',
    minutes: 120,
    demands: { surfaceMinC: 5, surfaceMaxC: 35, noRain: true, windMaxKmh: 30 },
    after: { minutes: 1440, demands: { noFrost: true } },
  },
  {
    id: 'sealant',
    title: 'a sealant',
    minutes: 60,
    demands: { surfaceMinC: 5, surfaceMaxC: 40, dewMarginK: 3, noRain: true },
    after: { minutes: 240, demands: { noRain: true } },
  },
  {
    id: 'paint',
    title: 'outside paint',
    minutes: 180,
    demands: { surfaceMinC: 10, surfaceMaxC: 35, dewMarginK: 3, humidityMaxPct: 85, windMaxKmh: 25, noRain: true },
    after: { minutes: 360, demands: { noRain: true, noFrost: true } },
  },
];

/** How far the surface in the picture is to be believed, and what goes before these demands. */
export const surfaceWhy = 'estimated from the air with a lag, in shade: a probe on it goes first';
export const demandsWhy = 'What a product’s own sheet asks goes before these common demands.';

const missing: Readonly<Record<keyof Demands, string>> = {
  surfaceMinC: 'too cold',
  surfaceMaxC: 'too hot',
  airMinC: 'air too cold',
  airMaxC: 'air too hot',
  dewMarginK: 'too near the dew point',
  humidityMaxPct: 'too damp',
  windMaxKmh: 'too windy',
  noRain: 'rain',
  noFrost: 'frost',
};

/** When a work may begin over a series of weather, and what stands in its way in each hour. */
export interface WeatherAnswer {
  readonly windows: readonly Window[];
  readonly hours: readonly { readonly fromMin: number; readonly missed: readonly string[] }[];
  readonly saying: Saying;
}

export function weatherAnswer({ startAt, weather, endMin }: WeatherRecord, work: WorkDemands): WeatherAnswer {
  const windows = weatherWindows(weather, endMin, work, work.after);
  const at = (min: number) => instant(new Date(Date.parse(startAt) + min * 60_000).toISOString());
  const ledger = new Ledger();
  const [first] = windows;
  const open = windows.reduce((sum, w) => sum + w.untilMin - w.fromMin, 0);
  return {
    windows,
    hours: weather.map((w) => ({ fromMin: w.fromMin, missed: unmet(w, work.demands).map((key) => missing[key]) })),
    saying: first
      ? say`Begin ${work.title} from ${at(first.fromMin)} to ${at(first.untilMin)} at the latest. In all it may begin within ${ledger.assumed('Open', 'duration', open, 'practice')} of the time looked at.`
      : say`No time in this weather holds all that ${work.title} asks, while it is done and while it cures.`,
  };
}

/** What is not known of the weather looked at, one sentence each. */
export function weatherRemarks({ startAt, surfaceEstimated, gaps }: WeatherRecord): readonly Saying[] {
  const at = (min: number) => instant(new Date(Date.parse(startAt) + min * 60_000).toISOString());
  return [
    ...gaps.map((g) => say`Nothing is known from ${at(g.fromMin)} to ${at(g.untilMin)}: what was before is taken for it.`),
    ...(surfaceEstimated ? [say`The surface is ${surfaceWhy}.`] : []),
  ];
}

/** What a tool over weather says where it was given none. */
export const wantsWeather = 'Give the weather to look at: a list with a line for each hour.';

/** When the weather lets a work begin. */
export const weatherTool: QuickTool = {
  id: 'weather-windows',
  group: 'Climate',
  title: 'When the weather lets you begin',
  words: 'From when to when a work may begin, so that all it asks of the weather holds while it is done and while it cures.',
  measures: [],
  choices: [{ name: 'work', label: 'Work', options: usualDemands.map((d) => [d.id, d.title] as const) }],
  overWeather: true,
  answer: ({ choices, record }) => {
    const work = usualDemands.find((d) => d.id === choices['work']) ?? usualDemands[0];
    if (!record || !work) return refusedTool('weather', wantsWeather);
    const at = (min: number) => instant(new Date(Date.parse(record.startAt) + min * 60_000).toISOString());
    const { saying, windows } = weatherAnswer(record, work);
    return answered(
      [saying],
      [...windows.slice(1).map((w) => say`Again from ${at(w.fromMin)} to ${at(w.untilMin)}.`), ...weatherRemarks(record), say`${demandsWhy}`],
    );
  },
};
