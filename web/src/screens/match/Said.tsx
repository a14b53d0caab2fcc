import { type Verdict } from '@oddment/core';
import { Say } from '../../parts/Fig.tsx';

export function Said({ verdict }: { verdict: Verdict }) {
  return (
    <>
      {verdict.of === undefined ? null : <b>{verdict.of}: </b>}
      <Say saying={verdict.reason()} />
    </>
  );
}
