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
}

/** What has to be seen to first by the answers of a defect: one thing, or nothing. */
export type FirstRule = (matter: StopMatter) => First | undefined;

/** Who does what is nobody's by the answers. */
export const crewFirst = 'the crew, before the first cut';
