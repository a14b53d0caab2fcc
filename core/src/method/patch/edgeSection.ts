import { rectangle } from '../../geometry/layeredSection.ts';
import type { Dimension, Note, Region, Section } from '../../geometry/section.ts';
import type { Figure } from '../../quantity/figure.ts';
import type { EdgeForm, EdgeOf } from './squareCut.ts';
import { say, type Saying } from '../../quantity/saying.ts';

/** What the drawing of a rebuilt edge is made of: how high and how far in it is cut, in lifts from the inside out. */
export interface EdgeDrawn {
  readonly form: EdgeForm;
  readonly deep: Figure;
  readonly lifts: Figure;
  /** of one lift */
  readonly thickness: Figure;
  readonly volume: Figure;
  readonly material: 'mortar' | 'resin-sand';
  readonly toMix: Saying;
}

const captions: Readonly<Record<EdgeOf, string>> = {
  nosing: 'Across the nosing, the tread on top',
  slab: 'Across the edge, its top on top',
  curb: 'Across the curb, its top on top, the road on the right',
  corner: 'Across the corner, seen from above',
};

/** A broken edge cut through: the step of the cut, what is built into it against a board, the top in line with the old one. */
export function edgeSection({ form, deep, lifts, thickness, volume, material, toMix }: EdgeDrawn): Section {
  const { of, high, long, out } = form;
  const [h, d, t] = [high.value, deep.value, thickness.value];
  const board = Math.max(d, h) * 0.18;
  const left = Math.max(d * 1.6, h);
  const bottom = h * 2.1;
  // inward is left, the edge right: the board stands at the outer face
  const regions: Region[] = [
    {
      id: 'old',
      material: 'concrete',
      outline: [
        [-left, 0],
        [0, 0],
        [0, h],
        [d, h],
        [d, bottom],
        [-left, bottom],
      ],
    },
    ...Array.from({ length: lifts.value }, (_v, i): Region => ({
      id: `lift-${String(i + 1)}`,
      material,
      layer: i + 1,
      outline: rectangle(i * t, 0, (i + 1) * t, h),
      volume,
      throughMm: (volume.value * 1000) / (t * h),
    })),
    { id: 'board', material: 'frame', outline: rectangle(d, 0, d + board, h * 1.6) },
    ...(out ? [{ id: 'pin', material: 'bar' as const, outline: rectangle(-left * 0.35, h * 0.78, d * 0.8, h * 0.78 + Math.max(1.5, h * 0.05)) }] : []),
  ];
  const notes: Note[] = [
    { id: 'top', at: [d * 0.5, h * 0.12], title: say`struck off over the board`, detail: toMix },
    {
      id: 'board',
      at: [d + board * 0.5, h * 0.6],
      title: of === 'corner' ? say`board, edge in line` : say`board, top in line`,
      detail: say`off when it stands by itself`,
    },
    { id: 'edge', at: [0, h * 0.4], title: say`cut upright`, detail: say`no feather on either face` },
    ...(out ? [{ id: 'pins', at: [d * 0.2, h * 0.8] as const, title: say`stands ${out} out`, detail: say`pinned as the sheet says` }] : []),
  ];
  const dimensions: Dimension[] = [
    { id: 'depth', along: 'y', from: [0, 0], to: [0, h], figure: high, side: 'left' },
    { id: 'width', along: 'x', from: [0, h], to: [d, h], figure: deep, side: 'below' },
  ];
  return {
    view: 'section',
    caption: say`${captions[of]}`,
    footnote: say`to scale; ${long} long`,
    extent: { left: -left, right: d + board + d * 0.25, top: -h * 0.1, bottom },
    brokenBelow: true,
    bodyTo: d,
    regions,
    lines: [],
    dimensions,
    notes,
  };
}
