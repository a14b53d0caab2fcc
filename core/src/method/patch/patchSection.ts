import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { circle, rectangle } from '../../geometry/layeredSection.ts';
import type { Dimension, Note, Region, Section } from '../../geometry/section.ts';


/** Bars that stand in the cut: how thick, and how far behind them is cleared. */
export interface CutBars {
  readonly across: Figure;
  readonly behind: Figure;
}

/** What the drawing of a place cut square is made of. */
interface Drawn {
  readonly lifts: { readonly count: Figure; readonly thickness: Figure; readonly volume: Figure };
  readonly edge: Figure;
  readonly toMix: Figure;
}

/** A place cut square, cut through: old concrete, numbered lifts, bars with what is cleared behind them. A wide one is drawn in part. */
export function patchSection({ lifts, edge, toMix }: Drawn, width: Figure, depth: Figure, bars: CutBars | undefined): Section {
  const [w, d] = [width.value, depth.value];
  const whole = w <= d * 3.5;
  const right = whole ? w : d * 3;
  const beside = Math.max(d * 0.6, 8);
  // the dimensions stand left of the cut and want the room
  const left = Math.max(right * 0.95, d * 2.6);
  const bottom = d * 1.7;
  const t = lifts.thickness.value;
  const count = lifts.count.value;
  const regions: Region[] = [{ id: 'old', material: 'concrete', outline: rectangle(-left, 0, right + (whole ? beside : 0), bottom) }];
  for (let n = 1; n <= count; n++) regions.push({ id: `lift-${String(n)}`, material: 'mortar', layer: n, outline: rectangle(0, d - n * t, right, d - (n - 1) * t), volume: lifts.volume, throughMm: (lifts.volume.value * 1000) / (right * t) });
  const r = bars ? bars.across.value / 2 : 0;
  const barY = bars ? Math.max(r, d - bars.behind.value - r) : 0;
  if (bars) [0.25, 0.75].forEach((share, i) => regions.push({ id: `bar-${String(i + 1)}`, material: 'bar', outline: circle(right * share, barY, r) }));
  const notes: Note[] = [
    { id: 'top', at: [right * 0.6, d - count * t + t * 0.4], title: say`${lifts.count.value === 1 ? 'one lift' : say`lift ${String(count)}, struck level`}`, detail: say`${toMix} to mix` },
    ...(bars ? [{ id: 'bars', at: [right * 0.75 + r, barY] as const, title: say`${bars.behind} clear behind`, detail: say`bright all round` }] : []),
    { id: 'edge', at: [0, Math.min(edge.value, d) * 0.5], title: say`edge sawn, ${edge}`, detail: say`square, no feather` },
    { id: 'ground', at: [right * 0.4, d], title: say`sound and damp`, detail: say`scrubbed, lift 1 while wet` },
  ];
  const dimensions: Dimension[] = [
    { id: 'depth', along: 'y', from: [0, 0], to: [0, d], figure: depth, side: 'left' },
    ...(count > 1 ? Array.from({ length: count }, (_v, i): Dimension => ({ id: `lift-${String(i + 1)}`, along: 'y', from: [0, d - (i + 1) * t], to: [0, d - i * t], figure: lifts.thickness, side: 'left' })) : []),
    ...(whole ? [{ id: 'width', along: 'x', from: [0, d], to: [right, d], figure: width, side: 'below' } as const] : []),
  ];
  return {
    view: 'section',
    caption: say`Cut through, the face on top`,
    footnote: say`to scale${whole ? '' : say`, drawn in part: the cut is ${width} wide`}${bars ? '; bars drawn two, wherever they lie' : ''}`,
    extent: { left: -left, right: right + (whole ? beside : 0), top: -d * 0.08, bottom },
    brokenBelow: true,
    regions,
    lines: [],
    dimensions,
    notes,
  };
}
