import type { ProductFileReport } from '@oddment/contracts';
import { useState } from 'react';
import { v4 as uuid } from 'uuid';
import { PickFile } from './PickFile.tsx';
import { refusal } from './refusal.ts';
import { api } from '../state/api.ts';

/** Products read from a file, with what was refused by line; and the way out. */
export function ShelfImport() {
  const [take, { error }] = api.useImportProductsMutation();
  const [report, setReport] = useState<ProductFileReport>();
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
      <PickFile
        label="Product file"
        accept=".csv,.json,text/csv,application/json"
        onFile={(file) => {
          void read(file);
        }}
      />
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
