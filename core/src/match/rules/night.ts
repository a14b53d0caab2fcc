import { atLeast } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { waterBorne } from '../../shelf/waterBorne.ts';
import type { Rule } from '../verdict.ts';

/** The coldest of the nights while it hardens, against the least temperature of the system: the hour of measuring says nothing of it. */
export const nightRule: Rule = {
  id: 'night',
  title: 'Nights',
  judge: ({ ledger, subject, system }) => {
    const { night, slabC } = subject;
    const least = system.slabC.min;
    // a place that is too cold by day is held warm by night too
    if (!night || !least || !atLeast(slabC.value, least.value)) return undefined;
    const base = { rule: nightRule.id, title: nightRule.title, value: night, min: ledger.sourced(least), source: least.source } as const;
    if (atLeast(night.value, least.value)) return { ...base, grade: 'fits', excess: 0, reason: () => say`The nights fall to ${night}, it bears ${base.min}.` };
    const frozen = waterBorne(system) && night.value <= 0;
    return {
      ...base,
      grade: frozen ? 'out' : 'care',
      excess: (least.value - night.value) / Math.max(Math.abs(least.value), 1),
      reason: () =>
        frozen
          ? say`the nights fall to ${night}: what freezes before it is hard comes off again`
          : say`the nights fall to ${night}, below ${base.min} it stands still: its times count that`,
      change: () => say`keep it above ${base.min} through the nights, under an insulating cover that does not touch the face`,
      facts: () => ({ area: { nightC: least.value } }),
    };
  },
};
