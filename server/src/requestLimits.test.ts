import { createServer } from 'node:http';
import { connect } from 'node:net';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { portOf } from '../test/api.ts';
import { requestLimits, withLimits } from './requestLimits.ts';

// the same limits, in a small part of the time
const short = { restMs: 300, headMs: 300, requestMs: 600 };
const server = withLimits(
  createServer({ connectionsCheckingInterval: 50 }, (req, res) => {
    req.resume();
    req.on('end', () => res.end('all of it'));
  }),
  short,
);
beforeAll(() => new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready)));
afterAll(() => {
  server.closeAllConnections();
  server.close();
});

/** What is answered to these bytes by the time the server ends the connection. */
const said = (bytes: string) =>
  new Promise<string>((done) => {
    let answer = '';
    const socket = connect(portOf(server), '127.0.0.1', () => socket.write(bytes));
    socket.on('data', (data) => (answer += data.toString()));
    socket.on('error', () => undefined);
    socket.on('close', () => {
      done(answer);
    });
  });

describe('a connection on which nothing more comes', () => {
  it('ends, whatever half of a request was sent, and says that it took too long', async () => {
    for (const half of ['GET / HT', 'GET / HTTP/1.1\r\nHost: here\r\n', 'POST / HTTP/1.1\r\nHost: here\r\nContent-Length: 20\r\n\r\nhalf of'])
      expect([half, (await said(half)).split('\r\n')[0]]).toEqual([half, 'HTTP/1.1 408 Request Timeout']);
  });

  it('ends where no request comes at all, and where one was answered and no other follows', async () => {
    expect(await said('')).not.toContain('200');
    expect(await said('GET / HTTP/1.1\r\nHost: here\r\n\r\n')).toContain('all of it');
  });

  it('is kept by the server longer than a browser or a proxy keeps one, and a head is waited for a shorter while than a whole picture', () => {
    expect(requestLimits.restMs).toBeGreaterThan(60_000);
    expect(requestLimits.headMs).toBeLessThan(requestLimits.requestMs);
  });
});
