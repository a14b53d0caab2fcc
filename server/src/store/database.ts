import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { setTimeout as wait } from 'node:timers/promises';
import pg from 'pg';

export type Database = NodePgDatabase;
export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0];

export interface OpenDatabase {
  readonly db: Database;
  readonly ping: () => Promise<void>;
  readonly close: () => Promise<void>;
}

/** a PostgreSQL that answers does so long before */
const connectMs = 3000;
const statementMs = 30_000;
/** how soon its health is told, whatever holds it */
const pingMs = 1500;

const awayCodes = /^(ECONNREFUSED|ECONNRESET|EPIPE|ETIMEDOUT|08\w{3}|57P0[123]|53300)$/;
const awayWords = /Connection terminated|timeout exceeded when trying to connect|Query read timeout|not queryable|connection error/;

/** Whether an error says that PostgreSQL is away, stopping or not yet back, as against refusing what it was given. */
export function isAway(error: unknown): boolean {
  if (typeof error !== 'object' || error === null) return false;
  const { code, message, cause, errors } = error as { code?: unknown; message?: unknown; cause?: unknown; errors?: unknown };
  if (typeof code === 'string' && awayCodes.test(code)) return true;
  if (typeof message === 'string' && awayWords.test(message)) return true;
  return isAway(cause) || (Array.isArray(errors) && errors.some(isAway));
}

/** Opens a pool to PostgreSQL and brings its tables up to date. */
export async function openDatabase(url: string, migrationsFolder: string): Promise<OpenDatabase> {
  const pool = new pg.Pool({ connectionString: url, max: 10, connectionTimeoutMillis: connectMs, query_timeout: statementMs });
  // a connection that dies while idle is replaced by the pool; without a listener it would end the process
  pool.on('error', () => undefined);
  // one that dies while it is in use, between two statements of a transaction: the next statement fails in words of its own
  pool.on('connect', (client) => {
    client.on('error', () => undefined);
  });
  const db = drizzle(pool);
  await migrate(db, { migrationsFolder });
  return {
    db,
    ping: async () => {
      const late = wait(pingMs, undefined, { ref: false }).then(() => {
        throw new Error('Connection terminated: no answer in time');
      });
      await Promise.race([pool.query('select 1'), late]);
    },
    close: () => pool.end(),
  };
}
