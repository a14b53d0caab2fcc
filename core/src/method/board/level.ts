import { finishLevel } from '../../finishing/levels.ts';
import { featherWidth } from '../../finishing/face.ts';
import type { Figure } from '../../quantity/figure.ts';
import { boardWork } from '../../shelf/usual/boardWork.ts';
import type { Course } from '../course.ts';

/** Finish level of the face, by its paint, light and texture. */
export function levelOf(c: Course): Figure {
  const yes = (label: string, on: boolean) => c.stated(label, 'ratio', on ? 1 : 0);
  const level = c.ledger.compute(finishLevel, {
    gloss: yes('Paint with a shine', ['gloss', 'eggshell'].includes(c.matter.choice('paint') ?? '')),
    raking: yes('Light along the face', c.matter.choice('light') === 'raking' || c.matter.choice('look') === 'close'),
    textured: yes('Heavy texture', ['knockdown', 'dash', 'orange'].includes(c.matter.choice('texture') ?? '')),
  });
  c.amount('level', 'Finish level', level);
  return level;
}

/** How far one of rise is run out in this light. */
export function runOut(c: Course): Figure {
  const gloss = ['gloss', 'eggshell'].includes(c.matter.choice('paint') ?? '') || c.matter.choice('light') === 'raking';
  const { runBright, runDull, runUsual } = boardWork.figures;
  return c.get(gloss ? runBright : c.matter.choice('paint') === 'flat' && c.matter.choice('look') !== 'close' ? runDull : runUsual);
}

/** Width of the feather on each side of a hump. */
export function feather(c: Course, humpMm: Figure): Figure {
  return c.ledger.compute(featherWidth, { humpMm, run: runOut(c) });
}
