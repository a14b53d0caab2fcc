import 'reflect-metadata';
import type { IssuedPlan } from '@oddment/core';
import { Id, OneOf, Version } from './fields.ts';

/** Issues the plan of a defect as its records stand; where one has moved on since, it is refused. */
export class IssueBody {
  @Id() id!: string;
  @Id() change!: string;
  @Version() jobVersion!: number;
  @Version() areaVersion!: number;
  @Version() defectVersion!: number;
}

export const planStates = ['issued', 'begun', 'done'] as const;
export type PlanState = (typeof planStates)[number];

/** Begins an issued plan, or notes that it is done. What it says is never changed. */
export class PlanStateBody {
  @Id() change!: string;
  @Version() version!: number;
  @OneOf('The state', ['begun', 'done']) state!: 'begun' | 'done';
}

/** An issued plan in a list. */
export interface IssuedSummary {
  readonly id: string;
  readonly version: number;
  readonly jobId: string;
  readonly defectId: string;
  readonly mark: string;
  readonly system: string;
  /** from start to finish, in min */
  readonly totalMin: number;
  readonly startAt: string;
  readonly core: string;
  readonly state: PlanState;
  readonly issuedAt: string;
  readonly issuedBy: string;
  readonly begunAt?: string;
  readonly begunBy?: string;
}

export type IssuedRecord = IssuedSummary & { readonly plan: IssuedPlan };
