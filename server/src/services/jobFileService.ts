import type { JobRecord } from '@oddment/contracts';
import { randomUUID } from 'node:crypto';
import { filesRead } from '../threads.ts';
import { HttpProblem } from '../problem.ts';
import type { Database } from '../store/database.ts';
import { changedRecord, insertRows, noteChange, readJob, type Scope } from '../store/jobStore.ts';

/** How far a file is: it is being checked, or so much of it is written. */
export interface FileProgress {
  readonly stage: 'checking' | 'writing';
  /** share of the stage */
  readonly done: number;
}

export interface Taking {
  /** id of this change: a file that is sent again after a lost answer is there once */
  readonly change?: string;
  readonly signal?: AbortSignal;
  readonly onProgress?: (progress: FileProgress) => void;
}

/**
 * Takes a job file in as a new job: same content, new ids, so that the same file can be taken in twice on purpose.
 * It is checked in a thread and written a portion at a time; stopped anywhere, nothing of it is there.
 * @throws HttpProblem 400 or 422 with what is wrong, AbortError when it was stopped
 */
export async function importJob(db: Database, scope: Scope, text: string, { change = randomUUID(), signal, onProgress }: Taking = {}): Promise<string> {
  const known = await changedRecord(db, scope, change, 'job');
  if (known !== undefined) return known;
  onProgress?.({ stage: 'checking', done: 0 });
  const read = await filesRead({ text, firmId: scope.firmId, at: scope.at }, signal);
  if (!read.ok) throw new HttpProblem(read.status, read.detail, { problems: read.problems });
  await db.transaction(async (tx) => {
    if ((await noteChange(tx, scope, change, 'job', read.jobId, 'create')) !== 'new')
      throw new HttpProblem(409, 'The id of this change was used for another one. Make a new one.');
    for (const [i, { entity, rows }] of read.portions.entries()) {
      signal?.throwIfAborted();
      await insertRows(tx, scope, entity, rows);
      onProgress?.({ stage: 'writing', done: (i + 1) / read.portions.length });
    }
  });
  return read.jobId;
}

/** A job that was just taken in, whole. */
export async function importedJob(db: Database, scope: Scope, id: string): Promise<JobRecord> {
  const record = await readJob(db, scope, id);
  if (!record) throw new HttpProblem(409, 'This file was taken in before, and its job was deleted since. Send it as a new change.');
  return record;
}
