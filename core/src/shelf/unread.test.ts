import { afterAll, beforeAll, expect, it, vi } from 'vitest';
import { judged } from '../../test/cracks.ts';
import { surveyedPlan } from '../../test/defects.ts';
import { everyMethod } from '../../test/everyMethod.ts';
import { Ledger, type Sourced } from '../quantity/ledger.ts';
import { schoolQuestions } from '../schools/schools.ts';
import { defectKinds } from '../survey/kinds.ts';
import { shelfLimits } from './limits.ts';
import { auxiliaries } from './auxiliaries/auxiliaries.ts';
import { usualFigures } from './usual/usualFigures.ts';
import { dryingCompound } from './systems/dryingCompound.ts';
import { genericShelf } from './shelf.ts';

/** Figures of the shelf that no rule, recipe or calculator reads: none. A figure that nobody reads is a promise that nobody keeps. */
const unreadStill: readonly string[] = [];

const variants: readonly (readonly [Readonly<Record<string, unknown>>, Readonly<Record<string, string>>])[] = [
  [{}, {}],
  [{ position: 'overhead', place: 'outside' }, {}],
  [{ base: 'metal-lath', frame: 'other', joint: 'construction' }, { 'plaster-coats': 'same-day' }],
  [{ traffic: 'hard-wheels', depthMm: 45, position: 'edge', wallMm: 400 }, {}],
  [{ binder: 'cement', texture: 'dash' }, {}],
  [{ base: 'concrete', depthMm: 70, sectionMm: 90, joint: 'outside' }, {}],
  [{ base: 'concrete', position: 'overhead' }, {}],
  [{ base: 'concrete', place: 'outside', match: 'color' }, {}],
  [{ paint: 'gloss', light: 'raking', look: 'close', tape: 'loose', joint: 'tapered', drip: 'yes', sagMm: 40, moisture: 'damp', overhangMm: 80 }, {}],
  [
    { paint: 'flat', look: 'far', texture: 'knockdown', moisture: 'wet' },
    Object.fromEntries(schoolQuestions.map((q) => [q.id, q.sides.find((s) => s.id !== q.usual)?.id ?? ''])),
  ],
  [{ before: 'coating', again: 'film' }, {}],
  [{ finish: 'stain' }, {}],
  [{ fault: 'hump', heightMm: 2, temperatureC: -5, shellMm: 6, frame: 'steel', barSeen: 'near', coverMm: 8, radiusMm: 20, edge: 'nosing' }, {}],
  [{ fault: 'hump' }, {}],
  // as little measured as is asked
  [
    Object.fromEntries(
      ['depthMm', 'boardMm', 'framingMm', 'sectionMm', 'shellMm', 'wallMm', 'slabMm', 'thicknessMm', 'stoneMm', 'widthMm'].map((f) => [f, undefined]),
    ),
    {},
  ],
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
afterAll(() => {
  vi.restoreAllMocks();
});

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);

function figuresIn(value: unknown, path: string): (readonly [string, Sourced])[] {
  if (!isRecord(value)) return [];
  if (typeof value['value'] === 'number' && typeof value['kind'] === 'string') return [[path, value as unknown as Sourced]];
  return Object.entries(value).flatMap(([key, part]) => figuresIn(part, `${path}/${key}`));
}

it('every figure of the shelf is read by something, but for those named here', () => {
  for (const kind of defectKinds()) {
    surveyedPlan(kind.id);
    for (const area of [
      { slabC: 2, airC: 3 },
      { slabC: 39, airC: 38 },
      { slabC: 12, airC: 25, humidityPct: 90 },
    ])
      surveyedPlan(kind.id, {}, area);
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
  for (const kind of ['plaster-hole', 'plaster-loose'])
    surveyedPlan(kind, { position: 'overhead', base: 'concrete', binder: 'cement', thicknessMm: 8, depthMm: 8 });
  // every method, plain and where another answer or side asks for something else
  // too cold, or below the dew point, or damp, for what was taken
  for (const area of [
    { slabC: 2, airC: 3 },
    { slabC: 15, airC: 24, humidityPct: 70 },
    { slabC: 15, airC: 24, humidityPct: 95 },
  ])
    for (const { work } of everyMethod(area, { moisture: 'damp', moisturePct: 26 })) expect(work?.method.steps.length ?? 1).toBeGreaterThan(0);
  for (const [given, schools] of variants) for (const { work } of everyMethod({}, given, schools)) expect(work?.method.steps.length ?? 1).toBeGreaterThan(0);
  for (const traffic of ['foot', 'soft-tires', 'hard-wheels'])
    for (const movement of ['still', 'moving'])
      for (const sand of ['one', 'two'] as const)
        judged({
          answers: { traffic, movement, movementMm: 2, slabAgeDays: 100 },
          defect: { sand, choice: { system: 'rapid-crack-resin', reason: 'tried' } },
        }).work();
  for (const { id } of genericShelf.filter((one) => one.suits.includes('slab-crack')))
    judged({
      answers: { traffic: 'foot', movement: 'still', finish: 'thin-coating', widths: [{ atMm: 0, widthMm: 0.4 }] },
      defect: { choice: { system: id, reason: 'tried' } },
    }).work();
  // what carries is worked on once somebody has decided of it
  surveyedPlan(
    'timber-decay',
    { end: 'yes', loaded: 'yes' },
    {},
    {
      choice: { system: 'wood-splice', reason: 'tried' },
      decisions: [{ stop: 'timber-load', who: 'A', capacity: 'engineer', what: 'as drawn', on: '2026-01-01' }],
    },
  ).work();
  // a compound of the firm that goes on thicker than one that dries from its face
  everyMethod({}, { depthMm: 5 }, {}, [
    { ...dryingCompound, figures: { ...dryingCompound.figures, coatMost: { ...dryingCompound.figures.coatMost, value: 5 } } },
  ]);
  const unread = [...genericShelf, ...auxiliaries, ...usualFigures]
    .flatMap((s) => figuresIn(s, s.id))
    .filter(([, s]) => !read.has(s))
    .map(([path]) => path);
  expect(unread.sort()).toEqual([...unreadStill].sort());
  expect(shelfLimits(genericShelf).length).toBeGreaterThan(read.size / 2);
});
