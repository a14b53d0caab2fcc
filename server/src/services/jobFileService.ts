import type { JobFile } from '@oddment/contracts';
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
    await createRecord(tx, scope, 'job', job, jobValues(file.job));
    for (const a of file.job.areas) {
      const area = made();
      await createRecord(tx, scope, 'area', area, areaValues(a), { entity: 'job', id: job.id });
      for (const d of a.defects) await createRecord(tx, scope, 'defect', made(), defectValues(d), { entity: 'area', id: area.id });
    }
  });
  const record = await readJob(db, scope, job.id);
  if (!record) throw new Error('the imported job cannot be read back');
  return record;
}
