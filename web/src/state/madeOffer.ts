import { firmShelf, type OfferMade, type OfferSetup } from '@oddment/core';
import type { JobRecord } from '@oddment/contracts';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { OfferAnswer, OfferTask } from '../workers/offer.ts';
import { api } from './api.ts';
import { pageNow } from './clock.ts';

export interface MadeOffer {
  readonly made?: OfferMade;
  /** the share that is planned, while it is being made */
  readonly done?: number;
  readonly failed?: true;
  readonly stop: () => void;
}

/** typing goes on before what is typed is made into an offer */
const afterMs = 150;

/** What the offer of a job is made from; nothing while it is being read. */
export function useOfferTask({ version: _version, days: _days, archived: _archived, offer, ...job }: JobRecord): OfferTask | undefined {
  const { data: session } = api.useSessionQuery(undefined);
  const { data: shelf } = api.useShelfQuery(undefined);
  const { data: terms } = api.useOfferTermsQuery(undefined);
  const [at] = useState(pageNow);
  const firm = session?.firm;
  const text = JSON.stringify([job, offer]);
  return useMemo((): OfferTask | undefined => {
    if (!firm || !shelf || !terms) return undefined;
    const [own, setup] = JSON.parse(text) as [OfferTask['job'], OfferSetup | null];
    const { version: _terms, ...said } = terms;
    const products = shelf.products.map(({ version: _v, ...product }) => product);
    return { job: own, rules: firm.rules, products, shelf: firmShelf(products), setup: setup ?? {}, terms: said, firm: firm.name, at };
  }, [text, firm, shelf, terms, at]);
}

/** The offer of a job, made in a worker that keeps what it planned; what was last shown stays until the next is there. */
export function useMadeOffer(task: OfferTask | undefined): MadeOffer {
  const worker = useRef<Worker>(undefined);
  const [held, setHeld] = useState<Omit<MadeOffer, 'stop'>>({});
  const stop = useCallback(() => {
    worker.current?.terminate();
    worker.current = undefined;
    setHeld(({ done: _done, ...rest }) => rest);
  }, []);
  useEffect(() => {
    if (!task) return;
    const timer = setTimeout(() => {
      if (!worker.current) {
        const own = new Worker(new URL('../workers/offer.ts', import.meta.url), { type: 'module' });
        own.addEventListener('message', ({ data }: MessageEvent<OfferAnswer>) => {
          setHeld((now) => (data.of === 'progress' ? { ...now, done: data.done } : { made: data.made }));
        });
        own.addEventListener('error', () => {
          worker.current = undefined;
          setHeld({ failed: true });
        });
        worker.current = own;
      }
      worker.current.postMessage(task);
    }, afterMs);
    return () => {
      clearTimeout(timer);
    };
  }, [task]);
  useEffect(() => stop, [stop]);
  return { ...held, stop };
}
