import type { DepthGrid } from '@oddment/core';

/** A grid of readings while it is entered: some cells may be empty. */
export interface GridEdit {
  readonly columns: number;
  readonly rows: number;
  readonly acrossMm: number;
  readonly downMm: number;
  /** row by row; null where nothing is read yet */
  readonly depths: readonly (number | null)[];
}

export const emptyGrid: GridEdit = { columns: 4, rows: 3, acrossMm: 100, downMm: 100, depths: Array<number | null>(12).fill(null) };

/** A finished grid, to be edited on: its steps are those of its first column and row. */
export function editOf(grid: DepthGrid): GridEdit {
  const step = (places: readonly number[]) => (places[1] ?? 100) - (places[0] ?? 0);
  return { columns: grid.xMm.length, rows: grid.yMm.length, acrossMm: step(grid.xMm), downMm: step(grid.yMm), depths: grid.depthMm.flat() };
}

/** The same readings on more or fewer columns and rows. */
export function resized(edit: GridEdit, columns: number, rows: number): GridEdit {
  const depths = Array.from({ length: columns * rows }, (_v, i) => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    return column < edit.columns && row < edit.rows ? (edit.depths[row * edit.columns + column] ?? null) : null;
  });
  return { ...edit, columns, rows, depths };
}

/** Nothing around the rim, where nothing else is read. */
export function rimFlush(edit: GridEdit): GridEdit {
  const onRim = (i: number) => i % edit.columns === 0 || i % edit.columns === edit.columns - 1 || i < edit.columns || i >= edit.columns * (edit.rows - 1);
  return { ...edit, depths: edit.depths.map((d, i) => (d === null && onRim(i) ? 0 : d)) };
}

/** The grid, once every crossing is read. */
export function gridOf(edit: GridEdit): DepthGrid | undefined {
  const read = edit.depths.filter((d) => d !== null);
  if (read.length < edit.columns * edit.rows) return undefined;
  return {
    xMm: Array.from({ length: edit.columns }, (_v, i) => i * edit.acrossMm),
    yMm: Array.from({ length: edit.rows }, (_v, i) => i * edit.downMm),
    depthMm: Array.from({ length: edit.rows }, (_v, r) => read.slice(r * edit.columns, (r + 1) * edit.columns)),
  };
}

/** The cell that an arrow key or Enter leads to; nothing where it would leave the grid. */
export function nextCell(at: number, key: string, columns: number, count: number): number | undefined {
  const column = at % columns;
  const to =
    key === 'ArrowUp'
      ? at - columns
      : key === 'ArrowDown'
        ? at + columns
        : key === 'ArrowLeft' && column > 0
          ? at - 1
          : (key === 'ArrowRight' && column < columns - 1) || key === 'Enter'
            ? at + 1
            : -1;
  return to >= 0 && to < count ? to : undefined;
}
