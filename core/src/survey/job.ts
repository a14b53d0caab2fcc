import type { Person } from './crew.ts';
import type { UnitSystem } from '../quantity/kind.ts';
import type { Preferences } from '../schools/school.ts';
import type { AreaFacts } from './area.ts';
import type { LooseFacts } from './ask.ts';
import type { WorkingHours } from './hours.ts';
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

export type SandChoice = 'one' | 'two';

/** Where a repair lies on a plan or photo of its area: shares of the picture's width and height from its upper left corner. */
export interface Spot {
  /** id of the picture */
  readonly photo: string;
  readonly across: number;
  readonly down: number;
}

export interface Defect {
  readonly id: string;
  readonly kind: DefectKind;
  /** the mark on the drawing, such as PS-04 */
  readonly mark: string;
  readonly facts: LooseFacts;
  /** doubts that the person looked at and confirmed, by their id */
  readonly confirmed: readonly string[];
  readonly choice?: Choice;
  /** sides taken of questions on which the trade differs, for this repair alone */
  readonly schools?: Preferences;
  readonly sand?: SandChoice;
  readonly decisions: readonly Decision[];
  readonly note?: string;
  readonly spot?: Spot | null;
}

export interface Area {
  readonly id: string;
  readonly name: string;
  readonly facts: AreaFacts;
  /** what is answered the same for most defects of a kind here, by the kind: it holds until one says otherwise */
  readonly usual?: Readonly<Record<string, LooseFacts>>;
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
  /** who works on it; at least one */
  readonly crew: readonly Person[];
  readonly areas: readonly Area[];
}

/** What an hour of somebody's work costs the client. */
export interface LaborRate {
  readonly perHour: number;
  /** ISO 4217 code */
  readonly currency: string;
  /** ISO date from which it holds */
  readonly since: string;
}

/** What a firm prefers where both schools are right, how long its people take, and what an hour of them costs. */
export interface HouseRules {
  /** by the question's id; a question that is not there goes by the situation */
  readonly schools: Preferences;
  /** the firm's own working rates, by the rate's id, in its base unit; the others stay assumed */
  readonly rates?: Readonly<Record<string, number>>;
  readonly labor?: LaborRate;
  /** when it works; the usual hours where it has not said */
  readonly hours?: WorkingHours;
}

export const usualHouseRules: HouseRules = { schools: {} };
