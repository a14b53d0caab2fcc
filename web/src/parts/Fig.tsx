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

/** A sentence of the core; its figures open their working unless it stands in something that is itself pressed. */
export function Say({ saying, plain = false }: { saying: Saying; plain?: boolean }) {
  const telling = useTelling();
  return saying.map((part, i) => {
    if (typeof part === 'string') return part;
    if (part instanceof Figure) return plain ? show(part, telling.units).text : <Fig key={i} figure={part} />;
    return clockTime(part.instant, telling);
  });
}
