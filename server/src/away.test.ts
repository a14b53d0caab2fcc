import { createServer as createHttp, type Server } from 'node:http';
import { connect, createServer, type Server as TcpServer, type Socket } from 'node:net';
import { resolve } from 'node:path';
import { pino } from 'pino';
import { afterAll, beforeAll, beforeEach, expect, it } from 'vitest';
import { newJob, Person, portOf, stage, type Stage } from '../test/api.ts';
import { makeApp } from './app.ts';
import { isAway, openDatabase, type OpenDatabase } from './store/database.ts';

/** The line to PostgreSQL: whole, cut, or one on which nothing is answered. */
class Line {
  state: 'whole' | 'cut' | 'silent' = 'whole';
  readonly #ends = new Set<Socket>();
  readonly #server: TcpServer;

  constructor(port: number) {
    this.#server = createServer((near) => {
      if (this.state === 'cut') {
        near.destroy();
        return;
      }
      const far = connect(port, '127.0.0.1');
      for (const end of [near, far]) {
        this.#ends.add(end);
        end.on('error', () => undefined);
        end.on('close', () => {
          near.destroy();
          far.destroy();
          this.#ends.delete(end);
        });
      }
      near.on('data', (chunk) => this.state === 'silent' || far.write(chunk));
      far.on('data', (chunk) => this.state === 'silent' || near.write(chunk));
    });
  }

  async open(): Promise<number> {
    await new Promise<void>((ready) => this.#server.listen(0, '127.0.0.1', ready));
    return portOf(this.#server);
  }

  cut(): void {
    this.state = 'cut';
    for (const end of this.#ends) end.destroy();
  }

  close(): void {
    this.cut();
    this.#server.close();
  }
}

let world: Stage;
let line: Line;
let database: OpenDatabase;
let http: Server;
let base: string;
let owner: Person;
const patienceMs = 1500;

beforeAll(async () => {
  world = await stage();
  const url = new URL(world.url);
  line = new Line(Number(url.port));
  url.port = String(await line.open());
  database = await openDatabase(url.toString(), resolve(import.meta.dirname, '../drizzle'));
  http = createHttp(makeApp({ database, clock: world.clock, demo: false, log: pino({ level: 'silent' }), patienceMs }));
  await new Promise<void>((ready) => http.listen(0, '127.0.0.1', ready));
  base = `http://127.0.0.1:${String(portOf(http))}`;
  await world.owner('away');
  owner = new Person(base);
  await owner.post('/api/session', { login: 'away', password: 'a long password' });
});
afterAll(async () => {
  http.closeAllConnections();
  http.close();
  line.close();
  await database.close();
  await world.close();
});
beforeEach(() => {
  line.state = 'whole';
});

it('requests wait for a database that comes back, those under way too, and each change is made once', async () => {
  const jobs = Array.from({ length: 6 }, () => newJob());
  const asked = jobs.map((job) => owner.post('/api/jobs', job));
  line.cut();
  setTimeout(() => {
    line.state = 'whole';
  }, 400);
  expect((await Promise.all(asked)).every((a) => a.status === 201 || a.status === 200)).toBe(true);
  const listed = (await owner.get('/api/jobs')).body as unknown as { id: string }[];
  for (const job of jobs) expect(listed.filter((j) => j.id === job.id)).toHaveLength(1);
});

it('where it stays away they are told so in words, within the limit, and its health as soon', async () => {
  line.cut();
  const answer = await owner.get('/api/jobs');
  expect([answer.status, answer.body['detail']]).toEqual([503, expect.stringContaining('The database does not answer at the moment.')]);
  const health = await owner.get('/healthz');
  expect([health.status, health.body]).toEqual([503, { ok: false }]);
  line.state = 'whole';
  expect((await owner.get('/api/jobs')).status).toBe(200);
});

it('one that takes connections and says nothing is told of by its health, which does not wait for it', async () => {
  line.state = 'silent';
  expect((await owner.get('/healthz')).status).toBe(503);
  line.cut();
});

it('what the database refuses itself is no absence of it', () => {
  expect(isAway(new Error('value too long'))).toBe(false);
  expect(isAway(Object.assign(new Error('no'), { code: '22001' }))).toBe(false);
  expect(isAway({ cause: Object.assign(new Error('gone'), { code: '57P01' }) })).toBe(true);
  expect(isAway(new AggregateError([Object.assign(new Error('no'), { code: 'ECONNREFUSED' })]))).toBe(true);
});
