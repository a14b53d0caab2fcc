import { node, type SvgNode } from './svg.ts';
import { textWidth } from './textWidth.ts';

/** A picture of an area, as it is shown: where it is found, and its size in pixels. */
export interface PlanImage {
  readonly href: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** A repair on it: shares of the picture's width and height from its upper left corner. */
export interface PlanMark {
  readonly mark: string;
  readonly across: number;
  readonly down: number;
}

const flagPx = 15;
const pointPx = 5;
const fontPx = 10;

/** A flag whose point stands where a repair lies; it hangs below where there is no room above, and is kept within the sides. */
function flag({ mark, across, down }: PlanMark, width: number, height: number, font: string): SvgNode {
  const [x, y] = [across * width, down * height];
  const wide = textWidth(mark, fontPx, true) + 8;
  const left = Math.min(width - wide, Math.max(0, x - wide / 2));
  const over = y >= flagPx + pointPx;
  const edge = over ? y - pointPx : y + pointPx;
  const top = over ? edge - flagPx : edge;
  return node(
    'g',
    { 'data-mark': mark },
    node('rect', { x: left, y: top, width: wide, height: flagPx, fill: '#ffffff', stroke: '#000000', 'stroke-width': 0.8 }),
    node('path', { d: `M${String(x)} ${String(y)} L${String(x - 4)} ${String(edge)} L${String(x + 4)} ${String(edge)} Z`, fill: '#000000' }),
    node(
      'text',
      { x: left + wide / 2, y: top + flagPx - 4, 'text-anchor': 'middle', 'font-family': font, 'font-size': fontPx, 'font-weight': 'bold', fill: '#000000' },
      mark,
    ),
  );
}

/**
 * A plan, sketch or elevation with a flag for each repair that lies on it, for paper: black on white.
 * @param width of the drawing, in px; its height follows from the picture
 */
export function planDrawing(image: PlanImage, marks: readonly PlanMark[], width: number, font: string): SvgNode {
  const height = (width * image.heightPx) / image.widthPx;
  return node(
    'svg',
    { xmlns: 'http://www.w3.org/2000/svg', viewBox: `0 0 ${String(width)} ${String(Math.round(height))}`, width, height: Math.round(height) },
    node('image', { href: image.href, x: 0, y: 0, width, height }),
    ...marks.map((m) => flag(m, width, height, font)),
  );
}
