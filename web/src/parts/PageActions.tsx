import Button from '@mui/material/Button';
import type { ReactNode } from 'react';

/** on paper, which is white in the dark too */
export const onPaper = { style: { color: '#000' } } as const;

/** What is done with a page of paper: back, print, and whatever else goes with it. It is not printed. */
export function PageActions({ back = 'Back', onBack, children }: { back?: string; onBack: () => void; children?: ReactNode }) {
  return (
    <div className="no-print page-actions">
      <Button variant="outlined" {...onPaper} onClick={onBack}>
        {back}
      </Button>
      <Button
        variant="contained"
        onClick={() => {
          globalThis.print();
        }}
      >
        Print
      </Button>
      {children}
    </div>
  );
}
