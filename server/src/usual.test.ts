import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { jobCsv, type JobRecord } from '@oddment/contracts';
import { kindOf, planJob, usualOf } from '@oddment/core';
import { madeJob, newDefect, stage, uuid, type Person, type Stage } from '../test/api.ts';

let world: Stage;
let owner: Person;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('usual');
});
afterAll(async () => {
  await world.close();
});

const at = '2026-06-02T12:00:00Z';
const told = (value: unknown) => ({ value, how: 'entered', at }) as const;
const jobOf = async (id: string) => (await owner.get(`/api/jobs/${id}`)).body as unknown as JobRecord;

describe('the usual answers of an area', () => {
  it('are kept, planned with and written as a row is read, and stay where a change does not name them', async () => {
    const { job, area } = await madeJob(owner);
    const bare = { ...newDefect(), mark: 'M-9', facts: {} };
    expect((await owner.post(`/api/areas/${area.id}/defects`, bare)).status).toBe(201);
    const { name, facts } = (await jobOf(job.id)).areas[0] ?? { name: '', facts: {} };
    const usual = { [bare.kind]: usualOf({ kind: bare.kind, facts: { moisture: told('damp'), member: told('stair') } }, at) };
    expect((await owner.put(`/api/areas/${area.id}`, { change: uuid(), version: 1, name, facts, usual })).status).toBe(200);
    expect((await owner.put(`/api/areas/${area.id}`, { change: uuid(), version: 2, name: 'Porch', facts })).status).toBe(200);
    const now = await jobOf(job.id);
    expect(now.areas[0]).toMatchObject({ name: 'Porch', usual });
    const plan = planJob(now).find((p) => p.defect.mark === 'M-9');
    expect(plan?.defect.facts['moisture']).toMatchObject({ value: 'damp', usualIn: 'Porch' });
    expect(now.areas[0]?.defects.find((d) => d.mark === 'M-9')?.facts).toEqual({});
    expect(
      jobCsv(now)
        .split('\r\n')
        .find((row) => row.includes('M-9')),
    ).toContain('damp');
    const history = JSON.stringify((await owner.get(`/api/jobs/${job.id}/changes`)).body);
    expect(history).toContain(`usual/${bare.kind}`);
  });

  it('are refused for a size and for what is about safety, with the question', async () => {
    const { area } = await madeJob(owner);
    const kind = newDefect().kind;
    const ask = kindOf(kind).asks.find((a) => a.field === 'located');
    const put = (usual: unknown) => owner.put(`/api/areas/${area.id}`, { change: uuid(), version: 1, name: 'Hall', facts: {}, usual });
    const safety = await put({ [kind]: { located: told('clear') } });
    expect(safety.status).toBe(422);
    expect(JSON.stringify(safety.body)).toContain(ask?.question ?? 'located');
    expect((await put({ 'no-such': {} })).status).toBe(422);
    expect((await put([])).status).toBe(422);
  });
});
