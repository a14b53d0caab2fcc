import type { DaysAhead } from '@oddment/contracts';
import { callDate, daysRecord, makeDays, planJob } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../../core/test/house.ts';
import { closesNext, datesAhead, namesAhead, whoIsWhere } from './ahead.ts';

const job = house(7);
const made = makeDays({ job, plans: planJob(job, houseRules), rules: houseRules, setup: {} }, { aim: 'finish', seed: 1, rounds: 2 });
const days = daysRecord(job, made, { aim: 'finish', seed: 1 }, { units: 'metric', timeZone: job.timeZone });
const [first, second] = days.days;
if (!first || !second) throw new Error('one day alone');
const of = (jobId: string, site: string): DaysAhead => ({ jobId, keptId: jobId, site, client: '', today: first.date, days });
const jobs = [of('a', 'North site'), { ...of('b', 'South site'), days: { ...days, days: [second] } }];

describe('what is ahead over all jobs', () => {
  it('says of everybody on a date where he is, from his first work to his last, once for each job', () => {
    const on = whoIsWhere(jobs, second.date);
    expect(on.map((w) => w.name)).toEqual([...on.map((w) => w.name)].sort());
    expect(new Set(on.map((w) => w.job.site))).toEqual(new Set(['North site', 'South site']));
    for (const w of on) {
      expect(w.from).toBe(w.day.blocks[0]?.from);
      expect(w.day.blocks.every((b) => Date.parse(b.end) <= Date.parse(w.to))).toBe(true);
      expect(new Set(w.marks)).toEqual(new Set(w.day.blocks.map((b) => b.mark)));
    }
    expect(whoIsWhere(jobs, '1999-01-01')).toEqual([]);
    expect(datesAhead(jobs)).toEqual(days.days.map((d) => d.date));
    expect(namesAhead(jobs)).toEqual(['Ann', 'Bo']);
  });
  it('names what closes next, the first first, each once with all who are at it, and nothing that is begun', () => {
    const now = first.people[0]?.blocks[3]?.start ?? '';
    const closing = closesNext(jobs.slice(0, 1), now, 5);
    expect(closing.length).toBe(5);
    expect(closing.map((c) => c.latest)).toEqual([...closing.map((c) => c.latest)].sort());
    expect(new Set(closing.map((c) => c.id)).size).toBe(5);
    expect(closing.every((c) => Date.parse(c.start) >= Date.parse(now) && Date.parse(c.latest) >= Date.parse(c.start))).toBe(true);
  });
  it('calls the weather of today until the afternoon, and in the evening that of the next day', () => {
    const one = of('a', 'North site');
    expect([callDate(one.days, one.today, '06:00'), callDate(one.days, one.today, '14:59'), callDate(one.days, one.today, '15:00')]).toEqual([
      first.date,
      first.date,
      second.date,
    ]);
    expect(callDate({ days: [first] }, one.today, '18:00')).toBe(first.date);
  });
});
