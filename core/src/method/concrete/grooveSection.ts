import { ribbon, wander } from '../../geometry/crackLine.ts';
import { rectangle } from '../../geometry/layeredSection.ts';
import type { Dimension, Line, Note, Point, Region, Section } from '../../geometry/section.ts';
import type { Figure } from '../../quantity/figure.ts';
import { instant, say } from '../../quantity/saying.ts';
import type { CutThrough } from '../../survey/kind.ts';
import type { StepTimes } from '../work.ts';
import type { Groove, Lifts } from './grooveLifts.ts';

/** A groove as it is filled: its cut, its lifts, what goes on below it and how far that is choked. */
export interface FilledGroove {
  readonly groove: Groove;
  readonly lifts: Lifts;
  readonly below: Figure;
  readonly choke?: Figure;
}

/** The repair as planned: groove, numbered lifts, what stands proud, the line to grind to, the crack going on below. */
export function grooveSection(cut: CutThrough, filled: FilledGroove): (times: StepTimes) => Section {
  return (times) => drawn(cut, filled, times);
}

function drawn(cut: CutThrough, { groove: size, lifts, below, choke }: FilledGroove, times: StepTimes): Section {
  const w = size.width.value / 2;
  const d = size.depth.value;
  const proud = lifts.proud.value;
  const belowDrawn = Math.min(below.value, Math.max(d * 0.55, 6));
  const bottom = Math.min(cut.slab.value, Math.max(d + Math.max(d * 0.45, belowDrawn, 4) + 1, w * 5));
  const half = Math.max(w * 4, (bottom + proud) * 0.52);
  // the dimensions stand left of the groove and want the room
  const left = -half * 1.4;
  const right = half * 0.65;
  const lap = proud * 0.75;
  const step = d / lifts.count.value;
  const regions: Region[] = [{ id: 'slab', material: 'concrete', outline: rectangle(left, 0, right, bottom) }];
  const lines: Line[] = [];
  const notes: Note[] = [];
  const goesOn = below.value > 0;
  if (goesOn) {
    const to = Math.min(d + belowDrawn, bottom);
    const middle = wander(d, to, size.width.value * 0.18 + 0.4).map(([x, y], i): Point => [i === 0 ? 0 : x, y]);
    regions.push({ id: 'crack', material: 'crack', outline: ribbon(middle, cut.widest.value) });
    if (choke) {
      const chokeTo = Math.min(to, d + choke.value);
      const clipped = middle.filter(([, y]) => y <= chokeTo);
      if (clipped.length > 1) regions.push({ id: 'choke', material: 'choke-sand', outline: ribbon(clipped, cut.widest.value) });
    }
    notes.push({
      id: 'below',
      at: [cut.widest.value / 2, d + (to - d) * 0.5],
      title: say`crack goes on, ${below}`,
      detail: choke ? say`choked with sand, not filled` : say`not filled`,
    });
  }
  for (const lift of lifts.lifts) {
    const y1 = d - (lift.n - 1) * step;
    const y0 = d - lift.n * step;
    const last = lift.n === lifts.count.value;
    // the proud top is as wide in the mean as the groove: what the sides lap over, the top lacks
    const outline: Point[] =
      last && proud > 0
        ? [
            [-w, y1],
            [-w, 0],
            [-w - lap, 0],
            [-w + lap, -proud],
            [w - lap, -proud],
            [w + lap, 0],
            [w, 0],
            [w, y1],
          ]
        : rectangle(-w, y0, w, y1);
    regions.push({ id: `lift-${String(lift.n)}`, material: 'resin-sand', layer: lift.n, outline, volume: lift.volume });
  }
  lines.push({
    id: 'film',
    line: 'film',
    points: [
      [-w, 0],
      [-w, d],
      [w, d],
      [w, 0],
    ],
  });
  if (proud > 0)
    lines.push({
      id: 'grind',
      line: 'grind',
      points: [
        [-w - lap * 3, 0],
        [w + lap * 3, 0],
      ],
    });
  const grind = times.startOf('flush');
  notes.unshift(
    proud > 0
      ? {
          id: 'proud',
          at: [w * 0.6, -proud],
          title: say`${lifts.proud} proud, dusted`,
          ...(grind !== undefined && { detail: say`ground flush from ${instant(grind)}` }),
          tone: 'grind',
        }
      : { id: 'flush', at: [w * 0.6, 0], title: say`struck off flush, dusted` },
    { id: 'film', at: [w, d * 0.3], title: say`resin on both faces`, detail: say`${lifts.wetting}, still wet for lift 1` },
    { id: 'lift', at: [w * 0.7, d - step * 0.5], title: say`lift 1, sand soaked`, detail: say`left rough` },
  );
  const dimensions: Dimension[] = [
    { id: 'width', along: 'x', from: [-w, d], to: [w, d], figure: size.width, side: 'below' },
    { id: 'depth', along: 'y', from: [-w, 0], to: [-w, d], figure: size.depth, side: 'left' },
    ...lifts.lifts.map((lift): Dimension => ({
      id: `lift-${String(lift.n)}`,
      along: 'y',
      from: [-w, d - lift.n * step],
      to: [-w, d - (lift.n - 1) * step],
      figure: lift.thickness,
      side: 'left',
    })),
  ];
  return {
    view: 'section',
    caption: say`Cut through at the widest place, ${cut.widest} as found`,
    footnote:
      bottom < cut.slab.value
        ? say`to scale; slab ${cut.slab}, drawn in part; film of resin drawn thicker than it is`
        : say`to scale; slab ${cut.slab}; film of resin drawn thicker than it is`,
    extent: { left, right, top: -proud, bottom },
    brokenBelow: bottom < cut.slab.value,
    regions,
    lines,
    dimensions,
    notes,
  };
}
