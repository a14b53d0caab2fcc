import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { ProductFileReport } from '@oddment/contracts';
import {
  auxiliaries,
  cite,
  genericShelf,
  genericSystem,
  genericWhy,
  kindOf,
  packState,
  showValue,
  systemOf,
  type PatchSystem,
  type Product,
} from '@oddment/core';
import { useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { v4 as uuid } from 'uuid';
import { Bar } from '../parts/Bar.tsx';
import { ProductForm } from '../parts/ProductForm.tsx';
import { refusal } from '../parts/refusal.ts';
import { NotFollowed, ShelfFigures } from '../parts/ShelfFigures.tsx';
import { Stock } from '../parts/Stock.tsx';
import { UndoBar } from '../parts/UndoBar.tsx';
import { api } from '../state/api.ts';
import { pageNow } from '../state/clock.ts';
import { useMayPlan } from '../state/editing.ts';
import { useRemove } from '../state/removing.ts';
import { useStore } from '../state/store.ts';
import { sought } from '../views/quickFigure.ts';

const families = [
  ['cementitious', 'Cement'],
  ['epoxy', 'Epoxy'],
  ['gypsum', 'Gypsum and board'],
  ['polymer', 'Polymer'],
  ['wood', 'Wood'],
  ['tub', 'Tubs'],
] as const;

function Versions({ id }: { id: string }) {
  const { data } = api.useProductVersionsQuery(id);
  if (!data || data.length < 2) return null;
  return (
    <details>
      <summary>{data.length} versions are kept</summary>
      <ul>
        {data.map((v, i) => {
          const before = data[i + 1]?.product;
          const paths = before
            ? [...new Set([...Object.keys(v.product.figures), ...Object.keys(before.figures)])].filter((p) => v.product.figures[p] !== before.figures[p])
            : [];
          return (
            <li key={v.version}>
              Version {v.version}, {v.at.slice(0, 10)}, {v.by}: {v.product.sheet}
              {paths.length > 0
                ? `; ${paths.map((p) => `${p} ${String(before?.figures[p] ?? 'as usual')} → ${String(v.product.figures[p] ?? 'as usual')}`).join(', ')}`
                : ''}
            </li>
          );
        })}
      </ul>
    </details>
  );
}

function Import() {
  const [take, { error }] = api.useImportProductsMutation();
  const [report, setReport] = useState<ProductFileReport>();
  const picker = useRef<HTMLInputElement>(null);
  const read = async (file: File) => {
    setReport(undefined);
    const done = await take({ change: uuid(), text: await file.text() });
    if (done.data) setReport(done.data);
  };
  return (
    <section aria-label="Products from a file" style={{ borderTop: '1px solid var(--rule)', marginTop: 14, paddingTop: 8 }}>
      <h2 style={{ fontSize: 17 }}>Products from a file</h2>
      <p className="quiet">
        CSV with title, basedOn, sheet and a column for each figure, such as lift/floor; or JSON as it goes out.{' '}
        <a href="/api/products?format=csv" download>
          CSV
        </a>{' '}
        <a href="/api/products?format=json" download>
          JSON
        </a>
      </p>
      <input
        ref={picker}
        type="file"
        accept=".csv,.json,text/csv,application/json"
        hidden
        aria-label="Product file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void read(file);
          event.target.value = '';
        }}
      />
      <Button variant="outlined" onClick={() => picker.current?.click()}>
        Choose a file
      </Button>
      {error === undefined ? null : (
        <p className="grade out" role="alert">
          {refusal(error)}
        </p>
      )}
      {report ? (
        <div role="status">
          <p>
            <b>
              {report.made} made, {report.changed} changed, {report.lines.filter((l) => l.problems.length > 0).length} refused.
            </b>
          </p>
          <ul>
            {report.lines
              .filter((l) => l.problems.length > 0)
              .slice(0, 12)
              .map((l) => (
                <li key={l.line}>
                  Line {l.line}
                  {l.title === '' ? '' : `, ${l.title}`}: {l.problems.join(' ')}
                </li>
              ))}
          </ul>
        </div>
      ) : null}
    </section>
  );
}

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
  const remove = useRemove();
  const mayPlan = useMayPlan();
  const [words, setWords] = useState('');
  const [editing, setEditing] = useState(false);
  const [at, setAt] = useState(systemId);
  if (at !== systemId) {
    setAt(systemId);
    setEditing(false);
  }
  const products = data?.products ?? [];
  const stock = data?.stock ?? [];
  const today = pageNow().slice(0, 10);
  const product = products.find((p) => p.id === systemId);
  const system = systemShown(product, systemId);
  const auxiliary = auxiliaries.find((a) => a.id === systemId);
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
  const item = (id: string, title: string) => (
    <Link key={id} className="item" to={`/shelf/${id}`} aria-current={id === systemId ? 'true' : undefined}>
      {title}
    </Link>
  );
  return (
    <div className="frame" style={{ gridTemplateRows: 'auto minmax(0, 1fr)' }}>
      <Bar units={units} />
      <div className={`work shelf${(system ?? auxiliary) ? ' one' : ''}`}>
        <nav className="list" aria-label="Shelf">
          <div style={{ padding: '10px 12px 4px' }}>
            <TextField
              size="small"
              fullWidth
              label="Find on the shelf"
              value={words}
              onChange={(event) => {
                setWords(event.target.value);
              }}
            />
          </div>
          <h2>Our own products</h2>
          {sought(
            products.map((p) => ({ title: p.title, words: p.sheet, id: p.id })),
            words,
            (p) => p.title,
          ).map((p) => item(p.id, p.title))}
          {products.length === 0 ? (
            <p className="quiet" style={{ padding: '0 12px' }}>
              None yet. Choose a system below and copy it.
            </p>
          ) : null}
          {families.map(([family, title]) => {
            const own = sought(
              genericShelf.filter((s) => s.family === family).map((s) => ({ title: s.title, words: `${s.work} ${s.chemistry}`, id: s.id })),
              words,
              (s) => s.id,
            );
            return own.length === 0 ? null : (
              <div key={family}>
                <h2>{title}</h2>
                {own.map((s) => item(s.id, s.title))}
              </div>
            );
          })}
          <h2>What goes with them</h2>
          {sought(
            auxiliaries.map((a) => ({ title: a.title, words: a.what, id: a.id })),
            words,
            (a) => a.id,
          ).map((a) => item(a.id, a.title))}
        </nav>
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
          {auxiliary ? (
            <>
              <h1 style={{ fontSize: 24 }}>{auxiliary.title}</h1>
              <p>
                It {auxiliary.what}. <span className="quiet">Never a repair by itself: a step of others.</span>
              </p>
              <ShelfFigures system={auxiliary} />
            </>
          ) : product && !system ? (
            <>
              <h1 style={{ fontSize: 24 }}>{product.title}</h1>
              <NotFollowed product={product} />
            </>
          ) : system ? (
            <>
              <h1 style={{ fontSize: 24 }}>{system.title}</h1>
              <p>
                It {system.work}.{' '}
                <span className="quiet">
                  {system.chemistry}; {system.suits.length > 0 ? `for ${system.suits.map((k) => kindOf(k).title).join(', ')}` : 'only in combinations'}.
                </span>
              </p>
              {product ? (
                <p>
                  Ours, copied from <Link to={`/shelf/${product.basedOn}`}>{genericSystem(product.basedOn)?.title}</Link>. Figures from: {product.sheet}; the
                  others are the generic ones.
                  {product.safeLift
                    ? ` Thickest lift by its own heat: ${product.safeLift.rows.map((r) => `${showValue(r.liftMm, 'depth', units).text} at ${showValue(r.ambientC, 'temperature', units).text}`).join(', ')}; a lift that stays under ${showValue(product.safeLift.limitC, 'temperature', units).text}, ${cite('lift-model')}.`
                    : ''}
                </p>
              ) : (
                <p className="quiet">{genericWhy}</p>
              )}
              <NotFollowed product={product} />
              {product?.packs.map((p) => (
                <p key={`${String(p.size)} ${p.unit}`}>
                  A pack: {showValue(p.size, p.unit === 'mL' ? 'volume' : 'mass', units).text}
                  {p.price ? `, ${p.price.currency} ${p.price.amount.toFixed(2)} of ${p.price.on}` : ', no price noted'}
                  {p.openDays === undefined ? '' : `; keeps ${showValue(p.openDays, 'age', units).text} once it is opened`}.
                </p>
              ))}
              {mayPlan && !editing ? (
                <p>
                  <Button
                    variant="contained"
                    onClick={() => {
                      setEditing(true);
                    }}
                  >
                    {product ? 'Change its figures' : 'Copy it for a product of ours'}
                  </Button>{' '}
                  {product ? (
                    <Button
                      variant="outlined"
                      onClick={() => {
                        void remove('product', product, product.title);
                      }}
                    >
                      Take it off the shelf
                    </Button>
                  ) : null}
                </p>
              ) : null}
              {editing ? (
                <ProductForm
                  key={product?.id ?? system.id}
                  system={system}
                  product={product}
                  onDone={() => {
                    setEditing(false);
                  }}
                />
              ) : (
                <ShelfFigures system={system} />
              )}
              {product ? <Versions id={product.id} /> : null}
            </>
          ) : (
            <>
              <h1 style={{ fontSize: 24 }}>Shelf</h1>
              <p>
                What there is to repair with. Choose a system to see every figure with its source, or copy one for a product that you buy and enter its data
                sheet.{systemId === undefined ? '' : ' What was asked for is not here.'}
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
                            {p.sheet};{' '}
                            {Object.keys(p.figures).length === 1 ? 'one figure of its own' : `${String(Object.keys(p.figures).length)} figures of its own`}
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
                              {state === 'no date' ? 'no date' : `${state === 'expired' ? 'expired ' : ''}${until ?? ''}`}
                            </td>
                          </tr>
                        );
                      })}
                    </tbody>
                  </table>
                </>
              ) : null}
            </>
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
                      {state === 'expired' ? 'expired' : 'good until'} {until}
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
          {mayPlan ? <Import /> : null}
        </aside>
      </div>
      <UndoBar />
    </div>
  );
}
