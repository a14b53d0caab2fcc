import { useCallback, useState } from 'react';
import { formDone, formKept } from '../state/drafts.ts';
import { store, useSend } from '../state/store.ts';

/** Something half entered, kept through reloads until it is whole and has become a fact. */
export function useKeptPartial<T extends object>(key: string, usual: T): [T, (next: T) => void, () => void] {
  const send = useSend();
  const [partial, setPartial] = useState<T>(() => ({ ...usual, ...store.getState().drafts.forms[key] }));
  const keep = useCallback(
    (next: T) => {
      setPartial(next);
      send(formKept({ key, values: next as Readonly<Record<string, unknown>> }));
    },
    [key, send],
  );
  const done = useCallback(() => {
    send(formDone(key));
  }, [key, send]);
  return [partial, keep, done];
}
