import type { KnownSize, Place, Traced, TracedWidth } from '@oddment/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { TraceAnswer, TraceTask } from '../workers/tracing.ts';

export interface TracedLine {
  readonly line: readonly Place[];
  readonly length: Traced;
  readonly widths: readonly TracedWidth[];
}

/** Draws a picture in gray and gives it to a worker of its own, which follows dark lines in it. */
export function useTracer(src: string) {
  const worker = useRef<Worker>(undefined);
  const waiting = useRef(new Map<number, (answer: TraceAnswer) => void>());
  const next = useRef(0);
  const [size, setSize] = useState<{ width: number; height: number }>();
  const [progress, setProgress] = useState<number>();
  const begin = useCallback((width: number, height: number, gray: Uint8Array) => {
    const own = new Worker(new URL('../workers/trace.ts', import.meta.url), { type: 'module' });
    own.addEventListener('message', ({ data }: MessageEvent<TraceAnswer>) => {
      if (data.of === 'progress') {
        setProgress(data.done);
        return;
      }
      setProgress(undefined);
      waiting.current.get(data.id)?.(data);
      waiting.current.delete(data.id);
    });
    own.postMessage({ ask: 'picture', width, height, gray } satisfies TraceTask);
    worker.current = own;
  }, []);
  const kept = useRef<{ width: number; height: number; gray: Uint8Array }>(undefined);
  useEffect(() => {
    let gone = false;
    const picture = new Image();
    picture.src = src;
    void picture.decode().then(() => {
      if (gone) return;
      const [width, height] = [picture.naturalWidth, picture.naturalHeight];
      const brush = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
      if (!brush) return;
      brush.drawImage(picture, 0, 0);
      const { data } = brush.getImageData(0, 0, width, height);
      // weights of the eye for red, green and blue (ITU-R BT.601)
      const gray = new Uint8Array(width * height);
      for (let i = 0; i < gray.length; i++) gray[i] = 0.299 * (data[4 * i] ?? 0) + 0.587 * (data[4 * i + 1] ?? 0) + 0.114 * (data[4 * i + 2] ?? 0) + 0.5;
      kept.current = { width, height, gray };
      begin(width, height, gray);
      setSize({ width, height });
    });
    return () => {
      gone = true;
      worker.current?.terminate();
    };
  }, [src, begin]);
  const ask = useCallback(
    (task: (id: number) => TraceTask): Promise<TraceAnswer> =>
      new Promise((done) => {
        const id = (next.current += 1);
        waiting.current.set(id, done);
        worker.current?.postMessage(task(id));
      }),
    [],
  );
  const path = useCallback(
    async (from: Place, to: Place): Promise<readonly Place[]> => {
      const answer = await ask((id) => ({ ask: 'path', id, from, to }));
      return answer.of === 'path' ? answer.path : [];
    },
    [ask],
  );
  const measured = useCallback(
    async (whole: readonly Place[], known: KnownSize, places: number): Promise<TracedLine | undefined> => {
      const answer = await ask((id) => ({ ask: 'line', id, path: whole, known, places }));
      return answer.of === 'line' ? answer : undefined;
    },
    [ask],
  );
  /** Ends what is being followed and begins again with the same picture. */
  const stop = useCallback(() => {
    worker.current?.terminate();
    waiting.current.clear();
    setProgress(undefined);
    if (kept.current) begin(kept.current.width, kept.current.height, kept.current.gray);
  }, [begin]);
  return { size, progress, path, measured, stop };
}
