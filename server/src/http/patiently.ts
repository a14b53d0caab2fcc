import type { Response } from 'express';
import { setTimeout as wait } from 'node:timers/promises';
import { HttpProblem } from '../problem.ts';
import { isAway } from '../store/database.ts';

const firstPauseMs = 50;
const longestPauseMs = 1000;

/**
 * Does again what a database that was away did not take, until it is back or the patience is over. A change whose answer
 * was lost on the way is known by its id when it comes again.
 * @throws HttpProblem 503 where it stays away
 */
export async function patiently<T>(res: Response, patienceMs: number, act: () => Promise<T>): Promise<T> {
  const until = Date.now() + patienceMs;
  for (let pauseMs = firstPauseMs; ; pauseMs = Math.min(pauseMs * 2, longestPauseMs)) {
    try {
      return await act();
    } catch (error) {
      if (!isAway(error)) throw error;
      if (res.headersSent || res.closed || Date.now() + pauseMs > until)
        throw new HttpProblem(503, 'The database does not answer at the moment. What was sent may not have arrived: send it again.');
      await wait(pauseMs);
    }
  }
}
