import { baseUnits, readWeather, showValue, tell, usualGiven, weatherHeading, type QuickTool, type ToolMeasure } from '@oddment/core';
import { readFileSync } from 'node:fs';
import { BadInput } from './badInput.ts';

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

/** Runs a small tool on what is given, the usual for the rest, and tells its answer in both systems of units. */
export function toolCommand(tool: QuickTool, given: readonly string[]): string {
  const { measures, choices, texts } = usualGiven(tool);
  const values: { measures: Record<string, number>; choices: Record<string, string>; texts: Record<string, string>; record?: ReturnType<typeof weatherIn> } = {
    measures: { ...measures },
    choices: { ...choices },
    texts: { ...texts },
  };
  for (const pair of given) {
    const i = pair.indexOf('=');
    const [key, text] = i < 0 ? [pair, ''] : [pair.slice(0, i), pair.slice(i + 1)];
    const measure = tool.measures.find((m) => m.name === key);
    const choice = tool.choices?.find((c) => c.name === key);
    if (measure) {
      const value = Number(text);
      if (text.trim() === '' || !Number.isFinite(value)) throw new BadInput([`${key} is '${text}'. It must be a number.`]);
      if (value < measure.min || value > measure.max)
        throw new BadInput([
          `${key} is ${text}: ${measure.label} must lie between ${String(measure.min)} and ${String(measure.max)} ${baseUnits[measure.kind]}`.trimEnd(),
        ]);
      values.measures[key] = value;
    } else if (choice) {
      if (!choice.options.some(([value]) => value === text))
        throw new BadInput([`${key} is '${text}'. It must be one of: ${choice.options.map(([value]) => value).join(', ')}.`]);
      values.choices[key] = text;
    } else if (tool.texts?.some((t) => t.name === key)) values.texts[key] = text;
    else if (tool.overWeather && key === 'weather') values.record = weatherIn(text);
    else throw new BadInput([`'${key}' is not asked for by ${tool.id}. Write: ${toolUsage(tool)}`]);
  }
  const answer = tool.answer(values);
  if (!answer.ok) throw new BadInput([`${answer.name}: ${answer.why}`]);
  const day = values.record?.startAt;
  const lines = (['metric', 'us'] as const).map((units) =>
    [...answer.sayings, ...answer.notes].map((s) => `  ${tell(s, { units, timeZone: 'UTC', ...(day !== undefined && { day }) })}`).join('\n'),
  );
  const asked = tool.measures
    .filter((m) => !m.when || values.choices[m.when[0]] === m.when[1])
    .map((m) => `  ${m.label}: ${showValue(values.measures[m.name] ?? m.usual, m.kind, 'metric').text}`);
  const [metric = '', us = ''] = lines;
  return [tool.title, metric, ...(us === metric ? [] : ['in US units:', us]), ...(asked.length > 0 ? ['from:'] : []), ...asked, ''].join('\n');
}
