import { fork, type ChildProcess } from 'node:child_process';
import { existsSync } from 'node:fs';
import { createServer, request, type Server } from 'node:http';
import { resolve } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort } from '../../tools/freePort.ts';
import { newJob, Person, portOf, stage, uuid, type Stage } from '../test/api.ts';

let world: Stage;
let between: Server;
const processes: ChildProcess[] = [];
let turn = 0;
const answeredBy = [0, 0];

/** A server process of its own, as the start command runs it. */
async function serverProcess(databaseUrl: string): Promise<number> {
  const main = resolve(import.meta.dirname, '../dist/main.js');
  if (!existsSync(main)) throw new Error('The server is not built: run the tests with ./oddment test.');
  const port = await freePort();
  const child = fork(main, {
    env: {
      ...process.env,
      ODDMENT_DATABASE: databaseUrl,
      ODDMENT_PORT: String(port),
      ODDMENT_WEB: resolve(import.meta.dirname, '../../web/dist'),
      ODDMENT_MIGRATIONS: resolve(import.meta.dirname, '../drizzle'),
      ODDMENT_LOG: 'silent',
    },
  });
  processes.push(child);
  await new Promise<void>((ready, failed) => {
    child.once('message', () => {
      ready();
    });
    child.once('exit', (code) => {
      failed(new Error(`the server ended with ${String(code)}`));
    });
  });
  return port;
}

beforeAll(async () => {
  world = await stage();
  const ports = [await serverProcess(world.url), await serverProcess(world.url)];
  // a plain round-robin: every request goes to the other server than the one before
  between = createServer((req, res) => {
    const which = turn++ % 2;
    answeredBy[which] = (answeredBy[which] ?? 0) + 1;
    const onward = request({ host: '127.0.0.1', port: ports[which], method: req.method, path: req.url, headers: req.headers }, (answer) => {
      res.writeHead(answer.statusCode ?? 502, answer.headers);
      answer.pipe(res);
    });
    req.pipe(onward);
  });
  await new Promise<void>((ready) => between.listen(0, '127.0.0.1', ready));
});
afterAll(async () => {
  between.closeAllConnections();
  await new Promise((done) => between.close(done));
  await Promise.all(
    processes.map(
      (child) =>
        new Promise((done) => {
          child.once('exit', done);
          child.kill('SIGTERM');
        }),
    ),
  );
  await world.close();
});

describe('two server processes on one database, by turns', () => {
  const person = () => new Person(`http://127.0.0.1:${String(portOf(between))}`);

  it('hold sessions, versions and repeats', async () => {
    await world.owner('turns');
    const here = person();
    await here.post('/api/session', { login: 'turns', password: 'a long password' });
    for (let i = 0; i < 6; i++) expect((await here.get('/api/jobs')).status).toBe(200);
    const job = newJob();
    expect((await here.post('/api/jobs', job)).status).toBe(201);
    expect((await here.post('/api/jobs', job)).status).toBe(200);
    const change = (site: string, version: number) => here.put(`/api/jobs/${job.id}`, { ...job, id: undefined, change: uuid(), site, version });
    expect((await change('Second', 1)).body).toMatchObject({ version: 2 });
    expect((await change('Stale', 1)).status).toBe(409);
    const answers = await Promise.all(['A', 'B', 'C', 'D', 'E', 'F'].map((site) => change(site, 2)));
    expect(answers.filter((a) => a.status === 200)).toHaveLength(1);
    expect((await here.get(`/api/jobs/${job.id}`)).body).toMatchObject({ version: 3 });
    expect((await here.ask('DELETE', '/api/session')).status).toBe(204);
    for (let i = 0; i < 2; i++) expect((await here.get('/api/jobs')).status).toBe(401);
    expect(Math.min(...answeredBy)).toBeGreaterThan(5);
  });

  it('count failed tries together', async () => {
    await world.owner('together');
    const here = person();
    const tries: number[] = [];
    for (let i = 0; i < 12; i++) tries.push((await here.post('/api/session', { login: 'together', password: `guess ${String(i)}` })).status);
    expect(tries.slice(10)).toEqual([429, 429]);
  });
});
