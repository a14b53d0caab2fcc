import 'reflect-metadata';
import { senseArea, senseDefect, tell, type Job } from '@oddment/core';
import { instanceToPlain } from 'class-transformer';
import { check, type Checked, type Problem } from './check.ts';
import { Id, ListOf, Nested, OneOf, OptionalNested } from './fields.ts';
import { schemaOf, withSharedParts, type Schema } from './schema.ts';
import { AreaFields, chaseChoices, DefectFields, JobFields } from './job.ts';
import type { ChaseChoice } from '@oddment/core';

export const jobFileFormat = 'oddment-job';
export const jobFileVersion = 1;

export class DefectInFile extends DefectFields {
  @Id() id!: string;
}
export class AreaInFile extends AreaFields {
  @Id() id!: string;
  @ListOf('The defects', () => DefectInFile, 2000) defects!: DefectInFile[];
}
export class JobInFile extends JobFields {
  @Id() id!: string;
  @ListOf('The areas', () => AreaInFile, 200) areas!: AreaInFile[];
}
export class RulesInFile {
  @OneOf('The chase', ['by-traffic', ...chaseChoices]) chase!: 'by-traffic' | ChaseChoice;
}
/** A whole job in an open format: JSON, with a version and a published schema. */
export class JobFile {
  @OneOf('The format', [jobFileFormat]) format!: string;
  @OneOf('The version', [jobFileVersion]) version!: number;
  @Nested('The job is missing.', () => JobInFile, () => schemaOf(JobInFile)) job!: JobInFile;
  @OptionalNested(() => RulesInFile) rules?: RulesInFile;
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
      senseDefect(defect.kind, defect.facts).refused.map((r) => ({ path: `job/areas/${String(a)}/defects/${String(d)}/facts/${r.field}`, message: tell(r.sentence, metric) })),
    ),
  ]);
}

/** Reads a job file from its text. */
export function readJobFile(text: string): Checked<JobFile> {
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch (error) {
    return { ok: false, problems: [{ path: '', message: `This is not JSON: ${error instanceof Error ? error.message : 'it cannot be read'}.` }] };
  }
  return checkJobFile(input);
}

/** Checks a job file that is already parsed. */
export function checkJobFile(input: unknown): Checked<JobFile> {
  const checked = check(JobFile, input);
  if (!checked.ok) return checked;
  const problems = refusals(checked.value);
  return problems.length === 0 ? checked : { ok: false, problems };
}

/** A job as a file; `pretty` with line breaks. */
export function writeJobFile(job: Job, rules?: { chase: 'by-traffic' | ChaseChoice }): string {
  return `${JSON.stringify(instanceToPlain({ format: jobFileFormat, version: jobFileVersion, job, ...(rules && { rules }) }), null, 2)}\n`;
}
