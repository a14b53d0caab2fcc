import { unnamed } from '../src/survey/crew.ts';
import { planRepair, type PlannedPlan } from '../src/plan/repairPlan.ts';
import { relevantAsks, type Ask, type Fact } from '../src/survey/ask.ts';
import type { PatchSystem } from '../src/shelf/patchSystem.ts';
import type { Area, Defect, Job } from '../src/survey/job.ts';
import { kindOf } from '../src/survey/kinds.ts';
import { fact } from './cracks.ts';

/** Answers under which nothing stands in the way, in the order in which they are looked for. */
const harmless = [
  'no',
  'still',
  'dry',
  'sound',
  'none',
  'paint',
  'clear',
  'even',
  'outlined',
  'gone',
  'inside',
  'flat',
  'soft',
  'smooth',
  'upright',
  'level',
  'steady',
  'wall',
  'gelcoat',
  'paint',
  'bare',
  'tight',
  'one',
  'wood',
];
/** What is measured of a plain one, in base units. */
export const usualMeasures: Readonly<Record<string, number>> = {
  lengthMm: 1800,
  depthMm: 20,
  widthMm: 30,
  heightMm: 20,
  slabMm: 150,
  wallMm: 200,
  barMm: 12,
  leftMm: 11.6,
  bars: 1,
  coverMm: 30,
  gapMm: 6,
  thicknessMm: 18,
  sagMm: 2,
  dents: 1,
  pops: 4,
  boardMm: 12.7,
  sectionMm: 60,
  moisturePct: 12,
  flexMm: 0.3,
  chips: 1,
  hollowMm: 50,
  softMm: 100,
  stoneMm: 19,
};

/** What a plain one of some kinds is, where the usual measures do not make one. */
export const plain: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  'slab-crack': { located: 'clear', widths: [{ atMm: 0, widthMm: 2 }], depthMm: 80 },
  'map-cracking': { widestMm: 0.3 },
  'tub-chip': { shell: 'enamel', depthMm: 1.5 },
  'tub-nick': { depthMm: 2 },
  'tub-scratches': { shell: 'acrylic', depthMm: 0.2, nail: 'yes' },
  'drywall-dent': { depthMm: 1.5 },
  'timber-check': { widths: [{ atMm: 0, widthMm: 3 }] },
  'joint-spall': { traffic: 'hard-wheels', slabAgeDays: 400 },
};

function usualAnswer(ask: Ask): unknown {
  switch (ask.ask) {
    case 'choice':
      return harmless.find((v) => ask.options.some((o) => o.value === v)) ?? ask.options[0]?.value;
    case 'measure':
      return usualMeasures[ask.field] ?? Math.max(ask.min, Math.min(ask.max, 20));
    case 'stations':
      return [{ atMm: 0, widthMm: 0.4 }];
    case 'outline':
      return { shape: { is: 'rectangle', widthMm: 120, heightMm: 90 } };
    default:
      return undefined;
  }
}

/** Facts of a plain defect of a kind, complete, with what is given in their place. */
export function usualFacts(kindId: string, given: Readonly<Record<string, unknown>> = {}): Record<string, Fact<unknown>> {
  const kind = kindOf(kindId);
  const facts: Record<string, Fact<unknown>> = Object.fromEntries(
    Object.entries(given)
      .filter(([, v]) => v !== undefined)
      .map(([field, v]) => [field, fact(v)]),
  );
  for (let round = 0; round < 4; round++) {
    for (const ask of relevantAsks(kind, facts)) {
      if (!ask.required || facts[ask.field] !== undefined || field(given, ask.field)) continue;
      const value = usualAnswer(ask);
      if (value !== undefined) facts[ask.field] = fact(value);
    }
  }
  return facts;
}

const field = (given: Readonly<Record<string, unknown>>, name: string) => Object.hasOwn(given, name);

/** The plan of a plain defect of a kind, judged by every system. */
export function surveyedPlan(
  kind: string,
  given: Readonly<Record<string, unknown>> = {},
  area: Readonly<Record<string, unknown>> = {},
  more: Partial<Defect> = {},
  shelf?: readonly PatchSystem[],
): PlannedPlan {
  const answers = { ...plain[kind], ...given };
  const defect: Defect = { id: 'd1', kind, mark: 'T-01', confirmed: [], decisions: [], facts: usualFacts(kind, answers), ...more };
  const at: Area = {
    id: 'a1',
    name: 'Test area',
    facts: Object.fromEntries(Object.entries({ place: 'inside', airC: 20, slabC: 20, humidityPct: 45, ...area }).map(([f, v]) => [f, fact(v)])),
    defects: [defect],
  };
  const job: Job = {
    id: 'j1',
    site: 'Test site',
    client: '',
    timeZone: 'UTC',
    units: 'metric',
    startAt: '2026-06-02T05:00:00.000Z',
    crew: unnamed(2),
    areas: [at],
  };
  const plan = planRepair({ job, area: at, defect, ...(shelf && { shelf }) });
  if (plan.state !== 'planned') throw new Error(`${kind} is not judged: ${plan.state === 'incomplete' ? JSON.stringify(plan.sense) : plan.state}`);
  return plan;
}

export const candidateOf = (plan: PlannedPlan, system: string) => plan.candidates.find((c) => c.system.id === system);
export const gradeIn = (plan: PlannedPlan, system: string) => candidateOf(plan, system)?.grade ?? 'not judged';
