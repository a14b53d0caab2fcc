import type { Figure } from '../quantity/figure.ts';
import type { Saying } from '../quantity/saying.ts';

/** A point in mm: x across the crack from its middle, y down from the face of the slab. */
export type Point = readonly [x: number, y: number];

export type Material =
  | 'concrete'
  | 'masonry'
  | 'plaster'
  | 'board'
  | 'wood'
  | 'shell'
  | 'lath'
  | 'frame'
  | 'open'
  | 'resin-sand'
  | 'mortar'
  | 'compound'
  | 'resin'
  | 'laminate'
  | 'coat'
  | 'foam'
  | 'rod'
  | 'tape'
  | 'bar'
  | 'crack'
  | 'choke-sand'
  | 'hollow';

export interface Region {
  readonly id: string;
  readonly material: Material;
  /** order of placing, for lifts */
  readonly layer?: number;
  readonly outline: readonly Point[];
  /** the placed volume that this area times what it goes through must equal */
  readonly volume?: Figure;
  /** how far the region goes on behind what is drawn, in mm, in the mean; absent where it is the length of a line */
  readonly throughMm?: number;
}

export interface Line {
  readonly id: string;
  readonly line: 'crack' | 'grind' | 'film' | 'cut';
  readonly points: readonly Point[];
}

export interface Dimension {
  readonly id: string;
  readonly along: 'x' | 'y';
  readonly from: Point;
  readonly to: Point;
  readonly figure: Figure;
  readonly side: 'left' | 'right' | 'below';
}

export interface Note {
  readonly id: string;
  readonly at: Point;
  readonly title: Saying;
  readonly detail?: Saying;
  readonly tone?: 'grind';
}

/** A cut through a repair, in mm, made from the plan itself so that drawing and quantities cannot differ. */
export interface Section {
  readonly view: 'section' | 'front';
  readonly caption: Saying;
  readonly footnote: Saying;
  readonly extent: { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number };
  /** the slab goes on below what is drawn */
  readonly brokenBelow: boolean;
  /** the face lies below, as it hangs: drawn upside down; absent where it lies on top */
  readonly faces?: 'down';
  /** where the body ends at an edge, in mm across; absent where it goes on to the right */
  readonly bodyTo?: number;
  readonly regions: readonly Region[];
  readonly lines: readonly Line[];
  readonly dimensions: readonly Dimension[];
  readonly notes: readonly Note[];
}
