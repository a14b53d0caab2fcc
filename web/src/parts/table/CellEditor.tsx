import type { UnitSystem } from '@oddment/core';
import { useCallback, useRef, useState } from 'react';
import { pageNow } from '../../state/clock.ts';
import { patchOf, startOf, type CellTyping, type Patch } from '../../views/cellTyping.ts';
import type { TableRow } from '../../views/defectTable.ts';

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
    const read = patchOf(typing, row, text, units, pageNow());
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
