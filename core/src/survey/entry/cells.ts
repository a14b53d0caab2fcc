import type { DepthGrid } from '../../geometry/depthGrid.ts';
import type { Outline } from '../../geometry/outline.ts';
import type { TappingMap } from '../../geometry/tapping.ts';
import type { UnitSystem } from '../../quantity/kind.ts';
import { parseMeasure } from '../../quantity/parse.ts';
import type { Ask, Fact, Station } from '../ask.ts';

const stationsCell = (stations: readonly Station[]) => stations.map((s) => `${String(s.atMm)}:${String(s.widthMm)}`).join(' ');

function outlineCell(outline: Outline): string {
  if ('points' in outline) return outline.points.map((p) => `${String(p.xMm)},${String(p.yMm)}`).join(' ');
  const { is, ...sizes } = outline.shape;
  return [is, ...Object.values(sizes).map(String)].join(' ');
}

/** A fact in one cell: a number in its base unit, an answer by its value, a compound one in a line of its own kind. */
export function cellOf(ask: Ask, fact: Fact<unknown> | undefined): string {
  if (fact === undefined) return '';
  switch (ask.ask) {
    case 'measure':
    case 'choice':
    case 'text':
      return String(fact.value);
    case 'stations':
      return stationsCell(fact.value as readonly Station[]);
    case 'outline':
      return outlineCell(fact.value as Outline);
    case 'depth-grid': {
      const grid = fact.value as DepthGrid;
      return [`x ${grid.xMm.join(' ')}`, `y ${grid.yMm.join(' ')}`, ...grid.depthMm.map((row) => row.join(' '))].join('; ');
    }
    case 'tapping': {
      const map = fact.value as TappingMap;
      return [String(map.cellMm), ...map.rows].join(' ');
    }
  }
}

export type ReadCell = { readonly ok: true; readonly value: unknown; readonly text?: string } | { readonly ok: false; readonly why: string };

const refused = (why: string): ReadCell => ({ ok: false, why });
const plain = /^-?\d+(?:\.\d+)?(?:e[+-]?\d+)?$/i;
/** The letters and numbers of a text, small, with one space between words. */
export const plainWords = (text: string) =>
  text
    .toLowerCase()
    .replaceAll(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
const numbers = (text: string) =>
  text
    .split(/[\s,]+/)
    .filter((t) => t !== '')
    .map(Number);

/** The answer that a text names, by its value or by its words. */
export function optionOf(ask: Ask & { ask: 'choice' }, text: string): string | undefined {
  const told = plainWords(text);
  const found =
    ask.options.find((o) => o.value === text.trim()) ??
    ask.options.find((o) => plainWords(o.value) === told || plainWords(o.label) === told || plainWords(o.label.split(/[,:]/)[0] ?? '') === told);
  return found?.value;
}

function readStations(text: string): ReadCell {
  const pairs = text.split(/\s+/).map((pair) => pair.split(':').map(Number));
  if (!pairs.every((p) => p.length === 2 && p.every(Number.isFinite))) return refused('Write each width as its place and itself in mm, like 0:0.4 2100:1.2.');
  return { ok: true, value: pairs.map(([atMm, widthMm]) => ({ atMm, widthMm })) };
}

const shapeSizes: Readonly<Record<string, readonly string[]>> = {
  rectangle: ['widthMm', 'heightMm'],
  ellipse: ['widthMm', 'heightMm'],
  triangle: ['widthMm', 'heightMm'],
  'l-shape': ['widthMm', 'heightMm', 'armWidthMm', 'armHeightMm'],
};

function readOutline(text: string): ReadCell {
  const [first = '', ...rest] = text.split(/\s+/);
  const sizes = Object.hasOwn(shapeSizes, first) ? shapeSizes[first] : undefined;
  if (sizes) {
    const given = rest.map(Number);
    if (given.length !== sizes.length || !given.every(Number.isFinite)) return refused(`A ${first} has ${String(sizes.length)} sizes in mm.`);
    return { ok: true, value: { shape: { is: first, ...Object.fromEntries(sizes.map((size, i) => [size, given[i]])) } } };
  }
  const points = text.split(/\s+/).map((p) => p.split(',').map(Number));
  if (points.length < 3 || !points.every((p) => p.length === 2 && p.every(Number.isFinite)))
    return refused('Write a shape with its sizes in mm, like rectangle 300 200, or its corners, like 0,0 300,0 300,200.');
  return { ok: true, value: { points: points.map(([xMm, yMm]) => ({ xMm, yMm })) } };
}

function readGrid(text: string): ReadCell {
  const [x = '', y = '', ...rows] = text.split(';').map((part) => part.trim());
  const grid = { xMm: numbers(x.replace(/^x\s*/, '')), yMm: numbers(y.replace(/^y\s*/, '')), depthMm: rows.map(numbers) };
  const whole = x.startsWith('x') && y.startsWith('y') && [grid.xMm, grid.yMm, ...grid.depthMm].every((row) => row.length > 0 && row.every(Number.isFinite));
  return whole ? { ok: true, value: grid } : refused('Write places and depths in mm, like x 0 100; y 0 100; 0 5; 5 0.');
}

function readTapping(text: string): ReadCell {
  const [cell, ...rows] = text.split(/\s+/);
  return rows.length > 0 && Number.isFinite(Number(cell))
    ? { ok: true, value: { cellMm: Number(cell), rows } }
    : refused('Write the side of a cell in mm and its rows, like 100 hhs hss.');
}

/**
 * Reads what stands in one cell: as `cellOf` writes it, or as a person types it, a measure with its unit or in the unit of
 * its field, an answer by its words.
 * @param base whether a bare number is in the base unit of its kind, as in a column named by its field
 */
export function readCell(ask: Ask, text: string, units: UnitSystem, base: boolean): ReadCell {
  switch (ask.ask) {
    case 'measure': {
      if (base && plain.test(text.trim())) return { ok: true, value: Number(text) };
      const read = parseMeasure(text, ask.kind, units);
      return read.ok ? { ok: true, value: read.value, text: text.trim().slice(0, 60) } : read;
    }
    case 'choice': {
      const value = optionOf(ask, text);
      return value === undefined ? refused(`'${text.trim()}' is not an answer. It can be ${ask.options.map((o) => o.label).join('; ')}.`) : { ok: true, value };
    }
    case 'stations':
      return readStations(text.trim());
    case 'outline':
      return readOutline(text.trim());
    case 'depth-grid':
      return readGrid(text);
    case 'tapping':
      return readTapping(text.trim());
    case 'text':
      return { ok: true, value: text };
  }
}
