import { schoolQuestions, surfaces, type SchoolQuestion } from '@oddment/core';
import { useRef, useState } from 'react';
import { foundRules, surfacesOf, type RulesAsked } from '../views/foundRules.ts';
import { FindField } from './FindField.tsx';
import { useKeys } from './keys.ts';
import { OneOfThese } from './OneOfThese.tsx';

function RuleOf({
  question,
  chosen,
  told,
  onChoose,
}: {
  question: SchoolQuestion;
  chosen: string | undefined;
  /** what speaks for each side stands open: it may hold the words that were searched */
  told: boolean;
  onChoose: ((side: string | undefined) => void) | undefined;
}) {
  const usual = question.sides.find((s) => s.id === question.usual);
  const changes = (question.unless ?? []).map((u) => `${question.sides.find((s) => s.id === u.side)?.title ?? ''} where ${u.because}`);
  const barred = question.barred ?? [];
  return (
    <section className="rule" aria-label={question.question}>
      <h3>{question.question}</h3>
      <div>
        <div className="choices" role="group" aria-label={question.question}>
          {[undefined, ...question.sides].map((side) => (
            <button
              type="button"
              key={side?.id ?? 'by-situation'}
              disabled={!onChoose}
              className={`plain${chosen === side?.id ? ' on' : ''}`}
              aria-pressed={chosen === side?.id}
              onClick={() => onChoose?.(side?.id)}
            >
              {side?.title ?? 'by the situation'}
            </button>
          ))}
        </div>
        <p className="quiet">
          By the situation: {usual?.title}
          {changes.length > 0 ? `; ${changes.join('; ')}` : ''}.
        </p>
        {barred.map((one) => (
          <p key={`${one.side} ${one.why}`}>
            <b>{question.sides.find((s) => s.id === one.side)?.title}:</b> Never where {one.why}.
          </p>
        ))}
        <details className="other" open={told}>
          <summary>What speaks for each</summary>
          {question.sides.map((s) => (
            <p key={s.id}>
              <b>{s.title}:</b> {s.reason}
              {s.unplanned === undefined ? '' : ` Taken, it changes nothing in a plan: ${s.unplanned}.`}
            </p>
          ))}
        </details>
      </div>
    </section>
  );
}

interface QuestionsProps {
  readonly chosen: Readonly<Record<string, string>>;
  readonly onChoose: ((question: string, side: string | undefined) => void) | undefined;
}

/** The questions, found by words, by surface, or those alone that the firm has answered. */
export function RuleQuestions({ chosen, onChoose }: QuestionsProps) {
  const [asked, setAsked] = useState<RulesAsked>({ setAlone: false, search: '' });
  const field = useRef<HTMLInputElement>(null);
  useKeys({
    '/': () => field.current?.focus(),
  });
  const found = foundRules(schoolQuestions, chosen, asked);
  const count = (of: Partial<RulesAsked>) => foundRules(schoolQuestions, chosen, { setAlone: false, search: asked.search, ...of }).length.toString();
  return (
    <>
      <div className="table-head">
        <FindField
          label="Find by words"
          value={asked.search}
          hand={field}
          onSearch={(search) => {
            setAsked({ ...asked, search });
          }}
        />
        <OneOfThese
          label="Which questions"
          choices={[
            { id: 'all', words: `all ${count({})}` },
            { id: 'set', words: `set by you ${count({ setAlone: true })}` },
            ...surfaces.map((surface) => ({ id: surface, words: `${surface} ${count({ surface })}` })),
          ]}
          chosen={asked.setAlone ? 'set' : (asked.surface ?? 'all')}
          onChoose={(id) => {
            const surface = surfaces.find((one) => one === id);
            setAsked({ setAlone: id === 'set', search: asked.search, ...(surface && { surface }) });
          }}
        />
      </div>
      {found.length === 0 ? (
        <p className="quiet" role="status">
          {asked.setAlone && asked.search === '' ? 'Nothing is set: every question goes by the situation.' : 'None of these.'}
        </p>
      ) : null}
      {surfaces
        .map((surface) => ({ surface, own: found.filter((q) => (asked.surface ?? surfacesOf(q)[0]) === surface) }))
        .filter(({ own }) => own.length > 0)
        .map(({ surface, own }) => (
          <section key={surface} aria-label={surface}>
            <h2 style={{ fontSize: 18, textTransform: 'capitalize', marginTop: 18 }}>{surface}</h2>
            {own.map((q) => (
              <RuleOf
                key={q.id}
                question={q}
                chosen={chosen[q.id]}
                told={asked.search !== ''}
                onChoose={
                  onChoose
                    ? (side) => {
                        onChoose(q.id, side);
                      }
                    : undefined
                }
              />
            ))}
          </section>
        ))}
    </>
  );
}
