import { candidateOf, surveyedPlan } from '../../test/defects.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Ledger } from '../quantity/ledger.ts';
import { evaluate } from '../quantity/formula.ts';
import { of } from '../shelf/sourced.ts';
import type { ClimateSeries } from '../climate/series.ts';
import { cureProgress, progressEndMin, waitOver, type CureProgress } from './progress.ts';
import { longest, manyDurations, timesDuration } from './reaction.ts';
import { liftByHeat, type SafeLiftTable } from './safeLift.ts';

const stretch = (fromMin: number, slabC: number) => ({ fromMin, airC: slabC, slabC, humidityPct: 50 });
const resin: CureProgress = { at23Min: 100, law: { by: 'arrhenius', activationKjMol: 55 }, stopsBelowC: 5 };
const stated: CureProgress = { at23Min: 100, law: { by: 'as-stated' } };

describe('a wait followed over a climate', () => {
  it('as stated goes on evenly, and tells each change of the climate', () => {
    expect(waitOver(10, [stretch(0, 20), stretch(60, 30)], 500, stated)).toEqual({
      points: [
        { atMin: 10, share: 0 },
        { atMin: 60, share: 0.5 },
        { atMin: 110, share: 1 },
      ],
      doneMin: 110,
      stillMin: 0,
    });
  });

  it('stands still where it is too cold, and that time is counted', () => {
    const over = waitOver(0, [stretch(0, 23), stretch(50, 0), stretch(90, 23)], 1000, resin);
    expect([over.stillMin, over.doneMin]).toEqual([40, 140]);
    expect(over.points.map((p) => [p.atMin, Math.round(p.share * 1000) / 1000])).toEqual([
      [0, 0],
      [50, 0.5],
      [90, 0.5],
      [140, 1],
    ]);
  });

  it('ends where what is known of the climate ends', () => {
    const over = waitOver(20, [stretch(0, 23)], 70, stated);
    expect([over.doneMin, over.points.at(-1), over.stillMin]).toEqual([undefined, { atMin: 70, share: 0.5 }, 0]);
    expect(waitOver(80, [stretch(0, 23)], 70, stated)).toEqual({ points: [{ atMin: 80, share: 0 }], stillMin: 0 });
  });

  it('is done when its progress over the same climate is, from any start, whatever changes', () => {
    const part = fc.record({ minutes: fc.integer({ min: 5, max: 300 }), slabC: fc.integer({ min: -5, max: 40 }) });
    const series = fc.tuple(part, fc.array(part, { maxLength: 7 })).map(([first, others]): ClimateSeries => {
      let from = first.minutes;
      return [
        stretch(0, first.slabC),
        ...others.map(({ minutes, slabC }) => {
          const at = from;
          from += minutes;
          return stretch(at, slabC);
        }),
      ];
    });
    fc.assert(
      fc.property(series, fc.integer({ min: 0, max: 400 }), fc.constantFrom(resin, stated), (climate, startMin, cure) => {
        const end = progressEndMin(startMin, climate, ({ slabC }) => cureProgress(cure, slabC));
        const over = waitOver(startMin, climate, 20_000, cure);
        if (end <= 20_000) expect(over.doneMin).toBeCloseTo(end, 6);
        else expect(over.doneMin).toBeUndefined();
        // never back, never beyond one, and time only goes on
        over.points.slice(1).forEach((p, i) => {
          const before = over.points[i];
          expect(p.share).toBeGreaterThanOrEqual((before?.share ?? 0) - 1e-12);
          expect(p.atMin).toBeGreaterThan(before?.atMin ?? 0);
          expect(p.share).toBeLessThanOrEqual(1 + 1e-12);
        });
      }),
    );
  });
});

describe('times', () => {
  it('are multiplied, counted and compared', () => {
    expect(evaluate(timesDuration, { durationMin: 30, times: 1.5 })).toBe(45);
    expect(evaluate(manyDurations, { durationMin: 30, count: 3 })).toBe(90);
    expect(evaluate(longest, { durationMin: [10, 90, 30] })).toBe(90);
  });
});

describe('the thickest lift', () => {
  const table: SafeLiftTable = {
    limitC: 60,
    mostMm: 100,
    rows: [
      { ambientC: 10, liftMm: 40 },
      { ambientC: 20, liftMm: 20 },
    ],
  };
  const sheet = (mm: number) => of(mm, 'depth', 'generic-sheet', 'Thickest lift');
  const at = (slabC: number, mm = 50, kept: SafeLiftTable | 'none' = table) => {
    const ledger = new Ledger();
    const figure = liftByHeat(ledger, kept === 'none' ? {} : { safeLift: kept }, sheet(mm), here(ledger, slabC));
    return [Math.round(figure.value * 100) / 100, figure.origin.by];
  };
  const here = (ledger: Ledger, degrees: number) => ({
    slabC: ledger.stated('Ground', 'temperature', degrees),
    airC: ledger.stated('Air', 'temperature', degrees),
  });

  it('of neat resin on timber is half in air above the limit of its sheet: the recipe and the verdict agree', () => {
    const ledger = new Ledger();
    const halvedAbove = of(27, 'temperature', 'judgement', 'Air above which it is halved');
    expect([26, 27, 28].map((t) => liftByHeat(ledger, { lift: { halvedAbove } }, sheet(25), here(ledger, t)).value)).toEqual([25, 25, 12.5]);
    const pour = (airC: number) =>
      surveyedPlan(
        'timber-dent',
        { depthMm: 60, sectionMm: 200, finish: 'clear' },
        { airC, slabC: 25 },
        { choice: { system: 'epoxy-pour-tinted', reason: 'tried' } },
      );
    const pours = (airC: number) =>
      pour(airC)
        .work()
        ?.method.steps.filter((s) => s.builder === 'pour-tinted').length;
    expect([pours(22), pours(29)]).toEqual([3, 5]);
    expect(candidateOf(pour(29), 'epoxy-pour-tinted')?.against.some((v) => v.rule === 'lifts')).toBe(true);
    expect(candidateOf(pour(22), 'epoxy-pour-tinted')?.against.some((v) => v.rule === 'lifts')).toBe(false);
  });

  it('is that of the sheet where its own heat allows more, and by its heat where that allows less', () => {
    expect([at(10), at(20), at(5), at(10, 30), at(15)]).toEqual([
      [40, 'assumed'],
      [20, 'assumed'],
      [40, 'assumed'],
      [30, 'sheet'],
      [28.28, 'assumed'],
    ]);
  });

  it('warmer than its table reaches is half of its last row; without a table that of the sheet', () => {
    expect([at(25), at(25, 50, 'none'), at(25, 50, { ...table, rows: [] })]).toEqual([
      [10, 'assumed'],
      [50, 'sheet'],
      [50, 'sheet'],
    ]);
  });
});
