import fc from 'fast-check';
import type { Fact } from '../src/survey/ask.ts';
import type { Area, Defect, Job } from '../src/survey/job.ts';
import { planRepair, type JudgedPlan, type PlanInput } from '../src/plan/repairPlan.ts';

export const at = '2026-06-01T12:00:00Z';

export function fact<V>(value: V, how: Fact<V>['how'] = 'measured'): Fact<V> {
  return { value, how, at };
}

/** Answers of a plain sound crack: 4.2 m, 2 to 5 mm, dry, still, scanned. */
export const usualAnswers: Readonly<Record<string, unknown>> = {
  lengthMm: 4200,
  widths: [
    { atMm: 0, widthMm: 2 },
    { atMm: 2100, widthMm: 5 },
    { atMm: 4200, widthMm: 3 },
  ],
  depthMm: 80,
  slabMm: 120,
  member: 'slab-on-ground',
  reinforcement: 'plain',
  faces: 'level',
  ground: 'steady',
  movement: 'still',
  moisture: 'dry',
  located: 'clear',
  traffic: 'foot',
  finish: 'none',
};

export interface Setting {
  readonly answers?: Readonly<Record<string, unknown>>;
  readonly area?: Readonly<Record<string, unknown>>;
  readonly job?: Partial<Job>;
  readonly defect?: Partial<Defect>;
}

function facts(answers: Readonly<Record<string, unknown>>): Record<string, Fact<unknown>> {
  return Object.fromEntries(
    Object.entries(answers)
      .filter(([, v]) => v !== undefined)
      .map(([field, value]) => [field, fact(value)]),
  );
}

/** The input of a plan: the usual crack, with what is given in its place; `undefined` takes an answer out. */
export function planInput(setting: Setting = {}): PlanInput {
  const defect: Defect = {
    id: 'd1',
    kind: 'slab-crack',
    mark: 'T-01',
    confirmed: [],
    decisions: [],
    facts: facts({ ...usualAnswers, ...setting.answers }),
    ...setting.defect,
  };
  const area: Area = {
    id: 'a1',
    name: 'Test area',
    facts: facts({ place: 'inside', airC: 20, slabC: 18, humidityPct: 50, ...setting.area }),
    defects: [defect],
  };
  const job: Job = {
    id: 'j1',
    site: 'Test site',
    client: '',
    timeZone: 'Europe/Paris',
    units: 'metric',
    startAt: '2026-06-02T05:00:00.000Z',
    people: 2,
    areas: [area],
    ...setting.job,
  };
  return { job, area, defect };
}

/** The plan of the usual crack with changes; it must be complete. */
export function judged(setting: Setting = {}): JudgedPlan {
  const plan = planRepair(planInput(setting));
  if (plan.state !== 'judged') throw new Error(`the plan is not complete: ${JSON.stringify(plan.sense)}`);
  return plan;
}

/** The groove of resin and sand, chosen whatever the verdict; it must be there. */
export function repaired(setting: Setting = {}) {
  const plan = judged({ ...setting, defect: { choice: { system: 'rapid-crack-resin', reason: 'tried' }, ...setting.defect } });
  if (!plan.repair) throw new Error('there is no method');
  return { plan, ...plan.repair };
}

export function gradeOf(plan: JudgedPlan, system: string): string {
  const candidate = plan.candidates.find((c) => c.system.id === system);
  if (!candidate) throw new Error(`${system} is not judged`);
  return candidate.grade;
}

export function verdictOf(plan: JudgedPlan, system: string, rule: string) {
  return plan.candidates.find((c) => c.system.id === system)?.verdicts.find((v) => v.rule === rule);
}

/** Cracks that rapid crack resin can fill, of any size a walk may bring. */
export const crackSettings: fc.Arbitrary<Setting> = fc
  .record({
    lengthMm: fc.integer({ min: 300, max: 40_000 }),
    widths: fc.array(fc.double({ min: 0.1, max: 20, noNaN: true }), { minLength: 1, maxLength: 6 }),
    depthShare: fc.double({ min: 0.2, max: 1, noNaN: true }),
    slabMm: fc.integer({ min: 80, max: 300 }),
    slabC: fc.integer({ min: 16, max: 34 }),
    people: fc.constantFrom<1 | 2>(1, 2),
    traffic: fc.constantFrom('foot', 'soft-tires', 'hard-wheels'),
    finish: fc.constantFrom('none', 'thin-coating', 'covering'),
    sand: fc.constantFrom<'one' | 'two'>('one', 'two'),
  })
  .map(({ lengthMm, widths, depthShare, slabMm, slabC, people, traffic, finish, sand }) => ({
    answers: {
      lengthMm,
      widths: widths.map((widthMm, i) => ({ atMm: widths.length === 1 ? 0 : (lengthMm * i) / (widths.length - 1), widthMm })),
      depthMm: Math.max(1, slabMm * depthShare),
      slabMm,
      traffic,
      finish,
    },
    area: { slabC, airC: slabC },
    job: { people },
    defect: { sand },
  }));
