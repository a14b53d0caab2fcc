import { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { Ask, Fact, Station } from './ask.ts';

/** A fact in words: its measure, its answer, or what was measured along it. */
export function factSaying(ask: Ask, fact: Fact<unknown>): Saying {
  const ledger = new Ledger();
  const how = fact.how === 'measured' || fact.how === 'log' ? fact.how : 'entered';
  switch (ask.ask) {
    case 'measure':
      return say`${ledger.given(ask.question, ask.kind, fact.value as number, how, fact.at)}`;
    case 'choice':
      return say`${ask.options.find((o) => o.value === fact.value)?.label ?? String(fact.value)}`;
    case 'stations':
      return (fact.value as readonly Station[]).reduce<Saying>((words, s, i) => say`${words}${i === 0 ? '' : ', '}${ledger.given('Width', 'crackWidth', s.widthMm, how, fact.at)} at ${ledger.given('Place', 'length', s.atMm, how, fact.at)}`, []);
  }
}
