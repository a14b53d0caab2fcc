import { climateOf, type WeatherRecord } from '../climate/weatherRecord.ts';
import { coverFromKgM2h, moistDuty, type MoistDuty } from '../cure/moistCure.ts';
import { Ledger } from '../quantity/ledger.ts';
import { instant, say, type Saying } from '../quantity/saying.ts';
import { answered, measured, refusedTool, type QuickTool, type ToolGiven, type ToolMeasure } from './tool.ts';
import { wantsWeather, weatherRemarks } from './weather.ts';

const finished: ToolMeasure = { name: 'finished', label: 'It is finished so long after the first line', kind: 'duration', usual: 0, min: 0, max: 100_000 };
const damp: ToolMeasure = { name: 'damp', label: 'It is to stay damp for', kind: 'duration', usual: 4320, min: 60, max: 40_320 };
const film: ToolMeasure = { name: 'film', label: 'Water that one misting leaves', kind: 'film', usual: 0.5, min: 0.05, max: 2 };
const closest: ToolMeasure = { name: 'closest', label: 'Nobody mists more often than every', kind: 'duration', usual: 45, min: 5, max: 720 };
/** share of the film that is never let dry off */
const reserve = 0.3;

/** How a fresh face is kept damp over weather, and in words. */
export interface MoistAnswer {
  readonly duty: MoistDuty;
  readonly sayings: readonly Saying[];
}

/** How a fresh cement face is kept damp over weather. */
export function moistAnswer(record: WeatherRecord, given: ToolGiven): MoistAnswer | undefined {
  const series = climateOf(record);
  if (!series) return undefined;
  const start = measured(given, finished);
  const wantedMin = measured(given, damp);
  const lookedMin = Math.min(wantedMin, record.endMin - start);
  const ledger = new Ledger();
  const at = (min: number) => instant(new Date(Date.parse(record.startAt) + min * 60_000).toISOString());
  const time = (label: string, min: number) => ledger.assumed(label, 'duration', min, 'menzel-1954');
  if (lookedMin <= 0)
    return { duty: { state: 'mist', atMin: [], closestMin: Number.POSITIVE_INFINITY }, sayings: [say`It is finished after the last of this weather.`] };
  const duty = moistDuty(start, series, { daysDamp: lookedMin / 1440, filmMm: measured(given, film), reserve, leastBetweenMin: measured(given, closest) });
  const short =
    lookedMin < wantedMin
      ? [
          say`This weather ends at ${at(record.endMin)}: what is still to be kept damp after that, ${time('Not looked at', wantedMin - lookedMin)}, is not looked at.`,
        ]
      : [];
  const surface = weatherRemarks(record);
  if (duty.state === 'cover') {
    const leaves = ledger.assumed('Evaporation', 'evaporation', duty.evaporationKgM2h, 'menzel-1954');
    const from = ledger.assumed('Cover from', 'evaporation', coverFromKgM2h, 'aci-305r');
    const why =
      duty.evaporationKgM2h >= coverFromKgM2h
        ? say`from ${from} on nobody keeps it damp by misting`
        : say`it would have to be misted more often than every ${ledger.given('Closest', 'duration', measured(given, closest), 'entered', '')}`;
    return {
      duty,
      sayings: [
        say`Cover it, or spray a curing compound, by ${at(duty.fromMin)}: ${leaves} leaves the face then, and ${why}.`,
        say`Sheet laid flat and weighed down at its edges keeps its own water in. Shade it, and break the wind.`,
        ...surface,
      ],
    };
  }
  const [first] = duty.atMin;
  return {
    duty,
    sayings: [
      first === undefined
        ? say`One misting at the end of finishing lasts for all of this time: look at it twice a day all the same.`
        : say`Mist it at the end of finishing, again by ${at(first)}, and ${ledger.assumed('Mistings', 'count', duty.atMin.length, 'menzel-1954')} times in all; the closest two are ${time('Closest', duty.closestMin)} apart.`,
      ...short,
      ...surface,
    ],
  };
}

/** Keeping a fresh cement face damp over weather. */
export const moistTool: QuickTool = {
  id: 'moist-care',
  group: 'Setting and cure',
  title: 'Keeping a fresh face damp',
  words: 'When a fresh cement face is misted again, by what evaporates from it in each hour, or that it has to be covered.',
  measures: [finished, damp, film, closest],
  overWeather: true,
  answer: (given) => {
    const found = given.record && moistAnswer(given.record, given);
    return found ? answered(found.sayings.slice(0, 1), found.sayings.slice(1), found.duty.state === 'cover') : refusedTool('weather', wantsWeather);
  },
};
