import type { QuantityKind } from '../quantity/kind.ts';
import type { Sourced } from '../quantity/ledger.ts';
import type { SourceId } from '../sources/register.ts';

/**
 * A figure of the shelf: value in the base unit of its kind, its source, and what it is called.
 *
 * @example
 * of(50, 'depth', 'generic-sheet', 'Thickest in all')
 */
export function of<K extends QuantityKind>(value: number, kind: K, source: SourceId, label: string): Sourced<K> {
  return { value, kind, source, label };
}

/** A figure that the firm or the product's sheet should replace. */
export function assumed<K extends QuantityKind>(value: number, kind: K, source: SourceId, label: string): Sourced<K> {
  return { value, kind, source, label, assumed: true };
}

const day = 1440;

/** Times to use at the reference temperature, in hours as they are written on sheets. */
export function readyHours(foot: number, softTires: number, hardWheels: number) {
  const after = (hours: number, what: string) => of(hours * 60, 'duration', 'generic-sheet', `${what} at the reference temperature`);
  return { foot: after(foot, 'Feet after'), 'soft-tires': after(softTires, 'Soft tires after'), 'hard-wheels': after(hardWheels, 'Hard wheels after') };
}

/** Time to use where nothing drives or walks over it, in hours. */
export function readyIn(hours: number) {
  return { use: of(hours * 60, 'duration', 'generic-sheet', 'In use after, at the reference temperature') };
}

/** Resins: activation energy on the safe side for waits. */
export const resinCure = { by: 'arrhenius', activation: of(55, 'activationEnergy', 'judgement', 'Activation energy for waits') } as const;

/** Cement: activation energy over the gas constant. */
export const cementCure = {
  by: 'equivalent-age',
  activation: of(5000, 'activationTemperature', 'astm-c1074', 'Activation energy over the gas constant'),
} as const;

/** What dries, is glued or is held by screws: a time to look at, a check decides. */
export const asStated = { by: 'as-stated' } as const;

export const dewMarginForResins = of(3, 'temperatureDifference', 'iso-8502-4', 'Least margin above the dew point');

export const days = (n: number) => n * day;
