import { concreteWork } from '../../shelf/usual/concreteWork.ts';
import { atMost } from '../../quantity/round.ts';
import { preparedDepth } from '../../geometry/cutOut.ts';
import { areaOver, gridLiftVolume, marginLiftVolume } from '../../geometry/depthGrid.ts';
import { chaseVolume, volumeSum } from '../../geometry/groove.ts';
import { barField, besideField } from '../../mixing/overBars.ts';
import { cutAreas, cutAround, cutOutVolume, squaredVolume, toBreakOut } from '../../mixing/mortarBatch.ts';
import type { Figure } from '../../quantity/figure.ts';
import { measuring } from '../../shelf/usual/measuring.ts';
import { rustedBar } from '../../schools/rustedBar.ts';
import { type Course } from '../course.ts';
import { Missing } from '../courseFigures.ts';
import { strip } from '../parts.ts';
import type { EdgeOf, SquareCut } from './squareCut.ts';

/** Several areas as one. */
function together(c: Course, areas: readonly Figure[]): Figure | undefined {
  const [only, ...more] = areas;
  return only && more.length > 0 ? c.ledger.compute(cutAreas, { areaMm2: areas }) : only;
}

type Uneven = NonNullable<SquareCut['uneven']>;

/** Depths over the place and the margin around it, where they were read on a grid and nothing is cleared behind bars. */
function unevenBottom(
  c: Course,
  { area, outline, behind }: { readonly area: Figure; readonly outline: Figure | undefined; readonly behind: Figure | undefined },
) {
  if (behind || !outline || !c.matter.grid) return undefined;
  return { grid: c.matter.grid, margin: c.ledger.compute(areaOver, { cutMm2: area, foundMm2: outline }) };
}

/** Volume inside a cut over an uneven bottom. */
function gridVolume(c: Course, { grid, margin }: Uneven, { edge, depth }: Readonly<Record<'edge' | 'depth', Figure>>): Figure {
  const [topMm, bottomMm] = [c.stated('The face', 'depth', 0), depth];
  const parts = [
    c.ledger.compute(gridLiftVolume, { ...grid, edgeMm: edge, topMm, bottomMm }, 'Under the grid, nowhere shallower than the edge'),
    c.ledger.compute(marginLiftVolume, { marginMm2: margin, edgeMm: edge, topMm, bottomMm }, 'Margin of the cut'),
  ];
  return c.ledger.compute(volumeSum, { volumeMl: parts }, 'Inside the cut');
}

/** Volume of a place over an even bottom, cut square; nothing where its hole was not measured. */
function squared(
  c: Course,
  { area, edge, outline, found }: Readonly<Record<'area' | 'edge', Figure>> & Readonly<Record<'outline' | 'found', Figure | undefined>>,
) {
  if (!outline || !found) return undefined;
  return c.ledger.compute(squaredVolume, { foundMl: found, outlineMm2: outline, cutMm2: area, edgeMm: edge });
}

/** Both sides of each square cut. */
function sidesOf(c: Course, boxes: readonly (readonly (readonly [number, number])[])[]): readonly Figure[] {
  return boxes.flatMap((box) => {
    const [xs, ys] = [box.map(([x]) => x), box.map(([, y]) => y)];
    return [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)].map((v) =>
      c.stated('Side of the cut, drawn round what was found', 'length', v),
    );
  });
}

/** The square cut-outs around what was found broken or hollow, and over bars as deep as is cleared behind them. */
export function outlinedCut(c: Course, edge: Figure): SquareCut {
  const { seen, size, measured, measure } = c.matter;
  const boxes = seen?.cutOuts ?? [];
  const [outline, found, behind] = [measured('area'), measured('void'), measured('behind')];
  const depth = size?.depth;
  const cuts = ['cut', ...Array.from({ length: 40 }, (_v, i) => `cut-${String(i + 1)}`)].flatMap((id) => measured(id) ?? []);
  const area = together(c, cuts);
  if (!depth || !area || boxes.length === 0) throw new Missing('depthMm');
  const uneven = unevenBottom(c, { area, outline, behind });
  // over a grid every place counts at its own depth, nowhere shallower than the edge
  const ofGrid = uneven && gridVolume(c, uneven, { edge, depth });
  const bars = behind && overBars(c, { area, depth, edge, outline: outline ?? measured('hollow') ?? area });
  const volume = ofGrid ?? bars?.volume ?? squared(c, { area, edge, outline, found });
  if (!volume) throw new Missing('depthMm');
  const sideLengths = sidesOf(c, boxes);
  const around = c.ledger.compute(cutAround, { sideMm: sideLengths });
  const widest = sideLengths.reduce((most, s) => (s.value > most.value ? s : most), sideLengths[0] ?? around);
  return {
    area,
    around,
    depth,
    volume,
    widest,
    ...(uneven && { uneven }),
    broken: found ? c.ledger.compute(toBreakOut, { volumeMl: volume, foundMl: found }) : volume,
    ...(bars && { parts: { deep: bars.deep, beside: bars.beside } }),
    ...(behind && { bars: { across: measure('barMm'), behind: c.get(rustedBar.sides[0].sets.behind) } }),
  };
}

/** Over bars: broken out behind them where it is hollow and along them until they are clean, and no deeper than the edge elsewhere. */
function overBars(
  c: Course,
  { area, depth, edge, outline }: Readonly<Record<'area' | 'depth' | 'edge' | 'outline', Figure>>,
): { readonly volume: Figure; readonly deep: Figure; readonly beside: Figure } {
  const fieldMm2 = c.ledger.compute(barField, {
    outlineMm2: outline,
    cutMm2: area,
    bars: c.need('bars'),
    barMm: c.need('barMm'),
    clearMm: c.get(rustedBar.sides[0].sets.behind),
    marginMm: c.get(measuring.figures.barMargin),
  });
  c.amount('field', 'Broken out behind the bars', fieldMm2);
  const deep = c.ledger.compute(cutOutVolume, { cutMm2: fieldMm2, depthMm: depth }, 'Behind the bars');
  const beside = c.ledger.compute(besideField, { fieldMm2, depthMm: depth, cutMm2: area, edgeMm: edge });
  return { volume: c.ledger.compute(volumeSum, { volumeMl: [deep, beside] }, 'Inside the cut'), deep, beside };
}

/** A broken edge cut to a square step: as long as it is broken, nowhere shallower than the square edge. */
export function edgeCut(c: Course, edge: Figure): SquareCut {
  const [long, high, found] = [c.need('lengthMm'), c.need('heightMm'), c.need('depthMm')];
  const [height, depth] = [high, found].map((foundMm) =>
    c.ledger.compute(preparedDepth, { foundMm, edgeMm: edge }, foundMm === high ? 'Cut down to' : 'Cut in to'),
  );
  if (!height || !depth) throw new Missing('heightMm');
  const volume = c.ledger.compute(chaseVolume, { lengthMm: long, widthMm: height, depthMm: depth }, 'Inside the cut');
  return {
    area: strip(c, height, 'Inside the cut'),
    around: c.ledger.compute(cutAround, { sideMm: [long, height] }),
    depth,
    volume,
    widest: height,
    broken: c.ledger.compute(toBreakOut, { volumeMl: volume, foundMl: c.need('void') }),
    form: {
      of: (c.matter.choice('edge') ?? 'slab') as EdgeOf,
      high: height,
      long,
      out: overhang(c),
      radius: rounding(c),
    },
  };
}

/** How far a new edge stands out, where that is more than mortar bears by itself. */
function overhang(c: Course): Figure | undefined {
  const out = c.matter.measure('overhangMm');
  return out && out.value > c.get(concreteWork.figures.pinnedFrom).value ? out : undefined;
}

/** The radius of the old nosing, and no more than a stair may have. */
function rounding(c: Course): Figure | undefined {
  const old = c.matter.measure('radiusMm');
  const most = c.get(concreteWork.figures.nosingRadius);
  return old && (atMost(old.value, most.value) ? old : most);
}

/** A face that has scaled, or a groove along a crack: cut at its edge, as deep as was found. */
export function stripCut(c: Course): SquareCut {
  const length = c.need('lengthMm');
  const { size } = c.matter;
  if (!size?.width || !size.depth) throw new Missing('widths');
  const volume = c.ledger.compute(chaseVolume, { lengthMm: length, widthMm: size.width, depthMm: size.depth }, 'Groove');
  return {
    area: strip(c, size.width, 'Groove'),
    around: c.ledger.compute(cutAround, { sideMm: [length] }),
    depth: size.depth,
    volume,
    broken: volume,
    widest: size.width,
  };
}
