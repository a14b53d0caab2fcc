import type { Problem } from '@oddment/contracts';
import {
  fieldDiff,
  hoursOfDaysProblems,
  senseArea,
  senseDefect,
  tell,
  type AreaFacts,
  type DaysSetup,
  type FieldDiff,
  type LooseFacts,
  type OfferSetup,
  type RecordBody,
} from '@oddment/core';
import type { AreaFields, DefectBasics, DefectFields, JobBasics, JobFields, PlaceDefectBody } from '@oddment/contracts';
import { HttpProblem, notFound } from '../problem.ts';
import type { Database, Transaction } from '../store/database.ts';
import { insertRow, isThere, noteChange, readOne, updateRow, type AnyRecord, type Entity, type Scope } from '../store/jobStore.ts';
import { areaName, areaOfJob, nextPosition, placeOfDefect, roomBefore } from '../store/placeStore.ts';
import { keepWhat, lastChange } from '../store/historyStore.ts';

const words: Record<Entity, string> = {
  job: 'This job',
  area: 'This area',
  defect: 'This defect',
  photo: 'This photo',
  plan: 'This issued plan',
  days: 'These days',
  offer: 'This offer',
  product: 'This product',
  stock: 'These packs',
};
/** What a record belongs to, and where its row says so. */
const parents = { area: 'jobId', defect: 'areaId', plan: 'defectId', days: 'jobId', offer: 'jobId' } as const;
const telling = { units: 'metric', timeZone: 'UTC' } as const;

export interface Answer {
  readonly record: AnyRecord;
  /** the same change was made before, and is only answered again */
  readonly repeated: boolean;
}

function refuseDays(problems: readonly Problem[]): void {
  const [first] = problems;
  if (first) throw new HttpProblem(422, first.message, { problems });
}

function refuse(refused: readonly { field: string; sentence: Parameters<typeof tell>[0] }[]): void {
  if (refused.length === 0) return;
  const problems: Problem[] = refused.map((r) => ({ path: `facts/${r.field}`, message: tell(r.sentence, telling) }));
  throw new HttpProblem(422, problems[0]?.message ?? 'The facts cannot be.', { problems });
}

export function jobValues(b: JobBasics & Pick<JobFields, 'days' | 'offer' | 'archived'>) {
  const { site, client, timeZone, units, startAt, crew, days, offer, archived } = b;
  if (days) refuseDays(hoursOfDaysProblems(days));
  return {
    site,
    client,
    timeZone,
    units,
    startAt,
    crew: crew.map(({ id, name, skills }) => ({ id, name, skills })),
    ...(days && { days: days as DaysSetup }),
    ...(offer && { offer: offer as OfferSetup }),
    ...(archived !== undefined && { archived }),
  };
}

export function areaValues(b: AreaFields) {
  const facts = { ...(b.facts as object) } as AreaFacts;
  refuse(senseArea(facts).refused);
  // a plain object: what came in over the line is one of a class
  return { name: b.name, facts, ...(b.usual && { usual: { ...b.usual } }) };
}

export function defectValues(b: DefectBasics & Pick<DefectFields, 'spot'>) {
  const facts = { ...(b.facts as object) } as LooseFacts;
  refuse(senseDefect(b.kind, facts).refused);
  const decisions = b.decisions.map((d) => ({
    stop: d.stop,
    who: d.who,
    capacity: d.capacity,
    what: d.what,
    on: d.on,
    ...(d.document !== undefined && { document: d.document }),
  }));
  const choice = b.choice && { system: b.choice.system, ...(b.choice.reason !== undefined && { reason: b.choice.reason }) };
  return {
    kind: b.kind,
    mark: b.mark,
    facts,
    confirmed: b.confirmed,
    choice: choice ?? null,
    schools: b.schools ?? {},
    sand: b.sand ?? null,
    decisions,
    note: b.note ?? null,
    ...(b.spot !== undefined && { spot: b.spot && { photo: b.spot.photo, across: b.spot.across, down: b.spot.down } }),
  };
}

/** What a person fills in of a record; nothing of those that are made otherwise. */
function bodyOf(entity: Entity, record: AnyRecord): RecordBody | undefined {
  return entity === 'job' || entity === 'area' || entity === 'defect' ? ({ entity, body: record } as unknown as RecordBody) : undefined;
}

async function current(tx: Transaction, scope: Scope, entity: Entity, id: string): Promise<AnyRecord> {
  const record = await readOne(tx, scope, entity, id);
  if (!record) throw notFound(words[entity]);
  return record;
}

/**
 * Whether a change is new; a repeat is not, and is answered again.
 * @throws HttpProblem 409 where its id was used for another change
 */
export async function isNewChange(tx: Transaction, scope: Scope, id: string, entity: Entity | 'person', entityId: string, action: string): Promise<boolean> {
  const noted = await noteChange(tx, scope, id, entity, entityId, action);
  if (noted === 'other') throw new HttpProblem(409, 'The id of this change was used for another one. Make a new one.');
  return noted === 'new';
}

const idTaken = () => new HttpProblem(409, 'This id is taken. Make a new one.');

/**
 * Makes a record. A repeat of the same change is answered with the record as it stands.
 * @throws HttpProblem 404 where what it belongs to is not there, 409 where the id is taken
 */
export function createRecord(
  db: Database | Transaction,
  scope: Scope,
  entity: Entity,
  made: { id: string; change: string },
  values: Readonly<Record<string, unknown>>,
  parent?: { entity: 'job' | 'area' | 'defect'; id: string },
): Promise<Answer> {
  return db.transaction(async (tx) => {
    if (parent && !(await isThere(tx, scope, parent.entity, parent.id))) throw notFound(words[parent.entity]);
    if (!(await isNewChange(tx, scope, made.change, entity, made.id, 'create'))) return { record: await current(tx, scope, entity, made.id), repeated: true };
    const under = entity === 'photo' ? (parent?.entity === 'area' ? 'areaId' : 'defectId') : parents[entity as keyof typeof parents];
    const place = {
      ...(parent && under !== undefined && { [under]: parent.id }),
      ...(parent && (entity === 'area' || entity === 'defect') && { position: await nextPosition(tx, scope, entity, parent.id) }),
    };
    const row = { ...values, ...place, id: made.id, firmId: scope.firmId, createdAt: scope.at };
    if (!(await insertRow(tx, entity, row as never))) throw idTaken();
    return { record: await current(tx, scope, entity, made.id), repeated: false };
  });
}

/**
 * What is answered where a record of this id is there already: the record, to the change that made it.
 * @throws HttpProblem 404 where what it belongs to is not there, 409 where another change takes its id
 */
export function madeBefore(
  db: Database,
  scope: Scope,
  entity: Entity,
  made: { id: string; change: string },
  parent: { entity: 'job' | 'area' | 'defect'; id: string },
): Promise<Answer> {
  return db.transaction(async (tx) => {
    if (!(await isThere(tx, scope, parent.entity, parent.id))) throw notFound(words[parent.entity]);
    if (await isNewChange(tx, scope, made.change, entity, made.id, 'create')) throw idTaken();
    return { record: await current(tx, scope, entity, made.id), repeated: true };
  });
}

/**
 * Changes a record made against a version; deleting and bringing back are changes too.
 * @param guard throws where the record as it stands does not allow it
 * @param besides what it changes that lies in no field of the record
 * @throws HttpProblem 404 where it is not there, 409 with the current record where the version is stale
 */
export function changeRecord(
  db: Database | Transaction,
  scope: Scope,
  entity: Entity,
  id: string,
  made: { change: string; version: number },
  action: 'change' | 'delete' | 'restore',
  values: Readonly<Record<string, unknown>>,
  guard: (before: AnyRecord) => void = () => undefined,
  besides: FieldDiff = {},
): Promise<Answer> {
  return db.transaction(async (tx) => {
    // read only after its id is noted: a repeat waits there for the first to be done, and is answered as that left it
    const isNew = await isNewChange(tx, scope, made.change, entity, id, action);
    const before = await current(tx, scope, entity, id);
    if (!isNew) return { record: before, repeated: true };
    guard(before);
    const record = await updateRow(tx, scope, entity, id, { version: made.version, deleted: action === 'restore' }, values);
    if (!record) {
      if (action !== 'restore' && !(await isThere(tx, scope, entity, id))) throw notFound(words[entity]);
      // what this met may have been saved after `before` was read
      const now = await current(tx, scope, entity, id);
      const by = await lastChange(tx, scope, id, made.change);
      throw new HttpProblem(409, `${words[entity]} was changed meanwhile. Your version is ${String(made.version)}, it is now at ${String(now.version)}.`, {
        current: now,
        by,
      });
    }
    const [was, now] = [bodyOf(entity, before), bodyOf(entity, record)];
    if (action === 'change' && was && now)
      await keepWhat(tx, scope, made.change, { ...(now.entity === 'defect' && { kind: now.body.kind }), fields: { ...fieldDiff(was, now), ...besides } });
    return { record, repeated: false };
  });
}

/**
 * Moves a defect to another area of its job, or to another place among those of its own.
 * @throws HttpProblem 404 where it, the area or what it shall stand before is not there in this job, 409 where the version is stale
 */
export function placeDefect(db: Database, scope: Scope, id: string, body: PlaceDefectBody): Promise<Answer> {
  return db.transaction(async (tx) => {
    const from = await placeOfDefect(tx, scope, id);
    if (!from) throw notFound(words.defect);
    const [was, to] = [await areaName(tx, scope, from.areaId), await areaOfJob(tx, scope, from.jobId, body.areaId)];
    if (to === undefined) throw notFound(words.area);
    const position = body.before === undefined ? await nextPosition(tx, scope, 'defect', body.areaId) : await roomBefore(tx, scope, body.areaId, body.before);
    if (position === undefined) throw notFound(words.defect);
    const moved: FieldDiff = body.areaId === from.areaId ? {} : { area: { was, now: to } };
    return changeRecord(tx, scope, 'defect', id, body, 'change', { areaId: body.areaId, position }, undefined, moved);
  });
}
