import { helpOf, knownBy, mayFold, relevantAsks, tell, type Ask, type AskTable, type LooseFacts, type Sense } from '@oddment/core';
import { useCallback, useEffect, useLayoutEffect, useRef } from 'react';
import { pageNow } from '../state/clock.ts';
import { useSend, useStore } from '../state/store.ts';
import { allAskedSet } from '../state/view.ts';
import { aboutByKey } from './AboutQuestion.tsx';
import { AskField } from './AskField.tsx';
import { useTelling } from './telling.tsx';

interface QuestionsProps {
  readonly id: string;
  readonly table: AskTable;
  readonly facts: LooseFacts;
  /** the answers with those that hold from elsewhere until there is one here */
  readonly held?: LooseFacts;
  readonly sense: Pick<Sense, 'refused'>;
  /** nothing is folded away */
  readonly whole?: boolean;
  readonly onFacts: (facts: LooseFacts) => void;
}

/** The questions of a table, grouped, in the order a person looks. */
export function Questions({ id, table, facts, held = facts, sense, whole = false, onFacts }: QuestionsProps) {
  const how = useTelling();
  const send = useSend();
  const allAsked = useStore((s) => s.view.allAsked);
  const asked = relevantAsks(table, held);
  const asks = allAsked || whole ? asked : asked.filter((ask) => !mayFold(ask, held));
  const folded = asked.length - asks.length;
  const groups = [...new Set(asks.map((a) => a.group))];
  const lengthFact = held['lengthMm']?.value;
  // a question is drawn again when its own answer changes: what it calls stays the same
  const latest = useRef({ facts, onFacts });
  useLayoutEffect(() => {
    latest.current = { facts, onFacts };
  });
  useEffect(() => {
    globalThis.addEventListener('keydown', aboutByKey);
    return () => {
      globalThis.removeEventListener('keydown', aboutByKey);
    };
  }, []);
  const answer = useCallback((ask: Ask, value: unknown, text?: string) => {
    const now = latest.current;
    const before = now.facts[ask.field];
    now.onFacts({
      ...now.facts,
      [ask.field]: { value, how: knownBy(ask, before?.how), at: pageNow(), ...(text !== undefined && { text: text.slice(0, 60) }) },
    });
  }, []);
  const empty = useCallback((ask: Ask) => {
    const now = latest.current;
    now.onFacts(Object.fromEntries(Object.entries(now.facts).filter(([field]) => field !== ask.field)));
  }, []);
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
                  help={helpOf(table.id, ask.field)}
                  fact={held[ask.field]}
                  fieldKey={`${id}/${ask.field}`}
                  units={how.units}
                  runMm={ask.ask === 'stations' && typeof lengthFact === 'number' ? lengthFact : undefined}
                  problem={refused && tell(refused.sentence, how)}
                  onAnswer={answer}
                  onEmpty={empty}
                />
              );
            })}
        </section>
      ))}
      {!whole && (folded > 0 || allAsked) ? (
        <p className="more">
          <button type="button" className="link" aria-expanded={allAsked} onClick={() => send(allAskedSet(!allAsked))}>
            {allAsked ? 'Only what has to be answered' : folded === 1 ? 'One more that may stay open' : `${String(folded)} more that may stay open`}
          </button>
        </p>
      ) : null}
    </div>
  );
}
