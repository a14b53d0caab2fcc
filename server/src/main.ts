import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createTlsServer } from 'node:https';
import { pino } from 'pino';
import { makeApp } from './app.ts';
import { clockAt } from './clock.ts';
import { endThreads } from './threads.ts';
import { loadDemo } from './demo/loadDemo.ts';
import { keepBinShort } from './services/binService.ts';
import { keeping, ReadingLog } from './services/readingLog.ts';
import { Readings } from './services/readings.ts';
import { settingsFrom } from './settings.ts';
import { accountCount } from './store/accountStore.ts';
import { withLimits } from './requestLimits.ts';
import { openDatabase } from './store/database.ts';

const settings = settingsFrom(process.env);
const log = pino({ level: settings.logLevel });
const clock = clockAt(settings.clock);
const database = await openDatabase(settings.databaseUrl, settings.migrationsDir, settings.databaseOwnerUrl).catch(async (error: unknown) => {
  log.debug({ err: error }, 'the database is not opened');
  const failed =
    error instanceof Error && error.message !== ''
      ? error.message
      : 'the database does not answer at its address. Is it running, and may this machine reach it?';
  if (!process.send) throw new Error(failed, { cause: error });
  // said before it ends: the start command tells it
  await new Promise<void>((told) =>
    process.send?.({ failed }, undefined, undefined, () => {
      told();
    }),
  );
  process.exit(1);
});
if (!database.walled)
  process.send?.({
    note: 'The server signs in as the role that owns its tables: its queries alone keep firms apart. Sign in as another role, and name the owner with --database-owner, and PostgreSQL does too.',
  });
if (settings.demo && (await accountCount(database.db)) === 0) await loadDemo(database.db, clock);
const { tls } = settings;
const readingLog = new ReadingLog();
const readings =
  settings.instruments &&
  new Readings(settings.instruments, clock, (reading) => {
    readingLog.take(reading);
  });
const endLog = keeping(readingLog, database.db, (error) => {
  log.error({ err: error }, 'readings are not kept');
});
keepBinShort(database.db, clock, (error) => {
  log.error({ err: error }, 'deleted pictures are not let go of');
});
const app = makeApp({
  database,
  clock,
  demo: settings.demo,
  log,
  webDir: settings.webDir,
  secure: tls !== undefined,
  names: settings.names,
  ...(settings.weatherUrl !== undefined && { weatherUrl: settings.weatherUrl }),
  ...(readings && { readings }),
});
const server = withLimits(tls ? createTlsServer({ cert: readFileSync(tls.cert), key: readFileSync(tls.key), minVersion: 'TLSv1.2' }, app) : createServer(app));

let ending = false;
function end(): void {
  if (ending) return;
  ending = true;
  readings?.close();
  server.close(() => {
    void Promise.all([endLog().then(() => database.close()), endThreads()]).then(() => process.exit(0));
  });
  server.closeIdleConnections();
  // streams of readings do not end by themselves
  setTimeout(() => {
    server.closeAllConnections();
  }, 300).unref();
  setTimeout(() => process.exit(0), 3000).unref();
}
process.on('SIGTERM', end);
process.on('SIGINT', end);
// the start command is gone, however it ended: nothing should be left running behind it
process.on('disconnect', end);

server.listen(settings.port, settings.host, () => {
  process.send?.({ ready: settings.port });
});
server.on('error', (error) => {
  process.send?.({ failed: error.message });
  process.exit(1);
});
