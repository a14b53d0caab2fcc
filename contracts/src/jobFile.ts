import 'reflect-metadata';
import {
  crewToday,
  daysProblems,
  daysWithin,
  offerProblems,
  offerWithin,
  type OfferSetup,
  defectToday,
  productProblems,
  productToday,
  rateProblems,
  hoursProblems,
  rulesToday,
  senseArea,
  senseDefect,
  tell,
  type DaysSetup,
  type HouseRules,
  type Job,
  type Product,
} from '@oddment/core';
import { instanceToPlain } from 'class-transformer';
import { check, fewEnough, wayward, type Checked, type Problem } from './check.ts';
import { Id, ListOf, Nested, OneOf, OptionalNested, Optionally } from './fields.ts';
import { ProductFields } from './shelf.ts';
import { schemaOf, withSharedParts, type Schema } from './schema.ts';
import { HouseRulesFields } from './accounts.ts';
import { DaysSetupBody } from './daysSetup.ts';
import { OfferSetupBody } from './offer.ts';
import { AreaFields, DefectBasics, JobBasics } from './job.ts';

export const jobFileFormat = 'oddment-job';
export const jobFileVersion = 3;

export class DefectInFile extends DefectBasics {
  @Id() id!: string;
}
export class AreaInFile extends AreaFields {
  @Id() id!: string;
  @ListOf('The defects', () => DefectInFile, 2000) defects!: DefectInFile[];
}
/** A product of the firm, for the plans of the job to be the same elsewhere. */
export class ProductInFile extends ProductFields {
  @Id() id!: string;
}
export class JobInFile extends JobBasics {
  @Id() id!: string;
  @ListOf('The areas', () => AreaInFile, 200) areas!: AreaInFile[];
}
/** A whole job in an open format: JSON, with a version and a published schema. */
export class JobFile {
  @OneOf('The format', [jobFileFormat]) format!: string;
  @OneOf('The version', [jobFileVersion]) version!: number;
  @Nested('The job is missing.', () => JobInFile, () => schemaOf(JobInFile)) job!: JobInFile;
  @OptionalNested(() => HouseRulesFields) rules?: HouseRulesFields;
  @Optionally(ListOf('The products', () => ProductInFile, 500)) products?: ProductInFile[];
  /** what its days are made by besides its crew; files without it have the usual */
  @OptionalNested(() => DaysSetupBody) days?: DaysSetupBody;
  /** what its offer is made by besides its repairs */
  @OptionalNested(() => OfferSetupBody) offer?: OfferSetupBody;
}

/** The JSON Schema of the job file. */
export function jobFileSchema(): Schema {
  const { schemas, parts } = withSharedParts(schemaOf(JobFile), '#/$defs/');
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Oddment job file',
    description: 'One job: site, areas and defects with their facts, choices and decisions. Lengths and widths in mm, temperatures in °C, humidity in percent.',
    ...schemas,
    $defs: parts,
  };
}

/** What the core refuses of the facts together, with paths into the file. */
function refusals(file: JobFile): Problem[] {
  const metric = { units: file.job.units, timeZone: file.job.timeZone } as const;
  return file.job.areas.flatMap((area, a) => [
    ...senseArea(area.facts).refused.map((r) => ({ path: `job/areas/${String(a)}/facts/${r.field}`, message: tell(r.sentence, metric) })),
    ...area.defects.flatMap((defect, d) =>
      senseDefect(defect.kind, defect.facts).refused.map((r) => ({
        path: `job/areas/${String(a)}/defects/${String(d)}/facts/${r.field}`,
        message: tell(r.sentence, metric),
      })),
    ),
  ]);
}

/** A text as JSON; some editors put a byte order mark before it. */
export function parsedJson(text: string): Checked<{ readonly input: unknown }> {
  try {
    return { ok: true, value: { input: JSON.parse(text.replace(/^\ufeff/, '')) as unknown } };
  } catch (error) {
    return { ok: false, problems: [{ path: '', message: `This is not JSON: ${error instanceof Error ? error.message : 'it cannot be read'}.` }] };
  }
}

/** Reads and checks a job file. */
export function readJobFile(text: string): Checked<JobFile> {
  const parsed = parsedJson(text);
  return parsed.ok ? checkJobFile(parsed.value.input) : parsed;
}

type Loose = Readonly<Record<string, unknown>>;
const isObject = (value: unknown): value is Loose => typeof value === 'object' && value !== null && !Array.isArray(value);
const listOf = (value: unknown, each: (one: Loose) => Loose) => (Array.isArray(value) ? value.map((one: unknown) => (isObject(one) ? each(one) : one)) : value);

const hasText = (one: Loose, ...keys: readonly string[]) => keys.every((key) => typeof one[key] === 'string');

/** So many people of an earlier version are as many of whom nothing is said; another number is left for the check to refuse. */
const withCrew = (job: Loose): Loose => (job['people'] === 1 || job['people'] === 2 ? crewToday(job as { people: number }) : job);

/** A file of an earlier version in the shape and the names of today; what is not shaped as one is left for the check to refuse. */
function asToday(input: unknown): unknown {
  if (!isObject(input) || input['format'] !== jobFileFormat || !isObject(input['job'])) return input;
  const { rules, job, products, version } = input;
  const defect = (one: Loose): Loose =>
    hasText(one, 'kind') && Array.isArray(one['decisions']) && one['decisions'].every(isObject) && (one['choice'] === undefined || isObject(one['choice']))
      ? defectToday(one as never)
      : one;
  const product = (one: Loose): Loose => (hasText(one, 'basedOn') && isObject(one['figures']) ? productToday(one as never) : one);
  return {
    ...input,
    version: version === 1 || version === 2 ? jobFileVersion : version,
    job: { ...(version === 3 ? job : withCrew(job)), areas: listOf(job['areas'], (area) => ({ ...area, defects: listOf(area['defects'], defect) })) },
    ...(products !== undefined && { products: listOf(products, product) }),
    ...(isObject(rules) && { rules: isObject(rules['schools']) || hasText(rules, 'chase') ? rulesToday(rules as never) : rules }),
  };
}

/** Checks a job file that is already parsed. */
export function checkJobFile(input: unknown): Checked<JobFile> {
  const odd = wayward(input);
  if (odd) return { ok: false, problems: [odd] };
  const checked = check(JobFile, asToday(input));
  if (!checked.ok) return checked;
  const problems = [
    ...(checked.value.days ? daysProblems(checked.value.job, checked.value.days) : []),
    ...(checked.value.offer ? offerProblems(checked.value.job, checked.value.offer) : []),
    ...refusals(checked.value),
    ...rateProblems(checked.value.rules?.rates ?? {}).map((message) => ({ path: 'rules/rates', message })),
    ...(checked.value.rules?.hours ? hoursProblems(checked.value.rules.hours) : []).map((message) => ({ path: 'rules/hours', message })),
    ...(checked.value.products ?? []).flatMap((p, i) =>
      productProblems(p as Product).map((one) => ({ path: `products/${String(i)}/${one.path}`, message: one.why })),
    ),
  ];
  return problems.length === 0 ? checked : { ok: false, problems: fewEnough(problems) };
}

/** What goes into a file beside the job and what the firm plans by. */
export interface BesideJob {
  readonly days?: DaysSetup;
  readonly offer?: OfferSetup;
}

/** A job as a file, with what its plans, its days and its offer are made by. */
export function writeJobFile(job: Job, rules?: HouseRules, products: readonly Product[] = [], { days = {}, offer = {} }: BesideJob = {}): string {
  const [setup, offered] = [daysWithin(job, days), offerWithin(job, offer)];
  const file = {
    format: jobFileFormat,
    version: jobFileVersion,
    job,
    ...(rules && { rules }),
    ...(products.length > 0 && { products }),
    ...(Object.keys(setup).length > 0 && { days: setup }),
    ...(Object.keys(offered).length > 0 && { offer: offered }),
  };
  return `${JSON.stringify(instanceToPlain(file), null, 2)}\n`;
}
