import useMediaQuery from '@mui/material/useMediaQuery';
import { useEffect, useState } from 'react';

/** Whether the page is as narrow as on a phone, where one column follows the other. The same width stands in look.css. */
export const useNarrow = (): boolean => useMediaQuery('screen and (max-width: 860px)', { noSsr: true });

/** so far a thumb moves before it means something */
const meantPx = 12;

/**
 * Whether what stands at the top may go out of the way: from when a person reads on until they go back, or are at the
 * top again.
 */
export function useOutOfTheWay(on: boolean): boolean {
  const [away, setAway] = useState(false);
  useEffect(() => {
    if (!on) return undefined;
    let from = globalThis.scrollY;
    const look = () => {
      const to = globalThis.scrollY;
      if (Math.abs(to - from) < meantPx) return;
      setAway(to > from && to > 60);
      from = to;
    };
    globalThis.addEventListener('scroll', look, { passive: true });
    return () => {
      globalThis.removeEventListener('scroll', look);
    };
  }, [on]);
  return on && away;
}
