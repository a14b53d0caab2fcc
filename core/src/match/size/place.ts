import { preparedDepth } from '../../geometry/cutOut.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { PatchSystem } from '../../shelf/patchSystem.ts';
import type { JudgedSize } from '../subject.ts';
import { measured, type SizeMatter } from './sizeMatter.ts';

/** A place that is no line: cut square where the system asks for an edge, else as it was found. */
export function placeSize(matter: SizeMatter, { edge }: Pick<PatchSystem, 'edge'>): JudgedSize {
  const { ledger } = matter;
  const { subject, surveyed } = matter.seen;
  const sides = [surveyed.seen?.width, surveyed.seen?.height].filter((f) => f !== undefined);
  const extent = sides.reduce<Figure | undefined>((most, f) => (!most || f.value > most.value ? f : most), undefined);
  const found = subject.depth;
  const cut = edge && found ? ledger.compute(preparedDepth, { foundMm: found, edgeMm: ledger.sourced(edge) }) : undefined;
  const depth = cut ?? found;
  const filled = measured(matter, 'void');
  return {
    preparation: cut ? 'square-cut' : 'as-found',
    ...(extent && { extent }),
    ...(depth && { depth }),
    ...(filled && { void: filled }),
    named: cut ? 'squared' : 'as found',
    assumed: cut ? say`cut square ${cut} deep` : extent ? say`${extent} across` : say`as found`,
  };
}
