import type { Figure } from '../quantity/figure.ts';
import type { Figures } from '../quantity/ledger.ts';
import { plannedOf, workOf, type RepairPlan } from './repairPlan.ts';

/** A repair that can be done beside another one: it stands in the same area and takes the same mix. */
export interface WhileHere {
  readonly defectId: string;
  readonly mark: string;
  /** which of its mixes is the same */
  readonly mix: string;
  readonly total: Figure;
  /** hands-on time of it alone */
  readonly handsOn: Figure;
  /** where its figures stand */
  readonly figures: Figures;
}

/** so many of an area are looked at: a list for one visit is no longer */
const mostLooked = 60;

/**
 * What of an area is done with the same mix while one is there, the shortest first: whoever has opened the one can has
 * opened it for these too. Held repairs have no work and are not among them. Common practice.
 * @param plans those of the area, in any order
 */
export function whileHere(plan: RepairPlan, plans: readonly RepairPlan[]): readonly WhileHere[] {
  const own = workOf(plan);
  if (!own) return [];
  const mixes = new Set(own.mixes.map((m) => m.id));
  const { id } = own.candidate.system;
  return plans
    .filter((p) => p.defect.id !== plan.defect.id && p.area.id === plan.area.id && plannedOf(p)?.planned?.candidate.system.id === id)
    .slice(0, mostLooked)
    .flatMap((p): WhileHere[] => {
      const planned = plannedOf(p);
      const work = planned?.work();
      const same = work?.mixes.find((m) => mixes.has(m.id));
      if (!planned || !work || !same) return [];
      return [{ defectId: p.defect.id, mark: p.defect.mark, mix: same.title, total: same.total, handsOn: work.schedule.handsOn, figures: planned.ledger }];
    })
    .sort((a, b) => a.handsOn.value - b.handsOn.value);
}
