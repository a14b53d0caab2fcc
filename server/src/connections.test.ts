import { sql } from 'drizzle-orm';
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { stage, type Person, type Stage } from '../test/api.ts';

let world: Stage;
let owner: Person;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('connections');
});
afterAll(async () => {
  await world.close();
});

const pidOf = (rows: readonly Record<string, unknown>[]) => Number(rows[0]?.['pid']);

it('a connection that is ended while a transaction holds it fails that transaction alone', async () => {
  const unheard: unknown[] = [];
  const hear = (error: unknown) => unheard.push(error);
  process.on('uncaughtException', hear);
  const admin = new pg.Client({ connectionString: world.url });
  await admin.connect();
  try {
    const held = world.database.db.transaction(async (tx) => {
      const pid = pidOf((await tx.execute(sql`select pg_backend_pid() as pid`)).rows);
      await admin.query('select pg_terminate_backend($1)', [pid]);
      // nothing is on its way when the connection ends
      await pause(200);
      return tx.execute(sql`select 1`);
    });
    await expect(held).rejects.toThrow();
    expect(unheard).toEqual([]);
    expect((await owner.get('/api/jobs')).status).toBe(200);
  } finally {
    process.off('uncaughtException', hear);
    await admin.end();
  }
});

it('connections that are all ended at once are replaced', async () => {
  const admin = new pg.Client({ connectionString: world.url });
  await admin.connect();
  await Promise.all(Array.from({ length: 8 }, () => owner.get('/api/jobs')));
  await admin.query('select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()');
  await admin.end();
  await pause(200);
  expect((await owner.get('/api/jobs')).status).toBe(200);
});
