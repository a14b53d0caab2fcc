import { chaseVolume, cutAllowed, grooveWidth, routWidth, sealantDepth } from '../geometry/groove.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { SchoolSide } from '../schools/school.ts';
import { chaseDepth } from '../schools/chaseDepth.ts';
import { chasingTools } from '../shelf/chasingTools.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import type { CrackSubject } from '../survey/crackSubject.ts';
import type { JudgedSize } from './subject.ts';

/** The size of a crack that a system is judged on, and what was assumed to get there. */
export interface PreparedSize extends JudgedSize {
  readonly width: Figure;
  readonly depth: Figure;
  /** volume to fill */
  readonly void: Figure;
}

/** How deep the slab may be cut: not at all before it is scanned, less than the cover where something was found. */
export function depthAllowed(ledger: Ledger, subject: CrackSubject): Figure | undefined {
  switch (subject.choices.located) {
    case 'no':
      return ledger.assumed('Deepest cut allowed', 'depth', 0, 'judgement', 'no cut before bars, tubing and cables are located');
    case 'clear':
      return undefined;
    case 'found':
      return subject.cover && ledger.compute(cutAllowed, { coverMm: subject.cover, keepMm: ledger.sourced(chasingTools.keep) });
  }
}

function asFound(ledger: Ledger, subject: CrackSubject, refusedBecause?: Saying): PreparedSize {
  return {
    preparation: 'as-found',
    width: subject.widest,
    depth: subject.depth,
    void: subject.volume,
    named: 'as found',
    assumed: say`${subject.widest} wide as found`,
    ...(refusedBecause && { refusedBecause }),
  };
}

function refusal(subject: CrackSubject, allowed: Figure): Saying {
  return subject.choices.located === 'no' ? say`no cut before bars, tubing and cables are located` : say`what was found leaves only ${allowed} to cut`;
}

/**
 * The prepared size for a system: chased by the school, routed for its movement, or as found. Falls back
 * to the found size where the cut is not allowed.
 */
export function preparedSize(ledger: Ledger, subject: CrackSubject, system: PatchSystem, school: SchoolSide): PreparedSize {
  if (system.preparation !== 'chase' && system.preparation !== 'rout') return asFound(ledger, subject);
  const allowed = depthAllowed(ledger, subject);
  const trimMm = ledger.sourced(chasingTools.trim);
  if (system.preparation === 'rout' && system.sealant) {
    const { sealant } = system;
    const movementMm = subject.movementToCome ?? ledger.assumed('Movement still to come', 'crackWidth', 0, 'judgement', 'none measured');
    const width = ledger.compute(routWidth, {
      movementMm,
      capability: ledger.sourced(sealant.capability),
      leastMm: ledger.sourced(sealant.leastWidth),
      widestMm: subject.widest,
      trimMm,
    });
    const depth = ledger.compute(sealantDepth, { widthMm: width, leastMm: ledger.sourced(sealant.leastDepth), mostMm: ledger.sourced(sealant.mostDepth) });
    if (allowed && !atMost(depth.value, allowed.value)) return asFound(ledger, subject, refusal(subject, allowed));
    return {
      preparation: 'rout',
      width,
      depth,
      void: ledger.compute(chaseVolume, { lengthMm: subject.length, widthMm: width, depthMm: depth }),
      named: 'routed',
      assumed: say`routed ${width} wide and ${depth} deep`,
    };
  }
  const width = ledger.compute(grooveWidth, { wheelMm: ledger.sourced(chasingTools.wheel), widestMm: subject.widest, trimMm });
  const [least] = chaseDepth.sides;
  const wanted = ledger.sourced(school.sets?.['depth'] ?? least.sets.depth);
  const shallow = ledger.sourced(least.sets.depth);
  if (allowed && !atMost(shallow.value, allowed.value)) return asFound(ledger, subject, refusal(subject, allowed));
  const limited = allowed !== undefined && !atMost(wanted.value, allowed.value);
  const depth = limited ? shallow : wanted;
  return {
    preparation: 'chase',
    width,
    depth,
    void: ledger.compute(chaseVolume, { lengthMm: subject.length, widthMm: width, depthMm: depth }),
    named: limited ? `${least.title} chase only` : `${school.title} chase`,
    assumed: say`chased ${width} wide and ${depth} deep`,
    ...(limited && { limitedBecause: refusal(subject, allowed) }),
  };
}
