import { say } from '../../quantity/saying.ts';
import type { Rule } from '../verdict.ts';

/** The system's own preparation is refused, or has to stay shallower than the school wants. */
export const preparationRule: Rule = {
  id: 'preparation',
  title: 'Preparation',
  judge: ({ size, system }) => {
    if (system.preparation === 'as-found' || !size.width) return undefined;
    const { refusedBecause, limitedBecause, leftAsFound } = size;
    const base = { rule: preparationRule.id, title: preparationRule.title, source: 'judgement' } as const;
    if (leftAsFound) return { ...base, grade: 'out', excess: 1, reason: () => say`it is cut open for this, and the side taken is to fill it as it was found` };
    if (refusedBecause) {
      return {
        ...base,
        grade: 'care',
        excess: 1,
        reason: () => say`it should be cut first, but ${refusedBecause}`,
        change: () => say`locate what is in the slab first`,
        facts: () => ({ defect: { located: 'clear' } }),
      };
    }
    if (limitedBecause) return { ...base, grade: 'care', excess: 0.5, reason: () => say`chased shallow only: ${limitedBecause}` };
    return { ...base, grade: 'fits', excess: 0, reason: () => say`It can be ${size.assumed}.` };
  },
};
