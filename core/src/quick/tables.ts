import { gradeSource, gradesOf, type GritScale } from '../finishing/abrasives.ts';
import { applications } from '../finishing/spray.ts';
import { silicaTable } from '../safety/silicaTable.ts';
import { repairClasses, widthClasses } from '../shelf/repairClasses.ts';
import type { SourceId } from '../sources/register.ts';

/** A cell: words, a number in its column's unit, or nothing where the table says nothing. */
export type Cell = string | number | undefined;

/** A table that the core works from, to look things up in. */
export interface ReferenceTable {
  readonly name: string;
  readonly title: string;
  /** unit empty where the column holds words or a bare number */
  readonly columns: readonly { readonly name: string; readonly label: string; readonly unit: string }[];
  readonly rows: readonly (readonly Cell[])[];
  readonly source: SourceId;
}

const column = (name: string, label: string, unit = '') => ({ name, label, unit });

const grains = (scale: GritScale, title: string): ReferenceTable => ({
  name: `grains-${scale.toLowerCase()}`,
  title,
  columns: [column('grade', 'Grade'), column('grain', 'Median grain', 'mm')],
  rows: gradesOf(scale).map((g) => [`${scale}${String(g.number)}`, Number(g.grainMm.toFixed(4))]),
  source: gradeSource[scale],
});

const repairMortars: ReferenceTable = {
  name: 'repair-classes',
  title: 'Classes of concrete repair mortar',
  columns: [
    column('class', 'Class'),
    column('bears', 'Where the member carries load'),
    column('strength', 'Compressive strength at least', 'MPa'),
    column('bond', 'Bond at least', 'MPa'),
  ],
  rows: repairClasses.map((c) => [c.id, c.bears ? 'yes' : 'no', c.strength.value, c.bond.value]),
  source: 'en-1504-3',
};

const crackWidths: ReferenceTable = {
  name: 'width-classes',
  title: 'Width classes of injection resins',
  columns: [column('class', 'Class'), column('from', 'Goes into cracks from', 'mm')],
  rows: widthClasses.map((c) => [c.id, c.from.value]),
  source: 'en-1504-5',
};

const transfers: ReferenceTable = {
  name: 'transfer',
  title: 'What of the paint reaches the face',
  columns: [column('tool', 'Tool'), column('usual', 'Usual', '%'), column('from', 'From', '%'), column('to', 'To', '%')],
  rows: applications.map((a) => [a.title, a.transferPct, a.fromPct, a.toPct]),
  source: 'practice',
};

const silica: ReferenceTable = {
  name: 'silica',
  title: 'Respirator beside the dust control, by the work, the place and the hours of it in a shift',
  columns: [
    column('work', 'Work'),
    column('control', 'Control'),
    column('outShort', 'Outside, up to four hours'),
    column('outLong', 'Outside, longer'),
    column('inShort', 'Inside, up to four hours'),
    column('inLong', 'Inside, longer'),
  ],
  rows: Object.values(silicaTable).map((r) => [r.work, r.control, r.outdoors?.[0], r.outdoors?.[1], r.indoors?.[0], r.indoors?.[1]]),
  source: 'osha-1926-1153',
};

/** Every table that the core works from and a person may want to look something up in. */
export const referenceTables: readonly ReferenceTable[] = [
  repairMortars,
  crackWidths,
  grains('P', 'Grains of coated abrasives, scale P'),
  grains('CAMI', 'Grains of coated abrasives, scale CAMI'),
  transfers,
  silica,
];
