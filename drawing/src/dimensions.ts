import { show, type Dimension, type Section } from '@oddment/core';
import { noteColumn, type DrawingOptions, type Frame } from './frame.ts';
import type { Palette } from './palette.ts';
import { node, type SvgNode } from './svg.ts';
import { textWidth } from './textWidth.ts';

const tick = 5;
/** no line stands nearer to what it measures */
const nearPx = 14;
/** a height lower than this has less room than its number takes */
const thinPx = 12;

/** Size of a number, in px: on paper it is read closer. */
const sizeOf = ({ dense }: Pick<DrawingOptions, 'dense'>) => (dense === true ? 12 : 16);

/** Width of the number of a dimension. */
export const labelWidth = (label: string, o: Pick<DrawingOptions, 'dense'>): number => textWidth(label, sizeOf(o), true);

function slash(x: number, y: number, colors: Palette): SvgNode {
  return node('path', {
    d: `M${(x - tick).toFixed(1)} ${(y + tick).toFixed(1)}L${(x + tick).toFixed(1)} ${(y - tick).toFixed(1)}`,
    stroke: colors.ink,
    'stroke-width': 2,
  });
}

/** Whether the number of a height, left of its line, would stand over the left edge of the body, or beyond it. */
export function isOverEdge(d: Dimension, f: Frame, o: DrawingOptions, offset: number, section: Section): boolean {
  if (d.along !== 'y' || d.side !== 'left') return false;
  const [beside, edgeX] = [Math.min(f.x(d.from[0]), f.x(d.to[0])) - offset, f.x(section.extent.left)];
  return beside - 9 - labelWidth(show(d.figure, o.units).text, o) < edgeX + 2;
}

type Write = (x: number, y: number, anchor: string) => SvgNode;

/** A width: its line away from the face, its number where there is room for it. */
function acrossNode(d: Dimension, f: Frame, o: DrawingOptions, offset: number, section: Section, text: Write): SvgNode {
  const [x0, y0, x1, y1] = [f.x(d.from[0]), f.y(d.from[1]), f.x(d.to[0]), f.y(d.to[1])];
  // below the place where its face lies on top, above it where it hangs
  const away = section.faces === 'down' ? -1 : 1;
  const [left, right, wide] = [Math.min(x0, x1), Math.max(x0, x1), labelWidth(show(d.figure, o.units).text, o)];
  const [edgeL, edgeR] = [f.x(section.extent.left), f.x(section.extent.right)];
  const leaves = right + 14 + wide > o.width - 2 - column(o);
  const overEdge = right + 14 < edgeR && right + 14 + wide > edgeR - 3;
  // a number that would stand over the right edge of the body stands left of its line, where there is room; one that would leave the drawing under it
  const toLeft = overEdge && left - 14 - wide > edgeL + 3;
  const under = !toLeft && (leaves || overEdge);
  const yAt = (off: number) => away * Math.max(away * y0, away * y1) + away * off;
  const base = (at: number) => (under ? (away > 0 ? at + 18 : at - 7) : at + 5);
  // nor does the edge that the body ends at run through it
  const ends = f.y(section.faces === 'down' ? section.extent.top : section.extent.bottom);
  const through = (off: number) => base(yAt(off)) > ends - 3 && base(yAt(off)) - sizeOf(o) * 0.75 < ends + 5;
  const y = yAt([offset, offset - 6, offset + 6, offset + 12, offset + 18].find((off) => !through(off)) ?? offset);
  return node(
    'g',
    {},
    node('path', {
      d: `M${x0.toFixed(1)} ${(y0 + away * 4).toFixed(1)}V${(y + away * 7).toFixed(1)}M${x1.toFixed(1)} ${(y1 + away * 4).toFixed(1)}V${(y + away * 7).toFixed(1)}M${x0.toFixed(1)} ${y.toFixed(1)}H${x1.toFixed(1)}`,
      ...thin(o),
    }),
    slash(x0, y, o.palette),
    slash(x1, y, o.palette),
    toLeft ? text(left - 14, base(y), 'end') : under ? text((x0 + x1) / 2, base(y), 'middle') : text(right + 14, base(y), 'start'),
  );
}

/** Where the number of a height is written: in its middle; that of one lower than itself clear of the face, which would run through it. */
function baseline(y0: number, y1: number, section: Section): number {
  if (Math.abs(y1 - y0) >= thinPx) return (y0 + y1) / 2 + 5;
  return section.faces === 'down' ? Math.min(y0, y1) - 6 : Math.max(y0, y1) + 16;
}

/** A height: its line beside the place, its number left of it, or right where it is told there. */
function uprightNode(d: Dimension, f: Frame, o: DrawingOptions, offset: number, section: Section, text: Write, beyond: number): SvgNode {
  const wide = labelWidth(show(d.figure, o.units).text, o);
  const [x0, y0, x1, y1] = [f.x(d.from[0]), f.y(d.from[1]), f.x(d.to[0]), f.y(d.to[1])];
  const left = d.side === 'left';
  const usual = left ? Math.min(x0, x1) - offset : Math.max(x0, x1) + offset;
  // a number that far out that it would leave the drawing stands nearer, clear of its own line
  const beside = left && usual - 9 - wide < 4 ? Math.max(usual, Math.min(Math.min(x0, x1) - nearPx, wide + 13)) : usual;
  // a number that would stand over the edge of the body stands outside of it with its line, where there is room
  const edgeX = f.x(section.extent.left);
  const x = (beyond > 0 || isOverEdge(d, f, o, offset, section)) && edgeX - 19 - beyond - wide >= 0 ? edgeX - 10 - beyond : beside;
  // a number that would leave the drawing stands on the inner side of its line
  const inside = left || x + 9 + wide > o.width - 2 - column(o);
  const out = left ? -1 : 1;
  return node(
    'g',
    {},
    node('path', {
      d: `M${(x0 + out * 4).toFixed(1)} ${y0.toFixed(1)}H${(x + out * 7).toFixed(1)}M${(x1 + out * 4).toFixed(1)} ${y1.toFixed(1)}H${(x + out * 7).toFixed(1)}M${x.toFixed(1)} ${y0.toFixed(1)}V${y1.toFixed(1)}`,
      ...thin(o),
    }),
    slash(x, y0, o.palette),
    slash(x, y1, o.palette),
    // nor leaves it on the left
    text(inside ? Math.max(x - 9, wide + 4) : x + 9, baseline(y0, y1, section), inside ? 'end' : 'start'),
  );
}

const thin = ({ palette }: DrawingOptions) => ({ stroke: palette.ink, 'stroke-width': 1, fill: 'none' });

/** px that the notes take at the right */
const column = (o: DrawingOptions) => (o.bare === true ? 0 : noteColumn);

/**
 * A dimension with its figure as text: extension lines, a line with slashes, the number with a halo.
 * @param beyond how much farther out it stands where it stands outside of the body, px
 */
export function dimensionNode(d: Dimension, f: Frame, o: DrawingOptions, offset: number, section: Section, beyond = 0): SvgNode {
  const { palette: colors } = o;
  const text: Write = (x, y, anchor) =>
    node(
      'text',
      {
        x,
        y,
        'text-anchor': anchor,
        'font-size': sizeOf(o),
        'font-weight': 700,
        fill: colors.ink,
        ...(o.rimless !== true && { stroke: colors.concrete, 'stroke-width': 5, 'paint-order': 'stroke', 'stroke-linejoin': 'round' }),
        'data-figure': d.figure.id,
        'data-dimension': d.id,
      },
      show(d.figure, o.units).text,
    );
  return d.along === 'x' ? acrossNode(d, f, o, offset, section, text) : uprightNode(d, f, o, offset, section, text, beyond);
}
