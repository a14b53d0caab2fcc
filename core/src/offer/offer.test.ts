import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../test/house.ts';
import { moneyText } from '../quantity/money.ts';
import { firmShelf, type Product } from '../shelf/product.ts';
import type { Job } from '../survey/job.ts';
import { makeOffer, type OfferInput } from './offer.ts';
import { offerChanges, offerHolds } from './offerChanges.ts';
import type { Offer } from './offerShape.ts';
import { offerProblems, offerRenamed, offerWithin, withRepair, type OfferSetup } from './setup.ts';
import { logoProblem, usualTerms } from './terms.ts';

const at = '2026-06-02T12:00:00Z';
const rules = { ...houseRules, labor: { perHour: 47.35, currency: 'USD', since: '2026-01-01' } };
const bag = (basedOn: string, size: number, amount: number): Product => ({
  id: `own-${basedOn}`,
  title: `Our ${basedOn}`,
  basedOn,
  sheet: 'sheet of 2026',
  figures: {},
  packs: [{ size, unit: 'g', price: { amount, currency: 'USD', on: '2026-02-01' } }],
});
const products = [bag('polymer-mortar-2k', 25_000, 31.49), bag('setting-compound-45', 5_000, 17.99)];
/** The job with the firm's own products chosen where it has one. */
const owned = (job: Job): Job => ({
  ...job,
  areas: job.areas.map((a) => ({
    ...a,
    defects: a.defects.map((d) => ({
      ...d,
      ...(d.choice && products.some((p) => p.basedOn === d.choice?.system) && { choice: { system: `own-${d.choice.system}` } }),
    })),
  })),
});
const input = (setup: OfferSetup = {}, more: Partial<OfferInput> = {}): OfferInput => ({
  job: owned(house(12)),
  rules,
  products,
  shelf: firmShelf(products),
  setup,
  terms: { ...usualTerms, taxes: [{ name: 'Sales tax', percent: 8.25 }] },
  firm: 'Rook & Son',
  at,
  ...more,
});
function offer(setup: OfferSetup = {}, more: Partial<OfferInput> = {}): Offer {
  const made = makeOffer(input(setup, more));
  if (!made.ok) throw new Error(made.why);
  return made.offer;
}
const sum = (list: readonly { readonly minor: number }[]) => list.reduce((all, one) => all + one.minor, 0);
const first = () => offer().lines[0] as Offer['lines'][number];

describe('an offer', () => {
  it('adds up to the cent at every level, in whole smallest units, whatever is in it', () => {
    const ids = house(12).areas.flatMap((a) => a.defects.map((d) => d.id));
    for (const currency of ['USD', 'JPY', 'KWD'])
      for (let turn = 0; turn < 4; turn++) {
        const made = offer(
          {
            repairs: ids.filter((_, i) => (i + turn) % 4 === 0).map((defect) => ({ defect, out: true })),
            extras: [{ id: 'e', title: 'Scaffold', minor: 18_001 }],
          },
          { rules: { ...rules, labor: { ...rules.labor, currency, perHour: 47.35 + turn / 3 } } },
        );
        expect(made.lines.length).toBeGreaterThan(5);
        for (const line of made.lines) expect(line.minor).toBe(sum(line.parts));
        expect(made.netMinor).toBe(sum(made.lines) + sum(made.extras));
        expect(made.totalMinor).toBe(made.netMinor + sum(made.taxes));
        for (const n of [...made.lines.flatMap((l) => l.parts), ...made.taxes].map((p) => p.minor)) expect(Number.isInteger(n)).toBe(true);
      }
  });

  it('can be worked out again from what it says: minutes by hand at the rate, to the cent', () => {
    for (const { parts } of offer().lines) {
      const [, hours = '0', minutes = '0'] = /^(?:(\d+) h ?)?(?:(\d+) min)? ?by hand at 47\.35 an hour$/.exec(parts[0]?.working ?? '') ?? [];
      expect(parts[0]?.minor).toBe(Math.round((((Number(hours) * 60 + Number(minutes)) * 4735) / 60) * (1 + 1e-12)));
    }
  });

  it('takes the tax of the sum, a half upward: by hand, 8.25 % of what is before it', () => {
    const { netMinor, taxes } = offer();
    expect(taxes.map((t) => t.minor)).toEqual([Math.round((netMinor * 825) / 10_000 + 1e-9)]);
  });

  it('counts packs for all repairs together, and shares them by what each needs', () => {
    const mortar = products[0] as Product;
    const made = offer();
    const parts = made.lines.flatMap((l) => l.parts.filter((p) => p.label === mortar.title));
    expect(parts.length).toBeGreaterThan(1);
    // whole bags in all, though each repair takes a part of one
    expect(sum(parts) % 3149).toBe(0);
    expect(sum(parts)).toBeLessThan(parts.length * 3149);
    expect(parts[0]?.working).toMatch(/ of (one pack|\d+ packs) of 25.*kg at 31\.49$/);
  });

  it('says of each way that is not taken what it would change, how long it holds and what the firm would do', () => {
    const made = offer({ others: true });
    const withChoice = made.lines.filter((l) => l.instead.length > 0);
    expect(withChoice.length).toBeGreaterThan(3);
    for (const line of withChoice) {
      expect(line.would).toMatch(/^We would do it as offered/);
      for (const way of line.instead) expect(way.holds.length + way.leaves.length).toBeGreaterThan(0);
    }
    // the change is what the sum becomes if that way is the one offered
    const line = withChoice[0] as Offer['lines'][number];
    const [way] = line.instead;
    const taken = offer({ others: true, repairs: [{ defect: line.defect, ways: [{ scope: way?.scope ?? 'patch', system: way?.system ?? '' }] }] });
    expect(taken.lines.find((l) => l.defect === line.defect)?.way.system).toBe(way?.system);
    expect(taken.netMinor - made.netMinor).toBe(way?.changeMinor);
    const wouldOf = (setup: OfferSetup) => offer(setup).lines.find((l) => l.defect === line.defect)?.would;
    const ways = [
      { scope: way?.scope ?? 'patch', system: way?.system ?? '' },
      { scope: 'patch' as const, system: line.way.system },
    ];
    // what is offered against what was planned: what was planned is what the firm would do
    expect(wouldOf({ repairs: [{ defect: line.defect, ways }] })).toBe(`We would rather take: ${line.way.title}.`);
    expect(wouldOf({ repairs: [{ defect: line.defect, ways, would: ' As we did next door. ' }] })).toBe('As we did next door.');
    // and where nothing is put beside it, there is nothing to prefer
    expect(offer().lines.flatMap((l) => [...l.instead, ...(l.would === undefined ? [] : [l.would])])).toEqual([]);
  });

  it('says of each repair that is not in it why; one left out keeps how it would be done and what it would add', () => {
    const { defect, mark } = first();
    const without = offer({ repairs: [{ defect, out: true }] });
    const [out] = without.notIn.filter((n) => n.defect === defect);
    expect(out).toMatchObject({ mark, why: 'left out of this offer' });
    expect(out?.way?.holds.length).toBeGreaterThan(0);
    expect(without.netMinor + (out?.addsMinor ?? 0)).toBe(offer().netMinor);
    const job = house(12);
    const [area, ...rest] = job.areas;
    const open = offer({}, { job: { ...job, areas: area ? [{ ...area, defects: area.defects.map((d) => ({ ...d, facts: {} })) }, ...rest] : [] } });
    expect(open.notIn.length).toBeGreaterThanOrEqual(area?.defects.length ?? 1);
    for (const n of open.notIn) expect(n.why).not.toBe('');
  });

  it('has what is hidden, and material without a price, among what is not included, and holds as long as is set', () => {
    const made = offer({ excluded: 'Painting the whole wall\n\n' }, { products: [] });
    expect(made.excluded.join('\n')).toMatch(/hidden[\s\S]*\nMaterial\n[\s\S]*furniture[\s\S]*Painting the whole wall$/);
    // where some of it has a price, what has none is named
    expect(offer().unpriced?.join()).toMatch(/^Material: .+, /);
    expect(made.validUntil).toBe('2026-07-02');
    expect([offerHolds(made, '2026-07-02'), offerHolds(made, '2026-07-03')]).toEqual([true, false]);
    // the day is that of the site: late in the evening there it is still the day before
    expect(offer({}, { at: '2026-06-03T02:00:00Z', job: { ...house(2), timeZone: 'America/Chicago' } }).validUntil).toBe('2026-07-02');
  });

  it('is the same from what was looked at before, and plans nothing anew that is as it was', () => {
    const memory = new Map<string, unknown>();
    const before = offer({ words: 'a' }, { memory });
    const looked = [...memory.values()];
    const { defect } = first();
    const setup: OfferSetup = { words: 'b', repairs: [{ defect, out: true, would: 'x' }], extras: [{ id: 'e', title: 'Travel', minor: 100 }] };
    expect(offer(setup, { memory })).toEqual(offer(setup));
    expect([...memory.values()]).toEqual(looked);
    expect(before.lines.length).toBe(memory.size);
    offer({ repairs: [{ defect, ways: [{ scope: 'margin' }] }] }, { memory });
    expect(memory.size).toBe(looked.length + 1);
  });

  it('cannot be made without a rate of labor, and says so; it stops where it is told to', () => {
    expect(makeOffer(input({}, { rules: houseRules }))).toEqual({ ok: false, why: expect.stringMatching(/House rules/) as string });
    expect(makeOffer(input({}, { progress: () => false }))).toMatchObject({ ok: false });
  });

  it('says what has changed since it was kept, and nothing where nothing has', () => {
    const kept = offer();
    expect(offerChanges(kept, offer({}, { at: '2026-06-20T12:00:00Z' }))).toEqual([]);
    const { defect, mark } = first();
    const says = (now: Offer) => offerChanges(kept, now).map((c) => `${c.mark ?? ''} ${c.says}`);
    const without = offer({ repairs: [{ defect, out: true }] });
    expect(says(without)).toEqual([
      ` In all it was USD ${moneyText(kept.totalMinor, 'USD')}, and would be USD ${moneyText(without.totalMinor, 'USD')} now.`,
      `${mark} It would not be in it now: left out of this offer.`,
    ]);
    expect(says(offer({}, { rules: { ...rules, labor: { ...rules.labor, perHour: 60 } } })).length).toBeGreaterThan(kept.lines.length / 2);
    expect(says(offer({}, { rules: { ...rules, labor: { ...rules.labor, currency: 'EUR' } } }))).toEqual([expect.stringMatching(/was in USD/)]);
    expect(says(offer({}, { terms: { ...usualTerms, taxes: [], conditions: 'Other' } })).slice(1)).toEqual([
      ' The taxes are others.',
      ' The conditions are others.',
    ]);
    expect(says(offer({}, { job: owned(house(13)) })).some((s) => s.includes('found since'))).toBe(true);
    const gone = offer({}, { job: owned(house(11)) });
    expect(offerChanges(offer({}, { job: owned(house(13)) }), gone).some((c) => c.says === 'It is not in the job any more.')).toBe(true);
    expect(says(offer({ extras: [{ id: 'x', title: 'Travel', minor: 4000 }] })).some((s) => s.includes('Travel, USD 40.00'))).toBe(true);
  });
});

describe('what an offer is made by', () => {
  it('keeps to the repairs of its job, under whatever ids', () => {
    const job = house(2);
    const [id = ''] = job.areas.flatMap((a) => a.defects.map((d) => d.id));
    const setup: OfferSetup = {
      repairs: [
        { defect: id, out: true },
        { defect: 'gone', would: 'x' },
      ],
      words: 'Hello',
    };
    expect(offerProblems(job, setup).map((p) => p.path)).toEqual(['offer/repairs/1/defect']);
    expect(offerWithin(job, setup)).toEqual({ repairs: [{ defect: id, out: true }], words: 'Hello' });
    expect(offerRenamed(setup, new Map([[id, 'new']])).repairs?.[0]).toEqual({ defect: 'new', out: true });
  });

  it('says nothing of a repair that stands as usual again', () => {
    const out = withRepair({ words: 'Hello' }, 'a', { out: true });
    expect(out).toEqual({ words: 'Hello', repairs: [{ defect: 'a', out: true }] });
    expect(withRepair(out, 'a', { out: false })).toEqual({ words: 'Hello' });
    expect(withRepair(out, 'b', { would: 'x' }).repairs).toHaveLength(2);
  });

  it('takes a picture as logo and nothing else', () => {
    expect(logoProblem('data:image/png;base64,iVBORw0KGgo=')).toBeUndefined();
    for (const not of ['data:image/svg+xml;base64,AAAA', 'data:image/png;base64,AAAA', 'https://example.org/a.png', '', 3])
      expect(logoProblem(not)).toMatch(/PNG or JPEG/);
    expect(logoProblem(`data:image/png;base64,iVBORw0KGgo${'A'.repeat(300_000)}`)).toMatch(/200 kB/);
  });
});
