import { sources, type SourceId } from '../sources/register.ts';
import type { QuantityKind, UnitSystem } from './kind.ts';

/** A figure as people read it. `text` is number and unit together. */
export interface Shown {
  readonly number: string;
  readonly unit: string;
  readonly text: string;
}

function shown(number: string, unit: string, glue = ' '): Shown {
  return { number, unit, text: unit === '' ? number : `${number}${glue}${unit}` };
}

function fixed(value: number, decimals: number): string {
  // a half goes up, though its binary form may lie a hair below
  const text = (value + Math.abs(value) * 1e-9).toFixed(decimals);
  return Number(text) === 0 ? (0).toFixed(decimals) : text;
}

/** Up to `decimals` places, without trailing zeros. */
function trimmed(value: number, decimals: number): string {
  const text = fixed(value, decimals);
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
}

function significant(value: number, digits: number): string {
  if (value === 0) return '0';
  const magnitude = Math.floor(Math.log10(Math.abs(value)));
  return trimmed(value, Math.max(0, digits - 1 - magnitude));
}

const mmPerInch = 25.4;

function gcd(a: number, b: number): number {
  return b === 0 ? a : gcd(b, a % b);
}

/** Inches with a fraction to the sixteenth, to the thirty-second below half an inch. */
export function inches(mm: number): string {
  const value = Math.abs(mm) / mmPerInch;
  const denominator = value < 0.5 ? 32 : 16;
  const parts = Math.round(value * denominator);
  const sign = mm < 0 && parts > 0 ? '-' : '';
  const whole = Math.floor(parts / denominator);
  const rest = parts % denominator;
  if (rest === 0) return `${sign}${String(whole)}`;
  const divisor = gcd(rest, denominator);
  const fraction = `${String(rest / divisor)}/${String(denominator / divisor)}`;
  return sign + (whole === 0 ? fraction : `${String(whole)} ${fraction}`);
}

function feetAndInches(mm: number): string {
  const sixteenths = Math.round((mm / mmPerInch) * 16);
  const feet = Math.floor(sixteenths / 192);
  const rest = inches(((sixteenths % 192) / 16) * mmPerInch);
  return rest === '0' ? `${String(feet)}'` : `${String(feet)}' ${rest}"`;
}

function millimetres(mm: number, decimals: number): Shown {
  return shown(trimmed(mm, decimals), 'mm');
}

function lengthShown(mm: number, units: UnitSystem): Shown {
  if (units === 'metric') return Math.abs(mm) >= 1000 ? shown(fixed(mm / 1000, 2), 'm') : millimetres(mm, 0);
  return Math.abs(mm) >= 12 * mmPerInch ? shown(feetAndInches(mm), '') : shown(inches(mm), 'in');
}

/** A film of paint is told in mils, a coat of plaster or compound in parts of an inch. */
function filmShown(mm: number, units: UnitSystem): Shown {
  if (units === 'metric') return millimetres(mm, 2);
  const sixtyFourths = Math.round((mm / mmPerInch) * 64);
  if (mm < 0.7 || sixtyFourths >= 16) return mm < 0.7 ? shown(significant((mm / mmPerInch) * 1000, 2), 'mil') : shown(inches(mm), 'in');
  const divisor = gcd(sixtyFourths, 64);
  return shown(`${String(sixtyFourths / divisor)}/${String(64 / divisor)}`, 'in');
}

function crackWidthShown(mm: number, units: UnitSystem): Shown {
  if (units === 'metric') return millimetres(mm, mm < 1 ? 2 : 1);
  return mm < 1.6 ? shown(fixed(mm / mmPerInch, 3), 'in') : shown(inches(mm), 'in');
}

function volumeShown(mL: number, units: UnitSystem): Shown {
  // what is less than a third of a fluid ounce is drawn up in a syringe marked in mL everywhere
  if (units === 'metric' || (mL > 0 && mL < 10))
    return mL >= 1000 ? shown(fixed(mL / 1000, 2), 'L') : shown(mL < 0.05 ? significant(mL, 1) : mL < 10 ? fixed(mL, 1) : fixed(mL, 0), 'mL');
  const ounces = mL / 29.5735295625;
  return ounces >= 128 ? shown(fixed(ounces / 128, 2), 'gal') : shown(ounces < 10 ? fixed(ounces, 1) : fixed(ounces, 0), 'fl oz');
}

function areaShown(mm2: number, units: UnitSystem): Shown {
  if (units === 'metric') return mm2 >= 1e5 ? shown(fixed(mm2 / 1e6, 2), 'm²') : shown(mm2 < 1000 ? trimmed(mm2 / 100, 2) : fixed(mm2 / 100, 0), 'cm²');
  const squareInches = mm2 / mmPerInch ** 2;
  return squareInches >= 144 ? shown(trimmed(squareInches / 144, 1), 'ft²') : shown(trimmed(squareInches, squareInches < 10 ? 1 : 0), 'in²');
}

function massShown(g: number, units: UnitSystem): Shown {
  // what is less than an ounce is weighed on a gram scale everywhere
  if (units === 'metric' || (g > 0 && g < 28)) return g >= 1000 ? shown(fixed(g / 1000, 2), 'kg') : shown(g < 10 ? fixed(g, 1) : fixed(g, 0), 'g');
  const ounces = g / 28.349523125;
  return ounces >= 16 ? shown(fixed(ounces / 16, 2), 'lb') : shown(ounces < 10 ? fixed(ounces, 1) : fixed(ounces, 0), 'oz');
}

function durationShown(min: number): Shown {
  if (min < 1 && min > 0) return shown(fixed(min * 60, 0), 's');
  if (min < 10 && Math.abs(min - Math.round(min)) > 0.05) return shown(fixed(min, 1), 'min');
  const whole = Math.round(min);
  if (whole < 60) return shown(String(whole), 'min');
  if (whole < 10 * 60) {
    const rest = whole % 60;
    return rest === 0 ? shown(String(whole / 60), 'h') : shown(`${String(Math.floor(whole / 60))} h ${String(rest)}`, 'min');
  }
  const hours = Math.round(min / 60);
  if (hours < 48) return shown(String(hours), 'h');
  return hours % 24 === 0 || hours >= 240
    ? shown(String(Math.round(hours / 24)), 'days')
    : shown(`${String(Math.floor(hours / 24))} d ${String(hours % 24)}`, 'h');
}

/** A depth in inches: what no ruler shows is told in thousandths. */
function depthInches(mm: number): Shown {
  return mm > 0 && mm < mmPerInch / 64 ? shown(fixed(mm / mmPerInch, 3), 'in') : shown(inches(mm), 'in');
}

/** How a kind is told that has one unit in each system: what its base unit comes to, the digits, and the unit. */
type Plain = readonly [times: number, digits: (value: number) => string, unit: string, plus?: number];

const to = (decimals: number) => (value: number) => trimmed(value, decimals);
const exactly = (decimals: number) => (value: number) => fixed(value, decimals);
const digits = (many: number) => (value: number) => significant(value, many);

/** metric and US customary, by kind; of one alone where both tell the same */
const plain = {
  temperature: [
    [1, to(1), '°C'],
    [1.8, to(0), '°F', 32],
  ],
  temperatureDifference: [
    [1, to(1), 'K'],
    [1.8, to(1), '°F'],
  ],
  ratio: [[1, digits(3), '']],
  percent: [[1, to(1), '%']],
  money: [[1, exactly(2), '']],
  count: [[1, String, '']],
  evaporation: [
    [1, exactly(2), 'kg/m²h'],
    [0.204816143622, exactly(2), 'lb/ft²h'],
  ],
  speed: [
    [1, to(0), 'km/h'],
    [1 / 1.609344, to(0), 'mph'],
  ],
  density: [
    [1, to(2), 'kg/L'],
    [8.34540445202, to(2), 'lb/gal'],
  ],
  spreading: [
    [1, to(1), 'm²/L'],
    [40.7458331, to(0), 'ft²/gal'],
  ],
  maturity: [
    [1, to(0), '°C·h'],
    [1.8, to(0), '°F·h'],
  ],
  pressure: [
    [1, to(2), 'MPa'],
    [145.037738, to(0), 'psi'],
  ],
  viscosity: [
    [1, to(0), 'mPa·s'],
    [1, to(0), 'cP'],
  ],
  surfaceTension: [
    [1, to(1), 'mN/m'],
    [1, to(1), 'dyn/cm'],
  ],
  activationEnergy: [[1, to(1), 'kJ/mol']],
  activationTemperature: [[1, to(0), 'K']],
  pace: [
    [1, to(2), 'min/m'],
    [0.3048, exactly(2), 'min/ft'],
  ],
  areaPace: [
    [1, to(1), 'min/m²'],
    [0.09290304, digits(3), 'min/ft²'],
  ],
  volumePace: [
    [1, to(1), 'min/L'],
    [3.785411784, digits(3), 'min/gal'],
  ],
  areaMass: [
    [1, to(2), 'kg/m²'],
    [0.204816143622, digits(3), 'lb/ft²'],
  ],
  specificVolume: [
    [1, to(2), 'L/kg'],
    [0.119826427, digits(3), 'gal/lb'],
  ],
} as const satisfies Partial<Record<QuantityKind, readonly [Plain, Plain?]>>;

type Told = Exclude<QuantityKind, keyof typeof plain>;

/** Kinds that are told in one unit or another by how large they are. */
const bySize: Readonly<Record<Told, (value: number, units: UnitSystem) => Shown>> = {
  length: lengthShown,
  // what is a depth by its kind and as long as a length is told as one
  depth: (value, units) => (value >= 1000 ? lengthShown(value, units) : units === 'us' ? depthInches(value) : millimetres(value, value < 100 ? 1 : 0)),
  crackWidth: crackWidthShown,
  film: filmShown,
  grain: (value, units) => (units === 'us' ? shown(fixed(value / mmPerInch, 3), 'in') : millimetres(value, 2)),
  volume: volumeShown,
  area: areaShown,
  mass: massShown,
  duration: durationShown,
  age: (value) => shown(trimmed(value, 0), Math.round(value) === 1 ? 'day' : 'days'),
  angle: (value) => shown(trimmed(value, 0), '°', ''),
};

const isPlain = (kind: QuantityKind): kind is keyof typeof plain => Object.hasOwn(plain, kind);

/**
 * A value of a quantity kind as people read it, in metric or US customary units: inches with
 * fractions, crack widths under 1.6 mm in thousandths of an inch, thin films in mils, coats in fractions; a temperature and a
 * temperature difference convert differently.
 *
 * @example
 * showValue(6.35, 'depth', 'us').text // '1/4 in'
 */
export function showValue(value: number, kind: QuantityKind, units: UnitSystem): Shown {
  if (!isPlain(kind)) return bySize[kind](value, units);
  const told: readonly Plain[] = plain[kind];
  const [times, text, unit, plus = 0] = (units === 'us' ? told[1] : undefined) ?? told[0] ?? ([1, String, ''] as const);
  return shown(text(value * times + plus), unit);
}

/** Steps in which a rule of thumb is told in inches, the coarsest first. */
const thumbSteps = [12, 6, 4, 3, 1, 1 / 2, 1 / 4, 1 / 8, 1 / 16, 1 / 32] as const;
/** How far a rule of thumb may be moved to come out round. */
const thumbShare = 0.06;

/** How far a limit may be moved that its standard prints in both systems: 50 mm for 2 in, 100 mm for 4 in. */
const printedShare = 0.02;

/** A rule of thumb that was made in metric, as it is said in inches: 50 mm is 2 in, and 100 mm is 4 in. */
function roundInches(mm: number, share: number): number {
  const step = thumbSteps.map((s) => s * mmPerInch).find((s) => Math.abs(Math.round(mm / s) * s - mm) <= mm * share);
  return step === undefined ? mm : Math.round(mm / step) * step;
}

/** What can be shown: a value of a kind, and where it comes from, where that is known. */
export interface Showable {
  readonly value: number;
  readonly kind: QuantityKind;
  readonly origin?: { readonly by: string; readonly source?: SourceId; readonly formula?: string };
}

/** Formulas that come to a size as it is sold, which is round in inches where it is sold by the inch. */
const sold: ReadonlySet<string> = new Set(['knife-for', 'packer-hole', 'packer-beside']);

/** Standards of the USA, which print both systems. */
const printsBoth = /^(aci|astm|icri|ga|ibc)-/;

/** How far a length may be moved to be told in round inches: what the trade says in round numbers, and what a standard prints so; never a measure. */
function roundShare({ kind, origin }: Showable): number {
  if (origin?.by === 'formula' && origin.formula !== undefined && sold.has(origin.formula)) return thumbShare;
  if ((kind !== 'length' && kind !== 'depth') || (origin?.by !== 'assumed' && origin?.by !== 'sheet') || origin.source === undefined) return 0;
  if (printsBoth.test(origin.source)) return printedShare;
  return ['practice', 'judgement', 'assumed', 'generic'].includes(sources[origin.source].standing) ? thumbShare : 0;
}

/** A figure as people read it: a rule of thumb is round in inches, too, and a standard's limit as the standard prints it. */
export function show(figure: Showable, units: UnitSystem): Shown {
  return showValue(units === 'us' ? roundInches(figure.value, roundShare(figure)) : figure.value, figure.kind, units);
}
