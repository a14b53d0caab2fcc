import { daysRecord, makeDays, planJob, siteDateTime, stepOf, weatherRecord } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../../core/test/house.ts';
import { allDays, barAt, crewAt, dayAndTime, dayChoices, dayLanes, doingsOf, movedSince, movedThings, nowAt, pinAt, pulledTo, roomBands } from './daysView.ts';
import { weatherCells } from './daysWeather.ts';

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
  it('shows all days side by side, each thing once and in its own day', () => {
    const { lanes, hours } = dayLanes(record, allDays, 'person');
    expect(hours.map((h) => h.left)).toEqual(record.days.map((_d, i) => (i * 100) / record.days.length));
    expect(lanes.reduce((sum, l) => sum + l.bars.length, 0)).toBe(doingsOf(record, allDays).length);
    for (const b of lanes.flatMap((l) => l.bars)) {
      const n = record.days.findIndex((d) => d.date === b.doing.date);
      expect([b.left >= (n * 100) / record.days.length - 1e-9, b.left + b.width <= ((n + 1) * 100) / record.days.length + 1e-9]).toEqual([true, true]);
    }
  });
  it('knows who is at something, what step it is, and where it is pulled to', () => {
    const day = dayLanes(record, date, 'person');
    const [doing] = doingsOf(record, date);
    if (!doing) throw new Error('nothing is done');
    expect(crewAt(record, date, doing.id).length).toBe(1 + doing.beside.length);
    const { defect, step } = stepOf(record, doing);
    expect([record.repairs.some((r) => r.id === defect), `${doing.mark}/${step}`]).toEqual([true, doing.id]);
    // half the width of the day later, to five minutes
    const later = Date.parse(pulledTo(day, doing.start, 0.5)) - Date.parse(doing.start);
    expect([
      Math.abs(later - ((day.spans.at(-1)?.to ?? 0) - (day.spans[0]?.from ?? 0)) / 2) <= 150_000,
      Date.parse(pulledTo(day, doing.start, 0.5)) % 300_000,
    ]).toEqual([true, 0]);
    const [band] = roomBands(day, [{ from: doing.start, to: doing.end }]);
    const bar = day.lanes.flatMap((l) => l.bars).find((b) => b.doing.id === doing.id);
    expect(band?.left).toBeCloseTo((bar?.left ?? 0) + (bar?.before ?? 0), 6);
    expect(pinAt(record, doing, doing.start, ['ann'])).toMatchObject({ defect, step, date: '2026-06-01', people: ['ann'] });
  });
  it('is pulled to the same clock time of the next day where days stand side by side', () => {
    const weeks = dayLanes(record, allDays, 'repair');
    const [doing] = doingsOf(record, date);
    if (!doing || weeks.spans.length < 2) throw new Error('one day alone');
    // moments that are drawn go there and back
    for (const { from, to } of weeks.spans)
      for (const moment of [from, (from + to) / 2, to - 1]) expect(Math.abs(weeks.momentAt(weeks.at(moment)) - moment)).toBeLessThan(1000);
    expect(pulledTo(weeks, doing.start, 0)).toBe(doing.start);
    const next = siteDateTime(pulledTo(weeks, doing.start, 1 / weeks.spans.length), record.timeZone);
    expect([next.date, Number(next.time.slice(3)) % 30]).toEqual([record.days[1]?.date, 0]);
    expect(nowAt(weeks, doing.start)).toBeCloseTo(weeks.at(Date.parse(doing.start)), 9);
    expect(nowAt(weeks, '2020-01-01T12:00:00Z')).toBeUndefined();
  });
  it('has the weather over it, an hour or a day in each cell, and none behind the end of the forecast', () => {
    const hours = Array.from({ length: 8 }, (_v, i) => ({
      at: new Date(Date.parse('2026-06-01T12:00:00Z') + i * 3_600_000).toISOString(),
      airC: 10 + i,
      humidityPct: 50,
      rainMm: i === 2 ? 1 : 0,
    }));
    const [first, ...rest] = hours;
    if (!first) throw new Error('no hours');
    const forecast = weatherRecord([first, ...rest]);
    const day = dayLanes(record, date, 'repair');
    const cells = weatherCells(day, record, forecast, 'metric');
    expect(cells.length).toBe(Math.min(8, day.spans.length));
    expect([cells[0]?.when, cells[0]?.label, cells.filter((c) => c.rain).map((c) => c.when)]).toEqual(['07:00', '10 °C', ['09:00']]);
    const weeks = weatherCells(dayLanes(record, allDays, 'repair'), record, forecast, 'metric');
    expect(weeks.map((c) => [c.label, c.rain])).toEqual([[`10 to ${cells.at(-1)?.label ?? ''}`, true]]);
    expect(weatherCells(day, record, forecast, 'us')[0]?.label).toBe('50 °F');
  });
  it('counts what stands elsewhere since', () => {
    expect(movedSince(record, record)).toBe(0);
    const later = { people: [{ person: job.crew[0]?.id ?? '', off: ['2026-06-01'] }] };
    const other = makeDays({ job, plans: planJob(job, houseRules), rules: houseRules, setup: later }, { aim: 'finish', seed: 1, rounds: 4 });
    const then = daysRecord(job, other, { aim: 'visits', seed: 5 }, { units: 'metric', timeZone: job.timeZone });
    expect(movedSince(record, then)).toBeGreaterThan(0);
    expect(movedSince(record, then)).toBe(movedSince(then, record));
    // told one by one, each once with all who are at it, in order
    expect(movedThings(record, record)).toEqual([]);
    const moved = movedThings(record, then);
    expect(moved.length).toBeGreaterThan(0);
    expect(new Set(moved.map((m) => m.id)).size).toBe(moved.length);
    for (const m of moved) expect([m.id, m.then?.start !== m.now?.start || m.then?.who !== m.now?.who]).toEqual([m.id, true]);
    const gone = { ...record, days: record.days.slice(1) };
    expect(movedThings(record, gone).every((m) => m.now === undefined || m.then !== undefined)).toBe(true);
  });
  it('is nothing on a day on which nobody works', () => {
    expect(dayLanes(record, '1999-01-01', 'repair')).toMatchObject({ spans: [], hours: [], lanes: [], busy: [], most: 0 });
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
