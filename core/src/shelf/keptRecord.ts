import type { PatchSystem } from './patchSystem.ts';
import { genericShelf } from './shelf.ts';

type Record_ = Readonly<Record<string, unknown>>;
const isRecord = (value: unknown): value is Record_ => typeof value === 'object' && value !== null && !Array.isArray(value);

/** A figure, a remark or a range's end is taken whole; only what groups them is put together part by part. */
const isWhole = (value: Record_): boolean => 'value' in value || 'grade' in value || 'by' in value || 'rows' in value;

function over(today: unknown, kept: unknown): unknown {
  if (!isRecord(today) || !isRecord(kept) || isWhole(today) || isWhole(kept)) return kept;
  return { ...today, ...Object.fromEntries(Object.entries(kept).map(([key, value]) => [key, key in today ? over(today[key], value) : value])) };
}

/**
 * A record of the shelf as an earlier version kept it, for a core of today: today's record of its id, or of the one
 * that it was copied from, with the kept values over it. What today's record does not know stays in it.
 */
export function keptRecord(kept: PatchSystem): PatchSystem {
  const today = genericShelf.find((s) => s.id === (kept.basedOn ?? kept.id));
  return today ? (over(today, kept) as PatchSystem) : kept;
}
