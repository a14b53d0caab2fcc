import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { eachHost } from './hosts.ts';

const src = join(import.meta.dirname, '..');

/** What lives in a session of PostgreSQL, and is another's a moment later where a pooler lends connections by the transaction. */
const ofSession = [
  /pg_advisory_lock/,
  /pg_try_advisory_lock/,
  /set_config\([^)]*false\)/,
  /\bLISTEN\b|\bUNLISTEN\b/,
  // but without a name, or within what the driver sends at once
  /\.prepare\((?!noName\)|connection\))/,
  /set session/i,
  /create temp/i,
];

describe('what the server keeps in a session', () => {
  it('is nothing: a pooler in transaction mode may stand before the database', () => {
    const files = readdirSync(src, { recursive: true, encoding: 'utf8' }).filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'));
    const found = files.flatMap((file) => {
      // whoever changes tables goes straight to PostgreSQL
      if (file.endsWith('migrations.ts')) return [];
      const text = readFileSync(join(src, file), 'utf8');
      return ofSession.filter((r) => r.test(text)).map((r) => `${file}: ${r.source}`);
    });
    expect(found).toEqual([]);
    expect(files.length).toBeGreaterThan(40);
  });
});

describe('an address that lists hosts', () => {
  it.each([
    ['postgres://a:b@h1:5432,h2/db?sslmode=verify-full', ['postgres://a:b@h1:5432/db?sslmode=verify-full', 'postgres://a:b@h2/db?sslmode=verify-full']],
    ['postgresql://a@[::1]:5432/db', ['postgresql://a@[::1]:5432/db']],
    ['postgres://127.0.0.1:5433/postgres', ['postgres://127.0.0.1:5433/postgres']],
  ])('%s', (url, each) => {
    expect(eachHost(url)).toEqual(each);
  });
});
