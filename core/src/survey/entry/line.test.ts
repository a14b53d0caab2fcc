import { describe, expect, it } from 'vitest';
import { defectKinds } from '../kinds.ts';
import { kindIn, stem } from './calledKind.ts';
import { readQuickLine } from './line.ts';

const at = '2026-06-02T12:00:00Z';
const read = (line: string, units: 'metric' | 'us' = 'metric') => {
  const { kind, facts, notTaken, mark, note } = readQuickLine(line, units, at);
  return { kind, mark, note, notTaken: notTaken.map((n) => n.text), facts: Object.fromEntries(Object.entries(facts).map(([field, f]) => [field, f?.value])) };
};

describe('a line typed quickly', () => {
  it('gives what was found, its sizes and its answers', () => {
    expect(read('crack slab 4.2m 2 5 3mm d80 still dry')).toEqual({
      kind: 'slab-crack',
      mark: undefined,
      note: undefined,
      notTaken: [],
      facts: {
        lengthMm: 4200,
        depthMm: 80,
        widths: [
          { atMm: 0, widthMm: 2, text: '2 mm' },
          { atMm: 2100, widthMm: 5, text: '5 mm' },
          { atMm: 4200, widthMm: 3, text: '3mm' },
        ],
        movement: 'still',
        moisture: 'dry',
      },
    });
  });

  it.each([
    [
      'hole drywall 90 x 70 mm one eggshell',
      'drywall-hole',
      { outline: { shape: { is: 'rectangle', widthMm: 90, heightMm: 70 } }, layers: 'one', paint: 'eggshell' },
    ],
    ['hole in drywall 80mm', 'drywall-hole', { outline: { shape: { is: 'ellipse', widthMm: 80, heightMm: 80 } } }],
    [
      'spall 300x200x25 mm floor dry',
      'concrete-spall',
      { outline: { shape: { is: 'rectangle', widthMm: 300, heightMm: 200 } }, depthMm: 25, position: 'floor', moisture: 'dry' },
    ],
    ['chip tub 4x6x2 mm enamel', 'tub-chip', { widthMm: 4, heightMm: 6, depthMm: 2, shell: 'enamel' }],
    ['nosing 1.2m 40 60mm foot', 'broken-edge', { lengthMm: 1200, heightMm: 40, depthMm: 60, edge: 'nosing', traffic: 'foot' }],
    ['joint spall 2m w80 d30 gap 6mm steady', 'joint-spall', { lengthMm: 2000, widthMm: 80, depthMm: 30, gapMm: 6, ground: 'steady' }],
    [
      'rotten sill 120 x 60 mm 45 mm deep 14% outside',
      'timber-decay',
      { outline: { shape: { is: 'rectangle', widthMm: 120, heightMm: 60 } }, depthMm: 45, moisturePct: 14, place: 'outside', member: 'sill' },
    ],
    [
      'crack wall 3 m 0.3mm wall below grade seeping services=clear',
      'wall-crack',
      { lengthMm: 3000, widths: [{ atMm: 0, widthMm: 0.3, text: '0.3mm' }], member: 'wall-below', moisture: 'seeping', services: 'clear' },
    ],
    ['loose plaster 18mm thick sag 5mm wood lath lime', 'plaster-loose', { thicknessMm: 18, sagMm: 5, base: 'wood-lath', binder: 'lime' }],
  ])('%s', (line, kind, facts) => {
    expect(read(line)).toMatchObject({ kind, facts, notTaken: [] });
    expect(Object.keys(read(line).facts).sort()).toEqual(Object.keys(facts).sort());
  });

  it('reads feet, inches and fractions as everywhere', () => {
    expect(read(`crack slab 13' 6" 1/8" 1 1/2 in deep`, 'us').facts).toMatchObject({
      lengthMm: 4114.8,
      depthMm: 38.1,
      widths: [{ atMm: 0, widthMm: 3.175, text: '1/8"' }],
    });
    expect(read(`crack slab 6-3 ⅛″ 1½ in deep`, 'us').facts).toMatchObject({ lengthMm: 1905, depthMm: 38.1, widths: [{ widthMm: 3.175 }] });
    expect(read(`crack slab 5' 6 1/8" d2"`, 'us').facts).toMatchObject({ lengthMm: 1676.4, depthMm: 50.8 });
    expect(read('spall 12x8x1/2 in', 'us').facts).toMatchObject({ outline: { shape: { is: 'rectangle', widthMm: 304.8, heightMm: 203.2 } }, depthMm: 12.7 });
  });

  it('takes the same in any order', () => {
    const words = ['dry', 'still', 'crack', 'slab', 'd80', '4.2m'];
    const told = read(words.join(' '));
    for (let i = 1; i < words.length; i++) expect(read([...words.slice(i), ...words.slice(0, i)].join(' '))).toEqual(told);
  });

  it('has a mark and a note', () => {
    expect(read('PS-04 crack slab 3m // by the drain')).toMatchObject({ kind: 'slab-crack', mark: 'PS-04', note: 'by the drain', facts: { lengthMm: 3000 } });
  });

  it('says what it cannot take, why, and keeps it as a note', () => {
    const line = readQuickLine('crack slab 900km zebra color=red d-', 'metric', at);
    expect(line.kind).toBe('slab-crack');
    expect(line.facts).toEqual({});
    expect(line.notTaken.map((n) => n.text).sort()).toEqual(['900km', 'color=red', 'd-', 'zebra']);
    expect(line.note).toContain('zebra');
    const far = readQuickLine('crack slab 900 m', 'metric', at);
    expect(far.notTaken[0]?.why).toMatch(/must lie between/);
    expect(readQuickLine('crack slab 3m l4m', 'metric', at).notTaken[0]?.why).toMatch(/said twice/);
  });

  it('does not guess between kinds: it names those that it could be', () => {
    expect(readQuickLine('crack 3m', 'metric', at)).toMatchObject({ kinds: ['slab-crack', 'wall-crack', 'plaster-crack', 'tub-crack'], facts: {} });
    expect(readQuickLine('something 3m', 'metric', at).kind).toBeUndefined();
  });
});

describe('what people call it', () => {
  it('leads to every kind by its title', () => {
    for (const kind of defectKinds()) expect(kindIn(kind.title.split(' ')), kind.title).toMatchObject({ found: 'one', kind: { id: kind.id } });
  });

  it('does not depend on endings', () => {
    expect(['spall', 'spalls', 'spalled', 'spalling'].map(stem)).toEqual(['spall', 'spall', 'spall', 'spall']);
  });
});
