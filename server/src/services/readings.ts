import { readLine, type Reading, type ReadingsState } from '@oddment/contracts';
import { connect, type Socket } from 'node:net';
import type { Clock } from '../clock.ts';

type Listener = (state: ReadingsState) => void;

const againMs = [500, 1000, 2000, 5000] as const;
const longestLine = 4000;

/** The line to the instruments: keeps the last good reading of each, and tells whoever listens. */
export class Readings {
  readonly #latest = new Map<string, Reading>();
  readonly #listeners = new Set<Listener>();
  readonly #place: { readonly host: string; readonly port: number };
  readonly #clock: Clock;
  readonly #each: ((reading: Reading) => void) | undefined;
  #socket: Socket | undefined;
  #again: NodeJS.Timeout | undefined;
  #connected = false;
  #refused = 0;
  #tries = 0;
  #closed = false;

  /** @param each is told every good reading */
  constructor(place: { readonly host: string; readonly port: number }, clock: Clock, each?: (reading: Reading) => void) {
    this.#each = each;
    this.#place = place;
    this.#clock = clock;
    this.#connect();
  }

  get state(): ReadingsState {
    return { connected: this.#connected, at: this.#clock.now().toISOString(), latest: [...this.#latest.values()], refused: this.#refused };
  }

  /** Told of every change from now on; what is returned ends it. */
  listen(listener: Listener): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  close(): void {
    this.#closed = true;
    clearTimeout(this.#again);
    this.#socket?.destroy();
    this.#listeners.clear();
  }

  #tell(): void {
    const { state } = this;
    for (const listener of this.#listeners) listener(state);
  }

  #connect(): void {
    if (this.#closed) return;
    const socket = connect(this.#place);
    this.#socket = socket;
    let rest = '';
    socket.setEncoding('latin1');
    socket.on('connect', () => {
      this.#tries = 0;
      this.#connected = true;
      this.#tell();
    });
    socket.on('data', (chunk: string) => {
      const lines = (rest + chunk).split('\n');
      rest = (lines.pop() ?? '').slice(-longestLine);
      let told = false;
      for (const line of lines) told = this.#take(line.trimEnd()) || told;
      if (told) this.#tell();
    });
    socket.on('error', () => socket.destroy());
    socket.on('close', () => {
      const was = this.#connected;
      this.#connected = false;
      if (was) this.#tell();
      if (this.#closed) return;
      this.#again = setTimeout(
        () => {
          this.#connect();
        },
        againMs[Math.min(this.#tries, againMs.length - 1)],
      );
      this.#again.unref();
      this.#tries += 1;
    });
  }

  #take(line: string): boolean {
    if (line === '') return false;
    const read = readLine(line);
    if (!read.ok) {
      this.#refused += 1;
      return false;
    }
    const { reading } = read;
    this.#each?.(reading);
    const before = this.#latest.get(reading.instrument);
    // a fault of its own does not wipe out what it read before
    this.#latest.set(reading.instrument, reading.fault === undefined ? reading : { ...reading, values: before?.values ?? {}, at: before?.at ?? reading.at });
    return true;
  }
}
