import 'reflect-metadata';
import {
  writeCsv,
  type Aim,
  type DaysRecord,
  type DaysSetup,
  type Elsewhere,
  type HouseRules,
  type Job,
  type KeptPlacement,
  type Product,
} from '@oddment/core';
import { Id, ListOf, NumberBetween, OneOf, Text, Version, Words, YesOrNo } from './fields.ts';

/** The longest that days reach, in min: as far ahead as they are made, and more. */
const farthestMin = 1_000_000;

/** Where one thing of the days stands. */
export class KeptPlacementBody {
  @Text('The thing', 1, 160) id!: string;
  @NumberBetween('Its start', 0, farthestMin) start!: number;
  @NumberBetween('Its end', 0, farthestMin) end!: number;
  @Words('Who does it', 2) people!: string[];
}

/** Keeps days: where everything stands, on the job in the version that was looked at. */
export class KeepDaysBody {
  @Id() id!: string;
  @Id() change!: string;
  @Version() jobVersion!: number;
  @OneOf('The aim', ['finish', 'visits', 'date']) aim!: Aim;
  @NumberBetween('The seed', 0, 1_000_000) seed!: number;
  /** plans that are not issued yet are issued with them */
  @YesOrNo('Whether plans are issued') issue!: boolean;
  @ListOf('What stands where', () => KeptPlacementBody, 20_000) placements!: KeptPlacementBody[];
}

/** Kept days in a list. */
export interface KeptDaysSummary {
  readonly id: string;
  readonly version: number;
  readonly jobId: string;
  readonly core: string;
  readonly aim: Aim;
  readonly doneAt: string;
  readonly visits: number;
  readonly keptAt: string;
  readonly keptBy: string;
}

/** What kept days were made from. */
export interface DaysInputs {
  readonly job: Job;
  readonly rules: HouseRules;
  readonly products: readonly Product[];
  readonly setup: DaysSetup;
  readonly aim: Aim;
  readonly seed: number;
  readonly placements: readonly KeptPlacement[];
  /** where people of the firm were by the days of other jobs */
  readonly elsewhere?: readonly Elsewhere[];
}

/** The kept days of a job that are not over yet, from its today on. */
export interface DaysAhead {
  readonly jobId: string;
  readonly keptId: string;
  readonly site: string;
  readonly client: string;
  /** its today, at the site */
  readonly today: string;
  /** the place whose weather is looked at, where one is chosen */
  readonly forecast?: string;
  readonly days: DaysRecord;
}

export type KeptDaysRecord = KeptDaysSummary & { readonly days: DaysRecord };

/** Days as CSV (RFC 4180): a row for each time that somebody is at something; times as instants, minutes as numbers. */
export function daysCsv(record: DaysRecord): string {
  const header = [
    'date',
    'person',
    'from',
    'work_from',
    'work_to',
    'place',
    'repair',
    'what',
    'mixed',
    'with',
    'begin_by',
    'cover_min',
    'way_min',
    'set_up_min',
    'mix_min',
    'clear_min',
  ];
  const rows = record.days.flatMap((d) =>
    d.people.flatMap((p) =>
      p.blocks.map((b) => [
        d.date,
        p.name,
        b.from,
        b.start,
        b.end,
        b.place,
        b.mark,
        b.title,
        b.mix ?? '',
        b.beside.join(' and '),
        b.latest ?? '',
        ...[b.coverMin, b.walkMin, b.setUpMin, b.mixMin, b.awayMin].map(String),
      ]),
    ),
  );
  return writeCsv([header, ...rows]);
}
