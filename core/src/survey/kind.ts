import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import type { Saying } from '../quantity/saying.ts';
import type { Ask, AskTable, LooseFacts } from './ask.ts';
import type { FactReader } from './factReader.ts';
import type { Outcome } from '../shelf/outcomes.ts';

export const surfaces = ['concrete', 'plaster', 'drywall', 'timber', 'tub'] as const;
export type Surface = (typeof surfaces)[number];

/** Something refused, with the field it stands at. */
export interface Refusal {
  readonly field: string;
  readonly sentence: Saying;
}

/** Something doubtful that a person should look at again; confirmed by its id. */
export interface Doubt {
  readonly id: string;
  readonly field: string;
  readonly sentence: Saying;
}

/** What facts say against each other. */
export interface Findings {
  readonly refused: readonly Refusal[];
  readonly doubts: readonly Doubt[];
}

/** One figure that was measured, or follows from what was. */
export interface Measured {
  readonly id: string;
  readonly label: string;
  readonly figure: Figure;
}

/** A cell box of a tapping map, a grid or an outline, drawn as it was entered: seen from the front, in mm. */
export interface Seen {
  readonly outline?: readonly (readonly [xMm: number, yMm: number])[];
  readonly cutOuts?: readonly (readonly (readonly [xMm: number, yMm: number])[])[];
  readonly hollow?: readonly (readonly (readonly [xMm: number, yMm: number])[])[];
  /** a line with its widths, such as a crack seen from above */
  readonly line?: { readonly lengthMm: number; readonly stations: readonly (readonly [atMm: number, widthMm: number])[] };
  readonly width?: Figure;
  readonly height?: Figure;
}

/** A line cut through, as a drawing across it needs it. */
export interface CutThrough {
  readonly length: Figure;
  readonly widest: Figure;
  readonly mean: Figure;
  readonly depth: Figure;
  /** thickness of what it lies in */
  readonly slab: Figure;
}

/** What the measures of a defect come to. */
export interface Surveyed {
  /** its size in a few words, for a list */
  readonly size: Saying;
  readonly measured: readonly Measured[];
  readonly seen?: Seen;
  /** the same in a sentence of its own, where a list of figures would not do */
  readonly told?: Saying;
  /** where it is drawn cut through instead of from the front */
  readonly cut?: CutThrough;
}

/** A kind of defect: its questions, what they say against each other, and what the measures come to. One file each. */
export interface Kind extends AskTable {
  readonly surface: Surface;
  /** what people call it and what it is in, in a line typed quickly; the words of its title where it says nothing */
  readonly called?: { readonly is: readonly string[]; readonly in: readonly string[] };
  readonly asks: readonly Ask[];
  /** a line that may be chased to a groove */
  readonly chased?: true;
  /** it lies in a slab, and is spoken of as one; of another ground where it says nothing */
  readonly ground?: 'slab';
  /** answers of a question that come to the same plan, by field: the form says so, and a test holds it */
  readonly alike?: Readonly<Record<string, readonly (readonly string[])[]>>;
  /** its answers say by themselves what they answer */
  readonly answersSpeak?: true;
  /** what facts that are each possible say against each other */
  readonly sense?: (facts: LooseFacts, ledger: Ledger) => Findings;
  /** questions whose answers are kept for the record alone: nothing that is planned follows from them */
  readonly forTheRecord?: readonly string[];
  /** what every repair of it is to come to, by its answers; where absent, that it is closed */
  readonly asksFor?: (choice: (field: string) => string | undefined) => readonly Outcome[];
  /** it is outlined to where a point no longer sinks in: work that takes off what is soft goes past that */
  readonly softEdge?: true;
  /** whether nothing is behind it, so that what only fills would fall through */
  readonly openBehind?: (read: FactReader) => boolean;
  /** made of facts that are complete and possible */
  readonly survey: (read: FactReader) => Surveyed;
}
