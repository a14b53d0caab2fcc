import { describe, expect, it } from 'vitest';
import { everyMethod } from '../../test/everyMethod.ts';

describe('a drawing', () => {
  it('cuts a hole that goes through all the way: below the board lies the cavity, not more of it', () => {
    let drawn = 0;
    for (const { kind, system, work } of everyMethod()) {
      if (kind !== 'drywall-hole' || !work) continue;
      const { regions, dimensions } = work.section;
      const ground = regions.find((r) => r.id === 'ground' && r.material === 'board');
      const depth = dimensions.find((d) => d.id === 'depth');
      // as thick as the plain board of the tests
      if (!ground || !depth || depth.figure.value < 12.7) continue;
      drawn += 1;
      const below = Math.max(...ground.outline.map(([, y]) => y));
      expect([kind, system, below]).toEqual([kind, system, expect.closeTo(depth.to[1], 6)]);
    }
    expect(drawn).toBeGreaterThan(1);
  });
});
