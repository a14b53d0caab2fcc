import { tell, type Note, type Section } from '@oddment/core';
import { margin, noteColumn, type DrawingOptions, type Frame } from './frame.ts';
import { node, type SvgNode } from './svg.ts';
import { linesWithin } from './textWidth.ts';

/** from the left: the scale bar, and the figure at its end */
const scaleRoom = margin.left + 6 + 190;

/** Sizes of words, in px: what is printed is read closer than a screen. */
const sizesOf = ({ dense }: Pick<DrawingOptions, 'dense'>) =>
  dense === true
    ? ({ note: 11, line: 13, gap: 4, foot: 11, below: 16 } as const)
    : ({ note: 14, line: 17, gap: 12, foot: 13, below: margin.bottom + 10 } as const);

/** Notes from the top down as they stand, each in the lines that its column takes. */
function written(notes: readonly Note[], o: DrawingOptions, widthPx: number) {
  const { note, line, gap } = sizesOf(o);
  return notes.map((n) => {
    const title = linesWithin(tell(n.title, o), widthPx, note, true);
    const detail = n.detail ? linesWithin(tell(n.detail, o), widthPx, note) : [];
    return { n, title, detail, high: gap + line * Math.max(2, title.length + detail.length) };
  });
}

/** px in height that the notes of a drawing take. */
export function notesHeight(notes: readonly Note[], o: Omit<DrawingOptions, 'height'>): number {
  const { below } = sizesOf(o);
  return 16 + below + written(notes, { ...o, height: 0 }, noteColumn - 12).reduce((sum, one) => sum + one.high, 0);
}

/** What is written beside a drawing, each note at its height and none on another. */
export function noteNodes(notes: readonly Note[], f: Frame, o: DrawingOptions, columnX: number): SvgNode[] {
  const { note: size, line, gap, below: bottom } = sizesOf(o);
  let free = 16;
  const ordered = written(
    [...notes].sort((a, b) => f.y(a.at[1]) - f.y(b.at[1])),
    o,
    o.width - columnX - 4,
  );
  return ordered.map(({ n, title, detail, high }, i) => {
    const target = { x: f.x(n.at[0]), y: f.y(n.at[1]) };
    const below = ordered.slice(i + 1).reduce((sum, one) => sum + one.high, 0);
    const y = Math.min(Math.max(target.y, free), o.height - bottom - below - (high - gap - 2 * line));
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
      ...title.map((words, k) => node('text', { x: columnX, y: y + line * k, 'font-size': size, 'font-weight': 700, fill: color }, words)),
      ...detail.map((words, k) => node('text', { x: columnX, y: y + line * (title.length + k), 'font-size': size, fill: o.palette.ink2 }, words)),
    );
  });
}

/** What is drawn, over the drawing; on paper also how, since the notes take the room below. */
export function captionNodes({ caption, footnote }: Section, o: DrawingOptions): SvgNode[] {
  if (o.bare === true) return [];
  const { foot } = sizesOf(o);
  const lines = o.dense === true ? linesWithin(`${tell(caption, o)} (${tell(footnote, o)})`, o.width - noteColumn - margin.left - 8, foot) : [tell(caption, o)];
  return lines.map((line, i) =>
    node('text', { x: margin.left, y: 16 + (foot + 2) * i, 'font-size': o.dense === true ? foot : 14, fill: o.palette.ink2 }, line),
  );
}

/** How it is drawn, right of the scale bar, in as many lines as it takes there. */
export function footnoteNodes(text: string, o: DrawingOptions): SvgNode[] {
  const { foot } = sizesOf(o);
  const lines = linesWithin(text, o.width - 8 - scaleRoom, foot);
  return lines.map((line, i) =>
    node(
      'text',
      { x: o.width - 8, y: o.height - 12 - (foot + 2) * (lines.length - 1 - i), 'font-size': foot, fill: o.palette.ink2, 'text-anchor': 'end' },
      line,
    ),
  );
}
