import { crewFields } from '../views/crewFields.ts';
import type { AreaFields, AreaRecord, DefectFields, DefectRecord, JobFields, JobRecord } from '@oddment/contracts';
import {
  firmShelf,
  genericShelf,
  planRepair,
  putBack,
  usualHouseRules,
  type FieldDiff,
  type HouseRules,
  type PatchSystem,
  type RepairPlan,
} from '@oddment/core';
import { useMemo } from 'react';
import { v4 as uuid } from 'uuid';
import { api, type Entity } from './api.ts';
import { edited } from './drafts.ts';
import { mergeDrafts } from './mergeDrafts.ts';
import { useSend, useStore } from './store.ts';
import { trialInput } from '../views/trial.ts';
import type { WhatIf } from './view.ts';

/** The job as the person sees it, drafts on top. */
export function useJob(jobId: string): { job: JobRecord | undefined; error: unknown } {
  const { data, error } = api.useJobQuery(jobId);
  const drafts = useStore((s) => s.drafts.drafts);
  const actions = useStore((s) => s.drafts.actions);
  return { job: useMemo(() => data && mergeDrafts(data, drafts, actions), [data, drafts, actions]), error };
}

export function useHouseRules(): HouseRules {
  const { data } = api.useSessionQuery(undefined);
  return data?.firm?.rules ?? usualHouseRules;
}

/** What a firm plans by: its house rules, and its shelf with its own products. */
export interface PlannedBy {
  readonly rules: HouseRules;
  readonly shelf: readonly PatchSystem[];
}

/** The firm's rules and shelf; nothing until the shelf is there, so that nothing is planned on half of it. */
export function usePlannedBy(): PlannedBy | undefined {
  const rules = useHouseRules();
  const { data, isError } = api.useShelfQuery(undefined);
  const products = data?.products;
  return useMemo(() => (products ? { rules, shelf: firmShelf(products) } : isError ? { rules, shelf: genericShelf } : undefined), [rules, products, isError]);
}

const plans = new WeakMap<object, { key: string; shelf: readonly PatchSystem[]; plan: RepairPlan }>();

/** The plans of the defects of an area, each computed once for the same facts. */
export function plannerOf(job: JobRecord, area: AreaRecord, { rules, shelf }: PlannedBy): (defect: DefectRecord) => RepairPlan {
  // what they share is written out once, not for each of a thousand
  const key = JSON.stringify([job.crew, job.startAt, job.timeZone, area.facts, area.usual, area.name, rules]);
  return (defect) => {
    const known = plans.get(defect);
    if (known?.key === key && known.shelf === shelf) return known.plan;
    const plan = planRepair({ job, area, defect, rules, shelf });
    plans.set(defect, { key, shelf, plan });
    return plan;
  };
}

/** The plan of each defect of a job. */
export function plansOfJob(job: JobRecord | undefined, by: PlannedBy | undefined): ReadonlyMap<string, RepairPlan> {
  if (!job || !by) return new Map();
  return new Map(
    job.areas.flatMap((area) => {
      const planned = plannerOf(job, area, by);
      return area.defects.map((d) => [d.id, planned(d)] as const);
    }),
  );
}

/** The plan of a defect, computed once for the same facts. */
export const planOf = (job: JobRecord, area: AreaRecord, defect: DefectRecord, by: PlannedBy): RepairPlan => plannerOf(job, area, by)(defect);

/** The plan with what is tried out in Match or Method. */
export function trialPlan(job: JobRecord, area: AreaRecord, defect: DefectRecord, by: PlannedBy, trial: WhatIf | undefined): RepairPlan {
  if (!trial) return planOf(job, area, defect, by);
  return planRepair(trialInput(job, area, defect, by, trial));
}

/** What a person fills in of a defect. */
export function defectBody({ kind, mark, facts, confirmed, choice, schools, sand, decisions, note, spot }: DefectRecord): DefectFields {
  return {
    kind,
    mark,
    facts,
    confirmed,
    decisions,
    ...(choice && { choice }),
    ...(schools && { schools }),
    ...(sand && { sand }),
    ...(note !== undefined && { note }),
    ...(spot && { spot }),
  } as DefectFields;
}

const areaBody = ({ name, facts, usual }: AreaRecord): AreaFields => ({ name, facts, usual: usual ?? {} });

function jobBody({ site, client, timeZone, units, startAt, crew, days, offer, archived }: JobRecord): JobFields {
  return {
    site,
    client,
    timeZone,
    units,
    startAt,
    crew: crewFields(crew),
    ...(days && { days: days as NonNullable<JobFields['days']> }),
    ...(offer && { offer: offer as NonNullable<JobFields['offer']> }),
    archived: archived ?? false,
  };
}

/** A record of the walk, with which it is. */
export type OneRecord =
  | { readonly entity: 'job'; readonly of: JobRecord }
  | { readonly entity: 'area'; readonly of: AreaRecord }
  | { readonly entity: 'defect'; readonly of: DefectRecord };

/** A record of a job by its id; nothing where it is not there any more. */
export function recordOf(job: JobRecord, id: string): OneRecord | undefined {
  if (job.id === id) return { entity: 'job', of: job };
  const area = job.areas.find((a) => a.id === id);
  if (area) return { entity: 'area', of: area };
  const defect = job.areas.flatMap((a) => a.defects).find((d) => d.id === id);
  return defect && { entity: 'defect', of: defect };
}

/** Whether the person may plan: change jobs, areas and defects. */
export function useMayPlan(): boolean {
  const { data } = api.useSessionQuery(undefined);
  const role = data?.account?.role;
  return role === 'owner' || role === 'estimator';
}

/** Whether the person works on the site: adds photos, begins what is planned. */
export function useMayRecord(): boolean {
  const { data } = api.useSessionQuery(undefined);
  const role = data?.account?.role;
  return role !== undefined && role !== 'viewer';
}

/** Changes what a person sets: kept as a draft at once, saved as soon as it can be. */
export function useEdit(jobId: string) {
  const send = useSend();
  return useMemo(() => {
    type Body = JobFields | AreaFields | DefectFields;
    /** @param from what the record says before this change */
    const of = (entity: Entity, { id, version }: { id: string; version: number }, body: Body, from: Body) =>
      send(edited({ entity, id, jobId, body, change: uuid(), ...(version > 0 && { version, from }) }));
    const made = (entity: Entity, body: Body, parentId: string) => {
      const id = uuid();
      send(edited({ entity, id, jobId, body, change: uuid(), parentId }));
      return id;
    };
    return {
      defect: (defect: DefectRecord, patch: Partial<DefectFields>) => {
        const from = defectBody(defect);
        const body = Object.fromEntries(Object.entries({ ...from, ...patch }).filter(([, v]) => v !== undefined));
        of('defect', defect, body as unknown as DefectFields, from);
      },
      area: (area: AreaRecord, patch: Partial<AreaFields>) => {
        const from = areaBody(area);
        of('area', area, { ...from, ...patch }, from);
      },
      job: (job: JobRecord, patch: Partial<JobFields>) => {
        const from = jobBody(job);
        of('job', job, { ...from, ...patch }, from);
      },
      /** Sets the fields of a change to what they were before it; where it stands is moved in the table. */
      putBack: (record: OneRecord, { area: _moved, ...fields }: FieldDiff) => {
        const from = record.entity === 'defect' ? defectBody(record.of) : record.entity === 'area' ? areaBody(record.of) : jobBody(record.of);
        of(record.entity, record.of, putBack(from, fields), from);
      },
      newArea: (body: AreaFields) => made('area', body, jobId),
      newDefect: (areaId: string, body: DefectFields) => made('defect', body, areaId),
    };
  }, [send, jobId]);
}
