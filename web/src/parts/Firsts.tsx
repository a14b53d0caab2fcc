import { firstsTitle, type First } from '@oddment/core';
import { Say } from './Fig.tsx';

/** What is seen to before the first cut, and who does it. */
function FirstList({ firsts }: { firsts: readonly First[] }) {
  return (
    <ul>
      {firsts.map((f) => (
        <li key={f.id}>
          <b>{f.title}.</b> <Say saying={f.what} /> <span className="quiet">({f.who})</span>
        </li>
      ))}
    </ul>
  );
}

/** On paper: all of it. */
export function FirstsPrinted({ firsts = [] }: { firsts?: readonly First[] | undefined }) {
  if (firsts.length === 0) return null;
  return (
    <section>
      <h2>{firstsTitle}</h2>
      <FirstList firsts={firsts} />
    </section>
  );
}

/** On a screen: what it is about, and all of it where one asks. */
export function Firsts({ firsts = [] }: { firsts?: readonly First[] | undefined }) {
  if (firsts.length === 0) return null;
  return (
    <details className="firsts">
      <summary>
        <b>{firstsTitle}:</b> {firsts.map((f) => f.title.toLowerCase()).join(', ')}
      </summary>
      <FirstList firsts={firsts} />
    </details>
  );
}
