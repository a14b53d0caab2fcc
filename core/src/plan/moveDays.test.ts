import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../test/house.ts';
import { tell } from '../quantity/saying.ts';
import { siteDateTime } from '../quantity/siteTime.ts';
import { findDays } from '../schedule/days/improve.ts';
import { at } from '../schedule/days/problem.ts';
import type { DaysSetup } from '../schedule/days/setup.ts';
import { planFaults } from '../schedule/days/validate.ts';
import { instantAfter } from '../schedule/schedule.ts';
import { jobDays } from './jobDays.ts';
import { moveDays, roomOf } from './moveDays.ts';
import { planJob } from './repairPlan.ts';

const how = { units: 'metric', timeZone: 'UTC', day: '1970-01-01T12:00:00Z' } as const;
const job = house(14);
const plans = planJob(job, houseRules);
const { problem } = jobDays(job, plans, houseRules);
const found = findDays(problem, { aim: 'finish', rounds: 40, seed: 1 });
/** The problem in which something is set by hand, as a job says it. */
const withPin = (act: number, start: number, people: readonly number[]) => {
  const { id } = at(problem.repairs, at(problem.activities, act).repair);
  const pin = {
    defect: id,
    step: at(problem.activities, act).step,
    ...siteDateTime(instantAfter(problem.startAt, start), problem.timeZone),
    people: people.map((p) => at(problem.workers, p).id),
  };
  return jobDays(job, plans, houseRules, { pins: [pin] } satisfies DaysSetup).problem;
};
const work = found.placements.filter((p) => p.people.length > 0);

describe('moving by hand', () => {
  it('leaves all else as it is where there is room, and the plan holds then', () => {
    let [moved, others] = [0, 0];
    for (const one of work.filter((_p, i) => i % 3 === 0)) {
      const room = roomOf(problem, found.placements, one.act);
      expect(room.here.some((r) => r.from <= one.start && one.start <= r.to)).toBe(true);
      const to = room.here.flatMap((r) => [r.from, r.to]).find((min) => min !== one.start);
      if (to !== undefined) {
        const pinned = withPin(one.act, to, one.people);
        const result = moveDays(problem, found, pinned, { act: one.act, start: to, people: one.people }, 'finish');
        if (!result.ok) throw new Error(tell(result.why, how));
        moved += 1;
        expect(planFaults(pinned, result.found.placements)).toEqual([]);
        for (const p of result.found.placements) {
          const was = found.placements.find((o) => o.act === p.act);
          expect([p.act, p.start, p.people]).toEqual([p.act, p.act === one.act ? to : was?.start, was?.people]);
        }
        expect(result.found.holds[one.act]).toEqual({ by: 'pin' });
      }
      const [other] = room.others;
      if (!other) continue;
      others += 1;
      const given = withPin(one.act, one.start, other);
      const result = moveDays(problem, found, given, { act: one.act, start: one.start, people: other }, 'finish');
      expect([result.ok, result.ok && planFaults(given, result.found.placements)]).toEqual([true, []]);
    }
    expect([moved > 8, others > 3]).toEqual([true, true]);
  });
  it('lets others give way where they can, and says why where they cannot', () => {
    let [gave, refused] = [0, 0];
    // of all else the share that stays where it is
    const stayed: number[] = [];
    const before = JSON.stringify(found);
    for (const one of work.filter((_p, i) => i % 11 === 1))
      for (const by of [-200, 90]) {
        const start = one.start + by;
        if (start < 0) continue;
        const pinned = withPin(one.act, start, one.people);
        const result = moveDays(problem, found, pinned, { act: one.act, start, people: one.people }, 'finish');
        if (result.ok) {
          gave += 1;
          expect(planFaults(pinned, result.found.placements)).toEqual([]);
          expect(result.found.placements.find((p) => p.act === one.act)?.start).toBe(start);
          expect(result.found.score.unplaced).toBe(0);
          const was = new Map(found.placements.map((o) => [o.act, `${String(o.start)} ${o.people.join()}`]));
          stayed.push(result.found.placements.filter((p) => was.get(p.act) === `${String(p.start)} ${p.people.join()}`).length / was.size);
        } else {
          refused += 1;
          expect(tell(result.why, how)).toMatch(/^[A-Z“].{10,}\.$/);
        }
      }
    expect(stayed.reduce((sum, one) => sum + one, 0) / stayed.length).toBeGreaterThan(0.5);
    // a refused move has changed nothing
    expect(JSON.stringify(found)).toBe(before);
    expect([gave > 0, refused > 1]).toEqual([true, true]);
  });
  it('is made whole again without faults from a plan in which any one or two of its repairs are left out', () => {
    const repairs = problem.repairs.map((_r, i) => i);
    for (const r of repairs)
      for (const other of [r, (r + 5) % repairs.length]) {
        const from = found.placements.filter((p) => ![r, other].includes(at(problem.activities, p.act).repair));
        const again = findDays(problem, { aim: 'finish', seed: 1, rounds: 0, from, alone: true });
        expect([r, other, planFaults(problem, again.placements), again.score.unplaced]).toEqual([r, other, [], 0]);
      }
  });
  it('says of a pin that is no step any more that it is left out', () => {
    const first = at(job.areas, 0).defects[0];
    const { leftOut } = jobDays(job, plans, houseRules, {
      pins: [{ defect: first?.id ?? '', step: 'gone', date: '2026-06-02', time: '08:00', people: ['ann'] }],
    });
    expect(leftOut.map((l) => [l.mark, tell(l.why, how).includes('no step of its method any more')])).toEqual([[first?.mark, true]]);
  });
});
