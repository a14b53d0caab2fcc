import type { DaysRecord } from '@oddment/core';
import { useEffect, useRef, useState } from 'react';
import type { DaysAnswer, DaysTask } from '../workers/days.ts';

/** Days in the making: what is there of them, and how far the search for better ones is. */
export interface MadeDays {
  readonly record?: DaysRecord;
  readonly progress?: Extract<DaysAnswer, { of: 'progress' }>;
  /** they could not be made */
  readonly failed: boolean;
  readonly stop: () => void;
}

/** The days of a job, found in a worker; what was last shown stays until the next is there. A stop keeps the best so far. */
export function useMadeDays(task: Exclude<DaysTask, { stop: true }> | undefined): MadeDays {
  const worker = useRef<Worker>(undefined);
  const [record, setRecord] = useState<DaysRecord>();
  const [progress, setProgress] = useState<MadeDays['progress']>();
  const [failed, setFailed] = useState(false);
  const searching = progress?.what === 'search';
  const drop = () => {
    worker.current?.terminate();
    worker.current = undefined;
    setProgress(undefined);
  };
  useEffect(() => {
    if (!task) return;
    const own = new Worker(new URL('../workers/days.ts', import.meta.url), { type: 'module' });
    worker.current = own;
    own.addEventListener('message', ({ data }: MessageEvent<DaysAnswer>) => {
      setFailed(false);
      if (data.of === 'progress') setProgress(data);
      else {
        setRecord(data.record);
        if (data.whole) drop();
      }
    });
    own.addEventListener('error', () => {
      setFailed(true);
      drop();
    });
    own.postMessage(task);
    return drop;
  }, [task]);
  return {
    ...(record && { record }),
    ...(progress && { progress }),
    failed,
    stop: () => {
      // a search ends with the best so far; of the ways out there is nothing to keep
      if (searching) worker.current?.postMessage({ stop: true } satisfies DaysTask);
      else drop();
    },
  };
}
