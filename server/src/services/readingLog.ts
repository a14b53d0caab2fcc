import type { Reading, ReadQuantity } from '@oddment/contracts';
import { keepMeasured, type MeasuredSlot } from '../store/measuredStore.ts';
import type { Database } from '../store/database.ts';

const climate: readonly ReadQuantity[] = ['airC', 'humidityPct', 'surfaceC'];
const slotMs = 600_000;

interface Open {
  readonly slotMs: number;
  readonly of: Pick<Reading, 'instrument' | 'kind' | 'simulated'>;
  readonly values: Map<ReadQuantity, number[]>;
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  const upper = sorted[half] ?? 0;
  return sorted.length % 2 === 1 ? upper : ((sorted[half - 1] ?? upper) + upper) / 2;
}

function slotOf({ slotMs: ms, of, values }: Open): MeasuredSlot {
  return {
    ...of,
    slotAt: new Date(ms).toISOString(),
    readings: Math.max(...[...values.values()].map((v) => v.length)),
    values: Object.fromEntries([...values].map(([quantity, v]) => [quantity, Math.round(median(v) * 100) / 100])),
  };
}

/** Gathers what the instruments read of the climate into slots of ten minutes, each kept with its middle value: one spike does not move it. */
export class ReadingLog {
  readonly #open = new Map<string, Open>();
  #changed = new Set<Open>();

  take({ instrument, kind, simulated, at, values, fault }: Reading): void {
    const read = climate.flatMap((quantity) => {
      const value = values[quantity];
      return value === undefined ? [] : [[quantity, value] as const];
    });
    if (read.length === 0 || fault !== undefined) return;
    const ms = Math.floor(Date.parse(at) / slotMs) * slotMs;
    let open = this.#open.get(instrument);
    if (open?.slotMs !== ms) {
      open = { slotMs: ms, of: { instrument, kind, simulated }, values: new Map() };
      this.#open.set(instrument, open);
    }
    for (const [quantity, value] of read) open.values.set(quantity, [...(open.values.get(quantity) ?? []), value]);
    this.#changed.add(open);
  }

  /** The slots that changed since the last time this was asked. */
  changed(): readonly MeasuredSlot[] {
    const slots = [...this.#changed].map(slotOf);
    this.#changed = new Set();
    return slots;
  }
}

const keepEveryMs = 5000;

/** Keeps a log in the database every few seconds; what is returned keeps the rest and ends it. */
export function keeping(log: ReadingLog, db: Database, onError: (error: unknown) => void): () => Promise<void> {
  const keep = () => keepMeasured(db, log.changed()).catch(onError);
  const timer = setInterval(() => void keep(), keepEveryMs);
  timer.unref();
  return () => {
    clearInterval(timer);
    return keep();
  };
}
