import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import { eachHost, isStandby, takesWrites } from './hosts.ts';

const connectMs = 3000;
/** of all servers that start on one database, one at a time brings its tables up to date */
const lockKey = 7_314_903;
const denied = '42501';

interface Journal {
  readonly entries: readonly { readonly when: number }[];
}

/** When the newest change of the tables was made that this version knows. */
function newest(folder: string): number {
  const { entries } = JSON.parse(readFileSync(join(folder, 'meta/_journal.json'), 'utf8')) as Journal;
  return Math.max(...entries.map((e) => e.when));
}

/** Whether the tables are as new as this version asks; not so where nobody can tell. */
async function isUpToDate(client: pg.Client, folder: string): Promise<boolean> {
  try {
    const { rows } = await client.query<{ last: string | null }>('select max(created_at) as last from drizzle.__drizzle_migrations');
    return Number(rows[0]?.last ?? 0) >= newest(folder);
  } catch {
    return false;
  }
}

const codeOf = (error: unknown): unknown =>
  typeof error === 'object' && error !== null ? ((error as { code?: unknown }).code ?? codeOf((error as { cause?: unknown }).cause)) : undefined;

/** A machine that takes writes, of those that an address names. @throws Error of the last of them where none does */
async function writable(url: string): Promise<pg.Client> {
  let why: unknown;
  const urls = eachHost(url);
  for (const connectionString of urls) {
    const client = new pg.Client({ connectionString, connectionTimeoutMillis: connectMs });
    client.on('error', () => undefined);
    try {
      await client.connect();
      if (await takesWrites(client)) return client;
      why = isStandby();
    } catch (error) {
      why = error;
    }
    await client.end().catch(() => undefined);
  }
  throw why;
}

/** What the server's role may: read and write rows, and see which changes were made; nothing that changes a table. */
async function grantUse(client: pg.Client, role: string): Promise<void> {
  const { rowCount } = await client.query('select 1 from pg_roles where rolname = $1', [role]);
  if (rowCount === 0) throw new Error(`There is no role '${role}' in this PostgreSQL. Whoever keeps it makes one: create role ... login.`);
  const name = client.escapeIdentifier(role);
  for (const what of [
    'usage on schema public',
    'select, insert, update, delete on all tables in schema public',
    'usage, select on all sequences in schema public',
    'usage on schema drizzle',
    'select on drizzle.__drizzle_migrations',
  ])
    await client.query(`grant ${what} to ${name}`);
}

/** The role that an address signs in as. */
const roleIn = (url: string): string => decodeURIComponent(/^postgres(?:ql)?:\/\/([^:@/]*)/.exec(url)?.[1] ?? '');

/**
 * Brings the tables up to date, one server at a time.
 * @param url of the server's own role
 * @param owner of the role that may change tables, straight to PostgreSQL: a lock of a session does not hold through a pooler
 * @throws Error in words where nobody who is named may change what has to be changed
 */
export async function bringUpToDate(url: string, folder: string, owner = url): Promise<void> {
  const client = await writable(owner);
  try {
    const apart = roleIn(owner) !== roleIn(url);
    if (apart || !(await isUpToDate(client, folder))) {
      await client.query('select pg_advisory_lock($1)', [lockKey]);
      await migrate(drizzle(client), { migrationsFolder: folder });
      if (apart) await grantUse(client, roleIn(url));
    }
  } catch (error) {
    if (codeOf(error) !== denied) throw error;
    throw new Error(
      `The role '${roleIn(owner)}' may not change the tables of this database, and they are older than this version. Name the role that may with --database-owner.`,
      { cause: error },
    );
  } finally {
    // the lock goes with the connection
    await client.end().catch(() => undefined);
  }
}
