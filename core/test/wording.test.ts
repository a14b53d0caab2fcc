import { describe, expect, it } from 'vitest';
import { show } from '../src/quantity/show.ts';
import { tell, type Saying } from '../src/quantity/saying.ts';
import { everyMethod, type OneMethod } from './everyMethod.ts';

/** What no finisher can do anything with: nothing of something, shares beyond all, words twice, what was never filled in. */
const odd: readonly (readonly [what: string, pattern: RegExp])[] = [
  ['an amount that reads as nothing', /(?<![\d.,/])0(\.0+)? (mL|g|cm²|m²|L|kg|oz|lb|fl oz)\b/],
  ['a share of a thousand or more', /\d{4,} ?%/],
  ['a word twice', /(?<![\d/])\b([a-z]{3,}) \1\b/],
  ['something never filled in', /undefined|NaN|Infinity|\[object/],
  ['a grit without its number', /\bP grit/],
];

/** Everything that is told of a method, with where it stands. */
function* toldOf({ kind, plan, work }: OneMethod, units: 'metric' | 'us'): Generator<readonly [where: string, text: string]> {
  const how = { units, timeZone: 'UTC' } as const;
  const words = (saying: Saying) => tell(saying, how);
  for (const { id, label, figure } of plan.surveyed.measured) yield [`measured ${id}`, `${label}: ${show(figure, units).text}`];
  for (const f of plan.firsts) yield [`first ${f.id}`, words(f.what)];
  for (const c of plan.candidates) if (c.system.suits.includes(kind)) for (const v of c.against) yield [`${c.system.id} ${v.rule}`, words(v.reason())];
  if (!work) return;
  for (const s of work.method.steps) for (const part of ['title', 'detail', 'look'] as const) yield [`${s.id} ${part}`, words(s[part])];
  for (const s of work.method.steps) yield [`${s.id} tools`, s.tools.join('; ')];
  for (const q of work.quantities) yield [`quantity ${q.id}`, `${q.label}: ${show(q.figure, units).text}`];
  for (const m of work.method.materials) yield [`material ${m.id}`, show(m.amount, units).text];
  for (const m of work.mixes) {
    for (const one of m.says) yield [`mix ${m.id}`, words(one)];
    for (const p of m.parts) yield [`mix ${m.id} ${p.what}`, `${show(p.amount, units).text}; ${p.each ? show(p.each, units).text : ''}`];
  }
  for (const c of work.cautions) yield [`caution ${c.id}`, words(c.text)];
}

describe('what is told of every method, in both systems of units', () => {
  it.each(['metric', 'us'] as const)('%s: reads as somebody would say it', (units) => {
    let told = 0;
    const found = new Set<string>();
    for (const given of [
      {},
      { position: 'overhead', match: 'both', paint: 'gloss', texture: 'orange' },
      { position: 'floor', traffic: 'soft-tires', joint: 'outside', depthMm: 25 },
    ])
      for (const one of everyMethod({}, given))
        for (const [where, text] of toldOf(one, units)) {
          told += 1;
          for (const [what, pattern] of odd) {
            const hit = pattern.exec(text);
            if (hit) found.add(`${one.kind}, ${one.system}, ${where}: ${what}: '${text.slice(Math.max(0, hit.index - 40), hit.index + 40)}'`);
          }
        }
    expect([...found]).toEqual([]);
    expect(told).toBeGreaterThan(10_000);
  });
});

/** Words that name something that a place of this surface does not have. */
const foreign: readonly (readonly [of: readonly string[], pattern: RegExp])[] = [
  [['concrete'], /\b(slabs?|curbs?|kerbs?|traffic)\b/],
  [['tub'], /\b(tubs?|taps?)\b/],
  [['timber'], /\b(decay|with the grain|sound wood)\b/],
  [['drywall', 'plaster'], /\b(studs?|lath|hawk)\b/],
];

describe('words of the place', () => {
  it('name nothing that a place of another surface has', () => {
    const found = new Set<string>();
    let steps = 0;
    for (const one of [...everyMethod(), ...everyMethod({}, { position: 'overhead', paint: 'gloss', before: 'paint' })])
      for (const s of one.work?.method.steps ?? []) {
        steps += 1;
        const text = [s.title, s.detail, s.look].map((part) => tell(part, { units: 'metric', timeZone: 'UTC' })).join(' ');
        for (const [of, pattern] of foreign) {
          const hit = of.includes(one.plan.subject.surface) ? undefined : pattern.exec(text);
          if (hit) found.add(`${one.plan.subject.surface}, ${one.kind}, ${s.builder}: '${text.slice(Math.max(0, hit.index - 40), hit.index + 40)}'`);
        }
      }
    expect([...found]).toEqual([]);
    expect(steps).toBeGreaterThan(2000);
  });

  it('have no doors, windows and dark rooms in the open, and no wind and plants inside', () => {
    const inRooms = /\b(doors?|grilles?|windows?|room)\b/;
    const inOpen = /\b(plants|in the wind|at dusk)\b/;
    let steps = 0;
    for (const place of ['inside', 'outside'])
      for (const { kind, system, plan, work } of everyMethod({ place }, { place }))
        for (const s of work?.method.steps ?? []) {
          // a tub stands in a room, whatever its area says
          if (plan.subject.surface === 'tub') continue;
          steps += 1;
          const text = [s.title, s.detail, s.look].map((one) => tell(one, { units: 'metric', timeZone: 'UTC' })).join(' ');
          expect([kind, system, s.id, (place === 'inside' ? inOpen : inRooms).exec(text)?.[0]]).toEqual([kind, system, s.id, undefined]);
        }
    expect(steps).toBeGreaterThan(2000);
  });
});
