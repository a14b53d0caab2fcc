import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { sessions, accounts } from './store/schema.ts';
import { madeJob, newJob, now, stage, uuid, type Stage } from '../test/api.ts';

const owner = { firm: 'New firm', name: 'N. Owner', login: 'owner', password: 'a long password' };

describe('a new installation', () => {
  let world: Stage;
  beforeAll(async () => {
    world = await stage();
  });
  afterAll(async () => {
    await world.close();
  });

  it('begins with the first account, which is made once', async () => {
    const person = world.person();
    expect((await person.get('/api/session')).body).toMatchObject({ state: 'no-account', demo: false, now, frozen: true });
    expect((await person.post('/api/first-account', { ...owner, password: 'short' })).status).toBe(422);
    const made = await person.post('/api/first-account', owner);
    expect([made.status, made.body['state']]).toEqual([201, 'signed-in']);
    expect((await world.person().post('/api/first-account', { ...owner, login: 'other' })).status).toBe(409);
    expect((await world.person().get('/api/session')).body['state']).toBe('signed-out');
  });

  it('keeps neither the password nor the token', async () => {
    const person = world.person();
    await person.post('/api/session', { login: 'owner', password: owner.password });
    const kept = JSON.stringify([await world.database.db.select().from(accounts), await world.database.db.select().from(sessions)]);
    expect(kept).toContain('$argon2id$');
    expect(kept).not.toContain(owner.password);
    expect(kept).not.toContain(person.cookie.split('=')[1] ?? 'none');
  });

  it('lets nobody in with a wrong password or an unknown name, in the same words', async () => {
    const wrong = await world.person().post('/api/session', { login: 'owner', password: 'something else' });
    const unknown = await world.person().post('/api/session', { login: 'nobody', password: 'something else' });
    expect([wrong.status, unknown.status]).toEqual([401, 401]);
    expect(wrong.body).toEqual(unknown.body);
  });

  it('answers nothing to who is not signed in', async () => {
    const stranger = world.person();
    for (const [method, path] of [
      ['GET', '/api/jobs'],
      ['GET', `/api/jobs/${uuid()}`],
      ['GET', '/api/firm'],
      ['POST', '/api/jobs'],
      ['POST', '/api/job-files'],
      ['PUT', `/api/defects/${uuid()}`],
      ['DELETE', `/api/areas/${uuid()}`],
    ] as const) {
      expect([method, path, (await stranger.ask(method, path, method === 'GET' ? undefined : {})).status]).toEqual([method, path, 401]);
    }
  });

  it('signs out for good: the old cookie opens nothing', async () => {
    const person = world.person();
    await person.post('/api/session', { login: 'owner', password: owner.password });
    const { cookie } = person;
    expect((await person.get('/api/jobs')).status).toBe(200);
    expect((await person.ask('DELETE', '/api/session')).status).toBe(204);
    person.cookie = cookie;
    expect((await person.get('/api/jobs')).status).toBe(401);
  });

  it('sets a cookie that scripts cannot read and other sites do not send', async () => {
    const answer = await world.person().post('/api/session', { login: 'owner', password: owner.password });
    expect(answer.headers.get('set-cookie')).toMatch(/HttpOnly; SameSite=Strict/);
  });

  it('does not sign in to a demo that is not there', async () => {
    expect((await world.person().post('/api/demo-session')).status).toBe(403);
  });

  it('refuses changes that come from another site', async () => {
    const person = world.person();
    await person.post('/api/session', { login: 'owner', password: owner.password });
    for (const origin of ['https://elsewhere.example', 'null']) expect((await person.ask('POST', '/api/jobs', newJob(), { origin })).status).toBe(403);
    expect((await person.ask('POST', '/api/jobs', newJob(), { origin: world.base })).status).toBe(201);
  });

  it('sends its headers: scripts from here only, no framing, no sniffing', async () => {
    const { headers } = await world.person().get('/healthz');
    const policy = headers.get('content-security-policy') ?? '';
    expect(policy).toContain("script-src 'self';");
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('x-powered-by')).toBeNull();
  });

  it('says that it is well', async () => {
    expect(await world.person().get('/healthz')).toMatchObject({ status: 200, body: { ok: true } });
  });
});

describe('the demo', () => {
  let world: Stage;
  beforeAll(async () => {
    world = await stage({ demo: true });
  });
  afterAll(async () => {
    await world.close();
  });

  it('signs in by itself and has the bathhouse, six areas and fifteen defects, and three smaller jobs whose plans are issued', async () => {
    const person = world.person();
    expect((await person.post('/api/demo-session')).body).toMatchObject({ state: 'signed-in', firm: { demo: true } });
    const jobs = (await person.get('/api/jobs')).body as unknown as { id: string; site: string; startAt: string; areas: number; defects: number }[];
    const job = jobs.find((j) => j.site === 'Quarry Street Bathhouse');
    for (const other of jobs.filter((j) => j !== job)) {
      const plans = (await person.get(`/api/jobs/${other.id}/plans`)).body as unknown as { state: string }[];
      expect(plans).toHaveLength(other.defects);
      expect(plans.some((p) => p.state === 'begun')).toBe(true);
    }
    expect(jobs).toHaveLength(4);
    expect(job).toMatchObject({ areas: 6, defects: 15, startAt: '2026-06-03T12:10:00.000Z' });
  });

  it('is a firm like any other: nobody else sees it', async () => {
    const other = await world.owner('other');
    expect((await other.get('/api/jobs')).body).toEqual([]);
    const { job } = await madeJob(other);
    const demo = world.person();
    await demo.post('/api/demo-session');
    expect((await demo.get(`/api/jobs/${job.id}`)).status).toBe(404);
  });
});
