import type { Saying } from '../quantity/saying.ts';
import type { SourceId } from '../sources/register.ts';

/** A caution on the steps it belongs to. */
export interface Caution {
  readonly id: string;
  readonly title: string;
  readonly text: Saying;
  /** ids of the steps that it stands on; on sheets that an earlier version kept parts of the work, or builders */
  readonly steps: readonly string[];
  readonly source: SourceId;
}

/** Titles of the cautions that stand on a step, in small letters, each once. */
export function cautionsOn(cautions: readonly Caution[], step: string): readonly string[] {
  return [...new Set(cautions.filter((c) => c.steps.includes(step)).map((c) => c.title.toLowerCase()))];
}
