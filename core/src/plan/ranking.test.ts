import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../test/defects.ts';
import { outlookOf, yearsHeld } from '../shelf/outlook.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { defectKinds } from '../survey/kinds.ts';
import { holdsYears, rankedBy, rankWords, type RankBy } from './ranking.ts';

const wishes = Object.keys(rankWords) as RankBy[];
const weight = { fits: 0, care: 1, out: 2 } as const;

describe('candidates by what the person wants', () => {
  it('are the same ones for every wish; what fits goes before care, and what finishes before what leaves something open', () => {
    for (const kind of defectKinds()) {
      const plan = surveyedPlan(kind.id);
      for (const by of wishes) {
        const ranked = rankedBy(plan, by);
        expect(new Set(ranked)).toEqual(new Set(plan.candidates));
        const order = ranked.map((c) => weight[c.grade] * 100 + (c.grade === 'out' ? 0 : (c.against.find((v) => v.rule === 'left-open')?.excess ?? 0)));
        expect([kind.id, by, order]).toEqual([kind.id, by, [...order].sort((a, b) => a - b)]);
      }
      expect(rankedBy(plan, 'visits')).toBe(plan.candidates);
    }
  });

  it('stand by their times, of those that are alike in that', () => {
    let swapped = 0;
    for (const kind of defectKinds()) {
      const plan = surveyedPlan(kind.id);
      for (const [by, time] of [
        ['in-use', 'inUse'],
        ['by-hand', 'handsOn'],
      ] as const) {
        const alike = new Map<string, number[]>();
        for (const c of rankedBy(plan, by)) {
          const minutes = plan.timesOf(c)?.[time].value;
          if (c.grade === 'out' || minutes === undefined) continue;
          const key = `${c.grade} ${String(c.against.find((v) => v.rule === 'left-open')?.excess ?? 0)}`;
          alike.set(key, [...(alike.get(key) ?? []), minutes]);
        }
        for (const minutes of alike.values()) expect([kind.id, by, minutes]).toEqual([kind.id, by, [...minutes].sort((a, b) => a - b)]);
        if (rankedBy(plan, by).some((c, i) => c !== plan.candidates[i])) swapped += 1;
      }
    }
    expect(swapped).toBeGreaterThan(5);
  });

  it('hold as long as their outlook says, a combination as long as its weakest member', () => {
    for (const s of genericShelf) {
      const outlook = outlookOf(s);
      if (outlook) expect(yearsHeld(outlook)).toBeGreaterThan(1);
    }
    expect(() => yearsHeld({ holds: 'well enough' })).toThrow('names no time');
    const plan = surveyedPlan('tub-crack');
    const chain = plan.candidates.find((c) => c.chain);
    if (!chain) throw new Error('no combination');
    expect(holdsYears(chain)).toBe(Math.min(...(chain.chain ?? []).map((system) => holdsYears({ ...chain, system, chain: [system] }))));
    const years = rankedBy(plan, 'holds')
      .filter((c) => c.grade === 'fits')
      .map(holdsYears);
    expect(years).toEqual([...years].sort((a, b) => b - a));
  });
});
