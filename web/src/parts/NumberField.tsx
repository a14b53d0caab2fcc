import TextField from '@mui/material/TextField';
import { parseNumber } from '@oddment/core';
import { useState } from 'react';

/** A bare number, such as money or a count: a decimal comma is one, and what may be read two ways is asked back. Nothing that cannot be read is kept. */
export function NumberField({
  label,
  value,
  problem,
  onNumber,
}: {
  label: string;
  value: number | undefined;
  problem?: string | undefined;
  onNumber: (value: number | undefined) => void;
}) {
  const [typed, setTyped] = useState({ text: '', value: undefined as number | undefined });
  // a value that came from elsewhere stands in place of what was typed for another one
  const text = Object.is(typed.value, value) ? typed.text : value === undefined || Number.isNaN(value) ? '' : String(value);
  const read = text.trim() === '' ? undefined : parseNumber(text);
  const wrong = read?.ok === false ? read.why : problem;
  const change = (next: string) => {
    const now = parseNumber(next);
    const meant = next.trim() === '' ? undefined : now.ok ? now.value : Number.NaN;
    setTyped({ text: next, value: meant });
    onNumber(meant);
  };
  return (
    <TextField
      size="small"
      label={label}
      value={text}
      error={wrong !== undefined}
      helperText={wrong}
      onChange={(event) => {
        change(event.target.value);
      }}
      slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }}
    />
  );
}
