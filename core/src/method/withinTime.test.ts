import { describe, expect, it } from 'vitest';
import { pacedMin } from '../../test/efforts.ts';
import { everyMethod, oneMethod } from '../../test/everyMethod.ts';
import { tell, type Saying } from '../quantity/saying.ts';
import { mixing } from '../safety/hazards/tools.ts';
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

describe('a scrub coat', () => {
  it('is still wet when its lift goes on, on bottom and walls alike: each lift has its own', () => {
    let lifts = 0;
    for (const slabC of [8, 20, 30])
      for (const { kind, system, work } of everyMethod({ slabC, airC: slabC }, { depthMm: 45 })) {
        const rows = work?.schedule.rows ?? [];
        for (const pack of rows.filter((r) => r.step.builder === 'pack-lift')) {
          const scrub = rows.find((r) => r.step.id === `scrub-${String(pack.step.lift)}`);
          const at = [kind, system, slabC, pack.step.id];
          expect([...at, scrub !== undefined && pack.startMin >= scrub.endMin]).toEqual([...at, true]);
          expect([...at, pack.latest !== undefined && Date.parse(pack.start) <= Date.parse(pack.latest.at)]).toEqual([...at, true]);
          lifts += 1;
        }
      }
    expect(lifts).toBeGreaterThan(60);
  });
});

describe('a window', () => {
  it('holds on every part of a large place: what takes longer, with what follows, is worked part by part', () => {
    const large = { lengthMm: 20_000, outline: { shape: { is: 'rectangle', widthMm: 3000, heightMm: 2500 } } };
    let [inOne, parted] = [0, 0];
    for (const { kind, system, work } of [...everyMethod(), ...everyMethod({}, large)])
      for (const { from, after, to, most } of work?.method.links ?? []) {
        const [first, next] = [from, to].map((id) => work?.method.steps.find((s) => s.id === id));
        if (after !== 'end' || !most || !first?.handsOn || !next?.handsOn) continue;
        const fits = first.minutes.value + next.minutes.value <= most.lag.minutes.value;
        if (fits) inOne += 1;
        else parted += 1;
        const words = tell([...first.detail, ' / ', ...next.detail], { units: 'metric', timeZone: 'UTC' });
        const told = /in (\d+) parts: on each of them/.exec(words);
        // each part with what follows it lies within the window
        const enough = told !== null && (first.minutes.value + next.minutes.value) / Number(told[1]) <= most.lag.minutes.value + 1e-9;
        expect([kind, system, from, to, fits || (enough && words.includes('part by part'))]).toEqual([kind, system, from, to, true]);
      }
    expect([inOne > 80, parted > 30]).toEqual([true, true]);
  });
});

describe('primer on the walls of a pocket', () => {
  it('is within its window when each layer of filler goes on', () => {
    let layers = 0;
    for (const slabC of [12, 20, 28])
      for (const { kind, system, work } of everyMethod({ slabC, airC: slabC }, { depthMm: 70, sectionMm: 120 })) {
        const rows = work?.schedule.rows.filter((r) => r.step.builder === 'press-filler') ?? [];
        for (const r of rows) {
          layers += 1;
          const at = [kind, system, slabC, r.step.id];
          expect([...at, r.latest !== undefined && Date.parse(r.start) <= Date.parse(r.latest.at)]).toEqual([...at, true]);
        }
      }
    expect(layers).toBeGreaterThan(40);
  });
});

describe('what is kept wet', () => {
  it('is not in use meanwhile: under wheels and feet a film keeps the water in instead', () => {
    let kept = 0;
    for (const { kind, system, work } of [...everyMethod(), ...everyMethod({}, { traffic: 'hard-wheels' }), ...everyMethod({}, { traffic: 'foot' })]) {
      const opens = work?.schedule.rows.find((r) => r.step.sign === 'opens');
      for (const { is, to } of work?.method.marks ?? []) {
        const row = work?.schedule.rows.find((r) => r.step.id === to.step);
        if (is !== 'water' || !to.later || !row || !opens) continue;
        kept += 1;
        const until = (to.at === 'start' ? row.startMin : row.endMin) + to.later.minutes.value;
        expect([kind, system, row.step.id, opens.startMin >= until - 1e-6]).toEqual([kind, system, row.step.id, true]);
      }
    }
    expect(kept).toBeGreaterThan(20);
  });
});

describe('tape', () => {
  it('beside what hardens is pulled in a step of its own, while that is soft', () => {
    const lays = /^(gun-sealant|fill-joint|pour-tinted|gel-paste|enamel-coat|mist-coat)$/;
    let pulls = 0;
    for (const { kind, system, work } of everyMethod()) {
      const rows = work?.schedule.rows ?? [];
      const last = rows.findLastIndex((r) => lays.test(r.step.builder));
      if (last < 0) continue;
      const pull = rows.slice(last + 1).find((r) => r.step.builder === 'pull-tape');
      pulls += 1;
      expect([kind, system, pull !== undefined && pull.latest !== undefined && pull.start <= pull.latest.at]).toEqual([kind, system, true]);
    }
    expect(pulls).toBeGreaterThan(10);
  });
});

describe('what comes in parts', () => {
  it('is stirred in a step, before it is placed or as it is', () => {
    const words = (step: { readonly title: Saying; readonly detail: Saying }) =>
      tell([...step.title, ' ', ...step.detail], { units: 'metric', timeZone: 'UTC' });
    const itself = new Set([...mixing, 'cartridge gun', 'pump with a gauge']);
    let tried = 0;
    for (const { kind, system, work } of everyMethod())
      for (const { id, parts, handling, serves } of work?.mixes ?? []) {
        if (handling.kind === 'ready' || parts.length < 2) continue;
        const { steps } = work?.method ?? { steps: [] };
        const ready = steps
          .slice(
            0,
            steps.findIndex((s) => serves.includes(s.id)),
          )
          .some((s) => s.builder !== 'lay-out' && s.tools.some((t) => mixing.includes(t)));
        const placed = steps
          .filter((s) => serves.includes(s.id))
          .every((s) => s.tools.some((t) => itself.has(t)) || /\bmix|stir|one color|hardener/.test(words(s)));
        tried += 1;
        expect([kind, system, id, ready || placed]).toEqual([kind, system, id, true]);
      }
    expect(tried).toBeGreaterThan(80);
  });
});

describe('a batch', () => {
  const room = { outline: { shape: { is: 'rectangle', widthMm: 2400, heightMm: 2000 } }, lengthMm: 20_000, depthMm: 38 };

  it('is no larger than a pail, a mixer and two arms, and says so where that decides', () => {
    let [tried, decided] = [0, 0];
    for (const { kind, system, work } of [...everyMethod({}, room), ...everyMethod({}, {})])
      for (const { id, total, batches, says, handling, parts } of work?.mixes ?? []) {
        // poured through one chute without a stop, or out of its own pail
        if (total.kind !== 'volume' || system === 'form-and-pour' || handling.kind === 'ready' || parts.every((p) => p.each === undefined)) continue;
        tried += 1;
        expect([kind, system, id, total.value / batches.value <= 20_000 * (1 + 1e-9)]).toEqual([kind, system, id, true]);
        if (says.some((s) => s.some((part) => typeof part === 'string' && part.includes('a pail, a mixer and two arms')))) decided += 1;
      }
    expect(tried).toBeGreaterThan(60);
    expect(decided).toBeGreaterThan(0);
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
