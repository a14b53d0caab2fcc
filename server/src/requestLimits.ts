import type { Server as HttpServer } from 'node:http';
import type { Server as HttpsServer } from 'node:https';

/** How long a connection is kept for a request that does not come, in ms. */
export interface RequestLimits {
  /** a connection that rests between requests */
  readonly restMs: number;
  /** the head of a request, from when its connection is ready for it */
  readonly headMs: number;
  /** a whole request */
  readonly requestMs: number;
}

export const requestLimits: RequestLimits = {
  // longer than clients and proxies keep a connection that rests: it is never closed under a request that is on its way
  restMs: 65_000,
  // a request that is sent by halves, or not at all, does not hold its connection for long
  headMs: 15_000,
  requestMs: 120_000,
};

/** A server that ends connections on which nothing comes: one that is sent by halves is answered with 408. */
export function withLimits<S extends HttpServer | HttpsServer>(server: S, { restMs, headMs, requestMs } = requestLimits): S {
  server.keepAliveTimeout = restMs;
  server.headersTimeout = headMs;
  server.requestTimeout = requestMs;
  return server;
}
