import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import type { Saying } from '../quantity/saying.ts';
import type { Aspect, Grade, PatchSystem } from '../shelf/patchSystem.ts';
import type { SourceId } from '../sources/register.ts';
import type { JudgedSize, Subject } from './subject.ts';

/** Facts that would have to be others for a verdict to lift: of the defect, and of its area, by field. */
export interface ChangedFacts {
  readonly defect?: Readonly<Record<string, unknown>>;
  readonly area?: Readonly<Record<string, unknown>>;
}

/** What one rule makes of one system on one defect. The sentences are made when someone looks. */
export interface Verdict {
  readonly rule: string;
  readonly title: string;
  /** which system of a combination it is about */
  readonly of?: string;
  readonly grade: Grade;
  /** the measured value and the limits it is held against, where the rule has figures */
  readonly value?: Figure;
  readonly min?: Figure;
  readonly max?: Figure;
  readonly source: SourceId;
  /** how far outside the limit, as a share of it; 1 where there is no measure */
  readonly excess: number;
  readonly reason: () => Saying;
  readonly change?: () => Saying;
  /** the change as facts, to be tried; absent where no fact alone lifts it */
  readonly facts?: () => ChangedFacts;
}

/** What a rule looks at. */
export interface Matter {
  readonly ledger: Ledger;
  readonly system: PatchSystem;
  readonly subject: Subject;
  readonly size: JudgedSize;
  readonly people: 1 | 2;
}

/** A rule of Match: one file each. It says nothing where the system has no such limit. */
export interface Rule {
  /** the one matter that it looks at: a system that says nothing of it is not asked */
  readonly aspect?: Aspect;
  readonly id: string;
  readonly title: string;
  readonly judge: (matter: Matter) => Verdict | undefined;
}
