import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { built } from './build.ts';
import { holdData } from './dataLock.ts';
import { portIsFree } from './freePort.ts';
import { command, Failure, root } from './place.ts';
import { startPostgres, type Postgres } from './postgres.ts';
import { startOptions, type StartOptions } from './startOptions.ts';

const watchMs = 500;
const endWithinMs = 5000;

/** The start that runs on this data directory, if it still does. */
function running(runFile: string): { pid: number; address: string } | undefined {
  if (!existsSync(runFile)) return undefined;
  try {
    const { pid, address } = JSON.parse(readFileSync(runFile, 'utf8')) as { pid: number; address: string };
    return readFileSync(`/proc/${String(pid)}/cmdline`, 'utf8').includes('tools/start.ts') ? { pid, address } : undefined;
  } catch {
    return undefined;
  }
}

async function portFrom(wanted: number): Promise<number> {
  for (let port = wanted; port < wanted + 50; port++) {
    if (await portIsFree(port)) {
      if (port !== wanted) console.error(`oddment: port ${String(wanted)} is taken, using ${String(port)}`);
      return port;
    }
  }
  throw new Failure(`No free port from ${String(wanted)} on. Give another with --port.`);
}

interface Started {
  readonly child: ChildProcess;
  readonly port: number;
}

/** A process of ours, once it says that it is ready. */
function started(what: string, file: string, args: readonly string[], env: NodeJS.ProcessEnv): Promise<Started> {
  return new Promise((done, failed) => {
    const child = spawn(process.execPath, ['--enable-source-maps', join(root, file), ...args], {
      cwd: root,
      env: { ...process.env, ...env },
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    });
    child.on('message', (message) => {
      const { ready, failed: why, note } = message as { ready?: number; failed?: string; note?: string };
      if (note !== undefined) console.error(`oddment: ${note}`);
      if (ready !== undefined) done({ child, port: ready });
      if (why !== undefined) failed(new Failure(`The ${what} does not start: ${why}`));
    });
    child.once('exit', (code) => {
      failed(new Failure(`The ${what} ended with code ${String(code)} before it was ready: see above.`));
    });
  });
}

/**
 * Starts a PostgreSQL that ended by itself again, at the port that the server knows.
 * @returns ends the watch, once nothing is being started any more
 */
function keptAlive(dir: string, postgres: Postgres, isEnding: () => boolean): () => Promise<void> {
  let reviving = Promise.resolve();
  let busy = false;
  const revive = async () => {
    busy = true;
    console.error('oddment: PostgreSQL ended by itself, starting it again');
    await startPostgres(dir, { port: postgres.port }).catch((error: unknown) => {
      console.error(`oddment: ${error instanceof Error ? error.message : 'PostgreSQL does not start'}`);
    });
    busy = false;
  };
  const watching = setInterval(() => {
    if (!busy && !isEnding() && !postgres.isAlive()) reviving = revive();
  }, watchMs);
  return () => {
    clearInterval(watching);
    return reviving;
  };
}

/** What a browser opens. */
function addressOf({ host, tls }: StartOptions, port: number): string {
  const shown = host === '0.0.0.0' || host === '::' ? hostname() : host;
  return `${tls ? 'https' : 'http'}://${shown}:${String(port)}`;
}

/** The simulated weather service and instruments, each a process of its own on loopback. */
async function simulators({ simulate, weather, instruments, clock }: StartOptions): Promise<{ weather?: Started; instruments?: Started }> {
  if (!simulate || (weather !== undefined && instruments !== undefined)) return {};
  await built('simulators');
  const one = (what: 'weather' | 'instruments') =>
    started(`simulated ${what}`, 'simulators/dist/main.js', [what], { ODDMENT_CLOCK: clock ?? '', ODDMENT_PORT: '0' });
  return { ...(weather === undefined && { weather: await one('weather') }), ...(instruments === undefined && { instruments: await one('instruments') }) };
}

/** Where the server's database is, and who may change its tables: one kept elsewhere, or our own. */
function databaseEnv({ database, databaseOwner }: StartOptions, postgres: Postgres | undefined): NodeJS.ProcessEnv {
  return {
    ODDMENT_DATABASE: database ?? postgres?.serverUrl ?? '',
    ODDMENT_DATABASE_OWNER: databaseOwner ?? postgres?.url ?? '',
  };
}

/** What the server is told of how it was started, besides its database. @param stand the simulated services that run beside it */
function serverEnv(options: StartOptions, port: number, stand: Awaited<ReturnType<typeof simulators>>): NodeJS.ProcessEnv {
  const weather = options.weather ?? (stand.weather && `http://127.0.0.1:${String(stand.weather.port)}`);
  const instruments = options.instruments ?? (stand.instruments && `127.0.0.1:${String(stand.instruments.port)}`);
  return {
    ODDMENT_PORT: String(port),
    ODDMENT_HOST: options.host,
    ODDMENT_NAMES: options.names.join(','),
    ODDMENT_TLS_CERT: options.tls?.cert ?? '',
    ODDMENT_TLS_KEY: options.tls?.key ?? '',
    ODDMENT_WEB: join(root, 'web/dist'),
    ODDMENT_MIGRATIONS: join(root, 'server/drizzle'),
    ODDMENT_DEMO: options.demo ? '1' : '0',
    ODDMENT_CLOCK: options.clock ?? '',
    ODDMENT_WEATHER: weather ?? '',
    ODDMENT_INSTRUMENTS: instruments ?? '',
  };
}

await command(async () => {
  const options = startOptions(process.argv.slice(2));
  mkdirSync(options.dataDir, { recursive: true });
  const runFile = join(options.dataDir, 'running.json');
  // the one lock says whether there is another, its file where it is
  const free = await holdData(options.dataDir);
  const other = running(runFile);
  if (other) throw new Failure(`Oddment already runs on this data: ${other.address} (process ${String(other.pid)}).`);
  if (!free) throw new Failure(`Oddment is just starting or ending on this data: ${options.dataDir}. Try again in a moment.`);
  await built('server', 'web');
  // one that is kept elsewhere is neither started nor ended here
  const postgres = options.database === undefined ? await startPostgres(join(options.dataDir, 'database')) : undefined;
  let server: ChildProcess | undefined;
  let stand: Awaited<ReturnType<typeof simulators>> = {};
  const endStand = () => {
    stand.weather?.child.kill('SIGTERM');
    stand.instruments?.child.kill('SIGTERM');
  };
  let address: string;
  let asked = false;
  // from here on there is something to end: whoever asks while it still starts is heard too
  const ask = () => {
    if (!asked) console.error('oddment: ending');
    asked = true;
    server?.kill('SIGTERM');
    // one that does not end by itself is ended: the database is asked after it
    setTimeout(() => server?.kill('SIGKILL'), endWithinMs).unref();
  };
  process.on('SIGINT', ask);
  process.on('SIGTERM', ask);
  process.on('SIGHUP', ask);
  try {
    const port = await portFrom(options.port);
    address = addressOf(options, port);
    stand = await simulators(options);
    ({ child: server } = await started('server', 'server/dist/main.js', [], { ...databaseEnv(options, postgres), ...serverEnv(options, port, stand) }));
  } catch (error) {
    endStand();
    await postgres?.stop();
    throw error;
  }
  writeFileSync(
    runFile,
    JSON.stringify({
      pid: process.pid,
      address,
      ...(stand.weather && { weather: stand.weather.child.pid }),
      ...(stand.instruments && { instruments: stand.instruments.child.pid }),
    }),
  );
  const ended = new Promise<number>((done) => {
    server.once('exit', (exitCode) => {
      done(asked ? 0 : (exitCode ?? 1));
    });
  });
  const endWatch = postgres && keptAlive(join(options.dataDir, 'database'), postgres, () => asked);
  if (asked) server.kill('SIGTERM');
  else console.log(`Oddment runs at ${address}   (Ctrl-C ends it)`);
  const code = await ended;
  await endWatch?.();
  rmSync(runFile, { force: true });
  endStand();
  await postgres?.stop();
  if (code !== 0) throw new Failure(`The server ended by itself with code ${String(code)}: see above.`);
  process.exit(0);
});
