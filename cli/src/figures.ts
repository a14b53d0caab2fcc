import { baseUnits, cite, formulas, hasWords, quickTools, type Formula, type InputSpec, type QuickTool } from '@oddment/core';
import { BadInput } from './badInput.ts';
import { toolAsks } from './tool.ts';
import { slug } from './typedValue.ts';
import { wordsOf } from './wanted.ts';

const unit = (kind: keyof typeof baseUnits) => (baseUnits[kind] === '' ? 'number' : baseUnits[kind]);

const namedOf = ({ named = [] }: InputSpec) => named.map(({ label, value }) => ({ name: slug(label), label, value }));

function formulaRow(f: Formula) {
  return {
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
      ...(i.usual !== undefined && { usual: i.usual }),
      ...(i.named && { named: namedOf(i) }),
    })),
    output: { kind: f.output, unit: unit(f.output) },
    source: cite(f.source),
  };
}

function toolRow({ id, title, words, measures, choices = [], texts = [], overWeather }: QuickTool) {
  return {
    name: id,
    title,
    words,
    measures: measures.map((m) => ({ name: m.name, label: m.label, kind: m.kind, unit: unit(m.kind), min: m.min, max: m.max, usual: m.usual })),
    choices: choices.map((c) => ({ name: c.name, label: c.label, options: c.options.map(([value, label]) => ({ value, label })) })),
    texts: texts.map((t) => ({ name: t.name, label: t.label, usual: t.usual })),
    overWeather: overWeather === true,
  };
}

/**
 * The small tools and the formulas as text or as JSON; with words only those that have all of them in their name, title,
 * working or inputs.
 * @throws BadInput where nothing has them, or an option is not known
 */
export function figuresText(args: readonly string[]): string {
  const words = wordsOf(args);
  const rows = formulas.filter((f) => hasWords(words, f.name, f.title, f.words, ...Object.values(f.inputs).map((i) => i.label))).map(formulaRow);
  const tools = quickTools.filter((t) => hasWords(words, t.id, t.title, t.words, ...t.measures.map((m) => m.label)));
  if (rows.length + tools.length === 0) throw new BadInput([`No figure has '${words.join(' ')}'. ./oddment figures lists all.`]);
  if (args.includes('--json')) return `${JSON.stringify({ tools: tools.map(toolRow), formulas: rows }, null, 2)}\n`;
  return [
    ...tools.map((t) => [`${t.id}: ${t.title}`, `  ${t.words}`, ...toolAsks(t).map((line) => `    ${line}`), ''].join('\n')),
    ...rows.map((f) =>
      [
        `${f.name}: ${f.title}, in ${f.output.unit}`,
        `  ${f.words}`,
        ...f.inputs.map(
          (i) =>
            `    ${i.name}=${i.list ? 'a,b,…' : '…'}  ${i.label}, ${i.unit}, ${String(i.min)} to ${String(i.max)}${i.usual === undefined ? '' : `, usual ${String(i.usual)}`}${i.named ? `; ${i.named.map((n) => `${n.name} ${String(n.value)}`).join(', ')}` : ''}`,
        ),
        `  source: ${f.source}`,
        '',
      ].join('\n'),
    ),
  ].join('\n');
}
