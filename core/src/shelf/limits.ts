import { baseUnits, type QuantityKind } from '../quantity/kind.ts';
import type { Sourced } from '../quantity/ledger.ts';
import { cite, sources, type SourceId, type Standing } from '../sources/register.ts';
import type { Auxiliary } from './auxiliaries/auxiliary.ts';
import type { PatchSystem, Remark } from './patchSystem.ts';
import type { Usual } from './usual/usual.ts';

/** One figure or remark of the shelf: where it stands, what it is, and how it is known. */
export interface ShelfLimit {
  /** the system's id and the path of the figure in it, such as `board-plug/extent/max` */
  readonly id: string;
  readonly label: string;
  readonly value: number | string;
  /** base unit of its kind; empty for a count, a ratio, or a remark */
  readonly unit: string;
  /** of a figure, for it to be shown in other units */
  readonly kind?: QuantityKind;
  readonly source: string;
  readonly sourceId: SourceId;
  readonly known: Standing;
  /** a default that the firm should replace */
  readonly assumed: boolean;
}

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);
const isSourced = (value: Record<string, unknown>): boolean =>
  typeof value['value'] === 'number' && typeof value['kind'] === 'string' && typeof value['source'] === 'string';
const isRemark = (value: Record<string, unknown>): boolean => typeof value['grade'] === 'string' && typeof value['why'] === 'string';

function limitsIn(value: unknown, path: string): ShelfLimit[] {
  if (Array.isArray(value)) return value.flatMap((part, i) => limitsIn(part, `${path}/${String(i + 1)}`));
  if (!isRecord(value)) return [];
  if (isSourced(value)) {
    const { value: number, kind, source, label, assumed } = value as unknown as Sourced;
    return [
      {
        id: path,
        label,
        value: number,
        unit: baseUnits[kind],
        kind,
        source: cite(source),
        sourceId: source,
        known: sources[source].standing,
        assumed: assumed === true,
      },
    ];
  }
  if (isRemark(value)) {
    const { grade, why, source } = value as unknown as Remark;
    return [{ id: path, label: why, value: grade, unit: '', source: cite(source), sourceId: source, known: sources[source].standing, assumed: false }];
  }
  return Object.entries(value).flatMap(([key, part]) => limitsIn(part, `${path}/${key}`));
}

/** Every figure and every remark of a shelf, in the order of its systems and records. */
export function shelfLimits(shelf: readonly (PatchSystem | Auxiliary | Usual)[]): readonly ShelfLimit[] {
  return shelf.flatMap((system) => limitsIn(system, system.id));
}
