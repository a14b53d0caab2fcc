import { describe, expect, it } from 'vitest';
import { gradeOf, judged, planInput, verdictOf, type Setting } from '../../test/cracks.ts';
import { tell } from '../quantity/saying.ts';
import { planRepair } from '../plan/repairPlan.ts';
import { noWorkWords } from '../plan/sheet.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { polymerMortar2k } from '../shelf/systems/polymerMortar2k.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { matchRules } from './rules.ts';

const one = (widthMm: number) => [{ atMm: 0, widthMm }];

/** Each rule on both sides of its limit: system, rule, the setting that passes, the one that does not, and the grade it then gets. */
const flips: readonly (readonly [system: string, rule: string, passes: Setting, fails: Setting, grade: 'care' | 'out'])[] = [
  ['rapid-crack-resin', 'width', { answers: { widths: one(22.9) } }, { answers: { widths: one(23.1) } }, 'out'],
  ['rapid-crack-resin', 'width', { answers: { widths: one(3), located: 'no' } }, { answers: { widths: one(2.9), located: 'no' } }, 'out'],
  ['polymer-mortar-2k', 'width', { answers: { widths: one(11) } }, { answers: { widths: one(10.9) } }, 'out'],
  ['epoxy-mortar', 'width', { answers: { widths: one(8) } }, { answers: { widths: one(7.9) } }, 'out'],
  ['gravity-resin', 'width', { answers: { widths: one(2) } }, { answers: { widths: one(2.05) } }, 'out'],
  ['epoxy-injection-resin', 'width', { answers: { widths: one(0.05) } }, { answers: { widths: one(0.04) } }, 'out'],
  ['epoxy-injection-resin', 'width', { answers: { widths: one(6) } }, { answers: { widths: one(6.1) } }, 'out'],
  ['injection-foam', 'width', { answers: { widths: one(6) } }, { answers: { widths: one(6.1) } }, 'out'],
  ['flexible-sealant', 'width', { answers: { movement: 'moving', movementMm: 7.5 } }, { answers: { movement: 'moving', movementMm: 7.6 } }, 'out'],
  ['rapid-crack-resin', 'temperature', { area: { slabC: 5 } }, { area: { slabC: 4.9 } }, 'out'],
  ['rapid-crack-resin', 'temperature', { area: { slabC: 40 } }, { area: { slabC: 40.1 } }, 'out'],
  ['polymer-mortar-2k', 'temperature', { area: { slabC: 7 } }, { area: { slabC: 6.9 } }, 'out'],
  ['epoxy-injection-resin', 'temperature', { area: { slabC: 4.5 } }, { area: { slabC: 4.4 } }, 'out'],
  ['gravity-resin', 'temperature', { area: { slabC: 10 } }, { area: { slabC: 9.9 } }, 'out'],
  ['rapid-crack-resin', 'dew-margin', { area: { airC: 20, humidityPct: 50, slabC: 12.3 } }, { area: { airC: 20, humidityPct: 50, slabC: 12.2 } }, 'out'],
  ['rapid-crack-resin', 'age', { answers: { slabAgeDays: 28 } }, { answers: { slabAgeDays: 27 } }, 'out'],
  ['rapid-crack-resin', 'moisture', { answers: { moisture: 'dry' } }, { answers: { moisture: 'damp' } }, 'out'],
  ['polymer-mortar-2k', 'moisture', { answers: { moisture: 'damp' } }, { answers: { moisture: 'running' } }, 'out'],
  ['injection-foam', 'moisture', { answers: { moisture: 'running' } }, { answers: { moisture: 'dry' } }, 'out'],
  ['injection-foam', 'moisture', { answers: { moisture: 'running' } }, { answers: { moisture: 'damp' } }, 'care'],
  ['rapid-crack-resin', 'movement', { answers: { movement: 'still' } }, { answers: { movement: 'moving', movementMm: 1 } }, 'out'],
  ['rapid-crack-resin', 'movement', { answers: { movement: 'still' } }, { answers: { movement: 'unknown' } }, 'care'],
  ['flexible-sealant', 'movement', { answers: { movement: 'moving', movementMm: 1 } }, { answers: { movement: 'still' } }, 'out'],
  ['flexible-sealant', 'traffic', { answers: { traffic: 'foot' } }, { answers: { traffic: 'hard-wheels' } }, 'out'],
  ['flexible-sealant', 'traffic', { answers: { traffic: 'foot' } }, { answers: { traffic: 'soft-tires' } }, 'care'],
  ['rapid-crack-resin', 'finish', { answers: { finish: 'thin-coating' } }, { answers: { finish: 'stain' } }, 'out'],
  ['epoxy-injection-resin', 'member', { answers: { member: 'suspended' } }, { answers: { member: 'slab-on-ground' } }, 'care'],
  ['gravity-resin', 'member', { answers: { member: 'other' } }, { answers: { member: 'stair' } }, 'out'],
  ['gravity-resin', 'place', { area: { place: 'outside' } }, { area: { place: 'inside' } }, 'care'],
  ['rapid-crack-resin', 'preparation', { answers: { located: 'clear' } }, { answers: { located: 'no' } }, 'care'],
  [
    'rapid-crack-resin',
    'preparation',
    { answers: { located: 'found', coverMm: 39.05, traffic: 'hard-wheels' } },
    { answers: { located: 'found', coverMm: 39, traffic: 'hard-wheels' } },
    'care',
  ],
  ['gravity-resin', 'penetration', { answers: { widths: one(0.5), depthMm: 80 } }, { answers: { widths: one(0.03), depthMm: 80 } }, 'care'],
  ['rapid-crack-resin', 'working-time', { answers: { lengthMm: 30_000 } }, { answers: { lengthMm: 120_000 } }, 'care'],
];

describe('rules of Match', () => {
  it('are at least ten, each with an id of its own', () => {
    expect(matchRules.length).toBeGreaterThanOrEqual(10);
    expect(new Set(matchRules.map((r) => r.id)).size).toBe(matchRules.length);
  });

  it.each(flips)('%s, %s: passes on one side of its limit and not on the other', (system, rule, passes, fails, grade) => {
    expect(verdictOf(judged(passes), system, rule)?.grade).toBe('fits');
    expect(verdictOf(judged(fails), system, rule)?.grade).toBe(grade);
  });

  it('asks about strength only where strength is asked for', () => {
    expect(verdictOf(judged(), 'rapid-crack-resin', 'claim')).toBeUndefined();
    const strong = judged({ answers: { claim: 'restore-strength' } });
    expect(verdictOf(strong, 'rapid-crack-resin', 'claim')?.grade).toBe('out');
    expect(verdictOf(strong, 'epoxy-injection-resin', 'claim')?.grade).toBe('fits');
  });

  it.each([
    ['max', 6.4, 6.3],
    ['min', 6.3, 6.4],
  ] as const)('depth, with a product of the firm’s own: %s %d passes, %d does not', (side, passes, fails) => {
    const grade = (value: number) => {
      const own: PatchSystem = { ...polymerMortar2k, id: 'own', depth: { [side]: { value, kind: 'depth', source: 'generic-sheet', label: 'Limit' } } };
      const plan = planRepair({ ...planInput(), shelf: [own] });
      return plan.state === 'planned' ? verdictOf(plan, 'own', 'depth')?.grade : undefined;
    };
    expect(grade(passes)).toBe('fits');
    expect(grade(fails)).toBe('out');
  });

  it('gives every verdict a reason in words, and every one below fits a source', () => {
    const telling = { units: 'metric', timeZone: 'UTC' } as const;
    for (const setting of [...flips.map(([, , , fails]) => fails), {}]) {
      for (const c of judged(setting).candidates) {
        for (const v of c.verdicts) {
          expect(tell(v.reason(), telling)).toMatch(/\w{3}/);
          expect(v.source.length).toBeGreaterThan(0);
        }
      }
    }
  });
});

describe('ranking', () => {
  it('puts what fits first, then care, then those ruled out, nearest first', () => {
    const order = { fits: 0, care: 1, out: 2 };
    for (const [, , , setting] of flips) {
      const grades = judged(setting).candidates.map((c) => order[c.grade]);
      expect(grades).toEqual([...grades].sort((a, b) => a - b));
    }
  });

  it('judges every system of the shelf', () => {
    expect(
      judged()
        .candidates.map((c) => c.system.id)
        .sort(),
    ).toEqual(genericShelf.map((s) => s.id).sort());
  });

  it('lets the deciding reason stand first', () => {
    const plan = judged({ answers: { moisture: 'damp', traffic: 'hard-wheels' } });
    expect(plan.candidates.find((c) => c.system.id === 'rapid-crack-resin')?.against[0]?.rule).toBe('moisture');
    expect(gradeOf(plan, 'rapid-crack-resin')).toBe('out');
  });
});

describe('three sizes', () => {
  it('judges the groove, not the crack as found', () => {
    const plan = judged({ answers: { widths: one(1.5), lengthMm: 4000 } });
    const verdict = verdictOf(plan, 'rapid-crack-resin', 'width');
    expect(verdict?.grade).toBe('fits');
    expect(verdict?.value?.value).toBe(6.35);
    expect(plan.surveyed.cut?.widest.value).toBe(1.5);
  });

  it('cuts nothing open where the side taken is to fill it as it was found', () => {
    const asFound = { schools: { 'chase-at-all': 'as-found' } } as const;
    const answers = { widths: one(1.5) };
    const plan = judged({ answers, defect: asFound });
    const grades = (p: typeof plan) => Object.fromEntries(p.candidates.map((c) => [c.system.id, c.grade]));
    expect(grades(judged({ answers }))).toMatchObject({ 'rapid-crack-resin': 'fits' });
    expect(grades(plan)).toMatchObject({ 'rapid-crack-resin': 'out', 'flexible-sealant': 'out' });
    expect(grades(plan)['gravity-resin']).not.toBe('out');
    // chosen all the same, nothing is cut, and it is said why there is no method
    for (const system of ['rapid-crack-resin', 'flexible-sealant']) {
      const chosen = judged({ answers, defect: { ...asFound, choice: { system, reason: 'tried' } } });
      expect([system, chosen.work(), tell(noWorkWords(chosen), { units: 'metric', timeZone: 'UTC' })]).toEqual([
        system,
        undefined,
        expect.stringContaining('as it was found'),
      ]);
    }
  });

  it('falls back to the found size where no cut is allowed, and says so', () => {
    const plan = judged({ answers: { widths: one(1.5), located: 'no' } });
    const candidate = plan.candidates.find((c) => c.system.id === 'rapid-crack-resin');
    expect(candidate?.size?.preparation).toBe('as-found');
    expect(candidate?.size?.width?.value).toBe(1.5);
    expect(candidate?.grade).toBe('out');
    const reason = verdictOf(plan, 'rapid-crack-resin', 'width')?.reason() ?? [];
    expect(tell(reason, { units: 'metric', timeZone: 'UTC' })).toContain('no cut before bars, tubing and cables are located');
  });

  it('chases shallow where what was found leaves no more, and not at all where it leaves less than that', () => {
    const wheels = { traffic: 'hard-wheels', located: 'found' };
    const limited = judged({ answers: { ...wheels, coverMm: 30 } }).candidates.find((c) => c.system.id === 'rapid-crack-resin');
    expect(limited?.size?.depth?.value).toBe(6.35);
    expect(limited?.size?.limitedBecause).toBeDefined();
    const none = judged({ answers: { ...wheels, coverMm: 26 } }).candidates.find((c) => c.system.id === 'rapid-crack-resin');
    expect(none?.size?.preparation).toBe('as-found');
  });
});
