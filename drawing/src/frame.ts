import { type Section, type Telling } from '@oddment/core';
import type { Palette } from './palette.ts';

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
  /** words smaller and closer, for paper */
  readonly dense?: boolean;
  /** leaves out the rim around figures, for renderers that would paint it over them */
  readonly rimless?: boolean;
}

export interface Frame {
  readonly scale: number;
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
}

export const noteColumn = 212;
export const margin = { left: 14, top: 34, bottom: 46 };

export function frameOf(section: Section, left: number, top: number, width: number, height: number): Frame {
  const { extent } = section;
  const scale = Math.min(width / (extent.right - extent.left), height / (extent.bottom - extent.top));
  const x0 = left + (width - scale * (extent.right - extent.left)) / 2;
  const y0 = top + (height - scale * (extent.bottom - extent.top)) / 2;
  const down = section.faces === 'down';
  return { scale, x: (mm) => x0 + (mm - extent.left) * scale, y: (mm) => y0 + (down ? extent.bottom - mm : mm - extent.top) * scale };
}
