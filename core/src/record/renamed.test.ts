import { describe, expect, it } from 'vitest';
import { planInput } from '../../test/cracks.ts';
import { chains } from '../shelf/chains.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { notFollowed, productFigures } from '../shelf/product.ts';
import { ratesNotFollowed, settableRates } from '../shelf/rates.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { schoolQuestions } from '../schools/schools.ts';
import { defectKinds } from '../survey/kinds.ts';
import type { Defect } from '../survey/job.ts';
import { defectToday, productToday, renamed, rulesToday, shelfToday, systemToday, type Renamed } from './renamed.ts';

const none: Renamed = { kinds: {}, systems: {}, figures: {}, rates: {}, stops: {}, questions: {}, sides: {} };
/** A table as it stands after a year of renaming. */
const later: Renamed = {
  kinds: { 'floor-crack': 'slab-crack' },
  systems: { 'two-part-mortar': 'polymer-mortar-2k', plug: 'water-plug' },
  figures: { '*': { 'slabC/least': 'slabC/min' }, 'polymer-mortar-2k': { 'mortar/yield': 'mortar/yieldMlG' } },
  rates: { packing: 'packPerL' },
  stops: { leaning: 'structural' },
  questions: { 'how-deep': 'chase-depth' },
  sides: { 'chase-depth': { 'one-third': 'deep' } },
};

const defect = (over: object): Defect => ({ ...planInput().defect, ...over });

describe('what an earlier version called otherwise', () => {
  it('is read in the names of today: kinds, systems, combinations, stops, questions and their sides', () => {
    const kept = defect({
      kind: 'floor-crack',
      choice: { system: 'plug + injection-foam', reason: 'r' },
      schools: { 'how-deep': 'one-third', 'moist-curing': 'long' },
      decisions: [{ stop: 'leaning', who: 'w', capacity: 'c', what: 'x', on: '2026-01-01' }],
    });
    const now = defectToday(kept, later);
    expect([now.kind, now.choice, now.schools, now.decisions.map((d) => d.stop)]).toEqual([
      'slab-crack',
      { system: 'water-plug + injection-foam', reason: 'r' },
      { 'chase-depth': 'deep', 'moist-curing': 'long' },
      ['structural'],
    ]);
    expect([now.id, now.mark, now.facts]).toEqual([kept.id, kept.mark, kept.facts]);
    expect(rulesToday({ schools: { 'how-deep': 'one-third' }, rates: { packing: 7, mixMin: 4 } }, later)).toEqual({
      schools: { 'chase-depth': 'deep' },
      rates: { packPerL: 7, mixMin: 4 },
    });
  });

  it('gives its value to today’s name, and not where today’s name has one already', () => {
    const product = { title: 'Ours', basedOn: 'two-part-mortar', figures: { 'mortar/yield': 0.52, 'slabC/least': 6, 'slabC/min': 8 } };
    expect(productToday(product, later)).toEqual({ title: 'Ours', basedOn: 'polymer-mortar-2k', figures: { 'mortar/yieldMlG': 0.52, 'slabC/min': 8 } });
    expect(notFollowed(productToday(product, later))).toEqual([]);
    expect(rulesToday({ schools: {}, rates: { packing: 7, packPerL: 5 } }, later).rates).toEqual({ packPerL: 5 });
    expect(ratesNotFollowed(rulesToday({ schools: {}, rates: { packing: 7 } }, later).rates ?? {})).toEqual([]);
  });

  it('moves the figures of a kept record of the shelf to their path of today, before today’s record goes under it', () => {
    const today = genericShelf.find((s) => s.id === 'polymer-mortar-2k');
    if (!today?.mortar || !today.slabC.min) throw new Error('no mortar');
    const { yieldMlG, ...mortar } = today.mortar;
    const { min, ...slabC } = today.slabC;
    const kept = {
      ...today,
      id: 'two-part-mortar',
      mortar: { ...mortar, yield: { ...yieldMlG, value: 0.61 } },
      slabC: { ...slabC, least: { ...min, value: 9 } },
    } as unknown as PatchSystem;
    const now = shelfToday(kept, later);
    expect([now.id, now.mortar?.yieldMlG.value, now.slabC.min?.value]).toEqual(['polymer-mortar-2k', 0.61, 9]);
    expect(now.mortar).not.toHaveProperty('yield');
    // a product keeps its own id
    expect(shelfToday({ ...kept, id: 'p-1', basedOn: 'two-part-mortar' }, later)).toMatchObject({ id: 'p-1', basedOn: 'polymer-mortar-2k' });
  });

  it('leaves everything of today as it is, and keeps what nobody knows', () => {
    for (const system of genericShelf) expect(shelfToday(system)).toEqual(system);
    const strange = { basedOn: 'polymer-mortar-2k', figures: { 'lift/nowhere': 3 } };
    expect(productToday(strange)).toBe(strange);
    expect(notFollowed(strange)).toHaveLength(1);
    const rules = { schools: { 'chase-depth': 'deep', unheard: 'of' }, rates: { unheard: 3 }, labor: { perHour: 50, currency: 'USD', since: '2026-01-01' } };
    expect(rulesToday(rules)).toEqual(rules);
    const kept = defect({ choice: { system: 'nobody + knows' }, decisions: [{ stop: 'unheard', who: 'w', capacity: 'c', what: 'x', on: '2026-01-01' }] });
    expect(defectToday(kept)).toEqual(kept);
    expect(systemToday('constructor', none)).toBe('constructor');
  });
});

describe('the table', () => {
  const ids = {
    kinds: defectKinds().map((k) => k.id),
    systems: [...genericShelf, ...chains].map((s) => s.id),
    rates: settableRates.map((r) => r.id),
    questions: schoolQuestions.map((q) => q.id),
  };

  it('leads from names that are gone to names that are there, in one step', () => {
    for (const [what, known] of Object.entries(ids)) {
      for (const [old, now] of Object.entries(renamed[what as keyof typeof ids]))
        expect([what, old, known.includes(now), known.includes(old)]).toEqual([what, old, true, false]);
    }
    for (const [system, paths] of Object.entries(renamed.figures)) {
      const of = genericShelf.filter((s) => system === '*' || s.id === system);
      expect(of.length).toBeGreaterThan(0);
      for (const [old, now] of Object.entries(paths)) {
        expect(of.some((s) => productFigures(s).some((f) => f.path === now))).toBe(true);
        expect(of.every((s) => productFigures(s).every((f) => f.path !== old))).toBe(true);
      }
    }
  });
});
