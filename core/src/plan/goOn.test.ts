import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../test/house.ts';
import type { DaysSetup } from '../schedule/days/setup.ts';
import { planFaults } from '../schedule/days/validate.ts';
import { daysRecord } from './daysRecord.ts';
import { beforeNow, goneOn, toldOf } from './goOn.ts';
import { keptDays, placementsOf } from './keepDays.ts';
import { makeDays } from './makeDays.ts';
import { planJob } from './repairPlan.ts';

const job = house(9);
const madeBy = (setup: DaysSetup) => makeDays({ job, plans: planJob(job, houseRules), rules: houseRules, setup }, { aim: 'finish', seed: 1, rounds: 4 });
const kept = daysRecord(job, madeBy({}), { aim: 'finish', seed: 1 }, { units: 'metric', timeZone: job.timeZone });
const first = kept.days[0];
/** on the first day, at three past eleven */
const now = '2026-06-01T16:03:00.000Z';

describe('days that are gone on with', () => {
  const list = beforeNow(kept, {}, now);
  it('offer as done what was begun before now, each once with all who were at it', () => {
    const begun = first?.people.flatMap((p) => p.blocks.filter((b) => Date.parse(b.start) < Date.parse(now)).map((b) => b.id)) ?? [];
    expect(list.map((o) => o.id).sort()).toEqual([...new Set(begun)].sort());
    expect(list.reduce((sum, o) => sum + o.people.length, 0)).toBe(begun.length);
    expect(list.every((o) => o.done)).toBe(true);
  });
  it('keep it at its real times, and plan all else from now on without a fault', () => {
    const [one] = list;
    if (!one) throw new Error('nothing is done');
    const late = toldOf(list, { ...one, from: '07:20', to: '08:55' });
    const setup = goneOn({ things: { saw: 1 } }, late, now, job.timeZone);
    expect([setup.things, setup.from?.time, setup.done?.length]).toEqual([{ saw: 1 }, '11:05', list.length]);
    const made = madeBy(setup);
    expect(planFaults(made.problem, made.found.placements)).toEqual([]);
    const again = daysRecord(job, made, { aim: 'finish', seed: 1 }, { units: 'metric', timeZone: job.timeZone });
    const blocks = again.days.flatMap((d) => d.people.flatMap((p) => p.blocks));
    expect(blocks.find((b) => b.id === one.id)).toMatchObject({ done: true, start: '2026-06-01T12:20:00.000Z', end: '2026-06-01T13:55:00.000Z' });
    const done = new Set(list.map((o) => o.id));
    for (const b of blocks) if (!done.has(b.id)) expect([b.id, Date.parse(b.start) >= Date.parse('2026-06-01T16:05:00Z')]).toEqual([b.id, true]);
    // gone on with once more, what was told before is offered as it was told
    const next = beforeNow(again, setup, new Date(Date.parse(now) + 7_200_000).toISOString());
    expect(next.find((o) => o.id === one.id)).toMatchObject({ from: '07:20', to: '08:55' });
    expect(next.length).toBeGreaterThan(list.length);
  });
  it('hold, and are kept, from whatever moment they are gone on', () => {
    const start = Date.parse(job.startAt);
    for (let hour = 1; hour < 30; hour += hour < 9 ? 1 : 13) {
      const at = new Date(start + hour * 3_600_000 + 120_000).toISOString();
      const setup = goneOn({}, beforeNow(kept, {}, at), at, job.timeZone);
      const made = madeBy(setup);
      expect([hour, made.found.score.unplaced, planFaults(made.problem, made.found.placements)]).toEqual([hour, 0, []]);
      const input = { job, plans: planJob(job, houseRules), rules: houseRules, setup };
      expect([hour, keptDays(input, { aim: 'finish', seed: 1, placements: placementsOf(made) }).ok]).toEqual([hour, true]);
    }
  });
  it('leave undone what comes after what was not done', () => {
    const repeated = list.find((o, i) => list.some((n, k) => k > i && n.mark === o.mark));
    if (!repeated) throw new Error('no repair has two things done');
    const told = toldOf(list, { ...repeated, done: false });
    const after = told.slice(told.findIndex((o) => o.id === repeated.id)).filter((o) => o.mark === repeated.mark);
    expect(after.some((o) => o.done)).toBe(false);
    expect(told.filter((o) => o.mark !== repeated.mark).every((o) => o.done)).toBe(true);
    const setup = goneOn({}, told, now, job.timeZone);
    expect(setup.done?.some((d) => d.defect === repeated.defect && d.step === repeated.step)).toBe(false);
  });
});
