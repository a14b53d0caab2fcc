import type { Section } from '../geometry/section.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Saying } from '../quantity/saying.ts';
import type { Caution } from '../safety/caution.ts';
import type { MixCareId, Waste } from '../shelf/mixCare.ts';
import type { SandChoice } from '../survey/job.ts';
import type { Mark, Network, Sign, Standing } from './step.ts';

/** What goes into one go of a mix, such as one lift of one section. */
export interface MixGo {
  readonly title: Saying;
  readonly parts: readonly { readonly what: string; readonly amount: Figure }[];
}

/** One of several batches that differ, such as that of one coat: how many times it is mixed, and what goes in each time. */
export interface MixRound extends MixGo {
  readonly times: Figure;
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

/** What a part of a mix is in it. */
export type PartRole = 'resin' | 'hardener' | 'powder' | 'liquid' | 'binder' | 'sand' | 'thinner' | 'tint' | 'ready';

/** A part of a mix, in all and for one batch; what goes in once has no share of a batch. */
export interface MixPart {
  readonly what: string;
  readonly role: PartRole;
  readonly amount: Figure;
  readonly each?: Figure;
  readonly once?: boolean;
}

/** How a mix is measured, stirred and thrown away: the figures of its kind. */
export interface MixHandling {
  readonly kind: MixCareId;
  readonly by: 'weight' | 'volume';
  readonly tolerance: Figure;
  readonly stir?: Figure;
  readonly stand?: Figure;
  readonly leastPart: Figure;
  readonly waste: Waste;
}

/** Something that is mixed or made ready in batches small enough to place in their working time. */
export interface Mix {
  readonly id: string;
  readonly title: string;
  /** the system or auxiliary whose product it is */
  readonly of: string;
  /** what has the same key is the same stuff in the same proportions: it may be mixed together, also for several repairs; absent on sheets that an earlier version kept */
  readonly key?: string;
  /** what is mixed in all, losses included */
  readonly total: Figure;
  /** of the total what stays on tools, in hoses and where it is struck off; absent where nothing is reckoned for it */
  readonly lost?: Figure;
  /** what nine in ten such measurements stay below, where it is known how well the place is measured */
  readonly ninth?: Figure;
  readonly parts: readonly MixPart[];
  readonly batches: Figure;
  /** to be placed within; absent where it keeps for the day */
  readonly within?: Figure;
  /** the working time at the reference temperature, where it follows the temperature by the gel law */
  readonly gelAt23?: Figure;
  /** between which temperatures of the ground its batches can be placed in its working time as they are; absent where it does not hasten */
  readonly band?: { readonly least?: Figure; readonly most: Figure };
  readonly handling: MixHandling;
  /** the steps that it is used in */
  readonly serves: readonly string[];
  readonly says: readonly Saying[];
  /** each batch, where they differ; absent where all are alike, and on sheets that an earlier version kept */
  readonly rounds?: readonly MixRound[];
  /** one batch go by go, where the goes differ */
  readonly goes?: readonly MixGo[];
  /** what is bought, placed and thrown away, where it comes in packs that are used up as they are */
  readonly packs?: readonly Quantity[];
  /** what is watched while it runs */
  readonly running?: readonly Quantity[];
  readonly choice?: MixChoice;
}

/** A mix before its course knows what it serves and how it is handled. */
export type MixSaid = Omit<Mix, 'of' | 'key' | 'handling' | 'serves' | 'gelAt23' | 'ninth' | 'band' | 'lost'> & {
  readonly care: MixCareId;
  readonly of?: string;
  /** the shortest working time in which the largest batch can still be placed, its reserve kept */
  readonly needs?: Figure;
};

/** What a material is in the work. */
export type MaterialRole =
  'primer' | 'coating' | 'adhesive' | 'sealant' | 'backing' | 'reinforcement' | 'board' | 'wood' | 'fixing' | 'sand' | 'foam' | 'port' | 'cover' | 'wear';

/** Something that is taken along besides the mixes: bought, and placed, used up or worn out. */
export interface Material {
  readonly id: string;
  readonly what: string;
  readonly role: MaterialRole;
  /** the system or auxiliary whose product it is; absent where it is plain goods */
  readonly of?: string;
  /** in all, losses included */
  readonly amount: Figure;
}

/** When the steps of a method come, once they are placed on the clock. */
export interface StepTimes {
  /** the instant at which the first step with a sign begins; nothing where there is none */
  readonly startOf: (sign: Sign) => string | undefined;
}

/** A drawing, or one that names times of the work and is made when these are known. */
export type Drawn = Section | ((times: StepTimes) => Section);

/** The whole method of a family: steps, links, amounts, mixes and drawings. */
export interface WorkMethod extends Network {
  /** the preparation in two or three words, for titles */
  readonly named: string;
  readonly quantities: readonly Quantity[];
  readonly mixes: readonly Mix[];
  readonly materials: readonly Material[];
  readonly marks: readonly Mark[];
  readonly standing: readonly Standing[];
  readonly sections: readonly Drawn[];
  /** the usual cautions, from what its steps do */
  readonly cautions: readonly Caution[];
}
