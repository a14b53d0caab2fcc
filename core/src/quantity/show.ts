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

function crackWidthShown(mm: number, units: UnitSystem): Shown {
  if (units === 'metric') return millimetres(mm, mm < 1 ? 2 : 1);
  return mm < 1.6 ? shown(fixed(mm / mmPerInch, 3), 'in') : shown(inches(mm), 'in');
}

function volumeShown(mL: number, units: UnitSystem): Shown {
  if (units === 'metric') return mL >= 1000 ? shown(fixed(mL / 1000, 2), 'L') : shown(mL < 10 ? fixed(mL, 1) : fixed(mL, 0), 'mL');
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

function ratioShown(value: number): Shown {
  return shown(significant(value, 3), '');
}

/**
 * A value of a quantity kind as people read it, in metric or US customary units: inches with
 * fractions, crack widths under 1.6 mm in thousandths of an inch, films in mils; a temperature and a
 * temperature difference convert differently.
 */
export function showValue(value: number, kind: QuantityKind, units: UnitSystem): Shown {
  const us = units === 'us';
  switch (kind) {
    case 'length':
      return lengthShown(value, units);
    case 'depth':
      // what is a depth by its kind and as long as a length is told as one
      if (value >= 1000) return lengthShown(value, units);
      return us ? shown(inches(value), 'in') : millimetres(value, value < 100 ? 1 : 0);
    case 'crackWidth':
      return crackWidthShown(value, units);
    case 'film':
      return us ? shown(significant((value / mmPerInch) * 1000, 2), 'mil') : millimetres(value, 2);
    case 'grain':
      return us ? shown(fixed(value / mmPerInch, 3), 'in') : millimetres(value, 2);
    case 'volume':
      return volumeShown(value, units);
    case 'area':
      return areaShown(value, units);
    case 'mass':
      return massShown(value, units);
    case 'temperature':
      return us ? shown(trimmed(value * 1.8 + 32, 0), '°F') : shown(trimmed(value, 1), '°C');
    case 'temperatureDifference':
      return us ? shown(trimmed(value * 1.8, 1), '°F') : shown(trimmed(value, 1), 'K');
    case 'duration':
      return durationShown(value);
    case 'age':
      return shown(trimmed(value, 0), Math.round(value) === 1 ? 'day' : 'days');
    case 'ratio':
      return ratioShown(value);
    case 'percent':
      return shown(trimmed(value, 1), '%');
    case 'money':
      return shown(fixed(value, 2), '');
    case 'count':
      return shown(String(value), '');
    case 'evaporation':
      return us ? shown(fixed(value * 0.204816143622, 2), 'lb/ft²h') : shown(fixed(value, 2), 'kg/m²h');
    case 'speed':
      return us ? shown(trimmed(value / 1.609344, 0), 'mph') : shown(trimmed(value, 0), 'km/h');
    case 'density':
      return us ? shown(trimmed(value * 8.34540445202, 2), 'lb/gal') : shown(trimmed(value, 2), 'kg/L');
    case 'spreading':
      return us ? shown(trimmed(value * 40.7458331, 0), 'ft²/gal') : shown(trimmed(value, 1), 'm²/L');
    case 'maturity':
      return us ? shown(trimmed(value * 1.8, 0), '°F·h') : shown(trimmed(value, 0), '°C·h');
    case 'pressure':
      return us ? shown(trimmed(value * 145.037738, 0), 'psi') : shown(trimmed(value, 2), 'MPa');
    case 'viscosity':
      return shown(trimmed(value, 0), us ? 'cP' : 'mPa·s');
    case 'surfaceTension':
      return shown(trimmed(value, 1), us ? 'dyn/cm' : 'mN/m');
    case 'angle':
      return shown(trimmed(value, 0), '°', '');
    case 'activationEnergy':
      return shown(trimmed(value, 1), 'kJ/mol');
    case 'activationTemperature':
      return shown(trimmed(value, 0), 'K');
    case 'pace':
      return us ? shown(fixed(value * 0.3048, 2), 'min/ft') : shown(trimmed(value, 2), 'min/m');
    case 'areaPace':
      return us ? shown(significant(value * 0.09290304, 3), 'min/ft²') : shown(trimmed(value, 1), 'min/m²');
    case 'volumePace':
      return us ? shown(significant(value * 3.785411784, 3), 'min/gal') : shown(trimmed(value, 1), 'min/L');
    case 'areaMass':
      return us ? shown(significant(value * 0.204816143622, 3), 'lb/ft²') : shown(trimmed(value, 2), 'kg/m²');
    case 'specificVolume':
      return us ? shown(significant(value * 0.119826427, 3), 'gal/lb') : shown(trimmed(value, 2), 'L/kg');
  }
}

/** A figure as people read it. */
export function show(figure: { readonly value: number; readonly kind: QuantityKind }, units: UnitSystem): Shown {
  return showValue(figure.value, figure.kind, units);
}
