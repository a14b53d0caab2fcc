import Button from '@mui/material/Button';
import type { ProductRecord } from '@oddment/contracts';
import { fullDate, cite, genericSystem, genericWhy, kindOf, showValue, type PatchSystem } from '@oddment/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { ProductForm } from './ProductForm.tsx';
import { NotFollowed, ShelfFigures } from './ShelfFigures.tsx';
import { api } from '../state/api.ts';
import { useMayPlan } from '../state/editing.ts';
import { useRemove } from '../state/removing.ts';
import { useStore } from '../state/store.ts';

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

/** A system, or a product that was copied from it: what it is for, its figures, and the way to change them. */
export function ShelfSystem({ system, product }: { system: PatchSystem; product: ProductRecord | undefined }) {
  const units = useStore((s) => s.view.units ?? 'metric');
  const remove = useRemove();
  const mayPlan = useMayPlan();
  const [editing, setEditing] = useState(false);
  return (
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
          Ours, copied from <Link to={`/shelf/${product.basedOn}`}>{genericSystem(product.basedOn)?.title}</Link>. Figures from: {product.sheet}; the others are
          the generic ones.
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
          {p.price ? `, ${p.price.currency} ${p.price.amount.toFixed(2)} of ${fullDate(p.price.on)}` : ', no price noted'}
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
  );
}
