import { useMemo } from 'react';
import { pageCode } from '../views/pageCode.ts';

/** On paper: a code that a camera reads, with the address at which this page stands as it is now. */
export function PageCode() {
  const { href } = globalThis.location;
  const { size, path } = useMemo(() => pageCode(href), [href]);
  return (
    <svg className="on-paper page-code" viewBox={`0 0 ${String(size)} ${String(size)}`} role="img" aria-label="Code with the address of this page">
      <path d={path} fill="#000" />
    </svg>
  );
}
