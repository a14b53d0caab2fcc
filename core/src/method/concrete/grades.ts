import { coarseShare, fineShare, gradeWeight } from '../../mixing/sandPacking.ts';
import type { Figure } from '../../quantity/figure.ts';
import { silicaSand } from '../../shelf/sand.ts';
import type { CourseFigures } from '../courseFigures.ts';

/** Two grades of dry sand, each by its weight. */
export interface Grades {
  readonly coarse: Figure;
  readonly fine: Figure;
}

/** The share of the fine sand at which the two usual sizes pack best. */
export const bestFine = (c: CourseFigures): Figure =>
  c.ledger.compute(fineShare, { coarseMm: c.get(silicaSand.coarse), fineMm: c.get(silicaSand.fine), porosity: c.get(silicaSand.porosity) });

/** A weight of blended sand in its two grades. */
export function gradesOf(c: CourseFigures, sandG: Figure, fine: Figure): Grades {
  const share = c.ledger.compute(coarseShare, { fine });
  return {
    coarse: c.ledger.compute(gradeWeight, { sandG, share }, 'Coarse sand'),
    fine: c.ledger.compute(gradeWeight, { sandG, share: fine }, 'Fine sand'),
  };
}
