import Button from '@mui/material/Button';
import { useRef } from 'react';

/** A button that lets a file be chosen; the same one may be chosen again. */
export function PickFile({
  label,
  accept,
  words = 'Choose a file',
  inText = false,
  onFile,
}: {
  label: string;
  accept: string;
  words?: string;
  /** in a line of text, as a link */
  inText?: boolean;
  onFile: (file: File) => void;
}) {
  const picker = useRef<HTMLInputElement>(null);
  const pick = () => picker.current?.click();
  return (
    <>
      <input
        ref={picker}
        type="file"
        accept={accept}
        hidden
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
      {inText ? (
        <button type="button" className="link" onClick={pick}>
          {words}
        </button>
      ) : (
        <Button variant="outlined" onClick={pick}>
          {words}
        </Button>
      )}
    </>
  );
}
