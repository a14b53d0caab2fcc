import type { BinEntry, ChangesPage } from '@oddment/contracts';
import { diffSaid, putBack, readCsv, tell } from '@oddment/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { madeJob, stage, uuid, type Person, type Stage } from '../test/api.ts';
import { purgePictures, listBin } from './store/historyStore.ts';
import { photos } from './store/schema.ts';
import { pixel } from '../test/pictures.ts';

let world: Stage;
let owner: Person;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('history');
});
afterAll(async () => {
  await world.close();
});

type Body = Record<string, unknown>;
const changesOf = async (jobId: string, more = '') => (await owner.get(`/api/jobs/${jobId}/changes${more}`)).body as unknown as ChangesPage;
const bin = async (person = owner) => (await person.get('/api/bin')).body as unknown as BinEntry[];

/** A change of a defect as a page sends it. */
async function change(defect: Body, patch: Body): Promise<Body> {
  const { id, ...body } = { ...defect, ...patch };
  const answer = await owner.put(`/api/defects/${String(id)}`, { ...body, change: uuid() });
  expect(answer.status).toBe(200);
  return answer.body;
}

const whole = async (jobId: string) => {
  const tree = (await owner.get(`/api/jobs/${jobId}`)).body as unknown as { areas: { defects: Body[] }[] };
  return tree.areas[0]?.defects[0] ?? {};
};

describe('the changes of a job', () => {
  it('say who changed which field from what to what, and can be put back', async () => {
    const { job, defect } = await madeJob(owner);
    const first = await whole(job.id);
    const second = await change(first, { note: 'opens in January' });
    await change(second, { note: 'opens in winter', mark: 'W-9' });
    const { changes, more } = await changesOf(job.id);
    expect([more, changes.length]).toEqual([false, 5]);
    expect(changes[0]).toMatchObject({
      name: 'Owner of history',
      entity: 'defect',
      id: defect.id,
      mark: 'W-9',
      action: 'change',
      fields: { note: { was: 'opens in January', now: 'opens in winter' }, mark: { now: 'W-9' } },
    });
    expect(changes.slice(2).map((c) => [c.entity, c.action])).toEqual([
      ['defect', 'create'],
      ['area', 'create'],
      ['job', 'create'],
    ]);
    const [latest] = changes;
    const told = diffSaid('defect', latest?.fields ?? {}, latest?.kind).map((c) => c.was && tell(c.was, { units: 'metric', timeZone: 'UTC' }));
    expect(told).toContain('opens in January');
    const back = await change(await whole(job.id), putBack(await whole(job.id), latest?.fields ?? {}));
    expect([back['note'], back['mark']]).toEqual(['opens in January', first['mark']]);
  });

  it('are told of one record alone, and page by page', async () => {
    const { job, area } = await madeJob(owner);
    let defect = await whole(job.id);
    for (let i = 0; i < 210; i++) defect = await change(defect, { note: `note ${String(i)}` });
    const page = await changesOf(job.id);
    expect([page.changes.length, page.more]).toEqual([200, true]);
    const rest = await changesOf(job.id, `?before=${String(page.changes.at(-1)?.turn)}`);
    expect([rest.changes.length, rest.more]).toEqual([13, false]);
    expect((await changesOf(job.id, `?of=${area.id}`)).changes.map((c) => c.action)).toEqual(['create']);
    expect((await owner.get(`/api/jobs/${job.id}/changes?of=everything`)).status).toBe(422);
    expect((await owner.get(`/api/jobs/${job.id}/changes?before=yesterday`)).status).toBe(422);
  });

  it('go out as a table, a line for each field', async () => {
    const { job } = await madeJob(owner);
    await change(await whole(job.id), { note: '=1+1', mark: 'Q-1' });
    const [head, ...rows] = readCsv((await owner.get(`/api/jobs/${job.id}/changes.csv`)).text).map((r) => r.cells);
    expect(head).toEqual(['at', 'who', 'of', 'called', 'action', 'what', 'was', 'now']);
    expect(rows.filter((r) => r[4] === 'change').map((r) => [r[5], r[7]])).toEqual([
      ['Mark', 'Q-1'],
      ['Note', "'=1+1"],
    ]);
  });

  it('are nobody else’s', async () => {
    const { job } = await madeJob(owner);
    const other = await world.owner('elsewhere');
    expect([(await other.get(`/api/jobs/${job.id}/changes`)).status, (await other.get(`/api/jobs/${job.id}/changes.csv`)).status]).toEqual([404, 404]);
    expect(await bin(other)).toEqual([]);
  });
});

describe('the bin', () => {
  it('holds what was deleted with where it was and by whom, and gives it back', async () => {
    const { job, defect } = await madeJob(owner);
    const { version } = await whole(job.id);
    expect((await owner.delete(`/api/defects/${defect.id}`, { change: uuid(), version })).status).toBe(200);
    const [entry] = await bin();
    expect(entry).toMatchObject({ entity: 'defect', id: defect.id, name: 'Owner of history' });
    expect(entry?.within).toContain('Mill Lane');
    expect((await owner.post(`/api/defects/${defect.id}/restore`, { change: uuid(), version: entry?.version })).status).toBe(200);
    expect((await bin()).map((e) => e.id)).not.toContain(defect.id);
    expect((await changesOf(job.id, `?of=${defect.id}`)).changes.map((c) => c.action)).toEqual(['restore', 'delete', 'create']);
  });

  it('forgets after thirty days, and the pictures of photos are gone with it', async () => {
    const { job, defect } = await madeJob(owner);
    expect(job.id).toBeDefined();
    const photo = { id: uuid(), change: uuid(), jpeg: pixel.toString('base64') };
    await owner.post(`/api/defects/${defect.id}/photos`, photo);
    await owner.delete(`/api/photos/${photo.id}`, { change: uuid(), version: 1 });
    expect((await owner.get(`/api/photos/${photo.id}`)).status).toBe(404);
    expect((await bin()).map((e) => e.id)).toContain(photo.id);
    const later = '2026-07-05T12:00:00Z';
    const scope = { firmId: '00000000-0000-4000-8000-000000000000', accountId: '', at: later };
    expect(await listBin(world.owned, scope, later)).toEqual([]);
    await purgePictures(world.owned, '2026-06-01T12:00:00Z');
    const bytes = async () => (await world.owned.select().from(photos)).find((p) => p.id === photo.id)?.jpeg.length;
    expect(await bytes()).toBe(pixel.length);
    await purgePictures(world.owned, later);
    expect(await bytes()).toBe(0);
  });
});
