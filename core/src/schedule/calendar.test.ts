import { describe, expect, it } from 'vitest';
import { everyMethod } from '../../test/everyMethod.ts';
import { constantClimate } from '../climate/series.ts';
import { Ledger } from '../quantity/ledger.ts';
import { hoursProblems, usualHours } from '../survey/hours.ts';
import { roundTheClock, workingCalendar } from './calendar.ts';
import { schedule } from './schedule.ts';

const hour = (h: number) => h * 60;

describe('working time', () => {
  // a Tuesday, begun at six although the day begins at seven
  const week = workingCalendar(usualHours, 'UTC', '2026-06-02T06:00:00Z');

  it('begins with the start, ends with the day, and goes on the next day that is worked', () => {
    expect(week.openFrom(0)).toBe(0);
    expect(week.closes(0)).toBe(hour(10));
    expect(week.openFrom(hour(10))).toBe(hour(25));
    // Friday after four: Monday at seven
    expect(week.openFrom(hour(3 * 24 + 11))).toBe(hour(6 * 24 + 1));
  });

  it('has a break, in which what hurries is begun all the same', () => {
    expect(week.openFrom(hour(6))).toBe(hour(6.5));
    expect(week.openFrom(hour(6), true)).toBe(hour(6));
    expect(week.workedOff(hour(5), 120)).toBe(hour(7.5));
    // from three until four, then from seven
    expect(week.workedOff(hour(9), 90)).toBe(hour(25.5));
    expect(week.dayMin).toBe(hour(8.5));
  });

  it('goes by the clock of the site, on the day that clocks change too', () => {
    // Berlin sets its clocks back on the 25th of October 2026; a Saturday at noon until Monday at seven is 44 h
    const autumn = workingCalendar(usualHours, 'Europe/Berlin', '2026-10-24T10:00:00Z');
    expect(autumn.openFrom(hour(4))).toBe(hour(44));
    const spring = workingCalendar({ ...usualHours, days: [1, 2, 3, 4, 5, 6, 7] }, 'Europe/Berlin', '2026-03-28T06:00:00Z');
    expect(spring.openFrom(hour(10))).toBe(hour(23));
  });

  it('of a start after hours is as long as a usual day', () => {
    const night = workingCalendar(usualHours, 'UTC', '2026-06-02T20:00:00Z');
    expect(night.openFrom(0)).toBe(0);
    expect(night.closes(0)).toBe(hour(9));
  });

  it('that cannot be is told in words', () => {
    expect(hoursProblems(usualHours)).toEqual([]);
    expect(hoursProblems({ from: '7', to: '16:00', days: [1] })).toEqual(["'7' is no clock time: write it as 07:00."]);
    expect(hoursProblems({ from: '16:00', to: '07:00', days: [] })).toEqual([
      'The day ends at 07:00, which is not after 16:00.',
      'At least one day of the week is worked, from Monday (1) to Sunday (7).',
    ]);
    expect(hoursProblems({ ...usualHours, pause: { from: '06:00', to: '06:30' } })).toEqual([
      'The break has to lie within the day, its end after its beginning.',
    ]);
  });
});

/** Starts through a day, so that every method meets its night at every step. */
const begins = ['07:00', '09:30', '11:45', '13:20', '15:10'];

describe('every method, begun at any time of the day', () => {
  const methods = everyMethod().flatMap(({ kind, system, plan, work }) => (work ? [{ of: `${kind} ${system}`, plan, method: work.method }] : []));
  const all = begins.flatMap((time) =>
    methods.map(({ of, plan, method }) => {
      const startAt = `2026-06-02T${time}:00Z`;
      const { airC, slabC, humidity } = plan.subject;
      const climate = constantClimate(airC.value, slabC.value, humidity.value);
      const calendar = workingCalendar(usualHours, 'UTC', startAt);
      return {
        of: `${of} from ${time}`,
        calendar,
        free: schedule(new Ledger(), method, climate, startAt, roundTheClock),
        kept: schedule(new Ledger(), method, climate, startAt, calendar),
      };
    }),
  );

  it('does nothing by hand outside hours, but what takes longer than a day or would be lost', () => {
    let looked = 0;
    for (const { of, calendar, kept } of all)
      for (const { step, startMin, endMin } of kept.rows) {
        if (step.kind !== 'work') continue;
        looked += 1;
        expect([of, step.id, calendar.openFrom(startMin, true) - startMin]).toEqual([of, step.id, 0]);
        if (step.minutes.value < calendar.dayMin) expect([of, step.id, endMin <= calendar.closes(startMin) + 1e-6]).toEqual([of, step.id, true]);
      }
    expect(looked).toBeGreaterThan(5000);
  });

  it('misses no window by the night: what would close is not begun in the evening', () => {
    let looked = 0;
    for (const { of, free, kept } of all) {
      const inTime = new Map(free.rows.map((r) => [r.step.id, r.latest === undefined || r.start <= r.latest.at]));
      for (const { step, start, latest } of kept.rows) {
        if (!latest || inTime.get(step.id) !== true) continue;
        looked += 1;
        expect([of, step.id, start, start <= latest.at ? start : latest.at]).toEqual([of, step.id, start, start]);
      }
    }
    expect(looked).toBeGreaterThan(300);
  });

  it('goes straight on from what is mixed, wetted or opened, on the same day', () => {
    let looked = 0;
    for (const { of, calendar, kept } of all) {
      kept.rows.forEach(({ step, startMin }, i) => {
        const next = kept.rows.slice(i + 1).find((r) => r.step.kind === 'work');
        if (step.straightOn !== true || !next || step.minutes.value > calendar.dayMin) return;
        looked += 1;
        expect([of, step.id, next.step.id, next.startMin < calendar.closes(calendar.openFrom(startMin))]).toEqual([of, step.id, next.step.id, true]);
      });
    }
    expect(looked).toBeGreaterThan(300);
  });

  it('takes the same minutes by hand, never less time in all, and adds up to its end', () => {
    for (const { of, free, kept } of all) {
      expect([of, kept.handsOn.value]).toEqual([of, free.handsOn.value]);
      expect([of, kept.total.value >= free.total.value - 1e-6]).toEqual([of, true]);
      expect(kept.total.value).toBeCloseTo(kept.rows.findLast((r) => r.step.kind === 'work')?.endMin ?? -1, 5);
    }
  });
});
