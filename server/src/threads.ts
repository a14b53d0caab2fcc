import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import type { KeepDone, KeepTask } from './documents/daysWork.ts';
import type { OfferMade } from '@oddment/core';
import type { OfferTask } from './documents/offerWork.ts';
import type { FileDone, FileTask } from './services/fileWork.ts';
import type { PdfProgress, PdfTask } from './documents/pdfTask.ts';

const pools = new Map<'documents' | 'files', Piscina>();

/**
 * One thread for documents and one for files, started when first needed and ended when idle: a PDF takes memory, the API
 * goes on beside it, and a file is not kept waiting by a large PDF.
 */
function threads(what: 'documents' | 'files' = 'documents'): Piscina {
  // run from the sources, as tests do, the thread is the one that was built: Node reads no TypeScript in it
  const file = import.meta.url.endsWith('.ts') ? '../dist/threadWork.js' : './threadWork.js';
  const known = pools.get(what);
  if (known) return known;
  const pool = new Piscina({
    filename: new URL(file, import.meta.url).href,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 60_000,
    maxQueue: 20,
  });
  pools.set(what, pool);
  return pool;
}

/**
 * Makes a PDF in a thread.
 * @param options.onProgress told how far it is
 * @param options.signal stops it, wherever it is
 * @throws AbortError when it was stopped
 */
export async function pdfOf(
  task: PdfTask,
  { onProgress, signal }: { onProgress?: (progress: PdfProgress) => void; signal?: AbortSignal } = {},
): Promise<Buffer> {
  const { port1, port2 } = new MessageChannel();
  if (onProgress) port1.on('message', onProgress);
  try {
    const bytes = (await threads().run({ task, port: port2 }, { name: 'makePdf', transferList: [port2], ...(signal && { signal }) })) as Uint8Array;
    return Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  } finally {
    port1.close();
  }
}

/** Goes through days that are to be kept, in the same thread. */
export const keptInThread = (task: KeepTask): Promise<KeepDone> => threads().run(task, { name: 'keepDays' }) as Promise<KeepDone>;

/** Makes an offer, in the same thread. */
export const offerInThread = (task: OfferTask): Promise<OfferMade> => threads().run(task, { name: 'makeOffer' }) as Promise<OfferMade>;

/** Checks a job file and makes its rows, in a thread. @throws AbortError when it was stopped */
export const filesRead = (task: FileTask, signal?: AbortSignal): Promise<FileDone> =>
  threads('files').run(task, { name: 'readFile', ...(signal && { signal }) }) as Promise<FileDone>;

/** Ends the threads. */
export async function endThreads(): Promise<void> {
  await Promise.all([...pools.values()].map((pool) => pool.destroy()));
  pools.clear();
}
