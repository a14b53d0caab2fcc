import { existsSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { Failure, fromHere, stateDir } from './place.ts';
import { join } from 'node:path';

export interface StartOptions {
  readonly port: number;
  readonly dataDir: string;
  readonly demo: boolean;
  readonly clock?: string;
  readonly host: string;
  readonly tls?: { readonly cert: string; readonly key: string };
}

function isLoopback(host: string): boolean {
  return host === 'localhost' || host === '::1' || /^127(\.\d{1,3}){3}$/.test(host);
}

/** @throws Failure where an option is unknown or cannot be */
export function startOptions(args: readonly string[]): StartOptions {
  let values;
  try {
    ({ values } = parseArgs({ args: [...args], strict: true, options: { port: { type: 'string' }, data: { type: 'string' }, 'no-demo': { type: 'boolean' }, clock: { type: 'string' }, host: { type: 'string' }, 'tls-cert': { type: 'string' }, 'tls-key': { type: 'string' } } }));
  } catch (error) {
    throw new Failure(`${error instanceof Error ? error.message : 'The options cannot be read'}. See ./oddment help.`, 2);
  }
  const port = Number(values.port ?? 4717);
  if (!Number.isInteger(port) || port < 1 || port > 65_535) throw new Failure(`--port is '${String(values.port)}'. It must be a number from 1 to 65535.`, 2);
  if (values.clock !== undefined && Number.isNaN(Date.parse(values.clock))) throw new Failure(`--clock is '${values.clock}'. It must be an instant such as 2026-06-02T12:00:00Z.`, 2);
  const host = values.host ?? '127.0.0.1';
  const [cert, key] = [values['tls-cert'], values['tls-key']];
  if ((cert === undefined) !== (key === undefined)) throw new Failure('--tls-cert and --tls-key go together: the certificate and its key.', 2);
  if (!isLoopback(host) && cert === undefined) throw new Failure(`--host ${host} without TLS is refused: anybody on that network could read the passwords. Make a certificate with ./oddment certificate ${host} and give it with --tls-cert and --tls-key.`, 2);
  for (const file of [cert, key]) if (file !== undefined && !existsSync(fromHere(file))) throw new Failure(`${file} is not there.`, 2);
  return {
    host,
    ...(cert !== undefined && key !== undefined && { tls: { cert: fromHere(cert), key: fromHere(key) } }),
    port,
    dataDir: values.data === undefined ? join(stateDir, 'data') : fromHere(values.data),
    demo: values['no-demo'] !== true,
    ...(values.clock !== undefined && { clock: new Date(values.clock).toISOString() }),
  };
}
