import { unmet, weatherWindows, type Demands, type Weather, type Window } from '../climate/windows.ts';
import { Ledger } from '../quantity/ledger.ts';
import { instant, say, type Saying } from '../quantity/saying.ts';

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
  { id: 'resin', title: 'a resin filler or primer', minutes: 120, demands: { surfaceMinC: 10, surfaceMaxC: 30, dewMarginK: 3, noRain: true }, after: { minutes: 480, demands: { surfaceMinC: 10, noRain: true } } },
  { id: 'cement', title: 'a cement patch', minutes: 120, demands: { surfaceMinC: 5, surfaceMaxC: 35, noRain: true, windMaxKmh: 30 }, after: { minutes: 1440, demands: { noFrost: true } } },
  { id: 'sealant', title: 'a sealant', minutes: 60, demands: { surfaceMinC: 5, surfaceMaxC: 40, dewMarginK: 3, noRain: true }, after: { minutes: 240, demands: { noRain: true } } },
  { id: 'paint', title: 'outside paint', minutes: 180, demands: { surfaceMinC: 10, surfaceMaxC: 35, dewMarginK: 3, humidityMaxPct: 85, windMaxKmh: 25, noRain: true }, after: { minutes: 360, demands: { noRain: true, noFrost: true } } },
];

/** How far the surface in the picture is to be believed, and what goes before these demands. */
export const surfaceWhy = 'estimated from the air with a lag, in shade: a probe on it goes first';
export const demandsWhy = 'What a product’s own sheet asks goes before these common demands.';

const missing: Readonly<Record<keyof Demands, string>> = {
  surfaceMinC: 'too cold', surfaceMaxC: 'too hot', airMinC: 'air too cold', airMaxC: 'air too hot', dewMarginK: 'too near the dew point', humidityMaxPct: 'too damp', windMaxKmh: 'too windy', noRain: 'rain', noFrost: 'frost',
};

/** When a work may begin over a series of weather, and what stands in its way in each hour. */
export interface WeatherAnswer {
  readonly windows: readonly Window[];
  readonly hours: readonly { readonly fromMin: number; readonly missed: readonly string[] }[];
  readonly saying: Saying;
}

export function weatherAnswer(series: readonly Weather[], startAt: string, endMin: number, work: WorkDemands): WeatherAnswer {
  const windows = weatherWindows(series, endMin, work, work.after);
  const at = (min: number) => instant(new Date(Date.parse(startAt) + min * 60_000).toISOString());
  const ledger = new Ledger();
  const [first] = windows;
  const open = windows.reduce((sum, w) => sum + w.untilMin - w.fromMin, 0);
  return {
    windows,
    hours: series.map((w) => ({ fromMin: w.fromMin, missed: unmet(w, work.demands).map((key) => missing[key]) })),
    saying: first ? say`Begin ${work.title} from ${at(first.fromMin)} to ${at(first.untilMin)} at the latest. In all it may begin within ${ledger.assumed('Open', 'duration', open, 'practice')} of the time looked at.` : say`No time in this weather holds all that ${work.title} asks, while it is done and while it cures.`,
  };
}
