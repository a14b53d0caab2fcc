import type { AreaFields, AreaRecord, DefectFields, DefectRecord, JobFields, JobRecord } from '@oddment/contracts';
import type { Draft, QueuedAction } from './drafts.ts';
import { goneBy, withPlaces } from './queuedRecords.ts';

function defectOf(draft: Draft, version: number): DefectRecord {
  return { ...(draft.body as DefectFields), id: draft.id, version };
}

/** A job as the person sees it: what the server has, with what is typed and done and not sent yet on top. */
export function mergeDrafts(job: JobRecord, drafts: Readonly<Record<string, Draft>>, actions: Readonly<Record<string, QueuedAction>> = {}): JobRecord {
  const merged = withTyped(job, drafts, actions);
  const areas = withPlaces(merged.areas, actions);
  return areas === merged.areas ? merged : { ...merged, areas };
}

function withTyped(job: JobRecord, drafts: Readonly<Record<string, Draft>>, actions: Readonly<Record<string, QueuedAction>>): JobRecord {
  const own = Object.values(drafts).filter((d) => d.jobId === job.id && d.aside !== true);
  const gone = goneBy(actions);
  const there = <T extends { readonly id: string }>(records: readonly T[]) => (gone.size === 0 ? records : records.filter((r) => !gone.has(r.id)));
  if (own.length === 0) return gone.size === 0 ? job : { ...job, areas: there(job.areas).map((a) => ({ ...a, defects: there(a.defects) })) };
  const of = (entity: Draft['entity'], id: string) => own.find((d) => d.entity === entity && d.id === id);
  const known = new Set(job.areas.flatMap((a) => [a.id, ...a.defects.map((d) => d.id)]));
  const made = (entity: Draft['entity'], parentId: string) => there(own.filter((d) => d.entity === entity && d.parentId === parentId && !known.has(d.id)));
  const withDefects = (area: Omit<AreaRecord, 'defects'>, defects: readonly DefectRecord[]): AreaRecord => ({
    ...area,
    defects: [
      ...there(defects).map((d) => {
        const draft = of('defect', d.id);
        return draft ? defectOf(draft, d.version) : d;
      }),
      ...made('defect', area.id).map((d) => defectOf(d, 0)),
    ],
  });
  const jobDraft = of('job', job.id);
  return {
    ...job,
    ...(jobDraft && (jobDraft.body as JobFields)),
    areas: [
      ...there(job.areas).map((a) => {
        const draft = of('area', a.id);
        return withDefects(draft ? { ...a, ...(draft.body as AreaFields) } : a, a.defects);
      }),
      ...made('area', job.id).map((d) => withDefects({ ...(d.body as AreaFields), id: d.id, version: 0 }, [])),
    ],
  };
}
