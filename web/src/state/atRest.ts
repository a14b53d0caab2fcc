import type { JobRecord } from '@oddment/contracts';
import { useEffect, useState } from 'react';

/** shorter than anybody waits to see what was typed, longer than the hand takes to the next letter */
const restMs = 150;

/** Whether the hand is in a field in which letters are typed. */
function typing(): boolean {
  const hand = document.activeElement;
  return hand instanceof HTMLTextAreaElement || (hand instanceof HTMLInputElement && hand.type === 'text');
}

/**
 * A job as it was when the hand last rested: what is made from all of its answers (plans, lists, drawings) waits for the
 * end of a word. What is pressed, chosen or left shows at once.
 */
export function useAtRest(job: JobRecord | undefined): JobRecord | undefined {
  const [rested, setRested] = useState(job);
  const waits = job !== rested && job !== undefined && job.id === rested?.id && typing();
  if (!waits && job !== rested) setRested(job);
  useEffect(() => {
    if (!waits) return;
    const timer = setTimeout(() => {
      setRested(job);
    }, restMs);
    return () => {
      clearTimeout(timer);
    };
  }, [waits, job]);
  return waits ? rested : job;
}
