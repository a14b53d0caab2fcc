import { describe, expect, it } from 'vitest';
import { everyMethod } from '../../../test/everyMethod.ts';
import { tell } from '../../quantity/saying.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;

describe('wood whose grain shows', () => {
  it.each(['clear', 'stain'])('is finished by its method, %s: coats dulled between, dry before the next and before it is used', (finish) => {
    let seen = 0;
    for (const { kind, system, plan, work } of everyMethod({}, { finish })) {
      if (!work || plan.subject.surface !== 'timber' || work.method.steps.every((s) => s.builder !== 'shape-filler')) continue;
      seen += 1;
      const at = `${kind} ${system}`;
      const rows = work.schedule.rows;
      const coats = rows.filter((r) => r.step.builder === 'clear-coat');
      expect([at, coats.length]).toEqual([at, 3]);
      coats.slice(1).forEach((r, i) => {
        expect([at, r.startMin - (coats[i]?.endMin ?? 0) >= 180]).toEqual([at, true]);
        expect(tell(r.step.detail, how)).toContain('dulled with P320');
      });
      const [stained, ready] = [rows.findIndex((r) => r.step.builder === 'wipe-stain'), rows.find((r) => r.step.sign === 'opens')];
      expect([at, stained >= 0]).toEqual([at, finish === 'stain']);
      if (finish === 'stain')
        expect([at, rows[stained - 1]?.step.builder, stained < rows.findIndex((r) => r.step.builder === 'clear-coat')]).toEqual([at, 'try-stain', true]);
      expect([at, (ready?.startMin ?? 0) >= (coats.at(-1)?.endMin ?? Infinity)]).toEqual([at, true]);
      expect([at, work.method.steps.some((s) => s.builder === 'paint-coat' || s.builder === 'prime-over')]).toEqual([at, false]);
    }
    expect(seen).toBeGreaterThan(3);
  });

  it('is never left in the scratches of P80: the last paper is P180 under clear and stain, P120 under paint (common practice)', () => {
    for (const [finish, last] of [
      ['clear', 'P180'],
      ['stain', 'P180'],
      ['paint', 'P120'],
    ] as const)
      for (const { kind, system, work } of everyMethod({}, { finish })) {
        const shaped = work?.method.steps.find((s) => s.builder === 'shape-filler');
        if (!shaped || system === 'epoxy-pour-tinted') continue;
        expect([kind, system, finish, tell(shaped.title, how).endsWith(`then ${last}`)]).toEqual([kind, system, finish, true]);
      }
  });
});
