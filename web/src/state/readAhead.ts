import { useEffect } from 'react';
import { api } from './api.ts';
import { useSend } from './store.ts';

/** long enough that what is on the screen comes first */
const afterMs = 800;

/** Reads what the other stages of a job need, so that they are there when the server is not. */
export function useReadAhead(jobId: string): void {
  const send = useSend();
  useEffect(() => {
    const { issuedPlans, keptDays, offers, offerTerms, elsewhere, ahead, jobs } = api.endpoints;
    const read = () => {
      void send(issuedPlans.initiate(jobId, { subscribe: false }));
      void send(keptDays.initiate(jobId, { subscribe: false }));
      void send(offers.initiate(jobId, { subscribe: false }));
      void send(offerTerms.initiate(undefined, { subscribe: false }));
      void send(elsewhere.initiate(jobId, { subscribe: false }));
      void send(ahead.initiate(undefined, { subscribe: false }));
      void send(jobs.initiate(undefined, { subscribe: false }));
    };
    const timer = setTimeout(read, afterMs);
    return () => {
      clearTimeout(timer);
    };
  }, [send, jobId]);
}
