import { say } from '../quantity/saying.ts';
import { rectangle } from '../geometry/layeredSection.ts';
import type { Dimension, Material, Point, Region, Section } from '../geometry/section.ts';
import type { Seen, Surface } from '../survey/kind.ts';

type Corners = readonly (readonly [number, number])[];

const faces = { concrete: 'concrete', plaster: 'plaster', drywall: 'board', timber: 'wood', tub: 'shell' } as const satisfies Record<Surface, Material>;

/** A line seen from the front: its widths drawn as many times wider as it takes to see them. */
function lineSection({ lengthMm, stations }: NonNullable<Seen['line']>, face: Material): Section {
  const widest = Math.max(...stations.map(([, w]) => w), 0.01);
  const half = Math.max(lengthMm * 0.12, widest);
  const times = Math.max(1, Math.round((half * 0.5) / widest));
  const first = stations[0]?.[1] ?? 0;
  const last = stations[stations.length - 1]?.[1] ?? 0;
  const places: (readonly [number, number])[] = [[0, first], ...stations.filter(([at]) => at > 0 && at < lengthMm), [lengthMm, last]];
  const edge = (sign: number) => places.map(([at, w]): Point => [at, (sign * w * times) / 2]);
  return {
    view: 'front',
    caption: say`Along its length`,
    footnote: times === 1 ? say`to scale` : say`widths drawn ${String(times)} times as wide`,
    extent: { left: -lengthMm * 0.04, right: lengthMm * 1.04, top: -half, bottom: half },
    brokenBelow: false,
    regions: [
      { id: 'face', material: face, outline: rectangle(-lengthMm * 0.04, -half, lengthMm * 1.04, half) },
      { id: 'line', material: 'crack', outline: [...edge(-1), ...edge(1).reverse()] },
    ],
    lines: [],
    dimensions: [],
    notes: [],
  };
}

/** What was measured, seen from the front: outline, hollow cells, square cut-outs. */
export function seenSection(seen: Seen, surface: Surface): Section {
  const face = faces[surface];
  if (seen.line) return lineSection(seen.line, face);
  const shapes: readonly Corners[] = [...(seen.outline ? [seen.outline] : []), ...(seen.hollow ?? []), ...(seen.cutOuts ?? [])];
  const xs = shapes.flatMap((s) => s.map(([x]) => x));
  const ys = shapes.flatMap((s) => s.map(([, y]) => y));
  const [l, r, t, b] = [Math.min(...xs, 0), Math.max(...xs, seen.width?.value ?? 1), Math.min(...ys, 0), Math.max(...ys, seen.height?.value ?? 1)];
  const margin = Math.max(r - l, b - t) * 0.12;
  const extent = { left: l - margin, right: r + margin, top: t - margin, bottom: b + margin };
  const point = ([x, y]: readonly [number, number]): Point => [x, y];
  const regions: Region[] = [
    { id: 'face', material: face, outline: rectangle(extent.left, extent.top, extent.right, extent.bottom) },
    ...(seen.hollow ?? []).map((cell, i): Region => ({ id: `hollow-${String(i + 1)}`, material: 'hollow', outline: cell.map(point) })),
    ...(seen.outline ? [{ id: 'outline', material: 'hollow' as const, outline: seen.outline.map(point) }] : []),
  ];
  const reach = seen.outline ?? [];
  const [x0, x1, y0, y1] = [
    Math.min(...reach.map(([x]) => x)),
    Math.max(...reach.map(([x]) => x)),
    Math.min(...reach.map(([, y]) => y)),
    Math.max(...reach.map(([, y]) => y)),
  ];
  const dimensions: Dimension[] =
    reach.length === 0 || !seen.width || !seen.height
      ? []
      : [
          { id: 'width', along: 'x', from: [x0, y1], to: [x1, y1], figure: seen.width, side: 'below' },
          { id: 'height', along: 'y', from: [x1, y0], to: [x1, y1], figure: seen.height, side: 'right' },
        ];
  return {
    view: 'front',
    caption: say`Seen from the front, as measured`,
    footnote: (seen.cutOuts ?? []).length > 0 ? say`dashed: square cut-outs with their margin` : say`to scale`,
    extent,
    brokenBelow: false,
    regions,
    lines: (seen.cutOuts ?? []).map((box, i) => ({ id: `cut-${String(i + 1)}`, line: 'cut', points: [...box, box[0] ?? [0, 0]].map((p) => point(p)) })),
    dimensions,
    notes: [],
  };
}
