import { notFollowed, shelfLimits, showValue, type Auxiliary, type PatchSystem, type Product, type ShelfLimit, type Usual } from '@oddment/core';
import { useStore } from '../state/store.ts';

/** Every figure of a system with its source, and its answers that count against it. */
export function ShelfFigures({ system }: { system: PatchSystem | Auxiliary | Usual }) {
  const units = useStore((s) => s.view.units ?? 'metric');
  const limits = shelfLimits([system]);
  const value = (l: ShelfLimit) =>
    typeof l.value === 'number' ? (l.kind ? showValue(l.value, l.kind, units).text : String(l.value)) : l.value === 'out' ? 'ruled out' : 'with care';
  const figures = limits.filter((l) => typeof l.value === 'number');
  const remarks = limits.filter((l) => typeof l.value !== 'number');
  return (
    <>
      <table className="mixtable shelf-figures">
        <thead>
          <tr>
            <th>Figure</th>
            <th>Value</th>
            <th>From</th>
          </tr>
        </thead>
        <tbody>
          {figures.map((l) => (
            <tr key={l.id} className={l.sourceId === 'product-sheet' ? 'own' : undefined}>
              <td>{l.label}</td>
              <td>
                {value(l)}
                {l.assumed ? ' (assumed)' : ''}
              </td>
              <td className="quiet">{l.source}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {remarks.length > 0 ? (
        <details>
          <summary>{remarks.length} answers that count against it</summary>
          <ul>
            {remarks.map((l) => (
              <li key={l.id}>
                {value(l)}: {l.label} <span className="quiet">({l.source})</span>
              </li>
            ))}
          </ul>
        </details>
      ) : null}
    </>
  );
}

/** What a product brings that this version knows nothing of. */
export function NotFollowed({ product }: { product: Product | undefined }) {
  return (product ? notFollowed(product) : []).map((one) => (
    <p key={one} className="doubt">
      {one}
    </p>
  ));
}
