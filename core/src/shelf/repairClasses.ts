import type { Sourced } from '../quantity/ledger.ts';
import { of } from './sourced.ts';

/** A class of concrete repair mortar: what it reaches after 28 days, as its label states it. */
export interface RepairClass {
  readonly id: string;
  /** whether it may stand in for concrete that carries load, which the licensed designer says */
  readonly bears: boolean;
  readonly strength: Sourced;
  readonly bond: Sourced;
}

const repairClass = (id: string, bears: boolean, strengthMpa: number, bondMpa: number): RepairClass => ({
  id,
  bears,
  strength: of(strengthMpa, 'pressure', 'en-1504-3', `Compressive strength, class ${id}`),
  bond: of(bondMpa, 'pressure', 'en-1504-3', `Bond, class ${id}`),
});

/** Classes of repair mortar by EN 1504-3, Table 3, as recalled; the weakest first. */
export const repairClasses: readonly RepairClass[] = [
  repairClass('R1', false, 10, 0.8),
  repairClass('R2', false, 15, 0.8),
  repairClass('R3', true, 25, 1.5),
  repairClass('R4', true, 45, 2),
];

/** The weakest class that is asked of a mortar. @param bears whether the member carries load, or it is not known that it does not */
export function leastClass(bears: boolean): RepairClass | undefined {
  return repairClasses.find((c) => c.bears === bears);
}

/** A class of injection resin by the width of crack from which it has been shown to go in. */
export interface WidthClass {
  readonly id: string;
  readonly from: Sourced;
}

/** Width classes of injection products by EN 1504-5, as recalled; the finest first. */
export const widthClasses: readonly WidthClass[] = (
  [
    ['W1', 0.1],
    ['W2', 0.2],
    ['W3', 0.3],
    ['W4', 0.5],
    ['W5', 0.8],
  ] as const
).map(([id, fromMm]) => ({ id, from: of(fromMm, 'crackWidth', 'en-1504-5', `Goes into cracks from, class ${id}`) }));

/** The coarsest class that still goes into a crack of this width, in mm; none is finer than the first. */
export function widthClassFor(widthMm: number): WidthClass | undefined {
  return widthClasses.filter((c) => c.from.value <= widthMm + 1e-9).at(-1);
}
