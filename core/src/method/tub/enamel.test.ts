import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../../test/defects.ts';
import { tell } from '../../quantity/saying.ts';

const chip = (depthMm: number, chips = 1) =>
  surveyedPlan(
    'tub-chip',
    { shell: 'enamel', depthMm, chips, widthMm: 20, heightMm: 15 },
    {},
    { choice: { system: 'enamel-touch-up', reason: 'tried' } },
  ).work();
const builders = (work: ReturnType<typeof chip>) => work?.method.steps.map((s) => s.builder) ?? [];

describe('a chip in enamel', () => {
  it('no deeper than 0.3 mm is made level by its coats alone (common practice)', () => {
    expect(builders(chip(0.3))).not.toContain('fill-chip');
    expect(builders(chip(0.31))).toContain('fill-chip');
  });

  it('that is deeper is filled in builds of no more than 1.5 mm, 0.2 mm below the face, hard and sanded before the first coat', () => {
    for (const [depthMm, builds] of [
      [0.8, 1],
      [1.7, 1],
      [1.8, 2],
      [3, 2],
    ] as const) {
      const work = chip(depthMm);
      const rows = work?.schedule.rows ?? [];
      const fills = rows.filter((r) => r.step.builder === 'fill-chip');
      const at = (builder: string) => rows.findIndex((r) => r.step.builder === builder);
      expect([depthMm, fills.length]).toEqual([depthMm, builds]);
      expect(at('level-chip') < at('enamel-coat') && at('level-chip') > rows.findLastIndex((r) => r.step.builder === 'fill-chip')).toBe(true);
      const level = rows[at('level-chip')];
      // hard for two hours and more before it is sanded
      expect((level?.startMin ?? 0) - (fills.at(-1)?.endMin ?? 0)).toBeGreaterThanOrEqual(120);
      expect(level && tell(level.step.title, { units: 'metric', timeZone: 'UTC' })).toContain('0.2 mm low');
    }
  });

  it('takes filler for all of them, and never less than can be mixed', () => {
    const filler = (work: ReturnType<typeof chip>) => work?.quantities.find((q) => q.id === 'filler')?.figure.value ?? 0;
    expect(filler(chip(0.8))).toBe(3);
    // 20 by 15 mm, 1.8 mm deep, and what is left on card and spreader
    const many = filler(chip(2, 20)) / ((20 * 15 * 1.8 * 20) / 1000);
    expect([many > 1, many < 1.6]).toEqual([true, true]);
  });
});

describe('a polished scratch', () => {
  it('is used when it is rinsed: nothing hardened, and there is no sample to smell', () => {
    const work = surveyedPlan('tub-scratches', {}, {}, { choice: { system: 'acrylic-polish-out', reason: 'tried' } }).work();
    const ready = work?.method.steps.find((s) => s.kind === 'ready');
    const said = ready ? tell(ready.look, { units: 'metric', timeZone: 'UTC' }) : '';
    expect(said).toContain('Rinsed clear');
    expect(tell(chip(0.3)?.method.steps.find((s) => s.kind === 'ready')?.look ?? [], { units: 'metric', timeZone: 'UTC' })).toContain('retained sample');
  });
});
