import type { JobSummary } from '@oddment/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { madeJob, stage, uuid, type Person, type Stage } from '../test/api.ts';
import { moreJobs } from './demo/moreJobs.ts';

let world: Stage;
let owner: Person;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('listed');
});
afterAll(async () => {
  await world.close();
});

const listed = async (id: string) => ((await owner.get('/api/jobs')).body as unknown as JobSummary[]).find((j) => j.id === id);

/** A job of the demo in this firm, by its job file. */
async function taken() {
  const [one] = moreJobs(new Date('2026-06-02T12:00:00Z'));
  if (!one) throw new Error('no job');
  const areas = one.areas.map(({ defects, name, facts }) => ({
    id: uuid(),
    name,
    facts,
    defects: defects.map(({ kind, mark, facts: own, choice }) => ({
      id: uuid(),
      kind,
      mark,
      facts: own,
      confirmed: [],
      decisions: [],
      ...(choice && { choice }),
    })),
  }));
  const made = await owner.post('/api/job-files', { format: 'oddment-job', version: 3, job: { ...one.job, id: uuid(), areas } });
  expect(made.status, JSON.stringify(made.body)).toBe(201);
  return made.body as unknown as {
    id: string;
    version: number;
    areas: { id: string; version: number; defects: { id: string; version: number; mark: string }[] }[];
  };
}

describe('finding repairs over all jobs', () => {
  it('goes by mark, area, kind, note, site and client, all words at once, within the firm alone', async () => {
    const finder = await world.owner('finder');
    const { job, area, defect } = await madeJob(finder);
    const find = async (words: string, by = finder) =>
      ((await by.get(`/api/find?words=${encodeURIComponent(words)}`)).body as unknown as { id: string; mark: string; jobId: string }[]).map((d) => d.id);
    for (const words of [defect.mark, defect.mark.toLowerCase(), area.name, 'crack slab', `${job.site} ${defect.mark}`])
      expect([words, await find(words)]).toEqual([words, [defect.id]]);
    expect(await find('')).toEqual([]);
    expect(await find('nothing of the kind')).toEqual([]);
    // what stands for anything elsewhere stands for itself here
    for (const words of ['%', '_', "'", '\\']) expect([words, await find(words)]).toEqual([words, []]);
    const stranger = await world.owner('stranger');
    expect(await find(defect.mark, stranger)).toEqual([]);
    expect((await finder.ask('DELETE', `/api/defects/${defect.id}`, { change: uuid(), version: 1 })).status).toBe(200);
    expect(await find(defect.mark)).toEqual([]);
  });
});

describe('the list of jobs', () => {
  it('counts what is issued, begun and done, each repair once, and none that is deleted', async () => {
    const job = await taken();
    const versions = { jobVersion: job.version, areaVersion: 1, defectVersion: 1 };
    const issued: { id: string; defect: string; version: number }[] = [];
    for (const defect of job.areas.flatMap((a) => a.defects)) {
      const id = uuid();
      const answer = await owner.post(`/api/defects/${defect.id}/plans`, { id, change: uuid(), ...versions });
      if (answer.status === 201) issued.push({ id, defect: defect.id, version: 1 });
    }
    expect(issued.length).toBeGreaterThan(2);
    expect(await listed(job.id)).toMatchObject({ issued: issued.length, begun: 0, done: 0 });
    const [first, second] = issued;
    if (!first || !second) throw new Error('two are needed');
    expect((await owner.put(`/api/plans/${first.id}`, { change: uuid(), version: 1, state: 'begun' })).status).toBe(200);
    expect(await listed(job.id)).toMatchObject({ issued: issued.length - 1, begun: 1, done: 0 });
    // the same repair issued again is still one, and still begun
    await owner.post(`/api/defects/${first.defect}/plans`, { id: uuid(), change: uuid(), ...versions });
    expect(await listed(job.id)).toMatchObject({ issued: issued.length - 1, begun: 1 });
    expect((await owner.put(`/api/plans/${first.id}`, { change: uuid(), version: 2, state: 'done' })).status).toBe(200);
    expect(await listed(job.id)).toMatchObject({ issued: issued.length - 1, begun: 0, done: 1 });
    expect((await owner.ask('DELETE', `/api/defects/${second.defect}`, { change: uuid(), version: 1 })).status).toBe(200);
    expect(await listed(job.id)).toMatchObject({ issued: issued.length - 2, done: 1 });
  });

  it('says which are archived; a change that does not say leaves it', async () => {
    const job = await taken();
    const whole = (await owner.get(`/api/jobs/${job.id}`)).body;
    const fields = {
      site: whole['site'],
      client: whole['client'],
      timeZone: whole['timeZone'],
      units: whole['units'],
      startAt: whole['startAt'],
      crew: whole['crew'],
    };
    const put = (more: object, version: number) => owner.put(`/api/jobs/${job.id}`, { change: uuid(), version, ...fields, ...more });
    expect((await put({ archived: true }, 1)).status).toBe(200);
    expect((await put({ client: 'Another' }, 2)).status).toBe(200);
    expect(await listed(job.id)).toMatchObject({ archived: true, client: 'Another' });
    expect((await put({ archived: false }, 3)).status).toBe(200);
    expect((await listed(job.id))?.archived).toBeUndefined();
    expect((await put({ archived: 'yes' }, 4)).status).toBe(422);
  });
});
