import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { afterEach, expect, it, vi } from 'vitest';
import { Ledger } from '../src/quantity/ledger.ts';
import { genericShelf } from '../src/shelf/shelf.ts';
import { auxiliaries } from '../src/shelf/auxiliaries/auxiliaries.ts';
import { shelfLimits } from '../src/shelf/limits.ts';
import { usualFigures } from '../src/shelf/usual/usualFigures.ts';
import { schoolQuestions } from '../src/schools/schools.ts';
import { everyMethod } from './everyMethod.ts';

const root = join(import.meta.dirname, '../src');
const files = (readdirSync(root, { recursive: true }) as string[])
  .filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'))
  .map((f) => ({ name: f, text: readFileSync(join(root, f), 'utf8') }));

afterEach(() => {
  vi.restoreAllMocks();
});

it('what a method assumes stands in a record of the shelf, or says why it is assumed of this very place', () => {
  const bare = new Set<string>();
  let looked = 0;
  // kept to be called on whichever ledger it was asked of
  // eslint-disable-next-line @typescript-eslint/unbound-method
  const plain = Ledger.prototype.assumed;
  vi.spyOn(Ledger.prototype, 'assumed').mockImplementation(function (this: Ledger, label, kind, value, source, why) {
    looked += 1;
    if (why === undefined) bare.add(label);
    return plain.call(this, label, kind, value, source, why);
  });
  const sides = schoolQuestions.map((q) => ({ [q.id]: q.sides.find((s) => s.id !== q.usual)?.id ?? '' }));
  const other = Object.assign({}, ...sides) as Record<string, string>;
  for (const given of [everyMethod(), everyMethod({ slabC: 12, airC: 14 }, { position: 'overhead', place: 'outside' }, other)])
    for (const { work } of given) work?.method.steps.forEach((s) => s.minutes.value);
  expect([...bare]).toEqual([]);
  expect(looked).toBeGreaterThan(20);
});

it('a number that the work itself states is one of its own: nothing, one, two, or the four sides of something', () => {
  const found = files.flatMap(({ name, text }) =>
    [...text.matchAll(/stated\(\s*'([^']*)',\s*'\w+',\s*([\d._]+)\s*,?\s*\)/g)].map((m) => [name, m[1], Number((m[2] ?? '').replaceAll('_', ''))] as const),
  );
  expect(found.length).toBeGreaterThan(20);
  expect(found.filter(([, , value]) => ![0, 1, 2, 4].includes(value))).toEqual([]);
});

it('no limit stands twice: a figure of the usual records is in no record of a system or auxiliary of the same words', () => {
  const usual = shelfLimits(usualFigures);
  const others = new Set(shelfLimits([...genericShelf, ...auxiliaries]).map((l) => l.label));
  // the same words mean another figure there: the record of the usual ones says where it is taken
  expect(usual.filter((l) => others.has(l.label)).map((l) => l.label)).toEqual([]);
  expect(new Set(usual.map((l) => l.id)).size).toBe(usual.length);
});
