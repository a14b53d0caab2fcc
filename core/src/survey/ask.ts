import type { DepthGrid } from '../geometry/depthGrid.ts';
import type { Outline } from '../geometry/outline.ts';
import type { TappingMap } from '../geometry/tapping.ts';
import type { QuantityKind } from '../quantity/kind.ts';

/** How a fact came to be known. */
export type Knowing = 'entered' | 'measured' | 'assumed' | 'log';
export const knowings = ['entered', 'measured', 'assumed', 'log'] as const satisfies readonly Knowing[];

/** One fact of a defect or an area: its value, how it is known, since when, and the text as typed. */
export interface Fact<V> {
  readonly value: V;
  readonly how: Knowing;
  /** ISO instant */
  readonly at: string;
  readonly text?: string;
  /** what read it, in words, where it came over a line and not by hand */
  readonly instrument?: string;
  /** mark of the repair whose answer it is, where it was carried over from there */
  readonly asIn?: string;
  /** name of the area whose usual answer it is, where the defect has none of its own; said where a repair is planned; never a fact of the defect itself */
  readonly usualIn?: string;
}

/** A width measured at a place along a line, both in mm. */
export interface Station {
  readonly atMm: number;
  readonly widthMm: number;
  readonly text?: string;
}

interface AskBase {
  readonly field: string;
  /** a group of questions that belong together, in the order a person looks */
  readonly group: string;
  readonly question: string;
  readonly hint?: string;
  readonly required: boolean;
  /** asked only while all of these hold */
  readonly when?: readonly Condition[];
}

/** What an earlier answer must be for a question to be asked; a question not answered yet meets `isNot` alone. */
export interface Condition {
  readonly field: string;
  readonly is?: readonly string[];
  readonly isNot?: readonly string[];
  /** a measure above this, in its base unit */
  readonly above?: number;
  /** a measure below this, in its base unit */
  readonly below?: number;
}

export interface MeasureAsk extends AskBase {
  readonly ask: 'measure';
  readonly kind: QuantityKind;
  /** range in the kind's base unit */
  readonly min: number;
  readonly max: number;
}

export interface ChoiceAsk extends AskBase {
  readonly ask: 'choice';
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

export interface StationsAsk extends AskBase {
  readonly ask: 'stations';
  /** range of each width, in mm */
  readonly min: number;
  readonly max: number;
}

/** The line around something, by a shape's dimensions or corner by corner. */
export interface OutlineAsk extends AskBase {
  readonly ask: 'outline';
  /** range of its width and height, in mm */
  readonly min: number;
  readonly max: number;
}

/** Depths on a grid, read off a straightedge. */
export interface DepthGridAsk extends AskBase {
  readonly ask: 'depth-grid';
  /** deepest reading there can be, in mm */
  readonly max: number;
}

/** A map of hollow and sound cells. */
export interface TappingAsk extends AskBase {
  readonly ask: 'tapping';
}

/** A few words. */
export interface TextAsk extends AskBase {
  readonly ask: 'text';
  readonly most: number;
}

/** One question about a defect or an area. The table of asks gives type, form, validation and schema. */
export type Ask = MeasureAsk | ChoiceAsk | StationsAsk | OutlineAsk | DepthGridAsk | TappingAsk | TextAsk;

export type ValueOf<A extends Ask> = A extends MeasureAsk
  ? number
  : A extends StationsAsk
    ? readonly Station[]
    : A extends OutlineAsk
      ? Outline
      : A extends DepthGridAsk
        ? DepthGrid
        : A extends TappingAsk
          ? TappingMap
          : A extends TextAsk
            ? string
            : A extends { options: readonly { value: infer V }[] }
              ? V
              : never;

/** The facts that a table of asks asks for, each of them possibly not known yet. */
export type FactsOf<T extends readonly Ask[]> = {
  readonly [A in T[number] as A['field']]?: Fact<ValueOf<A>>;
};

/** Facts of any kind, as they lie in the job file and the database. */
export type LooseFacts = Readonly<Record<string, Fact<unknown> | undefined>>;

/** A kind of place or defect: its asks, and which of them are relevant given what is answered. */
export interface AskTable<T extends readonly Ask[] = readonly Ask[]> {
  readonly id: string;
  readonly title: string;
  /** why it is asked, in a sentence or two */
  readonly why?: string;
  readonly asks: T;
}

/**
 * How an answer that a person types is known: what is chosen or written is entered, a number is measured.
 * @param before how it was known until now: a number that was entered stays so
 */
export const knownBy = ({ ask }: Ask, before?: Knowing): Knowing => (ask === 'choice' || ask === 'text' || before === 'entered' ? 'entered' : 'measured');

/** The plain value of a fact, if it is known. */
export function valueOf<V>(fact: Fact<V> | undefined): V | undefined {
  return fact?.value;
}

function holds({ field, is, isNot, above, below }: Condition, facts: LooseFacts, asks: readonly Ask[]): boolean {
  const value = facts[field]?.value;
  const source = asks.find((a) => a.field === field);
  // an answer to a question that is itself no longer asked counts for nothing
  if (source?.when?.some((c) => !holds(c, facts, asks)) === true) return false;
  if (is && !(typeof value === 'string' && is.includes(value))) return false;
  if (isNot && typeof value === 'string' && isNot.includes(value)) return false;
  if (above !== undefined && !(typeof value === 'number' && value > above)) return false;
  return below === undefined || (typeof value === 'number' && value < below);
}

/** The asks that are relevant given the facts, in order. */
export function relevantAsks(table: AskTable, facts: LooseFacts): readonly Ask[] {
  return table.asks.filter((ask) => (ask.when ?? []).every((c) => holds(c, facts, table.asks)));
}

/** The words of a choice, such as 'slab on ground'. */
export function choiceLabel(table: AskTable, field: string, value: unknown): string {
  const ask = table.asks.find((a) => a.field === field);
  if (ask?.ask !== 'choice') return String(value);
  return ask.options.find((o) => o.value === value)?.label ?? String(value);
}
