import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { takeNewer } from '../state/offline.ts';
import { useStore } from '../state/store.ts';

/** Says that there is a newer version of the page, and takes it when the person wants it. */
export function NewVersion() {
  const newer = useStore((s) => s.link.newer);
  return (
    <Snackbar
      open={newer}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
      message="There is a newer version of Oddment. Nothing typed is lost by loading it."
      action={
        <Button color="inherit" onClick={takeNewer}>
          Load it
        </Button>
      }
    />
  );
}
