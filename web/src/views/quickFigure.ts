import {
  bareUnit,
  baseUnits,
  DoNotGoTogether,
  evaluate,
  hasWords,
  OutOfRange,
  parseMeasure,
  searchWords,
  showValue,
  type Formula,
  type Inputs,
  type InputSpec,
  type UnitSystem,
} from '@oddment/core';

/** A value that an instrument reads for an input, and which instrument, in words. */
export interface LiveInput {
  readonly value: number;
  readonly from: string;
}

/** One input of a calculator: what is typed, what an instrument reads where nothing is, or else a common example. */
export interface QuickInput {
  readonly name: string;
  readonly label: string;
  readonly unit: string;
  readonly text: string;
  readonly example: string;
  readonly list: boolean;
  /** values with a name: what to type for each, and whether it is the one that counts now */
  readonly named: readonly { readonly label: string; readonly text: string; readonly on: boolean }[];
  readonly problem?: string;
  /** where the value comes from while nothing is typed */
  readonly from?: string;
}

export interface QuickAnswer {
  readonly inputs: readonly QuickInput[];
  /** the answer; nothing where an input is wrong */
  readonly answer?: { readonly value: number; readonly text: string };
  /** values in base units, typed or common, where all can be read */
  readonly values?: Inputs;
  /** labels of inputs that stand at their common example */
  readonly examples: readonly string[];
}

/** The texts of a list, parted by semicolons or spaces that no unit needs. */
const partsOf = (text: string) =>
  text
    .split(';')
    .map((t) => t.trim())
    .filter((t) => t !== '');

/** A value as one types it into a field of its kind: the number alone where the field's own unit is meant. */
export function typedText(value: number, spec: Pick<InputSpec, 'kind'>, units: UnitSystem): string {
  const { text, unit } = showValue(value, spec.kind, units);
  const back = parseMeasure(text, spec.kind, units);
  // too small for what is shown in these units: written in the others
  if (back.ok && Math.abs(back.value - value) > 0.05 * Math.abs(value)) return showValue(value, spec.kind, 'metric').text;
  const bare = text.slice(0, text.length - unit.length).trim();
  // a measure of two parts, such as an hour and a half, keeps its units
  return unit === bareUnit(spec.kind, units) && parseMeasure(bare, spec.kind, units).ok ? bare : text;
}

function exampleOf(spec: InputSpec, units: UnitSystem): string {
  return [spec.usual ?? []]
    .flat()
    .map((v) => typedText(v, spec, units))
    .join('; ');
}

/** What a formula comes to with what is typed: each input in the units of the page, a list parted by semicolons. */
export function quickFigure(
  f: Formula,
  typed: Readonly<Record<string, string>>,
  units: UnitSystem,
  live: Readonly<Record<string, LiveInput>> = {},
): QuickAnswer {
  const values: Record<string, number | readonly number[]> = {};
  const problems = new Map<string, string>();
  const examples: string[] = [];
  for (const [name, spec] of Object.entries(f.inputs)) {
    const text = typed[name] ?? '';
    if (text.trim() === '') {
      const read = live[name];
      if (read) values[name] = read.value;
      else {
        if (spec.usual !== undefined) values[name] = spec.usual;
        examples.push(spec.label);
      }
      continue;
    }
    const read: number[] = [];
    for (const part of spec.list ? partsOf(text) : [text]) {
      const one = parseMeasure(part, spec.kind, units);
      if (one.ok) read.push(one.value);
      else problems.set(name, one.why);
    }
    values[name] = spec.list ? read : (read[0] ?? Number.NaN);
  }
  let answer: QuickAnswer['answer'];
  if (problems.size === 0) {
    try {
      const value = evaluate(f, values as never);
      answer = { value, text: showValue(value, f.output, units).text };
    } catch (error) {
      if (error instanceof DoNotGoTogether) problems.set(error.input, error.why);
      else if (error instanceof OutOfRange) {
        const range = [error.spec.min, error.spec.max].map((v) => showValue(v, error.spec.kind, units).text);
        problems.set(error.input, `It must lie between ${range.join(' and ')}.`);
      } else throw error;
    }
  }
  const inputs = Object.entries(f.inputs).map(([name, spec]): QuickInput => {
    const problem = problems.get(name);
    const read = (typed[name] ?? '').trim() === '' ? live[name] : undefined;
    return {
      name,
      label: spec.label,
      unit: bareUnit(spec.kind, units),
      text: typed[name] ?? '',
      example: read ? typedText(read.value, spec, units) : exampleOf(spec, units),
      ...(read && { from: read.from }),
      list: spec.list === true,
      named: (spec.named ?? []).map((n) => ({ label: n.label, text: typedText(n.value, spec, units), on: values[name] === n.value })),
      ...(problem !== undefined && { problem }),
    };
  });
  return { inputs, examples, ...(answer && { answer, values }) };
}

/** Formulas and tools whose name, title or words hold what is sought. */
export function sought<T extends { readonly title: string; readonly words: string }>(
  all: readonly T[],
  words: string,
  nameOf: (one: T) => string,
): readonly T[] {
  const wanted = searchWords(words);
  return all.filter((one) => hasWords(wanted, nameOf(one), one.title, one.words));
}

/** Rows of a working: each input's label and value as it went in. */
export function quickRows(f: Formula, values: Inputs, units: UnitSystem): readonly { readonly label: string; readonly text: string }[] {
  return Object.entries(f.inputs).map(([name, spec]) => ({
    label: spec.label,
    text:
      [values[name] ?? []]
        .flat()
        .map((v) => showValue(v, spec.kind, units).text)
        .join('; ') || baseUnits[spec.kind],
  }));
}
