import { areaTable, defectKinds, type Ask, type AskTable } from '@oddment/core';
import { jobFileFormat, jobFileVersion } from './jobFile.ts';
import { chaseChoices, sandChoices, unitSystems } from './job.ts';

type Schema = Readonly<Record<string, unknown>>;

const text = (minLength: number, maxLength: number): Schema => ({ type: 'string', minLength, maxLength });
const uuid: Schema = { type: 'string', format: 'uuid' };

function object(properties: Readonly<Record<string, Schema>>, optional: readonly string[] = []): Schema {
  return { type: 'object', properties, required: Object.keys(properties).filter((key) => !optional.includes(key)), additionalProperties: false };
}

function valueSchema(ask: Ask): Schema {
  switch (ask.ask) {
    case 'measure':
      return { type: 'number', minimum: ask.min, maximum: ask.max, description: `${ask.question} (${ask.kind}, base unit of the kind)` };
    case 'choice':
      return { enum: ask.options.map((o) => o.value), description: ask.question };
    case 'stations':
      return { type: 'array', minItems: 1, maxItems: 200, description: ask.question, items: object({ atMm: { type: 'number', minimum: 0 }, widthMm: { type: 'number', minimum: ask.min, maximum: ask.max }, text: text(0, 60) }, ['text']) };
  }
}

function factsSchema(table: AskTable): Schema {
  const facts = table.asks.map((ask) => [ask.field, object({ value: valueSchema(ask), how: { enum: ['entered', 'measured', 'assumed', 'log'] }, at: { type: 'string', format: 'date-time' }, text: text(0, 60) }, ['text'])] as const);
  return { type: 'object', properties: Object.fromEntries(facts), additionalProperties: false };
}

function defectSchema(kind: string, table: AskTable): Schema {
  return object(
    {
      id: uuid,
      kind: { const: kind },
      mark: text(1, 20),
      facts: factsSchema(table),
      confirmed: { type: 'array', maxItems: 20, items: text(1, 60) },
      choice: object({ system: text(1, 60), reason: text(0, 500) }, ['reason']),
      chase: { enum: chaseChoices },
      sand: { enum: sandChoices },
      decisions: { type: 'array', maxItems: 20, items: object({ stop: text(1, 60), who: text(2, 120), capacity: text(2, 120), what: text(2, 1000), on: { type: 'string' }, document: text(0, 200) }, ['document']) },
      note: text(0, 2000),
    },
    ['choice', 'chase', 'sand', 'note'],
  );
}

/** The JSON Schema of the job file, made from the tables of asks. */
export function jobFileSchema(): Schema {
  const defects = Object.entries(defectKinds).map(([kind, table]) => defectSchema(kind, table));
  const area = object({ id: uuid, name: text(1, 80), facts: factsSchema(areaTable), defects: { type: 'array', maxItems: 2000, items: defects.length === 1 ? defects[0] : { oneOf: defects } } });
  const job = object({
    id: uuid,
    site: text(1, 120),
    client: text(0, 120),
    timeZone: { type: 'string', description: 'IANA name of the site’s time zone' },
    units: { enum: unitSystems },
    startAt: { type: 'string', format: 'date-time' },
    people: { enum: [1, 2] },
    areas: { type: 'array', maxItems: 200, items: area },
  });
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Oddment job file',
    description: 'One job: site, areas and defects with their facts, choices and decisions. Lengths and widths in mm, temperatures in °C, humidity in percent.',
    ...object({ format: { const: jobFileFormat }, version: { const: jobFileVersion }, job, rules: object({ chase: { enum: ['by-traffic', ...chaseChoices] } }) }, ['rules']),
  };
}
