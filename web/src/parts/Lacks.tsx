import type { Sheet } from '@oddment/core';
import { Say } from './Fig.tsx';

/** What the work asks of somebody, and nobody of the crew is noted for. */
export function Lacks({ sheet }: { sheet: Sheet }) {
  const { lacks = [] } = sheet;
  return lacks.length === 0 ? (
    <div />
  ) : (
    <div role="note" className="lacks">
      {lacks.map((saying, i) => (
        <p key={i}>
          <Say saying={saying} />
        </p>
      ))}
    </div>
  );
}
