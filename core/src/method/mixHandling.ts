import { say, type Saying } from '../quantity/saying.ts';
import { mixCare, type MixCare, type MixCareId } from '../shelf/mixCare.ts';
import type { CourseFigures } from './courseFigures.ts';
import type { MixHandling } from './work.ts';

/** How a mix of a kind is measured and stirred: its figures, and what is said of it. */
export function handlingOf(c: CourseFigures, care: MixCareId, parts: number): { readonly handling: MixHandling; readonly says: readonly Saying[] } {
  const { by, tolerance, stir, stand, leastPart, waste }: MixCare = mixCare[care];
  const handling = {
    kind: care,
    by,
    tolerance: c.get(tolerance),
    ...(stir && { stir: c.get(stir) }),
    ...(stand && { stand: c.get(stand) }),
    leastPart: c.get(leastPart),
    waste,
  };
  const says: readonly Saying[] = handling.stir
    ? [
        say`Stirred for ${handling.stir}${handling.stand ? say`, left to stand ${handling.stand}, stirred again` : ''}; each part within ${handling.tolerance} by ${by}.`,
      ]
    : parts > 1
      ? [say`Each part within ${handling.tolerance} by ${by}.`]
      : [];
  return { handling, says };
}
