import type { AreaRecord, DefectRecord, JobRecord } from '@oddment/contracts';
import { defectToday, isDefectKind } from '@oddment/core';
import type { areas, defects, jobs } from './schema.ts';

type JobRow = typeof jobs.$inferSelect;
type AreaRow = typeof areas.$inferSelect;
type DefectRow = typeof defects.$inferSelect;

/** What of a defect's row its record is made of. */
export const defectShown = [
  ...(['id', 'version', 'areaId', 'kind', 'mark', 'facts', 'confirmed', 'decisions'] as const),
  ...(['choice', 'schools', 'sand', 'note', 'spot'] as const),
] as const;
export type DefectShown = Pick<DefectRow, (typeof defectShown)[number]>;
/** What of an area's row its record is made of. */
export const areaShown = ['id', 'version', 'name', 'facts', 'usual'] as const;
export type AreaShown = Pick<AreaRow, (typeof areaShown)[number]>;

export function defectRecord(row: DefectShown): DefectRecord {
  const record = defectToday({
    id: row.id,
    version: row.version,
    kind: row.kind,
    mark: row.mark,
    facts: row.facts,
    confirmed: row.confirmed,
    decisions: row.decisions,
    ...(row.choice && { choice: row.choice }),
    ...(Object.keys(row.schools).length > 0 && { schools: row.schools }),
    ...(row.sand && { sand: row.sand }),
    ...(row.note !== null && { note: row.note }),
    ...(row.spot && { spot: row.spot }),
  });
  if (!isDefectKind(record.kind)) throw new Error(`a stored defect is of no known kind: ${String(record.kind)}`);
  return record;
}

export function areaRecord(row: AreaShown, own: readonly DefectShown[]): AreaRecord {
  return { id: row.id, version: row.version, name: row.name, facts: row.facts, ...(row.usual && { usual: row.usual }), defects: own.map(defectRecord) };
}

export function jobRecord(row: JobRow, ownAreas: readonly AreaRecord[]): JobRecord {
  const { id, version, site, client, timeZone, units, startAt, crew, days, offer, archived } = row;
  const set = { ...(days && { days }), ...(offer && { offer }), ...(archived && { archived }) };
  return { id, version, site, client, timeZone, units, startAt, crew, areas: ownAreas, ...set };
}

/** A row of one of the three that a person fills in. */
export type AnyRow = JobRow | AreaRow | DefectRow;

/** A record that stands in a row of its own, without what is under it. */
export function recordOf(entity: 'job' | 'area' | 'defect', row: AnyRow): JobRecord | AreaRecord | DefectRecord {
  if (entity === 'job') return jobRecord(row as JobRow, []);
  return entity === 'area' ? areaRecord(row as AreaRow, []) : defectRecord(row as DefectRow);
}
