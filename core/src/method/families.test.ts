import type { PlannedWork } from '../plan/plannedWork.ts';
import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { judged } from '../../test/cracks.ts';
import { everyMethod } from '../../test/everyMethod.ts';
import { recomputedFigures } from '../../test/recompute.ts';
import { areaOf } from '../geometry/layeredSection.ts';
import { Figure } from '../quantity/figure.ts';
import { tell, type Saying } from '../quantity/saying.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { areaTable } from '../survey/area.ts';
import { hasFamily } from './families.ts';

const words = (s: Saying) => tell(s, { units: 'metric', timeZone: 'UTC' });
const us = (s: Saying) => tell(s, { units: 'us', timeZone: 'UTC' });
const all = everyMethod();
const hasFigure = (...sayings: readonly Saying[]) => sayings.some((s) => s.some((part) => part instanceof Figure));

/** Steps that hold a person to nothing. */
const vague = /\b(as required|as needed|properly|adequate|suitable|sufficient|per data sheet|if necessary|etc)\b|NaN|undefined|Infinity|\bnull\b/i;

describe('every system on every kind of defect that it is for', () => {
  it('has a method, named by its system', () => {
    const without = genericShelf.filter((s) => !hasFamily([s])).map((s) => s.id);
    expect(without.map((id) => `'${id}' is judged and has no method: write a part in core/src/method/ and name it in core/src/method/families.ts`)).toEqual([]);
  });

  it('has a method', () => {
    expect(all.length).toBeGreaterThan(95);
    expect(all.filter((m) => !m.work).map((m) => [m.kind, m.system, m.plan.held, words(m.plan.problem() ?? [])])).toEqual([]);
  });

  it('says in every step what to do with which tool and what to look for, with a figure or why not, and nothing vague', () => {
    let looked = 0;
    for (const { kind, system, work } of all) {
      for (const s of work?.method.steps ?? []) {
        looked += 1;
        const at = `${kind} ${system} ${s.id}`;
        expect([at, words(s.title).length > 4 && words(s.look).length > 15]).toEqual([at, true]);
        expect([at, s.kind !== 'work' || s.tools.length > 0]).toEqual([at, true]);
        expect([at, s.plain !== undefined || hasFigure(s.title, s.detail)]).toEqual([at, true]);
        for (const text of [`${words(s.title)} ${words(s.detail)} ${words(s.look)}`, us(s.title)]) expect([at, vague.exec(text)?.[0]]).toEqual([at, undefined]);
        expect(s.minutes.kind).toBe('duration');
      }
    }
    expect(looked).toBeGreaterThan(1200);
  });

  it('ends every wait by a condition, and gives each a time', () => {
    for (const { work } of all) {
      const rows = work?.schedule.rows ?? [];
      const waits = rows.filter((r) => r.step.kind === 'wait');
      for (const r of waits) {
        expect(words(r.step.look)).toMatch(/\w+/);
        expect(r.step.minutes.value).toBeGreaterThan(0);
        expect(r.endMin).toBeGreaterThanOrEqual(r.startMin);
      }
    }
  });

  it('is a network without a cycle: links join steps that are there, forward in their order', () => {
    for (const { kind, system, work } of all) {
      const order = (work?.method.steps ?? []).map((s) => s.id);
      expect([kind, system, new Set(order).size]).toEqual([kind, system, order.length]);
      for (const { from, to } of work?.method.links ?? [])
        expect([kind, system, from, to, order.indexOf(from) >= 0 && order.indexOf(from) < order.indexOf(to)]).toEqual([kind, system, from, to, true]);
      const starts = (work?.schedule.rows ?? []).filter((r) => r.step.kind === 'work').map((r) => r.startMin);
      expect([...starts].sort((a, b) => a - b)).toEqual(starts);
    }
  });

  it('mixes in batches that add up, and none of it is nothing', () => {
    let parts = 0;
    for (const { kind, system, work } of all) {
      for (const mix of work?.mixes ?? []) {
        expect(mix.batches.value).toBeGreaterThanOrEqual(1);
        for (const p of mix.parts) {
          parts += 1;
          expect([kind, system, p.what, p.amount.value > 0]).toEqual([kind, system, p.what, true]);
          if (p.each) expect(p.each.value * mix.batches.value).toBeCloseTo(p.amount.value, 6);
        }
      }
      for (const q of work?.quantities ?? [])
        expect([kind, system, q.id, Number.isFinite(q.figure.value) && q.figure.value > 0]).toEqual([kind, system, q.id, true]);
    }
    expect(parts).toBeGreaterThan(150);
  });

  it('computes every figure again from what its origin names', () => {
    let figures = 0;
    for (const { plan } of all) figures += recomputedFigures(plan);
    expect(figures).toBeGreaterThan(3000);
  });

  it('never closes a window before it opens, at any temperature that the system bears', () => {
    let windows = 0;
    for (const slabC of [12, 17, 23, 27]) {
      for (const { kind, system, work } of everyMethod({ slabC, airC: slabC })) {
        for (const to of new Set(work?.method.links.map((l) => l.to))) {
          const links = work?.method.links.filter((l) => l.to === to) ?? [];
          for (const closing of links) {
            if (!closing.most) continue;
            const opening = links.find((l) => l.from === closing.from && l.after === closing.after && l.least);
            windows += 1;
            if (opening?.least) expect([kind, system, to, closing.most.lag.minutes.value > opening.least.minutes.value]).toEqual([kind, system, to, true]);
          }
        }
      }
    }
    expect(windows).toBeGreaterThan(100);
  });

  it('moves the right way from warm to cold: what reacts can be worked longer and takes longer, nothing gets faster', () => {
    const cold = everyMethod({ slabC: 18, airC: 18 });
    let [reactive, slower] = [0, 0];
    everyMethod({ slabC: 23, airC: 23 }).forEach(({ kind, system, work: warm }, i) => {
      const chill = cold[i]?.work;
      if (!warm || !chill) return;
      const at = `${kind} ${system}`;
      expect([at, chill.schedule.total.value >= warm.schedule.total.value - 1e-6]).toEqual([at, true]);
      warm.mixes.forEach((mix, n) => {
        const [w, k] = [mix.within?.value, chill.mixes[n]?.within?.value];
        if (w !== undefined && k !== undefined) expect([at, mix.title, k >= w]).toEqual([at, mix.title, true]);
      });
      if (warm.candidate.system.cure.by === 'as-stated') return;
      reactive += 1;
      const end = (w: typeof warm) => Math.max(...w.schedule.rows.map((r) => r.startMin));
      if (end(chill) > end(warm) || chill.schedule.total.value > warm.schedule.total.value) slower += 1;
    });
    expect(reactive).toBeGreaterThan(40);
    expect(slower).toBe(reactive);
  });
});

describe('a crack in a slab', () => {
  it('has a method of every system that it is an answer to', () => {
    const systems = genericShelf.filter((s) => s.suits.includes('slab-crack') && s.id !== 'rapid-crack-resin');
    expect(systems.length).toBeGreaterThan(4);
    for (const { id } of systems) {
      for (const width of [0.3, 14]) {
        const plan = judged({
          answers: { traffic: 'foot', movement: 'still', widths: [{ atMm: 0, widthMm: width }] },
          defect: { choice: { system: id, reason: 'tried' } },
        });
        const work = plan.work();
        expect([id, width, work?.candidate.system.id, words(plan.problem() ?? [])]).toEqual([id, width, id, '']);
        expect([id, work?.method.steps.every((s) => s.plain !== undefined || hasFigure(s.title, s.detail)), (work?.section.regions.length ?? 0) > 1]).toEqual([
          id,
          true,
          true,
        ]);
        expect(recomputedFigures(plan)).toBeGreaterThan(30);
      }
    }
  });

  it('chases a groove for the resin that is poured over sand, and rebuilds edges with it at a joint', () => {
    const first = (work: PlannedWork | undefined) => work?.method.steps.map((s) => s.builder).find((b) => !b.startsWith('cover'));
    expect(first(judged({ defect: { choice: { system: 'rapid-crack-resin', reason: 'tried' } } }).work())).toBe('chase');
    expect(first(all.find((m) => m.kind === 'joint-spall' && m.system === 'rapid-crack-resin + joint-filler')?.work)).not.toBe('chase');
  });
});

describe('the drawings of every method', () => {
  it('have their place, a scale and a caption; every layer is as large as its volume says', () => {
    let layers = 0;
    for (const { kind, system, work } of all) {
      for (const section of work ? [work.section, ...work.more] : []) {
        const at = `${kind} ${system} ${words(section.caption)}`;
        expect([at, section.regions.length > 1, words(section.footnote).includes('scale')]).toEqual([at, true, true]);
        for (const r of section.regions) for (const [x, y] of r.outline) expect([at, r.id, Number.isFinite(x) && Number.isFinite(y)]).toEqual([at, r.id, true]);
        const placed = section.regions.filter((r) => r.volume && r.throughMm !== undefined);
        for (const r of placed) {
          layers += 1;
          expect((areaOf(r.outline) * (r.throughMm ?? 0)) / 1000).toBeCloseTo(r.volume?.value ?? 0, 5);
        }
        // a place of one width goes on equally far behind every layer; over bars the last also fills what lies beside them
        const overBars = work?.quantities.some((q) => q.id === 'field') === true;
        const upright = placed
          .filter((r) => r.outline.length === 4)
          .map((r) => r.throughMm ?? 0)
          .slice(0, overBars ? -1 : undefined);
        for (const through of upright) expect([at, Math.abs(through / (upright[0] ?? 1) - 1) < 1e-6]).toEqual([at, true]);
      }
    }
    expect(layers).toBeGreaterThan(40);
  });
});

describe('the words of the steps', () => {
  const folder = new URL('.', import.meta.url);
  const files = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'));

  it('stand in one place each', () => {
    const where = new Map<string, string[]>();
    for (const f of files)
      for (const [, builder = ''] of readFileSync(new URL(f, folder), 'utf8').matchAll(/builder: (?:\w+ \? )?'([a-z-]+)'/g))
        where.set(builder, [...(where.get(builder) ?? []), f]);
    expect(where.size).toBeGreaterThan(90);
    // the moment from which it is used again is told by a groove, by a square patch and by all others in their own words
    expect([...where].filter(([builder, at]) => at.length > 1 && builder !== 'open-to-traffic').map(([builder, at]) => [builder, at])).toEqual([]);
  });
});

describe('whatever an area may be measured at', () => {
  const ends = (field: string) => {
    const ask = areaTable.asks.find((a) => a.field === field);
    if (ask?.ask !== 'measure') throw new Error(`no measure '${field}'`);
    return [ask.min, ask.max];
  };
  const corners = ends('airC').flatMap((airC) => ends('slabC').flatMap((slabC) => ends('humidityPct').map((humidityPct) => ({ airC, slabC, humidityPct }))));

  it.each(corners)('every system has a plan, or says in words why it has none: %o', (area) => {
    const found = everyMethod(area, { moisture: 'damp', moisturePct: 40, before: 'paint' });
    for (const { kind, system, plan, work } of found)
      expect([kind, system, work !== undefined || plan.held || words(plan.problem() ?? []) !== '']).toEqual([kind, system, true]);
    expect(found.length).toBeGreaterThan(100);
  });
});
