import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { v4 as uuid } from 'uuid';
import { api } from '../state/api.ts';
import { useSend, useStore } from '../state/store.ts';
import { deleted } from '../state/view.ts';
import { useKeys } from './keys.ts';

/** Offers to bring back what was deleted last. */
export function UndoBar() {
  const send = useSend();
  const gone = useStore((s) => s.view.deleted);
  const [restore] = api.useRestoreMutation();
  const undo = () => {
    if (!gone) return;
    void restore({ entity: gone.entity, id: gone.id, version: gone.version, change: uuid(), name: gone.name }).then(() => send(deleted(undefined)));
  };
  useKeys({ z: undo });
  return (
    <Snackbar
      open={gone !== undefined}
      message={`${gone?.name ?? ''} deleted`}
      onClose={(_event, reason) => {
        if (reason === 'timeout') send(deleted(undefined));
      }}
      autoHideDuration={20_000}
      action={
        <Button color="inherit" onClick={undo}>
          Undo <kbd>Z</kbd>
        </Button>
      }
    />
  );
}
