import { cementWait, resinWait } from '../cure/reaction.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import type { ChaseSchool } from '../schools/chaseDepth.ts';
import type { Grade, PatchSystem } from '../shelf/patchSystem.ts';
import type { CrackSubject } from '../survey/crackSubject.ts';
import { preparedSize, type PreparedSize } from './preparedSize.ts';
import { matchRules } from './rules.ts';
import type { Verdict } from './verdict.ts';

/** A system judged: its grade, every verdict, the size judged, and what it would cost in time and visits. */
export interface Candidate {
  readonly system: PatchSystem;
  readonly grade: Grade;
  readonly verdicts: readonly Verdict[];
  /** the verdicts below 'fits', the deciding one first */
  readonly against: readonly Verdict[];
  readonly size: PreparedSize;
  /** from placing to use, at this temperature; absent where the slab is outside its window */
  readonly ready?: Figure;
  readonly visits: Figure;
}

const weight: Record<Grade, number> = { out: 2, care: 1, fits: 0 };

/** How far a system is from fitting: the reasons that rule it out, then by how much. */
function distance(c: Candidate): number {
  return c.against.reduce((sum, v) => sum + (v.grade === 'out' ? 100 + 10 * Math.min(v.excess, 5) : 1), 0);
}

/** A wait of a system at a temperature, by its own cure model. */
export function systemWait(ledger: Ledger, system: PatchSystem, waitAt23Min: Figure, temperatureC: Figure, label: string): Figure {
  const activation = ledger.sourced(system.cure.activation);
  return system.cure.by === 'arrhenius'
    ? ledger.compute(resinWait, { waitAt23Min, temperatureC, activationKjMol: activation }, label)
    : ledger.compute(cementWait, { waitAt23Min, temperatureC, activationK: activation }, label);
}

/** Judges one system on a crack. */
export function judge(ledger: Ledger, subject: CrackSubject, system: PatchSystem, school: ChaseSchool, people: 1 | 2): Candidate {
  const size = preparedSize(ledger, subject, system, school);
  const verdicts = matchRules.flatMap((rule) => rule.judge({ ledger, subject, system, size, people }) ?? []);
  const against = verdicts.filter((v) => v.grade !== 'fits').sort((a, b) => weight[b.grade] - weight[a.grade]);
  const grade = against[0]?.grade ?? 'fits';
  const tooCold = against.some((v) => v.rule === 'temperature');
  return {
    system,
    grade,
    verdicts,
    against,
    size,
    ...(!tooCold && { ready: systemWait(ledger, system, ledger.sourced(system.ready[subject.choices.traffic]), subject.slabC, 'In use after') }),
    visits: ledger.sourced(system.visits),
  };
}

/** Every system of the shelf against a crack: those that fit first, those ruled out nearest first. */
export function candidates(ledger: Ledger, subject: CrackSubject, shelf: readonly PatchSystem[], school: ChaseSchool, people: 1 | 2): Candidate[] {
  const judged = shelf.map((system) => judge(ledger, subject, system, school, people));
  return judged
    .map((c, i) => ({ c, i, d: distance(c) }))
    .sort((a, b) => weight[a.c.grade] - weight[b.c.grade] || a.d - b.d || a.i - b.i)
    .map(({ c }) => c);
}
