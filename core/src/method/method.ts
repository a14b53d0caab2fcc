import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import type { PreparedSize } from '../match/preparedSize.ts';
import type { SchoolSide } from '../schools/school.ts';
import type { Rates } from '../shelf/rates.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import type { CrackSubject } from '../survey/crackSubject.ts';
import type { SandChoice } from '../survey/job.ts';
import type { Lifts } from './lifts.ts';
import type { Network } from './step.ts';

/** What a recipe works from. */
export interface MethodInput {
  readonly ledger: Ledger;
  readonly subject: CrackSubject;
  readonly system: PatchSystem;
  /** the side taken of a question on which the trade differs */
  readonly schools: (question: string) => SchoolSide | undefined;
  readonly rates: Rates;
  readonly size: PreparedSize;
  readonly sand: SandChoice;
  readonly people: 1 | 2;
}

/** The whole method of a sand-filled groove: sizes, lifts, sections, steps and links. */
export interface Method extends Network {
  readonly system: PatchSystem;
  readonly size: PreparedSize;
  readonly lifts: Lifts;
  readonly packing: Figure;
  readonly fineShare?: Figure;
  readonly premixed: boolean;
  readonly sections: { readonly count: Figure; readonly length: Figure; readonly longest: Figure };
  /** gel time to work within, on the short side, and to wait for, on the long side */
  readonly gel: Figure;
  readonly gelWait: Figure;
  readonly choke?: { readonly depth: Figure; readonly sand: Figure };
  readonly below: Figure;
  /** minutes of placing resin, all sections and lifts */
  readonly placing: Figure;
  readonly chaseMinutes: Figure;
  /** absent where nothing stands proud */
  readonly grindMinutes?: Figure;
}

export type Recipe = (input: MethodInput) => Method;
