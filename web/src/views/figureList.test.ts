import { formulas, quickTools } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { figureSections, usedAfter } from './figureList.ts';

const ids = (sections: ReturnType<typeof figureSections>) => sections.flatMap((s) => s.items.map((i) => i.id));

describe('the list of figures', () => {
  it('has every formula and every tool once, folded until one is wanted', () => {
    const sections = figureSections('', undefined, []);
    expect([...ids(sections)].sort()).toEqual([...formulas.map((f) => f.name), ...quickTools.map((t) => t.id)].sort());
    expect(sections.filter((s) => s.open)).toEqual([]);
    expect(sections.at(-1)?.title).toBe('Sums and shares of workings');
  });

  it('opens the subject of the one that is shown', () => {
    expect(
      figureSections('', 'dew-point', [])
        .filter((s) => s.open)
        .map((s) => s.title),
    ).toEqual(['Climate']);
  });

  it('begins with those that were used last, the latest first, known by name and not too many', () => {
    const used = ['gone', 'dew-point', 'cup-marks', 'wet-bulb', 'dew-point', 'paint-dry', 'paint-drying', 'gel-time', 'port-count', 'evaporation'].reduce<
      readonly string[]
    >((all, id) => usedAfter(all, id), []);
    expect(used).toEqual(['evaporation', 'port-count', 'gel-time', 'paint-drying', 'paint-dry', 'dew-point']);
    expect(figureSections('', undefined, used)[0]).toMatchObject({
      title: 'Used last',
      open: true,
      items: [{ id: 'evaporation' }, { id: 'port-count' }, { id: 'gel-time' }, { id: 'paint-drying' }, { id: 'dew-point' }],
    });
  });

  it('is open where words are looked for, plain steps among it, and holds nothing else then', () => {
    const found = figureSections('longer time', undefined, ['dew-point']);
    expect(ids(found)).toContain('longest');
    expect(ids(found)).not.toContain('dew-point');
    expect(found.every((s) => s.open)).toBe(true);
    expect(figureSections('no such thing', undefined, [])).toEqual([]);
  });
});
