import type { AreaRecord, DefectRecord, JobRecord } from '@oddment/contracts';
import {
  areaWords,
  defectKinds,
  factSaying,
  isDefectKind,
  kindOf,
  plannedOf,
  relevantAsks,
  show,
  tell,
  workOf,
  writeCsv,
  type Ask,
  type Product,
  type RepairPlan,
  type Telling,
} from '@oddment/core';
import { listItem } from './listItem.ts';

/** A repair as a row. */
export interface TableRow {
  readonly id: string;
  readonly area: AreaRecord;
  readonly defect: DefectRecord;
  readonly plan: RepairPlan;
  /** its place in the walk */
  readonly at: number;
}

export interface TableColumn {
  readonly id: string;
  readonly title: string;
  readonly widthPx: number;
  readonly text: (row: TableRow, how: Telling) => string;
  /** what rows are put in order by, where it is not the text */
  readonly order?: (row: TableRow) => number | undefined;
  /** the question that is answered in this cell */
  readonly ask?: (row: TableRow) => Ask | undefined;
  /** the stage where it is decided; Walk where nothing is said */
  readonly opens?: 'match' | 'method';
  /** the field of the defect itself that is typed in this cell */
  readonly field?: 'mark' | 'note';
}

export type RowState = 'stop' | 'open' | 'nothing fits' | 'to choose' | 'chosen';

/** What a repair waits for, in a word. */
export function stateOf({ plan }: TableRow): RowState {
  if (plan.state !== 'planned') return 'open';
  if (plan.stops.some((s) => s.open)) return 'stop';
  if (!plan.planned) return 'nothing fits';
  return plan.planned.by === 'choice' ? 'chosen' : 'to choose';
}

const states: readonly RowState[] = ['stop', 'open', 'nothing fits', 'to choose', 'chosen'];

const openStops = ({ plan }: TableRow) => plannedOf(plan)?.stops.filter((s) => s.open) ?? [];

function priceIn({ plan }: TableRow, products: readonly Product[]) {
  const planned = plannedOf(plan);
  return planned?.planned && !planned.held ? planned.priceOf(planned.planned.candidate, products) : undefined;
}

function fixed(products: readonly Product[]): readonly TableColumn[] {
  return [
    { id: 'mark', title: 'Mark', widthPx: 92, text: ({ defect }) => defect.mark, field: 'mark' },
    { id: 'area', title: 'Where', widthPx: 140, text: ({ area }) => areaWords(area), order: ({ at }) => at },
    { id: 'kind', title: 'What', widthPx: 160, text: ({ defect }) => kindOf(defect.kind).title },
    { id: 'size', title: 'Size', widthPx: 150, text: ({ plan }, how) => (plan.state === 'incomplete' ? '' : tell(plan.surveyed.size, how)) },
    { id: 'state', title: 'State', widthPx: 146, text: (row, how) => stateText(row, how), order: (row) => states.indexOf(stateOf(row)) },
    { id: 'system', title: 'System', opens: 'match', widthPx: 210, text: ({ plan }) => plannedOf(plan)?.planned?.candidate.system.title ?? '' },
    {
      id: 'hand',
      title: 'By hand',
      opens: 'method',
      widthPx: 92,
      text: ({ plan }, { units }) => {
        const figure = workOf(plan)?.schedule.handsOn;
        return figure ? show(figure, units).text : '';
      },
      order: ({ plan }) => workOf(plan)?.schedule.handsOn.value,
    },
    {
      id: 'price',
      title: 'Price',
      widthPx: 96,
      text: (row, { units }) => {
        const price = priceIn(row, products);
        return price ? `${show(price.total, units).text} ${price.currency}` : '';
      },
      order: (row) => priceIn(row, products)?.total.value,
    },
    {
      id: 'stop',
      title: 'Stops',
      opens: 'match',
      widthPx: 190,
      text: (row) =>
        openStops(row)
          .map((s) => s.title)
          .join('; '),
      order: (row) => openStops(row).length,
    },
    { id: 'note', title: 'Note', widthPx: 200, text: ({ defect }) => defect.note ?? '', field: 'note' },
  ];
}

function stateText(row: TableRow, how: Telling): string {
  const state = stateOf(row);
  return state === 'open' ? listItem(row.plan, how).line : state;
}

/** A column for a question: the answers of all kinds that ask it. */
function askColumn(field: string, title: string): TableColumn {
  // with what is usual in its area
  const ask = ({ plan: { defect } }: TableRow) => relevantAsks(kindOf(defect.kind), defect.facts).find((a) => a.field === field);
  const fact = (row: TableRow) => row.plan.defect.facts[field];
  return {
    id: `ask/${field}`,
    title,
    widthPx: 150,
    ask,
    text: (row, how) => {
      const [one, told] = [ask(row), fact(row)];
      return one && told ? tell(factSaying(one, told), how) : '';
    },
    order: (row) => {
      const value = fact(row)?.value;
      return typeof value === 'number' ? value : undefined;
    },
  };
}

/** columns that are shown until the person says otherwise */
export const usualColumns: readonly string[] = ['mark', 'area', 'kind', 'size', 'state', 'system', 'hand', 'price'];

/** The columns that a job can have: what follows from its repairs, and every question that their kinds ask. */
export function columnsOf(job: Pick<JobRecord, 'areas'>, products: readonly Product[]): readonly TableColumn[] {
  const used = new Set(job.areas.flatMap((a) => a.defects.map((d) => d.kind)));
  const titles = new Map<string, string>();
  for (const kind of defectKinds()) if (used.has(kind.id)) for (const { field, question } of kind.asks) if (!titles.has(field)) titles.set(field, question);
  return [...fixed(products), ...[...titles].map(([field, title]) => askColumn(field, title))];
}

/** The repairs of a job as rows, in the order of the walk. */
export function rowsOf(job: Pick<JobRecord, 'areas'>, plans: ReadonlyMap<string, RepairPlan>): readonly TableRow[] {
  return job.areas
    .flatMap((area) => area.defects.map((defect) => ({ area, defect })))
    .flatMap(({ area, defect }, at) => {
      const plan = plans.get(defect.id);
      return plan && isDefectKind(defect.kind) ? [{ id: defect.id, area, defect, plan, at }] : [];
    });
}

/** Whether a row holds all words that are searched, in what is shown of it or in its note. */
export function holds(row: TableRow, columns: readonly TableColumn[], search: string, how: Telling): boolean {
  const words = search
    .toLowerCase()
    .split(/\s+/)
    .filter((w) => w !== '');
  if (words.length === 0) return true;
  const text = [...columns.map((c) => c.text(row, how)), row.defect.mark, areaWords(row.area), kindOf(row.defect.kind).title, row.defect.note ?? '']
    .join(' ')
    .toLowerCase();
  return words.every((w) => text.includes(w));
}

/** What is shown as CSV (RFC 4180), as it reads. */
export const tableCsv = (rows: readonly TableRow[], columns: readonly TableColumn[], how: Telling): string =>
  writeCsv([columns.map((c) => c.title), ...rows.map((row) => columns.map((c) => c.text(row, how)))]);

/** What a row is put in order by in a column; nothing where it has nothing there, so that it comes last either way. */
export function orderKey(row: TableRow, column: TableColumn, how: Telling): string | number | undefined {
  const text = column.text(row, how);
  return column.order?.(row) ?? (text === '' ? undefined : text);
}

/** Numbers by size, text by its letters and numbers: PS-9 before PS-10. */
export function compared(a: unknown, b: unknown): number {
  if (typeof a === 'number' && typeof b === 'number') return a - b;
  return String(a).localeCompare(String(b), 'en', { numeric: true });
}
