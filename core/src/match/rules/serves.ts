import { opensInCold } from '../../injection/opensInCold.ts';
import { concreteWork } from '../../shelf/usual/concreteWork.ts';
import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import type { Rule } from '../verdict.ts';

/** A joint filled warmer than it will serve opens in the cold, and what fills it stiffly comes away from a side. */
export const servesRule: Rule = {
  id: 'serves',
  title: 'Temperature it will serve at',
  judge: ({ ledger, system, subject }) => {
    const { servesC, slabC } = subject;
    if (!servesC || !system.gap) return undefined;
    const base = { rule: servesRule.id, title: servesRule.title, source: 'practice', value: servesC } as const;
    const panel = ledger.sourced(concreteWork.figures.panel);
    const opens = ledger.compute(opensInCold, { panelMm: panel, slabC, servesC });
    if (atMost(opens.value, ledger.sourced(concreteWork.figures.opensLittle).value))
      return { ...base, grade: 'fits', excess: 0, reason: () => say`It is filled at ${slabC} and serves at ${servesC}.` };
    return {
      ...base,
      grade: 'care',
      excess: 0.3,
      reason: () => say`filled at ${slabC} and serving at ${servesC} it opens by ${opens} where joints lie ${panel} apart: it comes away from a side`,
      change: () => say`the slab at ${servesC} when it is filled, and kept there until it is; or it is filled again after the first cold weeks`,
      facts: () => ({ area: { slabC: servesC.value } }),
    };
  },
};
