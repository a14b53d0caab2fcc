import { eq, sql } from 'drizzle-orm';
import { getTableConfig, PgTable, type PgColumn } from 'drizzle-orm/pg-core';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { routeNames, routeOf } from '@oddment/contracts';
import { madeJob, newArea, newDefect, newJob, stage, uuid, type Person, type Stage } from '../test/api.ts';
import { clockAt } from './clock.ts';
import { pixel } from '../test/pictures.ts';
import { keepBinShort } from './services/binService.ts';
import { forFirm } from './store/firmWall.ts';
import * as schema from './store/schema.ts';

let world: Stage;
let ours: Person;

/** An offer of the demo's firm: of all that a firm has, it comes with none. */
async function keepAnOffer(): Promise<void> {
  const [job] = await world.owned.select().from(schema.jobs);
  if (!job) throw new Error('the demo has no job');
  await world.owned
    .execute(sql`insert into offers (firm_id, id, created_at, job_id, number, core, currency, total_minor, repairs, valid_until, offer, setup, issued_by)
    values (${job.firmId}, ${uuid()}, '2026-06-02T12:00:00Z', ${job.id}, '2026-1', '0', 'USD', 1, 1, '2026-07-01', '{}', '{}', 'Ada')`);
}

beforeAll(async () => {
  world = await stage({ demo: true });
  ours = await world.owner('ours');
  await world.owner('theirs');
  await keepAnOffer();
});
afterAll(async () => {
  await world.close();
});

const tables = Object.values(schema).filter((t) => t instanceof PgTable);
/** read before it is known which firm asks: who signs in, and what firms there are */
const atTheDoor = ['accounts', 'firms', 'sessions', 'one_time_links', 'sign_in_tries'];
/** of the installation: its instruments, and what they measured */
const ofAll = ['measured'];

const behind = tables.flatMap((table) => {
  const { name, columns } = getTableConfig(table);
  const firm: PgColumn | undefined = columns.find((c) => c.name === 'firm_id');
  return firm && !atTheDoor.includes(name) ? [{ name, table, firm }] : [];
});
const firmOf = async (login: string) => {
  const [account] = await world.owned.select().from(schema.accounts).where(eq(schema.accounts.login, login));
  return account?.firmId ?? '';
};

describe('the wall between firms, in PostgreSQL', () => {
  it('stands before every table that holds rows of a firm', async () => {
    const { rows } = await world.owned.execute<{ name: string; walled: boolean }>(
      sql`select c.relname as name, c.relrowsecurity and exists (select 1 from pg_policy p where p.polrelid = c.oid) as walled
          from pg_class c where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace`,
    );
    const open = rows.filter((r) => !r.walled).map((r) => r.name);
    expect(open.sort()).toEqual([...atTheDoor, ...ofAll].sort());
    expect(behind.map((b) => b.name).sort()).toEqual(rows.flatMap((r) => (r.walled ? [r.name] : [])).sort());
    expect(world.database.walled).toBe(true);
  });

  it('has, in every table behind it, only keys that begin with the firm', async () => {
    const { rows } = await world.owned.execute<{ table: string; key: string; first: string | null }>(
      sql`select t.relname as table, k.relname as key, a.attname as first
          from pg_index i join pg_class t on t.oid = i.indrelid join pg_class k on k.oid = i.indexrelid
          left join pg_attribute a on a.attrelid = t.oid and a.attnum = i.indkey[0]
          where i.indisunique and t.relrowsecurity`,
    );
    expect(rows.filter((r) => r.first !== 'firm_id')).toEqual([]);
    expect(new Set(rows.map((r) => r.table)).size).toBe(behind.length);
  });

  it.each(behind)('$name: nothing without a firm, and what a query forgets to say is its own', async ({ name, table, firm }) => {
    const { db } = world.database;
    const all = await world.owned.select({ firm }).from(table);
    const demo = all.map((r) => r.firm).find((id) => id !== undefined);
    expect([name, typeof demo]).toEqual([name, 'string']);
    expect(await db.select({ firm }).from(table)).toEqual([]);
    const own = await forFirm(await firmOf('ours'), () => db.select({ firm }).from(table));
    expect(own.every((r) => r.firm !== demo)).toBe(true);
    expect(await forFirm(String(demo), () => db.select({ firm }).from(table))).toHaveLength(all.filter((r) => r.firm === demo).length);
    // changing and deleting, with no word of whose: nothing of another is touched
    const stranger = await firmOf('theirs');
    const touched = await forFirm(stranger, () => db.transaction((tx) => tx.delete(table).where(eq(firm, demo)).returning({ firm })));
    expect(touched).toEqual([]);
    expect(await world.owned.select({ firm }).from(table)).toHaveLength(all.length);
  });

  it('takes no row that is said to be another’s', async () => {
    const [mine, other] = [await firmOf('ours'), await firmOf('theirs')];
    const row = { ...newJob(), crew: [], firmId: other, units: 'metric' as const, createdAt: '2026-06-02T12:00:00Z' };
    await expect(forFirm(mine, () => world.database.db.insert(schema.jobs).values(row))).rejects.toThrow();
    await expect(world.database.db.insert(schema.jobs).values(row)).rejects.toThrow();
    await expect(forFirm(mine, () => world.database.db.transaction((tx) => tx.insert(schema.jobs).values(row)))).rejects.toThrow();
    // nor one that changes hands
    await madeJob(ours);
    await expect(forFirm(mine, () => world.database.db.update(schema.jobs).set({ firmId: other }))).rejects.toThrow();
  });

  it('is told a firm in its own transaction alone: a connection that is lent on says nothing of the one before', async () => {
    const { db } = world.database;
    const told = () => db.execute<{ firm: string | null }>(sql`select nullif(current_setting('oddment.firm', true), '') as firm`);
    const mine = await firmOf('ours');
    // more than there are connections
    const with1 = await Promise.all(Array.from({ length: 30 }, (_, i) => (i % 2 === 0 ? forFirm(mine, told) : told())));
    expect(with1.map((r) => r.rows[0]?.firm)).toEqual(Array.from({ length: 30 }, (_, i) => (i % 2 === 0 ? mine : null)));
    // one that failed half way too
    await expect(forFirm(mine, () => db.execute(sql`select 1 / 0`))).rejects.toThrow();
    await expect(forFirm(mine, () => db.transaction((tx) => tx.execute(sql`select 1 / 0`)))).rejects.toThrow();
    const after = await Promise.all(Array.from({ length: 30 }, told));
    expect(after.map((r) => r.rows[0]?.firm)).toEqual(Array.from({ length: 30 }, () => null));
  });

  it('says the firm and asks in one turn, which is one transaction; nothing of it is left on the connection', async () => {
    const { db } = world.database;
    const mine = await firmOf('ours');
    const same = await forFirm(mine, () =>
      db.execute<{ firm: string; began: boolean }>(sql`select current_setting('oddment.firm') as firm, ${1}::int = 1 as began`),
    );
    expect(same.rows).toEqual([{ firm: mine, began: true }]);
    // what is refused is undone, and the connection goes on
    const id = uuid();
    const row = { ...newJob(), crew: [], id, firmId: mine, units: 'metric' as const, createdAt: '2026-06-02T12:00:00Z' };
    await forFirm(mine, () => db.insert(schema.jobs).values(row));
    await expect(forFirm(mine, () => db.insert(schema.jobs).values(row))).rejects.toThrow();
    expect(await forFirm(mine, () => db.select({ id: schema.jobs.id }).from(schema.jobs).where(eq(schema.jobs.id, id)))).toEqual([{ id }]);
    // no statement is kept under a name either
    await ours.get(`/api/jobs/${id}`);
    const named = await Promise.all(Array.from({ length: 30 }, () => db.execute(sql`select name from pg_prepared_statements`)));
    expect(named.flatMap((r) => r.rows)).toEqual([]);
  });

  it('does not take what is no id for one', async () => {
    await expect(forFirm("x', true); drop table jobs; --", () => world.database.db.select().from(schema.jobs))).rejects.toThrow('not the id of a firm');
  });

  it('does not stand in the way of what is done for every firm in turn', async () => {
    const { defect } = await madeJob(ours);
    const photo = { id: uuid(), change: uuid(), jpeg: pixel.toString('base64') };
    await ours.post(`/api/defects/${defect.id}/photos`, photo);
    await ours.delete(`/api/photos/${photo.id}`, { change: uuid(), version: 1 });
    const bytes = async () => (await world.owned.select().from(schema.photos)).find((p) => p.id === photo.id)?.jpeg.length;
    expect(await bytes()).toBeGreaterThan(0);
    const failed: unknown[] = [];
    keepBinShort(world.database.db, clockAt('2026-08-02T12:00:00Z'), (e) => failed.push(e));
    await expect.poll(bytes, { timeout: 5000 }).toBe(0);
    expect(failed).toEqual([]);
  });
});

describe('with the firm taken out of every query of the server', () => {
  const query = Object.getOwnPropertyDescriptor(pg.Client.prototype, 'query');
  let taken = 0;

  /** Takes away what a query says of the firm: what is left is PostgreSQL's own wall. */
  const without = (text: string) =>
    text.replace(/"(?:\w+)"\."firm_id" = (\$\d+)/g, (_all, value: string) => {
      taken += 1;
      return `${value}::uuid is not null`;
    });

  beforeAll(() => {
    const plain = query?.value as (this: pg.Client, what: unknown, ...rest: unknown[]) => unknown;
    pg.Client.prototype.query = function (this: pg.Client, what: unknown, ...rest: unknown[]) {
      if (typeof what !== 'object' || what === null || !('text' in what)) return plain.call(this, what, ...rest);
      const text = without(String(what.text));
      // one that tells the firm is of a class; any other may be a question that is asked again
      return plain.call(this, 'submit' in what ? Object.assign(what, { text }) : { ...what, text }, ...rest);
    } as typeof pg.Client.prototype.query;
  });
  afterAll(() => {
    if (query) Object.defineProperty(pg.Client.prototype, 'query', query);
  });

  it('one firm still sees, changes and deletes nothing of another, by any route', async () => {
    const { rows } = await world.owned.execute<{ id: string; of: string }>(
      sql`select id::text, 'jobs' as of from jobs union all select id::text, 'areas' from areas union all select id::text, 'defects' from defects
          union all select id::text, 'photos' from photos union all select id::text, 'plans' from issued_plans union all select id::text, 'days' from kept_days
          union all select id::text, 'offers' from offers union all select id::text, 'products' from products union all select id::text, 'stock' from stock`,
    );
    const before = await world.owned.execute(sql`select id, version, deleted_at from jobs union all select id, version, deleted_at from defects order by 1`);
    const stranger = await world.owner('stranger');
    const ids = new Map<string, string[]>();
    for (const { id, of } of rows) ids.set(of, [...(ids.get(of) ?? []), id]);
    const seen: string[] = [];
    let tried = 0;
    for (const name of routeNames) {
      const { method, path, access } = routeOf(name);
      const of = /^\/(\w+)\/\{/.exec(path)?.[1] ?? '';
      for (const id of path.includes('{id}') ? (ids.get(of) ?? []).slice(0, 3) : ['']) {
        // the door is before any firm, and what instruments read is never at its end
        if (access === 'open' || path === '/readings') continue;
        const body = { ...newDefect(), ...newArea(), ...newJob(), change: uuid(), version: 1 };
        const answer = await stranger.ask(method.toUpperCase(), `/api${path.replace(/\{id\}/, id)}`, method === 'get' ? undefined : body);
        tried += 1;
        if (rows.some((r) => answer.text.includes(r.id) && r.id !== id) || (id !== '' && answer.status < 300)) seen.push(`${name} ${String(answer.status)}`);
      }
    }
    expect(seen).toEqual([]);
    expect(tried).toBeGreaterThan(60);
    // it was taken out, and often
    expect(taken).toBeGreaterThan(40);
    expect(
      (await world.owned.execute(sql`select id, version, deleted_at from jobs union all select id, version, deleted_at from defects order by 1`)).rows,
    ).toEqual(before.rows);
  });
});
