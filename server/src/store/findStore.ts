import type { FoundDefect } from '@oddment/contracts';
import { defectKinds } from '@oddment/core';
import { and, asc, desc, eq, inArray, isNull, or, sql } from 'drizzle-orm';
import type { Database } from './database.ts';
import type { Scope } from './jobStore.ts';
import { areas, defects, jobs } from './schema.ts';

/** as many as one looks through */
const most = 50;
/** words that are looked for; more say no more */
const mostWords = 8;

/** Repairs of a firm that hold every word: in their mark, area, note, site or client, or in what their kind is called. */
export function findDefects(db: Database, { firmId }: Scope, text: string): Promise<FoundDefect[]> {
  const words = text
    .toLowerCase()
    .split(/\s+/)
    .filter((w) => w !== '')
    .slice(0, mostWords);
  if (words.length === 0) return Promise.resolve([]);
  const told = sql`lower(${defects.mark} || ' ' || ${areas.name} || ' ' || coalesce(${defects.note}, '') || ' ' || ${jobs.site} || ' ' || ${jobs.client})`;
  const holds = words.map((word) => {
    const kinds = defectKinds()
      .filter((k) => k.title.toLowerCase().includes(word))
      .map((k) => k.id);
    const written = sql`position(${word} in ${told}) > 0`;
    return kinds.length === 0 ? written : or(written, inArray(defects.kind, kinds));
  });
  return db
    .select({ jobId: jobs.id, site: jobs.site, area: areas.name, id: defects.id, mark: defects.mark, kind: defects.kind })
    .from(defects)
    .innerJoin(areas, and(eq(areas.firmId, firmId), eq(areas.id, defects.areaId), isNull(areas.deletedAt)))
    .innerJoin(jobs, and(eq(jobs.firmId, firmId), eq(jobs.id, areas.jobId), isNull(jobs.deletedAt)))
    .where(and(eq(defects.firmId, firmId), isNull(defects.deletedAt), ...holds))
    .orderBy(desc(jobs.startAt), asc(jobs.site), asc(areas.position), asc(defects.position), asc(defects.id))
    .limit(most);
}
