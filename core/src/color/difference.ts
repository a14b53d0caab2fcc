/** A measured color: CIE L*, a*, b* under D65. */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

const degrees = (radians: number) => ((((radians * 180) / Math.PI) % 360) + 360) % 360;
const radians = (deg: number) => (deg * Math.PI) / 180;

/**
 * Color difference CIEDE2000, with all weights one (Sharma, Wu and Dalal 2005, with their notes on the
 * hue angle). Below one nobody sees it; from one to two on a close look; above five it is plain.
 */
export function deltaE2000(one: Lab, two: Lab): number {
  const c7 = (c: number) => Math.sqrt(c ** 7 / (c ** 7 + 25 ** 7));
  const meanC = (Math.hypot(one.a, one.b) + Math.hypot(two.a, two.b)) / 2;
  const g = 0.5 * (1 - c7(meanC));
  const [a1, a2] = [one.a * (1 + g), two.a * (1 + g)];
  const [c1, c2] = [Math.hypot(a1, one.b), Math.hypot(a2, two.b)];
  const hue = (a: number, b: number) => (a === 0 && b === 0 ? 0 : degrees(Math.atan2(b, a)));
  const [h1, h2] = [hue(a1, one.b), hue(a2, two.b)];
  const gray = c1 * c2 === 0;
  const apart = h2 - h1;
  const dh = gray ? 0 : apart > 180 ? apart - 360 : apart < -180 ? apart + 360 : apart;
  const [dL, dC, dH] = [two.l - one.l, c2 - c1, 2 * Math.sqrt(c1 * c2) * Math.sin(radians(dh / 2))];
  const [mL, mC] = [(one.l + two.l) / 2, (c1 + c2) / 2];
  const sum = h1 + h2;
  const mH = gray ? sum : Math.abs(apart) <= 180 ? sum / 2 : sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
  const t =
    1 - 0.17 * Math.cos(radians(mH - 30)) + 0.24 * Math.cos(radians(2 * mH)) + 0.32 * Math.cos(radians(3 * mH + 6)) - 0.2 * Math.cos(radians(4 * mH - 63));
  const turn = 30 * Math.exp(-(((mH - 275) / 25) ** 2));
  const sL = 1 + (0.015 * (mL - 50) ** 2) / Math.sqrt(20 + (mL - 50) ** 2);
  const [sC, sH] = [1 + 0.045 * mC, 1 + 0.015 * mC * t];
  const [l, c, h] = [dL / sL, dC / sC, dH / sH];
  return Math.sqrt(l * l + c * c + h * h - Math.sin(radians(2 * turn)) * 2 * c7(mC) * c * h);
}
