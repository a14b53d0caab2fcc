import { baseUnits, cite, DoNotGoTogether, evaluate, formulaNamed, formulas, OutOfRange, quickTools, showValue, type Formula } from '@oddment/core';
import { BadInput } from './badInput.ts';
import { toolCommand } from './tool.ts';

function usage(f: Formula): string {
  const inputs = Object.entries(f.inputs).map(([name, i]) => `${name}=${i.list ? 'a,b,…' : baseUnits[i.kind] || 'number'}`);
  return `./oddment figure ${f.name} ${inputs.join(' ')}`;
}

function numberOf(text: string, name: string): number {
  const value = Number(text);
  if (text.trim() === '' || !Number.isFinite(value)) throw new BadInput([`${name} is '${text}'. It must be a number.`]);
  return value;
}

/** Runs one formula, or a small tool, on values in base units and tells value, unit and working. */
export function figureCommand(args: readonly string[]): string {
  const [name, ...given] = args;
  const tool = quickTools.find((t) => t.id === name);
  if (tool) return toolCommand(tool, given);
  const f = name === undefined ? undefined : formulaNamed(name);
  if (!f)
    throw new BadInput([`There is no figure '${name ?? ''}'. There are: ${[...quickTools.map((t) => t.id), ...formulas.map((one) => one.name)].join(', ')}`]);
  const values: Record<string, number | number[]> = {};
  for (const pair of given) {
    const [key = '', text = ''] = pair.split('=', 2);
    const spec = f.inputs[key];
    if (!spec) throw new BadInput([`'${key}' is not an input of ${f.name}. Write: ${usage(f)}`]);
    values[key] = spec.list ? text.split(',').map((part) => numberOf(part, key)) : numberOf(text, key);
  }
  const missing = Object.keys(f.inputs).filter((key) => values[key] === undefined);
  if (missing.length > 0) throw new BadInput([`Missing: ${missing.join(', ')}. Write: ${usage(f)}`]);
  try {
    const value = evaluate(f, values as never);
    const unit = baseUnits[f.output];
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
  } catch (error) {
    if (error instanceof DoNotGoTogether) throw new BadInput([`${error.input}: ${error.why}`]);
    if (!(error instanceof OutOfRange)) throw error;
    throw new BadInput([
      `${error.input} is ${String(error.given)}: ${error.spec.label} must lie between ${String(error.spec.min)} and ${String(error.spec.max)} ${baseUnits[error.spec.kind]}`.trimEnd(),
    ]);
  }
}
