import { describe, expect, it } from 'vitest';
import { everyMethod } from '../../test/everyMethod.ts';
import type { PlannedWork } from '../plan/plannedWork.ts';
import { Figure } from '../quantity/figure.ts';
import { tell, type Saying } from '../quantity/saying.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { auxiliaries } from '../shelf/auxiliaries/auxiliaries.ts';
import { wears } from './wear.ts';

const words = (s: Saying) => tell(s, { units: 'metric', timeZone: 'UTC' });
/** Every method, warm and cool, alone and as a pair. */
const all = everyMethod().filter((m): m is typeof m & { work: PlannedWork } => m.work !== undefined);
const at = ({ kind, system }: { kind: string; system: string }) => `${kind} ${system}`;
const sum = (numbers: readonly number[]) => numbers.reduce((a, b) => a + b, 0);

describe('what a method takes along', () => {
  it('is what its steps use: of every mix all of it, of every material all of it, and nothing that is not there', () => {
    let [mixes, materials] = [0, 0];
    for (const m of all) {
      const { method } = m.work;
      const uses = method.steps.flatMap((s) => s.handsOn?.uses ?? []);
      const known = [...method.mixes, ...method.materials].map((one) => one.id);
      expect([at(m), new Set(known).size]).toEqual([at(m), known.length]);
      expect([at(m), uses.filter((u) => !known.includes(u.of)).map((u) => u.of)]).toEqual([at(m), []]);
      for (const mix of method.mixes) {
        mixes += 1;
        const used = uses.filter((u) => u.of === mix.id);
        expect([at(m), mix.id, used.every((u) => u.amount.kind === mix.total.kind)]).toEqual([at(m), mix.id, true]);
        const share = sum(used.map((u) => u.amount.value)) / mix.total.value;
        expect([at(m), mix.id, Math.abs(share - 1) < 1e-6 ? 1 : share]).toEqual([at(m), mix.id, 1]);
        expect(mix.serves).toEqual(method.steps.filter((s) => s.handsOn?.uses.some((u) => u.of === mix.id)).map((s) => s.id));
      }
      for (const material of method.materials) {
        if (material.role === 'wear') continue;
        materials += 1;
        const used = uses.filter((u) => u.of === material.id);
        expect(sum(used.map((u) => u.amount.value))).toBeCloseTo(material.amount.value, 6);
        expect([at(m), material.id, material.amount.value > 0, ['depth', 'film', 'ratio'].includes(material.amount.kind)]).toEqual([
          at(m),
          material.id,
          true,
          false,
        ]);
      }
    }
    expect(mixes).toBeGreaterThan(90);
    expect(materials).toBeGreaterThan(150);
  });

  it('wears out by the time of the steps that wear it', () => {
    let worn = 0;
    for (const m of all)
      for (const { id, role, amount } of m.work.method.materials) {
        if (role !== 'wear') continue;
        worn += 1;
        const minutes = sum(m.work.method.steps.filter((s) => s.handsOn?.wears.includes(id)).map((s) => s.minutes.value));
        expect(minutes).toBeGreaterThan(0);
        expect(amount.value * wears[id as keyof typeof wears].life.value).toBeCloseTo(minutes, 6);
      }
    expect(worn).toBeGreaterThan(200);
  });

  it('belongs to a system or an auxiliary of the shelf, where it belongs to one', () => {
    const ids = new Set<string>([...genericShelf, ...auxiliaries].map((s) => s.id));
    for (const m of all)
      for (const one of [...m.work.method.mixes, ...m.work.method.materials])
        expect([at(m), one.id, one.of === undefined || ids.has(one.of)]).toEqual([at(m), one.id, true]);
  });
});

describe('every step that places something', () => {
  /** Amounts of stuff that a step tells without placing it: what is broken out or mixed for the next step, and what is read of the work. */
  const tells = new Set(['break-out', 'mix-mortar', 'mix-compound', 'load-jar', 'prop-up', 'get-ready', 'take-down', 'match-color']);

  it('says what it uses: each that tells an amount of stuff, and each coat, lift, layer and pass', () => {
    let placed = 0;
    for (const m of all)
      for (const s of m.work.method.steps) {
        if (s.kind !== 'work' || tells.has(s.builder)) continue;
        const told = s.title.some((part) => part instanceof Figure && ['volume', 'mass'].includes(part.kind));
        if (!told && (s.lift === undefined || s.builder === 'abrade-lift')) continue;
        placed += 1;
        expect([at(m), s.id, words(s.title), (s.handsOn?.uses.length ?? 0) > 0]).toEqual([at(m), s.id, words(s.title), true]);
      }
    expect(placed).toBeGreaterThan(300);
  });

  it('and each that is called so: set, screwed, glued, primed, painted, bedded, sealed, propped on nothing but what it brings', () => {
    const brings = /^(Prime|Paint|Bed|Glue|Seal|Screw|Membrane|Brush .* of neat resin|Set \d+ ports|Lay (tape|rod)|Cap|Fit a cap|Wipe promoter)/;
    let called = 0;
    for (const m of all)
      for (const s of m.work.method.steps) {
        if (s.kind !== 'work' || !brings.test(words(s.title))) continue;
        called += 1;
        const own = words(s.title).startsWith('Prime both faces') || (s.handsOn?.uses.length ?? 0) > 0;
        expect([at(m), words(s.title), own]).toEqual([at(m), words(s.title), true]);
      }
    expect(called).toBeGreaterThan(100);
  });
});

describe('the parts of every mix', () => {
  /** Densities of what is solid, in kg/L, as common practice gives them: gypsum powders with light fillers up to cement, quartz. */
  const grains = { powder: [1.8, 3.15], sand: [2.6, 2.7] } as const;

  it('add up to it: liquids by volume, sand by its grains, powder between the densities that such powders have', () => {
    let checked = 0;
    for (const m of all)
      for (const mix of m.work.method.mixes) {
        const name = `${at(m)} ${mix.id}`;
        expect([name, mix.parts.length > 0]).toEqual([name, true]);
        // binder fills the voids of the sand: measured loose, they are more than they make
        if (mix.parts.some((p) => p.role === 'binder')) {
          const loose = sum(mix.parts.map((p) => p.amount.value));
          const most = mix.parts.some((p) => p.role === 'sand') ? 2 : 1.4;
          expect([name, loose / mix.total.value, loose > mix.total.value && loose < mix.total.value * most]).toEqual([name, loose / mix.total.value, true]);
          continue;
        }
        const body = mix.parts.filter((p) => p.role !== 'tint');
        if (body.every((p) => p.amount.kind === mix.total.kind)) {
          const inAll = sum(body.filter((p) => mix.total.kind === 'volume' || p.role !== 'hardener').map((p) => p.amount.value));
          expect([name, inAll / mix.total.value]).toEqual([name, expect.closeTo(1, 6)]);
          checked += 1;
          continue;
        }
        const ml = (role: string) => body.filter((p) => p.role === role && p.amount.kind === 'volume').reduce((a, p) => a + p.amount.value, 0);
        const g = (role: string) => body.filter((p) => p.role === role && p.amount.kind === 'mass').reduce((a, p) => a + p.amount.value, 0);
        const liquid = ml('resin') + ml('hardener') + ml('liquid') + ml('thinner') + g('liquid');
        const solid = mix.total.value - liquid;
        for (const role of ['powder', 'sand'] as const) {
          if (g(role) === 0) continue;
          checked += 1;
          const [least, most] = grains[role];
          expect([name, g(role) / solid, g(role) / solid > least && g(role) / solid < most]).toEqual([name, g(role) / solid, true]);
        }
        // what is weighed whole: paste with a little hardener, by its density
        if (g('resin') > 0 && g('powder') + g('sand') === 0) {
          checked += 1;
          expect([name, g('resin') / mix.total.value > 0.9 && g('resin') / mix.total.value < 2]).toEqual([name, true]);
        }
      }
    expect(checked).toBeGreaterThan(80);
  });

  it('come to a batch in the same ratio, and can be measured', () => {
    for (const m of all)
      for (const mix of m.work.method.mixes) {
        const each = mix.parts.filter((p) => p.each);
        for (const p of each) expect(((p.each?.value ?? 0) * mix.batches.value) / p.amount.value).toBeCloseTo(1, 6);
        expect(mix.handling.tolerance.value).toBeGreaterThan(0);
        expect([at(m), mix.id, mix.within === undefined || mix.within.value > (mix.handling.stir?.value ?? 0) + 2 * (mix.handling.stand?.value ?? 0)]).toEqual([
          at(m),
          mix.id,
          true,
        ]);
      }
  });
});
