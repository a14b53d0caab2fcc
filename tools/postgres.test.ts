import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { afterAll, describe, expect, it } from 'vitest';
import { startPostgres } from './postgres.ts';

const dir = mkdtempSync(join(tmpdir(), 'oddment-pg-'));

async function ask<T>(url: string, sql: string): Promise<T[]> {
  const client = new pg.Client({ connectionString: url });
  client.on('error', () => undefined);
  await client.connect();
  try {
    return (await client.query(sql)).rows as T[];
  } finally {
    await client.end().catch(() => undefined);
  }
}

function postmaster(): number {
  return Number(readFileSync(join(dir, 'pg/postmaster.pid'), 'utf8').split('\n')[0]);
}

describe('PostgreSQL of its own', () => {
  afterAll(async () => {
    const last = await startPostgres(dir);
    await last.stop();
    rmSync(dir, { recursive: true, force: true });
  });

  it('runs on loopback with fsync on, and refuses a wrong password', async () => {
    const { url } = await startPostgres(dir);
    const [settings] = await ask<Record<string, string>>(
      url,
      "select current_setting('fsync') fsync, current_setting('synchronous_commit') commit, current_setting('full_page_writes') pages, current_setting('listen_addresses') listen, current_setting('data_directory') dir",
    );
    expect(settings).toEqual({ fsync: 'on', commit: 'on', pages: 'on', listen: '127.0.0.1', dir: join(dir, 'pg') });
    await expect(ask(url.replace(/:[^:@]+@/, ':wrong@'), 'select 1')).rejects.toThrow(/password/);
  });

  it('is taken over when it still runs', async () => {
    const first = await startPostgres(dir);
    const pid = postmaster();
    const second = await startPostgres(dir);
    expect([second.url, postmaster()]).toEqual([first.url, pid]);
  });

  it('recovers after SIGKILL with nothing acknowledged lost', async () => {
    const { url } = await startPostgres(dir);
    await ask(url, 'create table kept (n int primary key)');
    for (let round = 1; round <= 3; round++) {
      const running = await startPostgres(dir);
      for (let i = 0; i < 20; i++) await ask(running.url, `insert into kept select coalesce(max(n), 0) + 1 from kept`);
      process.kill(postmaster(), 'SIGKILL');
      await pause(50);
      const again = await startPostgres(dir);
      expect(await ask<{ n: string }>(again.url, 'select count(*) n from kept')).toEqual([{ n: String(round * 20) }]);
    }
  });

  it('opens data whose postmaster was killed while one of its processes works on', async () => {
    const { url } = await startPostgres(dir);
    const busy = new pg.Client({ connectionString: url });
    busy.on('error', () => undefined);
    await busy.connect();
    const pid = Number((await busy.query<{ pid: number }>('select pg_backend_pid() pid')).rows[0]?.pid);
    const work = busy.query('select count(*) from generate_series(1, 5000000000)').catch(() => 'ended');
    await pause(300);
    process.kill(postmaster(), 'SIGKILL');
    const again = await startPostgres(dir);
    expect(await ask<{ n: number }>(again.url, 'select 1 n')).toEqual([{ n: 1 }]);
    expect(await work).toBe('ended');
    // ended, it stands in the table until whoever took it over has seen that
    await expect.poll(() => existsSync(`/proc/${String(pid)}`), { timeout: 30_000 }).toBe(false);
  });

  it('stops, and leaves no half-made directory', async () => {
    const { stop } = await startPostgres(dir);
    await stop();
    expect(existsSync(join(dir, 'pg/postmaster.pid'))).toBe(false);
    expect(existsSync(join(dir, 'pg.new'))).toBe(false);
  });
});
