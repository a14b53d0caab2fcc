import { readCsv, type CsvRow } from '../../quantity/csv.ts';
import type { UnitSystem } from '../../quantity/kind.ts';
import { tell } from '../../quantity/saying.ts';
import { knownBy, type Ask, type Fact } from '../ask.ts';
import { factProblem } from '../factProblem.ts';
import { defectKinds, kindOf, type DefectKind } from '../kinds.ts';
import type { Area } from '../job.ts';
import { askNamed } from './answersInLine.ts';
import { kindIn } from './calledKind.ts';
import { withUsual } from '../usual.ts';
import { cellOf, readCell } from './cells.ts';
import { readQuickLine, type NotTaken, type QuickLine, type Understood } from './line.ts';

/** One defect as it was typed or pasted. */
export interface Entry extends QuickLine {
  /** counted from one */
  readonly line: number;
  readonly text: string;
  /** the area that it says itself */
  readonly area?: string;
}

/** most defects that are read at once */
export const mostEntries = 300;

const heads = ['area', 'mark', 'kind', 'note'] as const;
type Head = (typeof heads)[number];
const isHead = (name: string): name is Head => (heads as readonly string[]).includes(name);
const name = (cell: string) => cell.trim().toLowerCase();
const zone = { timeZone: 'UTC' } as const;

/** The rows of a table whose first row names its columns; nothing where the text is none. */
function tableIn(text: string): readonly CsvRow[] | undefined {
  const rows = readCsv(text);
  const first = rows[0]?.cells.map(name) ?? [];
  return first.length > 1 && first.includes('kind') ? rows : undefined;
}

/** A text that was kept from being a formula, as it was. */
const unguarded = (cell: string) => cell.replace(/^'(?=[=+\-@])/, '');

function kindOfCell(cell: string): { readonly kind?: DefectKind; readonly kinds?: readonly DefectKind[] } {
  if (defectKinds().some((k) => k.id === cell)) return { kind: cell };
  const found = kindIn(cell.split(/[\s,]+/));
  if (found.found === 'one') return { kind: found.kind.id };
  return found.found === 'several' ? { kinds: found.kinds.map((k) => k.id) } : {};
}

interface Reading {
  readonly units: UnitSystem;
  readonly at: string;
}

function factIn(ask: Ask, column: string, cell: string, { units, at }: Reading): Understood | NotTaken {
  const read = readCell(ask, cell, units, column.trim() === ask.field);
  if (!read.ok) return { text: `${column}: ${cell}`, why: read.why };
  const fact: Fact<unknown> = { value: read.value, how: knownBy(ask), at, ...(read.text !== undefined && { text: read.text }) };
  const problem = factProblem(ask, fact);
  return problem ? { text: `${column}: ${cell}`, why: tell(problem, { units, ...zone }) } : { ask, fact };
}

function entryOf(columns: readonly string[], { line, cells }: CsvRow, reading: Reading): Entry {
  const told = (head: Head) => unguarded(cells[columns.findIndex((c) => name(c) === head)] ?? '').trim();
  const found = kindOfCell(told('kind'));
  const kind = found.kind === undefined ? undefined : kindOf(found.kind);
  const parts = columns.flatMap((column, i): (Understood | NotTaken)[] => {
    const cell = cells[i] ?? '';
    if (cell === '' || column === '' || isHead(name(column)) || !kind) return [];
    const ask = askNamed(kind, column);
    return [
      ask
        ? factIn(ask, column, cell, reading)
        : { text: `${column}: ${cell}`, why: `Nothing called '${column}' is asked of a ${kind.title}; it is kept as a note.` },
    ];
  });
  const notTaken = parts.filter((p): p is NotTaken => 'why' in p);
  const understood = parts.filter((p): p is Understood => !('why' in p));
  const [area, mark] = [told('area'), told('mark')];
  const note = [told('note'), ...notTaken.map((n) => n.text)].filter((w) => w !== '').join('; ');
  return {
    line,
    text: cells.join(' ').trim(),
    ...found,
    ...(area !== '' && { area }),
    ...(mark !== '' && { mark }),
    ...(note !== '' && { note }),
    facts: Object.fromEntries(understood.map(({ ask, fact }) => [ask.field, fact])),
    understood,
    notTaken,
  };
}

/** Lines as they are typed: one defect each; a line that ends with a colon names the area of those that follow. */
function typedIn(text: string, { units, at }: Reading): readonly Entry[] {
  const found: Entry[] = [];
  let area: string | undefined;
  for (const [i, raw] of text.split('\n').entries()) {
    const line = raw.trim();
    if (line.endsWith(':')) area = line.slice(0, -1).trim();
    else if (line !== '') found.push({ line: i + 1, text: line, ...(area !== undefined && area !== '' && { area }), ...readQuickLine(line, units, at) });
  }
  return found;
}

/**
 * Reads what was typed or pasted as defects: lines, or a table with a column `kind` as a spreadsheet copies it or as the CSV
 * of a job is written, its other columns named by the field or by the question. A number without a unit is in the base unit
 * where the column is named by its field, else in the unit of its question.
 * @param at ISO instant since which it is known
 */
export function readEntries(text: string, units: UnitSystem, at: string): readonly Entry[] {
  const reading = { units, at };
  const table = tableIn(text);
  if (!table) return typedIn(text, reading);
  const [head, ...rows] = table;
  return rows.map((row) => entryOf(head?.cells ?? [], row, reading));
}

/** What becomes of an entry in a job. */
export type Fate =
  | { readonly is: 'new' }
  /** it is there already, by its mark and area, as it is told here */
  | { readonly is: 'there' }
  /** it is there already and differs in these questions: it stays as it is */
  | { readonly is: 'differs'; readonly in: readonly string[] }
  /** it cannot be made, and why */
  | { readonly is: 'open'; readonly why: string };

type Places = readonly Pick<Area, 'name' | 'usual' | 'defects'>[];

function against(entry: Entry, area: string, areas: Places): Fate | undefined {
  const host = areas.find((a) => name(a.name) === name(area));
  const own = host?.defects.find((d) => entry.mark !== undefined && name(d.mark) === name(entry.mark));
  if (!host || !own) return undefined;
  // as it is written: with what is usual where it stands
  const there = withUsual(host, own);
  if (there.kind !== entry.kind) return { is: 'differs', in: ['Kind'] };
  const differ = kindOf(there.kind).asks.filter((ask) => {
    const told = entry.facts[ask.field];
    return told !== undefined && cellOf(ask, told) !== cellOf(ask, there.facts[ask.field]);
  });
  return differ.length === 0 ? { is: 'there' } : { is: 'differs', in: differ.map((a) => a.question) };
}

/** What becomes of each entry in a job: nothing that is there is made twice or changed. */
export function fatesOf(entries: readonly Entry[], areas: Places, hereName: string): readonly Fate[] {
  const seen = new Set<string>();
  return entries.map((entry, i): Fate => {
    if (i >= mostEntries) return { is: 'open', why: `More than ${String(mostEntries)} at once: take them in parts.` };
    if (entry.kind === undefined)
      return entry.kinds
        ? { is: 'open', why: `It could be a ${entry.kinds.map((k) => kindOf(k).title).join(', or a ')}: say what it is in.` }
        : { is: 'open', why: 'It does not say what was found, such as crack slab, hole drywall, chip tub.' };
    if ((entry.mark?.length ?? 0) > 20) return { is: 'open', why: 'A mark has at most 20 letters.' };
    const area = entry.area ?? hereName;
    const known = against(entry, area, areas);
    if (known) return known;
    const key = `${name(area)} ${name(entry.mark ?? '')}`;
    if (entry.mark !== undefined && seen.has(key)) return { is: 'open', why: `The mark ${entry.mark} stands twice here.` };
    seen.add(key);
    return { is: 'new' };
  });
}
