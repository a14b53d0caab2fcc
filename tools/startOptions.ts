import { X509Certificate } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { databaseAddress } from './databaseAddress.ts';
import { Failure, fromHere, stateDir } from './place.ts';
import { isIP } from 'node:net';
import { join } from 'node:path';

export interface StartOptions {
  readonly port: number;
  readonly dataDir: string;
  readonly demo: boolean;
  readonly clock?: string;
  readonly host: string;
  /** names that it goes by besides loopback, the host and those of its certificate */
  readonly names: readonly string[];
  /** a weather service, and a line to instruments; where none is named the demo has simulated ones */
  readonly weather?: string;
  readonly instruments?: string;
  readonly simulate: boolean;
  readonly tls?: { readonly cert: string; readonly key: string };
  /** a PostgreSQL that is kept elsewhere, by the server's role; and by the role that may change its tables */
  readonly database?: string;
  readonly databaseOwner?: string;
}

function isLoopback(host: string): boolean {
  return host === 'localhost' || host === '::1' || /^127(\.\d{1,3}){3}$/.test(host);
}

/** The names that a certificate was made for. */
function certificateNames(file: string): readonly string[] {
  try {
    const names = new X509Certificate(readFileSync(file)).subjectAltName ?? '';
    return names.split(', ').flatMap((name) => /^(?:DNS|IP Address):(.+)$/.exec(name)?.[1] ?? []);
  } catch {
    throw new Failure(`${file} is no certificate in PEM. Make one with ./oddment certificate NAME.`, 2);
  }
}

/** Every name that the server goes by: those that were given, its address, and those of its certificate. */
function namesOf(given: readonly string[] | undefined, host: string, cert: string | undefined): readonly string[] {
  const own = given ?? [];
  const odd = own.find((name) => isIP(name) === 0 && !/^(\*\.)?[A-Za-z0-9-]+(\.[A-Za-z0-9-]+)*$/.test(name));
  if (odd !== undefined) throw new Failure(`--name is '${odd}'. It must be a host name or an address without a port, such as office.local.`, 2);
  return [...own, ...(host === '0.0.0.0' || host === '::' || isLoopback(host) ? [] : [host]), ...(cert === undefined ? [] : certificateNames(fromHere(cert)))];
}

/** A database that is kept elsewhere, by the server's role, and by the role that may change its tables. */
function keptElsewhere(own: string | undefined, owner: string | undefined): Pick<StartOptions, 'database' | 'databaseOwner'> {
  if (owner !== undefined && own === undefined)
    throw new Failure('--database-owner goes with --database: the same database, by the role that may change its tables.', 2);
  return {
    ...(own !== undefined && { database: databaseAddress('--database', own) }),
    ...(owner !== undefined && { databaseOwner: databaseAddress('--database-owner', owner) }),
  };
}

/** @throws Failure where a service is not named as it has to be */
function servicesNamed(weather: string | undefined, instruments: string | undefined): void {
  if (weather !== undefined && !(URL.canParse(weather) && /^https?:$/.test(new URL(weather).protocol)))
    throw new Failure(`--weather is '${weather}'. It must be an address such as http://127.0.0.1:8090.`, 2);
  if (instruments !== undefined && !/^[^:\s]+:\d{1,5}$/.test(instruments))
    throw new Failure(`--instruments is '${instruments}'. It must be a host and a port such as 127.0.0.1:8091.`, 2);
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
        name: { type: 'string', multiple: true },
        'tls-cert': { type: 'string' },
        'tls-key': { type: 'string' },
        weather: { type: 'string' },
        instruments: { type: 'string' },
        simulate: { type: 'boolean' },
        database: { type: 'string' },
        'database-owner': { type: 'string' },
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
  servicesNamed(weather, instruments);
  const kept = keptElsewhere(values.database, values['database-owner']);
  // what a firm keeps elsewhere is its own: nobody wants made-up people in it
  const demo = values['no-demo'] !== true && kept.database === undefined;
  return {
    host,
    names: namesOf(values.name, host, cert),
    ...(weather !== undefined && { weather }),
    ...(instruments !== undefined && { instruments }),
    // simulated readings have no place among a firm's own data, unless it asks for them
    simulate: values.simulate === true || demo,
    ...kept,
    ...(cert !== undefined && key !== undefined && { tls: { cert: fromHere(cert), key: fromHere(key) } }),
    port,
    // beside a database that is kept elsewhere there is only what runs: a directory for each server of this machine
    dataDir: values.data === undefined ? join(stateDir, kept.database === undefined ? 'data' : `server-${String(port)}`) : fromHere(values.data),
    demo,
    ...(values.clock !== undefined && { clock: new Date(values.clock).toISOString() }),
  };
}
