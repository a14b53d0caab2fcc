import { readSheet, type Figures, type PlanInput, type Sheet } from '@oddment/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { WhatIfAnswer, WhatIfTask } from '../workers/whatIf.ts';

/** A sheet with the figures that it shows. */
export interface ToldSheet {
  readonly sheet: Sheet;
  readonly figures: Figures;
}

/**
 * The sheet of what is tried out, made in a worker so that the page stays smooth while a slider is dragged. While one
 * is being made only the latest waits; until the first is there, what was last shown stays.
 */
export function useTriedSheet(input: PlanInput | undefined, shelf: PlanInput['shelf']): ToldSheet | undefined {
  const worker = useRef<Worker>(undefined);
  const turn = useRef(0);
  const busy = useRef(false);
  const next = useRef<WhatIfTask>(undefined);
  const [answer, setAnswer] = useState<WhatIfAnswer>();
  const trying = input !== undefined;
  useEffect(() => {
    if (!trying || !shelf) return;
    const own = new Worker(new URL('../workers/whatIf.ts', import.meta.url), { type: 'module' });
    own.postMessage({ shelf } satisfies WhatIfTask);
    own.addEventListener('message', ({ data }: MessageEvent<WhatIfAnswer>) => {
      busy.current = false;
      setAnswer(data);
      const waiting = next.current;
      next.current = undefined;
      if (waiting) {
        busy.current = true;
        own.postMessage(waiting);
      }
    });
    worker.current = own;
    return () => {
      own.terminate();
      worker.current = undefined;
      busy.current = false;
      next.current = undefined;
      setAnswer(undefined);
    };
  }, [trying, shelf]);
  useEffect(() => {
    if (!input || !worker.current) return;
    turn.current += 1;
    const { shelf: own, ...rest } = input;
    const task: WhatIfTask = { turn: turn.current, input: rest, ...(own && own !== shelf && { tried: own }) };
    if (busy.current) next.current = task;
    else {
      busy.current = true;
      worker.current.postMessage(task);
    }
  }, [input, shelf]);
  return useMemo(() => (trying && answer?.kept ? readSheet(answer.kept) : undefined), [trying, answer]);
}
