import type { JobFile } from '@oddment/contracts';
import { daysRenamed } from '@oddment/core';
import { randomUUID } from 'node:crypto';
import type { Database } from '../store/database.ts';
import { readJob, type Scope } from '../store/jobStore.ts';
import { areaValues, createRecord, defectValues, jobValues } from './recordService.ts';
import type { JobRecord } from '@oddment/contracts';

/** Takes a job file in as a new job: same content, new ids, so that the same file can be taken in twice. */
export async function importJob(db: Database, scope: Scope, file: JobFile): Promise<JobRecord> {
  const made = () => ({ id: randomUUID(), change: randomUUID() });
  const job = made();
  await db.transaction(async (tx) => {
    const areas = file.job.areas.map((a) => ({ a, area: made(), own: a.defects.map((d) => ({ d, defect: made() })) }));
    const idOf = new Map(areas.flatMap(({ a, area, own }) => [[a.id, area.id] as const, ...own.map(({ d, defect }) => [d.id, defect.id] as const)]));
    const days = file.days && daysRenamed(file.days, idOf);
    await createRecord(tx, scope, 'job', job, { ...jobValues(file.job), ...(days && { days }) });
    for (const { a, area, own } of areas) {
      await createRecord(tx, scope, 'area', area, areaValues(a), { entity: 'job', id: job.id });
      for (const { d, defect } of own) await createRecord(tx, scope, 'defect', defect, defectValues(d), { entity: 'area', id: area.id });
    }
  });
  const record = await readJob(db, scope, job.id);
  if (!record) throw new Error('the imported job cannot be read back');
  return record;
}
