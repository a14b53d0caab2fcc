import Button, { type ButtonProps } from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';

/** How far something long is, and the way to stop it. */
export function Making({ share, label, look, onStop }: { share: number; label: string; look?: Pick<ButtonProps, 'style' | 'size'>; onStop: () => void }) {
  return (
    <span style={{ display: 'inline-grid', gridTemplateColumns: '90px auto', gap: 8, alignItems: 'center' }}>
      <LinearProgress variant="determinate" value={share * 100} aria-label={label} />
      <Button variant="outlined" {...look} onClick={onStop}>
        Stop
      </Button>
    </span>
  );
}
