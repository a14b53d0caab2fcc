import { photoLimits } from '@oddment/contracts';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { madeJob, newDefect, stage, uuid, type Person, type Stage } from '../test/api.ts';
import { pixel } from '../test/pictures.ts';

let world: Stage;
let owner: Person;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('plans-of-areas');
});
afterAll(async () => {
  await world.close();
});

const plan = (more: object = {}) => ({ id: uuid(), change: uuid(), jpeg: pixel.toString('base64'), caption: 'Ground floor', ...more });
const add = (areaId: string, body: object = plan(), by = owner) => by.post(`/api/areas/${areaId}/photos`, body);
const spotOf = async (jobId: string) =>
  ((await owner.get(`/api/jobs/${jobId}`)).body as unknown as { areas: { defects: { spot?: object }[] }[] }).areas[0]?.defects[0]?.spot;

describe('plans of an area', () => {
  it('are kept, listed and shown as photos are, and belong to the area alone', async () => {
    const { area, defect } = await madeJob(owner);
    const body = plan();
    const made = await add(area.id, body);
    expect([made.status, made.body]).toEqual([201, expect.objectContaining({ id: body.id, areaId: area.id, caption: 'Ground floor', widthPx: 1 })]);
    expect((await add(area.id, body)).status).toBe(200);
    expect((await owner.get(`/api/areas/${area.id}/photos`)).body).toHaveLength(1);
    expect((await owner.get(`/api/defects/${defect.id}/photos`)).body).toHaveLength(0);
    expect((await owner.get(`/api/photos/${body.id}`)).status).toBe(200);
    const other = await world.owner('plans-of-another');
    for (const tried of [await other.get(`/api/areas/${area.id}/photos`), await add(area.id, plan(), other), await other.get(`/api/photos/${body.id}`)])
      expect(tried.status).toBe(404);
  });

  it('are so many and no more, said in words', async () => {
    const { area } = await madeJob(owner);
    for (let i = 0; i < photoLimits.perArea; i++) expect((await add(area.id)).status).toBe(201);
    const over = await add(area.id);
    expect([over.status, JSON.stringify(over.body)]).toEqual([422, expect.stringContaining('This area has 6 plans, as many as it can.')]);
  });

  it('stand in what changed and in the bin by the name of their area, and come back', async () => {
    const { job, area } = await madeJob(owner);
    const body = plan();
    await add(area.id, body);
    expect((await owner.delete(`/api/photos/${body.id}`, { change: uuid(), version: 1 })).status).toBe(200);
    expect((await owner.get(`/api/areas/${area.id}/photos`)).body).toHaveLength(0);
    expect((await owner.get('/api/bin')).body).toContainEqual(expect.objectContaining({ entity: 'photo', id: body.id, within: 'Mill Lane, Hall' }));
    expect((await owner.post(`/api/photos/${body.id}/restore`, { change: uuid(), version: 2 })).status).toBe(200);
    expect((await owner.get(`/api/jobs/${job.id}/changes`)).body['changes']).toContainEqual(
      expect.objectContaining({ entity: 'photo', id: body.id, mark: 'Hall, Ground floor', action: 'delete' }),
    );
  });

  it('a picture is of one thing: the database takes none of nothing, and none of two', async () => {
    const { area, defect } = await madeJob(owner);
    const body = plan();
    await add(area.id, body);
    const db = world.owned;
    await expect(db.execute(sql`update photos set area_id = null where id = ${body.id}::uuid`)).rejects.toThrow();
    await expect(db.execute(sql`update photos set defect_id = ${defect.id}::uuid where id = ${body.id}::uuid`)).rejects.toThrow();
  });
});

describe('where a repair lies on a plan', () => {
  it('is set, left by who does not send it, taken away by null, and told with what changed', async () => {
    const { job, area, defect } = await madeJob(owner);
    const picture = plan();
    await add(area.id, picture);
    const put = (version: number, more: object) => owner.put(`/api/defects/${defect.id}`, { ...newDefect(), id: undefined, change: uuid(), version, ...more });
    const spot = { photo: picture.id, across: 0.25, down: 0.6 };
    expect((await put(1, { spot })).body).toMatchObject({ spot });
    expect(await spotOf(job.id)).toEqual(spot);
    // a page that knows nothing of it yet
    expect((await put(2, { note: 'seen' })).body).toMatchObject({ spot, note: 'seen' });
    expect((await owner.get(`/api/jobs/${job.id}/changes`)).body['changes']).toContainEqual(
      expect.objectContaining({ id: defect.id, fields: expect.objectContaining({ spot: { now: spot } }) as unknown }),
    );
    expect((await put(3, { spot: null })).body).not.toHaveProperty('spot');
    expect(await spotOf(job.id)).toBeUndefined();
  });

  it('lies within the picture, and is refused in words where it does not', async () => {
    const { defect } = await madeJob(owner);
    const wrong = await owner.put(`/api/defects/${defect.id}`, {
      ...newDefect(),
      id: undefined,
      change: uuid(),
      version: 1,
      spot: { photo: uuid(), across: 1.2, down: 0.5 },
    });
    expect([wrong.status, JSON.stringify(wrong.body)]).toEqual([422, expect.stringContaining('How far across it lies must lie between 0 and 1')]);
  });

  it('does not go out in a file of the job, which has no pictures', async () => {
    const { job, area, defect } = await madeJob(owner);
    const picture = plan();
    await add(area.id, picture);
    await owner.put(`/api/defects/${defect.id}`, {
      ...newDefect(),
      id: undefined,
      change: uuid(),
      version: 1,
      spot: { photo: picture.id, across: 0, down: 1 },
    });
    const file = await owner.get(`/api/jobs/${job.id}/file`);
    expect(file.text).not.toContain('spot');
    expect((await owner.post('/api/job-files', file.body)).status).toBe(201);
  });
});
