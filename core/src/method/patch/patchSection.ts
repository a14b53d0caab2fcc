import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { gridDepthAt } from '../../geometry/depthGrid.ts';
import { circle, rectangle } from '../../geometry/layeredSection.ts';
import type { Dimension, Note, Point, Region, Section } from '../../geometry/section.ts';
import type { GridFigures } from '../matter.ts';

/** Bars that stand in the cut: how thick, and how far behind them is cleared. */
export interface CutBars {
  readonly across: Figure;
  readonly behind: Figure;
}

/** The bottom along the row of the deepest reading, from cut to cut, nowhere shallower than the edge. */
function profile({ xMm, yMm, depthMm }: GridFigures, right: number, edge: number): readonly Point[] {
  const readings = { xMm: xMm.map((f) => f.value), yMm: yMm.map((f) => f.value), depthMm: depthMm.map((f) => f.value) };
  const deepest = readings.depthMm.indexOf(Math.max(...readings.depthMm));
  const y = readings.yMm[Math.floor(deepest / xMm.length)] ?? 0;
  const wide = (readings.xMm[xMm.length - 1] ?? 0) - (readings.xMm[0] ?? 0);
  const margin = Math.max(0, (right - wide) / 2);
  return Array.from({ length: 61 }, (_v, i): Point => {
    const x = (right * i) / 60;
    const at = x - margin;
    return [x, at < 0 || at > wide ? edge : Math.max(edge, gridDepthAt(readings, (readings.xMm[0] ?? 0) + at, y))];
  });
}

/** A point in the deepest part of a profile, at a depth. */
function deepestOf(across: readonly Point[], y: number): Point {
  const [x] = across.reduce((most, p) => (p[1] > most[1] ? p : most), across[0] ?? [0, 0]);
  return [x, y];
}

/** What the drawing of a place cut square is made of. */
interface Drawn {
  readonly lifts: { readonly count: Figure; readonly thickness: Figure; readonly volumes: readonly Figure[] };
  readonly edge: Figure;
  /** run out onto the old face: the edge is ground, not sawn */
  readonly thinned: boolean;
  readonly toMix: Figure;
  /** depths over the place: then it is cut through at its deepest reading */
  readonly grid?: GridFigures;
}

/** A place cut square, cut through: old concrete, numbered lifts, bars with what is cleared behind them. A wide one is drawn in part. */
export function patchSection({ lifts, edge, thinned, toMix, grid }: Drawn, width: Figure, depth: Figure, bars: CutBars | undefined): Section {
  const [w, d] = [width.value, depth.value];
  const whole = w <= d * 3.5 || grid !== undefined;
  const right = whole ? w : d * 3;
  const beside = Math.max(d * 0.6, 8);
  // the dimensions stand left of the cut and want the room
  const left = Math.max(right * 0.95, d * 2.6);
  // a wide place with readings is drawn whole: flat as it is, its heights are drawn larger
  const times = grid ? Math.min(6, Math.max(1, Math.round((left + right + beside) / 2.6 / (d * 1.7)))) : 1;
  const Y = (mm: number) => mm * times;
  const bottom = Y(d * 1.7);
  const t = lifts.thickness.value;
  const count = lifts.count.value;
  const regions: Region[] = [{ id: 'old', material: 'concrete', outline: rectangle(-left, 0, right + (whole ? beside : 0), bottom) }];
  const across = grid && profile(grid, right, edge.value);
  for (let n = 1; n <= count; n++) {
    const [top, bottomOf] = [d - n * t, d - (n - 1) * t];
    const volume = lifts.volumes[n - 1];
    // a level lift over an uneven bottom: as deep as the bottom lets it, nothing where that lies higher
    const outline = across
      ? [...across.map(([x, deep]): Point => [x, Y(Math.max(top, Math.min(deep, bottomOf)))]), ...[...across].reverse().map(([x]): Point => [x, Y(top)])]
      : rectangle(0, top, right, bottomOf);
    regions.push({
      id: `lift-${String(n)}`,
      material: 'mortar',
      layer: n,
      outline,
      ...(volume && !across && { volume, throughMm: (volume.value * 1000) / (right * t) }),
    });
  }
  const r = bars ? bars.across.value / 2 : 0;
  const barY = bars ? Math.max(r, d - bars.behind.value - r) : 0;
  if (bars)
    [0.25, 0.75].forEach((share, i) => regions.push({ id: `bar-${String(i + 1)}`, material: 'bar', outline: circle(right * share, Y(barY), r, times) }));
  const notes: Note[] = [
    {
      id: 'top',
      at: [right * 0.6, Y(d - count * t + t * 0.4)],
      title: say`${lifts.count.value === 1 ? 'one lift' : say`lift ${String(count)}, struck level`}`,
      detail: say`${toMix} to mix in all`,
    },
    ...(across && count > 1 && lifts.volumes[0]
      ? [{ id: 'deepest', at: deepestOf(across, Y(d - t * 0.4)), title: say`lift 1, the deepest places`, detail: say`${lifts.volumes[0]}, left level` }]
      : []),
    ...(bars ? [{ id: 'bars', at: [right * 0.75 + r, Y(barY)] as const, title: say`${bars.behind} clear behind`, detail: say`bright all round` }] : []),
    {
      id: 'edge',
      at: [0, Y(Math.min(edge.value, d) * 0.5)],
      title: say`edge ${thinned ? 'ground' : 'sawn'}, ${edge}`,
      detail: thinned ? say`no thinner than this` : say`square, no feather`,
    },
    { id: 'ground', at: [right * 0.4, Y(across ? (across[24]?.[1] ?? d) : d)], title: say`sound and damp`, detail: say`scrubbed, lift 1 while wet` },
  ];
  const dimensions: Dimension[] = [
    { id: 'depth', along: 'y', from: [0, 0], to: [0, Y(d)], figure: depth, side: 'left' },
    ...(count > 1
      ? Array.from({ length: count }, (_v, i): Dimension => ({
          id: `lift-${String(i + 1)}`,
          along: 'y',
          from: [0, Y(d - (i + 1) * t)],
          to: [0, Y(d - i * t)],
          figure: lifts.thickness,
          side: 'left',
        }))
      : []),
    ...(whole ? [{ id: 'width', along: 'x', from: [0, Y(d)], to: [right, Y(d)], figure: width, side: 'below' } as const] : []),
  ];
  return {
    view: 'section',
    caption: say`Cut through, the face on top`,
    footnote: say`${times === 1 ? 'to scale' : `widths to scale, heights ${String(times)} times`}${whole ? '' : say`, drawn in part: the cut is ${width} wide`}${bars ? '; bars drawn two, wherever they lie' : ''}`,
    extent: { left: -left, right: right + (whole ? beside : 0), top: -Y(d * 0.08), bottom },
    brokenBelow: true,
    regions,
    lines: [],
    dimensions,
    notes,
  };
}
