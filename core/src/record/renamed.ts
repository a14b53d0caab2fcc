import { keptRecord } from '../shelf/keptRecord.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import type { Product } from '../shelf/product.ts';
import { chaseDepth } from '../schools/chaseDepth.ts';
import type { Defect, HouseRules } from '../survey/job.ts';

type Ids = Readonly<Record<string, string>>;

/** What an earlier version called otherwise: its id, and the id of today. One table for all that is kept. */
export interface Renamed {
  /** kinds of defect */
  readonly kinds: Ids;
  /** systems of the shelf, alone and as members of a combination */
  readonly systems: Ids;
  /** figures of a system by their path, by the id of today's system; under '*' those of all */
  readonly figures: Readonly<Record<string, Ids>>;
  readonly rates: Ids;
  readonly stops: Ids;
  /** questions on which the trade differs */
  readonly questions: Ids;
  /** sides of a question, by the id of today's question */
  readonly sides: Readonly<Record<string, Ids>>;
}

/**
 * The table itself. Kept data is never changed in its place: it is read through this. Whoever renames an id writes the
 * old one here, and nowhere else.
 */
export const renamed: Renamed = { kinds: {}, systems: {}, figures: {}, rates: {}, stops: {}, questions: {}, sides: {} };

const own = <T>(record: Readonly<Record<string, T>>, id: string): T | undefined => (Object.hasOwn(record, id) ? record[id] : undefined);

/** Names moved to those of today. Where both stand, what stands under today's name is the newer one. */
function moved<T>(values: Readonly<Record<string, T>>, today: (id: string) => string): Record<string, T> {
  const entries = Object.entries(values);
  return Object.fromEntries([
    ...entries.filter(([id]) => today(id) !== id).map(([id, value]) => [today(id), value] as const),
    ...entries.filter(([id]) => today(id) === id),
  ]);
}

const sameKeys = (a: object, b: object) => Object.keys(a).length === Object.keys(b).length && Object.keys(a).every((key) => Object.hasOwn(b, key));

/** The id of today of a system, or of a combination by its members. */
export function systemToday(id: string, table = renamed): string {
  return id
    .split(' + ')
    .map((one) => own(table.systems, one) ?? one)
    .join(' + ');
}

function sidesToday(sides: Readonly<Record<string, string>>, table: Renamed): Record<string, string> {
  const questions = moved(sides, (id) => own(table.questions, id) ?? id);
  return Object.fromEntries(Object.entries(questions).map(([question, side]) => [question, own(own(table.sides, question) ?? {}, side) ?? side]));
}

const pathToday = (system: string, table: Renamed) => (path: string) =>
  own(own(table.figures, system) ?? {}, path) ?? own(own(table.figures, '*') ?? {}, path) ?? path;

/** A product as it was kept, in the names of today. What this version does not know stays in it. */
export function productToday<P extends Pick<Product, 'basedOn' | 'figures'>>(product: P, table = renamed): P {
  const basedOn = systemToday(product.basedOn, table);
  const figures = moved(product.figures, pathToday(basedOn, table));
  return basedOn === product.basedOn && sameKeys(figures, product.figures) ? product : { ...product, basedOn, figures };
}

/** House rules as they were kept, in the names of today. The earliest knew one choice of the chase instead of sides. */
export function rulesToday(kept: HouseRules | { readonly chase: string }, table = renamed): HouseRules {
  if (!('schools' in kept)) return { schools: kept.chase === 'by-traffic' ? {} : { [chaseDepth.id]: kept.chase } };
  const rates = kept.rates && moved(kept.rates, (id) => own(table.rates, id) ?? id);
  return { ...kept, schools: sidesToday(kept.schools, table), ...(rates && { rates }) };
}

/** A defect as it was kept, in the names of today. */
export function defectToday<D extends Pick<Defect, 'kind' | 'choice' | 'schools' | 'decisions'>>(kept: D & { readonly chase?: string }, table = renamed): D {
  const { chase, ...defect } = kept;
  const schools = { ...(chase !== undefined && { [chaseDepth.id]: chase }), ...defect.schools };
  return {
    ...defect,
    kind: own(table.kinds, defect.kind) ?? defect.kind,
    decisions: defect.decisions.map((d) => ({ ...d, stop: own(table.stops, d.stop) ?? d.stop })),
    ...(defect.choice && { choice: { ...defect.choice, system: systemToday(defect.choice.system, table) } }),
    ...(Object.keys(schools).length > 0 && { schools: sidesToday(schools, table) }),
  } as unknown as D;
}

/** A record of the shelf as it was kept, in the names of today and over today's record of its id. */
export function shelfToday(kept: PatchSystem, table = renamed): PatchSystem {
  const basedOn = kept.basedOn === undefined ? undefined : systemToday(kept.basedOn, table);
  const id = kept.basedOn === undefined ? systemToday(kept.id, table) : kept.id;
  const paths = { ...own(table.figures, '*'), ...own(table.figures, basedOn ?? id) };
  const named = Object.entries(paths).reduce<Record<string, unknown>>((record, [from, to]) => movePath(record, from.split('/'), to.split('/')), {
    ...kept,
    id,
    ...(basedOn !== undefined && { basedOn }),
  });
  return keptRecord(named as unknown as PatchSystem);
}

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);

/** What stands at one path of a record, put at another; nothing where it stands at neither. */
function movePath(record: Record<string, unknown>, from: readonly string[], to: readonly string[]): Record<string, unknown> {
  const at = (r: unknown, path: readonly string[]): unknown => path.reduce((value, key) => (isRecord(value) ? own(value, key) : undefined), r);
  const value = at(record, from);
  if (value === undefined) return record;
  const without = (r: Record<string, unknown>, [key = '', ...rest]: readonly string[]): Record<string, unknown> => {
    const { [key]: inner, ...others } = r;
    return rest.length === 0 ? others : isRecord(inner) ? { ...others, [key]: without(inner, rest) } : r;
  };
  const put = (r: Record<string, unknown>, [key = '', ...rest]: readonly string[]): Record<string, unknown> => {
    const inner = own(r, key);
    return { ...r, [key]: rest.length === 0 ? value : put(isRecord(inner) ? inner : {}, rest) };
  };
  return at(record, to) === undefined ? put(without(record, from), to) : without(record, from);
}
