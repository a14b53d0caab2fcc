import { useCallback, useLayoutEffect, useState } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { formDone, formKept } from '../state/drafts.ts';
import { store, useSend } from '../state/store.ts';

/** What a form begins with: what was typed into it in an earlier visit, else its usual start. */
export function useKeptStart<T extends object>(key: string | undefined, usual: T): T {
  const [start] = useState(() => ({ ...usual, ...(key === undefined ? {} : store.getState().drafts.forms[key]) }));
  return start;
}

/**
 * Keeps what is typed into a form through reloads, until it is done.
 * @returns what to call when the form has been taken or given up
 */
export function useKeptForm<T extends FieldValues>(key: string | undefined, form: UseFormReturn<T>): () => void {
  const send = useSend();
  // before the first paint: what is typed at once is kept too
  useLayoutEffect(() => {
    if (key === undefined) return;
    return form.subscribe({
      formState: { values: true },
      callback: ({ values }) => {
        send(formKept({ key, values: { ...values } }));
      },
    });
  }, [key, form, send]);
  return useCallback(() => {
    if (key !== undefined) send(formDone(key));
  }, [key, send]);
}
