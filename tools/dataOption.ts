import { createHash } from 'node:crypto';
import { createReadStream, existsSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { databaseAddress } from './databaseAddress.ts';
import { Failure, fromHere, stateDir } from './place.ts';

/** The one file, and the data directory or the database kept elsewhere, that a command is given. */
export function fileAndData(args: readonly string[], usage: string): { file: string; dataDir: string; database?: string } {
  let parsed;
  try {
    parsed = parseArgs({ args: [...args], allowPositionals: true, strict: true, options: { data: { type: 'string' }, database: { type: 'string' } } });
  } catch (error) {
    throw new Failure(`${error instanceof Error ? error.message : 'The options cannot be read'}. Write: ${usage}`, 2);
  }
  const [file] = parsed.positionals;
  if (file === undefined || parsed.positionals.length > 1) throw new Failure(`Name one file. Write: ${usage}`, 2);
  const { data, database } = parsed.values;
  if (data !== undefined && database !== undefined) throw new Failure('--data and --database are two places. Name one of them.', 2);
  return {
    file: fromHere(file),
    ...(database !== undefined && { database: databaseAddress('--database', database) }),
    dataDir: data === undefined ? join(stateDir, 'data') : fromHere(data),
  };
}

/** Whether a data directory holds a database. */
export function hasDatabase(dataDir: string): boolean {
  return existsSync(join(dataDir, 'database', 'pg'));
}

/** The SHA-256 of a file, in hexadecimal. */
export async function sha256Of(file: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(file)) hash.update(chunk as Buffer);
  return hash.digest('hex');
}

/** An address of PostgreSQL for a command line, which others on this machine can read, and its password apart from it. */
export function withoutPassword(address: string): { readonly url: string; readonly env: NodeJS.ProcessEnv } {
  const [, scheme = '', role = '', password = '', rest = ''] = /^(\w+:\/\/)([^:@/?]*)(?::([^@/?]*))?(@.*)$/.exec(address) ?? [];
  return { url: `${scheme}${role}${rest}`, env: password === '' ? {} : { PGPASSWORD: decodeURIComponent(password) } };
}
