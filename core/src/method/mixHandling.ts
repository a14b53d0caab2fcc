import type { Figure } from '../quantity/figure.ts';
import { atLeast } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { mixCare, type MixCare, type MixCareId } from '../shelf/mixCare.ts';
import type { CourseFigures } from './courseFigures.ts';
import type { MixHandling, MixPart } from './work.ts';

/** How a mix of a kind is measured and stirred: its figures, and what is said of it. */
export function handlingOf(c: CourseFigures, care: MixCareId, parts: readonly MixPart[]): { readonly handling: MixHandling; readonly says: readonly Saying[] } {
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
    : parts.length > 1
      ? [say`Each part within ${handling.tolerance} by ${by}.`]
      : [];
  const little = parts.length > 1 ? tooLittle(parts, by, handling.leastPart) : undefined;
  return {
    handling,
    says: little
      ? [
          ...says,
          say`${little.each ?? little.amount} of ${little.what.toLowerCase()} is less than is measured well, ${handling.leastPart}: mix more than is needed, or ${by === 'weight' ? 'weigh it on a fine scale' : 'measure it in a small cup with marks'}.`,
        ]
      : says,
  };
}

/** The part of which least is measured, where that is too little to be measured well. */
function tooLittle(parts: readonly MixPart[], by: MixHandling['by'], least: Figure): MixPart | undefined {
  const measured = ({ each, amount }: MixPart) => each ?? amount;
  return parts
    .filter((p) => measured(p).kind === (by === 'weight' ? 'mass' : 'volume') && !atLeast(measured(p).value, least.value))
    .sort((a, b) => measured(a).value - measured(b).value)[0];
}
