import { formula } from '../quantity/formula.ts';
import { saturationPressurePa } from './humidAir.ts';

const air = { kind: 'temperature', label: 'air temperature', min: 0.5, max: 45, usual: 20 } as const;
const humidity = { kind: 'percent', label: 'relative humidity', min: 0, max: 98, usual: 60 } as const;

/**
 * Drying time of drying-type joint compound in min, by temperature, humidity and thickness: a mass-transfer
 * form fitted to the gypsum industry's table for a millimeter under tape. Steeper above the thickness of a tape coat.
 */
export const compoundDrying = formula({
  name: 'compound-drying',
  title: 'Compound is dry through',
  words:
    'a constant over the vapor pressure that the air could hold and over what is missing of it, in proportion to the thickness up to a tape coat and faster than that above, times what tape and moving air do',
  inputs: {
    airC: air,
    humidityPct: humidity,
    thicknessMm: { kind: 'film', also: ['depth'], label: 'thickness of the coat', min: 0.1, max: 3, usual: 1 },
    cover: {
      kind: 'ratio',
      label: 'what cover leaves of the drying',
      min: 0.25,
      max: 1,
      usual: 1,
      named: [
        { label: 'under tape', value: 1 },
        { label: 'no tape', value: 0.65 },
        { label: 'set by itself, under tape', value: 0.5 },
        { label: 'set by itself, no tape', value: 0.33 },
      ],
    },
    draft: {
      kind: 'ratio',
      label: 'what moving air leaves of the time',
      min: 0.5,
      max: 1,
      usual: 1,
      named: [
        { label: 'still air', value: 1 },
        { label: 'gentle fan', value: 0.75 },
        { label: 'strong fan', value: 0.6 },
      ],
    },
  },
  output: 'duration',
  against: 'humidityPct',
  source: 'gypsum-drying',
  compute: ({ airC, humidityPct, thicknessMm, cover, draft }) => {
    const hours = 23.06 * (saturationPressurePa(airC) / 1000) ** -1.036 * (1 - humidityPct / 100) ** -0.901;
    const coat = 1.5;
    const thickness = thicknessMm <= coat ? thicknessMm : coat * (thicknessMm / coat) ** 1.25;
    return 60 * hours * thickness * cover * draft;
  },
});

/** What the air still takes up of vapor, in Pa; damper than 97 % it is taken as that. */
const deficitPa = (airC: number, humidityPct: number) => saturationPressurePa(airC) * Math.max(0.03, 1 - humidityPct / 100);

/**
 * Drying time of water-borne paint and primer in min: the time of the sheet, longer as the air takes up less. Evaporation goes
 * with what the air lacks of vapor; that the whole drying does is our own judgement. A film skins over: never less than half.
 */
export const paintDrying = formula({
  name: 'paint-drying',
  title: 'Paint is dry',
  words: 'the time of its sheet, times what the air of the sheet lacks of vapor over what this air lacks; never less than half of it',
  inputs: {
    sheetMin: { kind: 'duration', label: 'dry by its sheet', min: 1, max: 10_000, usual: 60 },
    airC: { kind: 'temperature', label: 'air temperature', min: -20, max: 50, usual: 15 },
    humidityPct: { kind: 'percent', label: 'relative humidity', min: 0, max: 100, usual: 70 },
  },
  output: 'duration',
  against: 'humidityPct',
  source: 'judgement',
  compute: ({ sheetMin, airC, humidityPct }) => sheetMin * Math.max(0.5, deficitPa(23, 50) / deficitPa(airC, humidityPct)),
});

/** Equilibrium moisture of timber in percent of its dry weight (Hailwood and Horrobin, coefficients of the Wood Handbook). */
export const timberMoisture = formula({
  name: 'timber-moisture',
  title: 'Moisture that timber comes to',
  words: 'water dissolved in the wood and bound to it at this temperature and humidity, with the coefficients of the handbook',
  inputs: {
    airC: { kind: 'temperature', label: 'air temperature', min: -10, max: 60, usual: 20 },
    humidityPct: { kind: 'percent', label: 'relative humidity', min: 1, max: 99, usual: 60 },
  },
  output: 'percent',
  against: 'humidityPct',
  source: 'wood-handbook',
  compute: ({ airC: t, humidityPct }) => {
    const h = humidityPct / 100;
    const w = 349 + 1.29 * t + 0.0135 * t ** 2;
    const k = 0.805 + 0.000736 * t - 0.00000273 * t ** 2;
    const k1 = 6.27 - 0.00938 * t - 0.000303 * t ** 2;
    const k2 = 1.91 + 0.0407 * t - 0.000293 * t ** 2;
    const bound = (k1 * k * h + 2 * k1 * k2 * (k * h) ** 2) / (1 + k1 * k * h + k1 * k2 * (k * h) ** 2);
    return (1800 / w) * ((k * h) / (1 - k * h) + bound);
  },
});

/** Diffusion of water across the grain of a softwood at 20 °C, in mm²/min; it doubles for each 16 K or so (an activation of 35 kJ/mol). */
const acrossGrainMm2Min = 7e-5 * 60;
const perKelvin = 35_000 / 8.314;

/**
 * How long wood dries in min until its mean moisture is down to a limit, from both faces, while the air stays as it is: diffusion into a
 * board whose faces are at the moisture of the air. An order of magnitude, checked against months of air drying; a meter decides. Refused
 * where this air never dries it so far.
 */
export const timberDrying = formula({
  name: 'timber-drying',
  title: 'Wood has dried to a limit',
  words:
    'diffusion across the grain from both faces, by the square of half the thickness, as far as the limit lies between what it reads and what this air brings it to',
  inputs: {
    nowPct: { kind: 'percent', label: 'what it reads', min: 3, max: 100, usual: 26 },
    limitPct: { kind: 'percent', label: 'what it has to come to', min: 3, max: 60, usual: 18 },
    airPct: { kind: 'percent', label: 'what this air brings it to', min: 0, max: 40, usual: 13 },
    airC: { kind: 'temperature', label: 'air temperature', min: -10, max: 60, usual: 15 },
    thicknessMm: { kind: 'depth', label: 'thickness of the piece', min: 3, max: 1000, usual: 45 },
  },
  output: 'duration',
  against: 'thicknessMm',
  source: 'judgement',
  together: ({ nowPct, limitPct, airPct }) =>
    limitPct < nowPct && airPct >= limitPct
      ? { input: 'airPct', why: 'This air never dries it so far: the air is dried or warmed, or the wood waits for drier days.' }
      : undefined,
  compute: ({ nowPct, limitPct, airPct, airC, thicknessMm }) => {
    if (limitPct >= nowPct) return 0;
    const left = (limitPct - airPct) / (nowPct - airPct);
    const across = (thicknessMm / 2) ** 2 / (acrossGrainMm2Min * Math.exp(perKelvin * (1 / 293.15 - 1 / (airC + 273.15))));
    return across * (left >= 0.5 ? (Math.PI / 4) * (1 - left) ** 2 : (4 / Math.PI ** 2) * Math.log(8 / (Math.PI ** 2 * left)));
  },
});

/** How long a damp masonry wall dries before it may be closed, in days: a date to look at, a check decides. */
export const wallDrying = formula({
  name: 'wall-drying',
  title: 'Damp wall, when to check it',
  words: 'about a month for each inch of thickness',
  inputs: { thicknessMm: { kind: 'depth', label: 'thickness of the wall', min: 10, max: 2000, usual: 300 } },
  output: 'age',
  against: 'thicknessMm',
  source: 'practice',
  compute: ({ thicknessMm }) => (thicknessMm / 25.4) * 30.4375,
});

/** Solvent that may evaporate in a closed room before its vapor reaches a share of the lower explosive limit, in mL. */
export const solventLimit = formula({
  name: 'solvent-limit',
  title: 'Solvent the room bears',
  words:
    'share of the lower explosive limit, times that limit, the room and the molar weight, over density and molar volume of its vapor; no ventilation counted',
  inputs: {
    share: { kind: 'ratio', label: 'share of the lower explosive limit', min: 0.01, max: 0.25, usual: 0.1 },
    limitPct: { kind: 'percent', label: 'lower explosive limit in air', min: 0.5, max: 20, usual: 2.5 },
    roomMl: { kind: 'volume', label: 'volume of the room', min: 1e5, max: 1e9, usual: 2.5e7 },
    molarG: { kind: 'mass', label: 'weight of one mole', min: 10, max: 400, usual: 58 },
    densityKgL: { kind: 'density', label: 'density of the solvent', min: 0.5, max: 2, usual: 0.79 },
  },
  output: 'volume',
  against: 'roomMl',
  source: 'ideal-gas',
  compute: ({ share, limitPct, roomMl, molarG, densityKgL }) => (share * (limitPct / 100) * roomMl * molarG) / (densityKgL * 24_470),
});

/** How long a batch of setting-type compound can be worked, in min: a share of the minutes it is named by. It sets first and dries after. */
export const settingWorkingTime = formula({
  name: 'setting-working-time',
  title: 'Setting compound can be worked',
  words: 'six tenths of the minutes it is named by; a dirty pail, old crumbs or warm water shorten it, and more water added later spoils it',
  inputs: {
    namedMin: {
      kind: 'duration',
      label: 'minutes it is named by',
      min: 5,
      max: 210,
      usual: 45,
      named: [
        { label: 'five', value: 5 },
        { label: 'twenty', value: 20 },
        { label: 'forty-five', value: 45 },
        { label: 'ninety', value: 90 },
      ],
    },
  },
  output: 'duration',
  source: 'practice',
  compute: ({ namedMin }) => 0.6 * namedMin,
});
