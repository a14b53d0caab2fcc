import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';

export type Database = NodePgDatabase;
export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0];

export interface OpenDatabase {
  readonly db: Database;
  readonly ping: () => Promise<void>;
  readonly close: () => Promise<void>;
}

/** Opens a pool to PostgreSQL and brings its tables up to date. */
export async function openDatabase(url: string, migrationsFolder: string): Promise<OpenDatabase> {
  const pool = new pg.Pool({ connectionString: url, max: 10 });
  // a connection that dies while idle is replaced by the pool; without a listener it would end the process
  pool.on('error', () => undefined);
  // one that dies while it is in use, between two statements of a transaction: the next statement fails in words of its own
  pool.on('connect', (client) => {
    client.on('error', () => undefined);
  });
  const db = drizzle(pool);
  await migrate(db, { migrationsFolder });
  return { db, ping: async () => void (await pool.query('select 1')), close: () => pool.end() };
}
