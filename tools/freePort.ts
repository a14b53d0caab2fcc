import { createServer } from 'node:net';

/** Whether a loopback port can be listened on. */
export function portIsFree(port: number): Promise<boolean> {
  return new Promise((done) => {
    const probe = createServer();
    probe.once('error', () => {
      done(false);
    });
    probe.listen(port, '127.0.0.1', () => {
      probe.close(() => {
        done(true);
      });
    });
  });
}

/** A loopback port that is free now. */
export function freePort(): Promise<number> {
  return new Promise((done, failed) => {
    const probe = createServer();
    probe.once('error', failed);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => {
        if (typeof address === 'object' && address !== null) done(address.port);
        else failed(new Error('no port'));
      });
    });
  });
}
