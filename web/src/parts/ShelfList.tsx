import TextField from '@mui/material/TextField';
import { auxiliaries, genericShelf, usualFigures, type Product } from '@oddment/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { sought } from '../views/quickFigure.ts';

const families = [
  ['cementitious', 'Cement'],
  ['epoxy', 'Epoxy'],
  ['gypsum', 'Gypsum and board'],
  ['polymer', 'Polymer'],
  ['wood', 'Wood'],
  ['tub', 'Tubs'],
] as const;

/** Everything on the shelf by name, with a search over it. */
export function ShelfList({ products, chosen }: { products: readonly Product[]; chosen: string | undefined }) {
  const [words, setWords] = useState('');
  const item = (id: string, title: string) => (
    <Link key={id} className="item" to={`/shelf/${id}`} aria-current={id === chosen ? 'true' : undefined}>
      {title}
    </Link>
  );
  return (
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
      <h2>Usual figures of the work</h2>
      {sought(
        usualFigures.map((u) => ({ title: u.title, words: u.what, id: u.id })),
        words,
        (u) => u.id,
      ).map((u) => item(u.id, u.title))}
    </nav>
  );
}
