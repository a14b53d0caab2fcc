import Button from '@mui/material/Button';
import { Camera } from 'lucide-react';
import { useRef } from 'react';

/** A button that takes pictures with the camera or lets choose them. */
export function PickPictures({ label, words, full, onFiles }: { label: string; words: string; full: boolean; onFiles: (files: readonly File[]) => void }) {
  const chooser = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={chooser}
        type="file"
        accept="image/*"
        multiple
        hidden
        aria-label={label}
        onChange={(event) => {
          if (event.target.files) onFiles([...event.target.files]);
          event.target.value = '';
        }}
      />
      <Button
        variant="outlined"
        size="small"
        disabled={full}
        onClick={() => {
          chooser.current?.click();
        }}
      >
        <Camera size={16} aria-hidden="true" style={{ marginRight: 6 }} />
        {words}
      </Button>
    </>
  );
}
