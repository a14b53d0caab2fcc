import { cite, referenceTables, type ReferenceTable } from '@oddment/core';
import { BadInput } from './badInput.ts';
import { nearest } from './typedValue.ts';
import { wordsOf } from './wanted.ts';

const head = ({ label, unit }: ReferenceTable['columns'][number]) => (unit === '' ? label : `${label}, ${unit}`);

function tableText(table: ReferenceTable): string {
  const lines = [table.columns.map(head), ...table.rows.map((row) => row.map((cell) => (cell === undefined ? '–' : String(cell))))];
  const widths = table.columns.map((_c, i) => Math.max(...lines.map((line) => line[i]?.length ?? 0)));
  const padded = lines.map((line) => `  ${line.map((cell, i) => cell.padEnd(widths[i] ?? 0)).join('  ')}`.trimEnd());
  return [`${table.name}: ${table.title}`, ...padded, `  source: ${cite(table.source)}`, ''].join('\n');
}

const tableRecord = ({ name, title, columns, rows, source }: ReferenceTable) => ({
  name,
  title,
  columns,
  rows: rows.map((row) => Object.fromEntries(columns.map((c, i) => [c.name, row[i] ?? null]))),
  source: cite(source),
});

/**
 * The tables that the core works from, as text or as JSON: all, or those named.
 * @throws BadInput where a name is not known
 */
export function tablesText(args: readonly string[]): string {
  const names = wordsOf(args);
  const known = referenceTables.map((t) => t.name);
  for (const name of names)
    if (!known.includes(name)) {
      const near = nearest(name, known);
      throw new BadInput([`There is no table '${name}'. ${near.length > 0 ? `Did you mean ${near.join(', ')}?` : `There are: ${known.join(', ')}.`}`]);
    }
  const tables = referenceTables.filter((t) => names.length === 0 || names.includes(t.name));
  return args.includes('--json') ? `${JSON.stringify(tables.map(tableRecord), null, 2)}\n` : tables.map(tableText).join('\n');
}
