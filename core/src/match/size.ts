import { preparedDepth } from '../geometry/cutOut.ts';
import { chaseVolume, cutAllowed, grooveWidth, routWidth, sealantDepth } from '../geometry/groove.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { chaseDepth } from '../schools/chaseDepth.ts';
import type { SchoolSide } from '../schools/school.ts';
import { chasingTools } from '../shelf/chasingTools.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import type { FactReader } from '../survey/factReader.ts';
import type { Kind } from '../survey/kind.ts';
import type { JudgedSize, Seen } from './subject.ts';

/** What the size of a place is judged from: the defect as it was measured, and its answers. */
export interface SizeMatter {
  readonly ledger: Ledger;
  readonly kind: Kind;
  readonly seen: Seen;
  readonly read: FactReader;
}

const measured = ({ seen }: SizeMatter, id: string) => seen.surveyed.measured.find((m) => m.id === id)?.figure;

/** How deep the slab may be cut: not at all before it is scanned, less than the cover where something was found; nothing where it is clear. */
export function depthAllowed({ ledger, read }: SizeMatter): Figure | undefined {
  const located = read.choice('located');
  if (located === 'no') return ledger.assumed('Deepest cut allowed', 'depth', 0, 'judgement', 'no cut before bars, tubing and cables are located');
  const coverMm = located === 'found' ? read.measure('coverMm') : undefined;
  return coverMm && ledger.compute(cutAllowed, { coverMm, keepMm: ledger.sourced(chasingTools.keep) });
}

/** A line as it was found, with nothing cut. */
function lineAsFound(matter: SizeMatter, width: Figure, refusedBecause?: Saying): JudgedSize {
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

const refusal = ({ read }: SizeMatter, allowed: Figure): Saying =>
  read.choice('located') === 'no' ? say`no cut before bars, tubing and cables are located` : say`what was found leaves only ${allowed} to cut`;

/** Width and depth of a rout for a sealant over a line. */
function rout(
  { ledger, seen }: SizeMatter,
  widestMm: Figure,
  sealant: NonNullable<PatchSystem['sealant']>,
): { readonly width: Figure; readonly depth: Figure } {
  const movementMm = seen.subject.movementToCome ?? ledger.assumed('Movement still to come', 'crackWidth', 0, 'judgement', 'none measured');
  const width = ledger.compute(routWidth, {
    movementMm,
    capability: ledger.sourced(sealant.capability),
    leastMm: ledger.sourced(sealant.leastWidth),
    widestMm,
    trimMm: ledger.sourced(chasingTools.trim),
  });
  return {
    width,
    depth: ledger.compute(sealantDepth, { widthMm: width, leastMm: ledger.sourced(sealant.leastDepth), mostMm: ledger.sourced(sealant.mostDepth) }),
  };
}

/** A line that may be cut: chased by the side taken, routed for its movement, or as found where the cut is not allowed. */
function chasedSize(matter: SizeMatter, width: Figure, system: PatchSystem, side: SchoolSide | undefined): JudgedSize {
  const { ledger, seen } = matter;
  const { length: lengthMm } = seen.subject;
  if (!lengthMm || (system.preparation !== 'chase' && system.preparation !== 'rout')) return lineAsFound(matter, width);
  const allowed = depthAllowed(matter);
  if (system.preparation === 'rout' && system.sealant) {
    const routed = rout(matter, width, system.sealant);
    if (allowed && !atMost(routed.depth.value, allowed.value)) return lineAsFound(matter, width, refusal(matter, allowed));
    return {
      preparation: 'rout',
      ...routed,
      void: ledger.compute(chaseVolume, { lengthMm, widthMm: routed.width, depthMm: routed.depth }),
      named: 'routed',
      assumed: say`routed ${routed.width} wide and ${routed.depth} deep`,
    };
  }
  const grooved = ledger.compute(grooveWidth, {
    wheelMm: ledger.sourced(chasingTools.wheel),
    widestMm: width,
    trimMm: ledger.sourced(chasingTools.trim),
  });
  const [least] = chaseDepth.sides;
  const wanted = ledger.sourced(side?.sets?.['depth'] ?? least.sets.depth);
  const shallow = ledger.sourced(least.sets.depth);
  if (allowed && !atMost(shallow.value, allowed.value)) return lineAsFound(matter, width, refusal(matter, allowed));
  const limited = allowed !== undefined && !atMost(wanted.value, allowed.value);
  const depth = limited ? shallow : wanted;
  return {
    preparation: 'chase',
    width: grooved,
    depth,
    void: ledger.compute(chaseVolume, { lengthMm, widthMm: grooved, depthMm: depth }),
    named: limited ? `${least.title} chase only` : `${(side ?? least).title} chase`,
    assumed: say`chased ${grooved} wide and ${depth} deep`,
    ...(limited && { limitedBecause: refusal(matter, allowed) }),
  };
}

/**
 * The size of a defect as a system prepares it: chased or routed where it is a line that may be cut, cut square, or as found.
 * @param side the side taken of how deep a line is chased
 */
export function judgedSize(matter: SizeMatter, system: PatchSystem, side: SchoolSide | undefined): JudgedSize {
  const { ledger, kind, seen } = matter;
  const { subject, surveyed } = seen;
  const width = measured(matter, 'widest');
  if (width && kind.chased === true) return chasedSize(matter, width, system, side);
  const routed = width && system.preparation === 'rout' && system.sealant ? rout(matter, width, system.sealant) : undefined;
  if (width && !routed) return lineAsFound(matter, width);
  const sides = [surveyed.seen?.width, surveyed.seen?.height].filter((f) => f !== undefined);
  const extent = width ? undefined : sides.reduce<Figure | undefined>((most, f) => (!most || f.value > most.value ? f : most), undefined);
  const found = subject.depth;
  const cut = system.edge !== undefined && !width && found ? ledger.compute(preparedDepth, { foundMm: found, edgeMm: ledger.sourced(system.edge) }) : undefined;
  const depth = routed?.depth ?? cut ?? found;
  const filled = measured(matter, 'void');
  return {
    preparation: cut ? 'square-cut' : routed ? 'rout' : 'as-found',
    ...(routed && { width: routed.width }),
    ...(extent && { extent }),
    ...(depth && { depth }),
    ...(filled && { void: filled }),
    named: cut ? 'squared' : routed ? 'routed' : 'as found',
    assumed: routed
      ? say`routed ${routed.width} wide and ${routed.depth} deep`
      : cut
        ? say`cut square ${cut} deep`
        : extent
          ? say`${extent} across`
          : say`as found`,
  };
}
