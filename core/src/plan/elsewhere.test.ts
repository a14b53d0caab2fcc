import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../test/house.ts';
import { tell } from '../quantity/saying.ts';
import { planFaults } from '../schedule/days/validate.ts';
import { daysRecord } from './daysRecord.ts';
import { elsewhereOf, elsewhereSaid, travelMin, type Elsewhere } from './elsewhere.ts';
import { makeDays } from './makeDays.ts';
import { planJob } from './repairPlan.ts';

const whole = house();
const how = { units: 'metric', timeZone: whole.timeZone } as const;

function recordOf(job: typeof whole, elsewhere: readonly Elsewhere[] = []) {
  const made = makeDays({ job, plans: planJob(job, houseRules), rules: houseRules, setup: {}, elsewhere }, { aim: 'finish', seed: 1, rounds: 1 });
  return { made, record: daysRecord(job, made, { aim: 'finish', seed: 1 }, how) };
}

describe('people who are at other jobs', () => {
  it('are not planned here then, nor on their way there and back, and their day says where they are', () => {
    const away = elsewhereOf([{ site: 'Other site', days: recordOf(house(9)).record }]);
    expect(away.length).toBeGreaterThan(1);
    const { made, record: here } = recordOf(whole, away);
    expect(planFaults(made.problem, made.found.placements)).toEqual([]);
    let met = 0;
    for (const d of here.days)
      for (const p of d.people) {
        for (const e of away.filter((o) => o.name === p.name))
          for (const b of p.blocks) {
            const [from, to] = [Date.parse(e.from) - travelMin * 60_000, Date.parse(e.to) + travelMin * 60_000];
            const apart = Date.parse(b.end) <= from || Date.parse(b.start) >= to;
            // what bears a pause may be gone on with afterwards
            const paused = Date.parse(b.start) < from && Date.parse(b.end) > to;
            const bears = made.problem.activities.some((a) => a.id === b.id && a.interrupt);
            expect([b.id, apart || (paused && bears)]).toEqual([b.id, true]);
          }
        met += p.elsewhere?.length ?? 0;
        expect(p.elsewhere?.every((e) => e.site === 'Other site') ?? true).toBe(true);
      }
    expect(met).toBeGreaterThan(0);
    // somebody without a name is nobody who could be elsewhere
    const nameless = { ...whole, crew: whole.crew.map((p) => ({ ...p, name: '' })) };
    expect(recordOf(nameless, away).made.problem.workers.every((w) => w.elsewhere === undefined)).toBe(true);
  });
  it('are said with the way that is counted, and where it is from', () => {
    const said = tell(elsewhereSaid({ site: 'Other site', from: '2026-06-01T12:00:00Z', to: '2026-06-01T16:30:00Z' }), { ...how, day: '2026-06-01T12:00:00Z' });
    expect(said).toBe('At Other site from 07:00 to 11:30, with 30 min of way before and after it (common practice).');
  });
});
