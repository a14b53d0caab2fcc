import type { Section } from '../geometry/section.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Saying } from '../quantity/saying.ts';
import type { Caution } from '../safety/silica.ts';
import type { SandChoice } from '../survey/job.ts';
import type { Network } from './step.ts';

/** What goes into one go of a mix, such as one lift of one section. */
export interface MixGo {
  readonly title: Saying;
  readonly parts: readonly { readonly what: string; readonly amount: Figure }[];
}

/** Something about a mix that the person decides, kept with the defect under a field of it. */
export interface MixChoice {
  readonly field: 'sand';
  readonly title: string;
  readonly value: SandChoice;
  readonly options: readonly { readonly value: SandChoice; readonly label: string }[];
  /** what the choice comes to */
  readonly says: Saying;
}

/** Something that is mixed or made ready in batches small enough to place in their working time. */
export interface Mix {
  readonly id: string;
  readonly title: string;
  /** what is mixed in all, losses included */
  readonly total: Figure;
  /** its parts, each in all and for one batch; what goes in once has no share of a batch */
  readonly parts: readonly { readonly what: string; readonly amount: Figure; readonly each?: Figure; readonly once?: boolean }[];
  readonly batches: Figure;
  /** to be placed within; absent where it keeps for the day */
  readonly within?: Figure;
  readonly says: readonly Saying[];
  /** one batch go by go, where the goes differ */
  readonly goes?: readonly MixGo[];
  /** what is bought, placed and thrown away, where it comes in packs that are used up as they are */
  readonly packs?: readonly Quantity[];
  /** what is watched while it runs */
  readonly running?: readonly Quantity[];
  readonly choice?: MixChoice;
}

/** When the steps of a method come, once they are placed on the clock. */
export interface StepTimes {
  /** the instant at which the first step of a builder begins; nothing where there is none */
  readonly startOf: (builder: string) => string | undefined;
}

/** A drawing, or one that names times of the work and is made when these are known. */
export type Drawn = Section | ((times: StepTimes) => Section);

/** The whole method of a family: steps, links, amounts, mixes and drawings. */
export interface WorkMethod extends Network {
  /** the preparation in two or three words, for titles */
  readonly named: string;
  readonly quantities: readonly Quantity[];
  readonly mixes: readonly Mix[];
  readonly sections: readonly Drawn[];
  /** cautions with figures of this very work, in place of the usual ones of the same hazard */
  readonly cautions: readonly Caution[];
}
