import { describe, expect, it } from 'vitest';
import { sources } from '../sources/register.ts';
import { isDefectKind } from '../survey/kinds.ts';
import { auxiliaries } from './auxiliaries/auxiliaries.ts';
import { chains } from './chains.ts';
import { shelfLimits } from './limits.ts';
import { genericShelf } from './shelf.ts';

const limits = shelfLimits(genericShelf);

describe('the figures of the shelf', () => {
  it('each stand once, with unit and source', () => {
    expect(new Set(limits.map((l) => l.id)).size).toBe(limits.length);
    for (const l of limits) {
      expect(sources[l.sourceId]).toBeDefined();
      expect(l.label).not.toBe('');
    }
    expect(limits.find((l) => l.id === 'board-plug/extent/max')).toMatchObject({ value: 150, unit: 'mm', source: 'common practice', known: 'practice' });
    expect(limits.find((l) => l.id === 'flexible-sealant/depth/max')?.source).toContain('as recalled, check the current text');
  });

  it('are all there: as many as stand in the records', () => {
    const text = JSON.stringify(genericShelf);
    expect(limits.length).toBe([...text.matchAll(/"source":"/g)].length);
    for (const system of genericShelf) expect(limits.some((l) => l.id.startsWith(`${system.id}/`))).toBe(true);
  });

  it('have each least below its most', () => {
    const least = limits.filter((l) => l.id.endsWith('/min'));
    expect(least.length).toBeGreaterThan(40);
    for (const l of least) {
      const most = limits.find((m) => m.id === `${l.id.slice(0, -4)}/max`);
      if (most) expect([l.id, Number(l.value) < Number(most.value)]).toEqual([l.id, true]);
    }
  });
});

describe('the systems', () => {
  it('suit kinds that there are, and each is an answer to one alone or in a combination', () => {
    for (const s of genericShelf) {
      for (const kind of s.suits) expect([s.id, kind, isDefectKind(kind)]).toEqual([s.id, kind, true]);
      expect([s.id, s.suits.length > 0 || chains.some((c) => c.members.includes(s.id))]).toEqual([s.id, true]);
    }
  });

  it('combinations name systems of the shelf, and rules that there are', () => {
    for (const c of chains) {
      expect(c.id).toBe([...(c.before ?? []), ...c.members].join(' + '));
      for (const id of c.before ?? []) expect(auxiliaries.some((a) => a.id === id)).toBe(true);
      for (const id of c.members) expect(genericShelf.some((s) => s.id === id)).toBe(true);
      for (const id of Object.keys(c.lifts ?? {})) expect(c.members).toContain(id);
    }
  });
});
