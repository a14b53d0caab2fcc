import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { everyMethod } from '../../test/everyMethod.ts';
import { dayName } from '../quantity/saying.ts';
import { stepRows } from './stepRows.ts';

const works = everyMethod().flatMap(({ work }) => (work ? [work] : []));
const zones = ['UTC', 'America/Chicago', 'Asia/Kathmandu', 'Pacific/Auckland'] as const;

describe('stepRows', () => {
  it('over every method: a day is named once, over its first step, in any zone', () => {
    let named = 0;
    for (const [i, { schedule }] of works.entries()) {
      const timeZone = zones[i % zones.length] ?? 'UTC';
      const rows = stepRows(schedule, { units: 'metric', timeZone, day: schedule.startAt });
      const days = rows.flatMap((r) => r.day ?? []);
      named += days.length;
      expect(new Set(days).size).toBe(days.length);
      let on = dayName(schedule.startAt, timeZone);
      for (const row of rows) {
        const today = dayName(row.timed.start, timeZone);
        expect(row.day).toBe(today === on ? undefined : today);
        expect(row.time).toMatch(/^\d\d:\d\d$/);
        on = today;
      }
    }
    expect(named).toBeGreaterThan(50);
  });

  it('names the day of a window only where it closes on another day than its step', () => {
    let [same, other] = [0, 0];
    for (const { schedule } of works) {
      for (const row of stepRows(schedule, { units: 'metric', timeZone: 'UTC', day: schedule.startAt })) {
        if (row.latest === undefined) continue;
        const sameDay = row.timed.latest?.at.slice(0, 10) === row.timed.start.slice(0, 10);
        expect([row.latest, /^\d\d:\d\d$/.test(row.latest)]).toEqual([row.latest, sameDay]);
        if (sameDay) same += 1;
        else other += 1;
      }
    }
    expect(same + other).toBeGreaterThan(5);
  });

  it('leaves out every day where the reader has none in mind', () => {
    for (const { schedule } of works.slice(0, 20)) expect(stepRows(schedule, { units: 'metric', timeZone: 'UTC' }).flatMap((r) => r.day ?? [])).toEqual([]);
  });

  it('says times on five minutes where the work is not tighter: never before a step may begin, never out of order', () => {
    let [round, exact] = [0, 0];
    for (const { schedule } of works) {
      const rows = stepRows(schedule, { units: 'metric', timeZone: 'UTC', day: schedule.startAt });
      let before = 0;
      for (const { timed, time } of rows) {
        // a start may lie within a minute
        const start = Math.floor(Date.parse(timed.start) / 60_000) * 60_000;
        const [hours = 0, minutes = 0] = time.split(':').map(Number);
        const later = (hours * 60 + minutes - (new Date(start).getUTCHours() * 60 + new Date(start).getUTCMinutes()) + 1440) % 1440;
        expect([timed.step.id, later <= (start === Date.parse(timed.start) ? 4 : 5)]).toEqual([timed.step.id, true]);
        if (timed.latest !== undefined || timed.step.section !== undefined) expect([timed.step.id, later]).toEqual([timed.step.id, 0]);
        const said = start + later * 60_000;
        expect([timed.step.id, said >= before]).toEqual([timed.step.id, true]);
        before = said;
        if (minutes % 5 === 0) round += 1;
        else exact += 1;
      }
    }
    // most of what a crew reads is on five minutes
    expect(round).toBeGreaterThan(exact);
  });

  it('loses no step, whatever day it is read on', () => {
    fc.assert(
      fc.property(fc.constantFrom(...works), fc.integer({ min: -400, max: 400 }), (work, days) => {
        const day = new Date(Date.parse(work.schedule.startAt) + days * 86_400_000).toISOString();
        const rows = stepRows(work.schedule, { units: 'us', timeZone: 'America/Chicago', day });
        expect(rows.length + rows.reduce((sum, r) => sum + r.more.length, 0)).toBe(work.schedule.rows.length);
        // read on another day, the first step names its own
        if (days !== 0) expect(rows[0]?.day).toBe(dayName(work.schedule.startAt, 'America/Chicago'));
      }),
      { numRuns: 60 },
    );
  });
});
