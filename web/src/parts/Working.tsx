import type { Figure, Figures } from '@oddment/core';
import { createContext, lazy, Suspense, useCallback, useContext, useState, type ReactNode } from 'react';
import type { Opened } from './WorkingDialog.tsx';

// the words of every formula come with it: they are fetched when the first figure is opened
const WorkingDialog = lazy(async () => ({ default: (await import('./WorkingDialog.tsx')).WorkingDialog }));

const OpenContext = createContext<(ledger: Figures, figure: Figure) => void>(() => undefined);
export const LedgerContext = createContext<Figures | undefined>(undefined);

/** Opens the working of a figure of the plan around it. */
export function useOpenWorking(): (figure: Figure) => void {
  const open = useContext(OpenContext);
  const ledger = useContext(LedgerContext);
  return useCallback(
    (figure: Figure) => {
      if (ledger) open(ledger, figure);
    },
    [open, ledger],
  );
}

/** Holds the sheet that shows how a figure came about. */
export function WorkingHost({ children }: { children: ReactNode }) {
  const [opened, setOpened] = useState<Opened>();
  const [wanted, setWanted] = useState(false);
  const open = useCallback((ledger: Figures, figure: Figure) => {
    setWanted(true);
    setOpened({ ledger, trail: [figure] });
  }, []);
  return (
    <OpenContext.Provider value={open}>
      {children}
      {wanted ? (
        <Suspense fallback={null}>
          <WorkingDialog opened={opened} onOpened={setOpened} />
        </Suspense>
      ) : null}
    </OpenContext.Provider>
  );
}
