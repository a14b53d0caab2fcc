import { relevantAsks, tell, type Ask, type AskTable, type LooseFacts, type Sense } from '@oddment/core';
import { pageNow } from '../state/clock.ts';
import { AskField } from './AskField.tsx';
import { useTelling } from './telling.tsx';

interface QuestionsProps {
  readonly id: string;
  readonly table: AskTable;
  readonly facts: LooseFacts;
  readonly sense: Sense;
  readonly onFacts: (facts: LooseFacts) => void;
}

/** The questions of a table, grouped, in the order a person looks. */
export function Questions({ id, table, facts, sense, onFacts }: QuestionsProps) {
  const how = useTelling();
  const asks = relevantAsks(table, facts);
  const groups = [...new Set(asks.map((a) => a.group))];
  const lengthFact = facts['lengthMm']?.value;
  const answer = (ask: Ask) => (value: unknown, text?: string) => {
    const before = facts[ask.field];
    onFacts({ ...facts, [ask.field]: { value, how: knownBy(ask, before?.how), at: pageNow(), ...(text !== undefined && { text: text.slice(0, 60) }) } });
  };
  const knownBy = (ask: Ask, before: string | undefined) =>
    ask.ask === 'choice' || ask.ask === 'text' ? ('entered' as const) : before === 'entered' ? ('entered' as const) : ('measured' as const);
  const empty = (ask: Ask) => () => {
    onFacts(Object.fromEntries(Object.entries(facts).filter(([field]) => field !== ask.field)));
  };
  return (
    <div className="groups">
      {groups.map((group) => (
        <section className="group" key={group} aria-label={group}>
          <h2>{group}</h2>
          {asks
            .filter((a) => a.group === group)
            .map((ask) => {
              const refused = sense.refused.find((r) => r.field === ask.field);
              return (
                <AskField
                  key={ask.field}
                  ask={ask}
                  fact={facts[ask.field]}
                  fieldKey={`${id}/${ask.field}`}
                  units={how.units}
                  runMm={typeof lengthFact === 'number' ? lengthFact : undefined}
                  problem={refused && tell(refused.sentence, how)}
                  onAnswer={answer(ask)}
                  onEmpty={empty(ask)}
                />
              );
            })}
        </section>
      ))}
    </div>
  );
}
