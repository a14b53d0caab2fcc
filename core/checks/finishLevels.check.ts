// GA-214 (finish levels), GA-216 and ASTM C840 (fasteners, widths), as recalled; widths of coats are common practice.
import { describe, expect, it } from 'vitest';
import { evaluate } from '../src/quantity/formula.ts';
import { coatsForLevel, finishLevel, knifeFor } from '../src/finishing/levels.ts';
import { amountOf, box, orderOf, rowOf, told, workOn } from './methodSteps.ts';

describe('finish levels (GA-214)', () => {
  it('flat paint in soft light is a fourth level, gloss or light along the wall a fifth, heavy texture a third', () => {
    const level = (gloss: number, raking: number, textured: number) => evaluate(finishLevel, { gloss, raking, textured });
    expect([level(0, 0, 0), level(1, 0, 0), level(0, 1, 0), level(0, 0, 1)]).toEqual([4, 5, 5, 3]);
  });

  it('a fourth level is the tape and two coats more; the bed does not count', () => {
    expect([1, 2, 3, 4, 5].map((level) => evaluate(coatsForLevel, { level }))).toEqual([0, 1, 1, 2, 2]);
    const work = workOn('drywall-joint', 're-tape', { joint: 'tapered', paint: 'flat', light: 'soft', texture: 'smooth', look: 'passing' });
    expect(orderOf(work).filter((b) => b === 'bed-tape')).toHaveLength(1);
    expect(orderOf(work).filter((b) => b === 'draw-coat')).toHaveLength(2);
  });

  it('a tapered joint ends 250 to 300 mm wide, a patch of cut edges 400 to 600 (GA-216 note, common practice)', () => {
    const wide = (joint: string) => amountOf(workOn('drywall-joint', 're-tape', { joint }), 'width');
    expect([wide('tapered') >= 250, wide('tapered') <= 300]).toEqual([true, true]);
    expect([wide('butt') >= 400, wide('butt') <= 600]).toEqual([true, true]);
  });

  it('each coat is drawn with a knife half as wide as it at least, wider than the one below', () => {
    expect([100, 300, 400, 600].map((coatMm) => evaluate(knifeFor, { coatMm }))).toEqual([150, 150, 200, 305]);
  });

  it('dries through before the next coat, by the drying table; set is not dry', () => {
    const work = workOn('drywall-joint', 're-tape', { joint: 'butt' }, { airC: 21, slabC: 21, humidityPct: 50 });
    const humid = workOn('drywall-joint', 're-tape', { joint: 'butt' }, { airC: 21, slabC: 21, humidityPct: 85 });
    const gap = (w: typeof work) => rowOf(w, 'draw-coat', 1).startMin - rowOf(w, 'draw-coat', 0).endMin;
    expect(gap(humid)).toBeGreaterThan(gap(work) * 2);
    const setting = workOn('drywall-dent', 'setting-compound-45', { depthMm: 5 });
    const dry = setting.schedule.rows.filter((r) => r.step.builder === 'compound-dries');
    expect(dry.length).toBeGreaterThan(0);
    expect(orderOf(setting).lastIndexOf('compound-dries')).toBeLessThan(orderOf(setting).indexOf('prime-over'));
  });
});

describe('boards and fasteners (ASTM C840)', () => {
  it('a new screw goes 38 to 50 mm beside a pop, then three coats of 100 to 150 mm', () => {
    const work = workOn('fastener-pop', 'fastener-reset', { pops: 7 });
    expect(told(rowOf(work, 'reset-fastener').step.title)).toMatch(/7 new screws, 38 mm beside/);
    expect(orderOf(work).filter((b) => b === 'draw-coat')).toHaveLength(3);
  });

  it('a patch is screwed no farther apart than 200 mm, 9.5 mm from its edge, with 19 mm of bearing', () => {
    const work = workOn('drywall-hole', 'board-patch', { outline: box(300, 260), framingMm: 406 });
    // 260 mm high: 240 between the end screws, two gaps of no more than 200, three screws along each of two edges;
    // two cleats of 368 mm between the members, three more on each
    expect(amountOf(work, 'screws')).toBe(12);
    expect(told(rowOf(work, 'screw-patch').step.detail)).toContain('no more than 200 mm apart, 9.5 mm from the edge');
    expect(told(rowOf(work, 'back-patch').step.detail)).toContain('on the members themselves 19 mm bears');
    // cut back to framing: one bay of 406 mm
    expect(amountOf(work, 'opening')).toBe(406);
  });

  it('a backer reaches 75 mm past the opening at each end', () => {
    const work = workOn('drywall-hole', 'board-patch', { outline: box(300, 260), framingMm: 406 }, {}, { 'patch-edges': 'backer' });
    expect([amountOf(work, 'opening'), amountOf(work, 'backer')]).toEqual([300, 260 + 2 * 75]);
  });
});
