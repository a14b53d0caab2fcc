import { createHash } from 'node:crypto';
import { mkdirSync, realpathSync } from 'node:fs';
import { createServer } from 'node:net';

/**
 * Takes a data directory for this process alone, until it ends in whatever way. A name of the system that goes with its
 * process is used, since a file would stay behind a process that was killed.
 * @returns whether it was free; where the system has no such names, always
 */
export function holdData(dataDir: string): Promise<boolean> {
  if (process.platform !== 'linux') return Promise.resolve(true);
  mkdirSync(dataDir, { recursive: true });
  const name = createHash('sha256').update(realpathSync(dataDir)).digest('hex').slice(0, 32);
  return new Promise((done) => {
    const held = createServer();
    held.once('error', () => {
      done(false);
    });
    held.listen({ path: `\0oddment ${name}` }, () => {
      // it does not keep the process from ending
      held.unref();
      done(true);
    });
  });
}
