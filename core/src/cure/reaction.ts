import { formula } from '../quantity/formula.ts';
import { round12 } from '../quantity/round.ts';

const gasConstant = 8.314462618e-3;
/** Temperature in °C at which sheets and shelf state their times. */
export const referenceC = 23;

/** Time multiplier of a reaction at `temperatureC` against 23 °C, by Arrhenius with an energy in kJ/mol. */
export function arrheniusMultiplier(temperatureC: number, activationKjMol: number): number {
  return round12(Math.exp((activationKjMol / gasConstant) * (1 / (temperatureC + 273.15) - 1 / (referenceC + 273.15))));
}

/** Time multiplier for a working time: doubling per 10 K below 23 °C, 60 kJ/mol above it; the shorter of the two on either side. */
export function workingMultiplier(temperatureC: number): number {
  return Math.min(round12(2 ** ((referenceC - temperatureC) / 10)), arrheniusMultiplier(temperatureC, 60));
}

/** Factor of equivalent age at `temperatureC` against 23 °C (ASTM C1074), activation energy over gas constant in K. */
export function equivalentAgeFactor(temperatureC: number, activationK: number): number {
  return round12(Math.exp(-activationK * (1 / (temperatureC + 273.15) - 1 / (referenceC + 273.15))));
}

const temperature = { kind: 'temperature', label: 'temperature', min: -30, max: 80, usual: 15 } as const;

/** Gel time to work within, in min, at a temperature: on the short side. */
export const gelTime = formula({
  name: 'gel-time',
  title: 'Gel time to work within',
  words: 'gel time at the reference temperature, doubled for each ten kelvin colder or shortened by Arrhenius when warmer, whichever is shorter',
  inputs: { gelAt23Min: { kind: 'duration', label: 'gel time at the reference temperature', min: 0.1, max: 10000, usual: 6 }, temperatureC: temperature },
  output: 'duration',
  against: 'temperatureC',
  source: 'gel-rule',
  compute: ({ gelAt23Min, temperatureC }) => gelAt23Min * workingMultiplier(temperatureC),
});

/** The highest temperature, in °C, at which a mix still gives the working time that is needed: the law of `gelTime` read backwards. */
export const hottestFor = formula({
  name: 'hottest-for',
  title: 'Highest temperature for a working time',
  words:
    'the temperature at which the gel time to work within comes to what is needed: ten kelvin colder for each doubling, or by Arrhenius, whichever is colder',
  inputs: {
    gelAt23Min: { kind: 'duration', label: 'gel time at the reference temperature', min: 0.1, max: 10000, usual: 6 },
    needMin: { kind: 'duration', label: 'working time that is needed', min: 0.01, max: 10000, usual: 4 },
  },
  output: 'temperature',
  against: 'needMin',
  source: 'gel-rule',
  compute: ({ gelAt23Min, needMin }) => {
    const times = needMin / gelAt23Min;
    const doubling = referenceC - 10 * Math.log2(times);
    const arrhenius = 1 / (1 / (referenceC + 273.15) + (Math.log(times) * gasConstant) / 60) - 273.15;
    // far beyond what any mix is worked at the second law has no temperature left
    return round12(arrhenius > -273.15 ? Math.min(doubling, arrhenius) : doubling);
  },
});

/** A wait of a reactive resin, in min, at a temperature: on the long side. */
export const resinWait = formula({
  name: 'resin-wait',
  title: 'Wait of a resin',
  words: 'wait at the reference temperature times the Arrhenius multiplier',
  inputs: {
    waitAt23Min: { kind: 'duration', label: 'wait at the reference temperature', min: 0, max: 1e6, usual: 1440 },
    temperatureC: temperature,
    activationKjMol: { kind: 'activationEnergy', label: 'activation energy', min: 10, max: 150, usual: 55 },
  },
  output: 'duration',
  against: 'temperatureC',
  source: 'arrhenius',
  compute: ({ waitAt23Min, temperatureC, activationKjMol }) => waitAt23Min * arrheniusMultiplier(temperatureC, activationKjMol),
});

/** A wait of a cement system, in min, at a temperature: equivalent age. */
export const cementWait = formula({
  name: 'cement-wait',
  title: 'Wait of a cement system',
  words: 'wait at the reference temperature divided by the equivalent-age factor',
  inputs: {
    waitAt23Min: { kind: 'duration', label: 'wait at the reference temperature', min: 0, max: 1e6, usual: 1440 },
    temperatureC: temperature,
    activationK: { kind: 'activationTemperature', label: 'activation energy over the gas constant', min: 1000, max: 10000, usual: 5000 },
  },
  output: 'duration',
  against: 'temperatureC',
  source: 'astm-c1074',
  compute: ({ waitAt23Min, temperatureC, activationK }) => waitAt23Min / equivalentAgeFactor(temperatureC, activationK),
});

/** A multiple of a duration, in min. */
export const timesDuration = formula({
  name: 'times-duration',
  title: 'Multiple of a time',
  words: 'the time multiplied',
  inputs: {
    durationMin: { kind: 'duration', label: 'time', min: 0, max: 1e6, usual: 30 },
    times: { kind: 'ratio', label: 'times', min: 0, max: 1000, usual: 2 },
  },
  output: 'duration',
  source: 'practice',
  compute: ({ durationMin, times }) => durationMin * times,
});

/** A time so many times over, in min. */
export const manyDurations = formula({
  name: 'many-durations',
  title: 'So many times over',
  words: 'the time, so many times',
  inputs: {
    durationMin: { kind: 'duration', label: 'time of one', min: 0, max: 1e6, usual: 30 },
    count: { kind: 'count', label: 'how many', min: 0, max: 10_000, usual: 3 },
  },
  output: 'duration',
  source: 'geometry',
  compute: ({ durationMin, count }) => durationMin * count,
});

/** The longer of several durations, in min. */
export const longest = formula({
  name: 'longest',
  title: 'The longer time',
  words: 'the longest of the times',
  inputs: { durationMin: { kind: 'duration', label: 'each time', min: 0, max: 1e6, list: true, usual: [10, 25, 15] } },
  output: 'duration',
  source: 'geometry',
  compute: ({ durationMin }) => Math.max(...durationMin),
});

/** When a recoat window closes, in min: never later than at the reference temperature, sooner when warmer. */
export const windowClose = formula({
  name: 'window-close',
  title: 'Window closes',
  words: 'the window at the reference temperature, shortened by Arrhenius when warmer, never lengthened',
  inputs: { windowAt23Min: { kind: 'duration', label: 'window at the reference temperature', min: 0.1, max: 1e6, usual: 1440 }, temperatureC: temperature },
  output: 'duration',
  against: 'temperatureC',
  source: 'judgement',
  compute: ({ windowAt23Min, temperatureC }) => windowAt23Min * Math.min(1, workingMultiplier(temperatureC)),
});

/** Days as a time, in min. */
export const daysAsTime = formula({
  name: 'days-as-time',
  title: 'Days as a time',
  words: 'days times the minutes of one',
  inputs: { ageD: { kind: 'age', label: 'days', min: 0, max: 10_000, usual: 2 } },
  output: 'duration',
  source: 'geometry',
  compute: ({ ageD }) => ageD * 1440,
});
