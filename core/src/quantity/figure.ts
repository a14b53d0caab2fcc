import type { SourceId } from '../sources/register.ts';
import type { QuantityKind } from './kind.ts';
import { round12 } from './round.ts';

/** Where a figure comes from. Inputs of a formula are named by the ids of other figures. */
export type Origin =
  | { readonly by: 'formula'; readonly formula: string; readonly inputs: Readonly<Record<string, string | readonly string[]>> }
  | { readonly by: 'entered' | 'measured' | 'log'; readonly at: string; readonly text?: string; readonly instrument?: string }
  | { readonly by: 'assumed'; readonly source: SourceId; readonly why?: string }
  | { readonly by: 'sheet'; readonly source: SourceId }
  // a number of the work itself: the second coat, four sides, no rim
  | { readonly by: 'stated' };

/** A formula and the figures that went in. */
export interface Computed {
  readonly formula: string;
  readonly figures: Readonly<Record<string, Figure | readonly Figure[]>>;
}

/**
 * A number with its quantity kind and its origin. It is only ever made by a Ledger, or
 * read back from what one made, so that no figure stands without one. `K` is there for the compiler: a figure of a kind that is
 * known goes into no input of another. Where it is not known (`Figure`) the kind is checked at the doors and by the tests.
 *
 * @example
 * const length = ledger.given('Length', 'length', 4200, 'measured', at); // Figure<'length'>
 * ledger.compute(stripArea, { lengthMm: length, widthMm: ledger.assumed('Strip', 'depth', 50, 'practice') });
 */
export class Figure<K extends QuantityKind = QuantityKind> {
  /** for the compiler alone, which takes what a method is given in either direction: a figure of any kind goes with every other, a length never with a mass */
  declare ofKind?: { kind(kind: K): void };
  readonly id: string;
  readonly label: string;
  readonly value: number;
  readonly kind: QuantityKind;
  #origin: Origin | Computed;

  /** For the Ledger, and for reading back what it made. */
  constructor(id: string, label: string, value: number, kind: QuantityKind, origin: Origin | Computed) {
    this.id = id;
    this.label = label;
    this.value = round12(value);
    this.kind = kind;
    this.#origin = origin;
  }

  /** Where the value comes from; the ids of a computed one's inputs are written down when someone looks. */
  get origin(): Origin {
    if ('by' in this.#origin) return this.#origin;
    const { formula, figures } = this.#origin;
    const inputs: Record<string, string | readonly string[]> = {};
    for (const name in figures) {
      const input = figures[name] as Figure | readonly Figure[];
      inputs[name] = input instanceof Figure ? input.id : input.map((figure) => figure.id);
    }
    this.#origin = { by: 'formula', formula, inputs };
    return this.#origin;
  }

  /** In a saying or a step a figure stands as a reference into the plan's flat table. */
  toJSON(): { figure: string } {
    return { figure: this.id };
  }
}

/** One row of a plan's flat table of figures. */
export interface FigureRow {
  readonly id: string;
  readonly label: string;
  readonly value: number;
  readonly kind: QuantityKind;
  readonly origin: Origin;
}
