import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { Client } from 'pg';
import { freePort } from './freePort.ts';
import { Failure } from './place.ts';
import { own, pg, postmasterOf, stopped, type Postgres } from './postgres.ts';

/** A copy of a PostgreSQL that follows it write by write, for tests of what happens when that one is gone. */
export interface Standby {
  readonly port: number;
  /** from now on a commit of the primary is acknowledged when it stands here too */
  readonly waitsFor: () => Promise<void>;
  /** takes writes from now on */
  readonly promote: () => Promise<void>;
  readonly stop: () => Promise<void>;
}

async function query<Row extends object>(url: string, text: string): Promise<readonly Row[]> {
  const client = new Client({ connectionString: url });
  await client.connect();
  try {
    return (await client.query<Row>(text)).rows;
  } finally {
    await client.end();
  }
}

/** Kills a PostgreSQL as a failing machine would: no word to anybody. @param dir that it was started in */
export function killPostgres(dir: string): void {
  process.kill(postmasterOf(join(dir, 'pg')), 'SIGKILL');
}

/** Starts a standby of a PostgreSQL on loopback. @throws Failure in words */
export async function startStandby(dir: string, primary: Postgres): Promise<Standby> {
  const data = join(dir, 'pg');
  mkdirSync(dir, { recursive: true });
  await own(dir);
  const copied = await pg('pg_basebackup', ['-D', data, '-d', primary.url, '-R', '-X', 'stream', '-c', 'fast']);
  if (copied.code !== 0) throw new Failure(`The standby could not be copied: ${copied.output.trim()}`);
  const port = await freePort();
  const started = await pg('pg_ctl', ['-D', data, '-l', join(dir, 'postgres.log'), '-w', '-t', '60', '-o', `-p ${String(port)}`, 'start']);
  if (started.code !== 0) throw new Failure(`The standby does not start: ${started.output.trim()}`);
  return {
    port,
    waitsFor: async () => {
      await query(primary.url, "alter system set synchronous_standby_names = '*'");
      await query(primary.url, 'select pg_reload_conf()');
      for (let i = 0; i < 100; i++) {
        const rows = await query<{ sync_state: string }>(primary.url, 'select sync_state from pg_stat_replication');
        if (rows.some((r) => r.sync_state === 'sync')) return;
        await pause(100);
      }
      throw new Failure('The standby does not follow in step.');
    },
    promote: async () => {
      const promoted = await pg('pg_ctl', ['-D', data, '-w', '-t', '60', 'promote']);
      if (promoted.code !== 0) throw new Failure(`The standby is not promoted: ${promoted.output.trim()}`);
    },
    stop: () => stopped(data),
  };
}
