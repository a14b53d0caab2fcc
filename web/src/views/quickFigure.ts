import { DoNotGoTogether, evaluate, OutOfRange, parseMeasure, showValue, type Formula, type UnitSystem } from '@oddment/core';

export type QuickAnswer =
  | { readonly state: 'open'; readonly missing: readonly string[] }
  | { readonly state: 'wrong'; readonly input: string; readonly why: string }
  | { readonly state: 'known'; readonly text: string };

/** The texts of a list, parted by semicolons or spaces that no unit needs. */
const partsOf = (text: string) => text.split(';').map((t) => t.trim()).filter((t) => t !== '');

/** What a formula comes to with what is typed: each input in the units of the page, a list parted by semicolons. */
export function quickFigure(f: Formula, typed: Readonly<Record<string, string>>, units: UnitSystem): QuickAnswer {
  const values: Record<string, number | number[]> = {};
  const missing: string[] = [];
  for (const [name, spec] of Object.entries(f.inputs)) {
    const text = typed[name] ?? '';
    if (text.trim() === '') {
      missing.push(spec.label);
      continue;
    }
    const read: number[] = [];
    for (const part of spec.list ? partsOf(text) : [text]) {
      const one = parseMeasure(part, spec.kind, units);
      if (!one.ok) return { state: 'wrong', input: name, why: one.why };
      read.push(one.value);
    }
    values[name] = spec.list ? read : (read[0] ?? Number.NaN);
  }
  if (missing.length > 0) return { state: 'open', missing };
  try {
    return { state: 'known', text: showValue(evaluate(f, values as never), f.output, units).text };
  } catch (error) {
    if (error instanceof DoNotGoTogether) return { state: 'wrong', input: error.input, why: error.why };
    if (!(error instanceof OutOfRange)) throw error;
    const range = [error.spec.min, error.spec.max].map((v) => showValue(v, error.spec.kind, units).text);
    return { state: 'wrong', input: error.input, why: `It must lie between ${range.join(' and ')}.` };
  }
}

/** Formulas whose name, title or words hold what is sought. */
export function soughtFormulas(all: readonly Formula[], sought: string): readonly Formula[] {
  const words = sought.toLowerCase().split(/\s+/).filter((w) => w !== '');
  return all.filter((f) => words.every((w) => `${f.name} ${f.title} ${f.words}`.toLowerCase().includes(w)));
}
