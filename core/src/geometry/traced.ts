import { centeredLine, grayAt, smoothLine, type GrayImage } from './darkLine.ts';
import { homography, mapped, rectangleCorners, type Four, type Homography, type Place } from './homography.ts';
import type { OutlinePoint } from './outline.ts';

/** Something of known size in a picture: its four corners in pixels, from its upper left around, and its size in mm. */
export interface KnownSize {
  readonly corners: Four;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** A measure read off a picture, and how far it may be off either way. */
export interface Traced {
  readonly value: number;
  readonly tolerance: number;
}

/** A width read across a line: where along it, how wide, and whether there were pixels enough to tell. */
export interface TracedWidth {
  readonly atMm: number;
  readonly widthMm: number;
  readonly toleranceMm: number;
  readonly clear: boolean;
}

/** The card that is printed to lie in a picture, in mm. */
export const measuringCard = { widthMm: 150, heightMm: 100 } as const;

/** What a photo cannot tell, and how it is measured instead. */
export const notInPhoto = {
  fine: 'What is too fine here is measured with a card or a feeler.',
  depth: 'Depth does not show in a photo: it is asked for in Walk.',
} as const;

/** how far a finger or a mouse may be off a corner, in pixels; and how many pixels a width has to have */
export const placingPx = 1;
const leastPixels = 4;

/**
 * The map from the picture onto the plane of the known thing, in mm.
 * @throws Error where its corners do not stand around something
 */
export function planeOf({ corners, widthMm, heightMm }: KnownSize): Homography {
  return homography(corners, rectangleCorners(widthMm, heightMm));
}

/** How far a measure moves when each corner is placed a pixel off: the root of the sum of squares over all eight. */
function placed(known: KnownSize, measure: (plane: Homography) => number): Traced {
  let squares = 0;
  for (let corner = 0; corner < 4; corner++) {
    for (const axis of [0, 1] as const) {
      const moved = (by: number) => {
        const corners = known.corners.map((p, i) =>
          i !== corner ? p : axis === 0 ? ([p[0] + by, p[1]] as const) : ([p[0], p[1] + by] as const),
        ) as unknown as Four;
        return measure(planeOf({ ...known, corners }));
      };
      squares += ((moved(placingPx) - moved(-placingPx)) / 2) ** 2;
    }
  }
  return { value: measure(planeOf(known)), tolerance: Math.sqrt(squares) };
}

function lengthOn(plane: Homography, line: readonly Place[]): number {
  let length = 0;
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [mapped(plane, line[i - 1] ?? [0, 0]), mapped(plane, line[i] ?? [0, 0])];
    length += Math.hypot(b[0] - a[0], b[1] - a[1]);
  }
  return length;
}

/** A path of pixels as the middle line of what is dark: smoothed, moved into the middle, smoothed again. */
export function middleLine(image: GrayImage, path: readonly Place[]): Place[] {
  return smoothLine(centeredLine(image, smoothLine(path, 5), 14), 4);
}

/** Length of a line in mm; its ends may be a pixel off besides. */
export function tracedLength(known: KnownSize, line: readonly Place[]): Traced {
  const { value, tolerance } = placed(known, (plane) => lengthOn(plane, line));
  const plane = planeOf(known);
  const ends = [line[0], line[line.length - 1]].map((p) => (p ? pixelMm(plane, p) : 0));
  return { value, tolerance: Math.hypot(tolerance, ...ends) };
}

/** Size of a pixel on the plane at a place of the picture, in mm, the larger of both ways. */
export function pixelMm(plane: Homography, p: Place): number {
  const here = mapped(plane, p);
  const far = (q: Place) => {
    const there = mapped(plane, q);
    return Math.hypot(there[0] - here[0], there[1] - here[1]);
  };
  return Math.max(far([p[0] + 1, p[1]]), far([p[0], p[1] + 1]));
}

function areaOn(plane: Homography, points: readonly Place[]): number {
  const on = points.map((p) => mapped(plane, p));
  return (
    Math.abs(
      on.reduce((sum, [x, y], i) => {
        const [nx, ny] = on[(i + 1) % on.length] ?? [0, 0];
        return sum + x * ny - nx * y;
      }, 0),
    ) / 2
  );
}

/** Area of an outline in mm²; each of its corners may be a pixel off besides. */
export function tracedArea(known: KnownSize, points: readonly Place[]): Traced {
  const { value, tolerance } = placed(known, (plane) => areaOn(plane, points));
  const plane = planeOf(known);
  const on = points.map((p) => mapped(plane, p));
  const own = points.map((p, i) => {
    const [before, after] = [on[(i + on.length - 1) % on.length] ?? [0, 0], on[(i + 1) % on.length] ?? [0, 0]];
    return (Math.hypot(after[0] - before[0], after[1] - before[1]) / 2) * pixelMm(plane, p) * placingPx;
  });
  return { value, tolerance: Math.hypot(tolerance, ...own) };
}

/** An outline on the plane in mm, moved so that it begins at its upper left. */
export function tracedOutline(known: KnownSize, points: readonly Place[]): OutlinePoint[] {
  const plane = planeOf(known);
  const on = points.map((p) => mapped(plane, p));
  const [left, top] = [Math.min(...on.map(([x]) => x)), Math.min(...on.map(([, y]) => y))];
  return on.map(([x, y]) => ({ xMm: Math.round((x - left) * 10) / 10, yMm: Math.round((y - top) * 10) / 10 }));
}

const middle = (values: readonly number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

interface Profile {
  readonly stepMm: number;
  readonly grays: readonly number[];
  readonly ground: number;
}

/** Brightness across a line on the plane: square to it there, not in the picture, or a tilt would widen it. */
function profileAt(image: GrayImage, plane: Homography, back: Homography, line: readonly Place[], i: number): Profile {
  const p = mapped(plane, line[i] ?? [0, 0]);
  const [a, b] = [mapped(plane, line[Math.max(0, i - 6)] ?? [0, 0]), mapped(plane, line[Math.min(line.length - 1, i + 6)] ?? [0, 0])];
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
  const [nx, ny] = [-(b[1] - a[1]) / length, (b[0] - a[0]) / length];
  const stepMm = pixelMm(plane, line[i] ?? [0, 0]) / 2;
  const half = 90;
  const grays = Array.from({ length: 2 * half + 1 }, (_v, k) =>
    grayAt(image, mapped(back, [p[0] + nx * stepMm * (k - half), p[1] + ny * stepMm * (k - half)])),
  );
  return { stepMm, grays, ground: middle([...grays.slice(0, 40), ...grays.slice(-40)]) };
}

/** share of the full darkness above which a line shows its own dark, and below which it has ended */
const full = 0.85;
const edge = 0.5;
const faint = 0.15;

/**
 * Width of the dark around the middle of a profile. A line wide enough to show its own dark ends where half
 * of it is lacking, which blur leaves in place; a finer one is as wide as all the light it lacks over what
 * the darkest lacks: blur moves light, it does not take any.
 */
function darkWidth({ grays, ground, stepMm }: Profile, darkest: number): number {
  const depth = Math.max(1, ground - darkest);
  const lacking = (k: number) => (ground - (grays[k] ?? ground)) / depth;
  const center = (grays.length - 1) / 2;
  const wide = Math.max(...[-2, -1, 0, 1, 2].map((k) => lacking(center + k))) >= full;
  const level = wide ? edge : faint;
  let width = 0;
  for (const way of [-1, 1]) {
    let k = center;
    // two readings in a row beyond the edge end it: one alone is noise
    while (k > 1 && k < grays.length - 2 && (lacking(k) >= level || lacking(k + way) >= level)) {
      width += wide ? 1 : Math.max(0, lacking(k));
      k += way;
    }
    const [inner, outer] = [lacking(k - way), lacking(k)];
    if (wide && inner > outer) width += (inner - edge) / (inner - outer) - 0.5;
  }
  // the middle reading was counted from both sides
  return Math.max(0, width - (wide ? 0 : Math.max(0, lacking(center)))) * stepMm;
}

/** Widths at so many even places along a line; one with fewer pixels than it takes is not clear. */
export function tracedWidths(image: GrayImage, known: KnownSize, line: readonly Place[], places: number): TracedWidth[] {
  const plane = planeOf(known);
  const back = homography(rectangleCorners(known.widthMm, known.heightMm), known.corners);
  const along = [0];
  for (let i = 1; i < line.length; i++) along.push((along[i - 1] ?? 0) + lengthOn(plane, [line[i - 1] ?? [0, 0], line[i] ?? [0, 0]]));
  const whole = along[along.length - 1] ?? 0;
  // the middle of each of so many even parts; with its neighbors, against noise
  const wanted = Array.from({ length: places }, (_v, k) => along.findIndex((s) => s >= (whole * (k + 0.5)) / places));
  const profiles = wanted.map((i) => [-8, -4, 0, 4, 8].map((by) => profileAt(image, plane, back, line, Math.min(line.length - 1, Math.max(0, i + by)))));
  const darkest = Math.min(...profiles.flat().map((p) => middle([...p.grays].sort((a, b) => a - b).slice(0, 5))));
  return wanted.map((i, k) => {
    const near = (profiles[k] ?? []).map((p) => darkWidth(p, darkest)).sort((a, b) => a - b);
    const widthMm = middle(near);
    const px = pixelMm(plane, line[i] ?? [0, 0]);
    // a rough ground shows as widths that differ from one pixel to the next
    const spread = ((near[3] ?? widthMm) - (near[1] ?? widthMm)) / 2;
    return { atMm: along[i] ?? 0, widthMm, toleranceMm: Math.hypot(px, spread), clear: widthMm >= leastPixels * px };
  });
}
