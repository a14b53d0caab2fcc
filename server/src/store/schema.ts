import type { DaysInputs, OfferState, PhotoRecord, PlanState, ReadQuantity, Role } from '@oddment/contracts';
import type {
  Aim,
  DaysRecord,
  DaysSetup,
  AreaFacts,
  FieldDiff,
  Choice,
  Decision,
  HouseRules,
  IssuedPlan,
  LooseFacts,
  Offer,
  OfferSetup,
  OfferTerms,
  Person,
  Preferences,
  Product,
  Spot,
  StockPack,
} from '@oddment/core';
import { sql } from 'drizzle-orm';
import { firmWall } from './firmWall.ts';
import {
  bigint,
  boolean,
  check,
  customType,
  doublePrecision,
  foreignKey,
  index,
  integer,
  json,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uniqueIndex,
  uuid,
  type PgColumn,
} from 'drizzle-orm/pg-core';

const moment = (name: string) => timestamp(name, { withTimezone: true, mode: 'string' });

export const firms = pgTable('firms', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  demo: boolean('demo').notNull().default(false),
  rules: jsonb('rules').$type<HouseRules>().notNull(),
  version: integer('version').notNull().default(1),
  createdAt: moment('created_at').notNull(),
});

export const accounts = pgTable(
  'accounts',
  {
    id: uuid('id').primaryKey(),
    firmId: uuid('firm_id')
      .notNull()
      .references(() => firms.id),
    login: text('login').notNull(),
    name: text('name').notNull(),
    role: text('role').$type<Role>().notNull(),
    /** nothing until its person has set one by the one-time link */
    passwordHash: text('password_hash'),
    version: integer('version').notNull().default(1),
    disabledAt: moment('disabled_at'),
    createdAt: moment('created_at').notNull(),
  },
  (t) => [uniqueIndex('accounts_login').on(sql`lower(${t.login})`)],
);

export const sessions = pgTable('sessions', {
  /** SHA-256 of the token in the cookie: the table alone signs nobody in */
  tokenHash: text('token_hash').primaryKey(),
  id: uuid('id').notNull().defaultRandom(),
  accountId: uuid('account_id')
    .notNull()
    .references(() => accounts.id),
  createdAt: moment('created_at').notNull(),
  expiresAt: moment('expires_at').notNull(),
  agent: text('agent').notNull().default(''),
});

/** Links that set a password once; only their SHA-256 is kept. */
export const oneTimeLinks = pgTable('one_time_links', {
  tokenHash: text('token_hash').primaryKey(),
  accountId: uuid('account_id')
    .notNull()
    .references(() => accounts.id),
  expiresAt: moment('expires_at').notNull(),
});

/** Tries to sign in, counted before they are made, by what was tried: shared by every server on this database. */
export const signInTries = pgTable(
  'sign_in_tries',
  {
    key: text('key').primaryKey(),
    /** when the first of those counted was made */
    since: moment('since').notNull(),
    tries: integer('tries').notNull(),
  },
  (t) => [index('sign_in_tries_since').on(t.since)],
);

/** Every change, only ever appended: who, when, what; a repeat is known by its id. */
export const changes = pgTable(
  'changes',
  {
    firmId: uuid('firm_id')
      .notNull()
      .references(() => firms.id),
    id: uuid('id').notNull(),
    accountId: uuid('account_id').notNull(),
    at: moment('at').notNull(),
    entity: text('entity').notNull(),
    entityId: uuid('entity_id').notNull(),
    action: text('action').notNull(),
    /** order in which they were made, where the clock does not tell */
    turn: bigint('turn', { mode: 'number' }).generatedAlwaysAsIdentity(),
    /** of what a person fills in: the fields that differ, as they were and as they are */
    what: jsonb('what').$type<{ readonly kind?: string; readonly fields: FieldDiff }>(),
  },
  (t) => [firmWall(), primaryKey({ columns: [t.firmId, t.id] }), index('changes_of').on(t.firmId, t.entityId, t.turn)],
);

const ownKey = (t: { firmId: PgColumn; id: PgColumn }) => primaryKey({ columns: [t.firmId, t.id] });

/** Its key begins with the firm, as that of every table behind the wall: a PostgreSQL that shards can keep each firm on one machine. */
const record = {
  firmId: uuid('firm_id').notNull(),
  id: uuid('id').notNull(),
  version: integer('version').notNull().default(1),
  createdAt: moment('created_at').notNull(),
  deletedAt: moment('deleted_at'),
};

export const jobs = pgTable(
  'jobs',
  {
    ...record,
    site: text('site').notNull(),
    client: text('client').notNull(),
    timeZone: text('time_zone').notNull(),
    units: text('units').$type<'metric' | 'us'>().notNull(),
    startAt: text('start_at').notNull(),
    crew: jsonb('crew').$type<readonly Person[]>().notNull(),
    days: jsonb('days').$type<DaysSetup>(),
    offer: jsonb('offer').$type<OfferSetup>(),
    archived: boolean('archived').notNull().default(false),
  },
  (t) => [firmWall(), ownKey(t), foreignKey({ columns: [t.firmId], foreignColumns: [firms.id] })],
);

export const areas = pgTable(
  'areas',
  {
    ...record,
    jobId: uuid('job_id').notNull(),
    position: integer('position')
      .notNull()
      .default(sql`0`),
    name: text('name').notNull(),
    facts: jsonb('facts').$type<AreaFacts>().notNull(),
    usual: jsonb('usual').$type<Readonly<Record<string, LooseFacts>>>(),
  },
  (t) => [
    firmWall(),
    ownKey(t),
    index('areas_of_job').on(t.firmId, t.jobId),
    foreignKey({ columns: [t.firmId, t.jobId], foreignColumns: [jobs.firmId, jobs.id] }),
  ],
);

export const defects = pgTable(
  'defects',
  {
    ...record,
    areaId: uuid('area_id').notNull(),
    position: integer('position')
      .notNull()
      .default(sql`0`),
    kind: text('kind').notNull(),
    mark: text('mark').notNull(),
    facts: jsonb('facts').$type<LooseFacts>().notNull(),
    confirmed: jsonb('confirmed').$type<readonly string[]>().notNull(),
    choice: jsonb('choice').$type<Choice>(),
    schools: jsonb('schools').$type<Preferences>().notNull().default({}),
    sand: text('sand').$type<'one' | 'two'>(),
    decisions: jsonb('decisions').$type<readonly Decision[]>().notNull(),
    note: text('note'),
    spot: jsonb('spot').$type<Spot>(),
  },
  (t) => [
    firmWall(),
    ownKey(t),
    index('defects_of_area').on(t.firmId, t.areaId),
    foreignKey({ columns: [t.firmId, t.areaId], foreignColumns: [areas.firmId, areas.id] }),
  ],
);

const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' });

export const photos = pgTable(
  'photos',
  {
    ...record,
    // of a defect or of an area
    defectId: uuid('defect_id'),
    areaId: uuid('area_id'),
    jpeg: bytea('jpeg').notNull(),
    bytes: integer('bytes').notNull(),
    widthPx: integer('width_px').notNull(),
    heightPx: integer('height_px').notNull(),
    caption: text('caption').notNull(),
    takenAt: text('taken_at'),
    position: jsonb('position').$type<NonNullable<PhotoRecord['position']>>(),
    by: text('by').notNull(),
  },
  (t) => [
    firmWall(),
    ownKey(t),
    index('photos_of_defect').on(t.firmId, t.defectId),
    index('photos_of_area').on(t.firmId, t.areaId),
    foreignKey({ columns: [t.firmId, t.defectId], foreignColumns: [defects.firmId, defects.id] }),
    foreignKey({ columns: [t.firmId, t.areaId], foreignColumns: [areas.firmId, areas.id] }),
    check('photos_of_one', sql`num_nonnulls(${t.defectId}, ${t.areaId}) = 1`),
  ],
);

/** The firm's own products. A trigger in the database keeps every version of one. */
export const products = pgTable(
  'products',
  { ...record, product: jsonb('product').$type<Omit<Product, 'id'>>().notNull(), by: text('by').notNull(), changedAt: moment('changed_at').notNull() },
  (t) => [firmWall(), ownKey(t), index('products_of_firm').on(t.firmId), foreignKey({ columns: [t.firmId], foreignColumns: [firms.id] })],
);

export const productVersions = pgTable(
  'product_versions',
  {
    firmId: uuid('firm_id').notNull(),
    productId: uuid('product_id').notNull(),
    version: integer('version').notNull(),
    at: moment('at').notNull(),
    by: text('by').notNull(),
    product: jsonb('product').$type<Omit<Product, 'id'>>().notNull(),
  },
  (t) => [firmWall(), primaryKey({ columns: [t.firmId, t.productId, t.version] })],
);

/** Packs as they stand on the firm's shelf. */
export const stock = pgTable('stock', { ...record, pack: jsonb('pack').$type<Omit<StockPack, 'id'>>().notNull() }, (t) => [
  firmWall(),
  ownKey(t),
  index('stock_of_firm').on(t.firmId),
  foreignKey({ columns: [t.firmId], foreignColumns: [firms.id] }),
]);

/** What the instruments measured, the middle value of every ten minutes. */
export const measured = pgTable(
  'measured',
  {
    instrument: text('instrument').notNull(),
    slotAt: moment('slot_at').notNull(),
    simulated: boolean('simulated').notNull(),
    kind: text('kind').notNull(),
    readings: integer('readings').notNull(),
    values: jsonb('values').$type<Readonly<Partial<Record<ReadQuantity, number>>>>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.instrument, t.slotAt] }), index('measured_at').on(t.slotAt)],
);

/** Days as they were kept. A trigger in the database refuses any change of what they say. */
export const keptDays = pgTable(
  'kept_days',
  {
    ...record,
    jobId: uuid('job_id').notNull(),
    core: text('core').notNull(),
    aim: text('aim').$type<Aim>().notNull(),
    doneAt: text('done_at').notNull(),
    visits: integer('visits').notNull(),
    /** json, not jsonb: kept to the byte */
    days: json('days').$type<DaysRecord>().notNull(),
    inputs: json('inputs').$type<DaysInputs>().notNull(),
    keptBy: text('kept_by').notNull(),
  },
  (t) => [
    firmWall(),
    ownKey(t),
    index('kept_days_of_job').on(t.firmId, t.jobId),
    foreignKey({ columns: [t.firmId, t.jobId], foreignColumns: [jobs.firmId, jobs.id] }),
  ],
);

/** What stands on every offer of a firm. */
export const offerTerms = pgTable(
  'offer_terms',
  {
    firmId: uuid('firm_id')
      .primaryKey()
      .references(() => firms.id),
    terms: jsonb('terms').$type<OfferTerms>().notNull(),
    version: integer('version').notNull().default(1),
  },
  () => [firmWall()],
);

/** Offers as they were kept. A trigger in the database refuses any change of what one says. */
export const offers = pgTable(
  'offers',
  {
    ...record,
    jobId: uuid('job_id').notNull(),
    /** by year, then one after the other; a withdrawn one keeps its own */
    number: text('number').notNull(),
    core: text('core').notNull(),
    currency: text('currency').notNull(),
    totalMinor: bigint('total_minor', { mode: 'number' }).notNull(),
    repairs: integer('repairs').notNull(),
    validUntil: text('valid_until').notNull(),
    /** json, not jsonb: kept to the byte */
    offer: json('offer').$type<Offer>().notNull(),
    /** what it was made by besides its repairs */
    setup: json('setup').$type<OfferSetup>().notNull(),
    issuedBy: text('issued_by').notNull(),
    state: text('state').$type<OfferState>().notNull().default('open'),
    answeredAt: moment('answered_at'),
  },
  (t) => [
    firmWall(),
    ownKey(t),
    index('offers_of_job').on(t.firmId, t.jobId),
    uniqueIndex('offers_number').on(t.firmId, t.number),
    foreignKey({ columns: [t.firmId, t.jobId], foreignColumns: [jobs.firmId, jobs.id] }),
  ],
);

/** Plans as they were issued. A trigger in the database refuses any change of what one says. */
export const issuedPlans = pgTable(
  'issued_plans',
  {
    ...record,
    jobId: uuid('job_id').notNull(),
    defectId: uuid('defect_id').notNull(),
    mark: text('mark').notNull(),
    system: text('system').notNull(),
    totalMin: doublePrecision('total_min').notNull(),
    startAt: text('start_at').notNull(),
    core: text('core').notNull(),
    /** json, not jsonb: kept to the byte */
    plan: json('plan').$type<IssuedPlan>().notNull(),
    state: text('state').$type<PlanState>().notNull().default('issued'),
    issuedBy: text('issued_by').notNull(),
    begunAt: moment('begun_at'),
    begunBy: text('begun_by'),
  },
  (t) => [
    firmWall(),
    ownKey(t),
    index('plans_begun')
      .on(t.firmId)
      .where(sql`state = 'begun'`),
    index('issued_of_job').on(t.firmId, t.jobId),
    foreignKey({ columns: [t.firmId, t.defectId], foreignColumns: [defects.firmId, defects.id] }),
  ],
);
