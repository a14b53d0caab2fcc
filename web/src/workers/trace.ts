import { darkPath, middleLine, tracedLength, tracedWidths, type GrayImage } from '@oddment/core';
import type { TraceAnswer, TraceTask } from './tracing.ts';

let image: GrayImage | undefined;
const answer = (a: TraceAnswer) => {
  globalThis.postMessage(a);
};

globalThis.addEventListener('message', ({ data: task }: MessageEvent<TraceTask>) => {
  if (task.ask === 'picture') {
    image = { width: task.width, height: task.height, gray: task.gray };
    return;
  }
  if (!image) return;
  if (task.ask === 'path') {
    const path = darkPath(image, task.from, task.to, {
      onProgress: (done) => {
        answer({ of: 'progress', done });
      },
    });
    answer({ of: 'path', id: task.id, path: path ?? [task.from, task.to] });
    return;
  }
  const line = middleLine(image, task.path);
  answer({ of: 'line', id: task.id, line, length: tracedLength(task.known, line), widths: tracedWidths(image, task.known, line, task.places) });
});
