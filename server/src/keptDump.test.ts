import type { IssuedRecord, IssuedSummary, JobRecord } from '@oddment/contracts';
import { planRepair, readSheet, sheetAgain, unnamed } from '@oddment/core';
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { clientProgram } from '../../tools/postgres.ts';
import { stage, uuid, type Person, type Stage } from '../test/api.ts';

let world: Stage;
let person: Person;
// the demo as version 0.4.0 left it, with issued, begun and done plans, products, photos and stock
const before = (url: string) => {
  execFileSync(clientProgram('pg_restore'), [
    '--no-owner',
    '--single-transaction',
    '--exit-on-error',
    '--dbname',
    url,
    join(import.meta.dirname, '../test/kept/demo-0.4.0.dump'),
  ]);
};
beforeAll(async () => {
  world = await stage({ demo: 'restored', before });
  person = world.person();
  await person.post('/api/demo-session');
});
afterAll(async () => {
  await world.close();
});

const list = async <T>(path: string) => (await person.get(path)).body as unknown as readonly T[];

describe('a database that version 0.4.0 left', () => {
  it('gives every job, and a plan of every repair in it', async () => {
    const jobs = await list<{ id: string }>('/api/jobs');
    expect(jobs).toHaveLength(3);
    for (const { id } of jobs) {
      const job = (await person.get(`/api/jobs/${id}`)).body as unknown as JobRecord;
      for (const area of job.areas) for (const defect of area.defects) expect(planRepair({ job, area, defect }).state).not.toBe('incomplete');
    }
  });

  it('gives every issued plan as it was, and what today’s core makes of the same', async () => {
    const issued = (await Promise.all((await list<{ id: string }>('/api/jobs')).map(({ id }) => list<IssuedSummary>(`/api/jobs/${id}/plans`)))).flat();
    expect(issued.length).toBeGreaterThan(10);
    for (const { id } of issued) {
      const { plan } = (await person.get(`/api/plans/${id}`)).body as unknown as IssuedRecord;
      expect([plan.core, readSheet(plan.kept).sheet.work?.schedule.rows.length !== 0, sheetAgain(plan) !== undefined]).toEqual(['0.4.0', true, true]);
      expect((await person.get(`/api/plans/${id}/sheet.pdf`)).status).toBe(200);
    }
    const begun = await Promise.all(
      issued.filter((i) => i.state === 'issued').map(({ id, version }) => person.put(`/api/plans/${id}`, { change: uuid(), version, state: 'begun' })),
    );
    // those that a stop has overtaken wait for it, in words
    expect(new Set(begun.map(({ status }) => status))).toEqual(new Set([200, 422]));
  });

  it('has as many people as there were, and of none of them anything is said', async () => {
    const jobs = await Promise.all(
      (await list<{ id: string }>('/api/jobs')).map(async ({ id }) => (await person.get(`/api/jobs/${id}`)).body as unknown as JobRecord),
    );
    expect(jobs.map((j) => j.crew.length).sort()).toEqual([1, 2, 2]);
    for (const { crew } of jobs) expect(crew).toEqual(unnamed(crew.length));
  });
});
