import 'reflect-metadata';
import { areaTable, defectKinds, factProblem, knowings, isDefectKind, tell, type Ask, type AskTable } from '@oddment/core';
import { IsOptional, ValidateBy, type ValidationArguments } from 'class-validator';
import { describeField, objectSchema, schemaOf, type Schema } from './schema.ts';

const metric = { units: 'metric', timeZone: 'UTC' } as const;

type FactsClass = new () => object;

function valueSchema(ask: Ask): Schema {
  switch (ask.ask) {
    case 'measure':
      return { type: 'number', minimum: ask.min, maximum: ask.max, description: `${ask.question} (${ask.kind}, base unit of the kind)` };
    case 'choice':
      return { enum: ask.options.map((o) => o.value), description: ask.question };
    case 'stations':
      return { type: 'array', minItems: 1, maxItems: 200, description: ask.question, items: objectSchema({ atMm: { type: 'number', minimum: 0 }, widthMm: { type: 'number', minimum: ask.min, maximum: ask.max }, text: { type: 'string', maxLength: 60 } }, ['text']) };
  }
}

function factSchema(ask: Ask): Schema {
  return objectSchema({ value: valueSchema(ask), how: { enum: knowings }, at: { type: 'string', format: 'date-time' }, text: { type: 'string', maxLength: 60 } }, ['text']);
}

function decorate(prototype: object, ask: Ask): void {
  IsOptional()(prototype, ask.field);
  ValidateBy({
    name: 'fact',
    validator: {
      validate: (value: unknown) => factProblem(ask, value) === undefined,
      defaultMessage: (args?: ValidationArguments) => tell(factProblem(ask, args?.value) ?? [], metric),
    },
  })(prototype, ask.field);
  describeField(prototype, ask.field, factSchema(ask), true);
}

/** The class of a table's facts: one optional field an ask, checked by the core; any other field is refused. */
export function factsClass(table: AskTable): FactsClass {
  class Facts {}
  for (const ask of table.asks) decorate(Facts.prototype, ask);
  return Facts;
}

export const AreaFactsBody = factsClass(areaTable);

const byKind = new Map(Object.entries(defectKinds).map(([id, table]) => [id, factsClass(table)]));

class NoFacts {}

/** The facts class of a kind of defect; one with no fields where the kind is not known. */
export function defectFactsBody(kind: unknown): FactsClass {
  return (isDefectKind(kind) ? byKind.get(kind) : undefined) ?? NoFacts;
}

/** What the facts of a defect may be, over all kinds. */
export function defectFactsSchema(): Schema {
  const all = [...byKind.values()].map((facts) => schemaOf(facts));
  const [only] = all;
  return all.length === 1 && only ? only : { anyOf: all };
}
