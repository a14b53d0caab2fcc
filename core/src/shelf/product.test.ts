import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planInput } from '../../test/cracks.ts';
import { candidateOf, surveyedPlan } from '../../test/defects.ts';
import { genericEpoxy } from '../cure/exotherm.ts';
import { usualSafeLifts } from '../cure/safeLift.ts';
import { planRepair } from '../plan/repairPlan.ts';
import { tell } from '../quantity/saying.ts';
import { shelfLimits } from './limits.ts';
import { firmShelf, notFollowed, productFigures, productProblems, systemOf, type Product } from './product.ts';
import { ratesNotFollowed } from './rates.ts';
import { productsCsv, readProducts, writeProducts } from './productFile.ts';
import { genericShelf } from './shelf.ts';
import { onTheShelf, packState, type StockPack } from './stock.ts';

const product = (more: Partial<Product> = {}): Product => ({
  id: 'p-1',
  title: 'Quick mortar',
  basedOn: 'polymer-mortar-2k',
  sheet: 'sheet of 2026',
  figures: {},
  packs: [],
  ...more,
});
const generic = (id: string) => {
  const found = genericShelf.find((s) => s.id === id);
  if (!found) throw new Error(id);
  return found;
};

describe('a product of the firm', () => {
  it('is the generic system with the sheet’s figures in their place, each from the sheet', () => {
    const own = systemOf(product({ figures: { 'lift/floor': 33, 'slabC/min': 3 } }));
    expect(own).toMatchObject({
      id: 'p-1',
      title: 'Quick mortar',
      basedOn: 'polymer-mortar-2k',
      lift: { floor: { value: 33, source: 'product-sheet' } },
      slabC: { min: { value: 3 } },
    });
    expect(own.lift?.wall).toEqual(generic('polymer-mortar-2k').lift?.wall);
    expect(shelfLimits([own]).find((l) => l.id === 'p-1/lift/floor')).toMatchObject({ value: 33, known: 'firm', assumed: false });
  });

  it('says what it keeps that this version knows nothing of, instead of going by the usual in silence', () => {
    expect(notFollowed(product({ figures: { 'lift/floor': 33 } }))).toEqual([]);
    expect(notFollowed(product({ figures: { 'lift/ceiling': 12, 'lift/floor': 33 } }))).toEqual([
      `'lift/ceiling', 12: kept, but this version knows no such figure of ${generic('polymer-mortar-2k').title} and goes by the usual one.`,
    ]);
    expect(notFollowed({ basedOn: 'gone', figures: {} })).toEqual(["It is a copy of 'gone', which this version does not know: it is kept, and not judged."]);
    expect(ratesNotFollowed({ chasePace: 2, oldPace: 3 })).toEqual(["'oldPace', 3: kept, but this version knows no such rate and nothing follows it."]);
  });

  it('copied without a figure is judged as the system it is copied from, over every system', () => {
    for (const system of genericShelf) {
      const { id: _id, title: _title, basedOn: _on, ...copy } = systemOf(product({ basedOn: system.id }));
      const { id: _i, title: _t, ...own } = system;
      expect(copy).toEqual(own);
      expect(productProblems(product({ basedOn: system.id }))).toEqual([]);
      // its own usual figures are figures that it may be given
      expect([
        system.id,
        productProblems({
          ...product({ basedOn: system.id }),
          figures: Object.fromEntries(productFigures(system).flatMap((f) => (f.usual === undefined ? [] : [[f.path, f.usual]]))),
        }),
      ]).toEqual([system.id, []]);
    }
  });

  it.each([
    [{ basedOn: 'moon-dust' }, "There is no generic system 'moon-dust' to copy."],
    [{ figures: { 'lift/ceiling': 3 } }, "'lift/ceiling' is no figure of Polymer mortar, two-part."],
    [{ figures: { 'lift/floor': -1 } }, 'cannot be less than nothing'],
    [{ figures: { 'lift/floor': 0.02 } }, 'times off the usual: look at its unit.'],
    [{ figures: { 'slabC/min': 450 } }, 'is no temperature to work at'],
    [{ figures: { 'slabC/min': 40 } }, 'its least is not below its most'],
    [{ figures: { 'lift/floor': Number.NaN } }, 'must be a number'],
    [{ packs: [{ size: 0, unit: 'g' as const }] }, 'A pack must hold something.'],
    [{ kinetics: { ...genericEpoxy, activationKjMol: 3 } }, 'These kinetics are of no resin'],
  ])('is refused in words: %j', (more, words) => {
    expect(
      productProblems(product(more))
        .map((p) => p.why)
        .join(' '),
    ).toContain(words);
  });

  it('goes first on the firm’s shelf, is matched by its own limits, and takes its system’s place in a combination', () => {
    const own = product({ id: 'p-9', title: 'Our joint filler', basedOn: 'joint-filler' });
    const shelf = firmShelf([own]);
    expect(shelf[0]?.id).toBe('p-9');
    const list = [own];
    expect(firmShelf(list)).toBe(firmShelf(list));
    const chain = surveyedPlan('joint-spall', {}, {}, {}, shelf).candidates.find((c) => c.chain?.some((m) => m.id === 'p-9'));
    expect(chain?.system.id).toContain('joint-filler');
  });

  it('has the method of its system, with its own times', () => {
    const shelf = firmShelf([product({ id: 'p-2', title: 'Slow resin', basedOn: 'rapid-crack-resin', figures: { 'working/gel': 12 } })]);
    const plan = planRepair({ ...planInput({ defect: { choice: { system: 'p-2' } } }), shelf });
    const usual = planRepair(planInput({ defect: { choice: { system: 'rapid-crack-resin' } } }));
    if (plan.state !== 'planned' || usual.state !== 'planned') throw new Error('planned');
    expect(plan.planned?.candidate.system.title).toBe('Slow resin');
    expect(plan.work()?.mixes[0]?.within?.value).toBeCloseTo((usual.work()?.mixes[0]?.within?.value ?? 0) * 2, 6);
  });

  it('that was chosen and is not on the shelf any more is said, and nothing is planned in its place', () => {
    const plan = planRepair(planInput({ defect: { choice: { system: 'p-2' } } }));
    expect(plan.state === 'planned' && [plan.work(), tell(plan.problem() ?? [], { units: 'metric', timeZone: 'UTC' })]).toEqual([
      undefined,
      'The system that was chosen is not on the shelf any more. Choose again.',
    ]);
  });

  it('with kinetics has lifts no thicker than its heat allows, thinner where it is warmer', () => {
    const own = product({ id: 'p-3', basedOn: 'epoxy-mortar', figures: { 'lift/floor': 25 }, kinetics: genericEpoxy, safeLift: { ...usualSafeLifts.neat } });
    const lifts = (slabC: number) => {
      const plan = surveyedPlan('concrete-spall', {}, { slabC, airC: slabC }, {}, firmShelf([own]));
      const verdict = candidateOf(plan, 'p-3')?.verdicts.find((v) => v.rule === 'lifts');
      return verdict?.value?.value ?? 0;
    };
    expect(lifts(30)).toBeGreaterThan(lifts(12));
  });
});

describe('a file of products', () => {
  const two = [
    product({
      figures: { 'lift/floor': 33, 'slabC/min': 3 },
      packs: [{ size: 25_000, unit: 'g', price: { amount: 31.5, currency: 'EUR', on: '2026-05-01' }, openDays: 90 }],
    }),
    product({ id: 'p-2', title: 'Filler, "fast"\nsecond line', basedOn: 'joint-filler', sheet: '=1+1' }),
  ];
  const bare = (p: Product) => ({ title: p.title, basedOn: p.basedOn, figures: p.figures, packs: p.packs });

  it('comes back from CSV and from JSON as it was written', () => {
    for (const text of [productsCsv(two), writeProducts(two)]) {
      const read = readProducts(text);
      expect(read.lines.flatMap((l) => l.problems)).toEqual([]);
      expect(read.products.map((p) => bare(p as Product))).toEqual(two.map(bare));
    }
    // a cell that a spreadsheet would compute is kept text
    expect(productsCsv(two)).toContain("'=1+1");
  });

  it('reports every line: what is right is read, what is wrong is said with its line', () => {
    const read = readProducts(
      'title,basedOn,sheet,lift/floor,pack,price\nGood,polymer-mortar-2k,s,20,,\n,polymer-mortar-2k,s,20,,\nBad,moon,s,,,\nFar,polymer-mortar-2k,s,thick,,\nOff,polymer-mortar-2k,s,0.02,,\nPack,polymer-mortar-2k,s,20,-3,4\nMany,polymer-mortar-2k,s,20,1,,,,\n',
    );
    expect(read.products.map((p) => p.title)).toEqual(['Good']);
    expect(read.lines.map((l) => [l.line, l.problems.length > 0])).toEqual([
      [2, false],
      [3, true],
      [4, true],
      [5, true],
      [6, true],
      [7, true],
      [8, true],
    ]);
    const words = read.lines.flatMap((l) => l.problems).join(' ');
    for (const wanted of [
      'title is empty.',
      "basedOn is 'moon'",
      "lift/floor is 'thick'. It must be a number",
      'look at its unit',
      "pack is '-3'. It must be a number above nothing.",
      "currency is ''",
      'It has 9 cells, the heading 6.',
    ])
      expect(words).toContain(wanted);
  });

  it.each([
    ['', 'title, basedOn, sheet'],
    ['name,system\nx,y', 'title, basedOn, sheet'],
    ['{', 'This is not JSON'],
    ['{"format":"other"}', 'must say format oddment-products'],
    ['{"format":"oddment-products","version":1,"products":[3]}', 'title is missing'],
  ])('says what is wrong with %j', (text, words) => {
    const read = readProducts(text);
    expect(read.products).toEqual([]);
    expect(read.lines.flatMap((l) => l.problems).join(' ')).toContain(words);
  });

  it('never throws, whatever the text is', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(readProducts(text).lines.every((l) => l.line >= 1)).toBe(true);
      }),
      { numRuns: 300 },
    );
    fc.assert(
      fc.property(fc.json(), (text) => {
        expect(readProducts(`{"format":"oddment-products","products":${text}}`).products.length).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 200 },
    );
  });
});

describe('stock', () => {
  const pack = (more: Partial<StockPack> = {}): StockPack => ({ id: 's-1', of: 'p-1', lot: 'L', count: 2, ...more });
  it.each([
    [{}, 90, 'no date', undefined],
    [{ expiresOn: '2026-06-01' }, 90, 'expired', '2026-06-01'],
    [{ expiresOn: '2026-06-02' }, 90, 'soon', '2026-06-02'],
    [{ expiresOn: '2027-06-02' }, 90, 'good', '2027-06-02'],
    [{ expiresOn: '2027-06-02', openedOn: '2026-05-01' }, 30, 'expired', '2026-05-31'],
    [{ expiresOn: '2027-06-02', openedOn: '2026-05-01' }, undefined, 'good', '2027-06-02'],
    [{ openedOn: '2026-06-01' }, 14, 'soon', '2026-06-15'],
  ])('%j, keeping %s days open, is %s', (more, openDays, state, until) => {
    expect(packState(pack(more), openDays, '2026-06-02')).toEqual({ state, ...(until !== undefined && { until }) });
  });

  it('is told of a system in a line: what can be used until when, and what has expired', () => {
    const words = (stock: readonly StockPack[]) => {
      const s = onTheShelf({ id: 'p-1' }, stock, [product({ packs: [{ size: 1, unit: 'g', openDays: 10 }] })], '2026-06-02');
      return s && tell(s, { units: 'metric', timeZone: 'UTC' });
    };
    expect(words([])).toBeUndefined();
    expect(words([pack({ expiresOn: '2027-01-01' }), pack({ expiresOn: '2026-01-01', count: 1 })])).toBe(
      'On the shelf: 2 packs, the first good until Fri, Jan 1, 2027; one pack expired: throw away.',
    );
    expect(words([pack({ openedOn: '2026-05-01', count: 1 })])).toBe('On the shelf: nothing that can still be used; one pack expired: throw away.');
    expect(words([pack({ of: 'other' })])).toBeUndefined();
  });
});
