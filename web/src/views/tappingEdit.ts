import type { TappingMap } from '@oddment/core';

export type Cell = 'h' | 's' | '.';

export const emptyMap: TappingMap = { cellMm: 100, rows: Array<string>(5).fill('......') };

/** The map with one cell changed. */
export function withCell(map: TappingMap, at: number, cell: Cell): TappingMap {
  const columns = map.rows[0]?.length ?? 1;
  const [row, column] = [Math.floor(at / columns), at % columns];
  return { ...map, rows: map.rows.map((r, i) => (i === row ? r.slice(0, column) + cell + r.slice(column + 1) : r)) };
}

/** What a click makes of a cell: hollow, then sound, then not tapped. */
export function afterClick(cell: string): Cell {
  return cell === '.' ? 'h' : cell === 'h' ? 's' : '.';
}

/** The map with more or fewer columns and rows. */
export function resizedMap(map: TappingMap, columns: number, rows: number): TappingMap {
  return { ...map, rows: Array.from({ length: rows }, (_v, i) => (map.rows[i] ?? '').padEnd(columns, '.').slice(0, columns)) };
}
