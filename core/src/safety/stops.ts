import type { Saying } from '../quantity/saying.ts';
import { of } from '../shelf/sourced.ts';
import type { SourceId } from '../sources/register.ts';

/** A stop holds everything after it until who decides has decided, or the missing fact is there. */
export interface Stop {
  readonly id: string;
  readonly title: string;
  readonly who: string;
  readonly why: Saying;
  readonly source: SourceId;
  /** a decision is recorded, or a question is answered */
  readonly liftedBy: 'decision' | 'fact';
}

export const engineer = 'a licensed structural engineer';
export const trades = 'licensed trades: locate, scan and isolate first';

/** Guide widths of cracks in reinforced members, by exposure (ACI 224R, as recalled). */
export const guideWidths = {
  inside: of(0.41, 'crackWidth', 'aci-224r', 'Guide width in dry air'),
  outside: of(0.3, 'crackWidth', 'aci-224r', 'Guide width in humid air or soil'),
  'outside-salt': of(0.18, 'crackWidth', 'aci-224r', 'Guide width with de-icing salt'),
} as const;
export const noAdvice =
  'Oddment gives no structural, medical or legal advice. Follow local codes, the product’s data sheet and safety data sheet, and licensed practice; these are the usual cautions, not all of them.';
