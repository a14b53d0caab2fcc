import { tell, type Note } from '@oddment/core';
import { margin, type DrawingOptions, type Frame } from './frame.ts';
import { node, type SvgNode } from './svg.ts';
import { linesWithin } from './textWidth.ts';

/** from the left: the scale bar, and the figure at its end */
const scaleRoom = margin.left + 6 + 190;

const size = 14;
const footSize = 13;

/** What is written beside a drawing, each note at its height and none on another. */
export function noteNodes(notes: readonly Note[], f: Frame, o: DrawingOptions, columnX: number): SvgNode[] {
  const line = 17;
  let free = 20;
  const ordered = [...notes]
    .sort((a, b) => f.y(a.at[1]) - f.y(b.at[1]))
    .map((n) => {
      const within = (words: string, bold: boolean) => linesWithin(words, o.width - columnX - 4, size, bold);
      const [title, detail] = [within(tell(n.title, o), true), n.detail ? within(tell(n.detail, o), false) : []];
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
      ...title.map((words, k) => node('text', { x: columnX, y: y + line * k, 'font-size': size, 'font-weight': 700, fill: color }, words)),
      ...detail.map((words, k) => node('text', { x: columnX, y: y + line * (title.length + k), 'font-size': size, fill: o.palette.ink2 }, words)),
    );
  });
}

/** How it is drawn, right of the scale bar, in as many lines as it takes there. */
export function footnoteNodes(text: string, o: DrawingOptions): SvgNode[] {
  const lines = linesWithin(text, o.width - 8 - scaleRoom, footSize);
  return lines.map((line, i) =>
    node('text', { x: o.width - 8, y: o.height - 12 - 15 * (lines.length - 1 - i), 'font-size': footSize, fill: o.palette.ink2, 'text-anchor': 'end' }, line),
  );
}
