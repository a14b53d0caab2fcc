import type { Reading, ReadQuantity } from '@oddment/contracts';
import { drift, hashed, normal, seedOf } from './seeded.ts';

interface Channel {
  readonly quantity: ReadQuantity;
  readonly around: number;
  /** how far it wanders over some minutes */
  readonly wanders: number;
  /** spread of one reading against the next */
  readonly noise: number;
  /** step of its display */
  readonly step: number;
  readonly least?: number;
}

/** A made-up instrument: what it measures, how well, and how often it fails. */
export interface Device {
  readonly id: string;
  readonly kind: string;
  readonly channels: readonly Channel[];
  /** shares of its readings */
  readonly faults: { readonly missing: number; readonly garbled: number; readonly spike: number; readonly battery: number };
}

const usual = { missing: 0.02, garbled: 0.02, spike: 0.01, battery: 0 } as const;

export const devices: readonly Device[] = [
  {
    id: 'hygro-1',
    kind: 'thermo-hygrometer',
    channels: [
      { quantity: 'airC', around: 17.6, wanders: 0.5, noise: 0.05, step: 0.1 },
      { quantity: 'humidityPct', around: 61, wanders: 3, noise: 0.3, step: 0.1 },
    ],
    faults: usual,
  },
  { id: 'probe-1', kind: 'surface thermometer', channels: [{ quantity: 'surfaceC', around: 14.8, wanders: 0.3, noise: 0.1, step: 0.1 }], faults: usual },
  {
    id: 'meter-1',
    kind: 'moisture meter',
    channels: [{ quantity: 'moisturePct', around: 3.4, wanders: 0.4, noise: 0.1, step: 0.1, least: 0 }],
    faults: { ...usual, missing: 0.05 },
  },
  { id: 'scale-1', kind: 'scale', channels: [{ quantity: 'massG', around: 412.6, wanders: 0, noise: 0.04, step: 0.1 }], faults: { ...usual, spike: 0 } },
  {
    id: 'color-1',
    kind: 'color meter',
    channels: [
      { quantity: 'labL', around: 86.2, wanders: 0.1, noise: 0.06, step: 0.01 },
      { quantity: 'labA', around: 1.4, wanders: 0.05, noise: 0.04, step: 0.01 },
      { quantity: 'labB', around: 11.3, wanders: 0.1, noise: 0.05, step: 0.01 },
    ],
    faults: { ...usual, battery: 0.02 },
  },
];

/** What a device makes of its n-th reading: nothing where it is missing, and whether the line garbles it. */
export function readingOf(device: Device, seed: number, n: number, atMs: number): { readonly reading: Reading; readonly garbled: boolean } | undefined {
  const own = seed ^ seedOf(device.id);
  const chance = hashed(own ^ 11, n);
  const { missing, garbled, spike, battery } = device.faults;
  const base = { instrument: device.id, kind: device.kind, at: new Date(atMs).toISOString(), simulated: true } as const;
  if (chance < missing) return undefined;
  if (chance < missing + battery) return { reading: { ...base, values: {}, fault: 'battery low' }, garbled: false };
  const off = chance < missing + battery + spike ? 40 : 0;
  const values = Object.fromEntries(
    device.channels.map((c, i) => {
      const exact = c.around + c.wanders * drift(own ^ (20 + i), atMs / 600_000) + c.noise * normal(own ^ (30 + i), n) + off * c.noise * 5;
      const shown = Math.max(c.least ?? Number.NEGATIVE_INFINITY, Math.round(exact / c.step) * c.step);
      return [c.quantity, Number(shown.toFixed(3))];
    }),
  );
  return { reading: { ...base, values }, garbled: hashed(own ^ 12, n) < garbled };
}
