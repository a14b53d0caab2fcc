import type { ChangeRecord } from '@oddment/contracts';
import { diffSaid, type FieldChange, type FieldDiff, type RecordBody } from '@oddment/core';

/** Changes that belong together for a reader: one person typing into one record for a while. */
export interface Told {
  readonly key: string;
  readonly last: ChangeRecord;
  readonly fields: FieldDiff;
  readonly rows: readonly FieldChange[];
}

/** typing is saved every half second: what one person does to one record without a longer rest is told as one */
const restMs = 10 * 60_000;

const filledIn: readonly string[] = ['job', 'area', 'defect'] satisfies RecordBody['entity'][];

/** What an earlier difference and one after it come to together. */
function together(earlier: FieldDiff, later: FieldDiff): FieldDiff {
  const both = Object.entries(later).map(([key, { now }]) => {
    const before = key in earlier ? earlier[key]?.was : later[key]?.was;
    return [key, { ...(before !== undefined && { was: before }), ...(now !== undefined && { now }) }] as const;
  });
  return { ...earlier, ...Object.fromEntries(both) };
}

function told(last: ChangeRecord, fields: FieldDiff): Told {
  const rows = filledIn.includes(last.entity) ? diffSaid(last.entity as RecordBody['entity'], fields, last.kind) : [];
  return { key: String(last.turn), last, fields, rows };
}

/** Changes as they are told, newest first: what one person did to one record in one go is one. */
export function toldChanges(changes: readonly ChangeRecord[]): readonly Told[] {
  const groups: { last: ChangeRecord; first: ChangeRecord; fields: FieldDiff }[] = [];
  for (const change of changes) {
    const group = groups.at(-1);
    const joins =
      group !== undefined &&
      group.last.action === 'change' &&
      change.action === 'change' &&
      group.last.id === change.id &&
      group.last.name === change.name &&
      group.last.kind === change.kind &&
      Date.parse(group.first.at) - Date.parse(change.at) < restMs;
    if (joins) {
      group.fields = together(change.fields ?? {}, group.fields);
      group.first = change;
    } else groups.push({ last: change, first: change, fields: change.fields ?? {} });
  }
  return groups.map((g) => told(g.last, g.fields)).filter((t) => t.last.action !== 'change' || t.rows.length > 0 || !filledIn.includes(t.last.entity));
}

const entityWords: Readonly<Record<ChangeRecord['entity'], string>> = {
  job: 'the job',
  area: 'area',
  defect: 'defect',
  photo: 'photo of',
  plan: 'issued plan of',
  days: 'kept days',
  offer: 'offer',
  product: 'product',
  stock: 'packs',
};
const actionWords: Readonly<Record<ChangeRecord['action'], string>> = { create: 'made', change: 'changed', delete: 'deleted', restore: 'brought back' };

/** What was done to what, such as 'defect WH-01 changed'. */
export function doneWords({ entity, mark, action }: Pick<ChangeRecord, 'entity' | 'mark' | 'action'>): string {
  return `${entityWords[entity]}${mark === '' ? '' : ` ${mark}`} ${actionWords[action]}`;
}

/** What lies in the bin, in words. */
export const binWords = ({ entity, mark }: Pick<ChangeRecord, 'entity' | 'mark'>): string => `${entityWords[entity]}${mark === '' ? '' : ` ${mark}`}`;
