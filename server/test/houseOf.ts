import { writeJobFile, type JobRecord } from '@oddment/contracts';
import { expect } from 'vitest';
import { house } from '../../core/test/house.ts';
import { uuid, type Person } from './api.ts';

/**
 * A job of the house with so many repairs, as the server has it.
 * @param beside what stands in its file beside the job; ids of the house in it become those of the job
 */
export async function houseOf(by: Person, count: number, beside: { readonly days?: object; readonly offer?: object } = {}): Promise<JobRecord> {
  const job = house(count);
  const idOf = new Map([job.id, ...job.areas.flatMap((a) => [a.id, ...a.defects.map((d) => d.id)])].map((id) => [id, uuid()]));
  const to = (id: string) => idOf.get(id) ?? id;
  const named = { ...job, id: to(job.id), areas: job.areas.map((a) => ({ ...a, id: to(a.id), defects: a.defects.map((d) => ({ ...d, id: to(d.id) })) })) };
  const file = JSON.parse(writeJobFile(named)) as object;
  const renamed = JSON.parse(JSON.stringify(beside), (_k, v: unknown) => (typeof v === 'string' ? to(v) : v)) as object;
  const made = await by.post('/api/job-files', { ...file, ...renamed });
  expect([made.status, made.body]).toEqual([201, expect.anything()]);
  return made.body as unknown as JobRecord;
}
