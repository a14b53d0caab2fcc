import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { Failure, fromHere, stateDir } from './place.ts';

/** The one file and the data directory that a command is given. */
export function fileAndData(args: readonly string[], usage: string): { file: string; dataDir: string } {
  let parsed;
  try {
    parsed = parseArgs({ args: [...args], allowPositionals: true, strict: true, options: { data: { type: 'string' } } });
  } catch (error) {
    throw new Failure(`${error instanceof Error ? error.message : 'The options cannot be read'}. Write: ${usage}`, 2);
  }
  const [file] = parsed.positionals;
  if (file === undefined || parsed.positionals.length > 1) throw new Failure(`Name one file. Write: ${usage}`, 2);
  return { file: fromHere(file), dataDir: parsed.values.data === undefined ? join(stateDir, 'data') : fromHere(parsed.values.data) };
}

/** Whether a data directory holds a database. */
export function hasDatabase(dataDir: string): boolean {
  return existsSync(join(dataDir, 'database', 'pg'));
}
