import type { JobRecord } from '@oddment/contracts';
import { isOwnSize, kindOf, plannedOf, relevantAsks, type Ask, type Defect, type RepairPlan } from '@oddment/core';

/** A question that some of the chosen repairs are asked, and how many. */
export interface SharedAsk {
  readonly ask: Ask & { readonly ask: 'choice' | 'measure' };
  readonly count: number;
}

const sameOptions = (a: Ask, b: Ask) =>
  a.ask === b.ask && (a.ask !== 'choice' || b.ask !== 'choice' || a.options.map((o) => o.value).join() === b.options.map((o) => o.value).join());

type Answered = Pick<Defect, 'kind' | 'facts'>;

/** The questions that can be answered for several repairs at once: those that are no size of one, most shared first. */
export function sharedAsks(defects: readonly Answered[]): readonly SharedAsk[] {
  const found: { ask: SharedAsk['ask']; count: number }[] = [];
  for (const defect of defects)
    for (const ask of relevantAsks(kindOf(defect.kind), defect.facts)) {
      if ((ask.ask !== 'choice' && ask.ask !== 'measure') || isOwnSize(ask)) continue;
      // the same field may offer other answers in another kind: those are questions of their own
      const known = found.find((f) => f.ask.field === ask.field && sameOptions(f.ask, ask));
      if (known) known.count += 1;
      else found.push({ ask, count: 1 });
    }
  return found.sort((a, b) => b.count - a.count);
}

/** Whether a question is asked of a defect as it stands. */
export const isAsked = ({ kind, facts }: Answered, ask: Ask): boolean =>
  relevantAsks(kindOf(kind), facts).some((own) => own.field === ask.field && sameOptions(own, ask));

/** The systems that fit one of the chosen repairs, or fit it with care, and how many each fits. */
export function sharedSystems(plans: readonly (RepairPlan | undefined)[]): readonly { readonly id: string; readonly title: string; readonly count: number }[] {
  const found = new Map<string, { id: string; title: string; count: number }>();
  for (const plan of plans)
    for (const { grade, system } of plannedOf(plan)?.candidates ?? []) {
      if (grade === 'out') continue;
      const known = found.get(system.id) ?? { id: system.id, title: system.title, count: 0 };
      found.set(system.id, { ...known, count: known.count + 1 });
    }
  return [...found.values()].sort((a, b) => b.count - a.count || a.title.localeCompare(b.title));
}

/** Whether a system fits a repair, or fits it with care: against its verdict it is chosen there alone, with a reason. */
export const canTake = (plan: RepairPlan | undefined, system: string): boolean =>
  plannedOf(plan)?.candidates.some((c) => c.system.id === system && c.grade !== 'out') === true;

/** Where a defect goes that is to stand one earlier or later in its area; nothing where it is the first or the last already. */
export function besideNow({ areas }: Pick<JobRecord, 'areas'>, id: string, by: -1 | 1): { readonly areaId: string; readonly before?: string } | undefined {
  const area = areas.find((a) => a.defects.some((d) => d.id === id));
  const at = area?.defects.findIndex((d) => d.id === id) ?? -1;
  if (!area || at + by < 0 || at + by >= area.defects.length) return undefined;
  const before = area.defects[by < 0 ? at - 1 : at + 2];
  return { areaId: area.id, ...(before && { before: before.id }) };
}
