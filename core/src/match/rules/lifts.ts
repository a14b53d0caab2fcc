import { liftByHeat } from '../../cure/safeLift.ts';
import { liftCount } from '../../geometry/groove.ts';
import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import type { Rule } from '../verdict.ts';

/** How many lifts the depth takes in this position, against how many there may be. */
export const liftsRule: Rule = {
  id: 'lifts',
  title: 'Lifts',
  judge: ({ ledger, system, subject, size }) => {
    const { lift } = system;
    const position = subject.answers.position?.value as 'floor' | 'wall' | 'overhead' | 'edge' | undefined;
    if (!lift || !size.depth || size.width || position === undefined) return undefined;
    const thickest = lift[position] ?? (position === 'edge' ? lift.wall : undefined);
    const base = { rule: liftsRule.id, title: liftsRule.title } as const;
    if (!thickest)
      return {
        ...base,
        grade: 'out',
        source: 'practice',
        excess: 1,
        reason: () => say`it does not hold ${position === 'overhead' ? 'overhead' : 'in this position'}`,
      };
    if (size.depth.value < 0.1) return undefined;
    const thickestMm = liftByHeat(ledger, system, thickest, subject);
    const lifts = ledger.compute(liftCount, { depthMm: size.depth, thickestMm, least: ledger.stated('Least number of lifts', 'count', 1) });
    const most = lift.most && ledger.sourced(lift.most);
    const depth = size.depth;
    if (most && !atMost(lifts.value, most.value))
      return {
        ...base,
        grade: 'out',
        value: lifts,
        max: most,
        source: thickest.source,
        excess: lifts.value / most.value - 1,
        reason: () => say`${depth} deep in lifts of ${thickestMm} takes ${lifts}, more than ${most} hold`,
      };
    return {
      ...base,
      grade: 'fits',
      value: lifts,
      ...(most && { max: most }),
      source: thickest.source,
      excess: 0,
      reason: () => (lifts.value === 1 ? say`In one lift.` : say`In ${lifts} lifts of no more than ${thickestMm}.`),
    };
  },
};
