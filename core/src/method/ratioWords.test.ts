import { describe, expect, it } from 'vitest';
import { everyMethod } from '../../test/everyMethod.ts';
import { surveyedPlan } from '../../test/defects.ts';
import { tell } from '../quantity/saying.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { systemOf } from '../shelf/product.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;

describe('the words of a ratio', () => {
  it('come from its figures: a product of three to a half to one is never told as another', () => {
    const own = systemOf({
      id: 'p-1',
      title: 'Own coating',
      basedOn: 'two-part-coating',
      sheet: 'made up',
      figures: { 'figures/parts': 3, 'figures/catalyst': 0.5, 'figures/reducer': 1 },
      packs: [],
    });
    const plan = surveyedPlan('tub-scratches', {}, {}, { choice: { system: 'p-1', reason: 'tried' } }, [own, ...genericShelf]);
    const mix = plan.work()?.mixes.find((m) => m.id === 'coating');
    expect(tell(mix?.says[0] ?? [], how)).toMatch(/^3 of resin, 0\.5 of catalyst, 1 of reducer by volume/);
    const [resin = 0, catalyst = 0, reducer = 0] = (mix?.parts ?? []).map((p) => p.amount.value);
    expect(resin / catalyst).toBeCloseTo(6, 9);
    expect(reducer / catalyst).toBeCloseTo(2, 9);
    expect(resin + catalyst + reducer).toBeCloseTo(mix?.total.value ?? 0, 9);
    // no part is smaller than what a cup measures
    expect(catalyst).toBeGreaterThanOrEqual(7.5 - 1e-9);
  });

  it('hold no number that is written out beside a part, over every system', () => {
    const number =
      /\b(one|two|three|four|five|six|seven|eight|nine|ten|half|a third|a quarter) (?:parts? )?(?:of|to) (?:resin|hardener|catalyst|reducer|powder|water|lime|cement|sand|base|tint|a|one)\b/i;
    expect(number.test('Four of resin, one of catalyst')).toBe(true);
    const found = everyMethod().flatMap(({ system, work }) =>
      (work?.mixes ?? []).flatMap((m) =>
        m.says.flatMap((one) => one.filter((p): p is string => typeof p === 'string' && number.test(p)).map((p) => `${system}: ${p}`)),
      ),
    );
    expect([...new Set(found)]).toEqual([]);
  });
});
