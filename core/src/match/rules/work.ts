import { say } from '../../quantity/saying.ts';
import type { PatchSystem, Remark } from '../../shelf/patchSystem.ts';
import type { Surface } from '../../survey/kind.ts';
import { kindOf } from '../../survey/kinds.ts';
import type { Subject } from '../subject.ts';
import type { Verdict } from '../verdict.ts';

/** how far away another work lies: on the same surface, and on another */
const sameSurface = 30;
const otherSurface = 50;

// most of a shelf is for other work, asked on every defect: where each system belongs is looked up once
const surfaces = new WeakMap<PatchSystem, ReadonlySet<Surface>>();

function surfacesOf(system: PatchSystem): ReadonlySet<Surface> {
  let found = surfaces.get(system);
  if (!found) {
    found = new Set(system.suits.map((id) => kindOf(id).surface));
    surfaces.set(system, found);
  }
  return found;
}

/** Whether the defect is of a kind that the system is an answer to. The first rule of all: of other work nothing else is asked. */
export function workVerdict({ kind, surface, title }: Subject, system: PatchSystem): Verdict {
  if (system.suits.includes(kind)) return { rule: 'work', title: 'Work', grade: 'fits', source: 'practice', excess: 0, reason: () => say`It ${system.work}.` };
  const excess = surfacesOf(system).has(surface) ? sameSurface : otherSurface;
  return { rule: 'work', title: 'Work', grade: 'out', source: 'practice', excess, reason: () => say`other work: it ${system.work}, this is a ${title}` };
}

/** A verdict that is a remark of its own, on no answer. */
export function said(rule: string, title: string, { grade, source, why, change }: Remark): Verdict {
  return { rule, title, grade, source, excess: 1, reason: () => say`${why}`, ...(change !== undefined && { change: () => say`${change}` }) };
}

/** What is said of a system that stands alone where only a combination does the work. */
export function aloneVerdict({ kind }: Subject, { alone }: PatchSystem): readonly Verdict[] | undefined {
  return alone?.kinds.includes(kind) ? [said('alone', 'Alone', alone.remark)] : undefined;
}
