import type { Saying } from '../quantity/saying.ts';
import type { Chance } from '../schedule/days/future.ts';
import type { LeftOut } from './jobDays.ts';

/** Something that somebody does, from one moment to another. Instants; set-up, mixing and covering lie before its work begins. */
export interface DayBlock {
  readonly id: string;
  readonly mark: string;
  readonly place: string;
  readonly title: Saying;
  /** covering, set-up and mixing begin */
  readonly from: string;
  /** its work begins */
  readonly start: string;
  readonly end: string;
  readonly walkMin: number;
  readonly setUpMin: number;
  readonly mixMin: number;
  /** what is mixed before it, for what others together with it; or whose batch it is placed out of */
  readonly mix?: Saying;
  readonly coverMin: number;
  readonly awayMin: number;
  /** who is at it with him */
  readonly beside: readonly string[];
  readonly why?: Saying;
  /** set there by hand */
  readonly pinned?: true;
  /** over already, with its real times */
  readonly done?: true;
  /** it must have begun by then, and could begin from then on */
  readonly latest?: string;
  readonly opens?: string;
}

/** Working time in which somebody has nothing to do, and what he waits for. */
export interface Idle {
  readonly from: string;
  readonly to: string;
  readonly minutes: number;
  readonly why?: Saying;
}

export interface PersonDay {
  readonly person: string;
  readonly name: string;
  readonly blocks: readonly DayBlock[];
  readonly idle: readonly Idle[];
  /** when he is at another job that day, by its site */
  readonly elsewhere?: readonly { readonly site: string; readonly from: string; readonly to: string }[];
  /** the last thing of his day that is mixed for, and by when the mixing has to begin so that all after it still fits into his hours */
  readonly lastMix?: { readonly mark: string; readonly title: Saying; readonly by: string };
}

/** A day on which somebody works. */
export interface WorkDay {
  /** at the site */
  readonly date: string;
  readonly people: readonly PersonDay[];
}

/** Days as they are told. */
export interface DaysPlan {
  readonly days: readonly WorkDay[];
  readonly doneAt: string;
  readonly visits: number;
  readonly bound: { readonly at: string; readonly says: Saying };
  /** from when something is allowed, without work */
  readonly moments: readonly { readonly mark: string; readonly title: Saying; readonly at: string }[];
  readonly leftOut: readonly LeftOut[];
  /** repairs that find no place, or end after their date */
  readonly failing: readonly { readonly mark: string; readonly why: Saying; readonly due?: string; readonly ends?: string }[];
  readonly contradiction?: Saying;
  readonly chances?: {
    readonly runs: number;
    readonly dates: readonly { readonly mark: string; readonly chance: Chance; readonly share: number }[];
    readonly windows: Chance;
    readonly weakest?: Saying;
    /** by when nine in ten tries were done; absent where more than that found it too cold for something to harden */
    readonly ninth?: string;
  };
  readonly rounds: number;
}
