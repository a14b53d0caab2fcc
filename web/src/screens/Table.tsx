import Button from '@mui/material/Button';
import { useEffect, useMemo, useRef, useState } from 'react';
import { OneOfThese } from '../parts/OneOfThese.tsx';
import { FindField } from '../parts/FindField.tsx';
import { DefectGrid } from '../parts/table/DefectGrid.tsx';
import { ManyBar } from '../parts/table/ManyBar.tsx';
import { useDefectTable } from '../parts/table/useDefectTable.ts';
import { useTelling } from '../parts/telling.tsx';
import { api } from '../state/api.ts';
import { useMany } from '../state/many.ts';
import { columnsOf, holds, rowsOf, stateOf, tableCsv, type RowState } from '../views/defectTable.ts';
import { usePlace } from './JobFrame.tsx';

const states: readonly (readonly [RowState | undefined, string])[] = [
  [undefined, 'all'],
  ['open', 'questions open'],
  ['stop', 'stops'],
  ['nothing fits', 'nothing fits'],
  ['to choose', 'to choose'],
  ['chosen', 'chosen'],
];

/** Table: every repair of a job as a row, found, put in order, changed in place or many at once. */
export function Table() {
  const { job, plans, mayPlan } = usePlace();
  const how = useTelling();
  const { data: shelf } = api.useShelfQuery(undefined);
  const many = useMany(job);
  const [search, setSearch] = useState('');
  const [only, setOnly] = useState<RowState>();
  const [choosing, setChoosing] = useState(false);
  const columns = useMemo(() => columnsOf(job, shelf?.products ?? []), [job, shelf]);
  const all = useMemo(() => rowsOf(job, plans), [job, plans]);
  const rows = useMemo(
    () =>
      all.filter(
        (row) =>
          (only === undefined || stateOf(row) === only) &&
          holds(
            row,
            columns.filter((c) => c.id === 'system' || c.id === 'stop'),
            search,
            how,
          ),
      ),
    [all, only, search, columns, how],
  );
  const table = useDefectTable(rows, columns, how);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    field.current?.focus();
  }, []);
  return (
    <main className="table-screen">
      <h1 className="clip">All repairs of {job.site}</h1>
      <div className="table-head">
        <FindField label="Find by mark, place or word" value={search} hand={field} onSearch={setSearch} />
        <OneOfThese label="Which repairs" choices={states.map(([id, words]) => ({ id, words }))} chosen={only} onChoose={setOnly} />
        <span className="quiet" role="status">
          {rows.length === all.length ? `${String(all.length)} repairs` : `${String(rows.length)} of ${String(all.length)}`}
        </span>
        <span className="push" />
        <Button
          size="small"
          variant="outlined"
          aria-expanded={choosing}
          onClick={() => {
            setChoosing(!choosing);
          }}
        >
          Columns
        </Button>
        <a
          download={`${job.site.slice(0, 60)} repairs.csv`}
          href={`data:text/csv;charset=utf-8,${encodeURIComponent(tableCsv(table.rows, table.columns, how))}`}
        >
          As CSV
        </a>
      </div>
      {choosing ? (
        <fieldset className="columns-shown">
          <legend>Columns</legend>
          {columns.map((c) => (
            <label key={c.id}>
              <input
                type="checkbox"
                checked={table.shown.includes(c.id)}
                onChange={(event) => {
                  table.show(c.id, event.target.checked);
                }}
              />{' '}
              {c.title}
            </label>
          ))}
        </fieldset>
      ) : null}
      {mayPlan && table.chosen.length > 0 ? (
        <ManyBar
          chosen={table.chosen}
          onNone={() => {
            table.choose(
              all.map((r) => r.id),
              false,
            );
          }}
        />
      ) : null}
      {all.length === 0 ? (
        <p>Nothing is found yet. Begin in Walk with an area, then add what you find in it.</p>
      ) : (
        <DefectGrid
          jobId={job.id}
          table={table}
          mayPlan={mayPlan}
          onPatch={(row, patch) => {
            many.change([row.defect], () => patch);
          }}
        />
      )}
      <p className="quiet table-keys">Arrows walk, Enter types in a cell or opens its stage, Space chooses the row. A heading puts in order.</p>
    </main>
  );
}
