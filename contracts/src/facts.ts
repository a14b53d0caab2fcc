import 'reflect-metadata';
import {
  areaTable,
  defectKinds,
  factProblem,
  knowings,
  isDefectKind,
  kindOf,
  mayBeUsual,
  tappingLimits,
  tell,
  usualProblem,
  type Ask,
  type AskTable,
  type Kind,
} from '@oddment/core';
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
      return {
        type: 'array',
        minItems: 1,
        maxItems: 200,
        description: ask.question,
        items: objectSchema(
          { atMm: { type: 'number', minimum: 0 }, widthMm: { type: 'number', minimum: ask.min, maximum: ask.max }, text: { type: 'string', maxLength: 60 } },
          ['text'],
        ),
      };
    case 'outline':
      return {
        description: `${ask.question} (mm, across and down)`,
        anyOf: [
          objectSchema({ points: { type: 'array', minItems: 3, maxItems: 60, items: objectSchema({ xMm: { type: 'number' }, yMm: { type: 'number' } }) } }),
          objectSchema({ shape: shapeSchema(ask.min, ask.max) }),
        ],
      };
    case 'depth-grid': {
      const places = { type: 'array', minItems: 2, maxItems: 30, items: { type: 'number', minimum: 0 } };
      return {
        description: `${ask.question} (mm; one row of depths for each place down)`,
        ...objectSchema({
          xMm: places,
          yMm: places,
          depthMm: { type: 'array', items: { type: 'array', items: { type: 'number', minimum: 0, maximum: ask.max } } },
        }),
      };
    }
    case 'tapping': {
      const { side, cellMinMm, cellMaxMm } = tappingLimits;
      return {
        description: `${ask.question} (h hollow, s sound, . not tapped)`,
        ...objectSchema({
          cellMm: { type: 'number', minimum: cellMinMm, maximum: cellMaxMm },
          rows: { type: 'array', minItems: 1, maxItems: side, items: { type: 'string', pattern: `^[hs.]{1,${String(side)}}$` } },
        }),
      };
    }
    case 'text':
      return { type: 'string', maxLength: ask.most, description: ask.question };
  }
}

function shapeSchema(min: number, max: number): Schema {
  const side = { type: 'number', minimum: min, maximum: max };
  return {
    anyOf: [
      objectSchema({ is: { enum: ['rectangle', 'ellipse', 'triangle'] }, widthMm: side, heightMm: side }),
      objectSchema({ is: { enum: ['l-shape'] }, widthMm: side, heightMm: side, armWidthMm: side, armHeightMm: side }),
    ],
  };
}

function factSchema(ask: Ask): Schema {
  return objectSchema(
    {
      value: valueSchema(ask),
      how: { enum: knowings },
      at: { type: 'string', format: 'date-time' },
      text: { type: 'string', maxLength: 60 },
      instrument: { type: 'string', maxLength: 60, description: 'what read it, where it came over a line' },
      asIn: { type: 'string', maxLength: 60, description: 'mark of the repair whose answer it is, where it was carried over' },
      usualIn: { type: 'string', maxLength: 60, description: 'name of the area whose usual answer it was when a plan was issued on it' },
    },
    ['text', 'instrument', 'asIn', 'usualIn'],
  );
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

// made when a kind is first met: which kinds there are is known when it runs
const byKind = new WeakMap<Kind, FactsClass>();

function classOf(kind: Kind): FactsClass {
  const made = byKind.get(kind) ?? factsClass(kind);
  byKind.set(kind, made);
  return made;
}

class NoFacts {}

/** The facts class of a kind of defect; one with no fields where the kind is not known. */
export function defectFactsBody(kind: unknown): FactsClass {
  return isDefectKind(kind) ? classOf(kindOf(kind)) : NoFacts;
}

/** What the usual answers of an area may be: of each kind the questions that may have one. */
export function usualSchema(): Schema {
  const properties = defectKinds().map((kind) => {
    const asks = kind.asks.filter(mayBeUsual);
    return [
      kind.id,
      objectSchema(
        Object.fromEntries(asks.map((ask) => [ask.field, factSchema(ask)])),
        asks.map((ask) => ask.field),
      ),
    ] as const;
  });
  return {
    ...objectSchema(
      Object.fromEntries(properties),
      properties.map(([id]) => id),
    ),
    description: 'What is answered the same for most defects of a kind in this area, by the kind; a defect that says otherwise says so itself.',
  };
}

/** What is wrong with the usual answers of an area, in words; nothing where they can be. */
export function usualWrong(value: unknown): string | undefined {
  const problem = usualProblem(value);
  return problem && tell(problem.sentence, metric);
}

/** What the facts of a defect may be, over all kinds. */
export function defectFactsSchema(): Schema {
  return { anyOf: defectKinds().map((kind) => ({ title: kind.title, ...schemaOf(classOf(kind)) })) };
}
