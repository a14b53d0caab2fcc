import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Made } from '../step.ts';

/** Resin on both faces and the bottom of the groove, not filled. */
export function wetFaces(resin: Figure, length: Figure, minutes: Figure, gel: Figure, n: number, of: number): Made {
  return {
    id: `wet-${String(n)}`,
    builder: 'wet-faces',
    kind: 'work',
    title: say`Wet both faces, ${resin}`,
    detail:
      of === 1
        ? say`to the back and both sides, do not fill; gel in ${gel}`
        : say`section ${String(n)} of ${String(of)}, ${length}; do not fill; gel in ${gel}`,
    look: say`Faces and bottom shine, no dry streak.`,
    done: 'Both faces wet',
    sign: 'clock',
    tools: ['cartridge gun', 'static mixer'],
    minutes,
    section: { n, of },
    lift: 1,
  };
}
