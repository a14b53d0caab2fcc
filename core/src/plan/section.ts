import type { Dimension, Line, Note, Point, Region, Section } from '../geometry/section.ts';
import { instant, say } from '../quantity/saying.ts';
import type { PreparedSize } from '../match/preparedSize.ts';
import type { Method } from '../method/method.ts';
import type { Schedule } from '../schedule/schedule.ts';
import type { CrackSubject } from '../survey/crackSubject.ts';

/** A crack's wandering line from y0 down to y1, the same for the same crack. */
function wander(y0: number, y1: number, reach: number): Point[] {
  const bends = 5;
  const lean = [0, -0.45, 0.5, -0.2, 0.4, 0];
  return Array.from({ length: bends + 1 }, (_, i): Point => [(lean[i] ?? 0) * reach, y0 + ((y1 - y0) * i) / bends]);
}

function ribbon(middle: readonly Point[], width: number): Point[] {
  const half = width / 2;
  return [...middle.map(([x, y]): Point => [x - half, y]), ...[...middle].reverse().map(([x, y]): Point => [x + half, y])];
}

function rectangle(x0: number, y0: number, x1: number, y1: number): Point[] {
  return [
    [x0, y0],
    [x1, y0],
    [x1, y1],
    [x0, y1],
  ];
}

/** The crack as found, with nothing cut: while the plan is held, or nothing is chosen. */
export function foundSection(subject: CrackSubject): Section {
  const drawnDepth = Math.min(subject.slab.value, Math.max(subject.depth.value * 1.15, subject.widest.value * 6, 30));
  const half = Math.max(drawnDepth * 0.75, subject.widest.value * 4);
  const crackTo = Math.min(subject.depth.value, drawnDepth);
  const middle = wander(0, crackTo, subject.widest.value * 0.8 + half * 0.04);
  return {
    view: 'section',
    caption: say`Cut through at the widest place, as found`,
    footnote: drawnDepth < subject.slab.value ? say`slab ${subject.slab}, drawn in part` : say`slab ${subject.slab}`,
    extent: { left: -half, right: half, top: 0, bottom: drawnDepth },
    brokenBelow: drawnDepth < subject.slab.value,
    regions: [
      { id: 'slab', material: 'concrete', outline: rectangle(-half, 0, half, drawnDepth) },
      { id: 'crack', material: 'crack', outline: ribbon(middle, subject.widest.value) },
    ],
    lines: [],
    dimensions: [{ id: 'depth', along: 'y', from: [half * 0.45, 0], to: [half * 0.45, crackTo], figure: subject.depth, side: 'right' }],
    notes: [
      { id: 'widest', at: [subject.widest.value / 2, crackTo * 0.08], title: say`${subject.widest} at the widest`, detail: say`${subject.mean} in the mean` },
    ],
  };
}

/** The place a system would fill, as judged: cut, or the crack as found. */
export function judgedSection(subject: CrackSubject, size: PreparedSize): Section {
  const found = foundSection(subject);
  if (size.preparation === 'as-found') return found;
  const w = size.width.value / 2;
  const d = size.depth.value;
  const bottom = Math.min(subject.slab.value, d * 1.9 + 2);
  const half = Math.max(w * 3, bottom * 0.75);
  const regions: Region[] = [{ id: 'slab', material: 'concrete', outline: rectangle(-half, 0, half, bottom) }];
  if (subject.depth.value > d) regions.push({ id: 'crack', material: 'crack', outline: ribbon(wander(d, bottom, w * 0.3), Math.min(subject.widest.value, w)) });
  regions.push({ id: 'fill', material: 'resin-sand', outline: rectangle(-w, 0, w, d), volume: size.void });
  return { ...found, extent: { left: -half, right: half, top: 0, bottom }, regions, lines: [], dimensions: [], notes: [] };
}

/** The repair as planned: groove, numbered lifts, what stands proud, the line to grind to, the crack going on below. */
export function repairSection(subject: CrackSubject, method: Method, times: Schedule): Section {
  const { lifts, size } = method;
  const w = size.width.value / 2;
  const d = size.depth.value;
  const proud = lifts.proud.value;
  const belowDrawn = Math.min(method.below.value, Math.max(d * 0.55, 6));
  const bottom = Math.min(subject.slab.value, Math.max(d + Math.max(d * 0.45, belowDrawn, 4) + 1, w * 5));
  const half = Math.max(w * 4, (bottom + proud) * 0.52);
  // the dimensions stand left of the groove and want the room
  const left = -half * 1.4;
  const right = half * 0.65;
  const lap = proud * 0.75;
  const step = d / lifts.count.value;
  const regions: Region[] = [{ id: 'slab', material: 'concrete', outline: rectangle(left, 0, right, bottom) }];
  const lines: Line[] = [];
  const notes: Note[] = [];
  const goesOn = method.below.value > 0;
  if (goesOn) {
    const to = Math.min(d + belowDrawn, bottom);
    const middle = wander(d, to, size.width.value * 0.18 + 0.4).map(([x, y], i): Point => [i === 0 ? 0 : x, y]);
    regions.push({ id: 'crack', material: 'crack', outline: ribbon(middle, subject.widest.value) });
    if (method.choke) {
      const chokeTo = Math.min(to, d + method.choke.depth.value);
      const clipped = middle.filter(([, y]) => y <= chokeTo);
      if (clipped.length > 1) regions.push({ id: 'choke', material: 'choke-sand', outline: ribbon(clipped, subject.widest.value) });
    }
    notes.push({
      id: 'below',
      at: [subject.widest.value / 2, d + (to - d) * 0.5],
      title: say`crack goes on, ${method.below}`,
      detail: method.choke ? say`choked with sand, not filled` : say`not filled`,
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
  const grind = times.rows.find((r) => r.step.builder === 'grind-flush');
  notes.unshift(
    proud > 0
      ? {
          id: 'proud',
          at: [w * 0.6, -proud],
          title: say`${lifts.proud} proud, dusted`,
          ...(grind && { detail: say`ground flush from ${instant(grind.start)}` }),
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
    caption: say`Cut through at the widest place, ${subject.widest} as found`,
    footnote:
      bottom < subject.slab.value
        ? say`slab ${subject.slab}, drawn in part; film of resin drawn thicker than it is`
        : say`slab ${subject.slab}; film of resin drawn thicker than it is`,
    extent: { left, right, top: -proud, bottom },
    brokenBelow: bottom < subject.slab.value,
    regions,
    lines,
    dimensions,
    notes,
  };
}
