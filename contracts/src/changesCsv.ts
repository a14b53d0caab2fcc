import { diffSaid, tell, writeCsv, type Job, type RecordBody } from '@oddment/core';
import type { ChangeRecord } from './records.ts';

const filledIn: ReadonlySet<string> = new Set<RecordBody['entity']>(['job', 'area', 'defect']);

/** The changes of a job as CSV: a line for each field that was changed, or one for a change that has none. */
export function changesCsv(changes: readonly ChangeRecord[], { units, timeZone }: Pick<Job, 'units' | 'timeZone'>): string {
  const how = { units, timeZone };
  const rows = changes.flatMap(({ at, name, entity, mark, action, kind, fields }) => {
    const head = [at, name, entity, mark, action];
    const said = fields && filledIn.has(entity) ? diffSaid(entity as RecordBody['entity'], fields, kind) : [];
    if (said.length === 0) return [[...head, '', '', '']];
    return said.map(({ about, was, now }) => [...head, about, was ? tell(was, how) : '', now ? tell(now, how) : '']);
  });
  return writeCsv([['at', 'who', 'of', 'called', 'action', 'what', 'was', 'now'], ...rows]);
}
