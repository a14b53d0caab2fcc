import {
  baseUnits,
  readWeather,
  showValue,
  tell,
  usualGiven,
  weatherHeading,
  type QuickTool,
  type Saying,
  type ToolMeasure,
  type UnitSystem,
} from '@oddment/core';
import { readFileSync } from 'node:fs';
import { BadInput } from './badInput.ts';
import { nearest, pairsOf, typedValue } from './typedValue.ts';

const unitOf = ({ kind }: ToolMeasure) => (baseUnits[kind] === '' ? 'number' : baseUnits[kind]);

/** How a tool is called, with all that it asks for. */
export function toolUsage(tool: QuickTool): string {
  const asked = [
    ...(tool.choices ?? []).map((c) => `${c.name}=${c.options.map(([value]) => value).join('|')}`),
    ...(tool.texts ?? []).map((t) => `${t.name}=${t.usual === '' ? '…' : t.usual.replaceAll(' ', '')}`),
    ...tool.measures.map((m) => `${m.name}=${unitOf(m)}`),
    ...(tool.overWeather ? ['weather=FILE.csv'] : []),
  ];
  return `./oddment figure ${tool.id} ${asked.join(' ')}`;
}

/** What a tool asks for, a line each. */
export function toolAsks(tool: QuickTool): readonly string[] {
  return [
    ...(tool.choices ?? []).map((c) => `${c.name}=…  ${c.label}: ${c.options.map(([value, words]) => `${value} (${words})`).join(', ')}`),
    ...(tool.texts ?? []).map((t) => `${t.name}=…  ${t.label}${t.hint === undefined ? '' : ` (${t.hint})`}${t.usual === '' ? '' : `, usual ${t.usual}`}`),
    ...tool.measures.map((m) => `${m.name}=…  ${m.label}, ${unitOf(m)}, ${String(m.min)} to ${String(m.max)}, usual ${String(m.usual)}`),
    ...(tool.overWeather ? [`weather=FILE.csv  the weather, a line for each hour: ${weatherHeading}`] : []),
  ];
}

function weatherIn(file: string) {
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch (error) {
    throw new BadInput([`${file} cannot be read: ${error instanceof Error ? error.message : 'no reason given'}`]);
  }
  const read = readWeather(text);
  if (!read.ok) throw new BadInput(read.problems.map((p) => `${file}, line ${String(p.line)}: ${p.message}`));
  return read.record;
}

interface Values {
  readonly measures: Record<string, number>;
  readonly choices: Record<string, string>;
  readonly texts: Record<string, string>;
  record?: ReturnType<typeof weatherIn>;
}

/** Puts one typed value in its place. @throws BadInput where it is not asked for, or cannot be */
function take(tool: QuickTool, values: Values, key: string, text: string): void {
  const measure = tool.measures.find((m) => m.name === key);
  if (measure) {
    const value = typedValue(text, key, measure);
    if (value < measure.min || value > measure.max)
      throw new BadInput([
        `${key} is ${text}: ${measure.label} must lie between ${String(measure.min)} and ${String(measure.max)} ${baseUnits[measure.kind]}`.trimEnd(),
      ]);
    values.measures[key] = value;
    return;
  }
  const choice = tool.choices?.find((c) => c.name === key);
  if (choice) {
    if (!choice.options.some(([value]) => value === text))
      throw new BadInput([`${key} is '${text}'. It must be one of: ${choice.options.map(([value]) => value).join(', ')}.`]);
    values.choices[key] = text;
  } else if (tool.texts?.some((t) => t.name === key)) values.texts[key] = text;
  else if (tool.overWeather && key === 'weather') values.record = weatherIn(text);
  else {
    const near = nearest(
      key,
      [...tool.measures, ...(tool.choices ?? []), ...(tool.texts ?? [])].map((one) => one.name),
      1,
    );
    throw new BadInput([`'${key}' is not asked for by ${tool.id}.${near.length > 0 ? ` Did you mean ${near.join()}?` : ''} Write: ${toolUsage(tool)}`]);
  }
}

/** Runs a small tool on what is given, the usual for the rest, and tells its answer in both systems of units, or as JSON. */
export function toolCommand(tool: QuickTool, given: readonly string[], json: boolean): string {
  const usual = usualGiven(tool);
  const values: Values = { measures: { ...usual.measures }, choices: { ...usual.choices }, texts: { ...usual.texts } };
  for (const [key, text] of pairsOf(given)) take(tool, values, key, text);
  const answer = tool.answer(values);
  if (!answer.ok) throw new BadInput([`${answer.name}: ${answer.why}`]);
  const day = values.record?.startAt;
  const told = (sayings: readonly Saying[], units: UnitSystem) => sayings.map((s) => tell(s, { units, timeZone: 'UTC', ...(day !== undefined && { day }) }));
  if (json) {
    const { measures, choices, texts } = values;
    const answers = Object.fromEntries(
      (['metric', 'us'] as const).map((units) => [units, { says: told(answer.sayings, units), notes: told(answer.notes, units) }]),
    );
    return `${JSON.stringify({ name: tool.id, title: tool.title, given: { ...measures, ...choices, ...texts }, bad: answer.bad, ...answers }, null, 2)}\n`;
  }
  const [metric = '', us = ''] = (['metric', 'us'] as const).map((units) =>
    told([...answer.sayings, ...answer.notes], units)
      .map((line) => `  ${line}`)
      .join('\n'),
  );
  const asked = tool.measures
    .filter((m) => !m.when || values.choices[m.when[0]] === m.when[1])
    .map((m) => `  ${m.label}: ${showValue(values.measures[m.name] ?? m.usual, m.kind, 'metric').text}`);
  return [tool.title, metric, ...(us === metric ? [] : ['in US units:', us]), ...(asked.length > 0 ? ['from:'] : []), ...asked, ''].join('\n');
}
