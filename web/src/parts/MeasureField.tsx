import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import { bareUnit, parseMeasure, type QuantityKind, type UnitSystem } from '@oddment/core';
import { useState } from 'react';
import { typed } from '../state/drafts.ts';
import { useSend, useStore } from '../state/store.ts';
import { fieldText } from './fieldText.ts';

export interface MeasureFieldProps {
  /** keeps what is typed apart from other fields, through reloads */
  readonly fieldKey: string;
  readonly label: string;
  readonly hiddenLabel?: boolean;
  readonly kind: QuantityKind;
  readonly units: UnitSystem;
  readonly value: number | undefined;
  /** as it was typed */
  readonly text: string | undefined;
  readonly problem?: string | undefined;
  readonly onValue: (value: number, text: string) => void;
  readonly onEmpty?: () => void;
  /** takes the value only when the field is left or Enter is pressed */
  readonly whenLeft?: boolean;
}

/** One field for every measure: takes `3/16`, `1' 3-1/2"`, `4.2 m`, keeps the text and shows it back unchanged. */
export function MeasureField({
  fieldKey,
  label,
  hiddenLabel = false,
  kind,
  units,
  value,
  text,
  problem,
  onValue,
  onEmpty,
  whenLeft = false,
}: MeasureFieldProps) {
  const send = useSend();
  const pending = useStore((s) => s.drafts.texts[fieldKey]);
  // what is being typed stays as it is while the field has the focus
  const [editing, setEditing] = useState<string>();
  const shown = editing ?? pending ?? fieldText(value, text, kind, units);
  const parsed = pending === undefined || pending.trim() === '' ? undefined : parseMeasure(pending, kind, units);
  const notKept = useStore((s) => s.drafts.notKept);
  const wrong = parsed?.ok === false && !(whenLeft && editing !== undefined) ? parsed.why : problem;
  const take = (next: string) => {
    if (next.trim() === '' && onEmpty) {
      send(typed({ key: fieldKey, text: undefined }));
      onEmpty();
      return;
    }
    const read = parseMeasure(next, kind, units);
    send(typed({ key: fieldKey, text: read.ok ? undefined : next }));
    if (read.ok) onValue(read.value, next);
  };
  const change = (next: string) => {
    setEditing(next);
    if (whenLeft) send(typed({ key: fieldKey, text: next.trim() === '' ? undefined : next }));
    else take(next);
  };
  const leave = () => {
    // an emptied field counts where emptying means something
    if (whenLeft && editing !== undefined && (editing.trim() !== '' || onEmpty)) take(editing);
    setEditing(undefined);
  };
  const id = `field-${fieldKey.replaceAll(/[^a-zA-Z0-9]/g, '-')}`;
  return (
    <div>
      <label htmlFor={id} className={hiddenLabel ? 'clip' : 'q'}>
        {label}
      </label>
      <TextField
        id={id}
        value={shown}
        error={wrong !== undefined}
        helperText={wrong ?? (editing === undefined ? undefined : notKept)}
        onChange={(event) => {
          change(event.target.value);
        }}
        onBlur={leave}
        onKeyDown={(event) => {
          if (event.key === 'Enter') leave();
        }}
        slotProps={{
          htmlInput: { autoComplete: 'off', inputMode: 'text', style: { padding: '5px 8px' } },
          input: { endAdornment: <InputAdornment position="end">{bareUnit(kind, units)}</InputAdornment> },
        }}
      />
    </div>
  );
}
