import { circle, frontView, rectangle } from '../../geometry/layeredSection.ts';
import type { Dimension, Note, Point, Region, Section } from '../../geometry/section.ts';
import type { Figure } from '../../quantity/figure.ts';
import { round12 } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import type { Course } from '../course.ts';

interface Laid {
  readonly ports: Figure;
  readonly spacing: Figure;
  readonly strip: Figure | undefined;
  /** packers: how far beside the crack their holes begin, on alternate sides */
  readonly staggered: Figure | undefined;
}

/** The crack seen from the front with its ports, drawn lying: the lowest port left. */
export function injectionElevation(c: Course, laid: Laid | undefined, length: Figure): Section {
  const L = length.value;
  const room = Math.max(L * 0.16, (laid?.staggered?.value ?? 0) * 1.5, (laid?.strip?.value ?? 0) * 1.2);
  const mid = room;
  const wander = (x: number) => mid + round12(Math.sin(x / (L / 9))) * L * 0.006;
  const line: Point[] = Array.from({ length: 40 }, (_v, i): Point => [(L * i) / 39, wander((L * i) / 39)]);
  const regions: Region[] = [];
  if (laid?.strip) regions.push({ id: 'seal', material: 'resin', outline: rectangle(0, mid - laid.strip.value / 2, L, mid + laid.strip.value / 2) });
  const half = Math.max(L * 0.003, 1);
  regions.push({
    id: 'crack',
    material: 'crack',
    outline: [...line.map(([x, y]): Point => [x, y - half]), ...[...line].reverse().map(([x, y]): Point => [x, y + half])],
  });
  const notes: Note[] = [];
  const dimensions: Dimension[] = [{ id: 'length', along: 'x', from: [0, mid], to: [L, mid], figure: length, side: 'below' }];
  if (laid) {
    const count = Math.min(laid.ports.value, 60);
    for (let i = 0; i < count; i++) {
      const x = Math.min(L, i * laid.spacing.value);
      const y = laid.staggered ? mid + (i % 2 === 0 ? -1 : 1) * laid.staggered.value : wander(x);
      regions.push({ id: `port-${String(i + 1)}`, material: 'bar', outline: circle(x, y, Math.max(L * 0.008, 7)) });
    }
    notes.push({ id: 'first', at: [0, laid.staggered ? mid - laid.staggered.value : mid], title: say`begin here`, detail: say`the lowest` });
    notes.push({
      id: 'spacing',
      at: [Math.min(L, laid.spacing.value), mid],
      title: say`${laid.ports} ${laid.staggered ? 'packers' : 'ports'}`,
      detail: say`${laid.spacing} apart`,
    });
    if (laid.strip)
      notes.push({ id: 'seal', at: [L * 0.7, mid + laid.strip.value / 2], title: say`sealed, ${laid.strip} wide`, detail: say`over the port bases too` });
    if (laid.staggered)
      notes.push({
        id: 'beside',
        at: [Math.min(L, laid.spacing.value), mid + laid.staggered.value],
        title: say`holes ${laid.staggered} beside`,
        detail: say`on alternate sides`,
      });
  } else notes.push({ id: 'plug', at: [L * 0.5, mid], title: say`slot, square`, detail: say`plugged from the top down` });
  return frontView({
    caption: say`Along the crack, its lower end on the left`,
    footnote: say`to scale; the crack drawn wider`,
    ground: 'concrete',
    widthMm: L,
    heightMm: room * 2,
    marginMm: L * 0.02,
    regions,
    dimensions,
    notes,
  });
}

/** Through the wall at a port: resin from face to face. */
export function injectionSection(c: Course, wall: Figure, drilled: boolean): Section {
  const t = wall.value;
  const half = t * 0.8;
  const line: Point[] = Array.from({ length: 20 }, (_v, i): Point => [round12(Math.sin(i / 2.4)) * t * 0.015, (t * i) / 19]);
  const w = Math.max(t * 0.008, 1);
  const regions: Region[] = [
    { id: 'wall', material: 'concrete', outline: rectangle(-half, 0, half, t) },
    { id: 'resin', material: 'resin', outline: [...line.map(([x, y]): Point => [x - w, y]), ...[...line].reverse().map(([x, y]): Point => [x + w, y])] },
  ];
  const notes: Note[] = [
    {
      id: 'through',
      at: [w, t * 0.55],
      title: say`filled from face to face`,
      detail: drilled ? say`from its middle outward` : say`seen when the next port runs`,
    },
  ];
  if (drilled) {
    const r = Math.max(t * 0.02, 5);
    regions.push({
      id: 'hole',
      material: 'open',
      outline: [
        [-t / 2 - r, 0],
        [-t / 2 + r, 0],
        [r, t / 2],
        [-r, t / 2],
      ],
    });
    notes.push({ id: 'hole', at: [-t / 4, t / 4], title: say`hole meets it in the middle` });
  } else {
    regions.push(
      { id: 'paste', material: 'mortar', outline: rectangle(-half * 0.4, -t * 0.03, half * 0.4, 0) },
      { id: 'port', material: 'bar', outline: rectangle(-t * 0.03, -t * 0.13, t * 0.03, -t * 0.03) },
    );
    notes.push({ id: 'port', at: [0, -t * 0.08], title: say`port, free over the crack`, detail: say`paste over its base` });
  }
  return {
    view: 'section',
    caption: say`Through the wall at a port`,
    footnote: say`to scale; the crack drawn wider`,
    extent: { left: -half, right: half, top: drilled ? -t * 0.04 : -t * 0.15, bottom: t },
    brokenBelow: false,
    regions,
    lines: [],
    dimensions: [{ id: 'wall', along: 'y', from: [-half * 0.5, 0], to: [-half * 0.5, t], figure: wall, side: 'left' }],
    notes,
  };
}
