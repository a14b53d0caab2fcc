import type { Figure } from '../../quantity/figure.ts';
import type { Saying } from '../../quantity/saying.ts';
import type { SourceId } from '../../sources/register.ts';
import type { StopMatter } from '../stop.ts';

/** Something that is seen to before the first cut: it does not hold the plan, and the work does not last without it. */
export interface First {
  readonly id: string;
  readonly title: string;
  readonly who: string;
  readonly what: Saying;
  readonly source: SourceId;
  /** what the crew does for it, where that is a step of its own with its own check; all others are seen to together */
  readonly step?: FirstStep;
  /** its step stands later in the work */
  readonly later?: true;
  /** it is taken off by hand, so far past the place */
  readonly strips?: { readonly past: Figure; readonly by: Stripping };
}

/** How what lies on a place comes off. */
export type Stripping = 'scrape' | 'grind' | 'chip' | 'brush';

/** How something is brought about, or seen to be so, before anything is placed. */
export interface FirstStep {
  /** looked at, read by a meter, or brought about with heat */
  readonly by: 'look' | 'meter' | 'heat';
  readonly title: Saying;
  readonly detail: Saying;
  readonly look: Saying;
  readonly done: string;
  readonly limits?: readonly { readonly what: string; readonly is: 'most' | 'least'; readonly figure: Figure }[];
  /** how long it dries, cools or rests before it is seen to be so, by our reckoning: the reading decides */
  readonly until?: {
    readonly minutes: Figure;
    readonly first: Saying;
    readonly how: Saying;
    readonly with: readonly string[];
    readonly rate: 'heatSetUp' | 'coverUp' | 'seeFirst';
    readonly title: Saying;
    readonly look: Saying;
  };
  /** how long it is held so before the work goes on */
  readonly hold?: { readonly minutes: Figure; readonly title: Saying; readonly look: Saying };
}

/** What has to be seen to first by the answers of a defect: one thing, or nothing. */
export type FirstRule = (matter: StopMatter) => First | undefined;

/** Who does what is nobody's by the answers. */
export const crewFirst = 'the crew, before the first cut';
