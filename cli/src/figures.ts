import { baseUnits, cite, formulas, quickTools } from '@oddment/core';
import { toolAsks } from './tool.ts';

const unit = (kind: keyof typeof baseUnits) => (baseUnits[kind] === '' ? 'number' : baseUnits[kind]);

/** The small tools and the formula registry as text, or the registry as JSON. */
export function figuresText(json: boolean): string {
  const rows = formulas.map((f) => ({
    name: f.name,
    title: f.title,
    words: f.words,
    inputs: Object.entries(f.inputs).map(([name, i]) => ({
      name,
      label: i.label,
      kind: i.kind,
      unit: unit(i.kind),
      min: i.min,
      max: i.max,
      list: i.list === true,
    })),
    output: { kind: f.output, unit: unit(f.output) },
    source: cite(f.source),
  }));
  if (json) return `${JSON.stringify(rows, null, 2)}\n`;
  const tools = quickTools.map((t) => [`${t.id}: ${t.title}`, `  ${t.words}`, ...toolAsks(t).map((line) => `    ${line}`), ''].join('\n'));
  return [
    ...tools,
    ...rows.map((f) =>
      [
        `${f.name}: ${f.title}, in ${f.output.unit}`,
        `  ${f.words}`,
        ...f.inputs.map((i) => `    ${i.name}=${i.list ? 'a,b,…' : '…'}  ${i.label}, ${i.unit}, ${String(i.min)} to ${String(i.max)}`),
        `  source: ${f.source}`,
        '',
      ].join('\n'),
    ),
  ].join('\n');
}
