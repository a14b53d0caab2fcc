import TextField from '@mui/material/TextField';
import type { Ref } from 'react';

interface FindFieldProps {
  readonly label: string;
  readonly value: string;
  readonly hand: Ref<HTMLInputElement>;
  readonly onSearch: (words: string) => void;
}

/** The field in which something is searched while it is typed. */
export function FindField({ label, value, hand, onSearch }: FindFieldProps) {
  return (
    <TextField
      inputRef={hand}
      label={label}
      value={value}
      sx={{ width: 280 }}
      onChange={(event) => {
        onSearch(event.target.value);
      }}
    />
  );
}
