import type { Place } from './homography.ts';

/** A picture in gray: one byte a pixel, row by row, dark is low. */
export interface GrayImage {
  readonly width: number;
  readonly height: number;
  readonly gray: Uint8Array;
}

export interface Watching {
  /** told the share that is done, now and then */
  readonly onProgress?: (done: number) => void;
  readonly signal?: { readonly aborted: boolean };
}

/** Brightness between pixels, by the four around it; the edge goes on outside. */
export function grayAt({ width, height, gray }: GrayImage, [x, y]: Place): number {
  const cx = Math.min(width - 1.001, Math.max(0, x));
  const cy = Math.min(height - 1.001, Math.max(0, y));
  const [x0, y0] = [Math.floor(cx), Math.floor(cy)];
  const [fx, fy] = [cx - x0, cy - y0];
  const at = (i: number, k: number) => gray[Math.min(height - 1, y0 + k) * width + Math.min(width - 1, x0 + i)] ?? 0;
  return (at(0, 0) * (1 - fx) + at(1, 0) * fx) * (1 - fy) + (at(0, 1) * (1 - fx) + at(1, 1) * fx) * fy;
}

/** A heap of nodes by what they cost so far. */
class Frontier {
  readonly #nodes: number[] = [];
  readonly #costs: number[] = [];

  get size(): number {
    return this.#nodes.length;
  }

  push(node: number, cost: number): void {
    let i = this.#nodes.push(node) - 1;
    this.#costs.push(cost);
    while (i > 0) {
      const up = (i - 1) >> 1;
      if ((this.#costs[up] ?? 0) <= cost) break;
      this.#swap(i, up);
      i = up;
    }
  }

  pop(): readonly [node: number, cost: number] {
    const top = [this.#nodes[0] ?? 0, this.#costs[0] ?? 0] as const;
    const [node, cost] = [this.#nodes.pop() ?? 0, this.#costs.pop() ?? 0];
    if (this.#nodes.length > 0) {
      this.#nodes[0] = node;
      this.#costs[0] = cost;
      for (let i = 0; ;) {
        const [l, r] = [2 * i + 1, 2 * i + 2];
        let least = i;
        if (l < this.#nodes.length && (this.#costs[l] ?? 0) < (this.#costs[least] ?? 0)) least = l;
        if (r < this.#nodes.length && (this.#costs[r] ?? 0) < (this.#costs[least] ?? 0)) least = r;
        if (least === i) break;
        this.#swap(i, least);
        i = least;
      }
    }
    return top;
  }

  #swap(i: number, k: number): void {
    [this.#nodes[i], this.#nodes[k]] = [this.#nodes[k] ?? 0, this.#nodes[i] ?? 0];
    [this.#costs[i], this.#costs[k]] = [this.#costs[k] ?? 0, this.#costs[i] ?? 0];
  }
}

/** what a step over the lightest ground costs above one along the darkest line, and how steeply it rises */
const groundCost = 60;
const steps: readonly (readonly [dx: number, dy: number, length: number])[] = [
  [1, 0, 1],
  [-1, 0, 1],
  [0, 1, 1],
  [0, -1, 1],
  [1, 1, Math.SQRT2],
  [1, -1, Math.SQRT2],
  [-1, 1, Math.SQRT2],
  [-1, -1, Math.SQRT2],
];

/**
 * The darkest way between two places of a picture: the least-cost path over its pixels (Dijkstra), where
 * light ground is dear. Searched within the box of both places and a margin around it.
 * @returns pixels from one place to the other, both included; nothing where it was stopped
 */
export function darkPath(image: GrayImage, from: Place, to: Place, watching: Watching = {}): Place[] | undefined {
  const margin = Math.max(30, Math.round(Math.hypot(to[0] - from[0], to[1] - from[1]) * 0.35));
  const inside = (v: number, most: number) => Math.min(most - 1, Math.max(0, Math.round(v)));
  const [x0, x1] = [inside(Math.min(from[0], to[0]) - margin, image.width), inside(Math.max(from[0], to[0]) + margin, image.width)];
  const [y0, y1] = [inside(Math.min(from[1], to[1]) - margin, image.height), inside(Math.max(from[1], to[1]) + margin, image.height)];
  const [w, h] = [x1 - x0 + 1, y1 - y0 + 1];
  const at = (p: Place) => (inside(p[1], image.height) - y0) * w + inside(p[0], image.width) - x0;
  // light and dark of this part: a shadow over the whole picture changes nothing
  const levels = new Uint32Array(256);
  for (let y = y0; y <= y1; y++)
    for (let x = x0; x <= x1; x++) {
      const g = image.gray[y * image.width + x] ?? 0;
      levels[g] = (levels[g] ?? 0) + 1;
    }
  const level = (share: number) => {
    let sum = 0;
    for (let g = 0; g < 256; g++) {
      sum += levels[g] ?? 0;
      if (sum >= share * w * h) return g;
    }
    return 255;
  };
  const [dark, light] = [level(0.005), Math.max(level(0.5), level(0.005) + 1)];
  const price = (node: number) => {
    const g = image.gray[(y0 + Math.floor(node / w)) * image.width + x0 + (node % w)] ?? 0;
    const share = Math.min(1, Math.max(0, (g - dark) / (light - dark)));
    return 1 + groundCost * share * share;
  };
  const cost = new Float64Array(w * h).fill(Number.POSITIVE_INFINITY);
  const before = new Int32Array(w * h).fill(-1);
  const frontier = new Frontier();
  const [start, goal] = [at(from), at(to)];
  cost[start] = 0;
  frontier.push(start, 0);
  let done = 0;
  while (frontier.size > 0) {
    const [node, so] = frontier.pop();
    if (so > (cost[node] ?? 0)) continue;
    if (node === goal) break;
    done += 1;
    if (done % 20_000 === 0) {
      if (watching.signal?.aborted === true) return undefined;
      watching.onProgress?.(done / (w * h));
    }
    const [x, y] = [node % w, Math.floor(node / w)];
    for (const [dx, dy, length] of steps) {
      const [nx, ny] = [x + dx, y + dy];
      if (nx < 0 || ny < 0 || nx >= w || ny >= h) continue;
      const next = ny * w + nx;
      const total = so + (length * (price(node) + price(next))) / 2;
      if (total >= (cost[next] ?? 0)) continue;
      cost[next] = total;
      before[next] = node;
      frontier.push(next, total);
    }
  }
  watching.onProgress?.(1);
  const path: Place[] = [];
  for (let node = goal; node !== -1; node = before[node] ?? -1) path.push([x0 + (node % w), y0 + Math.floor(node / w)]);
  return path.reverse();
}

/** A path of pixels as a smooth line: a running mean weighted by a bell of this reach, ends kept. */
export function smoothLine(path: readonly Place[], reach: number): Place[] {
  const last = path.length - 1;
  const half = Math.ceil(reach * 3);
  return path.map((p, i) => {
    const own = Math.min(half, i, last - i);
    if (own === 0) return p;
    let [sx, sy, sum] = [0, 0, 0];
    for (let k = -own; k <= own; k++) {
      const weight = Math.exp(-(k * k) / (2 * reach * reach));
      const [x, y] = path[i + k] ?? p;
      sx += x * weight;
      sy += y * weight;
      sum += weight;
    }
    return [sx / sum, sy / sum];
  });
}

/** A line moved into the middle of the dark: at each place, to the mean of what is darker than the ground across it. */
export function centeredLine(image: GrayImage, line: readonly Place[], reachPx: number): Place[] {
  return line.map((p, i) => {
    const [a, b] = [line[Math.max(0, i - 3)] ?? p, line[Math.min(line.length - 1, i + 3)] ?? p];
    const length = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
    const [nx, ny] = [-(b[1] - a[1]) / length, (b[0] - a[0]) / length];
    const across = Array.from({ length: 4 * reachPx + 1 }, (_v, k) => (k - 2 * reachPx) / 2);
    const grays = across.map((t) => grayAt(image, [p[0] + nx * t, p[1] + ny * t]));
    const ground = Math.max(grays[0] ?? 0, grays[grays.length - 1] ?? 0);
    let [moment, weight] = [0, 0];
    grays.forEach((g, k) => {
      // only what is clearly darker, or the noise of the ground pulls it
      const darker = Math.max(0, ground - g - 25);
      moment += darker * (across[k] ?? 0);
      weight += darker;
    });
    const shift = weight > 0 ? moment / weight : 0;
    return [p[0] + nx * shift, p[1] + ny * shift];
  });
}
