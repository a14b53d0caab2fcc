import type { RepairPlan } from '@oddment/core';
import { stages } from './stages.ts';

/** What one does next in a first repair: which of how many, in words, and where. */
export interface GuideStep {
  readonly n: number;
  readonly of: number;
  readonly title: string;
  readonly says: string;
  /** the screen it is done on, by how it stands in the address */
  readonly at: 'walk' | 'match' | 'method' | 'sheet';
  /** of one repair */
  readonly repair: boolean;
}

/** What is known of the job for it. */
export interface GuideMatter {
  readonly areas: number;
  /** the repair that is in view, else the first */
  readonly plan: RepairPlan | undefined;
  readonly issued: boolean;
}

const of = 6;
const key = (id: string) => stages.find((s) => s.id === id)?.key ?? '';

/** Where a first repair stands, and what comes next. */
export function guideStep({ areas, plan, issued }: GuideMatter): GuideStep {
  if (areas === 0)
    return {
      n: 1,
      of,
      title: 'Name a place',
      says: 'A room, or a stretch of wall with the same air. Its temperature and humidity decide what hardens there: answer what you know, the rest may wait.',
      at: 'walk',
      repair: false,
    };
  if (!plan)
    return {
      n: 2,
      of,
      title: 'Add what you found there',
      says: 'The plus beside the place, or the key A. Say it in a word or two, such as crack slab or hole board.',
      at: 'walk',
      repair: false,
    };
  if (plan.state !== 'planned') {
    const open = plan.sense.defect.missing.length + plan.sense.area.missing.length;
    return {
      n: 3,
      of,
      title: 'Measure it',
      says: `${open === 1 ? 'One answer is' : `${String(open)} answers are`} still wanted, those with a mark at their side, some of them of its place. The question mark beside each says why it is asked and how it is found out.`,
      at: 'walk',
      repair: true,
    };
  }
  const stop = plan.stops.find((s) => s.open);
  if (stop)
    return {
      n: 4,
      of,
      title: 'A stop comes first',
      says: `${stop.title}. Nothing is planned until who may decide it has, and that is noted. Meanwhile another repair can be gone on with.`,
      at: 'match',
      repair: true,
    };
  if (plan.planned?.by !== 'choice')
    return {
      n: 4,
      of,
      title: 'Choose how it is repaired',
      says: `Match (key ${key('match')}) puts first what fits, each with its reason and its limit. Look at one, then choose it.`,
      at: 'match',
      repair: true,
    };
  if (!issued)
    return {
      n: 5,
      of,
      title: 'Read the method, then issue it',
      says: `Method (key ${key('method')}) has every step in order, by the clock. Any figure opens to how it came about. Issued, it stays as it is, whatever is measured later.`,
      at: 'method',
      repair: true,
    };
  return {
    n: 6,
    of,
    title: 'Take it along',
    says: 'The sheet goes on paper or on the phone. Mix says the batches, Days puts several repairs in order, Offer has their prices.',
    at: 'sheet',
    repair: true,
  };
}
