import type { Figure } from '../quantity/figure.ts';
import type { Sourced } from '../quantity/ledger.ts';
import type { Saying } from '../quantity/saying.ts';
import type { CureModel, Range } from '../shelf/patchSystem.ts';
import type { Skill } from '../survey/crew.ts';
import type { Outcome } from '../shelf/outcomes.ts';
import type { RateId } from '../shelf/rates.ts';
import type { ThingId } from './things.ts';

/** What a step uses up of a mix or a material of its method, by id, with what is lost on the way. */
export interface Use {
  readonly of: string;
  readonly amount: Figure;
}

/**
 * A part of the hands-on minutes of a step. Paced: each person sets up for himself, and the work is a pace over an amount
 * for one person, gone through faster where it is shared. Fixed: so many minutes, however many there are.
 */
export type Effort =
  | {
      readonly by: 'pace';
      /** what is set up: the same thing set up for the step before need not be set up again */
      readonly key: RateId;
      readonly setUp: Figure;
      readonly pace: Figure;
      readonly per: 'm' | 'm²' | 'L' | 'piece';
      readonly amount: Figure;
      readonly passes?: Figure;
      /** times as fast as one person, as planned */
      readonly hands: Figure;
      /** whether a second person makes it faster */
      readonly shared: boolean;
    }
  | { readonly by: 'fixed'; readonly minutes: Figure };

/** What work brings over its surroundings while it lasts. */
export type Nuisance = 'dust' | 'noise' | 'wet' | 'fumes';

/** What the ground and the air have to be while something is placed. */
export interface Asks {
  readonly slabC: Range;
  readonly dewMargin?: Sourced;
  /** no rain on it */
  readonly dry: boolean;
}

/** What a step of hands-on work is to days and site: who, with what, how long apart from the clock, what it brings. */
export interface HandsOn {
  readonly efforts: readonly Effort[];
  readonly people: { readonly least: 1 | 2; readonly most: 1 | 2 };
  readonly uses: readonly Use[];
  /** what it wears out, as materials of the method */
  readonly wears: readonly string[];
  /** of what there are few */
  readonly things: readonly ThingId[];
  /** what one of those at it, or each of them, has to be able to do */
  readonly skills: readonly { readonly skill: Skill; readonly of: 'one' | 'each' }[];
  /** the least and the most of its minutes that is reckoned with, times as planned */
  readonly spread: { readonly least: Figure; readonly most: Figure };
  /** whether it may be left and gone on with later */
  readonly interrupt: boolean;
  readonly makes: readonly Nuisance[];
  /** done for each repair, or once for an area and day whatever is repaired there */
  readonly once: 'repair' | 'area-day';
  readonly asks?: Asks;
}

/** What a step is, where a later stage asks for it. */
export type Sign =
  /** from here on it is used */
  | 'opens'
  /** the clock of the resin runs from here */
  | 'clock'
  /** a coat over a repair */
  | 'coat'
  /** ground flush */
  | 'flush';

/** A number that the check of a step asks for. */
export interface CheckLimit {
  readonly what: string;
  readonly is: 'most' | 'least';
  readonly figure: Figure;
}

/** The check by which a step is accepted. */
export interface Check {
  readonly done: string;
  readonly limits: readonly CheckLimit[];
  /** the moment of its step at which it is due */
  readonly due: 'start' | 'end';
}

/** A step as its words tell it. */
export interface Told {
  /** the builder that made it */
  readonly builder: string;
  readonly title: Saying;
  readonly detail: Saying;
  /** what to look for: the acceptance check */
  readonly look: Saying;
  /** what is so when the check is passed, in the few words of a button */
  readonly done: string;
  /** the numbers that the check asks for */
  readonly limits?: readonly CheckLimit[];
  /** things that stay where they are put, and are not free, until a later step frees them */
  readonly stands?: readonly ThingId[];
  readonly frees?: readonly ThingId[];
  /** what of what was asked is there once it is done */
  readonly gives?: readonly Outcome[];
  /** tools are cleaned at its start, before what is on them sets */
  readonly cleans?: true;
  /** what it readies does not keep over night, mixed, wetted or opened: the next step is done the same day */
  readonly straightOn?: true;
  /** done as soon as what lies before it lets it, not hours later: floating what has firmed up, covering what was floated; at once: while a fresh face still takes it */
  readonly soon?: true | 'at once';
  /** how long it is kept wet from here on */
  readonly keptWet?: Figure;
  readonly tools: readonly string[];
  /** why there is no figure in its words, where there is none */
  readonly plain?: string;
  readonly sign?: Sign;
}

/** A step that is made, before its course knows what goes with it. */
export interface Made extends Told {
  readonly id: string;
  /** hands-on work, a wait, or a moment from which something is allowed */
  readonly kind: 'work' | 'wait' | 'ready';
  /** hands-on time of work, length of a wait */
  readonly minutes: Figure;
  readonly section?: { readonly n: number; readonly of: number };
  readonly lift?: number;
}

/** One step of a method, in the order of the work. */
export interface Step extends Omit<Made, 'done' | 'limits' | 'stands' | 'frees' | 'keptWet' | 'gives'> {
  /** of work by hand */
  readonly handsOn?: HandsOn;
  /** absent on sheets that an earlier version kept */
  readonly check?: Check;
  /** what of what was asked is there once it is done */
  readonly gives?: readonly Outcome[];
}

/**
 * A lag between steps. Fixed: so many minutes. Progress: done when its rate, which follows the
 * temperature of the slab, adds up to one; `minutes` is the time at the slab's temperature as measured.
 */
export type Lag =
  // dries by the air: each stretch of climate counts for its share of the time that it would take in it
  | { readonly by: 'drying'; readonly thicknessMm: Figure; readonly cover: Figure; readonly draft: Figure; readonly minutes: Figure }
  // a film of paint, primer or texture: the time of its sheet, longer as the air of each hour takes up less
  | { readonly by: 'film'; readonly sheetMin: Figure; readonly minutes: Figure }
  | { readonly by: 'fixed'; readonly minutes: Figure }
  // a mix that goes off: doubled for each ten kelvin colder, shortened by Arrhenius when warmer
  | { readonly by: 'gel'; readonly at23: Figure; readonly minutes: Figure }
  // a face that closes: heat shortens it, cold does not lengthen it
  | { readonly by: 'window'; readonly at23: Figure; readonly minutes: Figure }
  | { readonly by: 'progress'; readonly at23: Figure; readonly cure: CureModel; readonly stopsBelow?: Sourced; readonly minutes: Figure };

/** What puts a missed window right: a step of the method that is done again, or one that is done only then. */
export type Redo = { readonly again: string } | (Told & { readonly minutes: Figure });

/** A link of the network: a step may begin at the earliest, and must have begun at the latest, after another. */
export interface Link {
  readonly from: string;
  readonly after: 'start' | 'end';
  readonly to: string;
  readonly least?: Lag;
  /** `redo` in its order, before the step that came too late */
  readonly most?: {
    readonly lag: Lag;
    readonly ifMissed: Saying;
    readonly redo: readonly Redo[];
  };
}

/** Steps in an order that may be worked, and the links between them: what has no path between it may be swapped. */
export interface Network {
  readonly steps: readonly Step[];
  readonly links: readonly Link[];
}

/** The start or the end of a step, or when a lag after it is over. */
export interface Moment {
  readonly step: string;
  readonly at: 'start' | 'end';
  readonly later?: Lag;
}

/**
 * What other work at the same place has to heed, from one moment to another: dust in the air, a face still wet, vapor of what
 * hardens or dries, water about, a floor nobody walks on.
 */
export interface Mark {
  readonly is: 'dust' | 'wet' | 'vapor' | 'water' | 'closed';
  readonly from: Moment;
  readonly to: Moment;
}

/** A thing that stands where it was put from one moment to another, whoever works meanwhile. */
export interface Standing {
  readonly thing: ThingId;
  readonly from: Moment;
  readonly to: Moment;
}
