import { describe, expect, it } from 'vitest';
import { oneMethod } from '../../../test/everyMethod.ts';
import { kindOf } from '../../survey/kinds.ts';
import { chains } from '../../shelf/chains.ts';
import { genericShelf } from '../../shelf/shelf.ts';
import { tell, type Saying } from '../../quantity/saying.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;
const words = (...said: readonly Saying[]) => said.map((s) => tell(s, how)).join(' / ');
const suited = (kind: string) => [...genericShelf, ...chains].filter((s) => s.suits.includes(kind)).map((s) => s.id);

describe('the outline of a patch over bars', () => {
  it('is never sawn into a bar: no deeper than its cover less what is kept, and by chisel where that leaves no cut', () => {
    const seen = new Set<string>();
    for (const kind of ['concrete-spall', 'bar-spall'])
      for (const system of suited(kind))
        for (const coverMm of [4, 9, 12, 16, 24, 60]) {
          const { work } = oneMethod(kindOf(kind), system, {}, { barSeen: 'near', coverMm, depthMm: 60 });
          for (const step of work?.method.steps.filter((s) => s.id === 'saw') ?? []) {
            const depth = Number(/, (\d+) mm deep/.exec(words(step.title))?.[1]);
            seen.add(step.builder);
            if (step.builder === 'saw-square') expect([kind, system, coverMm, depth <= coverMm - 6]).toEqual([kind, system, coverMm, true]);
            else expect([kind, system, coverMm, step.tools.some((t) => t.includes('saw'))]).toEqual([kind, system, coverMm, false]);
          }
        }
    expect([...seen].sort()).toEqual(['chisel-square', 'saw-square']);
  });
});

describe('a broken edge', () => {
  const planOf = (system: string, edge: string, more: Readonly<Record<string, unknown>> = {}) =>
    oneMethod(kindOf('broken-edge'), system, {}, { edge, ...more }).work;

  it('is worked as what it is: nobody treads on a corner, a road is kept off a curb, a nosing is rounded no more than a stair may be', () => {
    let tried = 0;
    for (const system of suited('broken-edge'))
      for (const edge of ['nosing', 'slab', 'curb', 'corner']) {
        const work = planOf(system, edge, { depthMm: 60, heightMm: 60 });
        if (!work?.method.steps.some((s) => s.builder === 'edge-form')) continue;
        tried += 1;
        const all = work.method.steps.map((s) => words(s.title, s.detail, s.look)).join('\n');
        expect([system, edge, /under a shoe|edge underfoot/.test(all)]).toEqual([system, edge, edge !== 'corner']);
        expect([system, edge, work.method.steps.some((s) => s.builder === 'close-off')]).toEqual([system, edge, edge === 'curb']);
        expect([system, edge, /plumb/.test(all)]).toEqual([system, edge, edge === 'corner']);
        expect([system, edge, words(work.section.caption).includes(edge === 'corner' ? 'seen from above' : 'on top')]).toEqual([system, edge, true]);
      }
    expect(tried).toBeGreaterThan(11);
    const radius = (radiusMm: number) => planOf('polymer-mortar-2k', 'nosing', { radiusMm })?.method.steps.find((s) => s.builder === 'grip-face');
    expect(words(radius(9)?.detail ?? [])).toContain('rounded to 9 mm');
    expect(words(radius(25)?.detail ?? [])).toContain('rounded to 12.7 mm');
  });

  it('leaves no float to what has hardened: what is resin is filled, not rubbed', () => {
    const off = (system: string) => planOf(system, 'nosing')?.method.steps.find((s) => s.builder === 'board-off');
    expect(off('polymer-mortar-2k')?.tools).toContain('float');
    expect(off('epoxy-mortar')?.tools).not.toContain('float');
  });
});
