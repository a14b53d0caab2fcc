import { expect, it } from 'vitest';
import { everyMethod, type OneMethod } from '../../test/everyMethod.ts';

const key = (m: OneMethod) => `${m.kind}, ${m.system}`;
const idsOf = (m: OneMethod) => m.work?.method.steps.map((s) => [s.id, s.builder, s.lift, s.section?.n] as const) ?? [];
const byKey = (all: readonly OneMethod[]) => new Map(all.map((m) => [key(m), new Map(idsOf(m).map((s) => [s[0], s]))]));

const plain = byKey(everyMethod());
const others = {
  'in the cold': byKey(everyMethod({ slabC: 12, airC: 12, humidityPct: 70 })),
  'twice as deep': byKey(everyMethod({}, { depthMm: 40 })),
  'without primer': byKey(everyMethod({}, {}, { 'primer-under-paint': 'skip' })),
  overhead: byKey(everyMethod({}, { position: 'overhead' })),
};

it('no two steps of a method are called the same', () => {
  let looked = 0;
  for (const m of everyMethod()) {
    const ids = idsOf(m).map(([id]) => id);
    expect([key(m), new Set(ids).size]).toEqual([key(m), ids.length]);
    looked += ids.length;
  }
  expect(looked).toBeGreaterThan(1500);
});

it.each(Object.entries(others))('planned again %s, what is called the same is the same: builder, lift and section', (_what, again) => {
  let same = 0;
  for (const [method, ids] of plain)
    for (const [id, [, builder, lift, section]] of again.get(method) ?? []) {
      const before = ids.get(id);
      if (!before) continue;
      same += 1;
      expect([method, id, ...before.slice(1)]).toEqual([method, id, builder, lift, section]);
    }
  expect(same).toBeGreaterThan(1200);
});

it('a coat that falls away takes no name of another with it', () => {
  let fewer = 0;
  for (const [method, ids] of plain) {
    const again = others['without primer'].get(method);
    if (!again || again.size >= ids.size) continue;
    fewer += 1;
    // all that is left was there before, under the same name
    expect([method, [...again.keys()].filter((id) => !ids.has(id))]).toEqual([method, []]);
  }
  expect(fewer).toBeGreaterThan(10);
});
