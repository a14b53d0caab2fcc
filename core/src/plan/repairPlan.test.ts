import { unnamed } from '../survey/crew.ts';
import type { Preferences } from '../schools/school.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { crackSettings, fact, judged, planInput, repaired, type Setting } from '../../test/cracks.ts';
import { tell } from '../quantity/saying.ts';
import { show } from '../quantity/show.ts';
import { round12 } from '../quantity/round.ts';
import { surveyedPlan } from '../../test/defects.ts';
import { everyMethod } from '../../test/everyMethod.ts';
import { recomputedFigures } from '../../test/recompute.ts';
import { planText } from './planRecord.ts';
import { planRepair } from './repairPlan.ts';
import type { Region } from '../geometry/section.ts';
import { judgedSection } from '../match/judgedSection.ts';

const area = (points: Region['outline']) =>
  Math.abs(
    points.reduce((sum, [x, y], i) => {
      const [nx, ny] = points[(i + 1) % points.length] ?? [0, 0];
      return sum + x * ny - nx * y;
    }, 0),
  ) / 2;

describe('planRepair', () => {
  it('computes every figure from what its working shows', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        expect(recomputedFigures(judged(setting))).toBeGreaterThan(50);
      }),
      { numRuns: 40 },
    );
  });

  it('gives the same bytes for the same input', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        expect(planText(planRepair(planInput(setting)))).toBe(planText(planRepair(planInput(setting))));
      }),
      { numRuns: 20 },
    );
  });

  it('never fails on facts that were let stand', () => {
    const anything: fc.Arbitrary<Setting> = fc
      .record({
        widthMm: fc.double({ min: 0.02, max: 60, noNaN: true }),
        lengthMm: fc.integer({ min: 50, max: 60_000 }),
        depthMm: fc.integer({ min: 1, max: 500 }),
        slabC: fc.integer({ min: -20, max: 70 }),
        airC: fc.integer({ min: -20, max: 50 }),
        humidityPct: fc.integer({ min: 1, max: 100 }),
        member: fc.constantFrom('slab-on-ground', 'suspended', 'stair', 'other'),
        moisture: fc.constantFrom('dry', 'damp', 'running'),
        located: fc.constantFrom('no', 'clear', 'found'),
        movement: fc.constantFrom('still', 'moving', 'unknown'),
        finish: fc.constantFrom('none', 'thin-coating', 'stain', 'covering'),
        place: fc.constantFrom('inside', 'outside', 'outside-salt'),
        people: fc.constantFrom<1 | 2>(1, 2),
      })
      .map((r) => ({
        answers: {
          lengthMm: r.lengthMm,
          widths: [{ atMm: 0, widthMm: r.widthMm }],
          depthMm: r.depthMm,
          slabMm: 500,
          member: r.member,
          moisture: r.moisture,
          located: r.located,
          coverMm: 30,
          movement: r.movement,
          movementMm: 1,
          finish: r.finish,
        },
        area: { slabC: r.slabC, airC: r.airC, humidityPct: r.humidityPct, place: r.place },
        job: { crew: unnamed(r.people) },
        defect: { choice: { system: 'rapid-crack-resin', reason: 'tried' } },
      }));
    fc.assert(
      fc.property(anything, (setting) => {
        const plan = planRepair(planInput(setting));
        expect(plan.state).toBe('planned');
        expect(planText(plan)).toContain('"figures"');
      }),
      { numRuns: 150 },
    );
  });

  it('waits for the facts it needs, naming them', () => {
    const plan = planRepair(planInput({ answers: { traffic: undefined } }));
    expect(plan.state).toBe('incomplete');
    expect(plan.sense.defect.missing.map((a) => a.field)).toEqual(['traffic']);
    expect(planText(plan)).toContain('"missing":["traffic"]');
  });

  it('takes an unknown slab and depth on the safe side, and says that it assumed them', () => {
    const { surveyed } = judged({ answers: { slabMm: undefined, depthMm: undefined } });
    expect(surveyed.cut?.depth.value).toBe(surveyed.cut?.slab.value);
    expect(surveyed.cut?.slab.origin.by).toBe('assumed');
  });

  it('tells entered, measured and assumed facts apart', () => {
    const input = planInput();
    const facts = { ...input.defect.facts, lengthMm: fact(4200, 'entered'), slabMm: fact(120, 'assumed') };
    const plan = planRepair({ ...input, defect: { ...input.defect, facts } });
    if (plan.state !== 'planned') throw new Error('incomplete');
    const { cut } = plan.surveyed;
    expect([cut?.length, cut?.slab, cut?.depth].map((f) => f?.origin.by)).toEqual(['entered', 'assumed', 'measured']);
  });
});

describe('choice and proposal', () => {
  it('proposes the best that fits and has a method', () => {
    expect(judged().planned).toMatchObject({ by: 'proposal', candidate: { system: { id: 'rapid-crack-resin' } } });
  });

  it('proposes what fits with care where the resin is ruled out, and plans the resin all the same when a person chooses it with a reason', () => {
    const damp = { answers: { moisture: 'damp' } };
    // what fits with care and has a method is proposed, the resin that is ruled out is not
    expect(judged(damp).planned?.candidate.grade).toBe('care');
    expect(judged(damp).work()?.candidate.system.id).not.toBe('rapid-crack-resin');
    const chosen = judged({ ...damp, defect: { choice: { system: 'rapid-crack-resin', reason: 'dried with warm air since' } } });
    expect(chosen.planned).toMatchObject({ by: 'choice', reason: 'dried with warm air since' });
    expect(chosen.work()?.candidate.system.id).toBe('rapid-crack-resin');
  });

  it('does not put the groove of resin and sand in the place of another choice', () => {
    const plan = judged({ defect: { choice: { system: 'epoxy-mortar', reason: 'liked' } } });
    expect(plan.planned).toMatchObject({ by: 'choice', reason: 'liked', candidate: { system: { id: 'epoxy-mortar' } } });
    expect(plan.work()?.candidate.system.id).toBe('epoxy-mortar');
    expect(plan.work()?.method.steps.some((s) => s.builder === 'trowel-resin')).toBe(true);
  });
});

describe('below the least temperature of a system', () => {
  const chosen = (slabC: number) => judged({ area: { slabC, airC: 8, humidityPct: 40 }, defect: { choice: { system: 'rapid-crack-resin', reason: 'tried' } } });
  it('there is no stretched time: the ground is warmed first, and timed as warmed, where the system was chosen all the same', () => {
    const titles = (slabC: number) =>
      chosen(slabC)
        .work()
        ?.method.steps.map((s) => tell(s.title, { units: 'metric', timeZone: 'UTC' })) ?? [];
    expect(titles(4.5)).toContain('Warm the ground from 4.5 °C to 5 °C');
    expect(titles(5).some((t) => t.startsWith('Warm the ground'))).toBe(false);
    const gel = (slabC: number) =>
      chosen(slabC)
        .work()
        ?.method.steps.find((s) => s.builder === 'wait-for-gel')?.minutes.value;
    expect(gel(-3)).toBe(gel(5));
  });
});

describe('schools', () => {
  it('follow the traffic, the house rule, and the repair, in that order of weight', () => {
    const taken = (setting: Setting, schools?: Preferences) => {
      const plan = planRepair({ ...planInput(setting), ...(schools && { rules: { schools } }) });
      const chase = plan.state === 'planned' ? plan.schools.find((s) => s.question.id === 'chase-depth') : undefined;
      return chase && [chase.by, chase.side.id];
    };
    expect(taken({})).toEqual(['context', 'shallow']);
    expect(taken({ answers: { traffic: 'hard-wheels' } })).toEqual(['context', 'deep']);
    expect(taken({}, { 'chase-depth': 'deep' })).toEqual(['firm', 'deep']);
    expect(taken({ defect: { schools: { 'chase-depth': 'shallow' } } }, { 'chase-depth': 'deep' })).toEqual(['repair', 'shallow']);
  });

  it('show what the other side comes to: two to three times the groove', () => {
    const effects = judged().schools.find((s) => s.question.id === 'chase-depth')?.effects;
    const volume = (id: string) =>
      effects
        ?.find((e) => e.side.id === id)
        ?.work()
        ?.quantities.find((q) => q.id === 'void')?.figure.value ?? 0;
    expect(volume('deep') / volume('shallow')).toBeCloseTo(3, 6);
  });
});

describe('the section', () => {
  it('has lifts whose area times length is their placed volume, and dimensions that are figures of the plan, over 200 cracks', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        const { plan, work, method } = repaired(setting);
        const lifts = work.section.regions.filter((r) => r.layer !== undefined);
        expect(lifts).toHaveLength(method.lifts.count.value);
        for (const region of lifts) {
          const volume = (area(region.outline) * (plan.subject.length?.value ?? 0)) / 1000;
          expect(Math.abs(volume - (region.volume?.value ?? 0)) / volume).toBeLessThan(0.005);
        }
        for (const d of work.section.dimensions) {
          const drawn = d.along === 'x' ? Math.abs(d.to[0] - d.from[0]) : Math.abs(d.to[1] - d.from[1]);
          expect(drawn).toBeCloseTo(d.figure.value, 6);
          expect(plan.ledger.find(d.figure.id)).toBe(d.figure);
          expect(show(d.figure, 'metric').text).toMatch(/ mm$/);
        }
      }),
      { numRuns: 200 },
    );
  });

  it('keeps everything it draws within its extent', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        const { section, surveyed, candidates } = judged(setting);
        const { cut } = surveyed;
        if (!section || !cut) throw new Error('it is not drawn');
        for (const s of [section, repaired(setting).work.section, ...candidates.flatMap((c) => (c.size ? [judgedSection(cut, c.size)] : []))]) {
          for (const [x, y] of s.regions.filter((r) => r.id !== 'crack').flatMap((r) => r.outline)) {
            expect(x).toBeGreaterThanOrEqual(s.extent.left - 1e-6);
            expect(x).toBeLessThanOrEqual(s.extent.right + 1e-6);
            expect(y).toBeGreaterThanOrEqual(s.extent.top - 1e-6);
            expect(y).toBeLessThanOrEqual(s.extent.bottom + 1e-6);
          }
        }
      }),
      { numRuns: 50 },
    );
  });

  it('numbers the lifts from the bottom up', () => {
    const lifts = repaired({ answers: { traffic: 'hard-wheels' } }).work.section.regions.filter((r) => r.layer !== undefined);
    expect(lifts.map((r) => r.layer)).toEqual([1, 2]);
    const low = (r: Region | undefined) => Math.max(...(r?.outline.map(([, y]) => y) ?? []));
    expect(low(lifts[0])).toBeGreaterThan(low(lifts[1]));
  });
});

describe('planRecord', () => {
  it('is plain data with one flat table of figures that every reference is in', () => {
    const text = planText(judged({ answers: { finish: 'thin-coating' } }));
    const record = JSON.parse(text) as { figures: { id: string; value: number }[] };
    const ids = new Set(record.figures.map((f) => f.id));
    const references = [...text.matchAll(/\{"figure":"(f\d+)"\}/g)].map((m) => m[1] ?? '');
    expect(references.length).toBeGreaterThan(50);
    expect(references.every((id) => ids.has(id))).toBe(true);
    expect(record.figures.every((f) => f.value === round12(f.value))).toBe(true);
  });
});

describe('the times of every candidate', () => {
  it('are told of all that have work here alike: from the start until it is used, with every wait and all work by hand in between', () => {
    let told = 0;
    for (const kind of ['concrete-spall', 'drywall-hole', 'timber-decay', 'tub-hole', 'joint-spall'])
      for (const one of everyMethod()
        .filter((m) => m.kind === kind)
        .slice(0, 3))
        for (const candidate of one.plan.candidates) {
          const times = one.plan.timesOf(candidate);
          if (!times) continue;
          told += 1;
          expect([kind, candidate.system.id, candidate.system.suits.includes(kind)]).toEqual([kind, candidate.system.id, true]);
          expect(times.inUse.value >= 0 && times.handsOn.value > 0).toBe(true);
        }
    expect(told).toBeGreaterThan(60);
  });

  it('are those of the plan for what is in view, and none while a stop is open', () => {
    const { plan, work } = everyMethod().find((m) => m.kind === 'concrete-spall' && m.system === 'polymer-mortar-2k') ?? {};
    const inView = plan?.candidates.find((c) => c.system.id === 'polymer-mortar-2k');
    const ms = Date.parse(work?.schedule.openAt ?? '') - Date.parse(work?.schedule.startAt ?? '');
    expect(inView && plan?.timesOf(inView)?.inUse.value).toBeCloseTo(ms / 60_000, 0);
    const held = surveyedPlan('slab-crack', { ground: 'rocks' });
    expect(held.candidates.flatMap((c) => held.timesOf(c) ?? [])).toEqual([]);
  });
});
