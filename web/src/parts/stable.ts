import { useLayoutEffect, useMemo, useRef } from 'react';

/** The same functions as long as a part is there, each doing what the latest of its name does: what is given them is not drawn again for it. */
export function useStable<T extends object>(latest: T): T {
  const now = useRef(latest);
  useLayoutEffect(() => {
    now.current = latest;
  });
  const names = Object.keys(latest).join(' ');
  return useMemo(
    () =>
      Object.fromEntries(
        names.split(' ').map((name) => [name, (...given: unknown[]) => (now.current as Record<string, (...given: unknown[]) => unknown>)[name]?.(...given)]),
      ) as T,
    [names],
  );
}
