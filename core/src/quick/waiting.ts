import { climateOf, type WeatherRecord } from '../climate/weatherRecord.ts';
import { waitOver, type CureProgress, type WaitOver } from '../cure/progress.ts';
import { referenceC, resinWait, windowClose } from '../cure/reaction.ts';
import { evaluate } from '../quantity/formula.ts';
import { Ledger } from '../quantity/ledger.ts';
import { instant, say, type Saying } from '../quantity/saying.ts';
import { answered, measured, refusedTool, type QuickTool, type ToolGiven, type ToolMeasure } from './tool.ts';
import { wantsWeather, weatherRemarks } from './weather.ts';

const wait: ToolMeasure = { name: 'wait', label: 'The wait as stated, at the reference temperature', kind: 'duration', usual: 1440, min: 1, max: 100_000 };
const begins: ToolMeasure = { name: 'begins', label: 'It begins so long after the first line', kind: 'duration', usual: 0, min: 0, max: 100_000 };
const stands: ToolMeasure = { name: 'stands', label: 'It stands still below', kind: 'temperature', usual: 5, min: -30, max: 40 };
/** activation energies taken where a sheet gives none */
const usualWaits = { resin: 55, cement: 5000 } as const;

const referenceFigure = (ledger: Ledger) => ledger.assumed('Reference temperature', 'temperature', referenceC, 'practice');

/** A wait over weather, and in words. */
export interface WaitAnswer {
  readonly over: WaitOver;
  readonly sayings: readonly Saying[];
}

/** How far a wait comes over weather, and when it is done. */
export function waitAnswer(record: WeatherRecord, given: ToolGiven): WaitAnswer | undefined {
  const series = climateOf(record);
  if (!series) return undefined;
  const law: CureProgress['law'] =
    given.choices['law'] === 'cement' ? { by: 'equivalent-age', activationK: usualWaits.cement } : { by: 'arrhenius', activationKjMol: usualWaits.resin };
  const start = measured(given, begins);
  const stated = measured(given, wait);
  const over = waitOver(start, series, record.endMin, { at23Min: stated, law, stopsBelowC: measured(given, stands) });
  const ledger = new Ledger();
  const source = law.by === 'arrhenius' ? 'arrhenius' : 'astm-c1074';
  const time = (label: string, min: number) => ledger.assumed(label, 'duration', min, source);
  const at = (min: number) => instant(new Date(Date.parse(record.startAt) + min * 60_000).toISOString());
  const share = over.points[over.points.length - 1]?.share ?? 0;
  const still =
    over.stillMin > 0
      ? [
          say`It stands still for ${time('Standing still', over.stillMin)} of that time: the surface is below ${ledger.given('It stands still below', 'temperature', measured(given, stands), 'entered', '')}. That time does not count.`,
        ]
      : [];
  const head =
    start >= record.endMin
      ? say`It begins after the last of this weather.`
      : over.doneMin === undefined
        ? say`Not done by ${at(record.endMin)}, where this weather ends: ${ledger.assumed('Done', 'percent', share * 100, source)} of the wait is behind it.`
        : say`Done by ${at(over.doneMin)}, after ${time('Wait', over.doneMin - start)}.`;
  return { over, sayings: [head, ...still, ...weatherRemarks(record), say`The reference temperature is ${referenceFigure(ledger)}.`] };
}

/** A wait over weather. */
export const waitTool: QuickTool = {
  id: 'wait-over-weather',
  group: 'Setting and cure',
  title: 'A wait over the weather',
  words:
    'When something that hardens is done, over temperatures that change: it goes faster in the warm hours, slower in the cold, and not at all below where it stands still.',
  choices: [
    {
      name: 'law',
      label: 'What hardens',
      options: [
        ['resin', 'a resin'],
        ['cement', 'a cement'],
      ],
    },
  ],
  measures: [wait, begins, stands],
  overWeather: true,
  answer: (given) => {
    const found = given.record && waitAnswer(given.record, given);
    return found ? answered(found.sayings.slice(0, 1), found.sayings.slice(1)) : refusedTool('weather', wantsWeather);
  },
};

const opens: ToolMeasure = {
  name: 'opens',
  label: 'Ready for the next coat at the reference temperature after',
  kind: 'duration',
  usual: 240,
  min: 1,
  max: 100_000,
};
const closes: ToolMeasure = {
  name: 'closes',
  label: 'The window closes at the reference temperature after',
  kind: 'duration',
  usual: 1440,
  min: 1,
  max: 200_000,
};
const here: ToolMeasure = { name: 'here', label: 'Temperature of the face', kind: 'temperature', usual: 15, min: -10, max: 50 };

/** When the next coat of a resin may go on, and what to do where that is missed. */
export const recoatTool: QuickTool = {
  id: 'recoat-window',
  group: 'Setting and cure',
  title: 'Window for the next coat',
  words: 'From when to when the next coat of a resin bonds to the one below without sanding, at the temperature of its face.',
  measures: [opens, closes, here],
  answer: (given) => {
    const [opensAt, closesAt, faceC] = [measured(given, opens), measured(given, closes), measured(given, here)];
    if (closesAt <= opensAt) return refusedTool('closes', 'The window closes before it opens: look at the sheet again.');
    const ledger = new Ledger();
    const from = evaluate(resinWait, { waitAt23Min: opensAt, temperatureC: faceC, activationKjMol: usualWaits.resin });
    const until = evaluate(windowClose, { windowAt23Min: closesAt, temperatureC: faceC });
    const told = (label: string, min: number) => ledger.assumed(label, 'duration', min, 'arrhenius');
    const face = ledger.given('Temperature of the face', 'temperature', faceC, 'entered', '');
    const reference = say`The reference temperature is ${referenceFigure(ledger)}.`;
    const missed = say`Where it is missed: wash off any bloom with water, let it dry, abrade until no gloss is left, wipe, and go on.`;
    if (from >= until)
      return answered(
        [say`At ${face} the window has closed before the coat is ready. Warm the face, or plan to abrade between the coats.`],
        [missed, reference],
      );
    return answered(
      [say`At ${face} the next coat goes on from ${told('From', from)} to ${told('Until', until)} after the last.`],
      [say`Ready is taken late and closed early: cold delays the first and is never let lengthen the second.`, missed, reference],
    );
  },
};
