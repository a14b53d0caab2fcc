import type { Figure } from '../../quantity/figure.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import type { JudgedSize } from '../subject.ts';
import { measured, type SizeMatter } from './sizeMatter.ts';

/** A line as it was found, with nothing cut. */
export function lineAsFound(matter: SizeMatter, width: Figure, refusedBecause?: Saying): JudgedSize {
  const { depth } = matter.seen.subject;
  const filled = measured(matter, 'void');
  return {
    preparation: 'as-found',
    width,
    ...(depth && { depth }),
    ...(filled && { void: filled }),
    named: 'as found',
    assumed: say`${width} wide as found`,
    ...(refusedBecause && { refusedBecause }),
  };
}
