import type { AreaRecord } from '@oddment/contracts';
import { defectKinds, isDefectKind, kindOf, mayBeUsual, relevantAsks, type Kind, type LooseFacts } from '@oddment/core';
import { useMemo, useState } from 'react';
import { Questions } from './Questions.tsx';

interface OfKindProps {
  readonly area: AreaRecord;
  readonly kind: Kind;
  readonly open: boolean;
  readonly onUsual: (usual: NonNullable<AreaRecord['usual']>) => void;
}

const noneRefused = { refused: [] };

function OfKind({ area, kind, open, onUsual }: OfKindProps) {
  const facts = area.usual?.[kind.id] ?? {};
  const told = relevantAsks(kind, facts).filter((ask) => mayBeUsual(ask) && facts[ask.field] !== undefined).length;
  const table = useMemo(() => ({ ...kind, asks: kind.asks.filter(mayBeUsual) }), [kind]);
  const without = () => Object.fromEntries(Object.entries(area.usual ?? {}).filter(([id]) => id !== kind.id));
  return (
    <details className="other" open={open}>
      <summary>
        {kind.title}: {told === 0 ? 'none yet' : told === 1 ? 'one answer' : `${String(told)} answers`}
      </summary>
      <Questions
        id={`${area.id}/usual/${kind.id}`}
        table={table}
        facts={facts}
        sense={noneRefused}
        whole
        onFacts={(next) => {
          onUsual({ ...without(), ...(Object.keys(next).length > 0 && { [kind.id]: next }) });
        }}
      />
      {told === 0 ? null : (
        <button
          type="button"
          className="link"
          onClick={() => {
            onUsual(without());
          }}
        >
          Nothing is usual here for this kind
        </button>
      )}
    </details>
  );
}

/** What is answered the same for most repairs of an area, by the kind of them: it holds for each that says nothing else. */
export function UsualAnswers({ area, onUsual }: Pick<OfKindProps, 'area' | 'onUsual'>) {
  const [more, setMore] = useState<string>();
  const [kinds] = useState(defectKinds);
  const shown = kinds.filter((k) => k.id === more || area.usual?.[k.id] !== undefined || area.defects.some((d) => d.kind === k.id));
  return (
    <section className="usual" aria-label="Usual answers">
      <h2>Usual answers</h2>
      <p className="quiet">What is the same for most repairs of a kind here. It holds for each of them until it is answered otherwise there.</p>
      {shown.map((kind) => (
        <OfKind key={kind.id} area={area} kind={kind} open={kind.id === more} onUsual={onUsual} />
      ))}
      <label>
        <span className="quiet">For another kind</span>{' '}
        <select
          value=""
          onChange={(event) => {
            setMore(event.target.value);
          }}
        >
          <option value="" disabled>
            choose
          </option>
          {kinds
            .filter((k) => !shown.includes(k))
            .map((k) => (
              <option key={k.id} value={k.id}>
                {k.title}
              </option>
            ))}
        </select>
      </label>
    </section>
  );
}

interface TakeAsUsualProps {
  readonly area: AreaRecord;
  readonly kind: string;
  /** the answers that the area would take */
  readonly offered: LooseFacts;
  readonly onTake: () => void;
}

/** Offers the answers of a repair as those of its area; nothing where they are that already. */
export function TakeAsUsual({ area, kind, offered, onTake }: TakeAsUsualProps) {
  const usual = area.usual?.[kind] ?? {};
  const fresh = Object.entries(offered).filter(([field, fact]) => JSON.stringify(usual[field]?.value) !== JSON.stringify(fact?.value)).length;
  if (fresh === 0 || !isDefectKind(kind)) return null;
  return (
    <p className="offer">
      <button type="button" className="link" onClick={onTake}>
        Make these the usual answers of {area.name}
      </button>{' '}
      <span className="quiet">for each {kindOf(kind).title} here that is not answered otherwise; all but sizes and what is about safety</span>
    </p>
  );
}
