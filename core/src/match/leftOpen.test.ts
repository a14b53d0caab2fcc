import { describe, expect, it } from 'vitest';
import { everyMethod } from '../../test/everyMethod.ts';
import { surveyedPlan } from '../../test/defects.ts';
import { tell } from '../quantity/saying.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;

/** Answers that ask for color, shine, paint and texture wherever a kind knows them. */
const wishes = { match: 'both', paint: 'gloss', finish: 'paint', texture: 'orange', look: 'close' };

describe('what a system leaves to be done', () => {
  it('is what no step of its method comes to: nothing is declared that no step makes true, and nothing left out that one does', () => {
    let held = 0;
    for (const given of [{}, wishes, { match: 'color', paint: 'flat', texture: 'dash' }])
      for (const { kind, system, plan, work } of everyMethod({}, given)) {
        if (!work) continue;
        const made = new Set(work.method.steps.flatMap((s) => s.gives ?? []));
        const { gives, opens = [] } = work.candidate.system;
        for (const one of [...plan.subject.asked, ...opens]) {
          held += 1;
          expect([kind, system, one, gives.includes(one)]).toEqual([kind, system, one, made.has(one)]);
        }
      }
    expect(held).toBeGreaterThan(600);
  });

  it('keeps it from fitting: a candidate fits only where nothing that was asked is left', () => {
    let [whole, left] = [0, 0];
    for (const given of [{}, wishes])
      for (const { kind, plan } of everyMethod({}, given))
        for (const { system, grade, against } of plan.candidates) {
          if (!system.suits.includes(kind)) continue;
          const open = [...plan.subject.asked, ...(system.opens ?? [])].filter((o) => !system.gives.includes(o));
          expect([kind, system.id, against.some((v) => v.rule === 'left-open')]).toEqual([kind, system.id, open.length > 0]);
          if (open.length > 0) expect([kind, system.id, grade]).not.toEqual([kind, system.id, 'fits']);
          if (open.length > 0) left += 1;
          else whole += 1;
        }
    expect([whole > 1000, left > 100]).toEqual([true, true]);
  });

  it('ranks before visits and hours: what finishes it stands before what does not', () => {
    for (const { kind, plan } of everyMethod({}, wishes)) {
      const care = plan.candidates.filter((c) => c.grade === 'care');
      const open = care.map((c) => [...plan.subject.asked, ...(c.system.opens ?? [])].filter((o) => !c.system.gives.includes(o)).length);
      expect([kind, open]).toEqual([kind, [...open].sort((a, b) => a - b)]);
    }
  });

  it('is what its own work opened too: the holes that a floor is supported through, unless what goes over closes them', () => {
    const left = (system: string) =>
      surveyedPlan('tub-crack', { part: 'floor', flexMm: 2 })
        .candidates.find((c) => c.system.id === system)
        ?.verdicts.find((v) => v.rule === 'left-open');
    const alone = left('support-fill');
    expect(alone && tell(alone.reason(), how)).toContain('the holes of its own work');
    expect(left('support-fill + fiberglass-laminate + two-part-coating')?.grade).toBe('fits');
  });

  it('is said in words, with the combination that leaves nothing', () => {
    const plan = surveyedPlan('tub-hole', { match: 'both' });
    const mat = plan.candidates.find((c) => c.system.id === 'fiberglass-laminate');
    const verdict = mat?.verdicts.find((v) => v.rule === 'left-open');
    expect(verdict && tell(verdict.reason(), how)).toBe('it leaves to be done: the color and the shine');
    expect(verdict?.change && tell(verdict.change(), how)).toBe('nothing is left with: Shell supported, laminated, coated');
    expect(plan.candidates[0]?.system.gives).toEqual(expect.arrayContaining(['closed', 'level', 'color', 'gloss']));
  });

  it('of foam in the crack of a slab is the crack itself; of a hidden wall that only has to be tight, nothing', () => {
    const slab = surveyedPlan('slab-crack', { moisture: 'running' }).candidates.find((c) => c.system.id === 'injection-foam');
    expect(slab?.against.some((v) => v.rule === 'left-open')).toBe(true);
    const wall = (look: string) => surveyedPlan('wall-crack', { moisture: 'seeping', look }).candidates.find((c) => c.system.id === 'drilled-packer-injection');
    expect([wall('hidden')?.against.some((v) => v.rule === 'left-open'), wall('close')?.against.some((v) => v.rule === 'left-open')]).toEqual([false, true]);
  });

  it('of what seals is that it carries, where strength is asked; of a plug in a wall that leaks, that it is tight', () => {
    const open = (system: string, given: Readonly<Record<string, unknown>>) => {
      const verdict = surveyedPlan('wall-crack', given)
        .candidates.find((c) => c.system.id === system)
        ?.verdicts.find((v) => v.rule === 'left-open');
      return verdict?.grade === 'fits' ? '' : verdict && tell(verdict.reason(), how);
    };
    expect(open('injection-foam', { claim: 'restore-strength', look: 'hidden' })).toContain('that it carries again');
    expect(open('epoxy-injection-resin', { claim: 'restore-strength', look: 'close' })).toBe('');
    expect(open('water-plug', { moisture: 'running', look: 'close' })).toContain('that it is tight against water');
    expect(open('water-plug + injection-foam', { moisture: 'running', look: 'close' })).toBe('');
    expect(open('flexible-sealant', { moisture: 'dry', look: 'close' })).toBe('');
  });

  it('of a sealant in a joint with broken edges is the edges, and there is a combination that rebuilds them first', () => {
    const plan = surveyedPlan('joint-spall', { joint: 'isolation', filler: 'soft' });
    const together = plan.candidates.find((c) => c.system.id === 'epoxy-mortar + flexible-sealant');
    expect(together?.against.some((v) => v.rule === 'left-open')).toBe(false);
    expect(plan.candidates.find((c) => c.system.id === 'flexible-sealant')?.against.some((v) => v.rule === 'left-open')).toBe(true);
  });
});
