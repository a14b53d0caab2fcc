import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useUndo } from '../state/many.ts';
import { useSend, useStore } from '../state/store.ts';
import { undoableSet } from '../state/view.ts';
import { useKeys } from './keys.ts';

/** Offers to undo what was done last. */
export function UndoBar() {
  const send = useSend();
  const undoable = useStore((s) => s.view.undoable);
  const undoIt = useUndo();
  const undo = () => {
    if (undoable) void undoIt(undoable);
  };
  useKeys({ z: undo });
  return (
    <Snackbar
      open={undoable !== undefined}
      message={undoable?.words}
      onClose={(_event, reason) => {
        if (reason === 'timeout') send(undoableSet(undefined));
      }}
      autoHideDuration={20_000}
      action={
        undoable?.steps.length === 0 ? null : (
          <Button color="inherit" onClick={undo}>
            Undo <kbd>Z</kbd>
          </Button>
        )
      }
    />
  );
}
