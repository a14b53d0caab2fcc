import type { Figure } from '../../quantity/figure.ts';
import type { Saying } from '../../quantity/saying.ts';
import type { MaterialHazard } from '../../shelf/materialHazard.ts';
import type { SourceId } from '../../sources/register.ts';
import type { StopMatter } from '../stop.ts';

/** What is seen of a step of a method by what may be dangerous in it. */
export interface DoneStep {
  readonly id: string;
  readonly kind: 'work' | 'wait' | 'ready';
  readonly tools: readonly string[];
  readonly minutes: Figure;
  readonly makes: readonly ('dust' | 'noise' | 'wet' | 'fumes')[];
  /** of what it mixes or places */
  readonly hazards: ReadonlySet<MaterialHazard>;
  /** cuts, chips, drills or grinds mineral ground: not a form, not a bar */
  readonly intoGround: boolean;
  /** it is used from here on */
  readonly opens: boolean;
  /** something that hardens by itself was placed before it */
  readonly cures: boolean;
}

/** A hazard: which steps bring it at a place, and what is said of it there. */
export interface Hazard {
  readonly id: string;
  readonly title: string;
  readonly source: SourceId;
  readonly stands: (matter: StopMatter, step: DoneStep) => boolean;
  /** told on one of these steps alone, the first or the last */
  readonly at?: 'first' | 'last';
  /** @param on the steps that it stands on, at least one */
  readonly text: (matter: StopMatter, on: readonly DoneStep[]) => Saying;
}

const openAir = ['outside', 'outside-salt', 'sheltered'];
export const indoors = ({ choice }: StopMatter): boolean => !openAir.includes(choice('place') ?? 'inside');
export const overhead = ({ choice }: StopMatter): boolean => choice('position') === 'overhead' || choice('position') === 'ceiling';
export const mineral = ({ surface }: StopMatter): boolean => surface === 'concrete' || surface === 'plaster';
export const uses =
  (...tools: readonly string[]) =>
  (step: DoneStep): boolean =>
    step.tools.some((t) => tools.includes(t));
export const holds =
  (...any: readonly MaterialHazard[]) =>
  ({ hazards }: DoneStep): boolean =>
    any.some((h) => hazards.has(h));
