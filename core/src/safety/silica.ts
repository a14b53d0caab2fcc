import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { of } from '../shelf/sourced.ts';
import type { SourceId } from '../sources/register.ts';
import { tableRespirator, type Respirator } from './silicaTable.ts';

/** A caution on the steps it belongs to. */
export interface Caution {
  readonly id: string;
  readonly title: string;
  readonly text: Saying;
  /** builders of the steps it stands on */
  readonly steps: readonly string[];
  readonly source: SourceId;
}

export type DustTool = 'crack-wheel' | 'grinder-cup';

const longShift = of(240, 'duration', 'osha-1926-1153', 'Hours of the shift above which the table is stricter');

/**
 * Respirator beside shroud and vacuum, by tool, place and minutes of all such work in the shift. A cutting
 * wheel on a grinder is taken on the safe side, as a handheld saw: it is not certain which row it falls under.
 */
export function respirator(tool: DustTool, indoors: boolean, shiftMin: number): Respirator {
  return tableRespirator(tool === 'crack-wheel' ? 'handheld-saw-wet' : 'grinder-shrouded', indoors, !atMost(shiftMin, longShift.value)) ?? 'APF 10';
}

/** The silica caution for chasing and grinding, by place and hours. */
export function silicaCaution(ledger: Ledger, tool: DustTool, indoors: boolean, shift: Figure, steps: readonly string[]): Caution {
  const mask = respirator(tool, indoors, shift.value);
  const limit = ledger.sourced(longShift);
  const name = tool === 'crack-wheel' ? 'Crack wheel' : 'Cup grinder';
  const place = indoors ? 'inside' : 'outside';
  const wear =
    mask === 'none'
      ? say`No respirator is asked for up to ${limit} of all such work in the shift; above that check again.`
      : say`Wear a respirator of ${mask} at least.`;
  const sure = tool === 'crack-wheel' ? 'A cutting wheel on a grinder is taken on the safe side. ' : '';
  return {
    id: `silica-${tool}`,
    title: 'Silica dust',
    text: say`${name}, ${place}, ${shift} in this repair: shroud and vacuum, no blower. ${wear} ${sure}(USA; other countries differ.)`,
    steps,
    source: 'osha-1926-1153',
  };
}
