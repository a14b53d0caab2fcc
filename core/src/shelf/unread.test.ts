import { afterAll, beforeAll, expect, it, vi } from 'vitest';
import { judged } from '../../test/cracks.ts';
import { surveyedPlan } from '../../test/defects.ts';
import { Ledger, type Sourced } from '../quantity/ledger.ts';
import { defectKinds } from '../survey/kinds.ts';
import { shelfLimits } from './limits.ts';
import { auxiliaries } from './auxiliaries/auxiliaries.ts';
import { genericShelf } from './shelf.ts';

/**
 * Figures of the shelf that no rule, recipe or calculator reads yet. The list may only get shorter: a figure that
 * nobody reads is a promise that nobody keeps.
 */
const unreadStill: readonly string[] = [
  // parts of combinations, whose last member says when it is in use
  'epoxy-consolidant/ready/use', 'epoxy-consolidant/visits', 'polyester-finish-putty/ready/use', 'polyester-finish-putty/visits',
  'rapid-crack-resin/working/recoatFrom',
  // steps of methods that are not there yet
  'adhesion-promoter/figures/dry', 'adhesion-promoter/figures/until', 'adhesion-promoter/slabC/min', 'backer-rod/figures/over', 'backing-foam/figures/over', 'bar-primer-zinc/figures/coats', 'bar-primer-zinc/figures/recoat', 'bar-primer-zinc/slabC/max', 'bar-primer-zinc/slabC/min',
  'bond-acrylic/figures/open', 'bond-acrylic/slabC/min', 'bond-epoxy/figures/open', 'bond-epoxy/slabC/min', 'bond-pva/slabC/min', 'bond-sbr/figures/open', 'bond-sbr/slabC/min', 'curing-compound/figures/cover', 'epoxy-paste/figures/bed', 'epoxy-paste/figures/pressure', 'epoxy-paste/figures/strip', 'epoxy-paste/slabC/min',
  'glass-mesh-repair/figures/lap', 'glass-mesh-repair/figures/onto', 'gypsum-backer/figures/daubs', 'tape-glass-mesh/figures/width', 'tape-paper/figures/width', 'wood-backer/figures/past', 'wood-backer/figures/thickness',
];

const read = new Set<Sourced>();
// kept to be called on whichever ledger it was asked of
// eslint-disable-next-line @typescript-eslint/unbound-method
const plain = Ledger.prototype.sourced;
beforeAll(() => {
  vi.spyOn(Ledger.prototype, 'sourced').mockImplementation(function (this: Ledger, s: Sourced) {
    read.add(s);
    return plain.call(this, s);
  });
});
afterAll(() => { vi.restoreAllMocks(); });

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);

function figuresIn(value: unknown, path: string): (readonly [string, Sourced])[] {
  if (!isRecord(value)) return [];
  if (typeof value['value'] === 'number' && typeof value['kind'] === 'string') return [[path, value as unknown as Sourced]];
  return Object.entries(value).flatMap(([key, part]) => figuresIn(part, `${path}/${key}`));
}

it('every figure of the shelf is read by something, but for those named here', () => {
  for (const kind of defectKinds().filter((k) => k.id !== 'slab-crack')) {
    surveyedPlan(kind.id);
    for (const area of [{ slabC: 2, airC: 3 }, { slabC: 39, airC: 38 }, { slabC: 12, airC: 25, humidityPct: 90 }]) surveyedPlan(kind.id, {}, area);
    for (const ask of kind.asks) {
      if (ask.ask !== 'choice') continue;
      for (const { value } of ask.options) {
        try {
          surveyedPlan(kind.id, { [ask.field]: value, slabAgeDays: 100 });
        } catch {
          // an answer that contradicts the plain ones is refused, and judges nothing
        }
      }
    }
  }
  for (const kind of ['plaster-hole', 'plaster-loose']) surveyedPlan(kind, { position: 'overhead', base: 'concrete', binder: 'cement', thicknessMm: 8, depthMm: 8 });
  for (const system of ['polymer-mortar-2k', 'hand-packed-mortar', 'rapid-repair-mortar']) expect(surveyedPlan('concrete-spall', { depthMm: 45 }, {}, { choice: { system } }).match.work()?.candidate.system.id).toBe(system);
  for (const traffic of ['foot', 'soft-tires', 'hard-wheels']) for (const movement of ['still', 'moving']) for (const sand of ['one', 'two'] as const) judged({ answers: { traffic, movement, movementMm: 2, slabAgeDays: 100 }, defect: { sand, choice: { system: 'rapid-crack-resin', reason: 'tried' } } });
  surveyedPlan('bar-spall', { position: 'wall', loaded: 'no' }, {}, { choice: { system: 'bar-primer-epoxy-cement + polymer-mortar-2k' } }).match.work();
  const unread = [...genericShelf, ...auxiliaries].flatMap((s) => figuresIn(s, s.id)).filter(([, s]) => !read.has(s)).map(([path]) => path);
  expect(unread.sort()).toEqual([...unreadStill].sort());
  expect(shelfLimits(genericShelf).length).toBeGreaterThan(read.size / 2);
});
