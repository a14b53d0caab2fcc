import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../test/defects.ts';
import type { PlannedWork } from '../plan/plannedWork.ts';

const box = (widthMm: number, heightMm: number) => ({ shape: { is: 'rectangle', widthMm, heightMm } });
const workOn = (kind: string, system: string, answers: Readonly<Record<string, unknown>>): PlannedWork | undefined =>
  surveyedPlan(kind, answers, {}, { choice: { system, reason: 'tried' } }).work();
const inAll = (work: PlannedWork | undefined) => (work?.mixes ?? []).reduce((sum, m) => sum + m.total.value, 0);

/** Systems on places with an outline, and how wide a place of theirs may be. */
const outlined: readonly (readonly [kind: string, system: string, rest: Readonly<Record<string, unknown>>, mostMm: number])[] = [
  ['concrete-spall', 'polymer-mortar-2k', { depthMm: 30 }, 900],
  ['concrete-spall', 'epoxy-mortar', { depthMm: 25 }, 600],
  ['concrete-spall', 'form-and-pour', { depthMm: 90, position: 'wall' }, 900],
  ['bar-spall', 'bar-primer-epoxy-cement + polymer-mortar-2k', { loaded: 'no', position: 'wall' }, 600],
  ['plaster-hole', 'lime-plaster', { base: 'masonry', binder: 'lime', depthMm: 20 }, 1500],
  ['plaster-hole', 'cement-plaster', { base: 'masonry', binder: 'cement', depthMm: 15 }, 1500],
  ['drywall-hole', 'board-patch', {}, 900],
  ['timber-decay', 'epoxy-consolidant + epoxy-timber-paste', { depthMm: 30, sectionMm: 70 }, 300],
  ['tub-hole', 'fiberglass-laminate', {}, 200],
  ['tub-hole', 'polyester-fiber-putty', {}, 200],
];

describe('a larger place of the same kind', () => {
  it.each(outlined)('%s with %s never takes less material, nor less time by hand', (kind, system, rest, mostMm) => {
    const size = fc.record({
      widthMm: fc.integer({ min: 60, max: mostMm / 2 }),
      heightMm: fc.integer({ min: 60, max: mostMm / 2 }),
      moreMm: fc.integer({ min: 0, max: mostMm / 2 }),
    });
    fc.assert(
      fc.property(size, ({ widthMm, heightMm, moreMm }) => {
        const [small, large] = [
          workOn(kind, system, { ...rest, outline: box(widthMm, heightMm) }),
          workOn(kind, system, { ...rest, outline: box(widthMm + moreMm, heightMm) }),
        ];
        // what is too large or too small for it has no method on either, or on one of them
        if (!small || !large) return;
        expect(inAll(large)).toBeGreaterThanOrEqual(inAll(small) * (1 - 1e-9));
        expect(large.schedule.handsOn.value).toBeGreaterThanOrEqual(small.schedule.handsOn.value - 1e-6);
      }),
      { numRuns: 12 },
    );
  });

  it.each([
    ['wall-crack', 'epoxy-injection-resin', { wallMm: 250 }, ['ports', 'paste']],
    ['wall-crack', 'injection-foam', { wallMm: 250, moisture: 'damp' }, ['ports', 'paste']],
    ['joint-spall', 'flexible-sealant', { gapMm: 8, traffic: 'foot' }, []],
    ['drywall-joint', 're-tape', { joint: 'butt', tape: 'loose' }, []],
  ] as const)('%s with %s: a longer line takes no less of anything', (kind, system, rest, named) => {
    fc.assert(
      fc.property(fc.integer({ min: 600, max: 4000 }), fc.integer({ min: 0, max: 4000 }), (lengthMm, moreMm) => {
        const [short, long] = [workOn(kind, system, { ...rest, lengthMm }), workOn(kind, system, { ...rest, lengthMm: lengthMm + moreMm })];
        if (!short || !long) return;
        expect(inAll(long)).toBeGreaterThanOrEqual(inAll(short) * (1 - 1e-9));
        for (const id of named)
          expect(long.quantities.find((q) => q.id === id)?.figure.value).toBeGreaterThanOrEqual(
            short.quantities.find((q) => q.id === id)?.figure.value ?? Infinity,
          );
        expect(long.schedule.handsOn.value).toBeGreaterThanOrEqual(short.schedule.handsOn.value - 1e-6);
      }),
      { numRuns: 15 },
    );
  });
});

describe('a place squared for mortar', () => {
  it('is deeper, is packed in more lifts, none thicker than its sheet allows', () => {
    const counts = [20, 38, 39, 76, 77].map(
      (depthMm) =>
        workOn('concrete-spall', 'polymer-mortar-2k', { outline: box(400, 300), depthMm, position: 'floor' })?.quantities.find((q) => q.id === 'lifts')?.figure
          .value,
    );
    expect(counts).toEqual([1, 1, 2, 2, 3]);
  });

  it('takes thinner lifts overhead than on a floor', () => {
    const count = (position: string) =>
      workOn('concrete-spall', 'polymer-mortar-2k', { outline: box(400, 300), depthMm: 38, position })?.quantities.find((q) => q.id === 'lifts')?.figure.value;
    expect([count('floor'), count('wall'), count('overhead')]).toEqual([1, 1, 2]);
  });
});
