import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

/** A hole that goes through: what only fills falls out at the back. */
export const behindRule: Rule = {
  id: 'behind',
  title: 'Behind it',
  judge: (matter) => {
    const { system, subject, size } = matter;
    // of a combination it is held to who closes the hole, not to who coats what is closed
    if (subject.openBehind !== true || !system.suits.includes(subject.kind)) return undefined;
    const { overHole } = system;
    const verdict = { rule: behindRule.id, title: behindRule.title, source: 'practice' } as const;
    if (overHole?.by === 'backing') return { ...verdict, grade: 'fits', excess: 0, reason: () => say`Brings a backing of its own.` };
    if (!overHole || !size.extent)
      return {
        ...verdict,
        grade: 'out',
        excess: 1,
        reason: () => say`nothing is behind it, and it fills only against something`,
        change: () => say`close the back first`,
      };
    return fromRange(
      matter,
      behindRule,
      size.extent,
      { max: overHole.max },
      {
        below: (value) => say`${value} across.`,
        above: (value, max) => say`${value} across with nothing behind it; by itself it holds up to ${max}`,
        within: (value) => say`${value} across: it holds by itself, with the edge pressed in.`,
        changeAbove: () => say`close the back first, or take what brings a backing`,
      },
    );
  },
};
