import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { Link } from 'react-router';
import { useSend, useStore } from '../state/store.ts';
import { guideSet, singleKeysSet } from '../state/view.ts';
import { keyRows } from '../views/keyRows.ts';

/** The keys of the main actions; single keys can be switched off. */
export function Help({ open, onClose }: { open: boolean; onClose: () => void }) {
  const send = useSend();
  const on = useStore((s) => s.view.singleKeys);
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="keys-title" fullWidth maxWidth="xs">
      <div style={{ padding: '16px 20px' }}>
        <h2 id="keys-title" style={{ fontSize: 18, marginBottom: 8 }}>
          Keys
        </h2>
        <dl className="facts">
          {keyRows.map(([key, words]) => (
            <div key={key} style={{ display: 'contents' }}>
              <dt>{words}</dt>
              <dd>
                <kbd>{key}</kbd>
              </dd>
            </div>
          ))}
        </dl>
        <FormControlLabel control={<Switch checked={on} onChange={(_e, next) => send(singleKeysSet(next))} />} label="Single keys act (all but ?)" />
        <p>
          <Link to="/keys" onClick={onClose}>
            As a card to print
          </Link>{' '}
          <button
            type="button"
            className="link"
            onClick={() => {
              send(guideSet(true));
              onClose();
            }}
          >
            Lead me through a repair
          </button>
        </p>
        <div style={{ textAlign: 'right' }}>
          <Button variant="contained" onClick={onClose}>
            Close
          </Button>
        </div>
      </div>
    </Dialog>
  );
}
