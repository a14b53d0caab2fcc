import {
  concreteBelow,
  cureProgress,
  exotherm,
  genericEpoxy,
  progressEndMin,
  sandFilledResin,
  TintingPot,
  usualTints,
  whiteBase,
  climateOf,
  weatherRecord,
  type ClimateSeries,
} from '@oddment/core';

const waits = 1000;

/** A week of hours that warm by day and cool by night. */
function week(): ClimateSeries {
  const hours = Array.from({ length: 168 }, (_v, i) => ({
    at: new Date(i * 3_600_000).toISOString(),
    airC: 14 + 8 * Math.cos((2 * Math.PI * (i - 15)) / 24),
    humidityPct: 60,
    windKmh: 8,
    rainMm: 0,
  }));
  const [first, ...rest] = hours;
  const series = first && climateOf(weatherRecord([first, ...rest]));
  if (!series) throw new Error('a week has hours');
  return series;
}

function timed(act: () => unknown): number {
  const start = performance.now();
  act();
  return performance.now() - start;
}

/** What the calculators of knowledge take: heat in a thick lift, waits over a climate, the next addition of color. */
export function knowledgeRows(rounds: number, row: (words: string, times: readonly number[], aim?: number) => string): string[] {
  const lift = { kinetics: genericEpoxy, lift: sandFilledResin, liftMm: 50, substrate: concreteBelow, ambientC: 23, filmWm2K: 10, forMin: 1440 };
  const series = week();
  const cure = { at23Min: 960, law: { by: 'arrhenius', activationKjMol: 55 } } as const;
  const manyWaits = () => {
    for (let i = 0; i < waits; i++) progressEndMin((i * 7) % 4000, series, ({ slabC }) => cureProgress(cure, slabC));
  };
  const pot = new TintingPot({ base: whiteBase, tints: usualTints, target: { l: 84, a: 2, b: 13 }, baseG: 1000, divisionG: 0.1, limit: 1 });
  const grams = [1000, 0, 1.5, 8, 1, 2, 0];
  const dabs = [{ by: 'meter', grams, lab: { l: 88.4, a: 1, b: 8.2 } }] as const;
  const addition = () => pot.next(grams, dabs);
  for (const act of [() => exotherm(lift), manyWaits, addition]) act();
  const times = (act: () => unknown) => Array.from({ length: rounds }, () => timed(act));
  return [
    row(
      'heat in a lift of 50 mm over 24 h',
      times(() => exotherm(lift)),
      200,
    ),
    row(`progress of ${String(waits)} waits over a week of hourly climate`, times(manyWaits), 50),
    row('next addition of color, from one dab', times(addition), 50),
  ];
}
