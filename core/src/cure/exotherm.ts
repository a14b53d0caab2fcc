import type { Watching } from '../geometry/darkLine.ts';

/** Kinetics of a resin that hardens by itself (Kamal and Sourour 1973), and the heat it gives. */
export interface CureKinetics {
  /** frequency factors in 1/s, activation energy in kJ/mol, heat of the whole reaction in J/g of binder */
  readonly a1PerS: number;
  readonly a2PerS: number;
  readonly activationKjMol: number;
  readonly heatJG: number;
}

/** A material that conducts and stores heat; binder is what reacts of it, in kg/m³. */
export interface ThermalMaterial {
  readonly conductivityWmK: number;
  readonly densityKgM3: number;
  readonly heatCapacityJkgK: number;
  readonly binderKgM3?: number;
}

export interface LiftCase {
  readonly kinetics: CureKinetics;
  readonly lift: ThermalMaterial;
  readonly liftMm: number;
  readonly substrate: ThermalMaterial;
  /** of air, substrate and mix at the start */
  readonly ambientC: number;
  /** heat that the air takes off the face, in W/m²K */
  readonly filmWm2K: number;
  /** goes on for so long at least, where the cooling is wanted as well */
  readonly forMin?: number;
}

/** The hottest place of a lift, and when; above what the model holds for it is a runaway, and no number is given. */
export type Exotherm =
  { readonly state: 'peak'; readonly peakC: number; readonly atMin: number } | { readonly state: 'runaway' } | { readonly state: 'stopped' };

/** An amine epoxy of the usual kind; a product's own kinetics go first. */
export const genericEpoxy: CureKinetics = { a1PerS: 2.016e5, a2PerS: 2.016e6, activationKjMol: 56, heatJG: 400 };
export const neatResin: ThermalMaterial = { conductivityWmK: 0.2, densityKgM3: 1100, heatCapacityJkgK: 1900, binderKgM3: 1100 };
export const sandFilledResin: ThermalMaterial = { conductivityWmK: 1, densityKgM3: 1950, heatCapacityJkgK: 1020, binderKgM3: 390 };
export const concreteBelow: ThermalMaterial = { conductivityWmK: 1.6, densityKgM3: 2300, heatCapacityJkgK: 900 };
/** heat that still air takes off a face, in W/m²K */
export const stillAirWm2K = 10;
/** above this the kinetics no longer hold: resin smokes and foams */
export const runawayC = 150;

/** What is kept of a lift while it warms, for a picture: its hottest place over time, and all of its depth when that peaks. */
export interface LiftTrace {
  readonly overTime: { readonly atMin: number; readonly hottestC: number }[];
  /** from the face down into what is below, at the peak */
  atPeak: readonly { readonly depthMm: number; readonly temperatureC: number }[];
}

const gas = 8.314462618e-3;
const kelvin = 273.15;

/** Rate of the reaction in 1/s at a share that has reacted and a temperature. */
export function cureRate({ a1PerS, a2PerS, activationKjMol }: CureKinetics, share: number, temperatureC: number): number {
  const left = Math.max(0, 1 - share);
  return (a1PerS + a2PerS * share) * Math.exp(-activationKjMol / (gas * (temperatureC + kelvin))) * left * left;
}

/** Warming where no heat leaves, in K: the most there can be. */
export function adiabaticRise({ heatJG }: CureKinetics, { binderKgM3 = 0, densityKgM3, heatCapacityJkgK }: ThermalMaterial): number {
  return (heatJG * 1000 * binderKgM3) / (densityKgM3 * heatCapacityJkgK);
}

/** Temperature at once where two half-spaces meet, in °C: each counts by how readily it gives heat. */
export function contactTemperature(one: ThermalMaterial, oneC: number, other: ThermalMaterial, otherC: number): number {
  const ease = (m: ThermalMaterial) => Math.sqrt(m.conductivityWmK * m.densityKgM3 * m.heatCapacityJkgK);
  return (ease(one) * oneC + ease(other) * otherC) / (ease(one) + ease(other));
}

interface Cells {
  readonly widthM: Float64Array;
  readonly storeJm2K: Float64Array;
  /** conductance to the next cell; the last one to nothing */
  readonly linkWm2K: Float64Array;
  /** resistance from the face to the middle of the first cell, in m²K/W */
  readonly faceM2KW: number;
  readonly reacting: number;
}

/** Cells of the lift from its face down, half a millimeter at the most, then of the substrate, growing. */
function cellsOf({ lift, liftMm, substrate }: Pick<LiftCase, 'lift' | 'liftMm' | 'substrate'>): Cells {
  const reacting = Math.max(8, Math.ceil(liftMm / 0.5));
  const widths = Array.from({ length: reacting }, () => liftMm / 1000 / reacting);
  for (let w = widths[0] ?? 5e-4, deep = 0; deep < 0.3; w *= 1.12) {
    widths.push(w);
    deep += w;
  }
  const of = (i: number) => (i < reacting ? lift : substrate);
  const half = (i: number) => (widths[i] ?? 0) / 2 / of(i).conductivityWmK;
  return {
    widthM: Float64Array.from(widths),
    storeJm2K: Float64Array.from(widths.map((w, i) => w * of(i).densityKgM3 * of(i).heatCapacityJkgK)),
    linkWm2K: Float64Array.from(widths.map((_w, i) => (i + 1 < widths.length ? 1 / (half(i) + half(i + 1)) : 0))),
    faceM2KW: half(0),
    reacting,
  };
}

/** Two rows for the elimination, made once. */
interface Spare {
  readonly upper: Float64Array;
  readonly right: Float64Array;
}

const spareFor = (n: number): Spare => ({ upper: new Float64Array(n), right: new Float64Array(n) });

/**
 * One step of conduction with a source, by Crank–Nicolson (theta one half) or backward Euler (theta one):
 * a tridiagonal system solved from both ends. Changes `t` in place.
 */
function conduct(
  t: Float64Array,
  { storeJm2K, linkWm2K, faceM2KW }: Cells,
  filmWm2K: number,
  ambientC: number,
  sourceJm2: Float64Array,
  dtS: number,
  theta: number,
  spare: Spare,
): void {
  const n = t.length;
  const { upper, right } = spare;
  const face = 1 / (1 / filmWm2K + faceM2KW);
  const up = (i: number) => (i > 0 ? (linkWm2K[i - 1] ?? 0) : face);
  const upC = (i: number) => (i > 0 ? (t[i - 1] ?? 0) : ambientC);
  for (let i = 0; i < n; i++) {
    const [a, c, own] = [up(i), linkWm2K[i] ?? 0, t[i] ?? 0];
    const flow = a * (upC(i) - own) + c * ((t[i + 1] ?? own) - own);
    const store = (storeJm2K[i] ?? 1) / dtS;
    let diagonal = store + theta * (a + c);
    let b = store * own + (1 - theta) * flow + (sourceJm2[i] ?? 0) / dtS;
    // the air does not change: what it takes stands on the right
    if (i === 0) b += theta * a * ambientC;
    else {
      const below = -theta * a;
      diagonal -= below * (upper[i - 1] ?? 0);
      b -= below * (right[i - 1] ?? 0);
    }
    upper[i] = (-theta * c) / diagonal;
    right[i] = b / diagonal;
  }
  t[n - 1] = right[n - 1] ?? 0;
  for (let i = n - 2; i >= 0; i--) t[i] = (right[i] ?? 0) - (upper[i] ?? 0) * (t[i + 1] ?? 0);
}

/** Temperatures of a slab of cells after a time with no reaction, in °C: for checks against closed solutions. */
export function conducted(
  materials: Pick<LiftCase, 'lift' | 'liftMm' | 'substrate'>,
  startC: (depthM: number) => number,
  filmWm2K: number,
  ambientC: number,
  seconds: number,
  steps = 800,
): (depthM: number) => number {
  const cells = cellsOf(materials);
  const centers: number[] = [];
  cells.widthM.reduce((top, w) => {
    centers.push(top + w / 2);
    return top + w;
  }, 0);
  const t = Float64Array.from(centers.map(startC));
  const none = new Float64Array(t.length);
  const spare = spareFor(t.length);
  for (let i = 0; i < steps; i++) conduct(t, cells, filmWm2K, ambientC, none, seconds / steps, i < 8 ? 1 : 0.5, spare);
  return (depthM) => {
    const i = Math.max(
      1,
      centers.findIndex((c) => c >= depthM),
    );
    const [x0, x1] = [centers[i - 1] ?? 0, centers[i] ?? 1];
    return (t[i - 1] ?? 0) + (((t[i] ?? 0) - (t[i - 1] ?? 0)) * (depthM - x0)) / (x1 - x0);
  };
}

const largestStep = 0.008;
const longestStepS = 20;
/** once nothing reacts any more it only cools */
const cooledStepS = 120;
const longestS = 48 * 3600;

/** how far below the lift a picture of its warmth goes, as often as the lift is thick */
const shownBelow = 1.5;

function profile({ widthM, reacting }: Cells, t: Float64Array): LiftTrace['atPeak'] {
  const places: { depthMm: number; temperatureC: number }[] = [];
  let [top, lift] = [0, 0];
  for (let i = 0; i < t.length; i++) {
    const w = (widthM[i] ?? 0) * 1000;
    places.push({ depthMm: top + w / 2, temperatureC: t[i] ?? 0 });
    top += w;
    if (i < reacting) lift = top;
    else if (top > lift * (1 + shownBelow)) break;
  }
  return places;
}

/**
 * The hottest a lift gets: conduction into what is below, heat off to the air, and a reaction that feeds on
 * its own warmth, in cells of half a millimeter and steps in which less than a hundredth reacts.
 * @param watching told how far it is; asked whether to stop
 */
export function exotherm(given: LiftCase, watching: Watching = {}, trace?: LiftTrace): Exotherm {
  const { kinetics, lift, ambientC, filmWm2K, forMin = 0 } = given;
  const cells = cellsOf(given);
  const n = cells.storeJm2K.length;
  const t = new Float64Array(n).fill(ambientC);
  const share = new Float64Array(cells.reacting);
  const source = new Float64Array(n);
  const perCell = cells.widthM.map((w) => w * (lift.binderKgM3 ?? 0) * kinetics.heatJG * 1000);
  const earlier = Float64Array.from(t);
  const spare = spareFor(n);
  let [time, peakC, atS, steps, lastDt] = [0, ambientC, 0, 0, 60];
  let cured = false;
  while (time < longestS) {
    let fastest = 0;
    for (let i = 0; i < cells.reacting; i++) fastest = Math.max(fastest, cureRate(kinetics, share[i] ?? 0, t[i] ?? 0));
    const dt = Math.min(cured ? cooledStepS : longestStepS, largestStep / Math.max(fastest, 1e-9));
    let least = 1;
    for (let i = 0; i < cells.reacting; i++) {
      const before = share[i] ?? 0;
      const now = t[i] ?? 0;
      // the middle of the step: temperature as it has been going, share half way
      const middleC = now + ((now - (earlier[i] ?? now)) * dt) / (2 * lastDt);
      const half = before + (cureRate(kinetics, before, now) * dt) / 2;
      const after = Math.min(1, before + cureRate(kinetics, half, middleC) * dt);
      source[i] = (after - before) * (perCell[i] ?? 0);
      share[i] = after;
      least = Math.min(least, after);
    }
    cured = least > 0.97;
    earlier.set(t);
    conduct(t, cells, filmWm2K, ambientC, source, dt, steps < 4 ? 1 : 0.5, spare);
    lastDt = dt;
    time += dt;
    steps += 1;
    for (let i = 0; i < cells.reacting; i++) {
      const here = t[i] ?? 0;
      if (here > peakC) [peakC, atS] = [here, time];
    }
    if (trace && (steps % 8 === 0 || steps < 3)) trace.overTime.push({ atMin: time / 60, hottestC: Math.max(...t.subarray(0, cells.reacting)) });
    if (trace && atS === time) trace.atPeak = profile(cells, t);
    if (peakC > runawayC) return { state: 'runaway' };
    if (steps % 200 === 0) {
      if (watching.signal?.aborted === true) return { state: 'stopped' };
      watching.onProgress?.(least);
    }
    // well past its peak and cooling: nothing hotter is to come
    if (time < forMin * 60) continue;
    if (least > 0.6 && Math.max(...t.subarray(0, cells.reacting)) < ambientC + (peakC - ambientC) * 0.5) break;
    if (least > 0.97) break;
  }
  watching.onProgress?.(1);
  return { state: 'peak', peakC, atMin: atS / 60 };
}

/**
 * The thickest lift, in mm, that stays at or under a temperature: a screen, not a promise.
 * @returns nothing where it was stopped
 */
export function thickestLift(given: Omit<LiftCase, 'liftMm'>, limitC: number, mostMm: number, watching: Watching = {}): number | undefined {
  const stays = (liftMm: number) => {
    const found = exotherm({ ...given, liftMm }, watching.signal ? { signal: watching.signal } : {});
    return found.state === 'stopped' ? undefined : found.state === 'peak' && found.peakC <= limitC;
  };
  let [low, high] = [0.5, mostMm];
  const all = stays(high);
  if (all === undefined) return undefined;
  if (all) return high;
  for (let i = 0; i < 8; i++) {
    const middle = (low + high) / 2;
    const holds = stays(middle);
    if (holds === undefined) return undefined;
    if (holds) low = middle;
    else high = middle;
    watching.onProgress?.((i + 1) / 8);
  }
  return low;
}
