import type { AreaRecord, DefectFields, JobRecord } from '@oddment/contracts';
import type { Entry, Fate } from '@oddment/core';
import { nextMark } from './nextMark.ts';

/** A defect to be made, in an area that there is or one of this name. */
export interface Taking {
  readonly area: string;
  readonly areaId?: string;
  readonly body: DefectFields;
}

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** The defects that entries make in a job, each with a mark: its own, or the next one of its area. */
export function takings(job: Pick<JobRecord, 'areas'>, here: AreaRecord, entries: readonly Entry[], fates: readonly Fate[]): readonly Taking[] {
  const marked = new Map<string, AreaRecord>();
  return entries.flatMap((entry, i): Taking[] => {
    if (fates[i]?.is !== 'new' || entry.kind === undefined) return [];
    const name = entry.area ?? here.name;
    const known = job.areas.find((a) => same(a.name, name));
    const key = name.trim().toLowerCase();
    const area = marked.get(key) ?? known ?? { id: '', version: 0, name, facts: {}, defects: [] };
    const mark = entry.mark ?? nextMark(area);
    const { kind, facts, note } = entry;
    const body = { kind, mark, facts, confirmed: [], decisions: [], ...(note !== undefined && { note: note.slice(0, 2000) }) } as DefectFields;
    marked.set(key, { ...area, defects: [...area.defects, { ...body, id: mark, version: 0 }] });
    return [{ area: name.trim().slice(0, 80), ...(known && { areaId: known.id }), body }];
  });
}
