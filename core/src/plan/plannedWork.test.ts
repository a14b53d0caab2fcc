import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../test/defects.ts';
import { recomputedFigures } from '../../test/recompute.ts';
import { Figure } from '../quantity/figure.ts';
import { tell, type Saying } from '../quantity/saying.ts';
import { show } from '../quantity/show.ts';
import { firmShelf } from '../shelf/product.ts';

const words = (s: Saying) => tell(s, { units: 'metric', timeZone: 'UTC' });
const square = (widthMm: number, heightMm: number) => ({ shape: { is: 'rectangle', widthMm, heightMm } });
const plan = (kind: string, answers: Readonly<Record<string, unknown>> = {}, area: Readonly<Record<string, unknown>> = {}, choice?: string) =>
  surveyedPlan(kind, answers, area, choice === undefined ? {} : { choice: { system: choice, reason: 'tried' } });
const workOf = (...args: Parameters<typeof plan>) => plan(...args).work();
const bar = { position: 'wall', loaded: 'no', outline: square(300, 200) };

describe('a place cut square', () => {
  it('is worked in the order of the trade, with quantities that follow the cut and not the hole', () => {
    const work = workOf('concrete-spall', { outline: square(120, 90), depthMm: 20, again: 'none' }, {}, 'polymer-mortar-2k');
    expect(work?.method.steps.map((s) => s.builder)).toEqual([
      'cover-around',
      'strip-off',
      'saw-square',
      'break-out',
      'wash-out',
      'soak-ground',
      'mix-mortar',
      'scrub-coat',
      'pack-lift',
      'clear-away',
      'wait-next-lift',
      'float-face',
      'keep-damp',
      'put-away',
      'sound-again',
      'sound-last',
      'open-to-traffic',
    ]);
    // 170 by 140 inside the cut: the hole of 216 mL, and a margin of 13 000 mm² as deep as the edge (geometry, by hand)
    const volume = work?.quantities.find((q) => q.id === 'volume')?.figure.value ?? 0;
    expect(volume).toBeCloseTo(216 + ((23800 - 10800) * 13) / 1000, 6);
    expect(work?.quantities.find((q) => q.id === 'around')?.figure.value).toBeCloseTo(2 * (170 + 140), 6);
    // a tenth is lost, and the scrub coat on bottom and walls is mortar too (common practice)
    const amount = (of: typeof work, id: string) => of?.quantities.find((q) => q.id === id)?.figure.value ?? 0;
    expect(amount(work, 'mix')).toBeCloseTo((volume + ((23800 + 620 * 20) * 1.5) / 1000) * 1.1, 6);
    // each lift is mixed for itself
    const deep = workOf('concrete-spall', { outline: square(300, 300), depthMm: 90, position: 'wall' }, {}, 'polymer-mortar-2k');
    expect(deep?.method.steps.filter((s) => s.builder === 'mix-mortar')).toHaveLength(amount(deep, 'lifts'));
    expect(amount(deep, 'batches')).toBeGreaterThanOrEqual(amount(deep, 'lifts'));
  });

  it('clears, cleans and primes bars, twice, before the mortar', () => {
    const work = workOf('bar-spall', bar, {}, 'bar-primer-epoxy-cement + polymer-mortar-2k');
    expect(work?.method.steps.map((s) => s.id)).toEqual(expect.arrayContaining(['bars', 'bright', 'prime-1', 'prime-2']));
    const at = (id: string) => work?.schedule.rows.find((r) => r.step.id === id);
    // three hours between coats, and before the mortar (usual data sheet)
    expect((at('prime-2')?.startMin ?? 0) - (at('prime-1')?.endMin ?? 0)).toBeGreaterThan(179);
    expect((at('mix-1')?.startMin ?? 0) - (at('prime-2')?.endMin ?? 0)).toBeGreaterThan(179);
    expect(work && words(work.method.steps.find((s) => s.id === 'bars')?.title ?? [])).toBe('Clear 19 mm behind the bars');
    expect(workOf('bar-spall', bar, {}, 'polymer-mortar-2k')?.method.steps.some((s) => s.id === 'prime-1')).toBe(false);
  });

  it('goes round what was found hollow by tapping, in as many cuts as that takes', () => {
    const tapping = { cellMm: 100, rows: ['sssssssss', 'shhssshhs', 'shhssshhs', 'sssssssss'] };
    const work = workOf('bar-spall', { position: 'wall', loaded: 'no', sounded: 'tapped', tapping }, {}, 'polymer-mortar-2k');
    // two cut-outs of two cells by two, a hundred on every side (the margin along bars): 400 by 400 each
    expect(work?.quantities.find((q) => q.id === 'cut')?.figure.value).toBeCloseTo(2 * 400 * 400, 6);
    expect(work?.quantities.find((q) => q.id === 'around')?.figure.value).toBeCloseTo(2 * 4 * 400, 6);
  });

  it('holds after a stop, and is warmed first where it is colder than the mortar bears', () => {
    expect(plan('bar-spall', { ...bar, loaded: 'yes' }).work()).toBeUndefined();
    const heated = (degrees: number) =>
      workOf('concrete-spall', { again: 'none' }, { slabC: degrees, airC: degrees }, 'polymer-mortar-2k')?.method.steps.filter(
        (s) => s.builder === 'first-heat',
      ).length;
    expect([heated(6), heated(8)]).toEqual([1, 0]);
  });

  it('is proposed where nobody chose, never in the place of a choice that has no method', () => {
    expect(workOf('concrete-spall')?.by).toBe('proposal');
    const gone = plan('concrete-spall', {}, {}, 'no-such-system');
    expect([gone.work(), gone.problem() && words(gone.problem() ?? [])]).toEqual([
      undefined,
      'The system that was chosen is not on the shelf any more. Choose again.',
    ]);
  });

  it('takes the figures of a product', () => {
    const shelf = firmShelf([
      { id: 'p', title: 'Ours', basedOn: 'polymer-mortar-2k', sheet: 's', figures: { 'mortar/yieldMlG': 0.6, 'lift/wall': 10, 'lift/floor': 10 }, packs: [] },
    ]);
    const own = surveyedPlan('concrete-spall', { depthMm: 30 }, {}, { choice: { system: 'p' } }, shelf).work();
    const amount = (id: string) => own?.quantities.find((q) => q.id === id)?.figure.value ?? 0;
    expect(amount('lifts')).toBe(3);
    expect(amount('powder')).toBeCloseTo(amount('mix') / 0.6, 6);
  });

  it('has for every step a figure, a tool or a wait, and a check; none says what nobody can hold it to', () => {
    for (const work of [
      workOf('concrete-spall'),
      workOf('bar-spall', bar, {}, 'bar-primer-epoxy-cement + polymer-mortar-2k'),
      workOf('concrete-spall', { depthMm: 45 }, {}, 'hand-packed-mortar'),
    ]) {
      expect(work).toBeDefined();
      for (const s of work?.method.steps ?? []) {
        expect([s.id, words(s.look).length > 20]).toEqual([s.id, true]);
        expect([s.id, s.kind !== 'work' || s.tools.length > 0]).toEqual([s.id, true]);
        expect(`${words(s.title)} ${words(s.detail)} ${words(s.look)}`).not.toMatch(/as required|properly|per data sheet|NaN|undefined/);
      }
    }
  });

  it('computes every figure again from what its origin names', () => {
    const made = plan('bar-spall', bar, {}, 'bar-primer-epoxy-cement + polymer-mortar-2k');
    const work = made.work();
    expect(work && show(work.schedule.total, 'metric').text).toMatch(/h/);
    expect(recomputedFigures(made)).toBeGreaterThan(20);
  });

  it('over generated places: lifts respect their limit and add up, windows open before they close, batches hold the pot life', () => {
    let [looked, windows] = [0, 0];
    fc.assert(
      fc.property(
        fc.integer({ min: 60, max: 500 }),
        fc.integer({ min: 60, max: 500 }),
        fc.integer({ min: 6, max: 48 }),
        fc.integer({ min: 8, max: 30 }),
        fc.constantFrom('floor', 'wall', 'overhead'),
        fc.constantFrom('polymer-mortar-2k', 'hand-packed-mortar', 'rapid-repair-mortar'),
        (w, h, depthMm, slabC, position, system) => {
          const work = workOf('concrete-spall', { outline: square(w, h), depthMm, position }, { slabC, airC: slabC }, system);
          if (!work) return;
          looked += 1;
          const { links, mixes } = work.method;
          const amount = (id: string) => work.quantities.find((q) => q.id === id)?.figure.value ?? 0;
          const [count, mix] = [amount('lifts'), mixes[0]];
          const depth = work.candidate.size?.depth?.value ?? 0;
          const limit = work.candidate.system.lift?.[position as 'floor']?.value ?? Number.POSITIVE_INFINITY;
          expect(depth / count).toBeLessThanOrEqual(limit * (1 + 1e-9));
          const placed = work.section.regions.filter((r) => r.material === 'mortar');
          expect(placed.reduce((sum, r) => sum + (r.volume?.value ?? 0), 0)).toBeCloseTo(amount('volume'), 4);
          for (const { from, to, most } of links) {
            // a lift is mixed once the one below is stiff, and both have to fit before its window closes
            const [opens, mixing] = [
              links.find((l) => l.from === from && l.to === to.replace('scrub', 'mix') && l.least)?.least,
              work.method.steps.find((one) => one.id === to.replace('scrub', 'mix'))?.minutes,
            ];
            if (!most || !opens || !mixing) continue;
            windows += 1;
            expect(most.lag.minutes.value).toBeGreaterThan(opens.minutes.value + mixing.value);
          }
          const mixed = work.method.steps
            .filter((one) => one.builder === 'mix-mortar')
            .map((one) => one.title.filter((part): part is Figure => part instanceof Figure));
          expect(mixed.reduce((sum, [batch, each]) => sum + (batch?.value ?? 0) * (each?.value ?? 1), 0)).toBeCloseTo(mix?.total.value ?? 0, 4);
          expect(mixed.reduce((sum, [, each]) => sum + (each?.value ?? 1), 0)).toBe(mix?.batches.value);
          for (const part of mix?.parts ?? []) if (part.each) expect(part.each.value * (mix?.batches.value ?? 0)).toBeCloseTo(part.amount.value, 4);
          // four minutes a liter, a pair twice as fast, a quarter of the time in reserve
          for (const [batch] of mixed) expect((((batch?.value ?? 0) / 1000) * 4) / 2).toBeLessThanOrEqual((mix?.within?.value ?? 0) * 0.75 + 1e-9);
          const starts = work.schedule.rows.filter((r) => r.step.kind === 'work').map((r) => r.startMin);
          expect([...starts].sort((a, b) => a - b)).toEqual(starts);
        },
      ),
      { numRuns: 120 },
    );
    expect(looked).toBeGreaterThan(60);
    expect(windows).toBeGreaterThan(20);
  });

  it('from warm to cold: the working time and the wait get longer, and nothing closes before it opens', () => {
    const at = (slabC: number) => workOf('concrete-spall', { depthMm: 45 }, { slabC, airC: slabC }, 'hand-packed-mortar');
    const [warm, cold] = [at(23), at(10)];
    expect(cold?.mixes[0]?.within?.value).toBeGreaterThan(warm?.mixes[0]?.within?.value ?? 0);
    expect(cold?.schedule.rows.find((r) => r.step.id === 'open')?.startMin).toBeGreaterThan(
      warm?.schedule.rows.find((r) => r.step.id === 'open')?.startMin ?? 0,
    );
  });
});

describe('its section', () => {
  it('is to scale: lifts fill the depth, dimensions are figures of the plan, a wide cut is said to be drawn in part', () => {
    const work = workOf('bar-spall', bar, {}, 'bar-primer-epoxy-cement + polymer-mortar-2k');
    const section = work?.section;
    const lifts = section?.regions.filter((r) => r.material === 'mortar') ?? [];
    expect(lifts).toHaveLength(work?.quantities.find((q) => q.id === 'lifts')?.figure.value ?? 0);
    for (const d of section?.dimensions ?? []) {
      const drawn = d.along === 'x' ? Math.abs(d.to[0] - d.from[0]) : Math.abs(d.to[1] - d.from[1]);
      expect(drawn).toBeCloseTo(d.figure.value, 6);
    }
    expect(section?.regions.filter((r) => r.material === 'bar')).toHaveLength(2);
    expect(words(workOf('concrete-spall', { outline: square(600, 90), depthMm: 15 })?.section.footnote ?? [])).toContain('drawn in part');
  });
});

describe('over an uneven bottom', () => {
  const grid = {
    xMm: [0, 160, 320],
    yMm: [0, 120, 240],
    depthMm: [
      [20, 34, 22],
      [30, 46, 34],
      [22, 36, 24],
    ],
  };
  const uneven = (depthMm = grid.depthMm, system = 'polymer-mortar-2k') =>
    workOf('concrete-spall', { outline: square(320, 240), bottom: 'uneven', depths: { ...grid, depthMm }, position: 'wall' }, {}, system);

  it('fills level lifts, the deepest places first: they add up to the grid and its margin, and the first is the smaller', () => {
    const work = uneven();
    const volumes =
      work?.method.steps
        .filter((s) => s.builder === 'pack-lift')
        .map((s) => s.title.find((p) => typeof p !== 'string' && 'value' in p && p.kind === 'volume'))
        .map((f) => (f as { value: number }).value) ?? [];
    expect(volumes).toHaveLength(2);
    // the mean of four corners over each cell, by hand: 31.25, 34, 34, 36 … and a margin of 25 mm as deep as the edge
    const cell = (r: number, c: number) => [0, 1].flatMap((i) => [0, 1].map((j) => grid.depthMm[r + i]?.[c + j] ?? 0)).reduce((a, b) => a + b, 0) / 4;
    const under = [0, 1].flatMap((r) => [0, 1].map((c) => cell(r, c) * 160 * 120)).reduce((a, b) => a + b, 0) / 1000;
    const margin = ((370 * 290 - 320 * 240) * 13) / 1000;
    expect(volumes.reduce((a, b) => a + b, 0)).toBeCloseTo(under + margin, 6);
    expect(work?.quantities.find((q) => q.id === 'volume')?.figure.value).toBeCloseTo(under + margin, 6);
    expect(volumes[0]).toBeLessThan((volumes[1] ?? 0) / 2);
    expect(words(work?.method.steps.find((s) => s.id === 'pack-1')?.title ?? [])).toContain('the deepest places');
  });

  it('is drawn as it lies: a lift reaches no lower than the bottom there, and the deepest is the first', () => {
    const section = uneven()?.section;
    const [one, two] = (section?.regions ?? []).filter((r) => r.material === 'mortar');
    // heights are drawn larger, and the drawing says how much
    const [times] = /heights (\d) times/
      .exec(section ? tell(section.footnote, { units: 'metric', timeZone: 'UTC' }) : '')
      ?.slice(1)
      .map(Number) ?? [0];
    expect(section?.dimensions.find((d) => d.id === 'depth')?.to[1]).toBeCloseTo(46 * (times ?? 0), 6);
    const reach = (of: typeof one) => Math.max(...(of?.outline ?? []).map(([, y]) => y)) / (times ?? 1);
    expect([reach(one), reach(two)]).toEqual([46, 23]);
    const wide = (of: typeof one) => (of?.outline ?? []).filter(([, y]) => y / (times ?? 1) > 23 + 1e-6).map(([x]) => x);
    expect(Math.min(...wide(one))).toBeGreaterThan(0);
    expect(section?.notes.some((n) => n.id === 'deepest')).toBe(true);
  });

  it('over generated grids: lifts add up to all of it, whatever their number', () => {
    let looked = 0;
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 4, max: 90 }), { minLength: 9, maxLength: 9 }),
        fc.constantFrom('polymer-mortar-2k', 'hand-packed-mortar', 'rapid-repair-mortar'),
        (d, system) => {
          const work = uneven([d.slice(0, 3), d.slice(3, 6), d.slice(6, 9)], system);
          if (!work) return;
          looked += 1;
          const lifts = work.method.steps
            .filter((s) => s.builder === 'pack-lift')
            .map((s) => (s.title.find((p) => typeof p !== 'string' && 'value' in p && p.kind === 'volume') as { value: number }).value);
          expect(lifts.every((v) => v > 0)).toBe(true);
          expect(lifts.reduce((a, b) => a + b, 0)).toBeCloseTo(work.quantities.find((q) => q.id === 'volume')?.figure.value ?? 0, 4);
        },
      ),
      { numRuns: 60 },
    );
    expect(looked).toBeGreaterThan(30);
  });
});
