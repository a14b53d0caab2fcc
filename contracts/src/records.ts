import type { FieldDiff, Area, JobCounts, DaysSetup, OfferSetup, Defect, HouseRules, Job } from '@oddment/core';
import type { Role } from './roles.ts';
import type { Problem } from './check.ts';

/** What the server answers: the core's own shapes with version. */
export type DefectRecord = Defect & { readonly version: number };
export type AreaRecord = Omit<Area, 'defects'> & { readonly version: number; readonly defects: readonly DefectRecord[] };
export type JobRecord = Omit<Job, 'areas'> & {
  readonly version: number;
  readonly areas: readonly AreaRecord[];
  readonly days?: DaysSetup;
  readonly offer?: OfferSetup;
  readonly archived?: boolean;
};

/** A job in the list of jobs, with what has been counted of it. */
export interface JobSummary extends JobCounts {
  readonly id: string;
  readonly version: number;
  readonly site: string;
  readonly client: string;
  readonly timeZone: string;
  readonly startAt: string;
  readonly areas: number;
  readonly defects: number;
  readonly chosen: number;
}

/** A repair that was found over all jobs, with where it is. */
export interface FoundDefect {
  readonly jobId: string;
  readonly site: string;
  readonly area: string;
  readonly id: string;
  readonly mark: string;
  readonly kind: string;
}

export interface FirmRecord {
  readonly name: string;
  readonly demo: boolean;
  readonly rules: HouseRules;
  readonly version: number;
}

/** Who is signed in, and what the page needs to start. */
export interface SessionRecord {
  readonly state: 'signed-in' | 'signed-out' | 'no-account';
  readonly demo: boolean;
  /** the server's time, and whether it stands still */
  readonly now: string;
  readonly frozen: boolean;
  readonly account?: { readonly id: string; readonly name: string; readonly role: Role };
  readonly firm?: FirmRecord;
}

/** An account of the firm. */
export interface PersonRecord {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly login: string;
  readonly role: Role;
  readonly disabled: boolean;
  /** whether its person has set a password yet */
  readonly begun: boolean;
}

/** A link that sets a password once. It is shown when made and kept nowhere. */
export interface OneTimeLink {
  readonly token: string;
  readonly until: string;
}

/** One of a person's own sessions. */
export interface OwnSession {
  readonly id: string;
  readonly since: string;
  readonly until: string;
  readonly agent: string;
  /** the session that asks */
  readonly here: boolean;
}

/** An error as application/problem+json (RFC 9457). */
export interface ProblemDocument {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly problems?: readonly Problem[];
  /** with 409: the record as it now stands */
  readonly current?: unknown;
  /** with 409: who changed it last, and when */
  readonly by?: ChangedBy;
}

/** Who changed a record, and when. */
export interface ChangedBy {
  readonly name: string;
  readonly at: string;
}

/** What a change was made to. */
export type ChangedEntity = 'job' | 'area' | 'defect' | 'photo' | 'plan' | 'days' | 'offer' | 'product' | 'stock';

/** One change of a job, or of something in it: who, when, what. */
export interface ChangeRecord extends ChangedBy {
  /** order in which the changes were made */
  readonly turn: number;
  readonly entity: ChangedEntity;
  /** of the record that was changed */
  readonly id: string;
  /** what it is called now: site, area, mark or caption */
  readonly mark: string;
  readonly action: 'create' | 'change' | 'delete' | 'restore';
  /** of the defect as it was then */
  readonly kind?: string;
  /** the fields that differ, where the change was one of those that a person fills in */
  readonly fields?: FieldDiff;
}

export interface ChangesPage {
  readonly changes: readonly ChangeRecord[];
  /** older ones are there: ask with `before` the last turn */
  readonly more: boolean;
}

/** Something deleted that can still be brought back. */
export interface BinEntry extends ChangedBy {
  readonly entity: ChangedEntity;
  readonly id: string;
  readonly version: number;
  readonly mark: string;
  /** what it lies in, such as the site */
  readonly within: string;
}
