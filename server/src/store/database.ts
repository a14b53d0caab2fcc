import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { setTimeout as wait } from 'node:timers/promises';
import { behindWall, FirmClient, passesWall } from './firmWall.ts';
import { eachHost, HostPool } from './hosts.ts';
import { bringUpToDate } from './migrations.ts';

export type Database = NodePgDatabase;
export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0];

export interface OpenDatabase {
  readonly db: Database;
  /** whether rows of firms are kept apart by PostgreSQL too, and not by the queries alone */
  readonly walled: boolean;
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

/**
 * Opens connections to PostgreSQL and brings its tables up to date.
 * @param url of the server's role; it may list several hosts, of which the one that takes writes is used
 * @param owner of the role that may change tables, where the server's own may not
 */
export async function openDatabase(url: string, migrationsFolder: string, owner?: string): Promise<OpenDatabase> {
  await bringUpToDate(url, migrationsFolder, owner);
  const pool = behindWall(new HostPool(eachHost(url), { Client: FirmClient, max: 10, connectionTimeoutMillis: connectMs, query_timeout: statementMs }));
  const db = drizzle(pool);
  return {
    db,
    walled: !(await passesWall((text) => pool.query(text))),
    ping: async () => {
      const late = wait(pingMs, undefined, { ref: false }).then(() => {
        throw new Error('Connection terminated: no answer in time');
      });
      await Promise.race([pool.query('select 1'), late]);
    },
    close: () => pool.end(),
  };
}
