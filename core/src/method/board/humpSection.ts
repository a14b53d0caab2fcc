import { rectangle } from '../../geometry/layeredSection.ts';
import type { Note, Point, Region, Section } from '../../geometry/section.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';

/** What the drawing of a hump that is run out is made of. */
export interface HumpDrawn {
  readonly across: Figure;
  readonly height: Figure;
  readonly past: Figure;
  /** across each coat, from the first to the last */
  readonly widths: readonly Figure[];
}

/** A hump cut through: left as it is, and beside it coats that lie one over the other and run out. */
export function humpSection({ across, height, past, widths }: HumpDrawn): Section {
  const [w, run, coats] = [across.value / 2, past.value, widths.length];
  const half = (w + run) * 1.08;
  // a hump is low and its run is wide: heights are drawn as many times as it takes to see them
  const times = Math.max(1, Math.round((half * 0.16) / height.value));
  const h = height.value * times;
  const deep = half * 0.14;
  const coat = (n: number, side: 1 | -1): readonly Point[] => [
    [side * w, (-h * (n - 1)) / coats],
    [side * w, (-h * n) / coats],
    [side * (w + (run * n) / coats), 0],
    [side * (w + (run * (n - 1)) / coats), 0],
  ];
  const regions: Region[] = [
    { id: 'ground', material: 'board', outline: rectangle(-half, 0, half, deep) },
    { id: 'hump', material: 'board', outline: rectangle(-w, -h, w, 0) },
    ...widths.flatMap((_width, i): Region[] => [
      { id: `coat-${String(i + 1)}`, material: 'compound', layer: i + 1, outline: coat(i + 1, 1) },
      { id: `coat-${String(i + 1)}-left`, material: 'compound', outline: coat(i + 1, -1) },
    ]),
  ];
  const notes: Note[] = [
    { id: 'hump', at: [w * 0.5, -h * 0.9], title: say`hump, left as it is`, detail: say`${height} high` },
    ...widths.map((width, i): Note => ({
      id: `coat-${String(i + 1)}`,
      at: [w + (run * (i + 0.7)) / coats, -h * 0.06],
      title: say`coat ${String(i + 1)}, out to ${width}`,
    })),
  ];
  return {
    view: 'section',
    caption: say`Cut through, the face on top`,
    footnote: say`widths to scale, heights ${String(times)} times`,
    extent: { left: -half, right: half, top: -h * 1.25, bottom: deep },
    brokenBelow: true,
    regions,
    lines: [],
    dimensions: [{ id: 'width', along: 'x', from: [-w, 0], to: [w, 0], figure: across, side: 'below' }],
    notes,
  };
}
