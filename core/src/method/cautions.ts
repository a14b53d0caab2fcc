import { hazardsOf, type MaterialHazard } from '../shelf/materialHazard.ts';
import { auxiliaries } from '../shelf/auxiliaries/auxiliaries.ts';
import { stepCautions } from '../safety/hazards.ts';
import type { Caution } from '../safety/caution.ts';
import type { DoneStep } from '../safety/hazards/hazard.ts';
import { leadSafe } from '../safety/hazards/oldPaint.ts';
import { mixing } from '../safety/hazards/tools.ts';
import type { StopMatter } from '../safety/stop.ts';
import { leadPresumed } from '../safety/stops/lead.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import type { Asked } from './handsOn.ts';
import type { Materials } from './materials.ts';
import type { MethodMatter } from './matter.ts';
import type { Step } from './step.ts';
import type { Mix } from './work.ts';

/** What a work is made of, as its cautions look at it. */
interface Seen {
  readonly steps: readonly Step[];
  readonly asked: ReadonlyMap<string, Asked>;
  readonly materials: Materials;
  readonly mixes: readonly Omit<Mix, 'serves'>[];
}

/** What is dangerous in a tool: something that is placed from its own pack. */
const inTool: Readonly<Record<string, readonly MaterialHazard[]>> = { 'epoxy paste': ['epoxy'], 'low-expansion foam': ['isocyanate'] };

/** Work on steel or on a form, with tools that cut ground elsewhere. */
const notGround: ReadonlySet<string> = new Set(['clean-bars', 'strip-form']);

function stopMatterOf({ ledger, subject, choice, measure, measured, rates }: MethodMatter): StopMatter {
  return { kind: subject.kind, surface: subject.surface, ledger, choice, measure, measured, rates };
}

/** The hazards of whose product something is: a system of the work, or an auxiliary. */
function hazardsOfProduct(id: string | undefined, members: readonly PatchSystem[]): readonly MaterialHazard[] {
  const system = members.find((m) => m.id === id);
  return system ? hazardsOf(system) : (auxiliaries.find((a) => a.id === id)?.hazards ?? []);
}

function doneSteps({ members }: MethodMatter, { steps, asked, materials, mixes }: Seen): DoneStep[] {
  const cured = mixes.length > 0;
  return steps.map((step): DoneStep => {
    const { id, kind, builder, minutes, tools, handsOn, sign, cleans } = step;
    const of = asked.get(id);
    const stirred = tools.some((t) => mixing.includes(t)) || cleans === true;
    const used = (of?.uses ?? []).flatMap((u) => hazardsOfProduct(mixes.find((m) => m.id === u.of)?.of ?? materials.productOf(u.of), members));
    return {
      id,
      kind,
      tools,
      minutes,
      makes: handsOn?.makes ?? [],
      hazards: new Set([...used, ...tools.flatMap((t) => inTool[t] ?? []), ...(stirred && of ? hazardsOf(of.system) : [])]),
      intoGround: !notGround.has(builder),
      opens: sign === 'opens',
      cures: cured,
    };
  });
}

/** The cautions of a work, each from what its steps do. */
export function cautionsOf(matter: MethodMatter, seen: Seen): readonly Caution[] {
  return stepCautions(stopMatterOf(matter), doneSteps(matter, seen));
}

/** The steps with the tools that their cautions ask for: what works in paint that may hold lead draws its dust off through a HEPA filter, or wets it. */
export function asCautioned(matter: MethodMatter, steps: readonly Step[], cautions: readonly Caution[]): readonly Step[] {
  const inLead = new Set(leadPresumed(stopMatterOf(matter)) ? cautions.find((c) => c.id === 'old-paint')?.steps : []);
  return inLead.size === 0 ? steps : steps.map((s) => (inLead.has(s.id) ? { ...s, tools: leadSafe(s.tools) } : s));
}
