import { unnamed } from '../src/survey/crew.ts';
import fc from 'fast-check';
import type { PlannedWork } from '../src/plan/plannedWork.ts';
import { Figure } from '../src/quantity/figure.ts';
import { tell, type Saying } from '../src/quantity/saying.ts';
import type { Fact } from '../src/survey/ask.ts';
import type { Area, Defect, Job } from '../src/survey/job.ts';
import { planRepair, type PlannedPlan, type PlanInput } from '../src/plan/repairPlan.ts';

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
    crew: unnamed(2),
    areas: [area],
    ...setting.job,
  };
  return { job, area, defect };
}

/** The plan of the usual crack with changes; it must be complete. */
export function judged(setting: Setting = {}): PlannedPlan {
  const plan = planRepair(planInput(setting));
  if (plan.state !== 'planned') throw new Error(`the plan is not complete: ${JSON.stringify(plan.sense)}`);
  return plan;
}

const figuresIn = (saying: Saying): Figure[] => saying.filter((part): part is Figure => part instanceof Figure);

/** A groove of resin and sand as it is told: read from its steps, its mix and its drawing, as anybody would who looks at the plan. */
function grooveRead(plan: PlannedPlan, work: PlannedWork) {
  const [mix] = work.mixes;
  const size = plan.planned?.candidate.size;
  if (!mix?.within || !mix.choice || !size?.width || !size.depth || !size.void) throw new Error('this is no groove');
  const amount = (id: string) => amountIn(work, id);
  const sections = amount('sections');
  const [packing, fineShare] = figuresIn(mix.choice.says);
  const lastOf = (formula: string) => plan.ledger.rows().findLast((r) => r.origin.by === 'formula' && r.origin.formula === formula);
  const [longest, length] = [lastOf('section-per-person'), lastOf('section-length')];
  if (!packing || !longest || !length) throw new Error('a figure of the groove is missing');
  const proud = figuresIn(work.section.notes.find((n) => n.id === 'proud')?.title ?? [])[0]?.value ?? 0;
  const lifts = work.section.regions
    .filter((r) => r.layer !== undefined)
    .map(({ layer = 0, volume }) => {
      const part = (what: string) => ({ value: (mix.goes?.[layer - 1]?.parts.find((p) => p.what === what)?.amount.value ?? 0) * sections.value });
      const thickness = work.section.dimensions.find((d) => d.id === `lift-${String(layer)}`)?.figure;
      if (!volume || !thickness) throw new Error('a lift is not drawn');
      return { n: layer, volume, thickness, resin: part('Resin on it'), sand: part('Sand in') };
    });
  return {
    method: {
      ...work.method,
      size: { ...size, width: size.width, depth: size.depth, void: size.void },
      packing,
      fineShare,
      lifts: { lifts, count: { value: lifts.length }, filled: amount('filled'), proud: { value: proud } },
      sections: { count: sections, longest, length },
      premixed: tell(mix.says[0] ?? [], { units: 'metric', timeZone: 'UTC' }).startsWith('Wide groove'),
      gel: mix.within,
      chaseMinutes: work.method.steps.find((one) => one.builder === 'chase')?.minutes ?? sections,
    },
    batch: {
      resinPlaced: amount('resin'),
      sandPlaced: amount('sand'),
      waste: amount('waste'),
      cartridges: amount('packs'),
      mixers: amount('mixers'),
      purges: amount('purges'),
      bought: amount('bought'),
      left: amount('left'),
      cartridge: amount('cartridge'),
    },
    schedule: work.schedule,
    cautions: work.cautions,
  };
}

/** The groove of resin and sand, chosen whatever the verdict; it must be there. */
export function repaired(setting: Setting = {}) {
  const plan = judged({ ...setting, defect: { choice: { system: 'rapid-crack-resin', reason: 'tried' }, ...setting.defect } });
  const work = plan.work();
  if (!work) throw new Error(`there is no method: ${JSON.stringify(plan.problem())}`);
  return { plan, work, ...grooveRead(plan, work) };
}

/** An amount of a work, by its id. */
export function amountIn(work: PlannedWork, id: string): Figure {
  const found = [...work.quantities, ...work.mixes.flatMap((m) => [...(m.packs ?? []), ...(m.running ?? [])])].find((q) => q.id === id);
  if (!found) throw new Error(`no amount ${id}`);
  return found.figure;
}

export function gradeOf(plan: PlannedPlan, system: string): string {
  const candidate = plan.candidates.find((c) => c.system.id === system);
  if (!candidate) throw new Error(`${system} is not judged`);
  return candidate.grade;
}

export function verdictOf(plan: PlannedPlan, system: string, rule: string) {
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
    job: { crew: unnamed(people) },
    defect: { sand },
  }));
