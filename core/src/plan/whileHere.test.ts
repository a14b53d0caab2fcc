import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../test/house.ts';
import { planInput, type Setting } from '../../test/cracks.ts';
import { planJob, planRepair, workOf, type RepairPlan } from './repairPlan.ts';
import { whileHere } from './whileHere.ts';

const crack = (mark: string, setting: Setting, areaId = 'a'): RepairPlan => {
  const { job, area, defect } = planInput(setting);
  return planRepair({ job, area: { ...area, id: areaId }, defect: { ...defect, id: mark, mark } });
};
const worn = (lengthMm: number): Setting => ({ answers: { traffic: 'hard-wheels', finish: 'thin-coating', lengthMm, widths: [{ atMm: 0, widthMm: 3 }] } });

describe('while here', () => {
  it('names what stands in the same area and takes the same mix, the shortest first', () => {
    const own = crack('T-01', worn(4000));
    const all = [
      own,
      crack('T-02', worn(3000)),
      crack('T-03', worn(900)),
      crack('T-04', worn(1000), 'b'),
      crack('T-05', { ...worn(1000), answers: { ...worn(1000).answers, ground: 'rocks' } }),
    ];
    const found = whileHere(own, all);
    expect(found.map((f) => f.mark)).toEqual(['T-03', 'T-02']);
    for (const f of found) {
      const work = workOf(all.find((p) => p.defect.id === f.defectId));
      expect(work?.mixes.some((m) => m.total === f.total && m.title === f.mix)).toBe(true);
      expect(f.handsOn).toBe(work?.schedule.handsOn);
    }
  });

  it('is mutual over a whole house, and never of another area or system', () => {
    const plans = planJob(house(34), houseRules);
    let pairs = 0;
    for (const plan of plans)
      for (const { defectId } of whileHere(plan, plans)) {
        const other = plans.find((p) => p.defect.id === defectId);
        if (!other) throw new Error('it names one that is there');
        pairs += 1;
        expect(other.area.id).toBe(plan.area.id);
        expect(workOf(other)?.candidate.system.id).toBe(workOf(plan)?.candidate.system.id);
        expect(whileHere(other, plans).map((f) => f.defectId)).toContain(plan.defect.id);
      }
    expect(pairs).toBeGreaterThan(0);
  });

  it('is nothing for one that is held or has no work', () => {
    const held = crack('T-01', { answers: { ground: 'rocks' } });
    expect(whileHere(held, [held, crack('T-02', worn(2000))])).toEqual([]);
  });
});
