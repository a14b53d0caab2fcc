import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import TextField from '@mui/material/TextField';
import { surfaces, type DefectKind } from '@oddment/core';
import { useCallback, useState } from 'react';
import { kindsNamed } from '../views/kindsNamed.ts';

interface KindChooserProps {
  readonly open: boolean;
  readonly onChoose: (kind: DefectKind) => void;
  readonly onClose: () => void;
}

function Kinds({ onChoose, onClose }: Omit<KindChooserProps, 'open'>) {
  const [words, setWords] = useState('');
  const hand = useCallback((field: HTMLInputElement | null) => field?.focus(), []);
  const found = kindsNamed(words);
  const first = words.trim() === '' ? undefined : found[0];
  return (
    <div style={{ padding: '16px 20px' }}>
      <h2 id="kind-title" style={{ fontSize: 20 }}>
        What did you find?
      </h2>
      <TextField
        inputRef={hand}
        label="In a word or two, such as crack slab"
        value={words}
        sx={{ maxWidth: 340, marginTop: '6px' }}
        onChange={(event) => {
          setWords(event.target.value);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && first) onChoose(first.id);
        }}
      />
      <div className="kinds">
        {surfaces.map((surface) => {
          const own = found.filter((k) => k.surface === surface);
          return own.length === 0 ? null : (
            <section key={surface} aria-label={surface}>
              <h3>{surface}</h3>
              {own.map((k) => (
                <button
                  type="button"
                  key={k.id}
                  className={k === first ? 'kind first' : 'kind'}
                  onClick={() => {
                    onChoose(k.id);
                  }}
                >
                  {k.title}
                </button>
              ))}
            </section>
          );
        })}
      </div>
      {found.length === 0 ? <p className="quiet">Nothing is called that here. Try what it is, or what it is in.</p> : null}
      <div style={{ display: 'flex', justifyContent: 'flex-end' }}>
        <Button variant="outlined" onClick={onClose}>
          Cancel
        </Button>
      </div>
    </div>
  );
}

/** What was found: every kind of defect by the surface it is in, or by a word or two. */
export function KindChooser({ open, onChoose, onClose }: KindChooserProps) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="kind-title" maxWidth="md" fullWidth>
      <Kinds onChoose={onChoose} onClose={onClose} />
    </Dialog>
  );
}
