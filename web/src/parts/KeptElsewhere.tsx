import type { ReactNode } from 'react';

/** A page of something kept that is being opened, or is not here any more. */
export function KeptElsewhere({ opening, failed, children }: { opening: string; failed: boolean; children: ReactNode }) {
  return (
    <main className="page">
      <p>{failed ? <>It is not here, or was withdrawn. {children}</> : opening}</p>
    </main>
  );
}
