import type { ChangesPage } from '@oddment/contracts';
import { diffSaid, tell } from '@oddment/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { madeJob, newArea, newDefect, stage, uuid, type Person, type Stage } from '../test/api.ts';

let world: Stage;
let owner: Person;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('places');
});
afterAll(async () => {
  await world.close();
});

interface Tree {
  readonly areas: readonly {
    readonly id: string;
    readonly name: string;
    readonly defects: readonly { readonly id: string; readonly mark: string; readonly version: number }[];
  }[];
}

const treeOf = async (jobId: string) => (await owner.get(`/api/jobs/${jobId}`)).body as unknown as Tree;
const marks = async (jobId: string) => (await treeOf(jobId)).areas.map((a) => a.defects.map((d) => d.mark));

/** A job with three defects in its first area and a second area. */
async function furnished() {
  const { job, area, defect } = await madeJob(owner);
  const ids = [defect.id];
  for (const mark of ['M-2', 'M-3']) {
    const more = { ...newDefect(), mark };
    expect((await owner.post(`/api/areas/${area.id}/defects`, more)).status).toBe(201);
    ids.push(more.id);
  }
  const other = { ...newArea(), name: 'Yard' };
  expect((await owner.post(`/api/jobs/${job.id}/areas`, other)).status).toBe(201);
  return { job, area, other, ids };
}

const place = (id: string, areaId: string, version: number, before?: string, person = owner) =>
  person.put(`/api/defects/${id}/place`, { change: uuid(), version, areaId, ...(before !== undefined && { before }) });

describe('the place of a defect', () => {
  it('is changed among those of its area, and stays so', async () => {
    const { job, area, ids } = await furnished();
    const [first = '', second = '', third = ''] = ids;
    const [[one]] = (await marks(job.id)) as [[string]];
    expect((await place(third, area.id, 1, first)).status).toBe(200);
    expect(await marks(job.id)).toEqual([['M-3', one, 'M-2'], []]);
    expect((await place(second, area.id, 1, first)).status).toBe(200);
    expect(await marks(job.id)).toEqual([['M-3', 'M-2', one], []]);
    expect((await place(third, area.id, 2)).status).toBe(200);
    expect(await marks(job.id)).toEqual([['M-2', one, 'M-3'], []]);
  });

  it('may be another area, which its changes tell by name', async () => {
    const { job, other, ids } = await furnished();
    const [, second = ''] = ids;
    const moved = await place(second, other.id, 1);
    expect([moved.status, moved.body['version']]).toEqual([200, 2]);
    expect((await marks(job.id))[1]).toEqual(['M-2']);
    const { changes } = (await owner.get(`/api/jobs/${job.id}/changes`)).body as unknown as ChangesPage;
    const [told] = diffSaid('defect', changes[0]?.fields ?? {}, changes[0]?.kind);
    expect([told?.about, tell(told?.now ?? [], { units: 'metric', timeZone: 'UTC' })]).toEqual(['Area', 'Yard']);
  });

  it('is only one of its own job and firm, and against the version that stands', async () => {
    const { area, ids } = await furnished();
    const elsewhere = await furnished();
    const [first = '', second = ''] = ids;
    expect((await place(first, elsewhere.area.id, 1)).status).toBe(404);
    expect((await place(first, area.id, 1, elsewhere.ids[0])).status).toBe(404);
    expect((await place(first, area.id, 9, second)).status).toBe(409);
    const stranger = await world.owner('strangers');
    expect((await place(first, area.id, 1, undefined, stranger)).status).toBe(404);
    expect((await owner.put(`/api/defects/${first}/place`, { change: uuid(), version: 1, areaId: 'hall' })).status).toBe(422);
  });

  it('is taken once, however often it is sent', async () => {
    const { job, other, ids } = await furnished();
    const body = { change: uuid(), version: 1, areaId: other.id };
    for (let i = 0; i < 3; i++) expect((await owner.put(`/api/defects/${ids[1] ?? ''}/place`, body)).body['version']).toBe(2);
    expect((await marks(job.id))[1]).toEqual(['M-2']);
  });
});
