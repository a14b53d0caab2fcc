import type { Watching } from '../geometry/darkLine.ts';
import type { Figure } from '../quantity/figure.ts';
import { formula } from '../quantity/formula.ts';
import type { Ledger, Sourced } from '../quantity/ledger.ts';
import { concreteBelow, genericEpoxy, neatResin, sandFilledResin, stillAirWm2K, thickestLift, type LiftCase } from './exotherm.ts';

/** The thickest lift that stays under a limit, by temperature: computed once from a product's kinetics, and kept with it. */
export interface SafeLiftTable {
  readonly limitC: number;
  /** as far as was looked: a lift of this thickness stays under the limit there */
  readonly mostMm: number;
  /** coldest first */
  readonly rows: readonly { readonly ambientC: number; readonly liftMm: number }[];
}

/** Temperatures that a table is computed at. */
export const tableTemperaturesC = [5, 10, 15, 20, 25, 30, 35, 40] as const;

/**
 * Computes a safe-lift table: some seconds of work, for a worker or a server thread.
 * @returns nothing where it was stopped
 */
export function safeLiftTable(
  given: Omit<LiftCase, 'liftMm' | 'ambientC'>,
  limitC: number,
  mostMm: number,
  watching: Watching = {},
): SafeLiftTable | undefined {
  const rows: { ambientC: number; liftMm: number }[] = [];
  for (const [i, ambientC] of tableTemperaturesC.entries()) {
    const liftMm = thickestLift({ ...given, ambientC }, limitC, mostMm, watching.signal ? { signal: watching.signal } : {});
    if (liftMm === undefined) return undefined;
    rows.push({ ambientC, liftMm: Math.floor(liftMm * 10) / 10 });
    watching.onProgress?.((i + 1) / tableTemperaturesC.length);
  }
  return { limitC, mostMm, rows };
}

/**
 * Thickest lift at a temperature out of a table, in mm: between two rows along the straight line of its
 * logarithms, which is how it falls, and never above the colder row; colder than the table its coldest row.
 * @returns nothing where it is warmer than the table reaches
 */
export function safeLiftAt({ rows }: SafeLiftTable, ambientC: number): number | undefined {
  const above = rows.findIndex((row) => row.ambientC >= ambientC);
  const warm = rows[above];
  if (!warm) return undefined;
  const cold = rows[above - 1];
  if (!cold) return warm.liftMm;
  const share = (ambientC - cold.ambientC) / (warm.ambientC - cold.ambientC);
  return cold.liftMm * (warm.liftMm / cold.liftMm) ** share;
}

/** Thickest lift of neat resin on timber in this air, in mm: half of the sheet's in air above the limit, since wood takes no heat away. */
export const liftInHotAir = formula({
  name: 'lift-in-hot-air',
  title: 'Thickest lift here',
  words: 'as the sheet says; half of it in air above the limit, since wood takes no heat away',
  inputs: {
    thickestMm: { kind: 'depth', label: 'thickest lift by the sheet', min: 1, max: 200, usual: 25 },
    airC: { kind: 'temperature', label: 'air', min: -20, max: 60, usual: 20 },
    hotC: { kind: 'temperature', label: 'air above which it is halved', min: 0, max: 60, usual: 27 },
  },
  output: 'depth',
  against: 'airC',
  source: 'judgement',
  compute: ({ thickestMm, airC, hotC }) => (airC > hotC ? thickestMm / 2 : thickestMm),
});

/** Of a system, what its lifts go by besides the sheet's thickness. */
interface Lifted {
  /** by its own heat, over the temperature: computed from a product's kinetics */
  readonly safeLift?: SafeLiftTable;
  readonly lift?: { readonly halvedAbove?: Sourced };
}

/**
 * Thickest lift by the sheet and by its own heat, whichever is less; half of it in hot air where the ground takes no heat away.
 * @param slabC of the ground; warmer than the table reaches nothing but its last row holds, halved
 */
export function liftByHeat(
  ledger: Ledger,
  { safeLift: table, lift }: Lifted,
  sheet: Sourced,
  { slabC, airC }: Readonly<Record<'slabC' | 'airC', Figure>>,
): Figure {
  const hot = lift?.halvedAbove;
  const bySheet = hot ? ledger.compute(liftInHotAir, { thickestMm: ledger.sourced(sheet), airC, hotC: ledger.sourced(hot) }) : ledger.sourced(sheet);
  const last = table?.rows[table.rows.length - 1];
  if (!table || !last) return bySheet;
  const byHeat = safeLiftAt(table, slabC.value) ?? last.liftMm / 2;
  return byHeat < sheet.value
    ? ledger.assumed('Thickest lift by its own heat', sheet.kind, byHeat, 'lift-model', 'out of the table computed from the kinetics of the product')
    : bySheet;
}

const usualCase = { kinetics: genericEpoxy, substrate: concreteBelow, filmWm2K: stillAirWm2K };

/** What the tables of the usual epoxy were computed from; a test computes them again. */
export const usualLiftCases = {
  neat: { ...usualCase, lift: neatResin },
  sandFilled: { ...usualCase, lift: sandFilledResin },
} as const;

export const usualSafeLifts = {
  neat: {
    limitC: 60,
    mostMm: 60,
    rows: [
      { ambientC: 5, liftMm: 24.9 },
      { ambientC: 10, liftMm: 19.5 },
      { ambientC: 15, liftMm: 15.3 },
      { ambientC: 20, liftMm: 12.1 },
      { ambientC: 25, liftMm: 9.5 },
      { ambientC: 30, liftMm: 7.7 },
      { ambientC: 35, liftMm: 6 },
      { ambientC: 40, liftMm: 4.6 },
    ],
  },
  sandFilled: {
    limitC: 60,
    mostMm: 60,
    rows: [
      { ambientC: 5, liftMm: 60 },
      { ambientC: 10, liftMm: 60 },
      { ambientC: 15, liftMm: 60 },
      { ambientC: 20, liftMm: 60 },
      { ambientC: 25, liftMm: 50.4 },
      { ambientC: 30, liftMm: 36.7 },
      { ambientC: 35, liftMm: 26.5 },
      { ambientC: 40, liftMm: 18.6 },
    ],
  },
} as const satisfies Record<keyof typeof usualLiftCases, SafeLiftTable>;

const here = { kind: 'temperature', label: 'air, concrete and mix', min: 0, max: 40, usual: 23 } as const;

/** Thickest lift of a neat epoxy that stays under the limit of its table, in mm. */
export const neatSafeLift = formula({
  name: 'safe-lift-neat',
  title: 'Thickest lift of neat epoxy',
  words:
    'out of a table computed with conduction and a reaction that feeds on its own heat, for a usual amine epoxy on thick concrete in still air; between its temperatures along the line of the logarithms; a screen, not a promise',
  inputs: { ambientC: here },
  output: 'depth',
  against: 'ambientC',
  source: 'lift-model',
  compute: ({ ambientC }) => safeLiftAt(usualSafeLifts.neat, ambientC) ?? 0,
});

/** Thickest lift of an epoxy with four parts of sand that stays under the limit of its table, in mm. */
export const sandFilledSafeLift = formula({
  name: 'safe-lift-sand-filled',
  title: 'Thickest lift of epoxy and sand',
  words:
    'out of a table computed with conduction and a reaction that feeds on its own heat, for four parts of sand to one of a usual amine epoxy on thick concrete in still air; between its temperatures along the line of the logarithms; a screen, not a promise',
  inputs: { ambientC: here },
  output: 'depth',
  against: 'ambientC',
  source: 'lift-model',
  compute: ({ ambientC }) => safeLiftAt(usualSafeLifts.sandFilled, ambientC) ?? 0,
});
