import type { Quantity } from '@oddment/core';
import { Fig } from './Fig.tsx';

/** Figures by their names, a row each. */
export function FigureRows({ rows }: { rows: readonly Quantity[] }) {
  return (
    <dl className="facts">
      {rows.map((q) => (
        <div key={q.id} style={{ display: 'contents' }}>
          <dt>{q.label}</dt>
          <dd>
            <Fig figure={q.figure} />
          </dd>
        </div>
      ))}
    </dl>
  );
}
