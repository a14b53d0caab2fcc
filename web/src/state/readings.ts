import type { Reading, ReadingsState, ReadQuantity } from '@oddment/contracts';
import { clockTime } from '@oddment/core';
import { useSyncExternalStore } from 'react';
import { zoneHere } from './clock.ts';

/** What the page knows of the instruments: the last state it was told, and whether it is still told. */
export interface Heard {
  readonly state?: ReadingsState;
  /** whether the stream from the server stands */
  readonly listening: boolean;
}

let heard: Heard = { listening: false };
let source: EventSource | undefined;
const listeners = new Set<() => void>();

function put(next: Heard): void {
  heard = next;
  for (const listener of listeners) listener();
}

// one stream for the whole page, while anything on it looks
function watch(listener: () => void): () => void {
  listeners.add(listener);
  if (!source) {
    const own = new EventSource('/api/readings');
    own.addEventListener('state', (event: MessageEvent<string>) => {
      put({ state: JSON.parse(event.data) as ReadingsState, listening: true });
    });
    own.addEventListener('error', () => {
      put({ ...heard, listening: false });
    });
    source = own;
  }
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0) return;
    source?.close();
    source = undefined;
  };
}

/** The readings as they come in. */
export function useReadings(): Heard {
  return useSyncExternalStore(
    watch,
    () => heard,
    () => heard,
  );
}

/** A live value for a field: the latest reading of it, and since when there is none where the line is down. */
export interface LiveValue {
  readonly reading: Reading;
  readonly value: number;
  /** the line or the instrument is silent: this is the last that was read */
  readonly silent: boolean;
}

const silentAfterMs = 15_000;

/** The latest value of a quantity that any instrument read. */
export function liveValue({ state, listening }: Heard, quantity: ReadQuantity): LiveValue | undefined {
  const found = state?.latest.filter((r) => r.values[quantity] !== undefined).sort((a, b) => b.at.localeCompare(a.at))[0];
  const value = found?.values[quantity];
  if (!found || value === undefined || !state) return undefined;
  const late = Date.parse(state.at) - Date.parse(found.at) > silentAfterMs;
  return { reading: found, value, silent: !listening || !state.connected || late || found.fault !== undefined };
}

/** An instrument in words; a simulated one says so. */
export function instrumentWords({ kind, simulated }: Reading): string {
  return simulated ? `simulated ${kind}` : kind;
}

/** When it was read, by the clock of this place. */
export function instrumentClock({ at }: Reading): string {
  return clockTime(at, { timeZone: zoneHere() });
}

/** Which reading an input of a formula or a question may take, by its name. */
const readBy: Readonly<Record<string, ReadQuantity>> = {
  airC: 'airC',
  roomC: 'airC',
  humidityPct: 'humidityPct',
  slabC: 'surfaceC',
  surfaceC: 'surfaceC',
  firstL: 'labL',
  firstA: 'labA',
  firstB: 'labB',
};

export function readFor(name: string): ReadQuantity | undefined {
  return readBy[name];
}
