import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { madeJob, stage, uuid, type Person, type Stage } from '../test/api.ts';

let world: Stage;
let owner: Person;
let large: string;
const defectsInIt = 1200;

beforeAll(async () => {
  world = await stage();
  owner = await world.owner('files');
  const { job } = await madeJob(owner);
  const file = JSON.parse((await owner.get(`/api/jobs/${job.id}/file`)).text) as {
    job: { site: string; areas: { id: string; defects: { id: string; mark: string }[] }[] };
  };
  const [area] = file.job.areas;
  const [defect] = area?.defects ?? [];
  file.job.site = 'Large';
  file.job.areas = Array.from({ length: 4 }, () => ({
    ...area,
    id: uuid(),
    defects: Array.from({ length: defectsInIt / 4 }, (_, i) => ({ ...defect, id: uuid(), mark: `M-${String(i)}` })),
  }));
  large = JSON.stringify(file);
});
afterAll(async () => {
  await world.close();
});

const larges = async () => ((await owner.get('/api/jobs')).body as unknown as { site: string; defects: number }[]).filter((j) => j.site === 'Large');
const asLines = { accept: 'application/x-ndjson' };
const linesOf = (text: string) =>
  text
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as { stage?: string; done?: number; id?: string; problem?: { status: number; problems: object[] } });

describe('a large job file', () => {
  it('tells how far it is, and is there in the order in which it lay in the file', async () => {
    const lines = linesOf((await owner.ask('POST', '/api/job-files', large, asLines)).text);
    expect(lines[0]).toEqual({ stage: 'checking', done: 0 });
    const written = lines.filter((l) => l.stage === 'writing').map((l) => l.done ?? 0);
    expect(written.length).toBeGreaterThan(4);
    expect(written).toEqual([...written].sort((a, b) => a - b));
    const tree = (await owner.get(`/api/jobs/${lines.at(-1)?.id ?? ''}`)).body as unknown as { areas: { defects: { mark: string; version: number }[] }[] };
    expect(tree.areas.map((a) => a.defects.length)).toEqual([300, 300, 300, 300]);
    expect(tree.areas[0]?.defects.slice(0, 3)).toMatchObject([
      { mark: 'M-0', version: 1 },
      { mark: 'M-1', version: 1 },
      { mark: 'M-2', version: 1 },
    ]);
  });

  it('sent again after a lost answer is there once, side by side too', async () => {
    const before = (await larges()).length;
    const change = uuid();
    const both = await Promise.all([0, 1].map(() => owner.post(`/api/job-files?change=${change}`, large)));
    const third = await owner.post(`/api/job-files?change=${change}`, large);
    expect(both.some((a) => a.status === 201)).toBe(true);
    expect(third.status).toBe(201);
    expect((await larges()).length).toBe(before + 1);
    expect((await owner.post('/api/job-files?change=again', large)).body['detail']).toBe("'change' must be a UUID, the same when the file is sent again.");
  });

  it('that is stopped is not there in part', async () => {
    const before = (await larges()).length;
    const stop = new AbortController();
    const response = await fetch(`${world.base}/api/job-files`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie: owner.cookie, ...asLines },
      body: large,
      signal: stop.signal,
    });
    const reader = response.body?.getReader();
    await reader?.read();
    stop.abort();
    // what goes on behind it would be done by then
    await owner.post('/api/job-files', large.replace('"Large"', '"After"'));
    expect((await larges()).length).toBe(before);
  });

  it('that is spoiled is told in words, and nothing of it is taken', async () => {
    const spoiled = large.replaceAll('"mark":"M-7"', '"mark":""');
    const lines = linesOf((await owner.ask('POST', '/api/job-files', spoiled, asLines)).text);
    expect(lines.at(-1)?.problem).toMatchObject({ status: 422 });
    expect(lines.at(-1)?.problem?.problems).toHaveLength(4);
    expect((await owner.post('/api/job-files', '{"half')).status).toBe(400);
  });
});
