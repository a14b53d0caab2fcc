import { writeLine } from '@oddment/contracts';
import { createServer, type Server, type Socket } from 'node:net';
import { devices, readingOf } from './devices.ts';

export interface HubOptions {
  readonly seed: number;
  readonly now: () => number;
  /** from reading to reading of one instrument, in ms */
  readonly everyMs: number;
}

/** A line with one sign changed on its way. */
export function garble(line: string, n: number): string {
  const at = 10 + ((n * 7) % Math.max(1, line.length - 12));
  return `${line.slice(0, at)}${line[at] === '#' ? '%' : '#'}${line.slice(at + 1)}`;
}

/** All made-up instruments on one line: whoever connects is told every reading. */
export function instrumentHub({ seed, now, everyMs }: HubOptions): Server {
  const listeners = new Set<Socket>();
  const server = createServer((socket) => {
    listeners.add(socket);
    socket.on('error', () => socket.destroy());
    socket.on('close', () => listeners.delete(socket));
    socket.resume();
    tell(socket);
  });
  let n = 0;
  const lines = () =>
    devices.flatMap((device) => {
      const found = readingOf(device, seed, n, now());
      if (!found) return [];
      const line = writeLine(found.reading);
      return [`${found.garbled ? garble(line, n) : line}\n`];
    });
  const tell = (socket: Socket) => {
    socket.write(lines().join(''));
  };
  const timer = setInterval(() => {
    n += 1;
    const all = lines().join('');
    for (const socket of listeners) socket.write(all);
  }, everyMs);
  server.on('close', () => {
    clearInterval(timer);
    for (const socket of listeners) socket.destroy();
  });
  return server;
}
