import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { houseFile } from '../houseFile.ts';
import { password } from './client.ts';

/** jobs of each firm, and repairs of each job: two years of a small firm */
export const jobsEach = 20;
export const repairsEach = 15;
/** plans that are issued of each job */
const issuedEach = 5;

async function asked(address: string, cookie: string, path: string, body: object): Promise<{ cookie: string; answer: Record<string, unknown> }> {
  const response = await fetch(`${address}/api${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie },
    body: JSON.stringify(body),
  });
  const text = await response.text();
  if (!response.ok) throw new Error(`${path}: ${text}`);
  return { cookie: response.headers.get('set-cookie')?.split(';')[0] ?? cookie, answer: JSON.parse(text) as Record<string, unknown> };
}

interface Template {
  readonly areas: readonly { readonly version: number; readonly defects: readonly { readonly id: string; readonly version: number }[] }[];
  readonly id: string;
  readonly version: number;
}

/** One firm with one job, made over the API as a person would. */
async function template(address: string): Promise<void> {
  const first = await asked(address, '', '/first-account', { firm: 'Scale', name: 'Scale', login: 'scale', password });
  const made = await asked(address, first.cookie, '/job-files', houseFile(repairsEach));
  const job = made.answer as unknown as Template;
  const all = job.areas.flatMap((a) => a.defects.map((d) => ({ a, d })));
  let issued = 0;
  for (const { a, d } of all) {
    if (issued >= issuedEach) break;
    const versions = { jobVersion: job.version, areaVersion: a.version, defectVersion: d.version };
    // a repair that stops cannot be issued: another one is
    await asked(address, first.cookie, `/defects/${d.id}/plans`, { id: randomUUID(), change: randomUUID(), ...versions }).then(
      () => (issued += 1),
      () => undefined,
    );
  }
}

/** An id of a copy: the same wherever a row of the same firm and copy names it. */
const copied = (column: string) => `overlay(overlay(md5(f.id::text || t.${column}::text || c.n) placing '8' from 13) placing 'a' from 17)::uuid`;

async function columnsOf(client: pg.Client, table: string): Promise<readonly string[]> {
  const { rows } = await client.query<{ name: string }>(
    `select column_name as name from information_schema.columns where table_schema = 'public' and table_name = $1 and is_identity = 'NO' order by ordinal_position`,
    [table],
  );
  return rows.map((r) => r.name);
}

/** Copies the rows of the first firm for every other, as often as it has jobs. */
async function copy(client: pg.Client, table: string): Promise<void> {
  const columns = await columnsOf(client, table);
  const copiedColumns = ['id', 'job_id', 'area_id', 'defect_id', 'entity_id'];
  const values = columns.map((c) => (c === 'firm_id' ? 'f.id' : copiedColumns.includes(c) ? copied(c) : c === 'site' ? `t.site || ' ' || c.n` : `t.${c}`));
  await client.query(
    `insert into ${table} (${columns.join(', ')}) select ${values.join(', ')} from ${table} t cross join scale_firms f cross join generate_series(1, ${String(jobsEach)}) c(n)
     where t.firm_id = (select id from firms where name = 'Scale')`,
  );
}

/** Makes the firms, each with an account `firm-N` and its jobs. @param databaseUrl of the role that owns the database */
export async function seed(address: string, databaseUrl: string, firms: number): Promise<void> {
  await template(address);
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  await client.query(`create temp table scale_firms as select gen_random_uuid() as id, n from generate_series(1, ${String(firms)}) n`);
  await client.query(
    `insert into firms (id, name, demo, rules, version, created_at) select f.id, 'Firm ' || f.n, false, t.rules, 1, t.created_at from scale_firms f, firms t where t.name = 'Scale'`,
  );
  const columns = (await columnsOf(client, 'accounts')).map((c) => [
    c,
    c === 'id' ? 'gen_random_uuid()' : c === 'firm_id' ? 'f.id' : c === 'login' ? `'firm-' || f.n` : `t.${c}`,
  ]);
  await client.query(
    `insert into accounts (${columns.map(([c]) => c).join(', ')}) select ${columns.map(([, v]) => v).join(', ')} from accounts t, scale_firms f where t.login = 'scale'`,
  );
  for (const table of ['jobs', 'areas', 'defects', 'issued_plans', 'changes']) await copy(client, table);
  await client.query('analyze');
  await client.end();
}

export interface TableSize {
  readonly table: string;
  readonly rows: number;
  /** with its indexes */
  readonly bytes: number;
}

/** What each table holds. @param databaseUrl of the role that owns the database */
export async function sizes(databaseUrl: string): Promise<readonly TableSize[]> {
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  const { rows } = await client.query<{ table: string; bytes: string }>(
    `select relname as table, pg_total_relation_size(relid) as bytes from pg_stat_user_tables where schemaname = 'public' order by 2 desc`,
  );
  const all: TableSize[] = [];
  for (const { table, bytes } of rows) {
    const counted = await client.query<{ n: string }>(`select count(*) as n from ${table}`);
    all.push({ table, rows: Number(counted.rows[0]?.n ?? 0), bytes: Number(bytes) });
  }
  await client.end();
  return all;
}
