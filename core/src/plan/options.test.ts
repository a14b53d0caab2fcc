import { describe, expect, it } from 'vitest';
import { planInput } from '../../test/cracks.ts';
import { usualFacts } from '../../test/defects.ts';
import { tell, type Saying } from '../quantity/saying.ts';
import { chains } from '../shelf/chains.ts';
import { outlookOf } from '../shelf/outlook.ts';
import { firmShelf, type Product } from '../shelf/product.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { askedText, clientOptions, readAsked, readFace, scopes, type Asked } from './options.ts';
import { rankedBy } from './ranking.ts';
import { plannedOf, planRepair, type PlanInput } from './repairPlan.ts';

const words = (s: Saying) => tell(s, { units: 'metric', timeZone: 'UTC' });
const labor = { perHour: 60, currency: 'USD', since: '2026-01-01' };
const input = (kind: string, answers: Readonly<Record<string, unknown>> = {}, more: Partial<PlanInput> = {}): PlanInput => {
  const usual = planInput();
  return {
    ...usual,
    area: { ...usual.area, facts: { ...usual.area.facts } },
    defect: { id: 'd', kind, mark: 'O-01', confirmed: [], decisions: [], facts: usualFacts(kind, answers) },
    rules: { schools: {}, labor },
    ...more,
  };
};
const box = (widthMm: number, heightMm: number) => ({ shape: { is: 'rectangle', widthMm, heightMm } });
const asked = (...some: readonly Asked[]) => ({ asked: some });

describe('options for the client', () => {
  it('puts what is planned, another answer and a larger scope side by side, each with hours, time, visits and amounts', () => {
    const made = clientOptions(input('drywall-hole', { outline: box(90, 70), position: 'wall' }));
    expect(made?.options.length).toBe(3);
    expect(made?.options.map((o) => o.scope)).toEqual(['patch', 'patch', 'margin']);
    expect(new Set(made?.options.map((o) => o.system)).size).toBeGreaterThan(1);
    for (const o of made?.options ?? []) {
      expect([o.byHand.value > 0, o.elapsed.value >= o.byHand.value, o.quantities.length > 0, o.outlooks.length > 0, (o.visits?.value ?? 0) > 0]).toEqual([
        true,
        true,
        true,
        true,
        true,
      ]);
    }
  });

  it('prices by hand at the rate of the firm, says what is not in the price, and gives none where there is no rate', () => {
    const made = clientOptions(input('drywall-hole', { outline: box(300, 260) }), asked({ scope: 'patch', system: 'board-patch' }));
    const [one] = made?.options ?? [];
    expect(one?.price?.total.value).toBe(Math.round(one?.byHand.value ?? 0));
    expect(one?.price?.without).toMatch(/Material is not in it/);
    expect(
      clientOptions(input('drywall-hole', { outline: box(300, 260) }, { rules: { schools: {} } }), asked({ scope: 'patch', system: 'board-patch' }))?.options[0]
        ?.price,
    ).toBeUndefined();
  });

  it('adds whole packs of a product of the firm that is used, in the same currency', () => {
    const products: readonly Product[] = [
      {
        id: 'p1',
        title: 'Our mortar',
        basedOn: 'polymer-mortar-2k',
        sheet: 's',
        figures: {},
        packs: [{ size: 5000, unit: 'g', price: { amount: 31, currency: 'USD', on: '2026-02-01' } }],
      },
    ];
    const priced = (currency: string) =>
      clientOptions(
        input('concrete-spall', { outline: box(500, 400), depthMm: 30 }, { shelf: firmShelf(products), rules: { schools: {}, labor: { ...labor, currency } } }),
        { ...asked({ scope: 'patch', system: 'p1' }), products },
      )?.options[0];
    const usd = priced('USD');
    const powder = usd?.quantities.find((q) => q.id === 'powder')?.figure.value ?? 0;
    expect(usd?.price?.parts.find((p) => p.id === 'material-p1')?.figure.value).toBe(Math.ceil(powder / 5000) * 31);
    expect(usd?.price?.total.value).toBe(Math.round(usd?.byHand.value ?? 0) + Math.ceil(powder / 5000) * 31);
    expect(priced('EUR')?.price?.parts.map((p) => p.id)).toEqual(['labor']);
  });

  it('puts candidates by price where that is wanted: labor, and packs of every product that is used; without a rate nobody is cheaper', () => {
    const pack = (amount: number) => [{ size: 5000, unit: 'g' as const, price: { amount, currency: 'USD', on: '2026-02-01' } }];
    const product = (id: string, basedOn: string, amount: number): Product => ({ id, title: id, basedOn, sheet: 's', figures: {}, packs: pack(amount) });
    const cheap = [product('dear', 'polymer-mortar-2k', 900), product('cheap', 'polymer-mortar-2k', 5)];
    const spall = (rules: PlanInput['rules']) => {
      const plan = plannedOf(
        planRepair(input('concrete-spall', { outline: box(500, 400), depthMm: 30 }, { shelf: firmShelf(cheap), ...(rules && { rules }) })),
      );
      if (!plan) throw new Error('it is planned');
      return plan;
    };
    const plan = spall({ schools: {}, labor });
    const order = rankedBy(plan, 'price', cheap).map((c) => c.system.id);
    expect(order.indexOf('cheap')).toBeLessThan(order.indexOf('dear'));
    const [dear, low] = ['dear', 'cheap'].map((id) => plan.candidates.find((c) => c.system.id === id)).map((c) => (c ? plan.priceOf(c, cheap) : undefined));
    // the same work with packs of another price: four of five kilograms each (the powder is told in the amounts)
    expect(((dear?.total.value ?? 0) - (low?.total.value ?? 0)) % (900 - 5)).toBeCloseTo(0, 6);
    expect((dear?.total.value ?? 0) - (low?.total.value ?? 0)).toBeGreaterThan(900);
    const unrated = spall({ schools: {} });
    expect(unrated.candidates.map((c) => unrated.priceOf(c, cheap)).filter((price) => price !== undefined)).toEqual([]);
  });

  it('takes more by hand and more material for a larger scope, with the size of the face where that is asked', () => {
    const all = ['patch', 'margin', 'whole'] as const;
    const made = clientOptions(input('plaster-hole', { outline: box(420, 260), depthMm: 12, binder: 'gypsum', base: 'masonry' }), {
      ...asked(...all.map((scope): Asked => ({ scope, system: 'gypsum-plaster' }))),
      face: { widthMm: 3000, heightMm: 2400 },
    });
    const byHand = made?.options.map((o) => o.byHand.value) ?? [];
    expect(byHand).toHaveLength(3);
    expect([...byHand].sort((a, b) => a - b)).toEqual(byHand);
    const area = made?.options.map((o) => o.quantities.find((q) => q.id === 'area')?.figure.value ?? 0) ?? [];
    expect(area[2]).toBeGreaterThanOrEqual(3000 * 2400);
    // without its size the whole face is asked for in words, and nothing is made up
    const asks = clientOptions(
      input('plaster-hole', { outline: box(420, 260), depthMm: 12, binder: 'gypsum', base: 'masonry' }),
      asked({ scope: 'whole', system: 'gypsum-plaster' }, { scope: 'replace' }),
    );
    expect([asks?.options, asks?.notes.map(words)]).toEqual([
      [],
      [
        'Whole face: give the size of the whole face.',
        'Replace: the piece is taken out and a new one put in. It is no repair: time and price are asked of whoever replaces it.',
      ],
    ]);
  });

  it('says so where a stop is open, where no size can grow, and what makes an option care', () => {
    const held = clientOptions(input('bar-spall', { loaded: 'yes', position: 'wall' }));
    expect([held?.options, held?.notes.map(words)]).toEqual([[], ['A stop is open: nothing is put before the client until it is decided.']]);
    expect(clientOptions(input('tub-chip', { shell: 'enamel', depthMm: 1.5 }), asked({ scope: 'margin' }))?.notes.map(words)).toEqual([
      'Patch with margin: this kind of defect has no size that could be made larger.',
    ]);
    const care = clientOptions(input('timber-decay', {}), asked({ scope: 'patch', system: 'epoxy-timber-paste' }))?.options[0];
    expect(care?.cares.map(words).join()).toMatch(/harden them first/);
    expect(clientOptions({ ...input('tub-chip'), defect: { ...input('tub-chip').defect, facts: {} } })).toBeUndefined();
  });

  it('has an outlook for every system, in sentences without a figure that could not be held to a source', () => {
    for (const s of genericShelf) {
      const o = outlookOf(s);
      expect([s.id, (o?.leaves.length ?? 0) > 8, (o?.holds.length ?? 0) > 8, (o?.rests.length ?? 0) > 5]).toEqual([s.id, true, true, true]);
    }
    expect(chains.flatMap((c) => c.members).filter((m) => !outlookOf({ id: m }))).toEqual([]);
    expect(Object.values(scopes).every((one) => one.means.length > 10)).toBe(true);
  });

  it('goes for slab cracks too, whose groove is priced like any other', () => {
    const made = clientOptions({ ...planInput(), rules: { schools: {}, labor } });
    expect(made?.options.length).toBeGreaterThan(1);
    expect(made?.options[0]?.system).toBe('rapid-crack-resin');
    expect(made?.options[0]?.price?.total.value).toBeGreaterThan(0);
    const lengths = made?.options.map((o) => o.sheet.found.find((part) => typeof part !== 'string' && 'value' in part && part.kind === 'length')) ?? [];
    expect(lengths.length).toBe(made?.options.length);
  });
});

describe('what stands in the address of a page of options', () => {
  it('is read as it was written, and refused where it is nothing of the kind', () => {
    const some: readonly Asked[] = [{ scope: 'patch', system: 'bar-primer-epoxy-cement + polymer-mortar-2k' }, { scope: 'whole' }];
    expect(readAsked(askedText(some))).toEqual(some);
    for (const wrong of ['', 'all:x', 'patch:x,', 'constructor']) expect([wrong, readAsked(wrong)]).toEqual([wrong, undefined]);
    expect(readFace('2400x1800.5')).toEqual({ widthMm: 2400, heightMm: 1800.5 });
    for (const wrong of ['', '2400', 'x', '-1x2', '1x1e9']) expect([wrong, readFace(wrong)]).toEqual([wrong, undefined]);
  });
});

describe('the highest level', () => {
  const joint = (answers: Readonly<Record<string, unknown>> = {}) =>
    input('drywall-joint', { joint: 'butt', tape: 'loose', paint: 'flat', light: 'soft', texture: 'smooth', look: 'passing', ...answers });

  it('puts a skim over the face where gloss or light ask for the highest level', () => {
    const gloss = clientOptions(joint({ paint: 'gloss' }), asked({ scope: 'patch', system: 're-tape' }))?.options[0];
    const flat = clientOptions(joint(), asked({ scope: 'patch', system: 're-tape' }))?.options[0];
    const skims = (o: typeof gloss) => o?.sheet.work?.schedule.rows.filter((r) => r.step.builder === 'skim-face').length;
    expect([skims(gloss), skims(flat)]).toEqual([1, 0]);
  });
});
