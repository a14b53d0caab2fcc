import { randomUUID } from 'node:crypto';
import { createServer, type Server } from 'node:http';
import type { Server as NetServer } from 'node:net';
import { resolve } from 'node:path';
import type { Role } from '@oddment/contracts';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import { pino } from 'pino';
import { makeApp } from '../src/app.ts';
import { clockAt, type Clock } from '../src/clock.ts';
import { loadDemo } from '../src/demo/loadDemo.ts';
import { makeFirm } from '../src/services/accountService.ts';
import { openDatabase, type OpenDatabase } from '../src/store/database.ts';

export const now = '2026-06-02T12:00:00.000Z';
export const uuid = () => randomUUID();

/** The port that a server listens on. */
export function portOf(server: NetServer): number {
  const address = server.address();
  return typeof address === 'object' && address !== null ? address.port : 0;
}

export interface Answer {
  readonly status: number;
  readonly body: Record<string, unknown>;
  readonly headers: Headers;
  readonly text: string;
}

/** A person at the API: keeps its cookie, sends JSON. */
export class Person {
  cookie = '';
  readonly #base: string;

  constructor(base: string) {
    this.#base = base;
  }

  async ask(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer> {
    const response = await fetch(`${this.#base}${path}`, {
      method,
      headers: { ...(body !== undefined && { 'content-type': 'application/json' }), ...(this.cookie !== '' && { cookie: this.cookie }), ...headers },
      ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const set = response.headers.get('set-cookie');
    if (set !== null) this.cookie = set.split(';')[0] ?? '';
    const text = await response.text();
    return {
      status: response.status,
      body: (/(?<!nd)json/.test(response.headers.get('content-type') ?? '') && text !== '' ? JSON.parse(text) : {}) as Record<string, unknown>,
      headers: response.headers,
      text,
    };
  }

  async bytes(path: string): Promise<Buffer> {
    const response = await fetch(`${this.#base}${path}`, { headers: { cookie: this.cookie } });
    return Buffer.from(await response.arrayBuffer());
  }

  get = (path: string) => this.ask('GET', path);
  post = (path: string, body: unknown = {}) => this.ask('POST', path, body);
  put = (path: string, body: unknown) => this.ask('PUT', path, body);
  delete = (path: string, body: unknown) => this.ask('DELETE', path, body);
}

export interface Stage {
  readonly base: string;
  /** of the database of this stage, by the role that owns it */
  readonly url: string;
  readonly database: OpenDatabase;
  /** the database as the role that owns it sees it: past the wall between firms */
  readonly owned: NodePgDatabase;
  readonly clock: Clock;
  readonly person: () => Person;
  /** a firm of its own with an owner signed in */
  readonly owner: (firm: string) => Promise<Person>;
  /** another account of a firm, by its owner, with its password set and signed in */
  readonly member: (owner: Person, login: string, role: Role) => Promise<Person>;
  readonly close: () => Promise<void>;
}

/** An application on a database of its own in the test's PostgreSQL. */
export async function stage(options: { demo?: boolean | 'restored'; before?: (url: string) => void } = {}): Promise<Stage> {
  const server = process.env['ODDMENT_TEST_DATABASE'];
  if (server === undefined) throw new Error('These tests need a PostgreSQL of their own: run them with ./oddment test.');
  const name = `t_${randomUUID().replaceAll('-', '')}`;
  const admin = new pg.Client({ connectionString: server });
  await admin.connect();
  await admin.query(`create database ${name}`);
  await admin.end();
  const url = new URL(server);
  url.pathname = `/${name}`;
  options.before?.(url.toString());
  const asServer = new URL(process.env['ODDMENT_TEST_SERVER_ROLE'] ?? '');
  asServer.pathname = url.pathname;
  // as an installation runs: by the role for which PostgreSQL keeps firms apart
  const database = await openDatabase(asServer.toString(), resolve(import.meta.dirname, '../drizzle'), url.toString());
  const past = new pg.Pool({ connectionString: url.toString(), max: 2 });
  // one that a test kills is replaced
  past.on('error', () => undefined);
  const clock = clockAt(now);
  if (options.demo === true) await loadDemo(database.db, clock);
  const http: Server = createServer(makeApp({ database, clock, demo: options.demo !== undefined && options.demo !== false, log: pino({ level: 'silent' }) }));
  // longer than the client keeps it, as in the server: else a busy machine closes it under a request
  http.keepAliveTimeout = 65_000;
  await new Promise<void>((ready) => http.listen(0, '127.0.0.1', ready));
  const base = `http://127.0.0.1:${String(portOf(http))}`;
  return {
    base,
    url: url.toString(),
    database,
    owned: drizzle(past),
    clock,
    person: () => new Person(base),
    owner: async (firm) => {
      const password = 'a long password';
      await makeFirm(database.db, clock, { firm, name: `Owner of ${firm}`, login: firm, password }, false);
      const person = new Person(base);
      await person.post('/api/session', { login: firm, password });
      return person;
    },
    member: async (owner, login, role) => {
      const made = await owner.post('/api/people', { id: uuid(), change: uuid(), name: login, login, role });
      const person = new Person(base);
      await person.post('/api/one-time', { token: (made.body['link'] as { token: string }).token, password: 'a long password' });
      return person;
    },
    close: async () => {
      http.closeAllConnections();
      await new Promise((done) => http.close(done));
      await database.close();
      await past.end();
    },
  };
}

export const newJob = () => ({
  id: uuid(),
  change: uuid(),
  site: 'Mill Lane',
  client: 'Trust',
  timeZone: 'Europe/Paris',
  units: 'metric',
  startAt: '2026-06-03T05:00:00Z',
  crew: [
    { id: 'person-1', name: 'Ada', skills: ['respirator'] },
    { id: 'person-2', name: '', skills: [] },
  ],
});
export const newArea = () => ({ id: uuid(), change: uuid(), name: 'Hall', facts: {} });
export const newDefect = () => ({ id: uuid(), change: uuid(), kind: 'slab-crack', mark: 'H-01', facts: {}, confirmed: [], decisions: [] });
export const fact = (value: unknown) => ({ value, how: 'measured', at: now });

/** A job with one area and one defect, made by a person. */
export async function madeJob(person: Person) {
  const [job, area, defect] = [newJob(), newArea(), newDefect()];
  await person.post('/api/jobs', job);
  await person.post(`/api/jobs/${job.id}/areas`, area);
  await person.post(`/api/areas/${area.id}/defects`, defect);
  return { job, area, defect };
}
