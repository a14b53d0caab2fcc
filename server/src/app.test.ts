import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fact, madeJob, newArea, newDefect, newJob, stage, uuid, type Person, type Stage } from '../test/api.ts';

let world: Stage;
let ours: Person;
let theirs: Person;

beforeAll(async () => {
  world = await stage();
  ours = await world.owner('ours');
  theirs = await world.owner('theirs');
});
afterAll(async () => {
  await world.close();
});

type Tree = {
  version: number;
  site: string;
  areas: { id: string; version: number; name: string; defects: { id: string; version: number; mark: string; facts: Record<string, unknown> }[] }[];
};
const tree = async (person: Person, id: string) => (await person.get(`/api/jobs/${id}`)).body as unknown as Tree;

describe('jobs, areas and defects', () => {
  it('are made, read back whole, changed and listed', async () => {
    const { job, area, defect } = await madeJob(ours);
    const facts = { lengthMm: fact(4200), widths: fact([{ atMm: 0, widthMm: 2, text: '2 mm' }]) };
    const changed = await ours.put(`/api/defects/${defect.id}`, {
      kind: 'slab-crack',
      mark: 'H-02',
      facts,
      confirmed: ['x'],
      decisions: [],
      choice: { system: 'rapid-crack-resin' },
      schools: { 'chase-depth': 'deep' },
      change: uuid(),
      version: 1,
    });
    expect(changed.status).toBe(200);
    const read = await tree(ours, job.id);
    expect(read.areas[0]?.id).toBe(area.id);
    expect(read.areas[0]?.defects[0]).toMatchObject({
      id: defect.id,
      version: 2,
      mark: 'H-02',
      facts,
      schools: { 'chase-depth': 'deep' },
      choice: { system: 'rapid-crack-resin' },
    });
    const listed = (await ours.get('/api/jobs')).body as unknown as { id: string; areas: number; defects: number; chosen: number }[];
    expect(listed.find((j) => j.id === job.id)).toMatchObject({ areas: 1, defects: 1, chosen: 1 });
  });

  it('keep the order in which they were made', async () => {
    const { job, area } = await madeJob(ours);
    for (const mark of ['H-02', 'H-03', 'H-04']) await ours.post(`/api/areas/${area.id}/defects`, { ...newDefect(), mark });
    expect((await tree(ours, job.id)).areas[0]?.defects.map((d) => d.mark)).toEqual(['H-01', 'H-02', 'H-03', 'H-04']);
  });

  it('are deleted and brought back', async () => {
    const { job, area, defect } = await madeJob(ours);
    expect((await ours.delete(`/api/defects/${defect.id}`, { change: uuid(), version: 1 })).body).toMatchObject({ version: 2 });
    expect((await tree(ours, job.id)).areas[0]?.defects).toEqual([]);
    expect((await ours.put(`/api/defects/${defect.id}`, { ...newDefect(), id: undefined, version: 2 })).status).toBe(404);
    expect((await ours.post(`/api/defects/${defect.id}/restore`, { change: uuid(), version: 2 })).status).toBe(200);
    expect((await tree(ours, job.id)).areas[0]?.defects).toHaveLength(1);
    await ours.delete(`/api/areas/${area.id}`, { change: uuid(), version: 1 });
    expect((await tree(ours, job.id)).areas).toEqual([]);
    await ours.delete(`/api/jobs/${job.id}`, { change: uuid(), version: 1 });
    expect((await ours.get(`/api/jobs/${job.id}`)).status).toBe(404);
    expect((await ours.post(`/api/jobs/${job.id}/restore`, { change: uuid(), version: 2 })).status).toBe(200);
    expect((await ours.get(`/api/jobs/${job.id}`)).status).toBe(200);
  });
});

describe('two firms', () => {
  it('cannot see, change, delete or add to what is the other’s, by any route', async () => {
    const { job, area, defect } = await madeJob(ours);
    const versioned = { change: uuid(), version: 1 };
    const tries: readonly [string, string, unknown?][] = [
      ['GET', `/api/jobs/${job.id}`],
      ['GET', `/api/jobs/${job.id}/file`],
      ['PUT', `/api/jobs/${job.id}`, { ...newJob(), id: undefined, version: 1 }],
      ['PUT', `/api/areas/${area.id}`, { ...newArea(), id: undefined, version: 1 }],
      ['PUT', `/api/defects/${defect.id}`, { ...newDefect(), id: undefined, version: 1 }],
      ['POST', `/api/jobs/${job.id}/areas`, newArea()],
      ['POST', `/api/areas/${area.id}/defects`, newDefect()],
      ['DELETE', `/api/jobs/${job.id}`, versioned],
      ['DELETE', `/api/areas/${area.id}`, versioned],
      ['DELETE', `/api/defects/${defect.id}`, versioned],
      ['POST', `/api/jobs/${job.id}/restore`, versioned],
      ['POST', `/api/areas/${area.id}/restore`, versioned],
      ['POST', `/api/defects/${defect.id}/restore`, versioned],
    ];
    for (const [method, path, body] of tries) expect([method, path, (await theirs.ask(method, path, body)).status]).toEqual([method, path, 404]);
    expect((await theirs.get('/api/jobs')).body).toEqual([]);
    expect((await tree(ours, job.id)).areas[0]?.defects[0]?.version).toBe(1);
  });

  it('may each have a record of one id: neither learns that the other has it, and each changes its own', async () => {
    const { job, area, defect } = await madeJob(ours);
    const made = await theirs.post('/api/jobs', { ...newJob(), id: job.id, site: 'Their own' });
    expect([made.status, made.body['site']]).toEqual([201, 'Their own']);
    expect((await theirs.post(`/api/jobs/${job.id}/areas`, { ...newArea(), id: area.id, name: 'Their yard' })).status).toBe(201);
    expect((await theirs.post(`/api/areas/${area.id}/defects`, { ...newDefect(), id: defect.id })).status).toBe(201);
    expect((await theirs.delete(`/api/defects/${defect.id}`, { change: uuid(), version: 1 })).status).toBe(200);
    const [mine, other] = [await tree(ours, job.id), await tree(theirs, job.id)];
    expect([mine.site, mine.areas.map((a) => [a.name, a.defects.length])]).toEqual([job.site, [[area.name, 1]]]);
    expect([other.site, other.areas.map((a) => [a.name, a.defects.length])]).toEqual(['Their own', [['Their yard', 0]]]);
  });

  it('have house rules of their own', async () => {
    expect((await ours.put('/api/firm', { change: uuid(), version: 1, schools: { 'chase-depth': 'deep' } })).body).toMatchObject({
      rules: { schools: { 'chase-depth': 'deep' } },
      version: 2,
    });
    expect((await theirs.get('/api/firm')).body).toMatchObject({ rules: { schools: {} }, version: 1 });
    const hours = { from: '06:30', to: '15:00', pause: { from: '11:00', to: '11:30' }, days: [1, 2, 3, 4] };
    expect((await ours.put('/api/firm', { change: uuid(), version: 2, schools: { 'chase-depth': 'deep' }, hours })).body).toMatchObject({ rules: { hours } });
    const never = await ours.put('/api/firm', { change: uuid(), version: 3, schools: {}, hours: { ...hours, to: '06:00' } });
    expect([never.status, JSON.stringify(never.body)]).toEqual([422, expect.stringContaining('The day ends at 06:00, which is not after 06:30.')]);
    const stale = await ours.put('/api/firm', { change: uuid(), version: 1, schools: {} });
    expect([stale.status, (stale.body['current'] as { version: number }).version]).toEqual([409, 3]);
  });
});

describe('changes', () => {
  it('against a stale version are refused with the record as it stands', async () => {
    const { area, job } = await madeJob(ours);
    await ours.put(`/api/areas/${area.id}`, { change: uuid(), version: 1, name: 'Great hall', facts: {} });
    const stale = await ours.put(`/api/areas/${area.id}`, { change: uuid(), version: 1, name: 'Small hall', facts: {} });
    expect(stale.status).toBe(409);
    expect(stale.headers.get('content-type')).toContain('application/problem+json');
    expect(stale.body['current']).toMatchObject({ id: area.id, version: 2, name: 'Great hall' });
    expect((await tree(ours, job.id)).areas[0]).toMatchObject({ name: 'Great hall', version: 2 });
  });

  it('that are repeated are answered again, not done twice', async () => {
    const job = newJob();
    expect((await ours.post('/api/jobs', job)).status).toBe(201);
    const again = await ours.post('/api/jobs', job);
    expect([again.status, again.body['id']]).toEqual([200, job.id]);
    const change = { ...job, site: 'Mill Lane 2', id: undefined, change: uuid(), version: 1 };
    expect((await ours.put(`/api/jobs/${job.id}`, change)).body).toMatchObject({ version: 2 });
    expect((await ours.put(`/api/jobs/${job.id}`, change)).body).toMatchObject({ version: 2, site: 'Mill Lane 2' });
    expect(((await ours.get('/api/jobs')).body as unknown as { id: string }[]).filter((j) => j.id === job.id)).toHaveLength(1);
  });

  it('made at the same time: one wins, the other is told', async () => {
    const { area } = await madeJob(ours);
    const names = ['A', 'B', 'C', 'D'];
    const answers = await Promise.all(names.map((name) => ours.put(`/api/areas/${area.id}`, { change: uuid(), version: 1, name, facts: {} })));
    expect(answers.map((a) => a.status).sort()).toEqual([200, 409, 409, 409]);
  });
});

describe('bad input', () => {
  it.each<[string, (job: ReturnType<typeof newJob>) => [string, string, unknown, Record<string, string>?], number, RegExp]>([
    ['no JSON', () => ['POST', '/api/jobs', '{ nope'], 400, /not JSON/],
    ['another content type', () => ['POST', '/api/jobs', 'x=1', { 'content-type': 'text/plain' }], 415, /application\/json/],
    ['too much', () => ['POST', '/api/jobs', { site: 'x'.repeat(300_000) }], 413, /too large/],
    ['a list', () => ['POST', '/api/jobs', []], 422, /JSON object/],
    ['an unknown field', (job) => ['POST', '/api/jobs', { ...job, firmId: uuid() }], 422, /no field 'firmId'/],
    ['an empty site', (job) => ['POST', '/api/jobs', { ...job, site: '' }], 422, /1 to 120 characters/],
    ['an id that is none', () => ['GET', '/api/jobs/1', undefined], 404, /not here/],
    ['an address that is none', () => ['GET', '/api/nothing', undefined], 404, /not here/],
    ['a job file that is none', () => ['POST', '/api/job-files', { format: 'x' }], 422, /problems/],
  ])('%s is answered in words', async (_what, request, status, words) => {
    const [method, path, body, headers] = request(newJob());
    const answer = await ours.ask(method, path, body, headers);
    expect(answer.status).toBe(status);
    expect(answer.headers.get('content-type')).toContain('application/problem+json');
    expect(`${String(answer.body['detail'])} ${JSON.stringify(answer.body['problems'] ?? '')}`).toMatch(words);
  });

  it('names the path of the field, for single facts and for facts together', async () => {
    const { area } = await madeJob(ours);
    const single = await ours.post(`/api/areas/${area.id}/defects`, { ...newDefect(), facts: { lengthMm: fact(1) } });
    expect(single.body['problems']).toEqual([{ path: 'facts/lengthMm', message: 'Length: 1 mm cannot be. It must lie between 50 mm and 500.00 m.' }]);
    const together = await ours.post(`/api/areas/${area.id}/defects`, { ...newDefect(), facts: { depthMm: fact(200), slabMm: fact(120) } });
    expect(together.status).toBe(422);
    expect(together.body['problems']).toMatchObject([{ path: 'facts/depthMm' }]);
  });

  it('never changes anything', async () => {
    const { area, job } = await madeJob(ours);
    await ours.put(`/api/areas/${area.id}`, { change: uuid(), version: 1, name: 'Hall', facts: { airC: fact(400) } });
    expect((await tree(ours, job.id)).areas[0]?.version).toBe(1);
  });
});

describe('the sheets over the wire', () => {
  it('come as PDF, whole or one, and are refused in words', async () => {
    const { area, job, defect } = await madeJob(ours);
    const whole = await ours.get(`/api/jobs/${job.id}/sheets.pdf`);
    expect([whole.status, whole.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    expect((await ours.get(`/api/jobs/${job.id}/sheets.pdf?defect=${defect.id}&units=us`)).headers.get('content-disposition')).toContain('H-01.pdf');
    expect((await ours.get(`/api/jobs/${job.id}/sheets.pdf?defect=${uuid()}`)).status).toBe(404);
    expect((await ours.get(`/api/jobs/${job.id}/sheets.pdf?area=${area.id}`)).headers.get('content-disposition')).toContain(area.name);
    expect((await ours.get(`/api/jobs/${job.id}/sheets.pdf?area=${uuid()}`)).status).toBe(404);
    const options = await ours.get(`/api/jobs/${job.id}/options.pdf?defect=${defect.id}&ask=patch,margin&face=2400x1800`);
    expect([options.status, options.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    expect((await ours.get(`/api/jobs/${job.id}/options.pdf?defect=${uuid()}`)).status).toBe(404);
    expect((await ours.get(`/api/jobs/${job.id}/options.pdf?defect=${defect.id}&ask=all`)).body['problems']).toMatchObject([{ path: 'ask' }]);
    expect((await ours.get(`/api/jobs/${job.id}/options.pdf?defect=${defect.id}&face=wide`)).body['problems']).toMatchObject([{ path: 'face' }]);
    expect((await theirs.get(`/api/jobs/${job.id}/options.pdf?defect=${defect.id}`)).status).toBe(404);
    expect((await ours.get(`/api/jobs/${job.id}/sheets.pdf?units=cubits`)).body['problems']).toMatchObject([{ path: 'units' }]);
    expect((await theirs.get(`/api/jobs/${job.id}/sheets.pdf`)).status).toBe(404);
  });
});

describe('the job file over the wire', () => {
  it('goes out without versions and comes in as a new job with the same content', async () => {
    const { job, defect } = await madeJob(ours);
    await ours.put(`/api/defects/${defect.id}`, { ...newDefect(), id: undefined, mark: 'H-09', facts: { lengthMm: fact(900) }, version: 1 });
    const out = await ours.get(`/api/jobs/${job.id}/file`);
    expect(out.headers.get('content-disposition')).toContain('mill-lane.oddment.json');
    // the version is the format's: no record tells its own
    expect(JSON.stringify(out.body).match(/"version"/g)).toHaveLength(1);
    const back = await theirs.post('/api/job-files', out.body);
    expect(back.status).toBe(201);
    expect(back.body['id']).not.toBe(job.id);
    expect((back.body as unknown as Tree).areas[0]?.defects[0]).toMatchObject({ mark: 'H-09', facts: { lengthMm: fact(900) } });
    expect((await theirs.post('/api/job-files', out.body)).status).toBe(201);
  });

  it('with one bad defect is refused whole', async () => {
    const { job } = await madeJob(ours);
    const out = (await ours.get(`/api/jobs/${job.id}/file`)).body as { job: { areas: { defects: { facts: Record<string, unknown> }[] }[] } };
    const bad = structuredClone(out);
    const first = bad.job.areas[0]?.defects[0];
    if (first) first.facts['lengthMm'] = fact(-4);
    const before = (await theirs.get('/api/jobs')).body as unknown as unknown[];
    const answer = await theirs.post('/api/job-files', bad);
    expect(answer.body['problems']).toMatchObject([{ path: 'job/areas/0/defects/0/facts/lengthMm' }]);
    expect((await theirs.get('/api/jobs')).body).toEqual(before);
  });
});
