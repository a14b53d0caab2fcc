import { portLayout, type Port } from '../injection/portLayout.ts';
import { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';

/** What is done at ports that stand closer than the wall is thick. */
const holdRule = 'Closer than the wall is thick, arrival at the next port does not mean that the depth is full: hold to refusal, or until two ports ahead flow.';

/** Ports along a crack in words, and their places. */
export function portsAnswer(lengthMm: number, spacingMm: number, wallMm: number, crossingsMm: readonly number[]): { readonly ports: readonly Port[]; readonly sayings: readonly Saying[] } {
  const ports = portLayout(lengthMm, spacingMm, crossingsMm);
  const ledger = new Ledger();
  const given = (label: string, mm: number) => ledger.given(label, 'length', mm, 'entered', '');
  const gap = Math.max(...ports.slice(1).map((p, i) => p.alongMm - (ports[i]?.alongMm ?? 0)));
  return {
    ports,
    sayings: [
      say`${ledger.assumed('Ports', 'count', ports.length, 'aci-224-1r')} ports, no more than ${given('Gap', gap)} apart, one at each end. Begin at the lowest.`,
      ...(spacingMm < wallMm * (1 - 1e-9) ? [say`${holdRule}`] : []),
    ],
  };
}
