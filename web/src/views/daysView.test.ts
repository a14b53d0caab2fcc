import { daysRecord, makeDays, planJob } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../../core/test/house.ts';
import { barAt, dayAndTime, dayChoices, dayLanes, doingsOf } from './daysView.ts';

const job = house(9);
const made = makeDays({ job, plans: planJob(job, houseRules), rules: houseRules, setup: {} }, { aim: 'finish', seed: 1, rounds: 4 });
const record = daysRecord(job, made, { aim: 'finish', seed: 1 }, { units: 'metric', timeZone: job.timeZone });
const [first] = record.days;

describe('a day as lanes', () => {
  const date = first?.date ?? '';
  it('has all that is done on it once, each lane in order and within the day', () => {
    for (const by of ['repair', 'person'] as const) {
      const { lanes, hours } = dayLanes(record, date, by);
      expect(lanes.reduce((sum, l) => sum + l.bars.length, 0)).toBe(doingsOf(record, date).length);
      for (const { bars, waits, rows } of lanes) {
        for (const b of bars) expect([b.left >= 0, b.left + b.width <= 100 + 1e-9, b.before <= b.width, b.row < rows]).toEqual([true, true, true, true]);
        // in one row nothing covers another
        bars.forEach((b, i) => {
          for (const o of bars.slice(i + 1)) if (o.row === b.row) expect(o.left >= b.left + b.width - 1e-9).toBe(true);
        });
        for (const w of waits) expect(w.width).toBeGreaterThan(0);
      }
      expect([hours[0]?.left, hours.at(-1)?.left]).toEqual([0, 100]);
    }
  });
  it('counts the people that are at it at once, never more than there are', () => {
    const { busy, most } = dayLanes(record, date, 'repair');
    expect(most).toBe(2);
    for (const b of busy) expect(b.count).toBeLessThanOrEqual(2);
    expect(busy.some((b) => b.count === 2)).toBe(true);
  });
  it('gives what lies under a place, and the nearest beside it', () => {
    const [lane] = dayLanes(record, date, 'person').lanes;
    const [bar] = lane?.bars ?? [];
    expect(barAt(lane?.bars ?? [], (bar?.left ?? 0) + 0.1)).toBe(bar);
    expect(barAt(lane?.bars ?? [], -50)).toBe(bar);
    expect(barAt([], 10)).toBeUndefined();
  });
  it('is nothing on a day on which nobody works', () => {
    expect(dayLanes(record, '1999-01-01', 'repair')).toEqual({ from: 0, to: 0, hours: [], lanes: [], busy: [], most: 0 });
  });
});

describe('days to choose from', () => {
  it('are named by the clock of the site, with hours by hand', () => {
    expect(dayChoices(record)[0]).toMatchObject({ date: '2026-06-01', name: 'Mon, Jun 1' });
    expect(dayChoices(record)).toHaveLength(record.visits);
    for (const c of dayChoices(record)) expect(Number(c.hours)).toBeGreaterThan(0);
    expect(dayAndTime('2026-06-01T12:00:00.000Z', 'America/Chicago')).toBe('Mon, Jun 1, 07:00');
  });
});
