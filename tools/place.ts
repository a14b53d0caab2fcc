import { join, resolve } from 'node:path';

/** The project's root folder. */
export const root = resolve(import.meta.dirname, '..');

/** A file given on the command line, from where the person stands. */
export function fromHere(path: string): string {
  return resolve(process.env['ODDMENT_HERE'] ?? process.cwd(), path);
}

export const stateDir = join(root, '.oddment');

/** Ends the command with a sentence. */
export class Failure extends Error {
  readonly exitCode: number;
  constructor(sentence: string, exitCode = 1) {
    super(sentence);
    this.exitCode = exitCode;
  }
}

/** What a person can put right: a failure in words, or options that the command does not have. */
function refusal(error: unknown): Failure | undefined {
  if (error instanceof Failure) return error;
  const code = error instanceof TypeError && 'code' in error ? String(error.code) : '';
  return code.startsWith('ERR_PARSE_ARGS') && error instanceof Error ? new Failure(`${error.message}. ./oddment help shows what there is.`, 2) : undefined;
}

/** Runs a command's main and turns what goes wrong into words. */
export async function command(main: () => Promise<number | undefined>): Promise<void> {
  try {
    process.exitCode = (await main()) ?? 0;
  } catch (error) {
    const refused = refusal(error);
    console.error(`oddment: ${refused ? refused.message : `unexpected: ${error instanceof Error ? (error.stack ?? error.message) : String(error)}`}`);
    process.exitCode = refused?.exitCode ?? 1;
  }
}
