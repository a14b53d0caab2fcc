import { describe, expect, it } from 'vitest';
import { pacedMin } from '../../test/efforts.ts';
import { everyMethod, oneMethod } from '../../test/everyMethod.ts';
import { chains } from '../shelf/chains.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { defectKinds } from '../survey/kinds.ts';

/** What is not placed out of a pail: mixed in the nozzle as it goes in, or held in its place until it has set. */
const otherwise = new Set(['urethane', 'quick cement']);

describe('a mix', () => {
  const large = { outline: { shape: { is: 'rectangle', widthMm: 1000, heightMm: 700 } }, lengthMm: 6000 };
  const cases = [12, 20, 29].flatMap((slabC) => [...everyMethod({ slabC, airC: slabC }), ...everyMethod({ slabC, airC: slabC }, large)]);

  it('is mixed in so many batches that the steps it goes into end within the working time of each', () => {
    let tried = 0;
    for (const { kind, system, work } of cases)
      for (const { id, within, batches, serves, handling } of work?.mixes ?? []) {
        if (!within || otherwise.has(handling.kind)) continue;
        const minutes = work?.method.steps
          .filter((s) => serves.includes(s.id))
          .flatMap((s) => s.handsOn?.efforts ?? [])
          .reduce((sum, e) => sum + pacedMin(e), 0);
        tried += 1;
        expect([kind, system, id, (minutes ?? 0) <= within.value * batches.value * (1 + 1e-9)]).toEqual([kind, system, id, true]);
      }
    expect(tried).toBeGreaterThan(250);
  });
});

describe('tools', () => {
  it('are cleaned before what is on them sets, after every time that a mix is placed', () => {
    let placings = 0;
    for (const slabC of [12, 20, 29])
      for (const { kind, system, work } of everyMethod({ slabC, airC: slabC }, { match: 'both' })) {
        const rows = work?.schedule.rows ?? [];
        for (const { id, within, serves } of work?.mixes ?? []) {
          if (!within) continue;
          const placed = rows.filter((r) => serves.includes(r.step.id));
          placed.forEach((p, i) => {
            placings += 1;
            const sets = p.endMin + within.value + 1e-6;
            const next = placed[i + 1];
            const after = rows.slice(rows.indexOf(p) + 1).filter((r) => r.startMin <= sets);
            const cleaned =
              p.step.cleans === true || after.some(({ step }) => step.cleans === true || step.builder === 'clear-away' || step.builder === 'put-away');
            expect([kind, system, id, p.step.id, cleaned || (next !== undefined && next.startMin <= sets)]).toEqual([kind, system, id, p.step.id, true]);
          });
        }
      }
    expect(placings).toBeGreaterThan(500);
  });
});

describe('a system that is for other work', () => {
  it('is refused in words whatever it is tried on, and no plan breaks for it', () => {
    let refused = 0;
    for (const kind of defectKinds())
      for (const { id, suits } of [...genericShelf, ...chains]) {
        if (suits.includes(kind.id)) continue;
        const { plan, work } = oneMethod(kind, id);
        const why = plan.problem();
        expect([kind.id, id, work, plan.held || why !== undefined || !plan.planned]).toEqual([kind.id, id, undefined, true]);
        if (why) refused += 1;
      }
    expect(refused).toBeGreaterThan(300);
  });
});

describe('the time until it is used', () => {
  it('is no shorter on the clock than what the system says of itself', () => {
    let told = 0;
    for (const slabC of [12, 20, 29])
      for (const { kind, system, work } of everyMethod({ slabC, airC: slabC })) {
        // tile goes on sooner than anybody uses it, and that is where this method ends
        if (!work || system === 'backer-and-waterproofing') continue;
        told += 1;
        const { ready } = work.candidate;
        expect([kind, system, (work.schedule.inUse?.value ?? 0) >= (ready?.value ?? 0) - 1e-6]).toEqual([kind, system, true]);
      }
    expect(told).toBeGreaterThan(250);
  });
});
