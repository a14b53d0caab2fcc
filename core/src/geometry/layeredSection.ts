import type { Figure } from '../quantity/figure.ts';
import { round12 } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { Dimension, Line, Material, Note, Point, Region, Section } from './section.ts';

/** A layer that fills a place from its bottom up. */
export interface Layer {
  readonly id: string;
  readonly material: Material;
  readonly thickness: Figure;
  readonly title: Saying;
  readonly detail?: Saying;
  /** what is placed of it */
  readonly volume?: Figure;
  /** counts as a lift, and is numbered */
  readonly lift?: number;
}

/** A thin coat on the face, wider than the place by its feather. */
export interface Film {
  readonly id: string;
  readonly title: Saying;
  readonly detail?: Saying;
  /** width in all; absent: over the whole face */
  readonly across?: Figure;
  readonly material?: Material;
}

/** A place that is filled in layers and coated, cut through. */
export interface LayeredPlace {
  readonly caption: Saying;
  readonly ground: Material;
  /** what carries the ground, and shows at the bottom of the place */
  readonly behind?: { readonly material: Material; readonly thicknessMm: number; readonly title: Saying };
  readonly width: Figure;
  /** from the face to the bottom of the place; nothing where it is only coated */
  readonly depth?: Figure;
  /** thickness of the ground where it is thinner than what is drawn below the place */
  readonly groundMm?: number;
  readonly layers: readonly Layer[];
  readonly films?: readonly Film[];
  /** leans in toward the bottom */
  readonly shape?: 'box' | 'vee' | 'dish';
  readonly notes?: readonly Note[];
  readonly bars?: { readonly across: Figure; readonly behind: Figure };
  /** stays proud of the face by this, and is cut back */
  readonly proud?: Figure;
  readonly more?: Saying;
}

export const rectangle = (l: number, t: number, r: number, b: number): Point[] => [
  [l, t],
  [r, t],
  [r, b],
  [l, b],
];
/** Corners around a circle; their cosines are rounded, since engines differ in the last bit of them. */
export const circle = (x: number, y: number, r: number, stretch = 1): Point[] =>
  Array.from({ length: 24 }, (_v, i): Point => [x + r * round12(Math.cos((i * Math.PI) / 12)), y + stretch * r * round12(Math.sin((i * Math.PI) / 12))]);

/** Half width of a place at a depth, as a share of its half width at the face. */
function narrowed(shape: LayeredPlace['shape'], share: number): number {
  if (shape === 'vee') return Math.max(0.04, 1 - share);
  return shape === 'dish' ? Math.sqrt(Math.max(0.0016, 1 - share * share)) : 1;
}

/**
 * A place filled in layers, cut through: widths to scale, heights drawn as many times as it takes to see thin
 * layers, which the drawing says. The area of each layer goes with its volume.
 */
export function layeredSection(place: LayeredPlace): Section {
  const { caption, ground, behind, width, depth, layers, films = [], shape = 'box', bars, proud, more } = place;
  const w = width.value;
  const widest = Math.max(w, ...films.map((f) => f.across?.value ?? 0));
  const beside = Math.max(widest * 0.08, w * 0.35, 4);
  const half = widest / 2 + beside;
  const d = Math.max(depth?.value ?? 0, ...(depth ? [] : [0.5]));
  const wholeBelow = (behind?.thicknessMm ?? 0) + Math.max(d, 0.5, place.groundMm ?? 0);
  // heights are drawn larger where the place is flat
  const times = Math.min(24, Math.max(1, Math.round((half * 2) / 2.1 / Math.max(wholeBelow, d * 1.2))));
  const Y = (mm: number) => mm * times;
  const film = half * 0.035;
  const top = -(films.length * film + Y(proud?.value ?? 0) + half * 0.02);
  const faceBottom = place.groundMm === undefined ? Math.max(d, 0.5) : Math.max(place.groundMm, d);
  const bottom = Y(faceBottom) + (behind ? Y(behind.thicknessMm) : Math.max(Y(d) * 0.45, half * 0.12));
  // the dimensions stand left of the place and want the room
  const left = Math.min(-half - half * 0.12, -w / 2 - half * (depth && layers.length > 1 ? 0.85 : 0.55));
  const regions: Region[] = [];
  const lines: Line[] = [];
  if (behind) regions.push({ id: 'behind', material: behind.material, outline: rectangle(left, Y(faceBottom), half, bottom) });
  // a board or a shell is as thick as it is: below it lies the cavity, not more of it
  const brokenBelow = behind === undefined && place.groundMm === undefined;
  regions.push({ id: 'ground', material: ground, outline: rectangle(left, 0, half, brokenBelow ? bottom : Y(faceBottom)) });
  const edgeAt = (deep: number) => (w / 2) * narrowed(shape, d > 0 ? Math.min(1, deep / d) : 0);
  let from = d;
  const notes: Note[] = [...(place.notes ?? [])];
  for (const layer of layers) {
    const to = Math.max(0, from - layer.thickness.value);
    const steps = shape === 'box' ? 1 : 6;
    const side = Array.from({ length: steps + 1 }, (_v, i): number => from + ((to - from) * i) / steps);
    const outline: Point[] = [...side.map((y): Point => [edgeAt(y), Y(y)]), ...[...side].reverse().map((y): Point => [-edgeAt(y), Y(y)])];
    const area = areaOf(outline);
    regions.push({
      id: layer.id,
      material: layer.material,
      outline,
      ...(layer.lift !== undefined && { layer: layer.lift }),
      ...(layer.volume && area > 0 && { volume: layer.volume, throughMm: (layer.volume.value * 1000) / area }),
    });
    notes.push({ id: layer.id, at: [edgeAt((from + to) / 2) * 0.6, Y((from + to) / 2)], title: layer.title, ...(layer.detail && { detail: layer.detail }) });
    from = to;
  }
  if (proud && proud.value > 0) {
    regions.push({
      id: 'proud',
      material: layers[layers.length - 1]?.material ?? 'mortar',
      outline: [
        [-w / 2, 0],
        [-w / 2 + w * 0.06, -Y(proud.value)],
        [w / 2 - w * 0.06, -Y(proud.value)],
        [w / 2, 0],
      ],
    });
    lines.push({
      id: 'grind',
      line: 'grind',
      points: [
        [-half * 0.9, 0],
        [half * 0.9, 0],
      ],
    });
  }
  const r = bars ? bars.across.value / 2 : 0;
  if (bars)
    [-0.25, 0.25].forEach((share, i) =>
      regions.push({ id: `bar-${String(i + 1)}`, material: 'bar', outline: circle(w * share, Y(Math.max(r, d - bars.behind.value - r)), r, times) }),
    );
  films.forEach((f, i) => {
    const reach = f.across ? f.across.value / 2 : half;
    const [low, high] = [-i * film, -(i + 1) * film];
    const lap = Math.min(reach * 0.2, film * 3);
    regions.push({
      id: f.id,
      material: f.material ?? 'coat',
      layer: layers.length === 0 ? i + 1 : undefined,
      outline: f.across
        ? [
            [-reach, low],
            [-reach + lap, high],
            [reach - lap, high],
            [reach, low],
          ]
        : rectangle(left, high, half, low),
    } as Region);
    notes.push({ id: f.id, at: [reach * 0.72, (low + high) / 2], title: f.title, ...(f.detail && { detail: f.detail }) });
  });
  if (behind) notes.push({ id: 'behind', at: [half * 0.7, Y(faceBottom) + Y(behind.thicknessMm) / 2], title: behind.title });
  const dimensions: Dimension[] = [
    ...(depth && d > 0 ? [{ id: 'depth', along: 'y', from: [-w / 2, 0], to: [-w / 2, Y(d)], figure: depth, side: 'left' } as const] : []),
    ...(depth && layers.length > 1
      ? layers.reduce<{ y: number; out: Dimension[] }>(
          (at, l) => {
            const y = Math.max(0, at.y - l.thickness.value);
            return { y, out: [...at.out, { id: `lift-${l.id}`, along: 'y', from: [-w / 2, Y(y)], to: [-w / 2, Y(at.y)], figure: l.thickness, side: 'left' }] };
          },
          { y: d, out: [] },
        ).out
      : []),
    { id: 'width', along: 'x', from: [-w / 2, depth ? Y(d) : 0], to: [w / 2, depth ? Y(d) : 0], figure: width, side: 'below' },
  ];
  const scale = times === 1 ? say`to scale` : say`widths to scale, heights ${String(times)} times`;
  return {
    view: 'section',
    caption,
    footnote: say`${scale}${films.length > 0 ? '; coats drawn thicker' : ''}${more ? say`; ${more}` : ''}`,
    extent: { left, right: half, top, bottom },
    brokenBelow,
    regions,
    lines,
    dimensions,
    notes,
  };
}

/** Area inside an outline, in mm². */
export function areaOf(outline: readonly Point[]): number {
  let twice = 0;
  outline.forEach(([x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length] ?? [0, 0];
    twice += x * ny - nx * y;
  });
  return Math.abs(twice) / 2;
}

/** Something seen from the front, to scale. */
export function frontView(view: {
  readonly caption: Saying;
  readonly footnote?: Saying;
  readonly ground: Material;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly marginMm?: number;
  readonly regions: readonly Region[];
  readonly lines?: readonly Line[];
  readonly dimensions?: readonly Dimension[];
  readonly notes?: readonly Note[];
}): Section {
  const m = view.marginMm ?? Math.max(view.widthMm, view.heightMm) * 0.08;
  const extent = { left: -m, right: view.widthMm + m, top: -m, bottom: view.heightMm + m };
  return {
    view: 'front',
    caption: view.caption,
    footnote: view.footnote ?? say`to scale`,
    extent,
    brokenBelow: false,
    regions: [{ id: 'face', material: view.ground, outline: rectangle(extent.left, extent.top, extent.right, extent.bottom) }, ...view.regions],
    lines: view.lines ?? [],
    dimensions: view.dimensions ?? [],
    notes: view.notes ?? [],
  };
}
