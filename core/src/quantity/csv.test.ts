import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readCsv, writeCsv } from './csv.ts';

const cells = (text: string) => readCsv(text).map((r) => r.cells);

describe('CSV', () => {
  it('comes back as it was written, whatever stands in its cells', () => {
    // a cell is told without the blanks around it, and what a spreadsheet would run keeps its apostrophe
    const cell = fc.string({ maxLength: 12 }).map((s) => s.replaceAll(/[\r\0]/g, '').trim());
    const plain = cell.filter((s) => !/^[=+@#-]/.test(s));
    fc.assert(
      fc.property(fc.array(fc.array(plain, { minLength: 2, maxLength: 5 }), { minLength: 1, maxLength: 6 }), (rows) => {
        const told = rows.filter((row) => row.some((c) => c !== ''));
        // the head decides what stands between: it has a comma where nothing of it is quoted
        const head = ['a', 'b'];
        expect(cells(writeCsv([head, ...told]))).toEqual([head, ...told]);
      }),
    );
  });

  it('takes what spreadsheets of other languages put between, and keeps their decimal commas', () => {
    expect(cells('time;air\n07:00;18,5\n')).toEqual([
      ['time', 'air'],
      ['07:00', '18,5'],
    ]);
    expect(cells('a\tb;c\n1\t2;3')).toEqual([
      ['a', 'b;c'],
      ['1', '2;3'],
    ]);
    expect(cells('"a;b",c\n1,2')).toEqual([
      ['a;b', 'c'],
      ['1', '2'],
    ]);
  });

  it('tells the line on which a row begins, past quoted line ends, empty rows and remarks', () => {
    expect(readCsv('# made by hand\na,b\n\n"1\n2",3\n,\n4,5').map((r) => [r.line, ...r.cells])).toEqual([
      [2, 'a', 'b'],
      [4, '1\n2', '3'],
      [7, '4', '5'],
    ]);
  });

  it('writes no cell that a spreadsheet would run', () => {
    expect(writeCsv([['=1+1', '+2', '@x', '-y', '-3', '-3.5', '-1+1', ' =1', 'a,b', 'say "so"']])).toBe(
      `'=1+1,'+2,'@x,'-y,-3,-3.5,'-1+1,' =1,"a,b","say ""so"""\r\n`,
    );
  });
});
