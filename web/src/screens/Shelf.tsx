import { auxiliaries, fullDate, usualFigures, genericShelf, genericSystem, packState, systemOf, type PatchSystem, type Product } from '@oddment/core';
import { Link, useParams } from 'react-router';
import { ShelfImport } from '../parts/ShelfImport.tsx';
import { ShelfList } from '../parts/ShelfList.tsx';
import { ShelfOverview } from '../parts/ShelfOverview.tsx';
import { ShelfSystem } from '../parts/ShelfSystem.tsx';
import { Bar } from '../parts/Bar.tsx';
import { NotFollowed, ShelfFigures } from '../parts/ShelfFigures.tsx';
import { Stock } from '../parts/Stock.tsx';
import { UndoBar } from '../parts/UndoBar.tsx';
import { api } from '../state/api.ts';
import { pageNow } from '../state/clock.ts';
import { useMayPlan } from '../state/editing.ts';
import { useStore } from '../state/store.ts';

/** The system of a product, or the generic one of an id; nothing for a copy of one that this version does not know. */
function systemShown(product: Product | undefined, id = ''): PatchSystem | undefined {
  if (!product) return genericSystem(id);
  return genericSystem(product.basedOn) && systemOf(product);
}

/** Shelf: the generic systems with their figures and sources, the firm's own products, and its stock. */
export function Shelf() {
  const units = useStore((s) => s.view.units ?? 'metric');
  const { systemId } = useParams();
  const { data } = api.useShelfQuery(undefined);
  const mayPlan = useMayPlan();
  const products = data?.products ?? [];
  const stock = data?.stock ?? [];
  const today = pageNow().slice(0, 10);
  const product = products.find((p) => p.id === systemId);
  const system = systemShown(product, systemId);
  const auxiliary = auxiliaries.find((a) => a.id === systemId);
  const record = auxiliary ?? usualFigures.find((u) => u.id === systemId);
  const openDays = (of: string) => products.find((p) => p.id === of)?.packs.find((p) => p.openDays !== undefined)?.openDays;
  const inView = system ?? auxiliary;
  const warned = stock
    .filter((s) => s.count > 0)
    .map((s) => ({ s, ...packState(s, openDays(s.of), today) }))
    .filter((s) => s.state === 'expired' || s.state === 'soon');
  const nameOf = (id: string) =>
    products.find((p) => p.id === id)?.title ??
    genericSystem(id)?.title ??
    auxiliaries.find((a) => a.id === id)?.title ??
    'a product that is not here any more';
  return (
    <div className="frame" style={{ gridTemplateRows: 'auto minmax(0, 1fr)' }}>
      <Bar units={units} />
      <div className={`work shelf${(system ?? record) ? ' one' : ''}`}>
        <ShelfList products={products} chosen={systemId} />
        <main className="pane sheet" style={{ padding: '14px 20px' }}>
          <div className="title">
            <Link to="/shelf" className="only-phone">
              The shelf
            </Link>
            <span className="quiet count">
              {genericShelf.length} systems, {auxiliaries.length} that go with them, {products.length} of our own
            </span>
            <span className="push" />
            <Link to="/rules">House rules</Link>
            <Link to="/">Jobs</Link>
          </div>
          {record ? (
            <>
              <h1 style={{ fontSize: 24 }}>{record.title}</h1>
              <p>
                It {record.what}.{' '}
                <span className="quiet">
                  {auxiliary ? 'Never a repair by itself: a step of others.' : 'Taken where nothing was measured and no sheet says more.'}
                </span>
              </p>
              <ShelfFigures system={record} />
            </>
          ) : product && !system ? (
            <>
              <h1 style={{ fontSize: 24 }}>{product.title}</h1>
              <NotFollowed product={product} />
            </>
          ) : system ? (
            <ShelfSystem key={system.id} system={system} product={product} />
          ) : (
            <ShelfOverview {...{ products, stock, today, openDays, nameOf }} missing={systemId !== undefined} />
          )}
        </main>
        <aside className="pane left-rule" aria-label="Stock" style={{ padding: '14px 16px' }}>
          {warned.length > 0 ? (
            <section aria-label="Expiring">
              <h2 style={{ fontSize: 17 }}>Look at these first</h2>
              <ul style={{ paddingLeft: 18, margin: '4px 0 12px' }}>
                {warned.map(({ s, state, until }) => (
                  <li key={s.id}>
                    <Link to={`/shelf/${s.of}`}>{nameOf(s.of)}</Link>
                    {s.lot === '' ? '' : `, lot ${s.lot}`}:{' '}
                    <span className={`grade ${state === 'expired' ? 'out' : 'care'}`}>
                      {state === 'expired' ? 'expired' : 'good until'} {until === undefined ? '' : fullDate(until)}
                    </span>
                  </li>
                ))}
              </ul>
            </section>
          ) : null}
          {inView ? (
            <Stock
              key={inView.id}
              of={inView.id}
              title={inView.title}
              stock={stock.filter((s) => s.of === inView.id)}
              openDays={openDays(inView.id)}
              today={today}
            />
          ) : null}
          {mayPlan ? <ShelfImport /> : null}
        </aside>
      </div>
      <UndoBar />
    </div>
  );
}
