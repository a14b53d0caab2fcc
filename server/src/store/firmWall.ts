import { AsyncLocalStorage } from 'node:async_hooks';
import { sql } from 'drizzle-orm';
import { pgPolicy } from 'drizzle-orm/pg-core';
import type pg from 'pg';
import type { Database } from './database.ts';

/** what PostgreSQL is told in each transaction: the firm that asks */
const setting = 'oddment.firm';
const uuid = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;
const asking = new AsyncLocalStorage<string>();

/**
 * Does some work for one firm. Whatever it asks of the database, by whichever query, PostgreSQL gives it rows of that firm alone and takes none
 * of another. Outside of it, tables behind the wall have no rows at all.
 */
export async function forFirm<T>(firmId: string, work: () => PromiseLike<T>): Promise<T> {
  if (!uuid.test(firmId)) throw new Error(`not the id of a firm: ${firmId}`);
  // awaited inside: a query that is handed on is asked only when somebody waits for it
  return asking.run(firmId, async () => await work());
}

const ownFirm = sql.raw(`firm_id = nullif(current_setting('${setting}', true), '')::uuid`);

/** What a table has that holds rows of firms. It does not hold for the role that owns the table, which backs up and changes tables. */
export const firmWall = () => pgPolicy('firm_wall', { for: 'all', using: ownFirm, withCheck: ownFirm });

/** Says which firm asks: until the transaction ends, so that a pooler may lend the connection to anybody after it. */
const said = (firmId: string): string => `select set_config('${setting}', '${firmId}', true)`;

type Query = (what: unknown, values?: unknown) => Promise<pg.QueryResult>;

/** Puts the wall between a pool and whoever asks it: a query by itself becomes a transaction of the firm that asks. */
export function behindWall<P extends pg.Pool>(pool: P): P {
  const plain = pool.query.bind(pool) as Query;
  const walled: Query = async (what, values) => {
    const firmId = asking.getStore();
    if (firmId === undefined) return plain(what, values);
    const client = await pool.connect();
    const ask = client.query.bind(client) as Query;
    let broken = false;
    try {
      await ask(`begin; ${said(firmId)}`);
      const answer = await ask(what, values);
      await ask('commit');
      return answer;
    } catch (error) {
      await ask('rollback').catch(() => {
        broken = true;
      });
      throw error;
    } finally {
      client.release(broken);
    }
  };
  return Object.assign(pool, { query: walled });
}

/** The same for what is done in a transaction. */
export function transactionsBehindWall(db: Database): Database {
  const begin = db.transaction.bind(db);
  db.transaction = (work, config) =>
    begin(async (tx) => {
      const firmId = asking.getStore();
      if (firmId !== undefined) await tx.execute(sql.raw(said(firmId)));
      return work(tx);
    }, config);
  return db;
}

/** Whether a role passes the wall: it owns a table behind it, or nothing holds for it. */
export async function passesWall(ask: (text: string) => Promise<pg.QueryResult<{ readonly passes: boolean }>>): Promise<boolean> {
  const { rows } = await ask(
    `select rolsuper or rolbypassrls or exists (
       select 1 from pg_class c join pg_policy p on p.polrelid = c.oid where p.polname = 'firm_wall' and pg_has_role(current_user, c.relowner, 'usage')
     ) as passes from pg_roles where rolname = current_user`,
  );
  return rows[0]?.passes === true;
}
