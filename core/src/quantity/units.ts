import type { QuantityKind, UnitSystem } from './kind.ts';

/** A unit by its factor to the base unit, and what is added before. */
export type Unit = readonly [factor: number, offset?: number];

const lengths: Readonly<Record<string, Unit>> = {
  mm: [1],
  cm: [10],
  m: [1000],
  in: [25.4],
  '"': [25.4],
  inch: [25.4],
  inches: [25.4],
  ft: [304.8],
  "'": [304.8],
  feet: [304.8],
  mil: [0.0254],
  mils: [0.0254],
};

/** The units that each kind may be written in, with their factors to the base unit. */
export const unitTables: Partial<Record<QuantityKind, Readonly<Record<string, Unit>>>> = {
  length: lengths,
  depth: lengths,
  crackWidth: lengths,
  film: lengths,
  grain: lengths,
  volume: { ml: [1], l: [1000], 'fl oz': [29.5735295625], oz: [29.5735295625], gal: [3785.411784] },
  area: {
    'm²': [1e6],
    m2: [1e6],
    sqm: [1e6],
    'cm²': [100],
    cm2: [100],
    'mm²': [1],
    mm2: [1],
    'ft²': [92_903.04],
    ft2: [92_903.04],
    sqft: [92_903.04],
    'in²': [645.16],
    in2: [645.16],
    sqin: [645.16],
  },
  mass: { g: [1], kg: [1000], lb: [453.59237], oz: [28.349523125] },
  temperature: { c: [1], '°c': [1], f: [5 / 9, -32], '°f': [5 / 9, -32] },
  temperatureDifference: { k: [1], c: [1], '°c': [1], f: [5 / 9], '°f': [5 / 9] },
  duration: { min: [1], h: [60], d: [1440], s: [1 / 60], days: [1440], day: [1440], hours: [60], hour: [60], weeks: [10_080] },
  age: { d: [1], days: [1], day: [1], weeks: [7], week: [7], months: [30.4375], month: [30.4375], years: [365.25], year: [365.25], yr: [365.25] },
  percent: { '%': [1] },
  density: { 'kg/l': [1], 'g/ml': [1], 'lb/gal': [0.119826427] },
  viscosity: { 'mpa·s': [1], mpas: [1], cp: [1] },
  surfaceTension: { 'mn/m': [1], 'dyn/cm': [1] },
  angle: { '°': [1], deg: [1] },
  evaporation: { 'kg/m²h': [1], 'lb/ft²h': [4.88242764] },
  activationEnergy: { 'kj/mol': [1] },
  spreading: { 'm²/l': [1], 'm2/l': [1], 'ft²/gal': [1 / 40.7458331], 'ft2/gal': [1 / 40.7458331] },
  activationTemperature: { k: [1] },
  pace: { 'min/m': [1], 'min/ft': [3.2808399] },
  areaPace: { 'min/m²': [1], 'min/m2': [1], 'min/ft²': [1 / 0.09290304], 'min/ft2': [1 / 0.09290304] },
  volumePace: { 'min/l': [1], 'min/gal': [1 / 3.785411784] },
  areaMass: { 'kg/m²': [1], 'kg/m2': [1], 'lb/ft²': [1 / 0.204816143622], 'lb/ft2': [1 / 0.204816143622] },
  specificVolume: { 'l/kg': [1], 'ml/g': [1], 'gal/lb': [1 / 0.119826427] },
  pressure: { mpa: [1], bar: [0.1], kpa: [0.001], psi: [1 / 145.037738] },
  speed: { 'km/h': [1], mph: [1.609344], 'm/s': [3.6] },
};

/** The unit that a number without one is taken in, as the tables name it. */
export const bareUnits: Record<UnitSystem, Partial<Record<QuantityKind, string>>> = {
  metric: {
    length: 'm',
    depth: 'mm',
    crackWidth: 'mm',
    film: 'mm',
    grain: 'mm',
    volume: 'ml',
    area: 'm²',
    mass: 'g',
    temperature: 'c',
    temperatureDifference: 'k',
    duration: 'min',
    age: 'd',
    percent: '%',
    speed: 'km/h',
    pressure: 'mpa',
    density: 'kg/l',
    viscosity: 'mpa·s',
    surfaceTension: 'mn/m',
    angle: '°',
    evaporation: 'kg/m²h',
    activationEnergy: 'kj/mol',
    activationTemperature: 'k',
    pace: 'min/m',
    areaPace: 'min/m²',
    volumePace: 'min/l',
    areaMass: 'kg/m²',
    specificVolume: 'l/kg',
    spreading: 'm²/l',
  },
  us: {
    length: 'ft',
    depth: 'in',
    crackWidth: 'in',
    film: 'mil',
    grain: 'in',
    volume: 'fl oz',
    area: 'ft²',
    mass: 'oz',
    temperature: 'f',
    temperatureDifference: 'f',
    duration: 'min',
    age: 'd',
    percent: '%',
    speed: 'mph',
    pressure: 'psi',
    density: 'lb/gal',
    viscosity: 'cp',
    surfaceTension: 'dyn/cm',
    angle: '°',
    evaporation: 'lb/ft²h',
    activationEnergy: 'kj/mol',
    activationTemperature: 'k',
    pace: 'min/ft',
    areaPace: 'min/ft²',
    volumePace: 'min/gal',
    areaMass: 'lb/ft²',
    specificVolume: 'gal/lb',
    spreading: 'ft²/gal',
  },
};

/** Units whose letters are not all small. */
const written: Readonly<Record<string, string>> = {
  ml: 'mL',
  k: 'K',
  mpa: 'MPa',
  'kg/l': 'kg/L',
  'mpa·s': 'mPa·s',
  'mn/m': 'mN/m',
  cp: 'cP',
  'm²/l': 'm²/L',
  'min/l': 'min/L',
  'l/kg': 'L/kg',
  'kj/mol': 'kJ/mol',
};

/** The unit a bare number is taken in, as it is written beside a field. */
export function bareUnit(kind: QuantityKind, units: UnitSystem): string {
  const unit = bareUnits[units][kind] ?? '';
  if (kind === 'temperature') return `°${unit.toUpperCase()}`;
  if (kind === 'age') return 'days';
  return written[unit] ?? unit;
}
