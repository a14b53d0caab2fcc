import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useSend, useStore } from '../state/store.ts';
import { singleKeysSet } from '../state/view.ts';
import { stages } from '../views/stages.ts';

const keys: readonly (readonly [string, string])[] = [
  [stages.map((stage) => stage.key).join(' '), stages.map((stage) => stage.name).join(', ')],
  ['N and P', 'next and previous repair'],
  ['A', 'add what is found in this area'],
  ['L, or Ctrl+Enter in a field', 'the next one as this, all but its sizes (Walk)'],
  ['Q', 'several defects at once, a line each'],
  ['/', 'find: a job in Jobs, all repairs as a table in a job'],
  ['Escape', 'leave a field'],
  ['C', 'choose the system in view (Match)'],
  ['T', 'whole table of systems by rules (Match)'],
  ['O', 'sheet for print'],
  ['V', 'options for the client'],
  ['U', 'metric or US customary'],
  ['D', 'light or dark'],
  ['Z', 'undo what was done last'],
  ['Enter', 'on a figure: open its working'],
  ['?', 'this list'],
];

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
          {keys.map(([key, words]) => (
            <div key={key} style={{ display: 'contents' }}>
              <dt>{words}</dt>
              <dd>
                <kbd>{key}</kbd>
              </dd>
            </div>
          ))}
        </dl>
        <FormControlLabel control={<Switch checked={on} onChange={(_e, next) => send(singleKeysSet(next))} />} label="Single keys act (all but ?)" />
        <div style={{ textAlign: 'right' }}>
          <Button variant="contained" onClick={onClose}>
            Close
          </Button>
        </div>
      </div>
    </Dialog>
  );
}
