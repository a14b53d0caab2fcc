import { pdfOf } from '../threads.ts';
import type { PdfTask } from '../documents/pdfTask.ts';
import { HttpProblem } from '../problem.ts';
import type { Call } from './call.ts';
import { answerInLines, linesType } from './inLines.ts';

/** The units a document is wanted in; the job's own where nothing is said. */
export function unitsAsked({ req }: Call, own: 'metric' | 'us'): 'metric' | 'us' {
  const { units } = req.query;
  if (units === undefined) return own;
  if (units === 'metric' || units === 'us') return units;
  throw new HttpProblem(422, 'The units must be metric or us, or left out.', {
    problems: [{ path: 'units', message: 'It must be metric or us, or left out.' }],
  });
}

/** Where the page of this server was opened by whoever asks; by a name that it goes by, which is checked before. */
export const baseOf = ({ req }: Call): string => `${req.protocol}://${req.headers.host ?? ''}`;

/**
 * Answers with a PDF. Who accepts `application/x-ndjson` is told line by line how far it is, and gets the
 * file in the last line as base64; who goes away stops it.
 */
export async function sendPdf({ req, res }: Call, task: PdfTask, name: string): Promise<void> {
  if (req.headers.accept === linesType) {
    await answerInLines(res, async (line, signal) => {
      const pdf = await pdfOf(task, { signal, onProgress: line });
      return { name: `${name}.pdf`, pdf: pdf.toString('base64') };
    });
    return;
  }
  const stop = new AbortController();
  res.on('close', () => {
    stop.abort();
  });
  try {
    const pdf = await pdfOf(task, { signal: stop.signal });
    res.attachment(`${name}.pdf`).type('application/pdf').send(pdf);
  } catch (error) {
    // whoever asked has gone: nobody is left to be answered
    if (!stop.signal.aborted) throw error;
  }
}
