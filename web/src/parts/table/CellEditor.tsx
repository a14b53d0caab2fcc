import type { DefectFields } from '@oddment/contracts';
import { parseMeasure, type Ask, type UnitSystem } from '@oddment/core';
import { useCallback, useRef, useState } from 'react';
import { pageNow } from '../../state/clock.ts';
import type { TableColumn, TableRow } from '../../views/defectTable.ts';
import { fieldText } from '../fieldText.ts';

export type Patch = Partial<DefectFields>;

/** What a cell lets a person type: an answer, or the mark or note of the defect; nothing where it follows from others. */
export type CellTyping =
  { readonly is: 'ask'; readonly ask: Ask & { readonly ask: 'measure' | 'choice' | 'text' } } | { readonly is: 'field'; readonly field: 'mark' | 'note' };

export function typingIn(column: TableColumn, row: TableRow): CellTyping | undefined {
  if (column.field) return { is: 'field', field: column.field };
  const ask = column.ask?.(row);
  return ask && (ask.ask === 'measure' || ask.ask === 'choice' || ask.ask === 'text') ? { is: 'ask', ask } : undefined;
}

type Read = { readonly ok: true; readonly patch: Patch } | { readonly ok: false; readonly why: string };

/** What an answer typed for a question changes in a defect. */
export function answerPatch({ defect }: Pick<TableRow, 'defect'>, ask: Ask, text: string, units: UnitSystem): Read {
  const at = pageNow();
  const rest = Object.fromEntries(Object.entries(defect.facts).filter(([field]) => field !== ask.field));
  if (text.trim() === '') return { ok: true, patch: { facts: rest } };
  if (ask.ask === 'measure') {
    const read = parseMeasure(text, ask.kind, units);
    return read.ok
      ? { ok: true, patch: { facts: { ...rest, [ask.field]: { value: read.value, how: 'measured', at, text: text.trim().slice(0, 60) } } } }
      : read;
  }
  return { ok: true, patch: { facts: { ...rest, [ask.field]: { value: text, how: 'entered', at } } } };
}

function patchOf(typing: CellTyping, row: TableRow, text: string, units: UnitSystem): Read {
  if (typing.is === 'ask') return answerPatch(row, typing.ask, text, units);
  if (typing.field === 'note') return { ok: true, patch: { note: text.trim() === '' ? undefined : text.slice(0, 2000) } as unknown as Patch };
  return text.trim() === '' ? { ok: false, why: 'A mark needs a letter or a number.' } : { ok: true, patch: { mark: text.trim().slice(0, 20) } };
}

function startOf(typing: CellTyping, { defect }: TableRow, units: UnitSystem): string {
  if (typing.is === 'field') return defect[typing.field] ?? '';
  const fact = defect.facts[typing.ask.field];
  if (typing.ask.ask === 'measure') return fieldText(fact?.value as number | undefined, fact?.text, typing.ask.kind, units);
  return typeof fact?.value === 'string' ? fact.value : '';
}

interface CellEditorProps {
  readonly typing: CellTyping;
  readonly row: TableRow;
  readonly label: string;
  readonly units: UnitSystem;
  readonly onTaken: (patch: Patch) => void;
  /** @param then where the hand goes next */
  readonly onEnd: (then: 'stay' | 'down' | 'right' | 'left') => void;
}

/** One cell while it is typed in: Enter takes it and goes down, Tab goes on, Escape leaves it as it was. */
export function CellEditor({ typing, row, label, units, onTaken, onEnd }: CellEditorProps) {
  const [start] = useState(() => startOf(typing, row, units));
  const [text, setText] = useState(start);
  const [why, setWhy] = useState<string>();
  // a field that goes is left too: what was taken is taken once
  const over = useRef(false);
  const end: CellEditorProps['onEnd'] = (then) => {
    over.current = true;
    onEnd(then);
  };
  const take = (): boolean => {
    if (text === start) return true;
    const read = patchOf(typing, row, text, units);
    if (!read.ok) {
      setWhy(read.why);
      return false;
    }
    onTaken(read.patch);
    return true;
  };
  const hand = useCallback((field: HTMLInputElement | HTMLSelectElement | null) => {
    field?.focus();
    if (field instanceof HTMLInputElement) field.select();
  }, []);
  const keys = (event: React.KeyboardEvent) => {
    event.stopPropagation();
    if (event.key === 'Escape') end('stay');
    else if (event.key === 'Enter' || event.key === 'Tab') {
      event.preventDefault();
      if (take()) end(event.key === 'Enter' ? 'down' : event.shiftKey ? 'left' : 'right');
    }
  };
  const shared = {
    'aria-label': label,
    value: text,
    onKeyDown: keys,
    onBlur: () => {
      if (!over.current && take()) end('stay');
    },
  };
  return (
    <>
      {typing.is === 'ask' && typing.ask.ask === 'choice' ? (
        <select
          {...shared}
          ref={hand}
          onChange={(event) => {
            setText(event.target.value);
          }}
        >
          <option value="">open</option>
          {typing.ask.options.map((o) => (
            <option key={o.value} value={o.value}>
              {o.label}
            </option>
          ))}
        </select>
      ) : (
        <input
          {...shared}
          ref={hand}
          autoComplete="off"
          aria-invalid={why !== undefined}
          onChange={(event) => {
            setWhy(undefined);
            setText(event.target.value);
          }}
        />
      )}
      {why === undefined ? null : (
        <span className="cell-wrong" role="alert">
          {why}
        </span>
      )}
    </>
  );
}
