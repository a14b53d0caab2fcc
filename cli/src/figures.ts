import { baseUnits, cite, formulas } from '@oddment/core';

const unit = (kind: keyof typeof baseUnits) => (baseUnits[kind] === '' ? 'number' : baseUnits[kind]);

/** The formula registry as text, or as JSON. */
export function figuresText(json: boolean): string {
  const rows = formulas.map((f) => ({
    name: f.name,
    title: f.title,
    words: f.words,
    inputs: Object.entries(f.inputs).map(([name, i]) => ({ name, label: i.label, kind: i.kind, unit: unit(i.kind), min: i.min, max: i.max, list: i.list === true })),
    output: { kind: f.output, unit: unit(f.output) },
    source: cite(f.source),
  }));
  if (json) return `${JSON.stringify(rows, null, 2)}\n`;
  return rows
    .map((f) => [`${f.name}: ${f.title}, in ${f.output.unit}`, `  ${f.words}`, ...f.inputs.map((i) => `    ${i.name}=${i.list ? 'a,b,…' : '…'}  ${i.label}, ${i.unit}, ${String(i.min)} to ${String(i.max)}`), `  source: ${f.source}`, ''].join('\n'))
    .join('\n');
}
