import { crewFields } from '../views/crewFields.ts';
import type { AreaFields, AreaRecord, DefectFields, DefectRecord, JobFields, JobRecord } from '@oddment/contracts';
import { firmShelf, genericShelf, planRepair, usualHouseRules, type HouseRules, type PatchSystem, type RepairPlan } from '@oddment/core';
import { useMemo } from 'react';
import { v4 as uuid } from 'uuid';
import { api } from './api.ts';
import { edited } from './drafts.ts';
import { mergeDrafts } from './mergeDrafts.ts';
import { useSend, useStore } from './store.ts';
import { trialInput } from '../views/trial.ts';
import type { WhatIf } from './view.ts';

/** The job as the person sees it, drafts on top. */
export function useJob(jobId: string): { job: JobRecord | undefined; error: unknown } {
  const { data, error } = api.useJobQuery(jobId);
  const drafts = useStore((s) => s.drafts.drafts);
  return { job: useMemo(() => data && mergeDrafts(data, drafts), [data, drafts]), error };
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

/** The plan of a defect, computed once for the same facts. */
export function planOf(job: JobRecord, area: AreaRecord, defect: DefectRecord, { rules, shelf }: PlannedBy): RepairPlan {
  const key = JSON.stringify([job.crew, job.startAt, job.timeZone, area.facts, area.name, rules]);
  const known = plans.get(defect);
  if (known?.key === key && known.shelf === shelf) return known.plan;
  const plan = planRepair({ job, area, defect, rules, shelf });
  plans.set(defect, { key, shelf, plan });
  return plan;
}

/** The plan with what is tried out in Match or Method. */
export function trialPlan(job: JobRecord, area: AreaRecord, defect: DefectRecord, by: PlannedBy, trial: WhatIf | undefined): RepairPlan {
  if (!trial) return planOf(job, area, defect, by);
  return planRepair(trialInput(job, area, defect, by, trial));
}

function defectBody({ kind, mark, facts, confirmed, choice, schools, sand, decisions, note }: DefectRecord): DefectFields {
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
  } as DefectFields;
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
    const of = (entity: 'job' | 'area' | 'defect', id: string, version: number, body: JobFields | AreaFields | DefectFields, parentId?: string) =>
      send(edited({ entity, id, jobId, body, change: uuid(), ...(version > 0 && { version }), ...(parentId !== undefined && { parentId }) }));
    return {
      defect: (defect: DefectRecord, patch: Partial<DefectFields>) => {
        const body = { ...defectBody(defect), ...patch };
        of('defect', defect.id, defect.version, Object.fromEntries(Object.entries(body).filter(([, v]) => v !== undefined)) as unknown as DefectFields);
      },
      area: (area: AreaRecord, patch: Partial<AreaFields>) => of('area', area.id, area.version, { name: area.name, facts: area.facts, ...patch }),
      job: (job: JobRecord, patch: Partial<JobFields>) =>
        of('job', job.id, job.version, {
          site: job.site,
          client: job.client,
          timeZone: job.timeZone,
          units: job.units,
          startAt: job.startAt,
          crew: crewFields(job.crew),
          ...(job.days && { days: job.days as NonNullable<JobFields['days']> }),
          ...patch,
        }),
      newArea: (body: AreaFields) => {
        const id = uuid();
        of('area', id, 0, body, jobId);
        return id;
      },
      newDefect: (areaId: string, body: DefectFields) => {
        const id = uuid();
        of('defect', id, 0, body, areaId);
        return id;
      },
    };
  }, [send, jobId]);
}
