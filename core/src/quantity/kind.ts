/**
 * The quantity kinds. A kind decides the base unit a value is kept in, and how it is rounded and
 * shown. Values are always kept in the base unit named here.
 */
export const baseUnits = {
  /** a run along a surface */
  length: 'mm',
  /** a thickness, depth or width of a cut */
  depth: 'mm',
  /** the opening of a crack */
  crackWidth: 'mm',
  /** a thin layer */
  film: 'mm',
  /** a grain or wheel size */
  grain: 'mm',
  /** a face or an opening */
  area: 'mm²',
  volume: 'mL',
  mass: 'g',
  temperature: '°C',
  temperatureDifference: 'K',
  duration: 'min',
  /** an age in days */
  age: 'd',
  /** a dimensionless share or factor */
  ratio: '',
  /** relative humidity or moisture content */
  percent: '%',
  count: '',
  /** an amount in the currency that its label names */
  money: '',
  evaporation: 'kg/m²h',
  speed: 'km/h',
  density: 'kg/L',
  viscosity: 'mPa·s',
  pressure: 'MPa',
  /** temperature over time */
  maturity: '°C·h',
  surfaceTension: 'mN/m',
  angle: '°',
  activationEnergy: 'kJ/mol',
  /** activation energy divided by the gas constant */
  activationTemperature: 'K',
  /** area that a volume of paint covers */
  spreading: 'm²/L',
  /** hands-on time per run of length */
  pace: 'min/m',
  /** hands-on time per face */
  areaPace: 'min/m²',
  /** hands-on time per volume */
  volumePace: 'min/L',
  /** what is strewn or laid on a face */
  areaMass: 'kg/m²',
  /** what a mass of powder yields, or takes of water */
  specificVolume: 'L/kg',
} as const;

export type QuantityKind = keyof typeof baseUnits;

export type UnitSystem = 'metric' | 'us';
