import { portLayout, type Port } from '../injection/portLayout.ts';
import { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { answered, listed, measured, refusedTool, type QuickTool, type ToolMeasure } from './tool.ts';

/** What is done at ports that stand closer than the wall is thick. */
const holdRule =
  'Closer than the wall is thick, arrival at the next port does not mean that the depth is full: hold to refusal, or until two ports ahead flow.';

/** Ports along a crack in words, and their places. */
export function portsAnswer(
  lengthMm: number,
  spacingMm: number,
  wallMm: number,
  crossingsMm: readonly number[],
): { readonly ports: readonly Port[]; readonly sayings: readonly Saying[] } {
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

const crackLength: ToolMeasure = { name: 'long', label: 'Length of the crack', kind: 'length', usual: 2400, min: 100, max: 50_000 };
const wallThickness: ToolMeasure = { name: 'wall', label: 'Thickness of the wall', kind: 'depth', usual: 200, min: 20, max: 2000 };
const spacing: ToolMeasure = { name: 'apart', label: 'Spacing of the ports', kind: 'depth', usual: 200, min: 20, max: 2000 };

/** Where other cracks cross, in mm along the crack, out of percents of its length; nothing where one cannot be read. */
export function crossingsAlong(text: string, lengthMm: number): readonly number[] | undefined {
  const shares = listed(text);
  return shares?.every((share) => share > 0 && share < 100) ? shares.map((share) => (share / 100) * lengthMm) : undefined;
}

/** Ports along a crack. */
export const portsTool: QuickTool = {
  id: 'port-layout',
  group: 'Injection and fine cracks',
  title: 'Where the ports stand',
  words: 'Ports along a crack: one at each end and at each crossing, and no gap wider than the spacing.',
  measures: [crackLength, wallThickness, spacing],
  texts: [{ name: 'crossings', label: 'Other cracks cross it at, in percent of its length', usual: '' }],
  answer: (given) => {
    const lengthMm = measured(given, crackLength);
    const crossings = crossingsAlong(given.texts['crossings'] ?? '', lengthMm);
    if (!crossings) return refusedTool('crossings', 'Write where they cross in percent of the length, each more than 0 and less than 100.');
    const { ports, sayings } = portsAnswer(lengthMm, measured(given, spacing), measured(given, wallThickness), crossings);
    const ledger = new Ledger();
    const [, ...after] = ports;
    return answered(sayings.slice(0, 1), [
      ...sayings.slice(1),
      say`From the lower end: ${ports[0] ? ledger.given('Port', 'length', ports[0].alongMm, 'entered', '') : ''}${after.map((p) => say`, ${ledger.given('Port', 'length', p.alongMm, 'entered', '')}`).flat()}.`,
    ]);
  },
};
