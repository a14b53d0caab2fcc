import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { crackSettings, repaired } from '../../test/cracks.ts';
import { constantClimate, type ClimateSeries } from '../climate/series.ts';
import { progressEndMin } from '../cure/progress.ts';
import { arrheniusMultiplier } from '../cure/reaction.ts';
import { Ledger } from '../quantity/ledger.ts';
import { instantAfter, schedule } from './schedule.ts';

describe('schedule', () => {
  it('lets one step begin only when the one before is done, and no link is broken', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        const { schedule: times, method } = repaired(setting);
        const row = new Map(times.rows.map((r) => [r.step.id, r]));
        const work = times.rows.filter((r) => r.step.kind === 'work');
        for (let i = 1; i < work.length; i++) expect(work[i]?.startMin).toBeGreaterThanOrEqual((work[i - 1]?.endMin ?? 0) - 1e-6);
        for (const link of method.links) {
          const from = row.get(link.from);
          const to = row.get(link.to);
          const anchor = (link.after === 'start' ? from?.startMin : from?.endMin) ?? 0;
          if (link.least) expect((to?.startMin ?? 0) + 1e-6).toBeGreaterThanOrEqual(anchor + link.least.minutes.value);
          if (link.most && to?.step.builder === 'sand-lift') expect(to.startMin).toBeLessThanOrEqual(anchor + link.most.lag.minutes.value + 1e-6);
        }
      }),
    );
  });

  it('adds up: the total is the longest path, hands-on no longer than it', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        const { schedule: times } = repaired(setting);
        const last = times.rows.filter((r) => r.step.kind === 'work').at(-1);
        expect(times.total.value).toBeCloseTo(last?.endMin ?? -1, 5);
        expect(times.handsOn.value).toBeLessThanOrEqual(times.total.value + 1e-6);
      }),
    );
  });

  it('sands every section within the gel time of its wetting', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        const { schedule: times, method } = repaired(setting);
        for (const row of times.rows.filter((r) => r.step.id.startsWith('lift-1-'))) {
          const wet = times.rows.find((r) => r.step.id === `wet-${String(row.step.section?.n)}`);
          expect(row.endMin - (wet?.startMin ?? 0)).toBeLessThanOrEqual(method.gel.value * 0.75 + 1e-6);
          expect(Date.parse(row.latest?.at ?? '')).toBeGreaterThan(Date.parse(row.start));
        }
      }),
    );
  });

  it('takes longer in the cold', () => {
    const openAt = (slabC: number) => Date.parse(repaired({ area: { slabC, airC: slabC, humidityPct: 40 } }).schedule.openAt);
    expect(openAt(10)).toBeGreaterThan(openAt(15));
    expect(openAt(15)).toBeGreaterThan(openAt(23));
  });

  it('follows a climate that changes: a slab that warms lets the grinder start sooner', () => {
    const { method } = repaired({ area: { slabC: 10, airC: 10 } });
    const grindMin = (climate: ClimateSeries) =>
      schedule(new Ledger(), method, climate, '2026-06-02T05:00:00Z').rows.find((r) => r.step.builder === 'grind-flush')?.startMin ?? 0;
    const steady = grindMin(constantClimate(10, 10, 50));
    const warming = grindMin([
      { fromMin: 0, airC: 10, slabC: 10, humidityPct: 50 },
      { fromMin: 60, airC: 20, slabC: 20, humidityPct: 50 },
    ]);
    expect(warming).toBeLessThan(steady);
  });

  it('counts instants from the start of the work, to the second', () => {
    expect(instantAfter('2026-06-02T05:00:00Z', 90.5)).toBe('2026-06-02T06:30:30.000Z');
  });
});

describe('progress of a wait', () => {
  const half = (t: number) => 1 / (60 * arrheniusMultiplier(t, 55));
  const series: ClimateSeries = [
    { fromMin: 0, airC: 23, slabC: 23, humidityPct: 50 },
    { fromMin: 30, airC: 10, slabC: 10, humidityPct: 50 },
  ];

  it('is the plain time in a climate that does not change', () => {
    expect(progressEndMin(10, constantClimate(23, 23, 50), ({ slabC }) => half(slabC))).toBeCloseTo(70);
  });

  it('adds up over stretches: half of it warm, the other half at the cold rate', () => {
    expect(progressEndMin(0, series, ({ slabC }) => half(slabC))).toBeCloseTo(30 + 30 * arrheniusMultiplier(10, 55));
  });

  it('starts in the stretch it starts in', () => {
    expect(progressEndMin(40, series, ({ slabC }) => half(slabC))).toBeCloseTo(40 + 60 * arrheniusMultiplier(10, 55));
  });

  it('never ends where nothing hardens', () => {
    expect(progressEndMin(0, series, () => 0)).toBe(Number.POSITIVE_INFINITY);
  });
});
