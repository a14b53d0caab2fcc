import { show, tell, type Dimension, type Line, type Note, type Point, type Region, type Section, type Telling } from '@oddment/core';
import { hatchings } from './hatching.ts';
import type { Palette } from './palette.ts';
import { scaleBar } from './scaleBar.ts';
import { node, type SvgNode } from './svg.ts';

export interface DrawingOptions extends Telling {
  readonly width: number;
  readonly height: number;
  readonly palette: Palette;
  /** keeps the ids of two drawings on one page apart */
  readonly prefix: string;
  /** leaves the notes beside the drawing out */
  readonly bare?: boolean;
  /** the family written into the drawing, where it is not a page that picks from a list */
  readonly font?: string;
  /** leaves out the rim around figures, for renderers that would paint it over them */
  readonly rimless?: boolean;
}

interface Frame {
  readonly scale: number;
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
}

const noteColumn = 212;
const margin = { left: 14, top: 34, bottom: 46 };
const tick = 5;
/** About the width of bold text at the size of a dimension: an m takes more than a digit. */
function labelWidth(label: string): number {
  return [...label].reduce((sum, c) => sum + (c === 'm' ? 14.5 : c === ' ' || c === '.' ? 5 : 9.5), 0);
}

function pathOf(points: readonly Point[], f: Frame, closed: boolean): string {
  return points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${f.x(x).toFixed(2)} ${f.y(y).toFixed(2)}`).join('') + (closed ? 'Z' : '');
}

/** Materials that are placed: told apart by their order, odd from even. */
const placedMaterials: ReadonlySet<Region['material']> = new Set(['mortar', 'resin-sand', 'compound', 'resin', 'laminate', 'coat', 'tape']);

const hatchOf: Readonly<Partial<Record<Region['material'], { readonly id: string; readonly flat: keyof Palette }>>> = {
  concrete: { id: 'concrete', flat: 'concrete' },
  masonry: { id: 'masonry', flat: 'masonry' },
  plaster: { id: 'plaster', flat: 'concrete' },
  board: { id: 'board', flat: 'board' },
  wood: { id: 'wood', flat: 'wood' },
  shell: { id: 'shell', flat: 'board' },
  lath: { id: 'lath', flat: 'masonry' },
  frame: { id: 'wood', flat: 'wood' },
  hollow: { id: 'hollow', flat: 'liftAlternate' },
  'choke-sand': { id: 'choke', flat: 'grain' },
  foam: { id: 'foam', flat: 'board' },
  rod: { id: 'foam', flat: 'board' },
  laminate: { id: 'laminate', flat: 'lift' },
};

function fillOf(region: Region, o: { prefix: string; palette: Palette }, flat: boolean): string {
  const hatch = hatchOf[region.material];
  if (hatch) return flat ? o.palette[hatch.flat] : `url(#${o.prefix}-${hatch.id})`;
  const odd = (region.layer ?? 1) % 2 === 1;
  switch (region.material) {
    case 'open':
      return o.palette.sheet;
    case 'resin':
      return o.palette.wet;
    case 'coat':
    case 'tape':
    case 'compound':
      return odd ? o.palette.coat : o.palette.liftAlternate;
    case 'mortar':
    case 'resin-sand':
      if (flat) return odd ? o.palette.lift : o.palette.liftAlternate;
      return `url(#${o.prefix}-lift-${odd ? 'odd' : 'even'})`;
    default:
      return o.palette.crack;
  }
}

function regionNode(region: Region, f: Frame, o: { prefix: string; palette: Palette }, flat: boolean): SvgNode {
  const placed = placedMaterials.has(region.material);
  const edge = placed ? o.palette.liftEdge : region.id === 'face' || region.material === 'concrete' ? undefined : o.palette.ink;
  return node('path', {
    d: pathOf(region.outline, f, true),
    fill: fillOf(region, o, flat),
    stroke: edge,
    'stroke-width': edge === undefined ? undefined : placed ? 1 : 1.4,
    'stroke-linejoin': 'round',
    'data-region': region.id,
  });
}

/** The faces of the slab: top and sides as ink, the bottom broken where the slab goes on. */
function slabEdges(section: Section, f: Frame, colors: Palette): SvgNode[] {
  const { left, right, top, bottom } = section.extent;
  if (section.view === 'front') {
    return [
      node('rect', {
        x: f.x(left),
        y: f.y(top),
        width: f.x(right) - f.x(left),
        height: f.y(bottom) - f.y(top),
        fill: 'none',
        stroke: colors.ink2,
        'stroke-width': 1,
      }),
    ];
  }
  const [x0, x1, y0, y1] = [f.x(left), f.x(right), f.y(0), f.y(bottom)];
  const edges = [
    node('path', {
      d: `M${x0.toFixed(1)} ${y1.toFixed(1)}V${y0.toFixed(1)}H${x1.toFixed(1)}V${y1.toFixed(1)}${section.brokenBelow ? '' : 'Z'}`,
      fill: 'none',
      stroke: colors.ink,
      'stroke-width': 2,
    }),
  ];
  if (section.brokenBelow) {
    const teeth = 12;
    const step = (x1 - x0) / teeth;
    const zig = Array.from(
      { length: teeth + 1 },
      (_, i) => `${i === 0 ? 'M' : 'L'}${(x0 + i * step).toFixed(1)} ${(y1 + (i % 2 === 0 ? 0 : 3)).toFixed(1)}`,
    ).join('');
    edges.push(node('path', { d: zig, fill: 'none', stroke: colors.ink, 'stroke-width': 1.2 }));
  }
  return edges;
}

function lineNode(line: Line, f: Frame, colors: Palette): SvgNode {
  const d = pathOf(line.points, f, false);
  switch (line.line) {
    case 'film':
      return node('path', { d, fill: 'none', stroke: colors.resin, 'stroke-width': 4, 'stroke-linejoin': 'round', 'data-line': line.id });
    case 'grind':
      return node('path', { d, fill: 'none', stroke: colors.grind, 'stroke-width': 2, 'stroke-dasharray': '9 5', 'data-line': line.id });
    case 'cut':
      return node('path', { d, fill: 'none', stroke: colors.grind, 'stroke-width': 2, 'stroke-dasharray': '9 5', 'data-line': line.id });
    case 'crack':
      return node('path', { d, fill: 'none', stroke: colors.crack, 'stroke-width': 2, 'data-line': line.id });
  }
}

function slash(x: number, y: number, colors: Palette): SvgNode {
  return node('path', {
    d: `M${(x - tick).toFixed(1)} ${(y + tick).toFixed(1)}L${(x + tick).toFixed(1)} ${(y - tick).toFixed(1)}`,
    stroke: colors.ink,
    'stroke-width': 2,
  });
}

/** Whether the number of a height, left of its line, would stand over the left edge of the body. */
function isOverEdge(d: Dimension, f: Frame, o: DrawingOptions, offset: number, section: Section): boolean {
  if (d.along !== 'y' || d.side !== 'left') return false;
  const [beside, edgeX] = [Math.min(f.x(d.from[0]), f.x(d.to[0])) - offset, f.x(section.extent.left)];
  return beside > edgeX && beside - 9 - labelWidth(show(d.figure, o.units).text) < edgeX + 2;
}

/** A dimension with its figure as text: extension lines, a line with slashes, the number with a halo. */
function dimensionNode(d: Dimension, f: Frame, o: DrawingOptions, offset: number, section: Section): SvgNode {
  const { palette: colors } = o;
  const label = show(d.figure, o.units).text;
  const [x0, y0, x1, y1] = [f.x(d.from[0]), f.y(d.from[1]), f.x(d.to[0]), f.y(d.to[1])];
  const text = (x: number, y: number, anchor: string) =>
    node(
      'text',
      {
        x,
        y,
        'text-anchor': anchor,
        'font-size': 16,
        'font-weight': 700,
        fill: colors.ink,
        ...(o.rimless !== true && { stroke: colors.concrete, 'stroke-width': 5, 'paint-order': 'stroke', 'stroke-linejoin': 'round' }),
        'data-figure': d.figure.id,
        'data-dimension': d.id,
      },
      label,
    );
  const thin = { stroke: colors.ink, 'stroke-width': 1, fill: 'none' };
  if (d.along === 'x') {
    const y = Math.max(y0, y1) + offset;
    const [left, right, wide] = [Math.min(x0, x1), Math.max(x0, x1), labelWidth(label)];
    const [edgeL, edgeR] = [f.x(section.extent.left), f.x(section.extent.right)];
    const leaves = right + 14 + wide > o.width - 2 - (o.bare === true ? 0 : noteColumn);
    const overEdge = right + 14 < edgeR && right + 14 + wide > edgeR - 3;
    return node(
      'g',
      {},
      node('path', {
        d: `M${x0.toFixed(1)} ${(y0 + 4).toFixed(1)}V${(y + 7).toFixed(1)}M${x1.toFixed(1)} ${(y1 + 4).toFixed(1)}V${(y + 7).toFixed(1)}M${x0.toFixed(1)} ${y.toFixed(1)}H${x1.toFixed(1)}`,
        ...thin,
      }),
      slash(x0, y, colors),
      slash(x1, y, colors),
      // a number that would stand over the right edge of the body stands left of its line, where there is room; one that would leave the drawing over it
      overEdge && left - 14 - wide > edgeL + 3
        ? text(left - 14, y + 5, 'end')
        : leaves || overEdge
          ? text((x0 + x1) / 2, y - 6, 'middle')
          : text(right + 14, y + 5, 'start'),
    );
  }
  const left = d.side === 'left';
  const beside = left ? Math.min(x0, x1) - offset : Math.max(x0, x1) + offset;
  // a number that would stand over the edge of the body stands outside of it with its line, where there is room
  const edgeX = f.x(section.extent.left);
  const x = isOverEdge(d, f, o, offset, section) && edgeX - 19 - labelWidth(label) >= 0 ? edgeX - 10 : beside;
  // a number that would leave the drawing stands on the inner side of its line
  const inside = left || x + 9 + labelWidth(label) > o.width - 2;
  return node(
    'g',
    {},
    node('path', {
      d: `M${(x0 + (left ? -4 : 4)).toFixed(1)} ${y0.toFixed(1)}H${(x + (left ? -7 : 7)).toFixed(1)}M${(x1 + (left ? -4 : 4)).toFixed(1)} ${y1.toFixed(1)}H${(x + (left ? -7 : 7)).toFixed(1)}M${x.toFixed(1)} ${y0.toFixed(1)}V${y1.toFixed(1)}`,
      ...thin,
    }),
    slash(x, y0, colors),
    slash(x, y1, colors),
    // nor leaves it on the left
    text(inside ? Math.max(x - 9, labelWidth(label) + 4) : x + 9, (y0 + y1) / 2 + 5, inside ? 'end' : 'start'),
  );
}

/** about the characters of a note that its column takes */
const noteCharacters = 30;

/** Words in lines that the column takes. */
function linesOf(text: string): readonly string[] {
  return text.split(' ').reduce<string[]>((lines, word) => {
    const last = lines.at(-1);
    return last !== undefined && last.length + 1 + word.length <= noteCharacters ? [...lines.slice(0, -1), `${last} ${word}`] : [...lines, word];
  }, []);
}

function noteNodes(notes: readonly Note[], f: Frame, o: DrawingOptions, columnX: number): SvgNode[] {
  const line = 17;
  let free = 20;
  const ordered = [...notes]
    .sort((a, b) => a.at[1] - b.at[1])
    .map((n) => {
      const [title, detail] = [linesOf(tell(n.title, o)), n.detail ? linesOf(tell(n.detail, o)) : []];
      return { n, title, detail, high: 12 + line * Math.max(2, title.length + detail.length) };
    });
  return ordered.map(({ n, title, detail, high }, i) => {
    const target = { x: f.x(n.at[0]), y: f.y(n.at[1]) };
    const below = ordered.slice(i + 1).reduce((sum, one) => sum + one.high, 0);
    const y = Math.min(Math.max(target.y, free), o.height - margin.bottom - 10 - below - (high - 12 - 2 * line));
    free = y + high;
    const color = n.tone === 'grind' ? o.palette.grind : o.palette.ink;
    return node(
      'g',
      { 'data-note': n.id },
      node('path', {
        d: `M${target.x.toFixed(1)} ${target.y.toFixed(1)}L${(columnX - 8).toFixed(1)} ${(y - 4).toFixed(1)}h4`,
        fill: 'none',
        stroke: o.palette.ink2,
        'stroke-width': 1,
      }),
      node('circle', { cx: target.x, cy: target.y, r: 2.4, fill: o.palette.ink }),
      ...title.map((words, k) => node('text', { x: columnX, y: y + line * k, 'font-size': 14, 'font-weight': 700, fill: color }, words)),
      ...detail.map((words, k) => node('text', { x: columnX, y: y + line * (title.length + k), 'font-size': 14, fill: o.palette.ink2 }, words)),
    );
  });
}

function liftNumber(region: Region, f: Frame, colors: Palette): SvgNode {
  const ys = region.outline.map(([, y]) => y).filter((y) => y >= 0);
  const y = f.y((Math.min(...ys) + Math.max(...ys)) / 2);
  const high = f.y(Math.max(...ys)) - f.y(Math.min(...ys));
  // a thin lift takes a smaller number, and stands aside of the next
  const r = Math.max(7, Math.min(12, high / 2 - 1));
  const aside = high < 20 ? ((region.layer ?? 0) % 2 === 0 ? -12 : 12) : 0;
  // in the axis of what is drawn round one; else well inside, left of where notes point
  const xs = region.outline.map(([at]) => at);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const x = f.x(left < 0 && right > 0 ? 0 : left + (right - left) * 0.22) + aside;
  return node(
    'g',
    { 'font-weight': 700, 'font-size': 15 },
    node('circle', { cx: x, cy: y, r, fill: colors.sheet, stroke: colors.ink, 'stroke-width': 1.5 }),
    node('text', { x, y: y + (r < 10 ? 4 : 5.5), 'text-anchor': 'middle', fill: colors.ink, ...(r < 10 && { 'font-size': 11 }) }, String(region.layer)),
  );
}

function frameOf(section: Section, left: number, top: number, width: number, height: number): Frame {
  const { extent } = section;
  const scale = Math.min(width / (extent.right - extent.left), height / (extent.bottom - extent.top));
  const x0 = left + (width - scale * (extent.right - extent.left)) / 2;
  const y0 = top + (height - scale * (extent.bottom - extent.top)) / 2;
  return { scale, x: (mm) => x0 + (mm - extent.left) * scale, y: (mm) => y0 + (mm - extent.top) * scale };
}

/**
 * A section to scale: hatched materials, numbered lifts, dimensions whose text is their figure, notes,
 * the grind line and a scale bar.
 */
export function sectionDrawing(section: Section, o: DrawingOptions): SvgNode {
  const { palette: colors } = o;
  const within = (left: number) =>
    frameOf(section, left, margin.top, o.width - (o.bare === true ? 0 : noteColumn) - left - 14, o.height - margin.top - margin.bottom);
  const offsetOf = (d: Dimension) => (d.side === 'below' ? 20 : d.id === 'depth' && d.side === 'left' && o.bare !== true ? 106 : 28);
  const close = within(margin.left);
  // where a number would stand over the left edge, the body gives it room beside it
  const room = Math.max(
    0,
    ...section.dimensions.map((d) => (isOverEdge(d, close, o, offsetOf(d), section) ? labelWidth(show(d.figure, o.units).text) + 24 : 0)),
  );
  const f = room > close.x(section.extent.left) ? within(room) : close;
  // coats on the face are told by their notes, lifts below it by their number
  const layered = section.regions.filter((r) => r.layer !== undefined && r.outline.some(([, y]) => y > 0));
  return node(
    'svg',
    {
      xmlns: 'http://www.w3.org/2000/svg',
      viewBox: `0 0 ${String(o.width)} ${String(o.height)}`,
      width: o.width,
      height: o.height,
      role: 'img',
      'font-family': o.font ?? "'Atkinson Hyperlegible Next Variable', 'Atkinson Hyperlegible Next', sans-serif",
    },
    node('title', {}, tell(section.caption, o)),
    hatchings(o.prefix, colors),
    node('text', { x: margin.left, y: 16, 'font-size': 14, fill: colors.ink2 }, o.bare === true ? '' : tell(section.caption, o)),
    ...section.regions.map((r) => regionNode(r, f, o, false)),
    ...slabEdges(section, f, colors),
    ...section.lines.map((l) => lineNode(l, f, colors)),
    ...layered.map((r) => liftNumber(r, f, colors)),
    ...(o.bare === true ? [] : noteNodes(section.notes, f, o, o.width - noteColumn + 8)),
    // lifts too thin for their figures are told by steps and notes
    ...section.dimensions
      .filter((d) => !d.id.startsWith('lift') || (o.bare !== true && Math.abs(f.y(d.to[1]) - f.y(d.from[1])) >= 18))
      .map((d) => dimensionNode(d, f, o, offsetOf(d), section)),
    scaleBar(f.scale, o.units, margin.left + 6, o.height - 30, colors),
    node(
      'text',
      {
        x: o.bare === true ? margin.left + 150 : o.width - 8,
        y: o.height - 12,
        'font-size': 13,
        fill: colors.ink2,
        'text-anchor': o.bare === true ? 'start' : 'end',
      },
      o.bare === true ? '' : tell(section.footnote, o),
    ),
  );
}

/** The same section as a small picture for lists: no words, no hatching. */
export function sectionIcon(section: Section, o: { width: number; height: number; palette: Palette; prefix: string }): SvgNode {
  const f = frameOf(section, 1, 1, o.width - 2, o.height - 2);
  return node(
    'svg',
    { xmlns: 'http://www.w3.org/2000/svg', viewBox: `0 0 ${String(o.width)} ${String(o.height)}`, width: o.width, height: o.height, 'aria-hidden': 'true' },
    ...section.regions.map((r) => regionNode(r, f, o, true)),
    ...slabEdges({ ...section, brokenBelow: false }, f, { ...o.palette, ink: o.palette.ink2 }).map((e) => ({ ...e, attrs: { ...e.attrs, 'stroke-width': 1 } })),
    ...section.lines
      .filter((l) => l.line === 'grind' || l.line === 'cut')
      .map((l) => node('path', { d: pathOf(l.points, f, false), stroke: o.palette.grind, 'stroke-width': 1.5, fill: 'none' })),
  );
}
