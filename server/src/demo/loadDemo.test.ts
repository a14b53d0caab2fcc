import type { IssuedRecord, IssuedSummary, JobRecord, JobSummary } from '@oddment/contracts';
import { firmShelf, inputChanges, inputsOf, overtaken, planRepair, readSheet, running, sheetAgain, planChanges } from '@oddment/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { now, stage, uuid, type Person, type Stage } from '../../test/api.ts';

let world: Stage;
let ines: Person;
let jobs: JobRecord[];
let plans: IssuedSummary[];

const read = async <T>(path: string) => (await ines.get(path)).body as unknown as T;

beforeAll(async () => {
  world = await stage({ demo: true });
  ines = world.person();
  await ines.post('/api/demo-session');
  jobs = await Promise.all((await read<JobSummary[]>('/api/jobs')).map((j) => read<JobRecord>(`/api/jobs/${j.id}`)));
  plans = (await Promise.all(jobs.map((j) => read<IssuedSummary[]>(`/api/jobs/${j.id}/plans`)))).flat();
}, 60_000);
afterAll(async () => {
  await world.close();
});

const defects = () => jobs.flatMap((job) => job.areas.flatMap((area) => area.defects.map((defect) => ({ job, area, defect }))));
const shelf = firmShelf([]);

describe('the demo, once it is loaded', () => {
  it('has four jobs, and of every defect an issued plan', () => {
    expect(jobs).toHaveLength(4);
    expect(
      defects()
        .map(({ defect }) => defect.mark)
        .filter((mark) => !plans.some((p) => p.mark === mark)),
    ).toEqual([]);
    expect(plans).toHaveLength(defects().length);
  });

  it('has plans that were issued before now, by somebody, and say what this version makes of their inputs', async () => {
    for (const summary of plans) {
      expect([summary.mark, summary.issuedBy, summary.issuedAt <= now]).toEqual([summary.mark, 'Ines Varga', true]);
      const { plan } = await read<IssuedRecord>(`/api/plans/${summary.id}`);
      const again = sheetAgain(plan);
      expect([summary.mark, again && planChanges(readSheet(plan.kept).sheet, again)]).toEqual([summary.mark, []]);
    }
  });

  it('was looked at a second time: what differs by then is dated after the plan, and seven plans are overtaken', async () => {
    const over: string[] = [];
    for (const { job, area, defect } of defects()) {
      const summary = plans.find((p) => p.defectId === defect.id);
      if (!summary) throw new Error(defect.mark);
      const { plan } = await read<IssuedRecord>(`/api/plans/${summary.id}`);
      const input = { job, area, defect, rules: plan.inputs.rules, shelf };
      const changes = inputChanges(plan.inputs, inputsOf(input));
      if (overtaken(planRepair(input), job)) over.push(defect.mark);
      // a version of its own for the second look, of the defect or of its room
      if (changes.length > 0) expect([defect.mark, Math.max(defect.version, area.version)]).toEqual([defect.mark, 2]);
      const newer = [...Object.values(defect.facts), ...Object.values(area.facts)].filter((f) => (f?.at ?? '') > summary.issuedAt);
      expect([defect.mark, newer.length > 0 || changes.length === 0]).toEqual([defect.mark, true]);
    }
    expect(over.sort()).toEqual(['BR-01', 'CY-01', 'PS-03', 'PS-04', 'TO-01', 'TO-02', 'TO-03']);
  });

  it('does not begin one of these where a stop holds it, and begins another', async () => {
    const begin = (mark: string) => ines.put(`/api/plans/${plans.find((p) => p.mark === mark)?.id ?? ''}`, { change: uuid(), version: 1, state: 'begun' });
    const held = await begin('CY-01');
    expect([held.status, held.body['detail']]).toEqual([422, expect.stringMatching(/^Do not go on from this plan: a stop holds the repair now\./)]);
    // nothing fits it now, but no stop is open: that is left to the person
    expect((await begin('TO-03')).status).toBe(200);
    expect((await begin('SB-01')).status).toBe(200);
  });

  it('has plans being worked, with something next by hand or a window that closes', async () => {
    const begun = plans.filter((p) => p.state === 'begun');
    expect(begun.length).toBeGreaterThan(2);
    let closing = 0;
    for (const summary of begun) {
      const { sheet } = readSheet((await read<IssuedRecord>(`/api/plans/${summary.id}`)).plan.kept);
      const run = sheet.work && running(sheet.work.schedule, summary.begunAt ?? '', now);
      expect([summary.mark, run?.next !== undefined]).toEqual([summary.mark, true]);
      closing += run?.closing.length ?? 0;
    }
    expect(closing).toBeGreaterThan(0);
  });
});
