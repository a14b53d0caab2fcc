import type { DepthGrid } from '../geometry/depthGrid.ts';
import type { Outline } from '../geometry/outline.ts';
import type { TappingMap } from '../geometry/tapping.ts';
import type { Figure } from '../quantity/figure.ts';
import type { QuantityKind } from '../quantity/kind.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { relevantAsks, type Ask, type AskTable, type Fact, type LooseFacts, type Station } from './ask.ts';

/** A measured number as a figure of its own origin. */
export function factFigure(ledger: Ledger, label: string, kind: QuantityKind, fact: Fact<number>): Figure {
  if (fact.how === 'assumed')
    return ledger.assumed(
      label,
      kind,
      fact.value,
      'practice',
      fact.usualIn !== undefined
        ? `assumed as usual in ${fact.usualIn}`
        : fact.asIn !== undefined
          ? `assumed as measured at ${fact.asIn}`
          : 'assumed by the person who measured',
    );
  return ledger.given(label, kind, fact.value, fact.how, fact.at, fact.text, fact.instrument);
}

/** Places and widths along a line. */
export interface StationFigures {
  readonly at: readonly Figure[];
  readonly widths: readonly Figure[];
}

/** Reads the facts of a table: only what is still asked counts. Measures come out as figures. */
export class FactReader {
  readonly ledger: Ledger;
  readonly #facts: LooseFacts;
  readonly #asks: readonly Ask[];
  readonly #measures = new Map<string, Figure | undefined>();
  readonly #stations = new Map<string, StationFigures | undefined>();

  constructor(ledger: Ledger, table: AskTable, facts: LooseFacts) {
    this.ledger = ledger;
    this.#facts = facts;
    this.#asks = relevantAsks(table, facts);
  }

  #fact(field: string): { ask: Ask; fact: Fact<unknown> } | undefined {
    const ask = this.#asks.find((a) => a.field === field);
    const fact = this.#facts[field];
    return ask && fact ? { ask, fact } : undefined;
  }

  /** The figure of a measure, if it is asked and answered: the same one each time. */
  measure(field: string): Figure | undefined {
    if (!this.#measures.has(field)) this.#measures.set(field, this.#read(field));
    return this.#measures.get(field);
  }

  #read(field: string): Figure | undefined {
    const found = this.#fact(field);
    return found?.ask.ask === 'measure' ? factFigure(this.ledger, found.ask.question, found.ask.kind, found.fact as Fact<number>) : undefined;
  }

  choice(field: string): string | undefined {
    const found = this.#fact(field);
    return found?.ask.ask === 'choice' ? (found.fact.value as string) : undefined;
  }

  /** Each place and width along a line, in order, as figures: the same ones each time. */
  stations(field: string): StationFigures | undefined {
    if (!this.#stations.has(field)) this.#stations.set(field, this.#readStations(field));
    return this.#stations.get(field);
  }

  #readStations(field: string): StationFigures | undefined {
    const found = this.#fact(field);
    if (found?.ask.ask !== 'stations') return undefined;
    const { fact } = found as { fact: Fact<readonly Station[]> };
    const sorted = [...fact.value].sort((a, b) => a.atMm - b.atMm);
    const of = (label: string, kind: QuantityKind, value: number, text?: string) =>
      factFigure(this.ledger, label, kind, { value, how: fact.how, at: fact.at, ...(text !== undefined && { text }) });
    return { at: sorted.map((s) => of('Place of a width', 'length', s.atMm)), widths: sorted.map((s) => of('Width', 'crackWidth', s.widthMm, s.text)) };
  }

  outline(field: string): Fact<Outline> | undefined {
    const found = this.#fact(field);
    return found?.ask.ask === 'outline' ? (found.fact as Fact<Outline>) : undefined;
  }

  depthGrid(field: string): Fact<DepthGrid> | undefined {
    const found = this.#fact(field);
    return found?.ask.ask === 'depth-grid' ? (found.fact as Fact<DepthGrid>) : undefined;
  }

  tapping(field: string): Fact<TappingMap> | undefined {
    const found = this.#fact(field);
    return found?.ask.ask === 'tapping' ? (found.fact as Fact<TappingMap>) : undefined;
  }

  /** A figure of one part of a compound fact, such as a corner's place. */
  part(label: string, kind: QuantityKind, value: number, fact: Fact<unknown>): Figure {
    return factFigure(this.ledger, label, kind, { value, how: fact.how, at: fact.at });
  }
}
