import { unnamed } from '@oddment/core';
import type { IssuedRecord } from '@oddment/contracts';
import { planChanges, planText, readSheet, sheetAgain } from '@oddment/core';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fact, now, stage, uuid, type Person, type Stage } from '../test/api.ts';
import { planInput, usualAnswers } from '../../core/test/cracks.ts';
import { planRepair } from '@oddment/core';

let world: Stage;
let owner: Person;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('plans');
});
afterAll(async () => {
  await world.close();
});

const facts = (answers: Readonly<Record<string, unknown>>) => Object.fromEntries(Object.entries(answers).map(([field, value]) => [field, fact(value)]));
const crack = (answers: object = {}) => ({
  id: uuid(),
  change: uuid(),
  kind: 'slab-crack',
  mark: 'H-01',
  facts: facts({ ...usualAnswers, ...answers }),
  confirmed: [],
  decisions: [],
});

/** A job with a crack whose facts are complete. */
async function ready(person: Person, answers: object = {}) {
  const job = {
    id: uuid(),
    change: uuid(),
    site: 'Mill Lane',
    client: '',
    timeZone: 'Europe/Paris',
    units: 'metric',
    startAt: '2026-06-03T05:00:00Z',
    crew: unnamed(2),
  };
  const area = { id: uuid(), change: uuid(), name: 'Hall', facts: facts({ place: 'inside', airC: 20, slabC: 18, humidityPct: 50 }) };
  const defect = crack(answers);
  await person.post('/api/jobs', job);
  await person.post(`/api/jobs/${job.id}/areas`, area);
  await person.post(`/api/areas/${area.id}/defects`, defect);
  return { job, area, defect };
}

const issueBody = () => ({ id: uuid(), change: uuid(), jobVersion: 1, areaVersion: 1, defectVersion: 1 });
const issue = async (person: Person, defectId: string, body = issueBody()) => ({ body, answer: await person.post(`/api/defects/${defectId}/plans`, body) });
const read = async (id: string) => (await owner.get(`/api/plans/${id}`)).body as unknown as IssuedRecord;

describe('issued plans', () => {
  it('keep inputs, shelf, version and result, computed by the server', async () => {
    const { job, area, defect } = await ready(owner);
    const { body, answer } = await issue(owner, defect.id);
    expect([answer.status, answer.body]).toEqual([
      201,
      expect.objectContaining({ id: body.id, mark: 'H-01', system: 'Rapid crack resin with sand', state: 'issued', issuedBy: 'Owner of plans', issuedAt: now }),
    ]);
    const kept = await read(body.id);
    expect(kept.plan.inputs).toMatchObject({ job: { id: job.id }, area: { id: area.id }, defect: { id: defect.id } });
    expect(kept.plan.inputs.shelf.length).toBeGreaterThan(5);
    const { sheet } = readSheet(kept.plan.kept);
    const again = sheetAgain(kept.plan);
    expect(again && planChanges(sheet, again)).toEqual([]);
    expect((await owner.get(`/api/jobs/${job.id}/plans`)).body).toEqual([answer.body]);
    expect((await issue(owner, defect.id, body)).answer.status).toBe(200);
  });

  it('stay as they were when the facts change; the difference can be told', async () => {
    const { defect } = await ready(owner);
    const { body } = await issue(owner, defect.id);
    const before = JSON.stringify((await read(body.id)).plan);
    const { id: _id, ...rest } = crack({ lengthMm: 5000 });
    expect((await owner.put(`/api/defects/${defect.id}`, { ...rest, change: uuid(), version: 1 })).status).toBe(200);
    expect(JSON.stringify((await read(body.id)).plan)).toBe(before);
    expect((await issue(owner, defect.id)).answer.status).toBe(409);
    const next = (await issue(owner, defect.id, { ...issueBody(), defectVersion: 2 })).body;
    const [one, two] = [readSheet((await read(body.id)).plan.kept).sheet, readSheet((await read(next.id)).plan.kept).sheet];
    expect(planChanges(one, two).map((c) => c.about)).toContain('Resin placed');
  });

  it('are not changed by an upgraded core, which shows what it would make otherwise', async () => {
    const { defect } = await ready(owner);
    const { body } = await issue(owner, defect.id);
    // as an earlier core would have left it: another amount of sand, an earlier version
    const older = JSON.parse(JSON.stringify((await read(body.id)).plan)) as IssuedRecord['plan'];
    const rows = older.kept.figures.map((f) => (f.label === 'Sand placed' ? { ...f, value: f.value * 1.1 } : f));
    const earlier = { ...older, core: '0.0.9', kept: { ...older.kept, figures: rows } };
    const id = uuid();
    await world.owned.execute(
      sql`insert into issued_plans select firm_id, ${id}::uuid, 1, created_at, null, job_id, defect_id, mark, system, total_min, start_at, '0.0.9', ${JSON.stringify(earlier)}::json, 'issued', issued_by from issued_plans where id = ${body.id}`,
    );
    await owner.put(`/api/plans/${id}`, { change: uuid(), version: 1, state: 'begun' });
    const kept = await read(id);
    expect([kept.core, kept.state, kept.plan]).toEqual(['0.0.9', 'begun', earlier]);
    const again = sheetAgain(kept.plan);
    expect(again && planChanges(readSheet(kept.plan.kept).sheet, again).map((c) => c.about)).toEqual(['Dry sand']);
  });

  it('cannot be changed even past the server: the database refuses it', async () => {
    const { defect } = await ready(owner);
    const { body } = await issue(owner, defect.id);
    await expect(world.owned.execute(sql`update issued_plans set plan = '{}'::json where id = ${body.id}`)).rejects.toThrow();
    await expect(world.owned.execute(sql`update issued_plans set core = '9' where id = ${body.id}`)).rejects.toThrow();
    expect((await read(body.id)).plan.format).toBe('oddment-issued-plan');
  });

  it('are begun and done by who works on the site, in that order, and only then no longer withdrawn', async () => {
    const { defect } = await ready(owner);
    const finisher = await world.member(owner, 'plans-teo', 'finisher');
    const { body } = await issue(owner, defect.id);
    const set = (state: string, version: number) => finisher.put(`/api/plans/${body.id}`, { change: uuid(), version, state });
    expect((await set('done', 1)).body['detail']).toBe('Only a plan that is begun can be done.');
    expect((await owner.delete(`/api/plans/${body.id}`, { change: uuid(), version: 1 })).status).toBe(200);
    expect((await owner.get(`/api/plans/${body.id}`)).status).toBe(404);
    await owner.post(`/api/plans/${body.id}/restore`, { change: uuid(), version: 2 });
    expect((await set('begun', 3)).body).toMatchObject({ state: 'begun', begunAt: now, begunBy: 'plans-teo', version: 4 });
    expect((await set('begun', 4)).status).toBe(409);
    expect((await owner.delete(`/api/plans/${body.id}`, { change: uuid(), version: 4 })).body['detail']).toMatch(/no longer be withdrawn/);
    expect((await set('done', 4)).body).toMatchObject({ state: 'done' });
  });

  it('are not begun while a stop found since holds the repair; once it is decided they are', async () => {
    const { defect } = await ready(owner);
    const { body } = await issue(owner, defect.id);
    const { id: _id, ...rest } = crack({ ground: 'rocks' });
    await owner.put(`/api/defects/${defect.id}`, { ...rest, change: uuid(), version: 1 });
    const begin = () => owner.put(`/api/plans/${body.id}`, { change: uuid(), version: 1, state: 'begun' });
    const refused = await begin();
    expect([refused.status, refused.body['detail']]).toEqual([
      422,
      expect.stringMatching(/^Do not go on from this plan: a stop holds the repair now\. The slab rocks/),
    ]);
    expect((await read(body.id)).state).toBe('issued');
    const decisions = [{ stop: 'rocks', who: 'R. E.', capacity: 'engineer', what: 'grouted, may be filled', on: '2026-05-20' }];
    await owner.put(`/api/defects/${defect.id}`, { ...rest, decisions, change: uuid(), version: 2 });
    expect((await begin()).body).toMatchObject({ state: 'begun' });
  });

  it('of one moment stand by their marks', async () => {
    const { job, area } = await ready(owner);
    for (const mark of ['H-03', 'H-02']) {
      const more = { ...crack(), mark };
      await owner.post(`/api/areas/${area.id}/defects`, more);
      await issue(owner, more.id);
    }
    expect(((await owner.get(`/api/jobs/${job.id}/plans`)).body as unknown as { mark: string }[]).map((p) => p.mark)).toEqual(['H-02', 'H-03']);
  });

  it.each([
    [{ ground: 'rocks' }, /until it is decided/],
    [{ moisture: 'running', traffic: 'hard-wheels' }, /There is nothing to issue. No system with a method/],
  ])('are refused where there is no method: %j', async (answers, words) => {
    const { defect } = await ready(owner, answers);
    const { answer } = await issue(owner, defect.id);
    expect([answer.status, answer.body['detail']]).toEqual([422, expect.stringMatching(words)]);
  });

  it('come as PDF, and as lines that say how far it is', async () => {
    const { job, defect } = await ready(owner);
    const { body } = await issue(owner, defect.id);
    const get = (path: string, accept = '*/*') => fetch(`${world.base}${path}`, { headers: { cookie: owner.cookie, accept } });
    const pdf = await get(`/api/plans/${body.id}/sheet.pdf?units=us`);
    expect([pdf.headers.get('content-type'), pdf.headers.get('content-disposition')]).toEqual(['application/pdf', 'attachment; filename=H-01-issued.pdf']);
    expect(Buffer.from(await pdf.arrayBuffer()).toString('latin1', 0, 5)).toBe('%PDF-');
    const lines = (await (await get(`/api/jobs/${job.id}/sheets.pdf`, 'application/x-ndjson')).text())
      .trim()
      .split('\n')
      .map((l) => JSON.parse(l) as { stage?: string; pdf?: string });
    expect(new Set(lines.slice(0, -1).map((l) => l.stage))).toEqual(new Set(['planning', 'layout', 'drawing']));
    expect(Buffer.from(lines[lines.length - 1]?.pdf ?? '', 'base64').toString('latin1', 0, 5)).toBe('%PDF-');
    expect((await get(`/api/plans/${body.id}/sheet.pdf?units=feet`)).status).toBe(422);
  });

  it('are the firm’s own', async () => {
    const { job, defect } = await ready(owner);
    const { body } = await issue(owner, defect.id);
    const other = await world.owner('plans-other');
    for (const path of [`/api/plans/${body.id}`, `/api/plans/${body.id}/sheet.pdf`, `/api/jobs/${job.id}/plans`])
      expect((await other.get(path)).status).toBe(404);
    expect((await issue(other, defect.id)).answer.status).toBe(404);
  });

  it('rest on inputs that any core can read again: plain JSON makes the same plan', () => {
    const input = planInput();
    expect(planText(planRepair(JSON.parse(JSON.stringify(input)) as typeof input))).toBe(planText(planRepair(input)));
  });
});
