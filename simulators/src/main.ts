import type { AddressInfo } from 'node:net';
import { instrumentHub } from './instrumentHub.ts';
import { weatherService } from './weatherService.ts';

/** Started by the start command, one process for each: `main.js weather` or `main.js instruments`, on loopback only. */
const what = process.argv[2];
const clock = process.env['ODDMENT_CLOCK'] ?? '';
const frozenMs = Date.parse(clock);
const now = () => (Number.isNaN(frozenMs) ? Date.now() : frozenMs);
const seed = Number(process.env['ODDMENT_SEED'] ?? 1);
const server =
  what === 'weather'
    ? weatherService({ seed, now })
    : what === 'instruments'
      ? instrumentHub({ seed, now, everyMs: Number(process.env['ODDMENT_EVERY_MS'] ?? 2000) })
      : undefined;
if (!server) {
  process.stderr.write('Say which: weather or instruments.\n');
  process.exit(2);
}
server.listen(Number(process.env['ODDMENT_PORT'] ?? 0), '127.0.0.1', () => {
  process.send?.({ ready: (server.address() as AddressInfo).port });
});
const end = () => process.exit(0);
process.on('SIGTERM', end);
process.on('SIGINT', end);
process.on('disconnect', end);
