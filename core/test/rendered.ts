import type { GrayImage } from '../src/geometry/darkLine.ts';
import { homography, mapped, rectangleCorners, type Four, type Homography, type Place } from '../src/geometry/homography.ts';

/** A plane with something dark on it, and the camera over it. */
export interface Scene {
  /** whether a place on the plane, in mm, is dark */
  readonly dark: (x: number, y: number) => boolean;
  /** how far the camera is tilted off the square view, and which way round, in degrees */
  readonly tiltDeg: number;
  readonly turnDeg: number;
  readonly blurPx: number;
  readonly noise: number;
  readonly seed: number;
}

const [width, height] = [1200, 900];

/** From the plane in mm to pixels: a pinhole camera that looks at the middle of 600 by 450 mm. */
export function camera(tiltDeg: number, turnDeg: number): (p: Place) => Place {
  const [tilt, turn] = [(tiltDeg * Math.PI) / 180, (turnDeg * Math.PI) / 180];
  const [far, focal] = [900, 1450];
  return ([x, y]) => {
    const [dx, dy] = [x - 300, y - 225];
    const [u, v] = [dx * Math.cos(turn) - dy * Math.sin(turn), dx * Math.sin(turn) + dy * Math.cos(turn)];
    const depth = far + v * Math.sin(tilt);
    return [width / 2 + (focal * u) / depth, height / 2 + (focal * v * Math.cos(tilt)) / depth];
  };
}

/** Where the corners of a card on the plane lie in the picture. */
export function cornersOf(tiltDeg: number, turnDeg: number, card: Four): Four {
  return card.map(camera(tiltDeg, turnDeg)) as unknown as Four;
}

function blurred(values: Float32Array, sigma: number): Float32Array {
  if (sigma === 0) return values;
  const half = Math.ceil(sigma * 3);
  const bell = Array.from({ length: 2 * half + 1 }, (_v, k) => Math.exp(-((k - half) ** 2) / (2 * sigma * sigma)));
  const sum = bell.reduce((a, b) => a + b, 0);
  const pass = (from: Float32Array, across: boolean) => {
    const out = new Float32Array(from.length);
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) {
        let value = 0;
        for (let k = -half; k <= half; k++) {
          const [sx, sy] = across ? [Math.min(width - 1, Math.max(0, x + k)), y] : [x, Math.min(height - 1, Math.max(0, y + k))];
          value += (from[sy * width + sx] ?? 0) * (bell[k + half] ?? 0);
        }
        out[y * width + x] = value / sum;
      }
    return out;
  };
  return pass(pass(values, true), false);
}

/** Renders a scene with four samples a pixel, blur, a slope of light, and noise. */
export function rendered({ dark, tiltDeg, turnDeg, blurPx, noise, seed }: Scene): GrayImage {
  const view = camera(tiltDeg, turnDeg);
  const card = rectangleCorners(600, 450);
  const back: Homography = homography(card.map(view) as unknown as Four, card);
  let values = new Float32Array(width * height);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      let lit = 0;
      for (let i = 0; i < 4; i++) {
        const [mx, my] = mapped(back, [x + (i % 2) / 2 - 0.25, y + Math.floor(i / 2) / 2 - 0.25]);
        lit += dark(mx, my) ? 45 : 165;
      }
      values[y * width + x] = lit / 4 + (x / width) * 16;
    }
  }
  values = blurred(values, blurPx) as Float32Array<ArrayBuffer>;
  let state = seed;
  const random = () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
  const gray = new Uint8Array(width * height);
  for (let i = 0; i < gray.length; i++) gray[i] = Math.max(0, Math.min(255, Math.round((values[i] ?? 0) + noise * (random() + random() + random() - 1.5))));
  return { width, height, gray };
}
