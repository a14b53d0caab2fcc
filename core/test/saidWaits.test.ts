// A step that says how long something is let dry, and is work itself, leaves that long before the next (common practice, no source).
import { expect, it } from 'vitest';
import { tell } from '../src/quantity/saying.ts';
import { Figure } from '../src/quantity/figure.ts';
import { everyMethod } from './everyMethod.ts';

it('what is to be let alone for a time in a working step is let alone that long, however wet the place is', () => {
  let looked = 0;
  for (const moisture of ['dry', 'damp', 'wet', 'seasonal', 'seeping', 'running'])
    for (const { kind, system, work } of everyMethod({}, { moisture }))
      for (const [i, { step, start }] of (work?.schedule.rows ?? []).entries()) {
        const said = tell(step.title, { units: 'metric', timeZone: 'UTC' });
        const long = step.title.find((part) => part instanceof Figure && part.kind === 'duration');
        const next = work?.schedule.rows[i + 1];
        if (step.kind !== 'work' || !/^(Let|Leave|Wait)\b/.test(said) || !(long instanceof Figure) || !next) continue;
        looked += 1;
        const gapMin = (Date.parse(next.start) - Date.parse(start)) / 60_000;
        expect([kind, system, moisture, said, gapMin >= long.value]).toEqual([kind, system, moisture, said, true]);
      }
  expect(looked).toBeGreaterThan(2);
});
