import { fullDate, genericSystem, packState, type Product, type StockPack } from '@oddment/core';
import { Link } from 'react-router';

/** What the firm has of its own: products, and packs in stock with their dates. */
export function ShelfOverview({
  products,
  stock,
  today,
  openDays,
  nameOf,
  missing,
}: {
  products: readonly Product[];
  stock: readonly StockPack[];
  today: string;
  openDays: (of: string) => number | undefined;
  nameOf: (id: string) => string;
  /** whether something was asked for that is not here */
  missing: boolean;
}) {
  return (
    <>
      <h1 style={{ fontSize: 24 }}>Shelf</h1>
      <p>
        What there is to repair with. Choose a system to see every figure with its source, or copy one for a product that you buy and enter its data sheet.
        {missing ? ' What was asked for is not here.' : ''}
      </p>
      {products.length > 0 ? (
        <>
          <h2 style={{ fontSize: 17 }}>Our own products</h2>
          <table className="mixtable shelf-figures">
            <thead>
              <tr>
                <th>Product</th>
                <th>Copied from</th>
                <th>Figures from</th>
              </tr>
            </thead>
            <tbody>
              {products.map((p) => (
                <tr key={p.id}>
                  <td>
                    <Link to={`/shelf/${p.id}`}>{p.title}</Link>
                  </td>
                  <td>{genericSystem(p.basedOn)?.title}</td>
                  <td className="quiet">
                    {p.sheet}; {Object.keys(p.figures).length === 1 ? 'one figure of its own' : `${String(Object.keys(p.figures).length)} figures of its own`}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      ) : null}
      {stock.length > 0 ? (
        <>
          <h2 style={{ fontSize: 17, marginTop: 16 }}>In stock</h2>
          <table className="mixtable shelf-figures">
            <thead>
              <tr>
                <th>What</th>
                <th>Packs</th>
                <th>Lot</th>
                <th>Where</th>
                <th>Until</th>
              </tr>
            </thead>
            <tbody>
              {stock.map((s) => {
                const { state, until } = packState(s, openDays(s.of), today);
                return (
                  <tr key={s.id}>
                    <td>
                      <Link to={`/shelf/${s.of}`}>{nameOf(s.of)}</Link>
                    </td>
                    <td>{s.count}</td>
                    <td>{s.lot}</td>
                    <td>{s.place}</td>
                    <td className={state === 'expired' ? 'grade out' : state === 'soon' ? 'grade care' : undefined}>
                      {state === 'no date' ? 'no date' : `${state === 'expired' ? 'expired ' : ''}${until === undefined ? '' : fullDate(until)}`}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </>
      ) : null}
    </>
  );
}
