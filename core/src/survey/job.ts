import type { UnitSystem } from '../quantity/kind.ts';
import type { AreaFacts } from './area.ts';
import type { LooseFacts } from './ask.ts';
import type { DefectKind } from './kinds.ts';

/** A recorded decision that lifts a stop: who decided, in what capacity, what, when, and by which document. */
export interface Decision {
  readonly stop: string;
  readonly who: string;
  readonly capacity: string;
  readonly what: string;
  /** ISO date */
  readonly on: string;
  readonly document?: string;
}

/** The system chosen for a repair, and the reason where it goes against the verdict. */
export interface Choice {
  readonly system: string;
  readonly reason?: string;
}

export type ChaseChoice = 'shallow' | 'deep';
export type SandChoice = 'one' | 'two';

export interface Defect {
  readonly id: string;
  readonly kind: DefectKind;
  /** the mark on the drawing, such as PS-04 */
  readonly mark: string;
  readonly facts: LooseFacts;
  /** doubts that the person looked at and confirmed, by their id */
  readonly confirmed: readonly string[];
  readonly choice?: Choice;
  readonly chase?: ChaseChoice;
  readonly sand?: SandChoice;
  readonly decisions: readonly Decision[];
  readonly note?: string;
}

export interface Area {
  readonly id: string;
  readonly name: string;
  readonly facts: AreaFacts;
  readonly defects: readonly Defect[];
}

export interface Job {
  readonly id: string;
  readonly site: string;
  readonly client: string;
  /** IANA name of the site's time zone */
  readonly timeZone: string;
  readonly units: UnitSystem;
  /** ISO instant at which work starts */
  readonly startAt: string;
  readonly people: 1 | 2;
  readonly areas: readonly Area[];
}

/** What a firm prefers where both schools are right. */
export interface HouseRules {
  readonly chase: 'by-traffic' | ChaseChoice;
}

export const usualHouseRules: HouseRules = { chase: 'by-traffic' };
