import {
  baseUnits,
  cite,
  DoNotGoTogether,
  evaluate,
  formulaNamed,
  formulas,
  OutOfRange,
  quickTools,
  showValue,
  type Formula,
  type InputSpec,
} from '@oddment/core';
import { BadInput } from './badInput.ts';
import { toolCommand } from './tool.ts';
import { nearest, pairsOf, slug, typedList, typedValue } from './typedValue.ts';
import { wordsOf } from './wanted.ts';

/** What an input takes, in a word. */
const takes = (i: InputSpec) => (i.list ? 'a,b,…' : i.named ? i.named.map((n) => slug(n.label)).join('|') : baseUnits[i.kind] || 'number');

function usage(f: Formula): string {
  return `./oddment figure ${f.name} ${Object.entries(f.inputs)
    .map(([name, i]) => `${name}=${takes(i)}`)
    .join(' ')}`;
}

/** Why there is no figure of a name: the nearest ones, or how to find it. */
function unknown(name: string): BadInput {
  const names = [...quickTools.map((t) => t.id), ...formulas.map((f) => f.name)];
  const near = nearest(name, names);
  return new BadInput([
    `There is no figure '${name}'. ${near.length > 0 ? `Did you mean ${near.join(', ')}?` : 'Find it with ./oddment figures WORD.'} ./oddment figures lists all ${String(names.length)}.`,
  ]);
}

type Values = Record<string, number | number[]>;

function valuesOf(f: Formula, given: readonly string[]): Values {
  const values: Values = {};
  for (const [key, text] of pairsOf(given)) {
    const spec = f.inputs[key];
    if (!spec) {
      const near = nearest(key, Object.keys(f.inputs), 1);
      throw new BadInput([`'${key}' is not an input of ${f.name}.${near.length > 0 ? ` Did you mean ${near.join()}?` : ''} Write: ${usage(f)}`]);
    }
    values[key] = spec.list ? typedList(text, key, spec) : typedValue(text, key, spec);
  }
  const missing = Object.keys(f.inputs).filter((key) => values[key] === undefined);
  if (missing.length > 0) throw new BadInput([`Missing: ${missing.join(', ')}. Write: ${usage(f)}`]);
  return values;
}

function computed(f: Formula, values: Values): number {
  try {
    return evaluate(f, values as never);
  } catch (error) {
    if (error instanceof DoNotGoTogether) throw new BadInput([`${error.input}: ${error.why}`]);
    if (!(error instanceof OutOfRange)) throw error;
    throw new BadInput([
      `${error.input} is ${String(error.given)}: ${error.spec.label} must lie between ${String(error.spec.min)} and ${String(error.spec.max)} ${baseUnits[error.spec.kind]}`.trimEnd(),
    ]);
  }
}

/**
 * Runs one formula, or a small tool, and tells value, unit and working. Bare numbers are in base units; others carry
 * theirs, such as `68F` or `3/16 in`.
 * @example
 * figureCommand(['gel-time', 'gelAt23Min=6', 'temperatureC=59F']);
 */
export function figureCommand(args: readonly string[]): string {
  const [name = '', ...rest] = wordsOf(args);
  const json = args.includes('--json');
  const tool = quickTools.find((t) => t.id === name);
  if (tool) return toolCommand(tool, rest, json);
  const f = formulaNamed(name);
  if (!f) throw unknown(name);
  const values = valuesOf(f, rest);
  const value = computed(f, values);
  const unit = baseUnits[f.output];
  if (json) {
    const inputs = Object.entries(f.inputs).map(([key, spec]) => ({ name: key, label: spec.label, value: values[key], unit: baseUnits[spec.kind] }));
    return `${JSON.stringify({ name: f.name, title: f.title, value, unit, words: f.words, inputs, source: cite(f.source) }, null, 2)}\n`;
  }
  const both = (['metric', 'us'] as const).map((system) => showValue(value, f.output, system).text);
  const rows = Object.entries(f.inputs).map(
    ([key, spec]) => `  ${spec.label}: ${String(values[key])}${baseUnits[spec.kind] === '' ? '' : ` ${baseUnits[spec.kind]}`}`,
  );
  return [
    `${f.title}: ${String(value)}${unit === '' ? '' : ` ${unit}`}   (${[...new Set(both)].join(', ')})`,
    `  ${f.words}`,
    ...rows,
    `  source: ${cite(f.source)}`,
    '',
  ].join('\n');
}
