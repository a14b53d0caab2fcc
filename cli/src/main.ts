import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { readJobFile } from '@oddment/contracts';
import { daysOutput } from './days.ts';
import type { UnitSystem } from '@oddment/core';
import { figureCommand } from './figure.ts';
import { figuresText } from './figures.ts';
import { limitsText } from './limits.ts';
import { planOutput } from './plan.ts';
import { tablesText } from './tables.ts';
import { BadInput } from './badInput.ts';

const [name, ...args] = process.argv.slice(2);

function unitsOf(units: string | undefined): { readonly units?: UnitSystem } {
  if (units === undefined) return {};
  if (units !== 'metric' && units !== 'us') throw new BadInput([`--units is '${units}'. It must be metric or us.`]);
  return { units };
}

/** The one job file that is named. */
function jobFileOf(positionals: readonly string[], command: string) {
  const [file] = positionals;
  if (file === undefined || positionals.length > 1) throw new BadInput([`Name one job file: ./oddment ${command} FILE`]);
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch (error) {
    throw new BadInput([`${file} cannot be read: ${error instanceof Error ? error.message : 'no reason given'}`]);
  }
  const read = readJobFile(text);
  if (!read.ok) throw new BadInput(read.problems.map((p) => `${p.path === '' ? '(the file)' : p.path}: ${p.message}`));
  return read.value;
}

const wholeNumber = (name: string, given: string | undefined, most: number) => {
  if (given === undefined) return undefined;
  if (!/^\d{1,7}$/.test(given) || Number(given) > most) throw new BadInput([`--${name} is '${given}'. It must be a whole number from 0 to ${String(most)}.`]);
  return Number(given);
};

function daysCommand(): string {
  const { values, positionals } = parseArgs({
    args,
    allowPositionals: true,
    options: {
      json: { type: 'boolean' },
      ics: { type: 'boolean' },
      csv: { type: 'boolean' },
      aim: { type: 'string' },
      seed: { type: 'string' },
      rounds: { type: 'string' },
      units: { type: 'string' },
    },
  });
  const { aim = 'finish' } = values;
  if (aim !== 'finish' && aim !== 'visits' && aim !== 'date') throw new BadInput([`--aim is '${aim}'. It must be finish, visits or date.`]);
  const forms = (['json', 'ics', 'csv'] as const).filter((f) => values[f] === true);
  if (forms.length > 1) throw new BadInput([`${forms.map((f) => `--${f}`).join(' and ')} are forms of the same: ask for one of them.`]);
  const rounds = wholeNumber('rounds', values.rounds, 1_000_000);
  const { text, whole } = daysOutput(jobFileOf(positionals, 'days'), {
    form: forms[0] ?? 'text',
    aim,
    seed: wholeNumber('seed', values.seed, 1_000_000) ?? 1,
    stamp: new Date().toISOString(),
    ...(rounds !== undefined && { rounds }),
    ...unitsOf(values.units),
  });
  // what has no place, or is late, is told with its reasons; scripts see it by the exit
  if (!whole) process.exitCode = 2;
  return text;
}

function planCommand(): string {
  const { values, positionals } = parseArgs({
    args,
    allowPositionals: true,
    options: { json: { type: 'boolean' }, svg: { type: 'boolean' }, 'as-found': { type: 'boolean' }, units: { type: 'string' }, mark: { type: 'string' } },
  });
  return planOutput(jobFileOf(positionals, 'plan'), {
    form: values.json === true ? 'json' : values.svg === true ? 'svg' : 'text',
    ...unitsOf(values.units),
    ...(values.mark !== undefined && { mark: values.mark }),
    asFound: values['as-found'] === true,
  });
}

async function cardCommand(): Promise<string> {
  const [file] = args;
  if (file === undefined || args.length > 1 || file.startsWith('-')) throw new BadInput(['Name the file to write: ./oddment card card.pdf']);
  // only who wants the card loads what makes it
  const { cardPdf } = await import('./card.ts');
  try {
    writeFileSync(file, await cardPdf());
  } catch (error) {
    throw new BadInput([`${file} cannot be written: ${error instanceof Error ? error.message : 'no reason given'}`]);
  }
  return `${file}: print it at full size\n`;
}

async function output(): Promise<string> {
  switch (name) {
    case 'card':
      return cardCommand();
    case 'plan':
      return planCommand();
    case 'days':
      return daysCommand();
    case 'figures':
      return figuresText(args);
    case 'limits':
      return limitsText(args);
    case 'tables':
      return tablesText(args);
    case 'figure':
      return figureCommand(args);
    default:
      throw new BadInput([`There is no command '${name ?? ''}'.`]);
  }
}

// who reads with `| head` has seen enough: that is no fault
process.stdout.on('error', (error) => {
  if ((error as NodeJS.ErrnoException).code !== 'EPIPE') throw error;
  process.exitCode = 0;
});

try {
  process.stdout.write(await output());
} catch (error) {
  const known = error instanceof BadInput || (error instanceof TypeError && 'code' in error && String(error.code).startsWith('ERR_PARSE_ARGS'));
  if (!known) throw error;
  const problems = error instanceof BadInput ? error.problems : [error.message];
  for (const problem of problems) console.error(problem);
  process.exitCode = 2;
}
