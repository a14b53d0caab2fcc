import { volumeFor } from '../mixing/proportions.ts';
import { atLeast, atMost } from '../quantity/round.ts';
import { say } from '../quantity/saying.ts';
import { heated } from '../safety/firsts/heated.ts';
import { beforeWork } from '../shelf/usual/beforeWork.ts';
import { boardWork } from '../shelf/usual/boardWork.ts';
import { paintWork } from '../shelf/usual/paintWork.ts';
import { paintNeeded } from '../finishing/face.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Course } from './course.ts';
import type { Lag, Use } from './step.ts';
import { heldSo, seeToIt } from './words/opening.ts';
import { lookAgain, lookOver, paintCoat, paintDry, primeOver, texture, type CoatedAs } from './words/finishing.ts';

const kinds: Readonly<Record<string, string>> = {
  orange: 'fine spatter',
  knockdown: 'spatter knocked down',
  dash: 'dash thrown from a brush',
  other: 'like the old',
};

/**
 * The face from corner to corner, where a repair would show in it: under a shine, in light along it, looked at closely, or where its joints
 * shine through. Heavy texture hides what a shine shows. @returns nothing where the repair alone is coated
 */
function wholeFace(c: Course, area: Figure): Figure | undefined {
  const is = (field: string, ...values: readonly string[]) => values.includes(c.matter.choice(field) ?? '');
  const shows = is('paint', 'gloss', 'eggshell') || is('light', 'raking') || is('look', 'close');
  const hides = is('texture', 'knockdown', 'dash', 'orange');
  if (!is('fault', 'banding') && (!shows || hides)) return undefined;
  const face = c.matter.measure('faceMm2') ?? c.get(boardWork.figures.face);
  return face.value > area.value ? face : area;
}

/** What is coated of a face that a repair lies in. */
export const coated = (c: Course, area: Figure): { readonly area: Figure; readonly as: CoatedAs } => {
  const whole = wholeFace(c, area);
  return { area: whole ?? area, as: whole ? 'face' : 'patch' };
};

/** Looking over, priming, texture and painting of a face, by the sides taken. @param textured whether its texture is to be met */
export function paintFace(c: Course, { area, as }: { readonly area: Figure; readonly as: CoatedAs }, primer: string, textured = false): void {
  const airC = warmForPaint(c);
  const looks = c.taken('inspecting', 'passes');
  // a face that was dashed shows nothing in flat light: it was looked at when it was thrown
  const looking = c.byArea('inHand', 'lookPerM2', area, 'Looking over');
  const seen = !c.isUsed('texture');
  if (seen) c.work(lookOver(looks, 'put right now, while it is cheap', c.outdoors), looking);
  const kind = textured && !c.isUsed('texture') ? c.matter.choice('texture') : undefined;
  const rough = kind !== undefined && kind !== 'smooth';
  // texture drinks like bare board: it goes on primer whoever paints without
  if (rough || (c.school('primer-under-paint', 'coats')?.value ?? 1) > 0) {
    c.amount('primer', 'Primer', primed(c, area, airC, primer, as));
    if (seen && looks.value > 1) c.work(lookAgain(c.outdoors), looking);
  }
  if (rough) textureFace(c, area, kind, airC);
  if (c.matter.choice('paint') === 'none' || c.matter.choice('paint') === 'paper') return;
  c.amount('paint', 'Paint, a coat', painted(c, area, airC, as).paint);
}

/** One coat of primer, dry in this air. @returns what it takes */
export function primed(c: Course, area: Figure, airC: Figure, which: string, as: CoatedAs): Figure {
  const paint = film(c, area, 'Primer');
  const dry = c.film(c.get(paintWork.figures.primerDry), airC);
  c.work(primeOver(paint, area, dry.minutes, which, as), c.byArea('paintSetUp', 'primeFacePerM2', area, 'Priming'), {
    uses: [c.use('primer', 'Primer', 'primer', paint)],
  });
  c.wait(paintDry(dry.minutes, 'primer', c.outdoors), dry);
  return paint;
}

/** All coats of paint: the last dries before the place is used, as each does before the next. @returns what a coat takes, and how long it dries */
export function painted(
  c: Course,
  area: Figure,
  airC: Figure,
  as: CoatedAs,
  called: 'Paint' | 'Coating' = 'Paint',
): { readonly paint: Figure; readonly dry: Lag } {
  const coats = c.get(paintWork.figures.coats);
  const paint = film(c, area, 'Paint, a coat');
  const dry = c.film(c.get(paintWork.figures.paintDry), airC);
  for (let n = 1; n <= coats.value; n++) {
    c.work(paintCoat(n, coats, paint, as, called), c.byArea('paintSetUp', 'paintPerM2', area, 'A coat of paint'), {
      turn: n,
      uses: [c.use('paint', 'Paint', 'coating', paint)],
    });
    c.wait(paintDry(dry.minutes, called.toLowerCase(), c.outdoors), dry);
  }
  return { paint, dry };
}

/** Primer and paint close to a film from a temperature on: where it is colder the place is warmed first, and held. @returns the air that they dry in */
export function warmForPaint(c: Course): Figure {
  const least = c.get(beforeWork.figures.paintC);
  if (atLeast(c.airC.value, least.value)) return c.airC;
  const hold = c.get(beforeWork.figures.warmed);
  const step = heated(say`Warm air and face from ${c.airC} to ${least} for the paint`, 'Air and face', least, hold);
  c.work(seeToIt(step), c.rate('heatSetUp'), { turn: 'paint' });
  if (step.hold) c.wait(heldSo(step.hold), c.fixed(hold));
  return least;
}

/** Paint or primer for one coat on an area. */
export function film(c: Course, areaMm2: Figure, label: string): Figure {
  return c.ledger.compute(
    paintNeeded,
    {
      areaMm2,
      coats: c.stated('One coat', 'count', 1),
      dryMm: c.get(paintWork.figures.film),
      solidsPct: c.get(paintWork.figures.solids),
      transferPct: c.get(paintWork.figures.reaches),
      wastePct: c.get(paintWork.figures.inPot),
    },
    label,
  );
}

/** Texture over a repair, on its primer and under its paint, dry in this air before anything goes over. */
function textureFace(c: Course, area: Figure, kind: string, airC: Figure): void {
  c.work(
    texture(area, c.get(paintWork.figures.nozzle), c.get(paintWork.figures.passes), {
      kind: kinds[kind] ?? kinds['other'] ?? '',
      hopper: !atMost(area.value, c.get(paintWork.figures.can).value),
      knocked: kind === 'knockdown',
    }),
    c.byArea('paintSetUp', 'texturePerM2', area, 'Texture'),
    { uses: [textureCompound(c, area)] },
  );
  const dry = c.film(c.get(paintWork.figures.textureDry), airC);
  c.wait(paintDry(dry.minutes, 'texture', c.outdoors), dry);
}

/** What texture takes, by the area that it covers. */
export const textureCompound = (c: Course, areaMm2: Figure, what = 'Texture compound'): Use =>
  c.use('texture', what, 'coating', c.ledger.compute(volumeFor, { areaMm2, coverM2L: c.get(paintWork.figures.texture) }, what));
