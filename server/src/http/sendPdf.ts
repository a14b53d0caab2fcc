import { pdfOf } from '../documents/pdfPool.ts';
import type { PdfTask } from '../documents/pdfTask.ts';
import { HttpProblem } from '../problem.ts';
import type { Call } from './call.ts';

/** The units a document is wanted in; the job's own where nothing is said. */
export function unitsAsked({ req }: Call, own: 'metric' | 'us'): 'metric' | 'us' {
  const { units } = req.query;
  if (units === undefined) return own;
  if (units === 'metric' || units === 'us') return units;
  throw new HttpProblem(422, 'The units must be metric or us, or left out.', {
    problems: [{ path: 'units', message: 'It must be metric or us, or left out.' }],
  });
}

/**
 * Answers with a PDF. Who accepts `application/x-ndjson` is told line by line how far it is, and gets the
 * file in the last line as base64; who goes away stops it.
 */
export async function sendPdf({ req, res }: Call, task: PdfTask, name: string): Promise<void> {
  const stop = new AbortController();
  res.on('close', () => {
    stop.abort();
  });
  const inLines = req.headers.accept === 'application/x-ndjson';
  try {
    if (!inLines) {
      const pdf = await pdfOf(task, { signal: stop.signal });
      res.attachment(`${name}.pdf`).type('application/pdf').send(pdf);
      return;
    }
    res.type('application/x-ndjson');
    const line = (value: object) => {
      res.write(`${JSON.stringify(value)}\n`);
      res.flush();
    };
    const pdf = await pdfOf(task, { signal: stop.signal, onProgress: line });
    line({ name: `${name}.pdf`, pdf: pdf.toString('base64') });
    res.end();
  } catch (error) {
    // whoever asked has gone: nobody is left to be answered
    if (!stop.signal.aborted) throw error;
  }
}
