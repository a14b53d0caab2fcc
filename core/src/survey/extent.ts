import { areaVolume, outlineArea, outlinePerimeter, outlinePoints, reachOver, type Outline, shareOfEstimate, squareCutOut } from '../geometry/outline.ts';
import { deepestReading, gridMeanDepth, gridVolume } from '../geometry/depthGrid.ts';
import { boxCells, cellsOf, leastCover, type CellBox, type TappingMap } from '../geometry/tapping.ts';
import { productTolerance, volumeP90 } from '../geometry/tolerance.ts';
import { cellArea } from '../geometry/cellArea.ts';
import { evaluate } from '../quantity/formula.ts';
import type { Figure } from '../quantity/figure.ts';
import { say } from '../quantity/saying.ts';
import { measuring } from '../shelf/usual/measuring.ts';
import type { Ledger, Sourced } from '../quantity/ledger.ts';
import type { DepthGrid } from '../geometry/depthGrid.ts';
import type { Fact, LooseFacts } from './ask.ts';
import type { FactReader } from './factReader.ts';
import type { Doubt, Measured, Seen } from './kind.ts';

/** a mean depth below this, in mm, is a level face */
const readableMm = 0.01;
/** sound area, in cells, that one more cut-out is worth */
const cellsPerCutOut = 4;
/** share by which grid and outline may differ before it is asked about */
const apart = 0.2;
/** share by which what was found may differ from the estimate */
const offEstimate = 0.25;
/** most times that a cut-out in a floor may be longer than it is wide */
const longestShape = 2;

export interface Extent {
  readonly area: Figure;
  readonly width: Figure;
  readonly height: Figure;
  readonly around?: Figure;
  readonly measured: readonly Measured[];
  readonly seen: Seen;
}

const row = (id: string, label: string, figure: Figure): Measured => ({ id, label, figure });

/** Area, reach and square cut-out of what was outlined. */
export function outlined(read: FactReader, field: string, taken: Sourced<'depth'> | undefined): Extent | undefined {
  const fact = read.outline(field);
  if (!fact) return undefined;
  const { ledger } = read;
  const points = outlinePoints(fact.value);
  const xMm = points.map((p) => read.part('Corner, across', 'length', p.xMm, fact));
  const yMm = points.map((p) => read.part('Corner, down', 'length', p.yMm, fact));
  const area = ledger.compute(outlineArea, { xMm, yMm });
  const width = ledger.compute(reachOver, { placeMm: xMm }, 'Width');
  const height = ledger.compute(reachOver, { placeMm: yMm }, 'Height');
  const around = ledger.compute(outlinePerimeter, { xMm, yMm });
  const margin = taken ? ledger.sourced(taken) : ledger.stated('No margin', 'depth', 0);
  const marginMm = margin.value;
  const cut = ledger.compute(squareCutOut, { widthMm: width, heightMm: height, marginMm: margin });
  const left = Math.min(...points.map((p) => p.xMm)) - marginMm;
  const top = Math.min(...points.map((p) => p.yMm)) - marginMm;
  const box = [
    [left, top],
    [left + width.value + 2 * marginMm, top],
    [left + width.value + 2 * marginMm, top + height.value + 2 * marginMm],
    [left, top + height.value + 2 * marginMm],
  ] as const;
  return {
    area,
    width,
    height,
    around,
    measured: [row('area', 'Area as found', area), row('around', 'Length around it', around), row('cut', 'Square cut-out around it', cut)],
    seen: { outline: points.map((p) => [p.xMm, p.yMm] as const), cutOuts: [box], width, height },
  };
}

function corners(box: CellBox, cellMm: number, marginMm: number): (readonly [number, number])[] {
  const [l, t, r, b] = [box.left * cellMm - marginMm, box.top * cellMm - marginMm, (box.right + 1) * cellMm + marginMm, (box.bottom + 1) * cellMm + marginMm];
  return [
    [l, t],
    [r, t],
    [r, b],
    [l, b],
  ];
}

/** Hollow area of a tapping map, and the square cut-outs that cover it with the least sound area lost. */
export function tapped(read: FactReader, field: string, taken: Sourced<'depth'>): Extent | undefined {
  const fact: Fact<TappingMap> | undefined = read.tapping(field);
  if (!fact) return undefined;
  const { ledger } = read;
  const map = fact.value;
  const cell = read.part('Side of a cell', 'length', map.cellMm, fact);
  const count = (label: string, n: number) => read.part(label, 'count', n, fact);
  const area = ledger.compute(cellArea, { cells: count('Hollow cells', cellsOf(map, 'h')), cellMm: cell }, 'Hollow area');
  const margin = ledger.sourced(taken);
  const marginMm = margin.value;
  const boxes = leastCover(map, cellsPerCutOut);
  const sizes = boxes.map((b) =>
    ledger.compute(squareCutOut, {
      widthMm: read.part('Cells across', 'length', (b.right - b.left + 1) * map.cellMm, fact),
      heightMm: read.part('Cells down', 'length', (b.bottom - b.top + 1) * map.cellMm, fact),
      marginMm: margin,
    }),
  );
  const sound = boxes.reduce((sum, b) => sum + boxCells(b), 0) - cellsOf(map, 'h');
  const width = read.part('Width of the map', 'length', (map.rows[0]?.length ?? 0) * map.cellMm, fact);
  const height = read.part('Height of the map', 'length', map.rows.length * map.cellMm, fact);
  const hollow = map.rows.flatMap((cells, y) =>
    [...cells].flatMap((c, x) => (c === 'h' ? [corners({ left: x, top: y, right: x, bottom: y }, map.cellMm, 0)] : [])),
  );
  return {
    area,
    width,
    height,
    measured: [
      row('area', 'Hollow area', area),
      ...(map.rows.some((r) => r.includes('.'))
        ? [row('untapped', 'Not tapped yet', ledger.compute(cellArea, { cells: count('Cells not tapped', cellsOf(map, '.')), cellMm: cell }, 'Not tapped yet'))]
        : []),
      row('cut-outs', 'Cut-outs', count('Cut-outs', boxes.length)),
      ...sizes.map((s, i) => row(`cut-${String(i + 1)}`, `Cut-out ${String(i + 1)}, with its margin`, s)),
      row('lost', 'Sound area within them', ledger.compute(cellArea, { cells: count('Sound cells within', sound), cellMm: cell }, 'Sound area within them')),
    ],
    seen: { hollow, cutOuts: boxes.map((b) => corners(b, map.cellMm, marginMm)), width, height },
  };
}

/** Void over an extent: under a grid where there is one, else at one depth; with how well it is measured. */
export function voidOf(read: FactReader, extent: Extent, fields: { readonly grid: string; readonly depth: string }): readonly Measured[] {
  const { ledger } = read;
  const grid = read.depthGrid(fields.grid);
  const one = read.measure(fields.depth);
  const tolerance = (depth: Figure) => {
    const [tape, rule] = [ledger.sourced(measuring.figures.tape), ledger.sourced(measuring.figures.rule)];
    return ledger.compute(productTolerance, { measureMm: [extent.width, extent.height, depth], toleranceMm: [tape, tape, rule] });
  };
  const spread = (volume: Figure, depth: Figure) => {
    const tolerancePct = tolerance(depth);
    const known = row('tolerance', 'How well it is measured, either way', tolerancePct);
    // what is measured no better than itself gives no bound, and its share tells nobody anything
    if (tolerancePct.value > 100) return [];
    return [known, row('void-p90', 'Void, nine times in ten no more than', ledger.compute(volumeP90, { volumeMl: volume, tolerancePct }))];
  };
  if (grid) {
    const xMm = grid.value.xMm.map((x) => read.part('Column', 'length', x, grid));
    const yMm = grid.value.yMm.map((y) => read.part('Row', 'length', y, grid));
    const depthMm = grid.value.depthMm.flat().map((d) => read.part('Depth', 'depth', d, grid));
    const volume = ledger.compute(gridVolume, { xMm, yMm, depthMm });
    const mean = ledger.compute(gridMeanDepth, { xMm, yMm, depthMm });
    return [
      row('void', 'Void as found', volume),
      row('mean', 'Mean depth over the grid', mean),
      row('deepest', 'Deepest place', ledger.compute(deepestReading, { depthMm })),
      ...(mean.value >= readableMm ? spread(volume, mean) : []),
    ];
  }
  if (!one) return [];
  const volume = ledger.compute(areaVolume, { areaMm2: extent.area, depthMm: one }, 'Void as found');
  return [row('void', 'Void as found', volume), row('mean', 'Depth', one), ...spread(volume, one)];
}

/** What was expected against what was found. */
export function againstEstimate(read: FactReader, extent: Extent, field: string): readonly Measured[] {
  const estimate = read.measure(field);
  return estimate
    ? [
        row('estimated', 'Estimated before', estimate),
        row('against', 'Found, against the estimate', read.ledger.compute(shareOfEstimate, { measuredMm2: extent.area, estimatedMm2: estimate })),
      ]
    : [];
}

/** A grid that covers much less or more than what was outlined gives the void of something else. */
export function gridDoubt(facts: LooseFacts, ledger: Ledger): Doubt[] {
  const grid = facts['depths']?.value as DepthGrid | undefined;
  const outline = facts['outline']?.value as Outline | undefined;
  if (!grid || !outline) return [];
  const points = outlinePoints(outline);
  const reach = (places: readonly number[]) => Math.max(...places) - Math.min(...places);
  const box = reach(points.map((p) => p.xMm)) * reach(points.map((p) => p.yMm));
  const under = reach(grid.xMm) * reach(grid.yMm);
  if (under >= box * (1 - apart) && under <= box * (1 + apart)) return [];
  const area = (label: string, value: number) => ledger.given(label, 'area', value, 'measured', '');
  return [
    {
      id: 'grid-off-outline',
      field: 'depths',
      sentence: say`The grid lies over ${area('Under the grid', under)}, the outline reaches over ${area('Around the outline', box)}: does the grid go from edge to edge?`,
    },
  ];
}

/** A measured extent far from what was estimated has to be told before the work goes on. */
export function estimateDoubt(facts: LooseFacts, ledger: Ledger, foundMm2: number): Doubt[] {
  const estimate = facts['estimatedMm2']?.value as number | undefined;
  if (estimate === undefined || foundMm2 === 0) return [];
  const ratio = foundMm2 / estimate;
  if (ratio <= 1 + offEstimate && ratio >= 1 - offEstimate) return [];
  const area = (label: string, value: number) => ledger.given(label, 'area', value, 'measured', '');
  return [
    {
      id: 'off-estimate',
      field: 'estimatedMm2',
      sentence: say`${area('Found', foundMm2)} was found where ${area('Estimated', estimate)} was expected. Time, material and price follow what was found: has the client been told?`,
    },
  ];
}

/** The area of what was tapped or outlined, in mm², as plain facts give it; nothing where neither is known. */
export function foundMm2(facts: LooseFacts): number {
  const map = facts['tapping']?.value as TappingMap | undefined;
  if (map) return evaluate(cellArea, { cells: cellsOf(map, 'h'), cellMm: map.cellMm });
  const outline = facts['outline']?.value as Outline | undefined;
  const points = outline ? outlinePoints(outline) : [];
  return points.length === 0 ? 0 : evaluate(outlineArea, { xMm: points.map((p) => p.xMm), yMm: points.map((p) => p.yMm) });
}

/** On a floor a cut-out longer than twice its width cracks across as it shrinks (ICRI 310.1R, as recalled). */
export function longCutOutDoubt(facts: LooseFacts, ledger: Ledger, { value: marginMm }: Sourced<'depth'>): Doubt[] {
  if (facts['position']?.value !== 'floor') return [];
  const map = facts['tapping']?.value as TappingMap | undefined;
  const outline = facts['outline']?.value as Outline | undefined;
  const points = outline ? outlinePoints(outline) : [];
  const reach = (places: readonly number[]) => Math.max(...places) - Math.min(...places);
  const sizes = map
    ? leastCover(map, cellsPerCutOut).map((b) => [(b.right - b.left + 1) * map.cellMm, (b.bottom - b.top + 1) * map.cellMm] as const)
    : points.length > 0
      ? [[reach(points.map((p) => p.xMm)), reach(points.map((p) => p.yMm))] as const]
      : [];
  const long = sizes.map(([w, h]) => [Math.max(w, h) + 2 * marginMm, Math.min(w, h) + 2 * marginMm] as const).find(([l, s]) => l > s * longestShape);
  if (!long) return [];
  const length = (label: string, value: number) => ledger.given(label, 'length', value, 'measured', '');
  return [
    {
      id: 'long-cut-out',
      field: map ? 'tapping' : 'outline',
      sentence: say`A cut-out of ${length('Length', long[0])} by ${length('Width', long[1])} is longer than twice its width: on a floor it cracks across as it shrinks. Is it split by a joint?`,
    },
  ];
}

/** What is asked about any extent: a grid that does not fit its outline, an area far from the estimate. */
export function extentDoubts(facts: LooseFacts, ledger: Ledger): Doubt[] {
  return [...gridDoubt(facts, ledger), ...estimateDoubt(facts, ledger, foundMm2(facts))];
}
