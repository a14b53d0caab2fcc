import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { typingIn, type Patch } from '../../views/cellTyping.ts';
import { stateOf, type TableColumn, type TableRow } from '../../views/defectTable.ts';
import { useTelling } from '../telling.tsx';
import { CellEditor } from './CellEditor.tsx';
import type { useDefectTable } from './useDefectTable.ts';

const rowPx = 38;
const boxPx = 40;

interface DefectGridProps {
  readonly jobId: string;
  readonly table: ReturnType<typeof useDefectTable>;
  readonly mayPlan: boolean;
  readonly onPatch: (row: TableRow, patch: Patch) => void;
}

interface Place {
  readonly row: number;
  /** 0 is the box that chooses the row */
  readonly col: number;
}

const steps: Readonly<Record<string, readonly [rows: number, cols: number]>> = {
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
  ArrowRight: [0, 1],
  ArrowLeft: [0, -1],
  PageDown: [12, 0],
  PageUp: [-12, 0],
};

function Head({ table, mayPlan }: Pick<DefectGridProps, 'table' | 'mayPlan'>) {
  const { columns, rows, sorting, sortBy, isChosen, choose } = table;
  const all = rows.length > 0 && rows.every((r) => isChosen(r.id));
  return (
    <div role="row" className="grid-row head" style={{ gridTemplateColumns: template(columns) }} aria-rowindex={1}>
      <span role="columnheader">
        {mayPlan ? (
          <input
            type="checkbox"
            aria-label="Choose all that are shown"
            checked={all}
            onChange={(event) => {
              choose(
                rows.map((r) => r.id),
                event.target.checked,
              );
            }}
          />
        ) : null}
      </span>
      {columns.map((column) => {
        const sorted = sorting?.id === column.id ? (sorting.desc ? 'descending' : 'ascending') : 'none';
        return (
          <span key={column.id} role="columnheader" aria-sort={sorted}>
            <button
              type="button"
              onClick={() => {
                sortBy(column.id);
              }}
            >
              {column.title}
              <i aria-hidden="true">{sorted === 'none' ? '' : sorted === 'ascending' ? ' ▴' : ' ▾'}</i>
            </button>
          </span>
        );
      })}
    </div>
  );
}

const template = (columns: readonly TableColumn[]) => [boxPx, ...columns.map((c) => c.widthPx)].map((px) => `${String(px)}px`).join(' ');

/** The repairs of a job as rows: walked with the arrows, typed in place, only what is in view is drawn. */
export function DefectGrid({ jobId, table, mayPlan, onPatch }: DefectGridProps) {
  const how = useTelling();
  const { rows, columns, isChosen, choose } = table;
  const navigate = useNavigate();
  const scroll = useRef<HTMLDivElement>(null);
  const [at, setAt] = useState<Place>({ row: 0, col: 1 });
  const [editing, setEditing] = useState(false);
  // the hand goes to the cell when a key moved it, not when the page is opened
  const [moved, setMoved] = useState(0);
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions stay in this part
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroll.current,
    estimateSize: () => rowPx,
    getItemKey: (i) => rows[i]?.id ?? i,
    overscan: 8,
  });
  const go = useCallback(
    (row: number, col: number) => {
      const next = { row: Math.max(0, Math.min(rows.length - 1, row)), col: Math.max(0, Math.min(columns.length, col)) };
      setAt(next);
      setEditing(false);
      setMoved((n) => n + 1);
      virtual.scrollToIndex(next.row);
    },
    [rows.length, columns.length, virtual],
  );
  useEffect(() => {
    if (moved > 0) scroll.current?.querySelector<HTMLElement>('[data-here]')?.focus();
  }, [moved, at]);
  const column = columns[at.col - 1];
  const here = rows[at.row];
  const typing = column && here && mayPlan ? typingIn(column, here) : undefined;
  /** what a key does where the hand is */
  const actOf = (key: string, row: TableRow): (() => void) | undefined => {
    const step = steps[key];
    if (step)
      return () => {
        go(at.row + step[0], at.col + step[1]);
      };
    switch (key) {
      case 'Home':
        return () => {
          go(at.row, 1);
        };
      case ' ':
        return () => {
          choose([row.id], !isChosen(row.id));
        };
      case 'Enter':
        return () => {
          if (typing) setEditing(true);
          else void navigate(`/jobs/${jobId}/${column?.opens ?? 'walk'}/${row.id}`);
        };
      case 'F2':
        return typing
          ? () => {
              setEditing(true);
            }
          : undefined;
      default:
        return undefined;
    }
  };
  const keys = (event: React.KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || editing || !here) return;
    const act = actOf(event.key, here);
    if (!act) return;
    event.preventDefault();
    event.stopPropagation();
    act();
  };
  return (
    <div className="grid-scroll" ref={scroll}>
      <div role="grid" tabIndex={-1} aria-label="Repairs" aria-rowcount={rows.length + 1} aria-multiselectable="true" onKeyDown={keys}>
        <Head table={table} mayPlan={mayPlan} />
        <div style={{ height: virtual.getTotalSize(), position: 'relative' }} role="rowgroup">
          {virtual.getVirtualItems().map((item) => {
            const row = rows[item.index];
            if (!row) return null;
            const mine = item.index === at.row;
            const cell = (col: number) => ({
              role: 'gridcell' as const,
              tabIndex: mine && at.col === col ? 0 : -1,
              ...(mine && at.col === col && { 'data-here': '' }),
              onClick: () => {
                setAt({ row: item.index, col });
                if (!(mine && at.col === col)) setEditing(false);
              },
            });
            return (
              <div
                key={row.id}
                role="row"
                aria-rowindex={item.index + 2}
                aria-selected={isChosen(row.id)}
                className={`grid-row${isChosen(row.id) ? ' chosen' : ''}`}
                style={{ gridTemplateColumns: template(columns), height: rowPx, transform: `translateY(${String(item.start)}px)` }}
              >
                <span {...cell(0)}>
                  {mayPlan ? (
                    <input
                      type="checkbox"
                      tabIndex={-1}
                      aria-label={`Choose ${row.defect.mark}`}
                      checked={isChosen(row.id)}
                      onChange={(event) => {
                        choose([row.id], event.target.checked);
                      }}
                    />
                  ) : null}
                </span>
                {columns.map((one, i) => (
                  <span
                    key={one.id}
                    {...cell(i + 1)}
                    className={one.id === 'state' ? stateOf(row).replace(' ', '-') : undefined}
                    title={editing && mine ? undefined : one.text(row, how)}
                    onDoubleClick={() => {
                      if (mayPlan && typingIn(one, row)) {
                        setAt({ row: item.index, col: i + 1 });
                        setEditing(true);
                      }
                    }}
                  >
                    {editing && typing && mine && at.col === i + 1 ? (
                      <CellEditor
                        key={`${row.id} ${one.id}`}
                        typing={typing}
                        row={row}
                        label={`${one.title} of ${row.defect.mark}`}
                        units={how.units}
                        onTaken={(patch) => {
                          onPatch(row, patch);
                        }}
                        onEnd={(then) => {
                          if (then === 'stay') go(at.row, at.col);
                          else go(at.row + (then === 'down' ? 1 : 0), at.col + (then === 'right' ? 1 : then === 'left' ? -1 : 0));
                        }}
                      />
                    ) : one.id === 'mark' ? (
                      <Link to={`/jobs/${jobId}/walk/${row.id}`} tabIndex={-1}>
                        {row.defect.mark}
                      </Link>
                    ) : (
                      one.text(row, how)
                    )}
                  </span>
                ))}
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}
