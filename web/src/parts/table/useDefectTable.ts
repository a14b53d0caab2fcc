import type { Telling } from '@oddment/core';
import {
  columnVisibilityFeature,
  createSortedRowModel,
  rowSelectionFeature,
  rowSortingFeature,
  tableFeatures,
  useTable,
  type ColumnDef,
  type RowSelectionState,
  type SortingState,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import { compared, orderKey, usualColumns, type TableColumn, type TableRow } from '../../views/defectTable.ts';

const features = tableFeatures({ columnVisibilityFeature, rowSelectionFeature, rowSortingFeature, sortedRowModel: createSortedRowModel() });
type Features = typeof features;

const memory = 'oddment-table';

interface Remembered {
  readonly shown: readonly string[];
  readonly sorting: SortingState;
}

function remembered(): Remembered {
  const usual: Remembered = { shown: usualColumns, sorting: [] };
  try {
    const { shown, sorting } = JSON.parse(localStorage.getItem(memory) ?? '{}') as Partial<Remembered>;
    return { shown: Array.isArray(shown) ? shown : usual.shown, sorting: Array.isArray(sorting) ? sorting : usual.sorting };
  } catch {
    return usual;
  }
}

/** The state of a table of repairs: its order, what is chosen, and which columns it shows; order and columns are kept. */
export function useDefectTable(rows: readonly TableRow[], columns: readonly TableColumn[], how: Telling) {
  const [{ shown, sorting }, setKept] = useState(remembered);
  const [rowSelection, setRowSelection] = useState<RowSelectionState>({});
  const keep = (next: Remembered) => {
    localStorage.setItem(memory, JSON.stringify(next));
    setKept(next);
  };
  const defs = useMemo(
    () =>
      columns.map((column): ColumnDef<Features, TableRow> => ({
        id: column.id,
        header: column.title,
        accessorFn: (row) => orderKey(row, column, how),
        sortUndefined: 'last',
        sortDescFirst: false,
        sortFn: (a, b, id) => compared(a.getValue(id), b.getValue(id)),
      })),
    [columns, how],
  );
  const visible = useMemo(() => Object.fromEntries(columns.map((c) => [c.id, shown.includes(c.id)])), [columns, shown]);
  const table = useTable({
    features,
    columns: defs,
    data: rows,
    getRowId: (row) => row.id,
    state: { sorting, rowSelection, columnVisibility: visible },
    onSortingChange: (next) => {
      keep({ shown, sorting: typeof next === 'function' ? next(sorting) : next });
    },
    onRowSelectionChange: setRowSelection,
  });
  const inOrder = table.getRowModel().rows;
  return {
    rows: inOrder.map((r) => r.original),
    columns: columns.filter((c) => shown.includes(c.id)),
    sorting: sorting[0],
    /** by a column, then the other way round, then as in the walk */
    sortBy: (id: string) => table.getColumn(id)?.toggleSorting(),
    isChosen: (id: string) => rowSelection[id] === true,
    // only what is shown can be chosen
    chosen: inOrder.filter((r) => rowSelection[r.id] === true).map((r) => r.original.defect),
    choose: (ids: readonly string[], on: boolean) => {
      const these = new Set(ids);
      setRowSelection((now) => ({
        ...Object.fromEntries(Object.entries(now).filter(([id]) => !these.has(id))),
        ...(on && Object.fromEntries(ids.map((id) => [id, true as const]))),
      }));
    },
    show: (id: string, on: boolean) => {
      keep({ shown: on ? [...shown, id] : shown.filter((s) => s !== id), sorting });
    },
    shown,
  };
}
