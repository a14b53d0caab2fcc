import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../../test/defects.ts';
import { everyMethod } from '../../../test/everyMethod.ts';

const box = (mm: number) => ({ outline: { shape: { is: 'rectangle', widthMm: mm, heightMm: mm } } });
const patched = (system: string, side: 'drying' | 'setting', mm = 90) =>
  surveyedPlan('drywall-hole', { ...box(mm), paint: 'flat' }, {}, { choice: { system, reason: 'tried' }, schools: { 'over-patch': side } }).work();

/** Mixes that dry from a pail, and those that set. */
const ready = (work: ReturnType<typeof patched>) => new Set(work?.mixes.filter((m) => m.parts.every((p) => p.role === 'ready')).map((m) => m.id));

describe('compound over a patch of board', () => {
  it.each(['board-plug', 'mesh-patch'])('%s: what set is dry before compound from the pail goes over it, and only hard before more of its kind', (system) => {
    for (const side of ['drying', 'setting'] as const) {
      const work = patched(system, side);
      const rows = work?.schedule.rows ?? [];
      const bedded = rows.findIndex((r) => r.step.handsOn?.uses.some((u) => u.of === 'bed' || u.of === 'first') === true);
      const next = rows.slice(bedded + 1).find((r) => r.step.kind === 'wait');
      expect([system, side, next?.step.builder]).toEqual([system, side, side === 'drying' ? 'compound-dries' : 'compound-sets']);
    }
  });

  it.each(['board-plug', 'mesh-patch', 'board-patch'])('%s: every coat is of the side that was taken, and setting is ready sooner', (system) => {
    const mm = system === 'board-patch' ? 250 : 90;
    const [drying, setting] = [patched(system, 'drying', mm), patched(system, 'setting', mm)];
    expect([ready(drying).size, ready(setting).size]).toEqual([1, 0]);
    const coats = (work: ReturnType<typeof patched>) => work?.method.steps.filter((s) => s.builder === 'draw-coat').length ?? 0;
    expect([coats(setting), coats(setting) > 0]).toEqual([coats(drying), true]);
    const sanded = (work: ReturnType<typeof patched>) => work?.schedule.rows.find((r) => r.step.builder === 'sand-flat')?.startMin ?? Infinity;
    expect(sanded(setting)).toBeLessThan(sanded(drying));
  });

  it('is never put as drying compound on what only set: over all methods, but for tape over a gap that was prefilled', () => {
    let looked = 0;
    for (const given of [{}, { paint: 'gloss', look: 'close' }])
      for (const { kind, system, work } of everyMethod({}, given)) {
        if (!work) continue;
        const pail = ready(work);
        let under: string | undefined;
        for (const s of work.method.steps) {
          if (s.builder === 'compound-sets' || s.builder === 'compound-dries') under = s.builder;
          const drawn = s.builder !== 'bed-tape' && s.handsOn?.uses.some((u) => pail.has(u.of)) === true;
          if (drawn && under !== undefined) looked += 1;
          if (drawn) expect([kind, system, s.id, under]).not.toEqual([kind, system, s.id, 'compound-sets']);
        }
      }
    expect(looked).toBeGreaterThan(20);
  });

  it('that set by itself dries through all its layers before primer', () => {
    const dries = (system: string, answers: Readonly<Record<string, unknown>>) =>
      surveyedPlan('drywall-dent', answers, {}, { choice: { system, reason: 'tried' } })
        .work()
        ?.method.steps.findLast((s) => s.builder === 'compound-dries')?.minutes.value ?? 0;
    const [shallow, deep] = [dries('setting-compound-45', { depthMm: 1 }), dries('setting-compound-45', { depthMm: 8 })];
    expect([shallow > 0, deep > 2 * shallow]).toEqual([true, true]);
  });
});

describe('screws of a patch of board', () => {
  const screwed = (widthMm: number, position: string) => {
    const work = surveyedPlan(
      'drywall-hole',
      { outline: { shape: { is: 'rectangle', widthMm, heightMm: 600 } }, position, framingMm: 400 },
      {},
      { choice: { system: 'board-patch', reason: 'tried' }, schools: { 'patch-edges': 'framing' } },
    ).work();
    return work?.quantities.find((q) => q.id === 'screws')?.figure.value;
  };

  it('go into every member that it crosses, closer on a ceiling (geometry; spacings common practice)', () => {
    // 600 mm less 9.5 at both ends: three spaces of 200 on a wall, four screws a member; two, three and four members
    // and into the cleats between them, two a bay: 406 less a member of 38, less 15 at both ends, two spaces of 200, three screws a cleat
    expect([screwed(300, 'wall'), screwed(700, 'wall'), screwed(1100, 'wall')]).toEqual([8 + 6, 12 + 12, 16 + 18]);
    // four spaces of 150 on a ceiling, three on a cleat
    expect(screwed(300, 'ceiling')).toBe(10 + 8);
    expect(screwed(700, 'ceiling')).toBe(15 + 16);
  });
});
