import { formula, type InputSpec } from '../quantity/formula.ts';
import { arrheniusMultiplier } from './reaction.ts';

const gasKjMolK = 8.314462618e-3;

/** Activation energies in kJ/mol taken outside what a sheet states: a wait never shortens faster nor a pot life lengthens more than these say. */
const usualWaitKjMol = 55;
const slowPotLifeKjMol = 49;
const fastPotLifeKjMol = 60;

/** Activation energy in kJ/mol that two times of one reaction at two temperatures come to (Arrhenius). */
export function activationOf(coldMin: number, coldC: number, warmMin: number, warmC: number): number {
  return (gasKjMolK * Math.log(coldMin / warmMin)) / (1 / (coldC + 273.15) - 1 / (warmC + 273.15));
}

const time = (label: string, usual: number): InputSpec & { readonly kind: 'duration' } => ({ kind: 'duration', label, min: 0.1, max: 1e6, usual });
const at = (label: string, usual: number): InputSpec & { readonly kind: 'temperature' } => ({ kind: 'temperature', label, min: -30, max: 80, usual });

/** The two points of a sheet, and the temperature asked for. */
const twoPoints = {
  coldMin: time('time at the colder temperature', 1440),
  coldC: at('colder temperature of the sheet', 10),
  warmMin: time('time at the warmer temperature', 480),
  warmC: at('warmer temperature of the sheet', 23),
  temperatureC: at('temperature here', 15),
} as const;

interface Points {
  readonly coldMin: number;
  readonly coldC: number;
  readonly warmMin: number;
  readonly warmC: number;
  readonly temperatureC: number;
}

function contradict({ coldMin, coldC, warmMin, warmC }: Points): { readonly input: 'warmC' | 'warmMin'; readonly why: string } | undefined {
  if (warmC < coldC + 2)
    return { input: 'warmC', why: 'The two temperatures of the sheet are too close, or the wrong way round: the warmer one comes second.' };
  if (warmMin > coldMin)
    return { input: 'warmMin', why: 'It is slower where it is warmer, as no resin is: look at the sheet again, the two times may be the wrong way round.' };
  return undefined;
}

/** The time at a temperature from a point of the sheet, with an activation energy. */
function from(pointMin: number, pointC: number, temperatureC: number, activationKjMol: number): number {
  return (pointMin * arrheniusMultiplier(temperatureC, activationKjMol)) / arrheniusMultiplier(pointC, activationKjMol);
}

/** A wait by a sheet's two points, in min: between them as they say, outside them the longer of that and the usual. */
export const waitByPoints = formula({
  name: 'wait-by-points',
  title: 'Wait, from two times of the sheet',
  words:
    'between the two temperatures of the sheet by Arrhenius through both; colder or warmer than both, the longer of that and the usual activation energy for waits',
  inputs: twoPoints,
  output: 'duration',
  against: 'temperatureC',
  source: 'arrhenius',
  together: contradict,
  compute: ({ coldMin, coldC, warmMin, warmC, temperatureC }) => {
    const own = activationOf(coldMin, coldC, warmMin, warmC);
    if (temperatureC < coldC) return from(coldMin, coldC, temperatureC, Math.max(own, usualWaitKjMol));
    if (temperatureC > warmC) return from(warmMin, warmC, temperatureC, Math.min(own, usualWaitKjMol));
    return from(coldMin, coldC, temperatureC, own);
  },
});

/** A pot life by a sheet's two points, in min: between them as they say, outside them the shorter of that and the usual. */
export const potLifeByPoints = formula({
  name: 'pot-life-by-points',
  title: 'Pot life, from two times of the sheet',
  words:
    'between the two temperatures of the sheet by Arrhenius through both; colder or warmer than both, the shorter of that and the usual activation energy for pot lives',
  inputs: { ...twoPoints, coldMin: time('pot life at the colder temperature', 60), warmMin: time('pot life at the warmer temperature', 25) },
  output: 'duration',
  against: 'temperatureC',
  source: 'arrhenius',
  together: contradict,
  compute: ({ coldMin, coldC, warmMin, warmC, temperatureC }) => {
    const own = activationOf(coldMin, coldC, warmMin, warmC);
    if (temperatureC < coldC) return from(coldMin, coldC, temperatureC, Math.min(own, slowPotLifeKjMol));
    if (temperatureC > warmC) return from(warmMin, warmC, temperatureC, Math.max(own, fastPotLifeKjMol));
    return from(coldMin, coldC, temperatureC, own);
  },
});

/** A time by the factor that a sheet gives for ten kelvin, in min. */
export const timeByTenKelvin = formula({
  name: 'time-by-ten-kelvin',
  title: 'Time, by a factor for ten kelvin',
  words: 'the stated time times the factor to the power of how many times ten kelvin it is colder',
  inputs: {
    statedMin: time('stated time', 60),
    statedC: at('stated temperature', 23),
    factor: { kind: 'ratio', label: 'factor for ten kelvin', min: 1, max: 5, usual: 2 },
    temperatureC: at('temperature here', 15),
  },
  output: 'duration',
  against: 'temperatureC',
  source: 'generic-sheet',
  compute: ({ statedMin, statedC, factor, temperatureC }) => statedMin * factor ** ((statedC - temperatureC) / 10),
});
