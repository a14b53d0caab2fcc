/** A point of a picture in pixels, or of a plane in mm. */
export type Place = readonly [x: number, y: number];

/** Four places around a rectangle, in order from its upper left. */
export type Four = readonly [Place, Place, Place, Place];

/** A projective map of one plane onto another: nine numbers, row by row. */
export type Homography = readonly number[];

/** Solves a square system by elimination with row exchange; nothing where it has no one solution. */
function solved(rows: readonly (readonly number[])[], right: readonly number[]): number[] | undefined {
  const n = rows.length;
  const a = rows.map((row, i) => [...row, right[i] ?? 0]);
  for (let column = 0; column < n; column++) {
    let best = column;
    for (let row = column + 1; row < n; row++) if (Math.abs(a[row]?.[column] ?? 0) > Math.abs(a[best]?.[column] ?? 0)) best = row;
    const pivotRow = a[best] ?? [];
    const pivot = pivotRow[column] ?? 0;
    if (Math.abs(pivot) < 1e-12) return undefined;
    a[best] = a[column] ?? [];
    a[column] = pivotRow;
    for (let row = 0; row < n; row++) {
      const own = a[row] ?? [];
      if (row === column || (own[column] ?? 0) === 0) continue;
      const share = (own[column] ?? 0) / pivot;
      for (let k = column; k <= n; k++) own[k] = (own[k] ?? 0) - share * (pivotRow[k] ?? 0);
    }
  }
  return a.map((row, i) => (row[n] ?? 0) / (row[i] ?? 1));
}

/** Whether four places stand around something, corner by corner, none pressed in. */
export function isConvex(corners: Four): boolean {
  const turns = corners.map((p, i) => {
    const [q, r] = [corners[(i + 1) % 4] ?? p, corners[(i + 2) % 4] ?? p];
    return (q[0] - p[0]) * (r[1] - q[1]) - (q[1] - p[1]) * (r[0] - q[0]);
  });
  return turns.every((t) => t > 1e-9) || turns.every((t) => t < -1e-9);
}

/**
 * The projective map that takes four places onto four others, such as the corners of a card in a picture
 * onto the card itself in mm. A picture of a plane taken with a lens that draws straight lines straight is
 * such a map, however the camera was held.
 * @throws Error where the places do not stand around something
 */
export function homography(from: Four, to: Four): Homography {
  if (!isConvex(from) || !isConvex(to)) throw new Error('four corners must stand around something, in order');
  const rows: number[][] = [];
  const right: number[] = [];
  from.forEach(([x, y], i) => {
    const [u, v] = to[i] ?? [0, 0];
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y], [0, 0, 0, x, y, 1, -v * x, -v * y]);
    right.push(u, v);
  });
  const found = solved(rows, right);
  if (!found) throw new Error('four corners must stand around something, in order');
  return [...found, 1];
}

/** Where a place is taken to. */
export function mapped(h: Homography, [x, y]: Place): Place {
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, k = 0, w = 1] = h;
  const depth = g * x + k * y + w;
  return [(a * x + b * y + c) / depth, (d * x + e * y + f) / depth];
}

/** The corners of a rectangle of this size, in mm. */
export function rectangleCorners(widthMm: number, heightMm: number): Four {
  return [
    [0, 0],
    [widthMm, 0],
    [widthMm, heightMm],
    [0, heightMm],
  ];
}
