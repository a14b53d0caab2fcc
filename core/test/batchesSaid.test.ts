import { expect, it } from 'vitest';
import { tell } from '../src/quantity/saying.ts';
import { everyMethod } from './everyMethod.ts';

const large = { outline: { shape: { is: 'rectangle', widthMm: 900, heightMm: 700 } }, lengthMm: 6000 };

it('is said in the step that places a mix, or that mixes it, wherever it is mixed in more batches than it is placed in steps', () => {
  const silent = new Set<string>();
  let tried = 0;
  for (const { kind, system, work } of [...everyMethod(), ...everyMethod({}, large), ...everyMethod({ slabC: 29, airC: 29 }, large)])
    for (const { id, batches, serves, handling } of work?.mixes ?? []) {
      const steps = work?.method.steps ?? [];
      const placed = steps.filter((s) => serves.includes(s.id));
      if (handling.kind === 'ready' || batches.value <= placed.length) continue;
      const last = steps.findLastIndex((s) => serves.includes(s.id));
      // what is mixed in a step of its own is mixed right before
      const about = steps.filter((s, i) => serves.includes(s.id) || (i < last && /mix|load/.test(s.builder)));
      const words = about.map((s) => tell([...s.title, ' ', ...s.detail], { units: 'metric', timeZone: 'UTC' })).join(' / ');
      tried += 1;
      if (!/batch|times, each|load|handful|cartridge|cup|one by one|can at a time/.test(words))
        silent.add(`${kind}, ${system}: ${id} (${placed.map((s) => s.builder).join(', ')})`);
    }
  expect([...silent]).toEqual([]);
  expect(tried).toBeGreaterThan(100);
});
