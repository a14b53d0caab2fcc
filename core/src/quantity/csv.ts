/** A row of a table as text, with the line on which it begins, counted from one. */
export interface CsvRow {
  readonly line: number;
  readonly cells: readonly string[];
}

/** What stands between cells: a tab where the first row has one, else a semicolon, else a comma. */
function separatorOf(first: string): string {
  const bare = first.replaceAll(/"(?:[^"]|"")*"/g, '');
  return bare.includes('\t') ? '\t' : bare.includes(';') ? ';' : ',';
}

/**
 * Reads CSV (RFC 4180), also with semicolons or tabs between, as spreadsheets of other languages write it: quoted cells may
 * hold separators and line ends; rows without a word are left out, and so are those that begin with a number sign.
 *
 * @example
 * readCsv('time;air\n07:00;18,5') // [{ line: 1, cells: ['time', 'air'] }, { line: 2, cells: ['07:00', '18,5'] }]
 */
export function readCsv(text: string): CsvRow[] {
  const rows: CsvRow[] = [];
  const begins = text.split('\n').find((line) => line.trim() !== '' && !line.trimStart().startsWith('#')) ?? '';
  const separator = separatorOf(begins);
  let [cell, quoted, line] = ['', false, 1];
  let row: { line: number; cells: string[] } = { line: 1, cells: [] };
  const end = () => {
    row.cells.push(cell.trim());
    if (row.cells.some((c) => c !== '') && row.cells[0]?.startsWith('#') !== true) rows.push(row);
    [cell, row] = ['', { line: line + 1, cells: [] }];
  };
  for (let i = 0; i < text.length; i++) {
    const c = text.charAt(i);
    if (quoted && c === '"' && text.charAt(i + 1) === '"') {
      cell += '"';
      i++;
    } else if (c === '"') quoted = !quoted;
    else if (!quoted && c === separator) {
      row.cells.push(cell.trim());
      cell = '';
    } else if (!quoted && c === '\n') {
      end();
      line += 1;
    } else if (c !== '\r') {
      cell += c;
      if (c === '\n') line += 1;
    }
  }
  end();
  return rows;
}

/** what a spreadsheet begins to calculate at; a minus is harmless only before a number and nothing else */
const runs = /^\s*[=+@\t\r\uff1d\uff0b\uff20]|^\s*[-\uff0d](?!\d+([.,]\d+)?$)/;

/** A cell as RFC 4180 wants it; one that a spreadsheet would take for a formula is kept text by an apostrophe. */
function csvCell(cell: string): string {
  const safe = runs.test(cell) ? `'${cell}` : cell;
  return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
}

/** Rows as CSV (RFC 4180). */
export function writeCsv(rows: readonly (readonly string[])[]): string {
  return `${rows.map((row) => row.map(csvCell).join(',')).join('\r\n')}\r\n`;
}
