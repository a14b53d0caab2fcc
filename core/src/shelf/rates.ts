import type { Sourced } from '../quantity/ledger.ts';
import type { QuantityKind } from '../quantity/kind.ts';

const rate = (value: number, kind: QuantityKind, label: string): Sourced => ({ value, kind, source: 'assumed-rate', label, assumed: true });

/** How long work takes by hand: assumed until the firm sets its own. */
export const rates = {
  chaseSetUp: rate(10, 'duration', 'Setting up grinder and vacuum'),
  chasePace: rate(1.5, 'pace', 'Chasing, each pass'),
  vacuumSetUp: rate(3, 'duration', 'Setting up to clean'),
  vacuumPace: rate(1, 'pace', 'Cleaning the groove'),
  readySetUp: rate(8, 'duration', 'Getting resin, sand and knife ready'),
  chokePace: rate(0.5, 'pace', 'Choking the crack with sand'),
  wetPace: rate(0.7, 'pace', 'Wetting the faces'),
  fillPace: rate(1.3, 'pace', 'Sanding and soaking a lift'),
  placePace: rate(2, 'pace', 'Wetting, sanding and soaking together'),
  grindSetUp: rate(5, 'duration', 'Setting up to grind'),
  grindPace: rate(2, 'pace', 'Grinding flush'),
  nothing: rate(0, 'duration', 'No setting up'),
  once: { value: 1, kind: 'count', source: 'practice', label: 'One pass' },
  alone: { value: 1, kind: 'ratio', source: 'practice', label: 'One person at the tool' },
  pair: { value: 2, kind: 'ratio', source: 'practice', label: 'A pair, one wetting, one sanding' },
} as const satisfies Record<string, Sourced>;
