import type { Ledger } from '../../quantity/ledger.ts';
import { say } from '../../quantity/saying.ts';
import type { Auxiliary } from '../../shelf/auxiliaries/auxiliary.ts';
import type { Range } from '../../shelf/patchSystem.ts';
import { groundWord } from '../groundWord.ts';
import { fromRange } from '../judging.ts';
import type { Subject } from '../subject.ts';
import type { Rule, Verdict } from '../verdict.ts';

const named = { id: 'temperature', title: 'Temperature' } as const;

function within(ledger: Ledger, subject: Subject, range: Range): Verdict | undefined {
  const what = groundWord(subject);
  return fromRange({ ledger }, named, subject.slabC, range, {
    below: (value, min) => say`the ${what} is ${value}, it stays soft below ${min}`,
    above: (value, max) => say`the ${what} is ${value}, it sets too fast above ${max}`,
    within: (value) => say`The ${what} is ${value}, inside its window.`,
    facts: (limit) => ({ area: { slabC: limit.value } }),
    changeBelow: (min) => say`warm the ${what} itself to ${min}, with no unvented burner`,
    changeAbove: (max) => say`shade it, or work when it is under ${max}`,
  });
}

/** Below its least temperature a system does not slow down, it stops: there is no stretched time. */
export const temperatureRule: Rule = { ...named, judge: ({ ledger, subject, system }) => within(ledger, subject, system.slabC) };

/** What goes on before a system is held to its own window. */
export function auxiliaryTemperature(ledger: Ledger, subject: Subject, { slabC }: Auxiliary): Verdict | undefined {
  return slabC && within(ledger, subject, slabC);
}
