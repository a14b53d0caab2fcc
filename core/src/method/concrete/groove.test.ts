import { unnamed } from '../../survey/crew.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { crackSettings, repaired, type Setting } from '../../../test/cracks.ts';
import { tell } from '../../quantity/saying.ts';

const telling = { units: 'metric', timeZone: 'Europe/Paris' } as const;
const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
const wider = (setting: Setting, by: number): Setting => ({
  ...setting,
  answers: { ...setting.answers, widths: (setting.answers?.['widths'] as { atMm: number; widthMm: number }[]).map((w) => ({ ...w, widthMm: w.widthMm + by })) },
});

describe('quantities of a sand-filled groove', () => {
  it('are never negative, and the lifts add up to what is filled', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        const { method, batch } = repaired(setting);
        for (const lift of method.lifts.lifts) for (const f of [lift.volume, lift.resin, lift.sand, lift.thickness]) expect(f.value).toBeGreaterThanOrEqual(0);
        expect(sum(method.lifts.lifts.map((l) => l.volume.value))).toBeCloseTo(method.lifts.filled.value, 5);
        expect(sum(method.lifts.lifts.map((l) => l.thickness.value))).toBeCloseTo(method.size.depth.value, 6);
        for (const f of [batch.resinPlaced, batch.sandPlaced, batch.waste, batch.left]) expect(f.value).toBeGreaterThanOrEqual(0);
        expect(batch.bought.value).toBeCloseTo(batch.resinPlaced.value + batch.waste.value + batch.left.value, 5);
        expect(batch.left.value).toBeLessThan(batch.cartridge.value);
      }),
    );
  });

  it('place resin for the voids of the sand and its surplus, the wetting taken out of the first lift', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        const { method, batch } = repaired(setting);
        const wanted = method.lifts.filled.value * (1 - method.packing.value) * 1.12;
        expect(Math.abs(batch.resinPlaced.value - wanted) / wanted).toBeLessThan(1e-9);
      }),
    );
  });

  it('grow with width, and with depth', () => {
    fc.assert(
      fc.property(crackSettings, fc.double({ min: 0, max: 3, noNaN: true }), (setting, by) => {
        expect(repaired(wider(setting, by)).batch.resinPlaced.value).toBeGreaterThanOrEqual(repaired(setting).batch.resinPlaced.value - 1e-6);
        const at = (chase: 'shallow' | 'deep') =>
          repaired({ ...setting, defect: { ...setting.defect, schools: { 'chase-depth': chase } } }).method.size.void.value;
        expect(at('deep')).toBeGreaterThan(at('shallow'));
      }),
    );
  });

  it('take less resin with two sands than with one', () => {
    const one = repaired({ defect: { sand: 'one' } });
    const two = repaired({ defect: { sand: 'two' } });
    expect(two.batch.resinPlaced.value).toBeLessThan(one.batch.resinPlaced.value);
    expect(two.method.fineShare?.value).toBeGreaterThan(0.25);
    expect(one.method.fineShare).toBeUndefined();
  });
});

describe('sections', () => {
  it('never get fewer as it warms', () => {
    fc.assert(
      fc.property(crackSettings, fc.integer({ min: 1, max: 5 }), (setting, rise) => {
        const slabC = Number(setting.area?.['slabC']);
        const warmer = { ...setting, area: { ...setting.area, slabC: slabC + rise, airC: slabC + rise } };
        expect(repaired(warmer).method.sections.count.value).toBeGreaterThanOrEqual(repaired(setting).method.sections.count.value);
      }),
    );
  });

  it('are never more for a pair than for one person', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        const with_ = (people: 1 | 2) => repaired({ ...setting, job: { crew: unnamed(people) } }).method.sections;
        expect(with_(2).count.value).toBeLessThanOrEqual(with_(1).count.value);
        expect(with_(1).length.value).toBeLessThanOrEqual(with_(1).longest.value * (1 + 1e-9));
      }),
    );
  });

  it('let one person do what the trade says at room temperature', () => {
    // common practice: alone, a section of about 1.5 to 3 m at a time
    const { longest } = repaired({ area: { slabC: 23, airC: 23 }, job: { crew: unnamed(1) } }).method.sections;
    expect(longest.value).toBeGreaterThanOrEqual(1500);
    expect(longest.value).toBeLessThanOrEqual(3000);
  });
});

describe('steps', () => {
  const builders = (setting: Setting) => repaired(setting).method.steps.map((s) => s.builder);

  it('come in the order of the work', () => {
    expect(builders({ answers: { finish: 'thin-coating' } })).toEqual([
      'chase',
      'vacuum-groove',
      'choke-crack',
      'get-ready',
      'wet-faces',
      'sand-lift',
      'wait-for-gel',
      'sand-lift',
      'clear-away',
      'wait-until-hard',
      'grind-flush',
      'put-away',
      'coat-within',
      'open-to-traffic',
    ]);
  });

  it('leave out the choke where the crack below is fine or ends in the groove, and the coat where none follows', () => {
    expect(builders({ answers: { widths: [{ atMm: 0, widthMm: 0.5 }] } })).not.toContain('choke-crack');
    expect(builders({ answers: { depthMm: 6 } })).not.toContain('choke-crack');
    expect(builders({})).not.toContain('coat-within');
  });

  it('each say what to do, how, and what to look for', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        for (const step of repaired(setting).method.steps) {
          for (const words of [step.title, step.detail, step.look]) expect(tell(words, telling)).toMatch(/\w{3}/);
          expect(step.minutes.value).toBeGreaterThanOrEqual(0);
          if (step.kind === 'work') expect(step.tools.length).toBeGreaterThan(0);
        }
      }),
    );
  });

  it('never say what a person cannot measure or do', () => {
    const { method } = repaired({ answers: { finish: 'thin-coating' } });
    const all = method.steps
      .flatMap((s) => [s.title, s.detail, s.look])
      .map((s) => tell(s, telling))
      .join(' ');
    expect(all).not.toMatch(/as required|properly|per data sheet|if necessary/i);
  });

  it('make one pair of steps for each section of the first lift', () => {
    const { method } = repaired({ answers: { lengthMm: 20_000 }, job: { crew: unnamed(1) }, area: { slabC: 25, airC: 25 } });
    const n = method.sections.count.value;
    expect(n).toBeGreaterThan(3);
    expect(method.steps.filter((s) => s.builder === 'wet-faces')).toHaveLength(n);
    expect(method.steps.filter((s) => s.builder === 'sand-lift')).toHaveLength(n * method.lifts.count.value);
    expect(new Set(method.steps.map((s) => s.id)).size).toBe(method.steps.length);
  });

  it('link only steps that are there', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        const { method } = repaired(setting);
        const ids = new Set(method.steps.map((s) => s.id));
        for (const link of method.links) expect([ids.has(link.from), ids.has(link.to)]).toEqual([true, true]);
      }),
    );
  });

  it('premix from a wide groove on', () => {
    expect(repaired({ answers: { widths: [{ atMm: 0, widthMm: 10 }] } }).method.premixed).toBe(true);
    expect(repaired({ answers: { widths: [{ atMm: 0, widthMm: 9.9 }] } }).method.premixed).toBe(false);
  });
});
