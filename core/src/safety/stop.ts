import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import type { Saying } from '../quantity/saying.ts';
import type { Rates } from '../shelf/rates.ts';
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

/** What the stops look at: the answers and measures of a defect and of its area, by their fields. */
export interface StopMatter {
  readonly kind: string;
  readonly surface: string;
  readonly ledger: Ledger;
  /** an answer of the defect, or of its area */
  readonly choice: (field: string) => string | undefined;
  readonly measure: (field: string) => Figure | undefined;
  /** widths along a line, from its start */
  readonly widths?: readonly Figure[];
  /** what the measures come to, such as `area`, `widest`, `loss` */
  readonly measured: (id: string) => Figure | undefined;
  /** a figure that the side taken of a question sets */
  readonly side?: (question: string, figure: string) => Figure | undefined;
  /** the firm's rates and years, where it has its own */
  readonly rates?: Rates;
  /** how many work on it */
  readonly people?: 1 | 2;
  /** areas of old paint that the other repairs of the room disturb */
  readonly beside?: () => readonly Figure[];
}

/** A stop by the answers and measures of a defect: it holds, or there is none. */
export interface StopRule {
  readonly id: string;
  readonly judge: (matter: StopMatter) => Omit<Stop, 'id'> | undefined;
}

/** Whether a member carries load, or may. A kind that does not ask is not held for it: no answer could ever lift that. */
export function bears(choice: StopMatter['choice']): boolean {
  const loaded = choice('loaded');
  return loaded !== undefined && loaded !== 'no';
}

export const engineer = 'a licensed structural engineer';
export const liftingOrEngineer = 'a firm that lifts slabs, or a licensed structural engineer';
export const trades = 'licensed trades: locate, scan and isolate first';

/** Guide widths of cracks in reinforced members, by exposure (ACI 224R, as recalled). */
export const guideWidths = {
  inside: of(0.41, 'crackWidth', 'aci-224r', 'Guide width in dry air'),
  outside: of(0.3, 'crackWidth', 'aci-224r', 'Guide width in humid air or soil'),
  'outside-salt': of(0.18, 'crackWidth', 'aci-224r', 'Guide width with de-icing salt'),
} as const;
export const noAdvice =
  'Oddment gives no structural, medical or legal advice. Follow local codes, the product’s data sheet and safety data sheet, and licensed practice; these are the usual cautions, not all of them.';
