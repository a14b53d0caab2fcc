import { fullDate, instant, say, type Saying } from '../quantity/saying.ts';
import { schoolQuestions } from '../schools/schools.ts';
import { areaTable } from '../survey/area.ts';
import type { AskTable, LooseFacts } from '../survey/ask.ts';
import { crewWords, skills } from '../survey/crew.ts';
import { factSaying } from '../survey/factSaying.ts';
import type { Area, Defect, Job } from '../survey/job.ts';
import { isDefectKind, kindOf } from '../survey/kinds.ts';

/** A record that a person fills in, without what lies in it. */
export type RecordBody =
  | { readonly entity: 'job'; readonly body: Omit<Job, 'id' | 'areas'> & { readonly days?: unknown; readonly offer?: unknown; readonly archived?: boolean } }
  | { readonly entity: 'area'; readonly body: Omit<Area, 'id' | 'defects'> }
  /** with the name of the area that it stands in, where that is told */
  | { readonly entity: 'defect'; readonly body: Omit<Defect, 'id'> & { readonly area?: string } };

/** One thing that a person sets in a record, as it is called and as it reads. */
export interface RecordField {
  /** where it lies: `note`, or `facts/depth` for one of a set */
  readonly key: string;
  readonly about: string;
  readonly words: Saying;
  readonly value: unknown;
}

/** A field in which two states of a record differ; without `was` or `now` it is not set there. */
export interface FieldChange {
  readonly key: string;
  readonly about: string;
  readonly was?: Saying;
  readonly now?: Saying;
}

const field = (key: string, about: string, value: unknown, words: Saying): readonly RecordField[] =>
  value === undefined || value === null ? [] : [{ key, about, value, words }];

/** A fact as it was typed, where it was: `1/8"` stays what it is in any units. */
function factFields(table: AskTable, facts: LooseFacts): RecordField[] {
  return table.asks.flatMap((ask) => {
    const fact = facts[ask.field];
    return fact === undefined ? [] : field(`facts/${ask.field}`, ask.question, fact, factSaying(ask, fact));
  });
}

/** The usual answers of an area for one kind of defect, as one: they are set together. */
function usualFields(id: string, facts: LooseFacts): readonly RecordField[] {
  if (!isDefectKind(id) || Object.keys(facts).length === 0) return [];
  const kind = kindOf(id);
  const answers: Saying = factFields(kind, facts).flatMap((f, i) => say`${i === 0 ? '' : '; '}${f.about} ${f.words}`);
  return field(`usual/${id}`, `Usual here, ${kind.title}`, facts, say`${answers}`);
}

const share = (of: number) => `${String(Math.round(of * 100))} %`;

function defectFields({
  kind,
  mark,
  facts,
  confirmed,
  choice,
  schools,
  sand,
  decisions,
  note,
  spot,
  area,
}: Omit<Defect, 'id'> & { readonly area?: string }): RecordField[] {
  const known = isDefectKind(kind) ? kindOf(kind) : undefined;
  return [
    ...field('kind', 'Kind', kind, say`${known?.title ?? kind}`),
    ...field('mark', 'Mark', mark, say`${mark}`),
    ...field('area', 'Area', area, say`${area ?? ''}`),
    ...(known ? factFields(known, facts) : []),
    ...field('confirmed', 'Doubts said to be right', confirmed.length > 0 ? confirmed : undefined, say`${confirmed.join(', ')}`),
    ...field(
      'choice',
      'Chosen system',
      choice,
      say`${choice?.system.replaceAll('-', ' ') ?? ''}${choice?.reason === undefined ? '' : `, because: ${choice.reason}`}`,
    ),
    ...schoolQuestions.flatMap((q) => {
      const side = q.sides.find((s) => s.id === schools?.[q.id]);
      return side ? field(`schools/${q.id}`, q.question, side.id, say`${side.title}`) : [];
    }),
    ...field('sand', 'Sand', sand, say`${sand ?? ''}`),
    ...decisions.flatMap((d) => field(`decisions/${d.stop}`, `Decision: ${d.stop.replaceAll('-', ' ')}`, d, say`${d.who}, ${fullDate(d.on)}: ${d.what}`)),
    ...field('note', 'Note', note, say`${note ?? ''}`),
    ...field('spot', 'Place on the plan', spot, spot ? say`${share(spot.across)} from the left, ${share(spot.down)} from above` : say``),
  ];
}

function jobFields({ site, client, timeZone, units, startAt, crew, days, offer, archived }: (RecordBody & { readonly entity: 'job' })['body']): RecordField[] {
  const people = crew.map((p) => (p.skills.length > 0 ? `${p.name} (${p.skills.map((s) => skills[s]).join(', ')})` : p.name)).filter((words) => words !== '');
  return [
    ...field('site', 'Site', site, say`${site}`),
    ...field('client', 'Client', client, say`${client}`),
    ...field('timeZone', 'Time zone', timeZone, say`${timeZone}`),
    ...field('units', 'Units', units, say`${units === 'us' ? 'inches' : 'millimeters'}`),
    ...field('startAt', 'Start of the work', startAt, say`${instant(startAt)}`),
    ...field('crew', 'Crew', crew, say`${crewWords(crew)}${people.length > 0 ? `: ${people.join(', ')}` : ''}`),
    ...field('days', 'Hours, things and access of the days', days, say`as set in Days`),
    ...field('offer', 'What the offer is made by', offer, say`as set in Offer`),
    ...field('archived', 'Archived', archived === true ? true : undefined, say`yes`),
  ];
}

/** Everything that is set in a record, in the order in which it is asked. */
export function recordFields(record: RecordBody): readonly RecordField[] {
  switch (record.entity) {
    case 'job':
      return jobFields(record.body);
    case 'area':
      return [
        ...field('name', 'Name', record.body.name, say`${record.body.name}`),
        ...factFields(areaTable, record.body.facts),
        ...Object.entries(record.body.usual ?? {}).flatMap(([kind, facts]) => usualFields(kind, facts)),
      ];
    case 'defect':
      return defectFields(record.body);
  }
}

/** Values that say the same, whatever the order of their fields. */
function canonical(value: unknown): string {
  return JSON.stringify(value, (_key, part: unknown) =>
    typeof part === 'object' && part !== null && !Array.isArray(part) ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1))) : part,
  );
}

/** The values in which two states of a record differ, by the fields that they lie in. It is kept as it is: it needs no words. */
export type FieldDiff = Readonly<Record<string, { readonly was?: unknown; readonly now?: unknown }>>;

/** In what two states of a record differ, as values; everything where there is only one of them. */
export function fieldDiff(was: RecordBody | undefined, now: RecordBody | undefined): FieldDiff {
  const [before, after] = [was, now].map((record) => new Map(record ? recordFields(record).map((f) => [f.key, f.value]) : []));
  const keys = [...new Set([...(after?.keys() ?? []), ...(before?.keys() ?? [])])];
  return Object.fromEntries(
    keys.flatMap((key) => {
      const [w, n] = [before?.get(key), after?.get(key)];
      return canonical(w) === canonical(n) ? [] : [[key, { ...(w !== undefined && { was: w }), ...(n !== undefined && { now: n }) }]];
    }),
  );
}

/** Each field of a difference by its words before and after. */
function inWords(diff: FieldDiff, before: readonly RecordField[], after: readonly RecordField[]): readonly FieldChange[] {
  return Object.keys(diff).map((key): FieldChange => {
    const [w, n] = [before.find((f) => f.key === key), after.find((f) => f.key === key)];
    return { key, about: n?.about ?? w?.about ?? key, ...(w && { was: w.words }), ...(n && { now: n.words }) };
  });
}

/** In what two states of a record differ, in words. */
export function recordChanges(was: RecordBody | undefined, now: RecordBody | undefined): readonly FieldChange[] {
  const diff = fieldDiff(was, now);
  return inWords(diff, was ? recordFields(was) : [], now ? recordFields(now) : []);
}

type Loose = Readonly<Record<string, unknown>>;

/** A set with one member at a value, or without it. */
function withMember(set: unknown, name: string, value: unknown): unknown {
  if (Array.isArray(set)) {
    const rest = (set as { stop?: unknown }[]).filter((d) => d.stop !== name);
    return value === undefined ? rest : [...rest, value];
  }
  const { [name]: _own, ...rest } = (set ?? {}) as Loose;
  return value === undefined ? rest : { ...rest, [name]: value };
}

/** Where an emptied field is an empty list and not nothing. */
const lists: ReadonlySet<string> = new Set(['confirmed', 'decisions']);

/** A record with one field at a value, or without it; `key` as `recordFields` names it. */
function withValue<T extends object>(body: T, key: string, value: unknown): T {
  const [name = '', ...rest] = key.split('/');
  const own = body as Loose;
  if (rest.length > 0) return { ...own, [name]: withMember(own[name], rest.join('/'), value) } as T;
  const { [name]: _own, ...without } = own;
  const set = value ?? (lists.has(name) ? [] : undefined);
  return (set === undefined ? without : { ...without, [name]: set }) as T;
}

/**
 * A record with one field as another state of it has it. With the kind of a defect go its facts: those of one kind say
 * nothing of another.
 */
export function withField<T extends object>(body: T, key: string, from: T): T {
  const [name = '', ...rest] = key.split('/');
  const of = (one: string) => (from as Loose)[one];
  if (key === 'kind') return ['kind', 'facts', 'confirmed'].reduce((done, one) => withValue(done, one, of(one)), body);
  if (rest.length === 0) return withValue(body, key, of(name));
  const member = rest.join('/');
  const set = of(name);
  return withValue(body, key, Array.isArray(set) ? (set as { stop?: unknown }[]).find((d) => d.stop === member) : (set as Loose | undefined)?.[member]);
}

/** A record with each field of a difference as it was before. */
export function putBack<T extends object>(body: T, diff: FieldDiff): T {
  return Object.entries(diff).reduce((done, [key, { was }]) => withValue(done, key, was), body);
}

const bare = (entity: RecordBody['entity'], kind: string): object =>
  entity === 'defect'
    ? { kind, mark: '', facts: {}, confirmed: [], decisions: [] }
    : entity === 'area'
      ? { name: '', facts: {} }
      : { crew: [], startAt: '', site: '' };

/**
 * A difference that was kept, in words.
 * @param kind of the defect when it was made; the difference says it itself where it changed
 */
export function diffSaid(entity: RecordBody['entity'], diff: FieldDiff, kind = ''): readonly FieldChange[] {
  const state = (side: 'was' | 'now') => {
    const of = (diff['kind']?.[side] as string | undefined) ?? kind;
    const body = Object.entries(diff).reduce((done, [key, values]) => withValue(done, key, values[side]), bare(entity, of));
    return recordFields({ entity, body: { ...bare(entity, of), ...body } } as RecordBody).filter((f) => diff[f.key]?.[side] !== undefined);
  };
  return inWords(diff, state('was'), state('now'));
}
