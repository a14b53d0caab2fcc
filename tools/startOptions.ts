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
  /** a weather service, and a line to instruments; where none is named the demo has simulated ones */
  readonly weather?: string;
  readonly instruments?: string;
  readonly simulate: boolean;
  readonly tls?: { readonly cert: string; readonly key: string };
}

function isLoopback(host: string): boolean {
  return host === 'localhost' || host === '::1' || /^127(\.\d{1,3}){3}$/.test(host);
}

/** @throws Failure where an option is unknown or cannot be */
export function startOptions(args: readonly string[]): StartOptions {
  let values;
  try {
    ({ values } = parseArgs({
      args: [...args],
      strict: true,
      options: {
        port: { type: 'string' },
        data: { type: 'string' },
        'no-demo': { type: 'boolean' },
        clock: { type: 'string' },
        host: { type: 'string' },
        'tls-cert': { type: 'string' },
        'tls-key': { type: 'string' },
        weather: { type: 'string' },
        instruments: { type: 'string' },
        simulate: { type: 'boolean' },
      },
    }));
  } catch (error) {
    throw new Failure(`${error instanceof Error ? error.message : 'The options cannot be read'}. See ./oddment help.`, 2);
  }
  const port = Number(values.port ?? 4717);
  if (!Number.isInteger(port) || port < 1 || port > 65_535) throw new Failure(`--port is '${String(values.port)}'. It must be a number from 1 to 65535.`, 2);
  if (values.clock !== undefined && Number.isNaN(Date.parse(values.clock)))
    throw new Failure(`--clock is '${values.clock}'. It must be an instant such as 2026-06-02T12:00:00Z.`, 2);
  const host = values.host ?? '127.0.0.1';
  const [cert, key] = [values['tls-cert'], values['tls-key']];
  if ((cert === undefined) !== (key === undefined)) throw new Failure('--tls-cert and --tls-key go together: the certificate and its key.', 2);
  if (!isLoopback(host) && cert === undefined)
    throw new Failure(
      `--host ${host} without TLS is refused: anybody on that network could read the passwords. Make a certificate with ./oddment certificate ${host} and give it with --tls-cert and --tls-key.`,
      2,
    );
  for (const file of [cert, key]) if (file !== undefined && !existsSync(fromHere(file))) throw new Failure(`${file} is not there.`, 2);
  const { weather, instruments } = values;
  if (weather !== undefined && !(URL.canParse(weather) && /^https?:$/.test(new URL(weather).protocol)))
    throw new Failure(`--weather is '${weather}'. It must be an address such as http://127.0.0.1:8090.`, 2);
  if (instruments !== undefined && !/^[^:\s]+:\d{1,5}$/.test(instruments))
    throw new Failure(`--instruments is '${instruments}'. It must be a host and a port such as 127.0.0.1:8091.`, 2);
  return {
    host,
    ...(weather !== undefined && { weather }),
    ...(instruments !== undefined && { instruments }),
    // simulated readings have no place among a firm's own data, unless it asks for them
    simulate: values.simulate === true || values['no-demo'] !== true,
    ...(cert !== undefined && key !== undefined && { tls: { cert: fromHere(cert), key: fromHere(key) } }),
    port,
    dataDir: values.data === undefined ? join(stateDir, 'data') : fromHere(values.data),
    demo: values['no-demo'] !== true,
    ...(values.clock !== undefined && { clock: new Date(values.clock).toISOString() }),
  };
}
