import type { PlanChange } from '@oddment/core';
import { Say } from './Fig.tsx';

/** What differs, row by row: as it was, and as it is. */
export function Changes({ title, why, changes }: { title: string; why: string; changes: readonly PlanChange[] }) {
  if (changes.length === 0) return null;
  return (
    <section className="changes">
      <h3>{title}</h3>
      <p className="quiet" style={{ margin: '0 0 4px' }}>
        {why}
      </p>
      <table>
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">As issued</th>
            <th scope="col">Now</th>
          </tr>
        </thead>
        <tbody>
          {changes.map((c) => (
            <tr key={c.about}>
              <th scope="row">{c.about}</th>
              <td>{c.was ? <Say saying={c.was} plain /> : <span className="quiet">not there</span>}</td>
              <td>{c.now ? <Say saying={c.now} plain /> : <span className="quiet">gone</span>}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
