import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../test/house.ts';
import { daysProblems, type DaysSetup } from '../schedule/days/setup.ts';
import { planFaults } from '../schedule/days/validate.ts';
import type { Job } from '../survey/job.ts';
import { DaysDesk } from './daysDesk.ts';
import { daysOf } from './daysInput.ts';
import { planJob } from './repairPlan.ts';

describe('a way out', () => {
  it('says what is to be changed to take it, whatever it is, and gives the same days once that is changed', () => {
    const kinds = new Set<string>();
    const cases = [
      [house(2), {}],
      [house(3), {}],
      [house(3), { dates: [{ date: '2026-06-02' }] }],
    ] as const satisfies readonly (readonly [Job, DaysSetup])[];
    // a dent that is filled with what dries, alone in its house: only the air is in the way
    const dent = house(34);
    const dries = { ...dent, areas: dent.areas.map((a) => ({ ...a, defects: a.defects.filter((d) => d.choice?.system === 'drying-compound') })) };
    for (const [job, setup] of [...cases, [dries, {}] as const]) {
      const input = { job, plans: planJob(job, houseRules), rules: houseRules, setup };
      const desk = new DaysDesk(input, { aim: 'finish', seed: 1, rounds: 5 });
      while (desk.making.advance(8));
      desk.made();
      for (const { id } of desk.withWays().ways) {
        kinds.add(id.split(' ')[0] ?? '');
        const way = desk.way(id);
        const take = way?.take;
        if (!take) throw new Error(`${id} cannot be taken`);
        const areas = job.areas.map((a) => ({
          ...a,
          ...(take.area?.id === a.id && { facts: take.area.facts }),
          defects: a.defects.map((d) => ({
            ...d,
            ...(take.choice?.defect === d.id && { choice: { system: take.choice.system } }),
            ...(take.schools?.defect === d.id && { schools: take.schools.schools }),
          })),
        }));
        const changed = { ...job, crew: take.crew ?? job.crew, areas };
        const days = daysOf({ ...input, job: changed, plans: planJob(changed, houseRules), setup: take.setup ?? setup });
        expect([id, planFaults(days.problem, way.made.found.placements)]).toEqual([id, []]);
      }
    }
    expect([...kinds].sort()).toEqual(['date', 'fan', 'system', 'warm']);
  });
  it('is not all that can be tried: another person, a Saturday or a warmer room are, whatever comes of them, and leave nothing behind', () => {
    const job = house(9);
    const desk = new DaysDesk({ job, plans: planJob(job, houseRules), rules: houseRules, setup: {} }, { aim: 'finish', seed: 1, rounds: 3 });
    while (desk.making.advance(8));
    desk.made();
    const before = desk.withWays();
    const tries = desk.tries();
    const ids = tries.map((t) => t.id);
    expect(ids.filter((id) => before.ways.some((w) => w.id === id))).toEqual([]);
    for (const wanted of ['person', 'saturday', 'warm Garage']) {
      const way = desk.way(wanted);
      expect([wanted, ids.includes(wanted) || before.ways.some((w) => w.id === wanted), way?.take !== undefined]).toEqual([wanted, true, true]);
      if (way) expect(planFaults(way.made.problem, way.made.found.placements)).toEqual([]);
    }
    expect(desk.way('person')?.take?.crew?.length).toBe(job.crew.length + 1);
    expect(desk.way('saturday')?.take?.setup?.hours?.days).toContain(6);
    expect(desk.way('nothing')).toBeUndefined();
    // what was tried and taken by its setup stands as it was shown
    const hour = desk.way('saturday')?.made.found.placements;
    expect(JSON.stringify(desk.takeLooked('saturday')?.made.found.placements)).toBe(JSON.stringify(hour));
  });
  it('of hours is for the job alone, and is heeded before those of the firm', () => {
    const job = house(3);
    const hours = { from: '06:00', to: '14:00', days: [1, 2, 3, 4, 5, 6] };
    const { problem } = daysOf({ job, plans: planJob(job, houseRules), rules: houseRules, setup: { hours } });
    // Tuesday of the week that the job begins in, from six to two without a break
    expect(problem.workers[0]?.hours).toContainEqual({ from: 1440 - 60, to: 1440 + 420 });
    expect(daysProblems(job, { hours: { ...hours, to: '05:00' } }).map((p) => p.path)).toEqual(['days/hours']);
  });
  it('puts off what the weather forbids, and only that, and nothing is changed by looking', () => {
    const job = house(9);
    const desk = new DaysDesk({ job, plans: planJob(job, houseRules), rules: houseRules, setup: {} }, { aim: 'finish', seed: 1, rounds: 3 });
    while (desk.making.advance(8));
    const before = desk.made();
    const one = before.plan.days[0]?.people[0]?.blocks[2];
    if (!one) throw new Error('nothing is done');
    const { made, take } = desk.putOff([one.id], '2026-06-03');
    expect(take.setup?.notBefore?.map((n) => [n.defect, n.date])).toEqual([[one.mark, '2026-06-03']]);
    expect(planFaults(made.problem, made.found.placements)).toEqual([]);
    const moved = made.plan.days.flatMap((d) => d.people.flatMap((p) => p.blocks)).find((b) => b.id === one.id);
    expect(Date.parse(moved?.start ?? '')).toBeGreaterThanOrEqual(Date.parse('2026-06-03T05:00:00Z'));
    expect(JSON.stringify(desk.made().found.placements)).toBe(JSON.stringify(before.found.placements));
    // taken, they stand as they were looked at
    expect(JSON.stringify(desk.takeLooked()?.made.found.placements)).toBe(JSON.stringify(made.found.placements));
    expect([desk.takeLooked(), desk.takeLooked('date')]).toEqual([undefined, undefined]);
  });
});
