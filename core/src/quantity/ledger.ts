import type { SourceId } from '../sources/register.ts';
import { Figure, type Computed, type FigureRow, type Origin } from './figure.ts';
import { evaluate, type Formula, type InputSpec, type InputSpecs, type InputValues } from './formula.ts';
import type { QuantityKind } from './kind.ts';

/** The kinds that an input takes. */
type Takes<I extends InputSpec> = I['kind'] | (I extends { readonly also: readonly (infer A extends QuantityKind)[] } ? A : never);

export type FigureInputs<S extends InputSpecs> = {
  readonly [K in keyof S]: S[K] extends { list: true } ? readonly Figure<Takes<S[K]>>[] : Figure<Takes<S[K]>>;
};

/** A number of the shelf, the rates or a school, with its source. */
export interface Sourced<K extends QuantityKind = QuantityKind> {
  readonly value: number;
  readonly kind: QuantityKind;
  /** for the compiler alone */
  readonly ofKind?: Figure<K>['ofKind'];
  readonly source: SourceId;
  readonly label: string;
  /** a default that the firm should replace by its own figure */
  readonly assumed?: true;
}

/** A table in which figures are found by their id. */
export interface Figures {
  find(id: string): Figure | undefined;
}

/** Makes figures and keeps the flat table of them. Ids follow the order in which they were made. */
export class Ledger implements Figures {
  readonly #figures: Figure[] = [];
  readonly #sourced = new Map<Sourced, Figure>();

  #add<K extends QuantityKind>(label: string, value: number, kind: K, origin: Origin | Computed): Figure<K> {
    const figure = new Figure<K>(`f${String(this.#figures.length + 1)}`, label, value, kind, origin);
    this.#figures.push(figure);
    return figure;
  }

  /** A figure that a person typed, or read off an instrument. */
  given<K extends QuantityKind>(
    label: string,
    kind: K,
    value: number,
    how: 'entered' | 'measured' | 'log',
    at: string,
    text?: string,
    instrument?: string,
  ): Figure<K> {
    return this.#add(label, value, kind, { by: how, at, ...(text !== undefined && { text }), ...(instrument !== undefined && { instrument }) });
  }

  /** A figure nobody gave, taken on the safe side or as usual; `why` says so in words. */
  assumed<K extends QuantityKind>(label: string, kind: K, value: number, source: SourceId, why?: string): Figure<K> {
    return this.#add(label, value, kind, why === undefined ? { by: 'assumed', source } : { by: 'assumed', source, why });
  }

  /** A number of the work itself, which nobody measured and no source gives: the second coat, four sides, no rim. */
  stated<K extends QuantityKind>(label: string, kind: K, value: number): Figure<K> {
    return this.#add(label, value, kind, { by: 'stated' });
  }

  /** A figure of the shelf, the rates or a school. The same one is taken once. */
  sourced<K extends QuantityKind>(s: Sourced<K>): Figure<K> {
    const known = this.#sourced.get(s);
    if (known) return known;
    const figure = this.#add(s.label, s.value, s.kind, s.assumed === true ? { by: 'assumed', source: s.source } : { by: 'sheet', source: s.source });
    this.#sourced.set(s, figure);
    return figure;
  }

  /**
   * A computed figure.
   * @throws OutOfRange where an input lies outside the formula's range
   *
   * @example
   * ledger.compute(stripArea, { lengthMm, widthMm }, 'Under the tape');
   */
  compute<S extends InputSpecs, O extends QuantityKind>(f: Formula<S, O>, inputs: FigureInputs<S>, label?: string): Figure<O> {
    const values: Record<string, number | number[]> = {};
    for (const name in inputs) {
      const input = inputs[name];
      values[name] = input instanceof Figure ? input.value : input.map((figure) => figure.value);
    }
    const value = evaluate(f, values as unknown as InputValues<S>);
    return this.#add(label ?? f.title, value, f.output, { formula: f.name, figures: inputs });
  }

  find(id: string): Figure | undefined {
    return this.#figures[Number(id.slice(1)) - 1];
  }

  rows(): FigureRow[] {
    return this.#figures.map(({ id, label, value, kind, origin }) => ({ id, label, value, kind, origin }));
  }
}
