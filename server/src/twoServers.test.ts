import { createServer, request, type Server } from 'node:http';
import { pino } from 'pino';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeApp } from './app.ts';
import { newJob, Person, stage, uuid, type Stage } from '../test/api.ts';

let world: Stage;
let second: Server;
let between: Server;
let turn = 0;
const answeredBy = [0, 0];

const port = (server: Server) => {
  const address = server.address();
  return typeof address === 'object' && address !== null ? address.port : 0;
};
const listening = (server: Server) => new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));

beforeAll(async () => {
  world = await stage();
  second = createServer(makeApp({ database: world.database, clock: world.clock, demo: false, log: pino({ level: 'silent' }) }));
  await listening(second);
  const ports = [Number(new URL(world.base).port), port(second)];
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
  await listening(between);
});
afterAll(async () => {
  for (const server of [between, second]) {
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
  }
  await world.close();
});

describe('two servers on one database, by turns', () => {
  const person = () => new Person(`http://127.0.0.1:${String(port(between))}`);

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
