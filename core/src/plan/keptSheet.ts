import { Figure, type FigureRow } from '../quantity/figure.ts';
import type { Figures } from '../quantity/ledger.ts';
import type { Sheet } from './sheet.ts';

/** A sheet as plain JSON, with the figures it shows and all that they were computed from. */
export interface KeptSheet {
  readonly sheet: unknown;
  readonly figures: readonly FigureRow[];
}

const isFigure = (value: unknown): value is Figure => value instanceof Figure;

/** Every figure that stands in plain data. */
function figuresIn(value: unknown, found: Set<Figure>): void {
  if (isFigure(value)) found.add(value);
  else if (Array.isArray(value)) for (const one of value) figuresIn(one, found);
  else if (typeof value === 'object' && value !== null) for (const one of Object.values(value)) figuresIn(one, found);
}

function inputsOf(row: FigureRow): string[] {
  return row.origin.by === 'formula' ? Object.values(row.origin.inputs).flatMap((ids) => (typeof ids === 'string' ? [ids] : [...ids])) : [];
}

/** Keeps a sheet with its workings. */
export function keepSheet(sheet: Sheet, figures: Figures): KeptSheet {
  const shown = new Set<Figure>();
  figuresIn(sheet, shown);
  const rows = new Map<string, FigureRow>();
  const take = (figure: Figure) => {
    if (rows.has(figure.id)) return;
    const { id, label, value, kind, origin } = figure;
    const row = { id, label, value, kind, origin };
    rows.set(id, row);
    for (const input of inputsOf(row)) {
      const before = figures.find(input);
      if (before) take(before);
    }
  };
  shown.forEach(take);
  return { sheet: JSON.parse(JSON.stringify(sheet)) as unknown, figures: [...rows.values()] };
}

function isReference(value: object): value is { figure: string } {
  return Object.keys(value).length === 1 && 'figure' in value && typeof value.figure === 'string';
}

/**
 * Reads a kept sheet: every reference becomes its figure again, with its working.
 * @throws Error where a figure is named that is not in the table
 */
export function readSheet(kept: KeptSheet): { readonly sheet: Sheet; readonly figures: Figures } {
  const byId = new Map(kept.figures.map(({ id, label, value, kind, origin }) => [id, new Figure(id, label, value, kind, origin)]));
  const revived = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.map(revived);
    if (typeof value !== 'object' || value === null) return value;
    if (!isReference(value)) return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, revived(one)]));
    // a quantity has its figure under this name too
    const figure = byId.get(value.figure);
    if (!figure) throw new Error(`the kept sheet names a figure it does not hold: ${value.figure}`);
    return figure;
  };
  return { sheet: revived(kept.sheet) as Sheet, figures: { find: (id) => byId.get(id) } };
}
