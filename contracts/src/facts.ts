import 'reflect-metadata';
import { areaTable, defectKinds, factProblem, isDefectKind, tell, type Ask, type AskTable } from '@oddment/core';
import { IsOptional, ValidateBy, type ValidationArguments } from 'class-validator';

const metric = { units: 'metric', timeZone: 'UTC' } as const;

type FactsClass = new () => object;

function decorate(prototype: object, ask: Ask): void {
  IsOptional()(prototype, ask.field);
  ValidateBy({
    name: 'fact',
    validator: {
      validate: (value: unknown) => factProblem(ask, value) === undefined,
      defaultMessage: (args?: ValidationArguments) => tell(factProblem(ask, args?.value) ?? [], metric),
    },
  })(prototype, ask.field);
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
