import { formula, unequal } from '../quantity/formula.ts';

/** Nurse–Saul maturity over stretches of temperature, in °C·h, above a datum below which nothing gains. */
export const maturityIndex = formula({
  name: 'maturity-index',
  title: 'Maturity',
  words: 'temperature above the datum, never below nothing, times the hours, added up',
  inputs: {
    temperatureC: { kind: 'temperature', label: 'mean temperature of each stretch', min: -40, max: 90, list: true, usual: [25, 18, 10, 14] },
    stretchMin: { kind: 'duration', label: 'length of each stretch', min: 0, max: 1e6, list: true, usual: [360, 720, 1800, 1440] },
    datumC: { kind: 'temperature', label: 'datum', min: -20, max: 10, usual: 0 },
  },
  output: 'maturity',
  source: 'astm-c1074',
  together: ({ temperatureC, stretchMin }) => unequal('stretchMin', stretchMin, temperatureC, 'Give one length of time for each temperature.'),
  compute: ({ temperatureC, stretchMin, datumC }) => temperatureC.reduce((sum, t, i) => sum + Math.max(0, t - datumC) * ((stretchMin[i] ?? 0) / 60), 0),
});

/** Strength at an equivalent age, in MPa, by the hyperbolic law: none before the set, half of what is left to gain at one over its rate after. */
export const strengthAtAge = formula({
  name: 'strength-at-age',
  title: 'Strength',
  words: 'final strength times rate and age after the set, over one more than these',
  inputs: {
    finalMpa: { kind: 'pressure', label: 'final strength', min: 0.1, max: 200, usual: 40 },
    ratePerDay: { kind: 'ratio', label: 'rate, per day', min: 0.01, max: 100, usual: 0.45 },
    ageMin: { kind: 'duration', label: 'equivalent age', min: 0, max: 1e7, usual: 10080 },
    setMin: { kind: 'duration', label: 'age at which it begins to gain', min: 0, max: 1e5, usual: 360 },
  },
  output: 'pressure',
  against: 'ageMin',
  source: 'astm-c1074',
  compute: ({ finalMpa, ratePerDay, ageMin, setMin }) => {
    const gained = (ratePerDay * Math.max(0, ageMin - setMin)) / 1440;
    return (finalMpa * gained) / (1 + gained);
  },
});

/** Equivalent age at which a strength is reached, in min: when a gate opens. */
export const ageAtStrength = formula({
  name: 'age-at-strength',
  title: 'Gate opens at',
  words: 'the hyperbolic law read the other way: share of what is gained over what is left, over the rate, after the set',
  inputs: {
    wantedMpa: { kind: 'pressure', label: 'strength wanted', min: 0, max: 199, usual: 17 },
    finalMpa: { kind: 'pressure', label: 'final strength', min: 0.1, max: 200, usual: 40 },
    ratePerDay: { kind: 'ratio', label: 'rate, per day', min: 0.01, max: 100, usual: 0.45 },
    setMin: { kind: 'duration', label: 'age at which it begins to gain', min: 0, max: 1e5, usual: 360 },
  },
  output: 'duration',
  against: 'wantedMpa',
  source: 'astm-c1074',
  // a strength that it never reaches opens no gate
  compute: ({ wantedMpa, finalMpa, ratePerDay, setMin }) => (wantedMpa >= finalMpa ? 1e9 : setMin + (1440 * wantedMpa) / (ratePerDay * (finalMpa - wantedMpa))),
});

/** Misting of a curing face: how long a film of water lasts against evaporation, in min. */
export const mistingEvery = formula({
  name: 'misting-every',
  title: 'Mist again within',
  words: 'the film of water on the face over what evaporates, with a reserve',
  inputs: {
    filmMm: { kind: 'film', label: 'film of water', min: 0.05, max: 2, usual: 0.5 },
    evaporationKgM2h: { kind: 'evaporation', label: 'evaporation', min: 0.01, max: 5, usual: 0.5 },
    reserve: { kind: 'ratio', label: 'share kept in reserve', min: 0, max: 0.9, usual: 0.3 },
  },
  output: 'duration',
  against: 'evaporationKgM2h',
  source: 'geometry',
  // a millimeter of water weighs a kilogram a square meter
  compute: ({ filmMm, evaporationKgM2h, reserve }) => (60 * filmMm * (1 - reserve)) / evaporationKgM2h,
});

/** Days after placing from which new mortar may be painted: an age, and what it takes to dry once it is no longer kept wet. */
export const paintFrom = formula({
  name: 'paint-from',
  title: 'Painted no sooner than',
  words: 'its least age, or the days that it is kept wet and the days that it dries after them, whichever is later',
  inputs: {
    leastD: { kind: 'age', label: 'least age', min: 0, max: 365, usual: 7 },
    wetD: { kind: 'age', label: 'kept wet', min: 0, max: 60, usual: 7 },
    dryD: { kind: 'age', label: 'dries after that', min: 0, max: 60, usual: 3 },
  },
  output: 'age',
  against: 'wetD',
  source: 'practice',
  compute: ({ leastD, wetD, dryD }) => Math.max(leastD, wetD === 0 ? 0 : wetD + dryD),
});
