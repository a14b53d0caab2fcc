import { clockTime, Figure, show, type Saying } from '@oddment/core';
import { useTelling } from './telling.tsx';
import { useOpenWorking } from './Working.tsx';

/** A figure that opens its working by click or Enter. */
export function Fig({ figure }: { figure: Figure }) {
  const { units } = useTelling();
  const open = useOpenWorking();
  return (
    <button
      type="button"
      className="fig"
      title={`${figure.label}: open the working`}
      data-figure={figure.id}
      onClick={(event) => {
        event.stopPropagation();
        open(figure);
      }}
    >
      {show(figure, units).text}
    </button>
  );
}

/** what ends a clause never begins a line */
const closing = /^[.,:;!?)]+/;

/** A sentence of the core; its figures open their working unless it stands in something that is itself pressed. */
export function Say({ saying, plain = false }: { saying: Saying; plain?: boolean }) {
  const telling = useTelling();
  return saying.map((part, i) => {
    if (typeof part === 'string') return !plain && saying[i - 1] instanceof Figure ? part.replace(closing, '') : part;
    if (part instanceof Figure) {
      if (plain) return show(part, telling.units).text;
      const next = saying[i + 1];
      const [end] = (typeof next === 'string' && closing.exec(next)) || [];
      return end === undefined ? (
        <Fig key={i} figure={part} />
      ) : (
        <span key={i} className="unbroken">
          <Fig figure={part} />
          {end}
        </span>
      );
    }
    return clockTime(part.instant, telling);
  });
}
