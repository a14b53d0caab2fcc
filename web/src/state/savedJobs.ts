import type { AreaRecord, DefectRecord, JobRecord } from '@oddment/contracts';
import type { Draft } from './drafts.ts';

/** A record as the server answers with it: an area comes without its defects. */
export type SavedRecord = { readonly id: string; readonly version: number } & Readonly<Record<string, unknown>>;

const withLast = <T extends { readonly id: string }>(all: readonly T[], one: T): readonly T[] =>
  all.some((a) => a.id === one.id) ? all.map((a) => (a.id === one.id ? one : a)) : [...all, one];

/**
 * A job with what was saved of it, as the server answered: everything else is the same object as before, so that
 * nothing else is drawn again. A record that is new stands last, as at the server.
 */
export function withSaved(job: JobRecord, { entity, parentId }: Pick<Draft, 'entity' | 'parentId'>, record: SavedRecord): JobRecord {
  // whole: what is not set any more is not said
  if (entity === 'job') return { ...(record as unknown as JobRecord), areas: job.areas };
  if (entity === 'area') {
    const own = job.areas.find((a) => a.id === record.id)?.defects ?? [];
    return { ...job, areas: withLast(job.areas, { ...(record as unknown as AreaRecord), defects: own }) };
  }
  const host = job.areas.find((a) => a.defects.some((d) => d.id === record.id))?.id ?? parentId;
  return {
    ...job,
    areas: job.areas.map((a) => (a.id === host ? { ...a, defects: withLast(a.defects, record as unknown as DefectRecord) } : a)),
  };
}

interface Saved {
  readonly jobId: string;
  readonly draft: Pick<Draft, 'entity' | 'parentId'>;
  readonly record: SavedRecord;
  readonly atMs: number;
}

const saved = new Map<string, Saved>();
/** no reading takes as long */
const forgottenAfterMs = 300_000;

/** Notes what was saved, for readings of its job that began before it and end after it. */
export function noteSaved(one: Saved): void {
  for (const [id, { atMs }] of saved) if (one.atMs - atMs > forgottenAfterMs) saved.delete(id);
  saved.set(one.record.id, one);
}

const versionIn = (job: JobRecord, id: string): number =>
  [job, ...job.areas, ...job.areas.flatMap((a) => a.defects)].find((one: { readonly id: string }) => one.id === id)?.version ?? 0;

/** A job as it was read, with what was saved of it since the reading began: the page never falls behind itself. */
export function withSavedSince(job: JobRecord, beganMs: number): JobRecord {
  const since = [...saved.values()].filter((s) => s.jobId === job.id && s.atMs >= beganMs && s.record.version > versionIn(job, s.record.id));
  return since.reduce((now, { draft, record }) => withSaved(now, draft, record), job);
}

/** a job is read whole once the hand has rested for this long after what it saved: others may have changed it too */
export const wholeAfterMs = 3000;
/** and at the latest so long after the first of what was saved */
export const wholeWithinMs = 20_000;

/** How long until a job is read whole after something of it was saved, in ms. */
export const wholeDelayMs = (sinceMs: number, nowMs: number): number => Math.max(0, Math.min(wholeAfterMs, sinceMs + wholeWithinMs - nowMs));
