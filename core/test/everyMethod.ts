import type { PlannedPlan } from '../src/plan/repairPlan.ts';
import type { PlannedWork } from '../src/plan/plannedWork.ts';
import { chains } from '../src/shelf/chains.ts';
import type { PatchSystem } from '../src/shelf/patchSystem.ts';
import { genericShelf } from '../src/shelf/shelf.ts';
import type { Kind } from '../src/survey/kind.ts';
import { defectKinds } from '../src/survey/kinds.ts';
import { surveyedPlan } from './defects.ts';

/** One method: which kind, which system, its plan and its work; nothing where there is none, with the plan to say why. */
export interface OneMethod {
  readonly kind: string;
  readonly system: string;
  readonly plan: PlannedPlan;
  readonly work: PlannedWork | undefined;
}

/** Sizes on which the systems of some kinds are tried besides the plain one. */
const sizes: Readonly<Record<string, Readonly<Record<string, unknown>>>> = { 'concrete-scaling': { depthMm: 5 }, 'cement-fairing-coat': { depthMm: 3 } };

/** Only what a kind asks, and offers as an answer. */
function answering(kind: Kind, given: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> {
  return Object.fromEntries(
    Object.entries(given).filter(([field, value]) =>
      kind.asks.some(
        (a) =>
          a.field === field &&
          (value !== undefined || !a.required) &&
          (value === undefined ||
            (a.ask === 'choice'
              ? a.options.some((o) => o.value === value)
              : a.ask !== 'measure' || ((value as number) >= a.min && (value as number) <= a.max))),
      ),
    ),
  );
}

/** One system or combination on one kind of defect. */
export function oneMethod(
  kind: Kind,
  id: string,
  area: Readonly<Record<string, unknown>> = {},
  given: Readonly<Record<string, unknown>> = {},
  schools: Readonly<Record<string, string>> = {},
  shelf?: readonly PatchSystem[],
): OneMethod {
  const more = { choice: { system: id, reason: 'tried' }, schools };
  const plan = surveyedPlan(kind.id, { ...answering(kind, given), ...sizes[kind.id], ...sizes[id] }, area, more, shelf);
  return { kind: kind.id, system: id, plan, work: plan.work() };
}

/** Every system and every combination on every kind of defect that it is an answer to, whatever the verdict. */
export function everyMethod(
  area: Readonly<Record<string, unknown>> = {},
  given: Readonly<Record<string, unknown>> = {},
  schools: Readonly<Record<string, string>> = {},
  shelf?: readonly PatchSystem[],
): readonly OneMethod[] {
  return defectKinds().flatMap((kind) =>
    [...genericShelf, ...chains].filter((s) => s.suits.includes(kind.id)).map(({ id }) => oneMethod(kind, id, area, given, schools, shelf)),
  );
}
