import { describe, expect, it } from 'vitest';
import { everyMethod } from '../../test/everyMethod.ts';
import { surveyedPlan } from '../../test/defects.ts';
import { windowClose } from '../cure/reaction.ts';
import { evaluate } from '../quantity/formula.ts';
import { tell } from '../quantity/saying.ts';
import { mixKey } from './mixKey.ts';

/** What the stages to come ask of a method, over all of them. */
const warm = everyMethod();

describe('what may be mixed together', () => {
  it('has one key, and the same key means the same product in the same proportions', () => {
    const byKey = new Map<string, { readonly of: string; readonly shares: readonly number[] }>();
    let again = 0;
    for (const { work } of warm)
      for (const { key = '', of, parts } of work?.mixes ?? []) {
        const shares = parts.map((p) => p.amount.value / (parts[0]?.amount.value ?? 1));
        const known = byKey.get(key);
        if (!known) byKey.set(key, { of, shares });
        else {
          again += 1;
          expect([key, known.of, known.shares.length]).toEqual([key, of, shares.length]);
          known.shares.forEach((share, i) => {
            if (parts[i]?.once !== true) expect(Math.abs((shares[i] ?? 0) / share - 1)).toBeLessThan(0.12);
          });
        }
      }
    expect([again > 40, byKey.size > 25]).toEqual([true, true]);
  });

  it('is not the base coat with the finish coat, nor one mortar with another', () => {
    const plan = surveyedPlan('plaster-hole', { binder: 'cement' }, {}, { choice: { system: 'cement-plaster', reason: 'tried' } });
    const keys = plan.work()?.mixes.map((m) => m.key) ?? [];
    expect([keys.length > 1, new Set(keys).size]).toEqual([true, keys.length]);
  });

  it('keeps what is tinted for itself', () => {
    const amount = plainAmount(10);
    const both = [
      { role: 'resin' as const, amount },
      { role: 'hardener' as const, amount },
    ];
    expect(mixKey('epoxy', 'epoxy', both)).toBe('epoxy, epoxy, hardener 1');
    expect(mixKey('epoxy', 'epoxy', [...both, { role: 'tint' as const, amount, once: true }])).not.toBe(mixKey('epoxy', 'epoxy', both));
    expect(mixKey('other', 'epoxy', both)).not.toBe(mixKey('epoxy', 'epoxy', both));
  });
});

describe('a window that heat shortens', () => {
  it('keeps its law: at the reference temperature and at the ground’s it comes to what is told', () => {
    let lawful = 0;
    for (const { plan, work } of everyMethod({ slabC: 29, airC: 29 }))
      for (const { most } of work?.method.links ?? []) {
        if (!most?.at23) continue;
        lawful += 1;
        expect(most.minutes.value).toBeCloseTo(evaluate(windowClose, { windowAt23Min: most.at23.value, temperatureC: plan.subject.slabC.value }), 6);
        expect(most.minutes.value).toBeLessThan(most.at23.value);
      }
    expect(lawful).toBeGreaterThan(25);
  });
});

describe('hands-on minutes', () => {
  it('have a least and a most around what is planned', () => {
    for (const { work } of warm)
      for (const { handsOn } of work?.method.steps ?? []) {
        if (!handsOn) continue;
        const { least, most } = handsOn.spread;
        expect([least.value > 0 && least.value <= 1, most.value >= 1]).toEqual([true, true]);
        for (const { of } of handsOn.skills) expect(['one', 'each']).toContain(of);
      }
  });
});

function plainAmount(mL: number) {
  return surveyedPlan('concrete-spall').ledger.given('Amount', 'volume', mL, 'entered', '');
}

describe('a part of a mix', () => {
  it('that is too little to be measured well is said, the least of them; else nothing is', () => {
    let said = 0;
    for (const { system, work } of warm)
      for (const { parts, handling, says } of work?.mixes ?? []) {
        const kind = handling.by === 'weight' ? 'mass' : 'volume';
        const measured = parts.map((p) => p.each ?? p.amount).filter((a) => a.kind === kind);
        const little = parts.length > 1 && measured.some((a) => a.value < handling.leastPart.value * (1 - 1e-9));
        const words = says.map((s) => tell(s, { units: 'metric', timeZone: 'UTC' })).filter((t) => t.includes('less than is measured well'));
        expect([system, words.length]).toEqual([system, little ? 1 : 0]);
        said += words.length;
      }
    expect(said).toBeGreaterThan(8);
  });
});
