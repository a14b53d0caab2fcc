import type { DefectRecord, JobRecord } from '@oddment/contracts';

/** The repair whose answers may be offered to one that has none yet: the last of its kind that has some, in its own area first. */
export function modelFor(job: JobRecord, defect: DefectRecord): DefectRecord | undefined {
  if (Object.keys(defect.facts).length > 0) return undefined;
  const own = job.areas.find((a) => a.defects.some((d) => d.id === defect.id));
  const rest = job.areas.filter((a) => a !== own);
  const told = [...rest, ...(own ? [own] : [])].flatMap((a) => a.defects).filter((d) => d.kind === defect.kind && Object.keys(d.facts).length > 1);
  return told[told.length - 1];
}
