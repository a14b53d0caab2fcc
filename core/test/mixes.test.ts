// What is mixed, over the methods of all systems: batches, their parts and when they are placed (common practice, no source).
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { amountOf, box, told, workOn } from '../checks/methodSteps.ts';
import { Figure } from '../src/quantity/figure.ts';
import { mixLines } from '../src/plan/mixLines.ts';
import type { PlannedWork } from '../src/plan/plannedWork.ts';
import { everyMethod } from './everyMethod.ts';

const all = everyMethod().flatMap(({ kind, system, plan, work }) => (work ? [{ of: `${kind}, ${system}`, system, plan, work }] : []));
const mixes = all.flatMap(({ of, plan, work }) => work.mixes.map((mix) => ({ of: `${of}: ${mix.title}`, mix, plan, work })));
const stepsOf = (work: PlannedWork, builder: string) => work.method.steps.filter((s) => s.builder === builder);
const figuresOf = (saying: PlannedWork['method']['steps'][number]['title']) => saying.filter((part): part is Figure => part instanceof Figure);

describe('every mix', () => {
  it('has parts that are there, a whole number of batches, and a time to place it where it hardens', () => {
    for (const { of, mix } of mixes) {
      expect([of, mix.total.value > 0, mix.parts.length > 0, mix.parts.every((p) => p.amount.value > 0)]).toEqual([of, true, true, true]);
      expect([of, Number.isInteger(mix.batches.value) && mix.batches.value >= 1]).toEqual([of, true]);
      if (mix.within) expect([of, mix.within.value > 0]).toEqual([of, true]);
    }
    expect(mixes.length).toBeGreaterThan(60);
  });

  it('has batches whose parts come to the whole, where one batch is told', () => {
    let looked = 0;
    for (const { of, mix } of mixes) {
      for (const part of mix.parts) {
        if (!part.each) continue;
        looked += 1;
        expect([of, part.what, Math.abs(part.each.value * mix.batches.value - part.amount.value) < 1e-6 * Math.max(1, part.amount.value)]).toEqual([
          of,
          part.what,
          true,
        ]);
      }
    }
    expect(looked).toBeGreaterThan(60);
  });

  it('tells what is lost apart from what is placed, wherever a share is reckoned for it', () => {
    let looked = 0;
    for (const { of, mix, plan } of mixes) {
      const { lost } = mix;
      if (!lost) continue;
      looked += 1;
      // what is left of it is what the place takes: a figure of the plan
      const placed = mix.total.value - lost.value;
      const { origin } = mix.total;
      const inputs = origin.by === 'formula' ? [origin.inputs['volumeMl'], origin.inputs['scrubMl']] : [];
      const taken = inputs.reduce((sum, id) => sum + (typeof id === 'string' ? (plan.ledger.find(id)?.value ?? 0) : 0), 0);
      expect([of, lost.value > 0, Math.abs(placed - taken) < 1e-6 * mix.total.value]).toEqual([of, true, true]);
      expect([of, mix.says.some((s) => s.includes(lost))]).toEqual([of, true]);
    }
    expect(looked).toBeGreaterThan(40);
  });

  it('of resin and hardener by volume comes to what is mixed', () => {
    let looked = 0;
    for (const { of, mix } of mixes) {
      const byVolume = mix.parts.filter((p) => ['Resin', 'Hardener', 'Part A', 'Part B', 'Catalyst', 'Reducer'].includes(p.what) && p.amount.kind === 'volume');
      if (byVolume.length < 2 || mix.total.kind !== 'volume' || mix.parts.some((p) => /sand/.test(p.what))) continue;
      looked += 1;
      expect([of, Math.abs(byVolume.reduce((sum, p) => sum + p.amount.value, 0) - mix.total.value) < 1e-6 * mix.total.value]).toEqual([of, true]);
    }
    expect(looked).toBeGreaterThan(15);
  });

  it('has as many batches as there are goes, where what hardens in the pot is placed in goes hours apart', () => {
    for (const { of, mix, work } of mixes) {
      if (!mix.within) continue;
      // the goes of what a mix is for: its own steps only
      const goes =
        mix.id === 'mortar'
          ? stepsOf(work, 'pack-lift').length
          : mix.id === 'pour'
            ? stepsOf(work, 'pour-tinted').length
            : mix.id === 'filler'
              ? stepsOf(work, 'press-filler').length
              : mix.id === 'enamel'
                ? stepsOf(work, 'enamel-coat').length
                : mix.id === 'base'
                  ? stepsOf(work, 'plaster-coat').length - 1
                  : 1;
      expect([of, mix.batches.value >= goes]).toEqual([of, true]);
    }
  });
});

describe('a setting compound', () => {
  const onCrack = (system: string, lengthMm = 1800) => workOn('plaster-crack', system, { lengthMm });

  it('is mixed for each go: the goes come to the whole, and each says its powder and water', () => {
    for (const minutes of [5, 20, 45, 90]) {
      const work = onCrack(`setting-compound-${String(minutes)}`);
      const [mix] = work.mixes;
      const mixed = stepsOf(work, 'mix-compound').map((s) => figuresOf(s.title));
      // one batch by its title, as often as it says
      const powder = mixed.reduce((sum, [batch, , times]) => sum + (batch?.value ?? 0) * (times?.value ?? 1), 0);
      const water = mixed.reduce((sum, [, batch, times]) => sum + (batch?.value ?? 0) * (times?.value ?? 1), 0);
      expect(powder).toBeCloseTo(mix?.parts.find((p) => p.what === 'Powder')?.amount.value ?? 0, 6);
      expect(water).toBeCloseTo(mix?.parts.find((p) => p.what === 'Cool water')?.amount.value ?? 0, 6);
      expect(mixed.reduce((sum, [, , times]) => sum + (times?.value ?? 1), 0)).toBe(mix?.batches.value);
      expect(mix?.rounds?.map((r) => r.times.value)).toEqual(mixed.map(([, , times]) => times?.value ?? 1));
    }
  });

  it('is never mixed by less than can be measured out, and says so where more is mixed than is placed', () => {
    let [small, goes] = [0, 0];
    for (const { kind, system, work } of everyMethod({}, { lengthMm: 300 })) {
      const steps = work?.method.steps.filter((s) => s.builder === 'mix-compound') ?? [];
      for (const step of steps) {
        const [powder] = figuresOf(step.title);
        goes += 1;
        // 60 mL at 0.85 mL from a gram, or thereabouts
        expect([kind, system, step.id, (powder?.value ?? 0) > 50]).toEqual([kind, system, step.id, true]);
      }
      for (const mix of work?.mixes ?? []) {
        if (mix.handling.kind !== 'setting compound' || steps.length === 0) continue;
        if (mix.says.map(told).some((s) => /cannot be measured out/.test(s))) small += 1;
      }
    }
    expect([goes > 30, small > 5]).toEqual([true, true]);
  });

  it('that sets sooner is mixed in more and smaller batches', () => {
    const [fast, slow] = ['setting-compound-5', 'setting-compound-90'].map((s) => onCrack(s, 9000).mixes[0]);
    expect(fast?.batches.value).toBeGreaterThan(slow?.batches.value ?? 0);
    expect(fast?.within?.value).toBeLessThan(slow?.within?.value ?? 0);
    // what is placed does not change with the name on the bag; of small batches more is lost, since less cannot be measured out
    expect(fast?.total.value).toBeGreaterThanOrEqual(slow?.total.value ?? Number.POSITIVE_INFINITY);
  });

  it('of any length holds its working time in every batch', () => {
    fc.assert(
      fc.property(fc.integer({ min: 300, max: 30_000 }), fc.constantFrom(5, 20, 45, 90), (lengthMm, minutes) => {
        const work = onCrack(`setting-compound-${String(minutes)}`, lengthMm);
        const within = work.mixes[0]?.within?.value ?? 0;
        for (const step of stepsOf(work, 'mix-compound')) {
          const [powder, water, times] = figuresOf(step.title);
          expect([powder && powder.value > 0, water && water.value > 0]).toEqual([true, true]);
          expect(times === undefined || times.value > 1).toBe(true);
        }
        // three minutes of five are worked, by the industry's rule of thumb
        expect(within / minutes).toBeCloseTo(0.6, 6);
      }),
      { numRuns: 40 },
    );
  });
});

describe('mortar over an uneven bottom', () => {
  const depths = (rows: readonly (readonly number[])[]) => ({ xMm: [0, 100, 200], yMm: [0, 80, 160], depthMm: rows });
  const uneven = (rows: readonly (readonly number[])[]) =>
    workOn('concrete-spall', 'polymer-mortar-2k', { outline: box(240, 200), bottom: 'uneven', depths: depths(rows), position: 'wall' });

  it('is mixed for each lift as that lift takes it: its own scrub coat with it, a tenth lost', () => {
    const work = uneven([
      [15, 20, 15],
      [30, 95, 40],
      [15, 25, 15],
    ]);
    const lifts = stepsOf(work, 'pack-lift').map((s) => figuresOf(s.title).find((f) => f.kind === 'volume')?.value ?? 0);
    const mixed = stepsOf(work, 'mix-mortar').map((s) => {
      const [batch, times] = figuresOf(s.title);
      return (batch?.value ?? 0) * (times?.value ?? 1);
    });
    expect(lifts.length).toBeGreaterThan(1);
    // each lift scrubs what it reaches of the bottom, the last also the walls of the edge that is cut
    const share = amountOf(work, 'cut') / lifts.length;
    lifts.forEach((volume, i) => {
      const walls = i === lifts.length - 1 ? amountOf(work, 'around') * 13 : 0;
      expect(mixed[i]).toBeCloseTo((volume + ((share + walls) * 1.5) / 1000) * 1.1, 4);
    });
    expect(mixed.reduce((a, b) => a + b, 0)).toBeCloseTo(amountOf(work, 'mix'), 4);
    // deepest places first: the lift below is the smaller one
    expect(lifts[0]).toBeLessThan(lifts[lifts.length - 1] ?? 0);
  });

  it('says each lift where they differ, and one batch where they do not', () => {
    const says = (work: PlannedWork) => (work.mixes[0] ? mixLines(work.mixes[0]) : []).map(told).filter((s) => s.startsWith('Lift '));
    const differing = uneven([
      [15, 20, 15],
      [30, 95, 40],
      [15, 25, 15],
    ]);
    expect(says(differing)).toHaveLength(amountOf(differing, 'lifts'));
    expect(differing.mixes[0]?.parts.some((p) => p.each)).toBe(false);
    const single = workOn('concrete-spall', 'polymer-mortar-2k', { outline: box(120, 90), depthMm: 20 });
    expect([says(single), single.mixes[0]?.parts.every((p) => p.each)]).toEqual([[], true]);
  });

  it('waits between lifts, then mixes, then places: never the other way round', () => {
    const rows = uneven([
      [15, 20, 15],
      [30, 95, 40],
      [15, 25, 15],
    ]).schedule.rows;
    const at = (id: string) => rows.find((r) => r.step.id === id);
    const [packed, mixing, packing] = [at('pack-1'), at('mix-2'), at('pack-2')];
    expect((mixing?.startMin ?? 0) - (packed?.endMin ?? 0)).toBeGreaterThanOrEqual((at('stiff-1')?.step.minutes.value ?? Number.NaN) - 1e-6);
    expect(at('scrub-2')?.startMin).toBeCloseTo(mixing?.endMin ?? 0, 6);
    expect(packing?.startMin).toBeCloseTo(at('scrub-2')?.endMin ?? 0, 6);
  });
});

describe('batches that differ', () => {
  it('are a row each over every method: together they come to the whole, in so many batches, and paper says a line for each', () => {
    let looked = 0;
    for (const { kind, system, work } of everyMethod())
      for (const mix of work?.mixes ?? []) {
        const { rounds, parts, batches } = mix;
        // whoever mixes several knows what goes into each: by a column for one batch, by a row for each that differs, or go by go
        if (batches.value > 1)
          expect([kind, system, mix.id, rounds !== undefined || mix.goes !== undefined || parts.some((p) => p.each)]).toEqual([kind, system, mix.id, true]);
        if (!rounds) continue;
        looked += 1;
        expect([kind, system, rounds.reduce((sum, r) => sum + r.times.value, 0)]).toEqual([kind, system, batches.value]);
        for (const part of parts) {
          const all = rounds.reduce((sum, r) => sum + r.times.value * (r.parts.find((p) => p.what === part.what)?.amount.value ?? 0), 0);
          expect([kind, system, part.what, all / part.amount.value]).toEqual([kind, system, part.what, expect.closeTo(1, 6)]);
        }
        expect(mixLines(mix)).toHaveLength(rounds.length + mix.says.length);
      }
    expect(looked).toBeGreaterThan(30);
  });
});
