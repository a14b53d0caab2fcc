import type { JudgedSize, Subject } from '../match/subject.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import type { First } from '../safety/firsts/first.ts';
import type { SchoolSide } from '../schools/school.ts';
import type { Auxiliary } from '../shelf/auxiliaries/auxiliary.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import type { Rates } from '../shelf/rates.ts';
import type { SandChoice } from '../survey/job.ts';
import type { CutThrough, Seen } from '../survey/kind.ts';

/** A grid of depths as figures. */
export interface GridFigures {
  readonly xMm: readonly Figure[];
  readonly yMm: readonly Figure[];
  readonly depthMm: readonly Figure[];
}

/** What every family of methods works from, whatever the kind of defect. */
export interface MethodMatter {
  readonly ledger: Ledger;
  readonly subject: Subject;
  readonly size: JudgedSize | undefined;
  /** the system, or those of a combination in their order */
  readonly members: readonly PatchSystem[];
  /** what is seen to before the first cut */
  readonly firsts: readonly First[];
  /** what goes on before the first of them */
  readonly before: readonly Auxiliary[];
  readonly rates: Rates;
  readonly people: 1 | 2;
  /** in how many sizes sand is taken */
  readonly sand: SandChoice;
  readonly humidity: Figure;
  readonly seen: Seen | undefined;
  /** a line that is drawn cut through */
  readonly cut: CutThrough | undefined;
  /** depths over the place, row by row, where they were measured on a grid */
  readonly grid: GridFigures | undefined;
  /** a measure of the defect or of its area by its field, and an answer */
  readonly measure: (field: string) => Figure | undefined;
  readonly choice: (field: string) => string | undefined;
  /** a figure that follows from what was measured */
  readonly measured: (id: string) => Figure | undefined;
  /** the side taken of a question on which the trade differs */
  readonly side: (question: string) => SchoolSide | undefined;
}
