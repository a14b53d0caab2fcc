import type { WeatherRecord } from '../climate/weatherRecord.ts';
import type { QuantityKind } from '../quantity/kind.ts';
import type { Saying } from '../quantity/saying.ts';

/** A measure that a tool asks for, with the value it takes where none is given, and its bounds, in the base unit of its kind. */
export interface ToolMeasure {
  readonly name: string;
  readonly label: string;
  readonly kind: QuantityKind;
  readonly usual: number;
  readonly min: number;
  readonly max: number;
  /** asked only where a choice has this value */
  readonly when?: readonly [choice: string, value: string];
}

/** A choice that a tool asks for; the first one is taken where none is given. */
export interface ToolChoice {
  readonly name: string;
  readonly label: string;
  readonly options: readonly (readonly [value: string, words: string])[];
}

/** Something written that a tool asks for: a ratio, a list, a color. */
export interface ToolText {
  readonly name: string;
  readonly label: string;
  /** taken where nothing is given */
  readonly usual: string;
  readonly hint?: string;
}

/** What a tool is given: everything it asks for. */
export interface ToolGiven {
  readonly measures: Readonly<Record<string, number>>;
  readonly choices: Readonly<Record<string, string>>;
  readonly texts: Readonly<Record<string, string>>;
  /** where the tool looks at weather */
  readonly record?: WeatherRecord;
}

/** An answer: what to do, then what stands under it; `bad` where it is thrown away. Or what cannot be read, and what would be right. */
export type ToolAnswer =
  | { readonly ok: true; readonly sayings: readonly Saying[]; readonly notes: readonly Saying[]; readonly bad: boolean }
  | { readonly ok: false; readonly name: string; readonly why: string };

/** A small tool of the page of figures and of the command line that is more than one formula. */
export interface QuickTool {
  readonly id: string;
  /** title of the group of formulas that it stands with */
  readonly group: string;
  readonly title: string;
  readonly words: string;
  readonly measures: readonly ToolMeasure[];
  readonly choices?: readonly ToolChoice[];
  readonly texts?: readonly ToolText[];
  /** it looks at weather over time: a forecast, measured, or a person's own list */
  readonly overWeather?: true;
  /** in words; may take some seconds for thick lifts */
  readonly answer: (given: ToolGiven) => ToolAnswer;
}

/** A measure out of what is given, in its base unit. */
export function measured({ measures }: ToolGiven, { name, usual }: ToolMeasure): number {
  return measures[name] ?? usual;
}

/** Everything at its usual value, for a tool that is not told anything yet. */
export function usualGiven(tool: Pick<QuickTool, 'measures' | 'choices' | 'texts'>): ToolGiven {
  return {
    measures: Object.fromEntries(tool.measures.map((m) => [m.name, m.usual])),
    choices: Object.fromEntries((tool.choices ?? []).map((c) => [c.name, c.options[0]?.[0] ?? ''])),
    texts: Object.fromEntries((tool.texts ?? []).map((t) => [t.name, t.usual])),
  };
}

export const answered = (sayings: readonly Saying[], notes: readonly Saying[] = [], bad = false): ToolAnswer => ({ ok: true, sayings, notes, bad });
export const refusedTool = (name: string, why: string): ToolAnswer => ({ ok: false, name, why });

/** Numbers of a list as written, parted by commas, spaces, colons or semicolons; nothing where a part is no number. */
export function listed(text: string): readonly number[] | undefined {
  const numbers = text
    .split(/[\s,;:]+/)
    .filter((t) => t !== '')
    .map(Number);
  return numbers.every((n) => Number.isFinite(n)) ? numbers : undefined;
}
