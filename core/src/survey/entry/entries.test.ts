import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fact } from '../../../test/cracks.ts';
import { factsOfKind } from '../../../test/kinds.ts';
import { defectKinds } from '../kinds.ts';
import { cellOf, readCell } from './cells.ts';
import { fatesOf, readEntries } from './entries.ts';

const at = '2026-06-02T12:00:00Z';

describe('a cell', () => {
  it('that was written is read as it was, of every question of every kind', () => {
    for (const kind of defectKinds())
      fc.assert(
        fc.property(factsOfKind(kind), (facts) => {
          for (const ask of kind.asks) {
            const told = facts[ask.field];
            if (told) expect(readCell(ask, cellOf(ask, told), 'metric', true)).toMatchObject({ ok: true, value: told.value });
          }
        }),
        { numRuns: 10 },
      );
  });

  it('that cannot be read says what would be right', () => {
    for (const kind of defectKinds())
      for (const ask of kind.asks) {
        if (ask.ask === 'text') continue;
        const read = readCell(ask, '?', 'metric', true);
        expect(read.ok, `${kind.id} ${ask.field}`).toBe(false);
        if (!read.ok) expect(read.why.length).toBeGreaterThan(20);
      }
  });
});

describe('what is typed or pasted', () => {
  it('is a defect a line, in the area that a line before names', () => {
    const found = readEntries('crack slab 4m\n\nBoiler room:\nhole drywall 80mm\nchip tub', 'metric', at);
    expect(found.map((e) => [e.line, e.area, e.kind])).toEqual([
      [1, undefined, 'slab-crack'],
      [4, 'Boiler room', 'drywall-hole'],
      [5, 'Boiler room', 'tub-chip'],
    ]);
  });

  it('may be a table as a spreadsheet copies it, its columns named by the questions', () => {
    const table = 'Kind\tLength\tHow wet is it?\tShelf\n' + 'crack in slab\t4,2\tdamp\ttop\n' + 'crack\t3\tdry\t';
    const [first, second] = readEntries(table, 'metric', at);
    expect(first).toMatchObject({
      line: 2,
      kind: 'slab-crack',
      facts: { lengthMm: { value: 4200, text: '4,2' }, moisture: { value: 'damp' } },
      note: 'Shelf: top',
    });
    expect(second?.kinds).toHaveLength(4);
  });

  it('is in base units where a column is named by its field, as the CSV of a job is', () => {
    const [row] = readEntries('area,mark,kind,lengthMm,note\r\nHall,H-01,slab-crack,4200,"\'=1+1"\r\n', 'us', at);
    expect(row).toMatchObject({ area: 'Hall', mark: 'H-01', kind: 'slab-crack', note: '=1+1', facts: { lengthMm: { value: 4200 } } });
  });
});

describe('what becomes of it in a job', () => {
  const there = { id: 'd', kind: 'slab-crack', mark: 'H-01', facts: { lengthMm: fact(4200), moisture: fact('dry') }, confirmed: [], decisions: [] };
  const areas = [{ name: 'Hall', defects: [there] }];
  const fates = (text: string) => fatesOf(readEntries(text, 'metric', at), areas, 'Hall');

  it('what is there stays as it is, the same or not; only what is not there is made', () => {
    expect(fates('H-01 crack slab 4.2m dry\nH-01 crack slab 5m dry\nH-02 crack slab 5m\ncrack slab 5m')).toEqual([
      { is: 'there' },
      { is: 'differs', in: ['Length'] },
      { is: 'new' },
      { is: 'new' },
    ]);
    expect(fates('H-01 hole drywall 80mm')).toEqual([{ is: 'differs', in: ['Kind'] }]);
    expect(fates('Yard:\nH-01 crack slab 4.2m dry')).toEqual([{ is: 'new' }]);
  });

  it('what is usual in its area is how it is there', () => {
    const usual = { 'slab-crack': { traffic: fact('foot') } };
    const told = (text: string) => fatesOf(readEntries(text, 'metric', at), [{ name: 'Hall', usual, defects: [there] }], 'Hall');
    expect(told('area,mark,kind,moisture,traffic\nHall,H-01,slab-crack,dry,foot')).toEqual([{ is: 'there' }]);
    expect(told('area,mark,kind,moisture,traffic\nHall,H-01,slab-crack,dry,hard-wheels')).toMatchObject([{ is: 'differs' }]);
  });

  it('a mark that stands twice and words that say no kind are told, not made', () => {
    expect(fates('H-02 crack slab\nH-02 crack slab\nzebra').map((f) => f.is)).toEqual(['new', 'open', 'open']);
  });
});
