import type { DefectFields } from '@oddment/contracts';
import { knownBy, parseMeasure, type Ask, type UnitSystem } from '@oddment/core';
import { fieldText } from '../parts/fieldText.ts';
import type { TableColumn, TableRow } from './defectTable.ts';

export type Patch = Partial<DefectFields>;

/** What a cell lets a person type: an answer, or the mark or note of the defect; nothing where it follows from others. */
export type CellTyping =
  { readonly is: 'ask'; readonly ask: Ask & { readonly ask: 'measure' | 'choice' | 'text' } } | { readonly is: 'field'; readonly field: 'mark' | 'note' };

/** What can be typed in the cell of a row and a column. */
export function typingIn(column: TableColumn, row: TableRow): CellTyping | undefined {
  if (column.field) return { is: 'field', field: column.field };
  const ask = column.ask?.(row);
  return ask && (ask.ask === 'measure' || ask.ask === 'choice' || ask.ask === 'text') ? { is: 'ask', ask } : undefined;
}

type Read = { readonly ok: true; readonly patch: Patch } | { readonly ok: false; readonly why: string };

/**
 * What an answer typed for a question changes in a defect; an emptied one is open again.
 * @param at ISO instant at which it was typed
 */
export function answerPatch({ defect }: Pick<TableRow, 'defect'>, ask: Ask, text: string, units: UnitSystem, at: string): Read {
  const rest = Object.fromEntries(Object.entries(defect.facts).filter(([field]) => field !== ask.field));
  if (text.trim() === '') return { ok: true, patch: { facts: rest } };
  if (ask.ask === 'measure') {
    const read = parseMeasure(text, ask.kind, units);
    return read.ok
      ? { ok: true, patch: { facts: { ...rest, [ask.field]: { value: read.value, how: knownBy(ask), at, text: text.trim().slice(0, 60) } } } }
      : read;
  }
  return { ok: true, patch: { facts: { ...rest, [ask.field]: { value: text, how: knownBy(ask), at } } } };
}

/** What is typed in a cell changes in its defect. */
export function patchOf(typing: CellTyping, row: TableRow, text: string, units: UnitSystem, at: string): Read {
  if (typing.is === 'ask') return answerPatch(row, typing.ask, text, units, at);
  if (typing.field === 'note') return { ok: true, patch: { note: text.trim() === '' ? undefined : text.slice(0, 2000) } as unknown as Patch };
  return text.trim() === '' ? { ok: false, why: 'A mark needs a letter or a number.' } : { ok: true, patch: { mark: text.trim().slice(0, 20) } };
}

/** What stands in a cell when it begins to be typed in. */
export function startOf(typing: CellTyping, { defect, plan }: TableRow, units: UnitSystem): string {
  if (typing.is === 'field') return defect[typing.field] ?? '';
  const fact = plan.defect.facts[typing.ask.field];
  if (typing.ask.ask === 'measure') return fieldText(fact?.value as number | undefined, fact?.text, typing.ask.kind, units);
  return typeof fact?.value === 'string' ? fact.value : '';
}
