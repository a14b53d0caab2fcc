import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { camera, cornersOf, rendered } from '../../test/rendered.ts';
import { darkPath, type GrayImage } from './darkLine.ts';
import { homography, isConvex, mapped, rectangleCorners, type Four, type Place } from './homography.ts';
import { middleLine, placingPx, tracedArea, tracedLength, tracedOutline, tracedWidths, type KnownSize } from './traced.ts';

const off = (value: number, expected: number) => Math.abs(value - expected) / expected;

describe('homography', () => {
  const place = fc.tuple(fc.integer({ min: -400, max: 400 }), fc.integer({ min: -400, max: 400 }));
  it('takes four corners onto four others, and back', () => {
    fc.assert(
      fc.property(fc.tuple(place, place, place, place), place, (four, p) => {
        fc.pre(isConvex(four));
        const to = rectangleCorners(150, 100);
        const there = homography(four, to);
        four.forEach((corner, i) => {
          mapped(there, corner).forEach((v, axis) => {
            expect(v).toBeCloseTo(to[i]?.[axis as 0 | 1] ?? 0, 4);
          });
        });
        const back = homography(to, four);
        const again = mapped(there, mapped(back, [p[0] / 8 + 50, p[1] / 8 + 50]));
        expect(Math.hypot(again[0] - p[0] / 8 - 50, again[1] - p[1] / 8 - 50)).toBeLessThan(1e-3);
      }),
    );
  });

  it('is the camera’s own map of a plane', () => {
    const view = camera(35, 20);
    const plane = homography(rectangleCorners(200, 120).map(view) as unknown as Four, rectangleCorners(200, 120));
    const seen = mapped(plane, view([420, 310]));
    expect(Math.hypot(seen[0] - 420, seen[1] - 310)).toBeLessThan(1e-6);
  });

  it.each<[string, Four]>([
    [
      'pressed in',
      [
        [0, 0],
        [100, 0],
        [20, 20],
        [0, 100],
      ],
    ],
    [
      'crossed',
      [
        [0, 0],
        [100, 100],
        [100, 0],
        [0, 100],
      ],
    ],
    [
      'on one line',
      [
        [0, 0],
        [50, 0],
        [100, 0],
        [0, 100],
      ],
    ],
  ])('refuses four corners that are %s', (_what, corners) => {
    expect(() => homography(corners, rectangleCorners(10, 10))).toThrow(/stand around something/);
  });
});

/** The middle line of a crack that wanders, in mm, and its width there. */
const crackY = (x: number) => 225 + 34 * Math.sin(x / 52) + 9 * Math.sin(x / 17);
const crackWidth = (x: number) => 6.5 + 2 * Math.sin(x / 90);
const [firstX, lastX] = [62, 538];
const samples = Array.from({ length: 4001 }, (_v, i) => {
  const x = firstX + ((lastX - firstX) * i) / 4000;
  return [x, crackY(x)] as const;
});
const crackLength = samples.reduce((sum, [x, y], i) => {
  const [px, py] = samples[Math.max(0, i - 1)] ?? [x, y];
  return sum + Math.hypot(x - px, y - py);
}, 0);
function inCrack(x: number, y: number): boolean {
  if (x < 60 || x > 540 || Math.abs(y - crackY(x)) > 12) return false;
  // square to the line: the slope makes it narrower than it is high
  const slope = (crackY(x + 0.5) - crackY(x - 0.5)) / 1;
  return Math.abs(y - crackY(x)) < (crackWidth(x) / 2) * Math.hypot(1, slope);
}
const card: Four = [
  [60, 330],
  [300, 330],
  [300, 440],
  [60, 440],
];
const knownAt = (tiltDeg: number, turnDeg: number, shift: readonly Place[] = []): KnownSize => ({
  corners: cornersOf(tiltDeg, turnDeg, card).map((p, i) => [p[0] + (shift[i]?.[0] ?? 0), p[1] + (shift[i]?.[1] ?? 0)] as const) as unknown as Four,
  widthMm: 240,
  heightMm: 110,
});

describe.each([
  [0, 0],
  [20, 35],
  [40, -25],
] as const)('a crack in a picture tilted by %d, turned by %d degrees, with blur and noise', (tiltDeg, turnDeg) => {
  const image: GrayImage = rendered({ dark: inCrack, tiltDeg, turnDeg, blurPx: 1.2, noise: 18, seed: 11 });
  const view = camera(tiltDeg, turnDeg);
  const known = knownAt(tiltDeg, turnDeg);
  const path = darkPath(image, view([firstX, crackY(firstX)]), view([lastX, crackY(lastX)]));
  const line = middleLine(image, path ?? []);

  it('is followed between two clicks, and is as long as it was made, within one in a hundred', () => {
    const { value, tolerance } = tracedLength(known, line);
    expect(off(value, crackLength)).toBeLessThan(0.01);
    expect(tolerance / value).toBeLessThan(0.03);
  });

  it('lies on the crack all along', () => {
    const plane = homography(known.corners, rectangleCorners(240, 110));
    for (const p of line) {
      const [x, y] = mapped(plane, p);
      expect(Math.abs(y + 330 - crackY(x + 60))).toBeLessThan(4);
    }
  });

  it('has the widths it was made with, within a pixel and a tenth', () => {
    const widths = tracedWidths(image, known, line, 8);
    expect(widths.every((w) => w.clear)).toBe(true);
    const plane = homography(known.corners, rectangleCorners(240, 110));
    let along = 0;
    const places = line.map((p, i) => {
      const [a, b] = [mapped(plane, line[Math.max(0, i - 1)] ?? p), mapped(plane, p)];
      along += Math.hypot(b[0] - a[0], b[1] - a[1]);
      return { along, x: b[0] + 60 };
    });
    for (const w of widths) {
      const x = places.find((p) => p.along >= w.atMm)?.x ?? 0;
      expect(Math.abs(w.widthMm - crackWidth(x))).toBeLessThan(w.toleranceMm + crackWidth(x) * 0.1);
    }
  });

  it('stays within the stated tolerance when the corners are placed a pixel off', () => {
    let beyond = 0;
    for (let i = 0; i < 40; i++) {
      const shift = Array.from({ length: 4 }, (_v, k): Place => [Math.sin(i * 7.3 + k * 2.1) * placingPx, Math.cos(i * 5.1 + k * 3.7) * placingPx]);
      const { value, tolerance } = tracedLength(knownAt(tiltDeg, turnDeg, shift), line);
      if (Math.abs(value - crackLength) > 2 * tolerance) beyond += 1;
    }
    // twice the tolerance is left once in twenty
    expect(beyond).toBeLessThanOrEqual(2);
  });

  it('gives an outline whose area is right within two in a hundred', () => {
    const corners: Place[] = [
      [100, 60],
      [320, 40],
      [420, 140],
      [300, 200],
      [120, 180],
    ];
    const points = corners.map(view);
    const made =
      Math.abs(
        corners.reduce((sum, [x, y], i) => {
          const [nx, ny] = corners[(i + 1) % corners.length] ?? [0, 0];
          return sum + x * ny - nx * y;
        }, 0),
      ) / 2;
    const { value, tolerance } = tracedArea(
      known,
      points.map(([x, y]) => [Math.round(x), Math.round(y)] as const),
    );
    expect(off(value, made)).toBeLessThan(0.02);
    expect(Math.abs(value - made)).toBeLessThan(2 * tolerance);
    const outline = tracedOutline(known, points);
    expect(Math.max(...outline.map((p) => p.xMm))).toBeCloseTo(320, 0);
    expect(Math.min(...outline.map((p) => p.yMm))).toBe(0);
  });
});

describe('what cannot be told from a picture', () => {
  it('is a hairline: too few pixels, and said so', () => {
    const thin = rendered({ dark: (x, y) => x > 60 && x < 540 && Math.abs(y - 225) < 0.25, tiltDeg: 10, turnDeg: 0, blurPx: 1.2, noise: 6, seed: 3 });
    const view = camera(10, 0);
    const path = darkPath(thin, view([70, 225]), view([530, 225]));
    const line = middleLine(thin, path ?? []);
    expect(off(tracedLength(knownAt(10, 0), line).value, 460)).toBeLessThan(0.01);
    expect(tracedWidths(thin, knownAt(10, 0), line, 4).every((w) => !w.clear)).toBe(true);
  });

  it('is stopped when asked, and says how far it is', () => {
    const image = rendered({ dark: inCrack, tiltDeg: 0, turnDeg: 0, blurPx: 0, noise: 60, seed: 5 });
    const told: number[] = [];
    expect(darkPath(image, [100, 100], [1100, 800], { signal: { aborted: true } })).toBeUndefined();
    darkPath(image, [100, 100], [1100, 800], { onProgress: (done) => told.push(done) });
    expect(told[told.length - 1]).toBe(1);
    expect(told.every((t) => t > 0 && t <= 1)).toBe(true);
  });
});
