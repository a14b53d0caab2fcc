import type { KnownSize, Place, Traced, TracedWidth } from '@oddment/core';

/** What the tracing worker is asked: first the picture, then lines between places, then what a line comes to. */
export type TraceTask =
  | { readonly ask: 'picture'; readonly width: number; readonly height: number; readonly gray: Uint8Array }
  | { readonly ask: 'path'; readonly id: number; readonly from: Place; readonly to: Place }
  | { readonly ask: 'line'; readonly id: number; readonly path: readonly Place[]; readonly known: KnownSize; readonly places: number };

export type TraceAnswer =
  | { readonly of: 'progress'; readonly done: number }
  | { readonly of: 'path'; readonly id: number; readonly path: readonly Place[] }
  | { readonly of: 'line'; readonly id: number; readonly line: readonly Place[]; readonly length: Traced; readonly widths: readonly TracedWidth[] };
