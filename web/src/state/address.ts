import { useCallback, useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';

/** What the address of a screen holds after its question mark, and how it is changed. */
export type Address = readonly [params: URLSearchParams, change: (make: (next: URLSearchParams) => void) => void];

/** Sets a name, or leaves it out where its text is empty. */
export function put(next: URLSearchParams, name: string, text: string): void {
  if (text === '') next.delete(name);
  else next.set(name, text);
}

/**
 * The part of the address after the question mark, changed in place. Each change is made on what was last set,
 * which may not stand in the address yet: two fields filled in one breath must not undo each other.
 */
export function useAddress(): Address {
  const [params, setParams] = useSearchParams();
  const coming = useRef<URLSearchParams>(undefined);
  useEffect(() => {
    if (coming.current?.toString() === params.toString()) coming.current = undefined;
  }, [params]);
  const change = useCallback(
    (make: (next: URLSearchParams) => void) => {
      setParams(
        (before) => {
          const next = new URLSearchParams(coming.current ?? before);
          make(next);
          coming.current = next;
          return next;
        },
        { replace: true, preventScrollReset: true },
      );
    },
    [setParams],
  );
  return [params, change];
}
