import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../test/house.ts';
import { tell } from '../quantity/saying.ts';
import { daysRecord } from './daysRecord.ts';
import { keptDays, placementsOf } from './keepDays.ts';
import { makeDays } from './makeDays.ts';
import { planJob } from './repairPlan.ts';

const how = { units: 'metric', timeZone: 'UTC', day: '1970-01-01T12:00:00Z' } as const;

describe('days that are kept', () => {
  const job = house(9);
  const input = { job, plans: planJob(job, houseRules), rules: houseRules, setup: {} };
  const made = makeDays(input, { aim: 'finish', seed: 1, rounds: 10 });
  const placements = placementsOf(made);
  const asked = { aim: 'finish', seed: 1 } as const;
  it('say the same as when they were made, from where everything stood alone', () => {
    const kept = keptDays(input, { ...asked, placements });
    if (!kept.ok) throw new Error(tell(kept.why, how));
    const lean = (of: typeof made) =>
      daysRecord(job, of, asked, how).days.map((d) => d.people.map((p) => p.blocks.map((b) => [b.id, b.from, b.start, b.end, b.beside, b.mix, b.latest])));
    expect(lean(kept.made)).toEqual(lean(made));
    expect(daysRecord(job, kept.made, asked, how).doneAt).toBe(daysRecord(job, made, asked, how).doneAt);
  });
  it('are refused in words where they do not hold, or the job is another', () => {
    const why = (list: typeof placements, of = input) => {
      const kept = keptDays(of, { ...asked, placements: list });
      return kept.ok ? '' : tell(kept.why, how);
    };
    expect(why([])).toMatch(/nothing in these days/);
    expect(why(placements.map((p, i) => (i === 3 ? { ...p, people: ['nobody'] } : p)))).toMatch(/changed since/);
    expect(why(placements.map((p, i) => (i === 3 ? { ...p, id: 'gone' } : p)))).toMatch(/changed since/);
    // each of them an hour later, all else as it is: most of them break something
    const moved = placements
      .filter((p) => p.people.length > 0)
      .map((one) => why(placements.map((p) => (p === one ? { ...p, start: p.start + 60, end: p.end + 60 } : p))));
    expect(moved.filter((w) => /do not hold/.test(w)).length).toBeGreaterThan(moved.length / 2);
    // one step too few is no plan
    expect(why(placements.slice(0, -1))).toMatch(/do not hold/);
    const other = house(10);
    expect(why(placements, { ...input, job: other, plans: planJob(other, houseRules) })).toMatch(/do not hold/);
  });
  it('tell each person what to take along', () => {
    const record = daysRecord(job, made, asked, how);
    const takes = record.days.flatMap((d) => d.people.map((p) => p.take));
    expect(takes.every((t) => t.tools.length > 0 && new Set(t.tools).size === t.tools.length)).toBe(true);
    expect(takes.flatMap((t) => t.stuff).length).toBeGreaterThan(10);
    for (const one of takes.flatMap((t) => t.stuff)) expect(one).toMatch(/^[A-Z]+-\d+: .+ \d/);
  });
});
