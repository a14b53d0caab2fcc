import { atMost } from '../quantity/round.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { of } from '../shelf/sourced.ts';
import type { SourceId } from '../sources/register.ts';
import type { CrackChoices, StopFacts } from './stopFacts.ts';

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
export const guideWidths: Record<CrackChoices['place'], ReturnType<typeof of>> = {
  inside: of(0.41, 'crackWidth', 'aci-224r', 'Guide width in dry air'),
  outside: of(0.3, 'crackWidth', 'aci-224r', 'Guide width in humid air or soil'),
  'outside-salt': of(0.18, 'crackWidth', 'aci-224r', 'Guide width with de-icing salt'),
};
const stepLimit = of(6, 'depth', 'practice', 'Step that goes to the engineer');

/**
 * The stops of a crack in a slab. A slab on ground does not stop for width alone: the guide widths are
 * for reinforced or load-carrying members in service.
 * @param cutting whether the repair in view cuts into the slab
 */
export function stopsOf(ledger: Ledger, { choices, widest, step }: StopFacts, cutting: boolean): Stop[] {
  const stops: Stop[] = [];
  const toEngineer = (id: string, title: string, why: Saying, source: SourceId) => stops.push({ id, title, who: engineer, why, source, liftedBy: 'decision' });
  if (choices.reinforcement === 'prestressed')
    toEngineer(
      'prestress',
      'Prestressed member',
      say`Any crack in a prestressed member is for the engineer: no chase, no drilling. Measure and photograph only.`,
      'practice',
    );
  if (choices.alongBar === 'yes')
    toEngineer(
      'along-bar',
      'Along a bar',
      say`A crack that follows a bar, or shows rust, is a sign of corrosion even where it sounds solid. It is never sealed as cosmetic.`,
      'icri-310-1r',
    );
  if (choices.member !== 'slab-on-ground') {
    const guide = ledger.sourced(guideWidths[choices.place]);
    if (!atMost(widest.value, guide.value))
      toEngineer('structural', 'Load-carrying member', say`${widest} in a member that carries load; the guide width here is ${guide}.`, 'aci-224r');
  }
  if (choices.faces === 'stepped' && step) {
    const limit = ledger.sourced(stepLimit);
    if (!atMost(step.value, limit.value))
      toEngineer('step', 'One side stands higher', say`One side stands ${step} higher; more than ${limit} is for the engineer.`, 'practice');
  }
  if (choices.ground === 'rocks') toEngineer('rocks', 'It rocks', say`The slab rocks underfoot: what carries it has gone.`, 'practice');
  if (choices.ground === 'grows') toEngineer('grows', 'It grows', say`The crack is still growing: its cause is at work.`, 'practice');
  if (choices.ground === 'settled') toEngineer('settled', 'Ground has settled', say`The ground has settled: a filled crack opens again.`, 'practice');
  if (choices.claim === 'restore-strength')
    toEngineer('strength', 'Strength asked for', say`A repair that is to restore strength is designed by the engineer.`, 'practice');
  if (cutting && choices.located === 'no') {
    stops.push({
      id: 'located',
      title: 'Not located yet',
      who: trades,
      why: say`Bars, tubing, cables and tendons are not located. Depth of cut is nothing before the scan.`,
      source: 'judgement',
      liftedBy: 'fact',
    });
  }
  return stops;
}

export const noAdvice =
  'Oddment gives no structural, medical or legal advice. Follow local codes, the product’s data sheet and safety data sheet, and licensed practice; these are the usual cautions, not all of them.';
