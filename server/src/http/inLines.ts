import type { Response } from 'express';
import { asProblem } from '../problem.ts';

/** The form in which something long is answered: a line of JSON for each step, the last with what came of it. */
export const linesType = 'application/x-ndjson';

/**
 * Answers line by line: how far it is, then what came of it, or its problem. Who goes away stops it.
 * @param act is told to say how far it is, and what stops it
 */
export async function answerInLines(res: Response, act: (line: (value: object) => void, signal: AbortSignal) => Promise<object>): Promise<void> {
  const stop = new AbortController();
  res.on('close', () => {
    stop.abort();
  });
  let begun = false;
  const line = (value: object) => {
    if (!begun) res.type(linesType);
    begun = true;
    res.write(`${JSON.stringify(value)}\n`);
    res.flush();
  };
  try {
    line(await act(line, stop.signal));
    res.end();
  } catch (error) {
    // whoever asked has gone: nobody is left to be answered
    if (stop.signal.aborted) return;
    if (!begun) throw error;
    line({ problem: asProblem(error).document() });
    res.end();
  }
}
