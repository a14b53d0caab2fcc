import { parseArgs } from 'node:util';
import { Failure, fromHere, stateDir } from './place.ts';
import { join } from 'node:path';

export interface StartOptions {
  readonly port: number;
  readonly dataDir: string;
  readonly demo: boolean;
  readonly clock?: string;
}

/** @throws Failure where an option is unknown or cannot be */
export function startOptions(args: readonly string[]): StartOptions {
  let values;
  try {
    ({ values } = parseArgs({ args: [...args], strict: true, options: { port: { type: 'string' }, data: { type: 'string' }, 'no-demo': { type: 'boolean' }, clock: { type: 'string' } } }));
  } catch (error) {
    throw new Failure(`${error instanceof Error ? error.message : 'The options cannot be read'}. See ./oddment help.`, 2);
  }
  const port = Number(values.port ?? 4717);
  if (!Number.isInteger(port) || port < 1 || port > 65_535) throw new Failure(`--port is '${String(values.port)}'. It must be a number from 1 to 65535.`, 2);
  if (values.clock !== undefined && Number.isNaN(Date.parse(values.clock))) throw new Failure(`--clock is '${values.clock}'. It must be an instant such as 2026-06-02T12:00:00Z.`, 2);
  return {
    port,
    dataDir: values.data === undefined ? join(stateDir, 'data') : fromHere(values.data),
    demo: values['no-demo'] !== true,
    ...(values.clock !== undefined && { clock: new Date(values.clock).toISOString() }),
  };
}
