/** A map of what was tapped: square cells, one character each, `h` hollow, `s` sound, `.` not tapped; rows from the top. */
export interface TappingMap {
  readonly cellMm: number;
  readonly rows: readonly string[];
}

/** A rectangle of cells, its ends included. */
export interface CellBox {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

export const tappingLimits = { side: 20, cellMinMm: 20, cellMaxMm: 500 } as const;

/** The cells of a kind. */
export function cellsOf(map: TappingMap, kind: 'h' | 's' | '.'): number {
  return map.rows.reduce((sum, row) => sum + [...row].filter((c) => c === kind).length, 0);
}

export function boxCells({ left, top, right, bottom }: CellBox): number {
  return (right - left + 1) * (bottom - top + 1);
}

interface Cover {
  readonly cost: number;
  readonly boxes: readonly CellBox[];
}

/**
 * The rectangles that cover all hollow cells with the least sound area lost, where one more cut-out is
 * worth `cellsPerBox` sound cells: of all ways to split the map by cuts that run right through a part.
 * @param cellsPerBox what one more cut-out costs, in cells; above nothing, so that shapes stay simple
 */
export function leastCover(map: TappingMap, cellsPerBox: number): readonly CellBox[] {
  const height = map.rows.length;
  const width = map.rows[0]?.length ?? 0;
  // sums over the rectangle from the corner, so that any part is counted in four steps
  const sums = Array.from({ length: height + 1 }, () => new Array<number>(width + 1).fill(0));
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const own = map.rows[y]?.[x] === 'h' ? 1 : 0;
      (sums[y + 1] as number[])[x + 1] = own + (sums[y]?.[x + 1] ?? 0) + (sums[y + 1]?.[x] ?? 0) - (sums[y]?.[x] ?? 0);
    }
  }
  const hollow = (b: CellBox) =>
    (sums[b.bottom + 1]?.[b.right + 1] ?? 0) - (sums[b.top]?.[b.right + 1] ?? 0) - (sums[b.bottom + 1]?.[b.left] ?? 0) + (sums[b.top]?.[b.left] ?? 0);
  const tight = (b: CellBox): CellBox => {
    let { left, top, right, bottom } = b;
    while (left < right && hollow({ left, top, right: left, bottom }) === 0) left += 1;
    while (right > left && hollow({ left: right, top, right, bottom }) === 0) right -= 1;
    while (top < bottom && hollow({ left, top, right, bottom: top }) === 0) top += 1;
    while (bottom > top && hollow({ left, top: bottom, right, bottom }) === 0) bottom -= 1;
    return { left, top, right, bottom };
  };
  const known = new Map<number, Cover>();
  const cover = (wide: CellBox): Cover => {
    if (hollow(wide) === 0) return { cost: 0, boxes: [] };
    const box = tight(wide);
    const key = ((box.left * 64 + box.top) * 64 + box.right) * 64 + box.bottom;
    const before = known.get(key);
    if (before) return before;
    const all = boxCells(box);
    let best: Cover = { cost: all - hollow(box) + cellsPerBox, boxes: [box] };
    const attempt = (one: CellBox, other: CellBox) => {
      const first = cover(one);
      if (first.cost >= best.cost) return;
      const second = cover(other);
      if (first.cost + second.cost < best.cost) best = { cost: first.cost + second.cost, boxes: [...first.boxes, ...second.boxes] };
    };
    // nothing can be won where all is hollow, or where two cut-outs alone cost more
    if (best.cost > 2 * cellsPerBox) {
      for (let x = box.left; x < box.right; x++) attempt({ ...box, right: x }, { ...box, left: x + 1 });
      for (let y = box.top; y < box.bottom; y++) attempt({ ...box, bottom: y }, { ...box, top: y + 1 });
    }
    known.set(key, best);
    return best;
  };
  if (height === 0 || width === 0) return [];
  return cover({ left: 0, top: 0, right: width - 1, bottom: height - 1 }).boxes;
}
