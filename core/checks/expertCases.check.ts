// Situations with the answer a competent repairer would give; limits of published guides are from memory
// (ACI 224.1R, ACI 224R, ASTM C881, ISO 8502-4), the rest is common practice.
import { describe, expect, it } from 'vitest';
import { gradeOf, judged, repaired, verdictOf, type Setting } from '../test/cracks.ts';
import { tell } from '../src/quantity/saying.ts';

const telling = { units: 'metric', timeZone: 'UTC' } as const;
const within = (value: number | undefined, min: number, max: number) => {
  expect(value).toBeGreaterThanOrEqual(min);
  expect(value).toBeLessThanOrEqual(max);
};

describe('a narrow still crack in a garage slab', () => {
  const setting: Setting = {
    answers: { lengthMm: 4800, widths: [{ atMm: 0, widthMm: 1.5 }], depthMm: 60, slabMm: 100, traffic: 'soft-tires', finish: 'thin-coating' },
    area: { airC: 21, slabC: 21, humidityPct: 50 },
  };
  it('takes rapid crack resin, epoxy injection with care, and nothing else', () => {
    const plan = judged(setting);
    expect(gradeOf(plan, 'rapid-crack-resin')).toBe('fits');
    expect(gradeOf(plan, 'epoxy-injection-resin')).toBe('care');
    for (const out of ['injection-foam', 'flexible-sealant', 'polymer-mortar-2k', 'epoxy-mortar']) expect(gradeOf(plan, out)).toBe('out');
    expect(plan.stops).toEqual([]);
  });
  it('is chased and filled with what the trade would take', () => {
    const { method, batch } = repaired(setting);
    within(method.size.width.value, 6, 7);
    within(method.size.void.value, 188, 200);
    const inGroove = method.size.void.value * (1 - method.packing.value) * 1.12;
    within(inGroove, 75, 115);
    within(method.size.void.value * method.packing.value * 2.65, 250, 360);
    within(method.lifts.proud.value, 1, 2);
    within(method.steps.find((s) => s.builder === 'wait-until-hard')?.minutes.value, 10, 25);
    expect(batch.cartridges.value).toBe(1);
  });
  it('by the deep school takes three times the groove', () => {
    within(repaired({ ...setting, defect: { schools: { 'chase-depth': 'deep' } } }).method.size.void.value, 570, 592);
  });
});

describe('a crack in a post-tensioned deck', () => {
  const plan = judged({
    answers: {
      lengthMm: 3200,
      widths: [{ atMm: 0, widthMm: 0.5 }],
      member: 'suspended',
      reinforcement: 'prestressed',
      alongBar: 'yes',
      moisture: 'damp',
      located: 'no',
    },
    area: { slabC: 17, place: 'outside-salt' },
  });
  it('stops for the engineer, allows no cut, and fits nothing that needs one', () => {
    expect(plan.held).toBe(true);
    expect(plan.stops.map((s) => s.id)).toEqual(expect.arrayContaining(['prestress', 'along-bar', 'structural', 'located']));
    expect(gradeOf(plan, 'rapid-crack-resin')).toBe('out');
    expect(plan.candidates.every((c) => (c.size?.preparation ?? 'as-found') === 'as-found')).toBe(true);
    expect(plan.work()).toBeUndefined();
  });
});

describe('a cold, humid morning', () => {
  const plan = judged({ answers: { lengthMm: 12_000, widths: [{ atMm: 0, widthMm: 2 }] }, area: { airC: 4, slabC: 2, humidityPct: 85 } });
  it('has a dew point of 1.7 °C and 0.3 K to spare', () => {
    within(plan.subject.dewPoint.value, 1.5, 1.9);
    within(plan.subject.dewMargin.value, 0.1, 0.5);
  });
  it('rules both resins out, one for its temperature, both for the dew point', () => {
    expect(gradeOf(plan, 'rapid-crack-resin')).toBe('out');
    expect(gradeOf(plan, 'epoxy-injection-resin')).toBe('out');
    expect(verdictOf(plan, 'rapid-crack-resin', 'temperature')?.grade).toBe('out');
    expect(verdictOf(plan, 'rapid-crack-resin', 'dew-margin')?.grade).toBe('out');
    expect(verdictOf(plan, 'epoxy-injection-resin', 'dew-margin')?.grade).toBe('out');
  });
  it('gives no stretched time, and says that the slab itself must be warmed to 5 °C', () => {
    expect(plan.candidates.find((c) => c.system.id === 'rapid-crack-resin')?.ready).toBeUndefined();
    expect(tell(verdictOf(plan, 'rapid-crack-resin', 'temperature')?.change?.() ?? [], telling)).toBe('warm the slab itself to 5 °C, with no unvented burner');
    expect(tell(verdictOf(plan, 'rapid-crack-resin', 'dew-margin')?.change?.() ?? [], telling)).toContain('slab at 5 °C');
  });
});

describe('the slab of the bathhouse: 4.2 m, 2 to 5 mm, under hard wheels', () => {
  // worked by hand: groove 7 × 19.05 mm, 560 mL; 604 mL with 1.5 mm proud; voids 0.4, surplus 1.12
  it('takes 271 mL of resin, one cartridge', () => {
    const { batch, method } = repaired({ answers: { traffic: 'hard-wheels' } });
    expect(method.size.width.value).toBe(7);
    expect(batch.resinPlaced.value).toBeCloseTo(4.2 * 7 * (19.05 + 1.5) * 0.4 * 1.12, 6);
    expect(batch.cartridges.value).toBe(1);
  });
});
