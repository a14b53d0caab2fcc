import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Made } from '../step.ts';

export interface SandLiftParts {
  readonly lift: number;
  readonly lifts: number;
  readonly thickness: Figure;
  readonly resin: Figure;
  readonly sand: Figure;
  readonly proud: Figure;
  readonly premixed: boolean;
  readonly minutes: Figure;
  readonly n: number;
  readonly of: number;
}

/** One lift of sand and resin; the last one is left proud and dusted. */
export function sandLift(p: SandLiftParts): Made {
  const last = p.lift === p.lifts;
  const where = p.of === 1 ? '' : `, section ${String(p.n)} of ${String(p.of)}`;
  const how = p.premixed ? say`premixed in a pail` : p.lift === 1 ? say`sand into the wet resin, then soak` : say`pour, sand to the top`;
  return {
    id: `lift-${String(p.lift)}-${String(p.n)}`,
    builder: 'sand-lift',
    kind: 'work',
    title: say`Lift ${String(p.lift)}: sand ${p.sand}, resin ${p.resin}`,
    detail: last
      ? say`${how}; ${p.thickness}${p.proud.value > 0 ? say` and ${p.proud} proud` : ', struck off flush'}, knife, dust with dry sand${where}`
      : say`${how} until it shines; ${p.thickness}, left rough${where}`,
    look: last
      ? say`${p.proud.value > 0 ? 'Stands proud' : 'Flush'} all along, no pinholes, an even coat of sand.`
      : say`Shines all over, no dry sand when scratched.`,
    done: 'Sanded in',
    gives: ['closed'],
    tools: ['cartridge gun', 'sand in a shaker', last ? 'wide knife' : 'rod to work it in'],
    minutes: p.minutes,
    section: { n: p.n, of: p.of },
    lift: p.lift,
  };
}
