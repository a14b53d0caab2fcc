import { describe, expect, it } from 'vitest';
import { candidateOf, surveyedPlan } from '../../test/defects.ts';
import { everyMethod } from '../../test/everyMethod.ts';
import { paintDrying } from '../climate/drying.ts';
import { nightlyClimate } from '../climate/series.ts';
import { saturationPressurePa } from '../climate/humidAir.ts';
import { evaluate } from '../quantity/formula.ts';
import { Ledger } from '../quantity/ledger.ts';
import { tell } from '../quantity/saying.ts';
import { siteDateTime } from '../quantity/siteTime.ts';
import { lagEnd } from '../schedule/lagEnd.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;

describe('a climate that cools at night', () => {
  const day = { airC: 16, slabC: 14, humidityPct: 55, night: 3 };
  const start = '2026-06-02T05:00:00.000Z';

  it.each(['UTC', 'America/Chicago', 'Asia/Kolkata'])('is by day as it was measured, and coldest before sunrise by the clock of the site: %s', (timeZone) => {
    const series = nightlyClimate(day, start, timeZone);
    const at = (hour: number) => {
      const [h = 0, m = 0] = siteDateTime(start, timeZone).time.split(':').map(Number);
      const min = 1440 * 2 + hour * 60 - (h * 60 + m);
      return series.findLast((s) => s.fromMin <= min);
    };
    expect([at(8)?.airC, at(12)?.airC, at(17)?.slabC]).toEqual([16, 16, 14]);
    const [coldest, evening] = [at(4)?.airC ?? 99, at(19)?.airC ?? 99];
    expect([coldest < 4, evening > 12, evening < 16]).toEqual([true, true, true]);
    expect([series[0].fromMin, series.every((s, i) => i === 0 || s.fromMin > (series[i - 1]?.fromMin ?? 0))]).toEqual([0, true]);
  });

  it('keeps its vapor, or is saturated, and is never colder than the night', () => {
    const vapor = (airC: number, pct: number) => (saturationPressurePa(airC) * pct) / 100;
    for (const s of nightlyClimate(day, start, 'UTC')) {
      expect(s.airC).toBeGreaterThanOrEqual(day.night);
      expect(s.humidityPct === 100 || Math.abs(vapor(s.airC, s.humidityPct) / vapor(day.airC, day.humidityPct) - 1) < 1e-9).toBe(true);
    }
  });
});

describe('cold nights', () => {
  const days = { slabC: 15, airC: 15, humidityPct: 50 };
  const plain = everyMethod(days);

  it('make no plan shorter, and those that harden over them longer; no colder than the day they change nothing', () => {
    const cold = everyMethod({ ...days, nightC: 6 });
    let longer = 0;
    plain.forEach(({ kind, system, work }, i) => {
      const [before, after] = [work?.schedule, cold[i]?.work?.schedule];
      if (!before || !after) return;
      const at = `${kind} ${system}`;
      expect([at, Number.isFinite(Date.parse(after.openAt)), after.openAt >= before.openAt]).toEqual([at, true, true]);
      if (after.openAt > before.openAt) longer += 1;
    });
    expect(longer).toBeGreaterThan(30);
    const warm = everyMethod({ ...days, nightC: 15 });
    expect(warm.map((m) => m.work?.schedule.openAt)).toEqual(plain.map((m) => m.work?.schedule.openAt));
  });

  it('are counted wherever paint, primer, texture or caulk dries: no such wait goes by the hour of measuring alone', () => {
    let films = 0;
    for (const given of [{}, { paint: 'flat', finish: 'paint', texture: 'orange', look: 'close' }])
      for (const { kind, system, work } of everyMethod(days, given)) {
        if (!work) continue;
        for (const link of work.method.links) {
          const lag = link.least;
          if (!lag || lag.minutes.origin.by !== 'formula' || lag.minutes.origin.formula !== paintDrying.name) continue;
          films += 1;
          expect([kind, system, link.to, lag.by]).toEqual([kind, system, link.to, 'film']);
        }
      }
    expect(films).toBeGreaterThan(200);
  });

  it('keep a film wet that goes on in the evening: in air that is nearly full of vapor it dries the next morning', () => {
    const sheetMin = new Ledger().stated('Dry by its sheet', 'duration', 120);
    const lag = { by: 'film', sheetMin, minutes: sheetMin } as const;
    const cooled = nightlyClimate({ airC: 18, slabC: 18, humidityPct: 65, night: 6 }, '2026-06-02T00:00:00.000Z', 'UTC');
    const [noon, evening] = [lagEnd(lag, 12 * 60, cooled), lagEnd(lag, 20 * 60, cooled)];
    expect(noon - 12 * 60).toBeCloseTo(evaluate(paintDrying, { sheetMin: 120, airC: 18, humidityPct: 65 }), 6);
    expect([evening > (24 + 7) * 60, evening < (24 + 12) * 60]).toEqual([true, true]);
  });

  it('however hard they are, leave a plan wherever there is one without them', () => {
    const [mild, hard] = [
      everyMethod(days, { paint: 'flat', finish: 'paint', before: 'paint' }),
      everyMethod({ ...days, nightC: -35 }, { paint: 'flat', finish: 'paint', before: 'paint' }),
    ];
    const planned = mild.flatMap(({ kind, system, work }, i) => (work ? [[kind, system, hard[i]?.work !== undefined]] : []));
    expect(planned.length).toBeGreaterThan(100);
    expect(planned.filter(([, , there]) => there !== true)).toEqual([]);
  });

  it('below zero rule out what holds water, and ask for covers; a resin stands still and takes care', () => {
    const grade = (kind: string, system: string, nightC: number, answers = {}) =>
      candidateOf(surveyedPlan(kind, answers, { ...days, nightC }), system)?.verdicts.find((v) => v.rule === 'night')?.grade;
    expect(['polymer-mortar-2k', 'hand-packed-mortar', 'epoxy-mortar'].map((s) => grade('concrete-spall', s, -2))).toEqual(['out', 'out', 'care']);
    expect(grade('slab-crack', 'rapid-crack-resin', -2)).toBe('care');
    expect(['acrylic-caulk', 'setting-compound-45'].map((s) => grade('plaster-crack', s, -1))).toEqual(['out', 'out']);
    expect([grade('concrete-spall', 'hand-packed-mortar', 3), grade('concrete-spall', 'hand-packed-mortar', 6)]).toEqual(['care', 'fits']);
    const work = surveyedPlan('concrete-spall', {}, { ...days, nightC: -2 }, { choice: { system: 'hand-packed-mortar', reason: 'tried' } }).work();
    const first = work?.method.steps[0];
    expect([first && tell(first.title, how), first?.check?.limits[0]?.figure.value]).toEqual([
      'Have the covers for the nights there before it begins: above 5 °C under them',
      5,
    ]);
    // under covers it goes on hardening through the night
    const open = (nightC: number) =>
      Date.parse(
        surveyedPlan('concrete-spall', {}, { ...days, nightC }, { choice: { system: 'hand-packed-mortar', reason: 'tried' } }).work()?.schedule.openAt ?? '',
      );
    expect((open(-2) - open(5)) / 60_000).toBeCloseTo(first?.minutes.value ?? 0, -1);
    expect(open(1)).toBeGreaterThan(open(5));
  });

  it('do not cool what is warmed for the work', () => {
    const open = (night: Readonly<Record<string, number>>) =>
      surveyedPlan('concrete-spall', {}, { slabC: 3, airC: 4, humidityPct: 60, ...night }, { choice: { system: 'polymer-mortar-2k', reason: 'tried' } }).work()
        ?.schedule.openAt;
    expect(open({ nightC: -5 })).toBe(open({}));
  });
});
