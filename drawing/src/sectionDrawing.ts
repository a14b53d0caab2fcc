import { show, tell, type Dimension, type Line, type Point, type Region, type Section } from '@oddment/core';
import { dimensionNode, isOverEdge, labelWidth } from './dimensions.ts';
import { frameOf, margin, noteColumn, type DrawingOptions, type Frame } from './frame.ts';
import { captionNodes, footnoteNodes, noteNodes } from './notes.ts';

export type { DrawingOptions } from './frame.ts';
import { hatchings } from './hatching.ts';
import type { Palette } from './palette.ts';
import { scaleBar } from './scaleBar.ts';
import { node, type SvgNode } from './svg.ts';

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
  const [x0, x1, y0, y1] = [f.x(left), f.x(section.bodyTo ?? right), f.y(0), f.y(bottom)];
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
      (_, i) => `${i === 0 ? 'M' : 'L'}${(x0 + i * step).toFixed(1)} ${(y1 + (i % 2 === 0 ? 0 : y1 < y0 ? -3 : 3)).toFixed(1)}`,
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

function liftNumber(region: Region, f: Frame, colors: Palette): SvgNode {
  const ys = region.outline.map(([, y]) => y).filter((y) => y >= 0);
  const y = f.y((Math.min(...ys) + Math.max(...ys)) / 2);
  const high = Math.abs(f.y(Math.max(...ys)) - f.y(Math.min(...ys)));
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

const wideOf = (d: Dimension, o: DrawingOptions) => labelWidth(show(d.figure, o.units).text, o);

/**
 * Where the body stands so that numbers that would stand over its left edge have room beside it. Room makes the body smaller, so that more
 * may stand over its edge: looked at again until nothing changes.
 * @returns beyond: how much farther out the whole depth stands, where the numbers of lifts stand outside of the body too, px
 */
function framed(
  section: Section,
  o: DrawingOptions,
  within: (left: number, right?: number) => Frame,
  offsetOf: (d: Dimension) => number,
): { readonly frame: Frame; readonly beyond: number } {
  let frame = within(margin.left);
  // numbers right of the body have room there
  const limit = o.width - 2 - (o.bare === true ? 0 : noteColumn);
  const rights = section.dimensions.filter((d) => d.along === 'y' && d.side === 'right');
  let right = 0;
  for (let again = 0; again < 4; again++) {
    const { x } = frame;
    const more = Math.max(0, ...rights.map((d) => Math.max(x(d.from[0]), x(d.to[0])) + 41 + wideOf(d, o) - limit));
    if (more < 1) break;
    right += more;
    frame = within(margin.left, right);
  }
  let beyond = 0;
  for (let again = 0; again < 4; again++) {
    const over = section.dimensions.filter((d) => isOverEdge(d, frame, o, offsetOf(d), section));
    beyond = o.bare === true ? 0 : Math.max(0, ...over.filter((d) => d.id.startsWith('lift')).map((d) => wideOf(d, o) + 20));
    const room = Math.max(0, ...section.dimensions.map((d) => (over.includes(d) ? wideOf(d, o) + 24 + (d.id === 'depth' ? beyond : 0) : 0)));
    if (room <= frame.x(section.extent.left)) break;
    frame = within(room, right);
  }
  return { frame, beyond };
}

/**
 * A section to scale: hatched materials, numbered lifts, dimensions whose text is their figure, notes,
 * the grind line and a scale bar.
 */
export function sectionDrawing(section: Section, o: DrawingOptions): SvgNode {
  const { palette: colors } = o;
  const within = (left: number, right = 0) =>
    frameOf(section, left, margin.top, o.width - (o.bare === true ? 0 : noteColumn) - left - 14 - right, o.height - margin.top - margin.bottom);
  // the whole depth stands left of the lifts that it is made of, clear of their numbers
  const lifts = section.dimensions.filter((d) => d.id.startsWith('lift')).map((d) => wideOf(d, o));
  const depthOffset = Math.max(106, ...lifts.map((wide) => wide + 52));
  // the longest stands outermost: the extension lines of a shorter one would run through its number
  const long = (d: Dimension) => Math.abs(d.to[1] - d.from[1]);
  const lefts = section.dimensions.filter((d) => d.along === 'y' && d.side === 'left' && !d.id.startsWith('lift'));
  const outer = lefts.reduce<Dimension | undefined>((most, d) => (!most || long(d) > long(most) + 1e-6 ? d : most), undefined);
  const offsetOf = (d: Dimension) => (d.side === 'below' ? 20 : d === outer && o.bare !== true && lefts.some((l) => l.id === 'depth') ? depthOffset : 28);
  const { frame: f, beyond } = framed(section, o, within, offsetOf);
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
    ...captionNodes(section, o),
    ...section.regions.map((r) => regionNode(r, f, o, false)),
    ...slabEdges(section, f, colors),
    ...section.lines.map((l) => lineNode(l, f, colors)),
    ...layered.map((r) => liftNumber(r, f, colors)),
    ...(o.bare === true ? [] : noteNodes(section.notes, f, o, o.width - noteColumn + 8)),
    // lifts too thin for their figures are told by steps and notes
    ...section.dimensions
      .filter((d) => !d.id.startsWith('lift') || (o.bare !== true && Math.abs(f.y(d.to[1]) - f.y(d.from[1])) >= 18))
      .map((d) => dimensionNode(d, f, o, offsetOf(d), section, d.id === 'depth' ? beyond : 0)),
    scaleBar(f.scale, o.units, margin.left + 6, o.height - 30, colors),
    ...(o.bare === true || o.dense === true ? [] : footnoteNodes(tell(section.footnote, o), o)),
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
