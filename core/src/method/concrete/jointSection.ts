import { rectangle } from '../../geometry/layeredSection.ts';
import type { Dimension, Note, Region, Section } from '../../geometry/section.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';

/** A joint cut through: old slab, rebuilt edges, the sawn gap and what fills it. */
export function jointSection(
  gap: Figure,
  edges: { readonly width: Figure; readonly depth: Figure } | undefined,
  fill: { readonly depth: Figure; readonly over?: Figure; readonly onRod: boolean; readonly rod?: Figure } | undefined,
): Section {
  const g = gap.value / 2;
  const w = edges ? edges.width.value / 2 : g;
  const d = edges?.depth.value ?? 0;
  const f = fill?.depth.value ?? d;
  const bottom = Math.max(d, f) * 1.45 + 6;
  const half = Math.max(w * 1.9, bottom * 0.75);
  const left = -half * 1.3;
  const regions: Region[] = [{ id: 'slab', material: 'concrete', outline: rectangle(left, 0, half, bottom) }];
  const notes: Note[] = [];
  if (edges) {
    regions.push(
      { id: 'edge-left', material: 'resin-sand', outline: rectangle(-w, 0, -g, d) },
      { id: 'edge-right', material: 'resin-sand', outline: rectangle(g, 0, w, d) },
    );
    notes.push({ id: 'edges', at: [(w + g) / 2, d * 0.5], title: say`edges rebuilt, ${edges.depth} deep`, detail: say`cut upright, ground flush` });
  }
  regions.push({ id: 'cut', material: 'open', outline: rectangle(-g, 0, g, Math.max(d, f) * 1.12) });
  if (fill) {
    const over = fill.over?.value ?? 0;
    regions.push({
      id: 'fill',
      material: 'resin',
      outline: [
        [-g, f],
        [-g, 0],
        [-g * 0.8, -over],
        [g * 0.8, -over],
        [g, 0],
        [g, f],
      ],
    });
    if (fill.onRod) regions.push({ id: 'rod', material: 'rod', outline: rectangle(-g, f, g, f + gap.value) });
    notes.push({
      id: 'fill',
      at: [0, f * 0.7],
      title: say`filled ${fill.depth} deep`,
      detail: fill.onRod ? say`on a rod pressed in` : say`to the bottom of the cut, no rod`,
    });
    if (fill.over) notes.push({ id: 'over', at: [0, -over], title: say`${fill.over} above, shaved flush`, tone: 'grind' });
  } else notes.push({ id: 'saw', at: [0, d], title: say`sawn through into the old cut` });
  const dimensions: Dimension[] = [
    { id: 'gap', along: 'x', from: [-g, Math.max(d, f) * 1.12], to: [g, Math.max(d, f) * 1.12], figure: gap, side: 'below' },
    ...(edges ? [{ id: 'depth', along: 'y', from: [-w, 0], to: [-w, d], figure: edges.depth, side: 'left' } as const] : []),
    ...(fill ? [{ id: 'fill', along: 'y', from: [-w, 0], to: [-w, f], figure: fill.depth, side: 'left' } as const] : []),
  ];
  return {
    view: 'section',
    caption: say`Across the joint`,
    footnote: say`to scale`,
    extent: { left, right: half, top: -(fill?.over?.value ?? 0) - bottom * 0.03, bottom },
    brokenBelow: true,
    regions,
    lines: fill?.over
      ? [
          {
            id: 'grind',
            line: 'grind',
            points: [
              [-w * 1.2, 0],
              [w * 1.2, 0],
            ],
          },
        ]
      : [],
    dimensions,
    notes,
  };
}

/** A routed crack with its sealant, held on two faces only. */
export function sealantSection(width: Figure, depth: Figure, rout: number, rod: Figure | undefined): Section {
  const w = width.value / 2;
  const [d, r] = [depth.value, rout];
  const bottom = r * 1.7 + 4;
  const half = Math.max(w * 3.2, bottom * 0.8);
  const hollow = d * 0.16;
  const regions: Region[] = [
    { id: 'slab', material: 'concrete', outline: rectangle(-half, 0, half, bottom) },
    {
      id: 'crack',
      material: 'crack',
      outline: [
        [-0.25, r],
        [0.25, r],
        [0.6, bottom],
        [0.1, bottom],
      ],
    },
    { id: 'cut', material: 'open', outline: rectangle(-w, 0, w, r) },
    { id: 'backing', material: rod ? 'rod' : 'tape', outline: rod ? rectangle(-w, d, w, r) : rectangle(-w, r - Math.max(0.5, r * 0.05), w, r) },
    {
      id: 'sealant',
      material: 'resin',
      outline: [
        [-w, d],
        [-w, 0],
        [-w * 0.4, hollow],
        [w * 0.4, hollow],
        [w, 0],
        [w, d],
      ],
    },
  ];
  return {
    view: 'section',
    caption: say`Across the routed crack`,
    footnote: say`to scale`,
    extent: { left: -half, right: half, top: -bottom * 0.03, bottom },
    brokenBelow: true,
    regions,
    lines: [],
    dimensions: [
      { id: 'width', along: 'x', from: [-w, r], to: [w, r], figure: width, side: 'below' },
      { id: 'depth', along: 'y', from: [-w, 0], to: [-w, d], figure: depth, side: 'left' },
    ],
    notes: [
      { id: 'faces', at: [w, d * 0.5], title: say`holds on two faces only`, detail: say`primed where the sheet says so` },
      { id: 'back', at: [0, rod ? (d + r) / 2 : r], title: rod ? say`rod, ${rod}` : say`bond-breaker tape`, detail: say`the third face stays free` },
    ],
  };
}
