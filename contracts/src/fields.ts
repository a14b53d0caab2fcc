import 'reflect-metadata';
import { storableText } from '@oddment/core';
import { Type, type TypeHelpOptions } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsNumber,
  IsInt,
  IsISO8601,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  Min,
  ValidateBy,
  ValidateNested,
} from 'class-validator';
import { describeField, makeOptional, schemaOf, type Schema } from './schema.ts';

type Field = (target: object, key: string) => void;
type Contract = new () => object;

/** One decorator of several, and the schema that says the same. */
function field(schema: Schema | (() => Schema), decorators: readonly PropertyDecorator[], optional = false): Field {
  return (target, key) => {
    for (const decorator of decorators) decorator(target, key);
    describeField(target, key, schema, optional);
  };
}

/** The largest whole number that a version is kept in. */
const mostVersion = 2_147_483_647;

/** Text that a database can keep: no null character, no half of a surrogate pair. */
const storable = (what: string, each = false) => Matches(storableText, { each, message: `${what} holds a character that cannot be kept.` });

/** An id made by the client, so that a repeat is recognized. */
export const Id = () => field({ type: 'string', format: 'uuid' }, [IsUUID(undefined, { message: 'An id must be a UUID.' })]);

/** The version of the record that a change was made against. */
export const Version = () =>
  field({ type: 'integer', minimum: 1, maximum: mostVersion }, [
    IsInt({ message: 'The version must be a whole number.' }),
    Min(1, { message: 'Versions start at 1.' }),
    Max(mostVersion, { message: 'There is no such version.' }),
  ]);

/** Text of a stated length, with what it is in words. */
export const Text = (what: string, min: number, max: number) =>
  field({ type: 'string', minLength: min, maxLength: max, description: what }, [
    IsString({ message: `${what} must be text.` }),
    Length(min, max, { message: `${what} needs ${String(min)} to ${String(max)} characters.` }),
    storable(what),
  ]);

export const OptionalText = (what: string, max: number) =>
  field(
    { type: 'string', maxLength: max, description: what },
    [
      IsOptional(),
      IsString({ message: `${what} must be text.` }),
      Length(0, max, { message: `${what} can have ${String(max)} characters at the most.` }),
      storable(what),
    ],
    true,
  );

/** A number within its range, ends included. */
export const NumberBetween = (what: string, min: number, max: number) =>
  field({ type: 'number', minimum: min, maximum: max, description: what }, [
    IsNumber({ allowNaN: false, allowInfinity: false }, { message: `${what} must be a number.` }),
    Min(min, { message: `${what} must lie between ${String(min)} and ${String(max)}.` }),
    Max(max, { message: `${what} must lie between ${String(min)} and ${String(max)}.` }),
  ]);

/** A whole number within its range, ends included. */
export const WholeBetween = (what: string, min: number, max: number) =>
  field({ type: 'integer', minimum: min, maximum: max, description: what }, [
    IsInt({ message: `${what} must be a whole number.` }),
    Min(min, { message: `${what} must lie between ${String(min)} and ${String(max)}.` }),
    Max(max, { message: `${what} must lie between ${String(min)} and ${String(max)}.` }),
  ]);

/** Bytes as base64 text, so many at the most. */
export const Base64 = (what: string, mostBytes: number) => {
  const most = Math.ceil(mostBytes / 3) * 4;
  return field({ type: 'string', contentEncoding: 'base64', minLength: 4, maxLength: most, description: what }, [
    IsString({ message: `${what} must be base64 text.` }),
    Length(4, most, { message: `${what} is larger than ${String(mostBytes / 1_000_000)} MB.` }),
    Matches(/^[A-Za-z0-9+/]+={0,2}$/, { message: `${what} must be base64 text.` }),
  ]);
};

/** The same field, but it may be left out. */
export const Optionally =
  (of: Field): Field =>
  (target, key) => {
    IsOptional()(target, key);
    of(target, key);
    makeOptional(target, key);
  };

/** A name to sign in with. */
export const LoginName = () =>
  field({ type: 'string', minLength: 3, maxLength: 80, pattern: '^[^\\s]+$', description: 'The sign-in name' }, [
    IsString({ message: 'The sign-in name must be text.' }),
    Length(3, 80, { message: 'The sign-in name needs 3 to 80 characters.' }),
    Matches(/^[^\s]+$/, { message: 'The sign-in name has no spaces.' }),
    storable('The sign-in name'),
  ]);

/** A moment with its zone. */
export const Moment = (what: string) =>
  field({ type: 'string', format: 'date-time', description: what }, [
    IsISO8601({ strict: true }, { message: `${what} must be a date and time, such as 2026-06-02T07:00:00Z.` }),
    Matches(/(Z|[+-]\d{2}:\d{2})$/, { message: `${what} needs its time zone, such as the Z in 2026-06-02T07:00:00Z.` }),
  ]);

/** A currency by its three letters. */
export const Currency = () =>
  field({ type: 'string', pattern: '^[A-Z]{3}$', description: 'ISO 4217 code of the currency' }, [
    Matches(/^[A-Z]{3}$/, { message: 'The currency must be its three letters, such as USD or EUR.' }),
  ]);

/** A date. */
export const DateOnly = (what: string) =>
  field({ type: 'string', format: 'date', description: what }, [IsISO8601({ strict: true }, { message: `${what} must be a date, such as 2026-06-02.` })]);

/** Dates in a list, each no more than once. */
export const DateList = (what: string, most: number) =>
  field({ type: 'array', maxItems: most, uniqueItems: true, items: { type: 'string', format: 'date' }, description: what }, [
    IsArray({ message: `${what} must be a list of dates.` }),
    ArrayMaxSize(most),
    ArrayUnique({ message: `${what}: a date stands there twice.` }),
    IsISO8601({ strict: true }, { each: true, message: `${what} must be dates, such as 2026-06-02.` }),
  ]);

/** A clock time of the site. */
export const ClockTime = (what: string) =>
  field({ type: 'string', pattern: '^([01][0-9]|2[0-3]):[0-5][0-9]$', description: what }, [
    Matches(/^([01]\d|2[0-3]):[0-5]\d$/, { message: `${what} must be a clock time, such as 07:00.` }),
  ]);

/** Days of the week, Monday first. */
export const Weekdays = (what: string) =>
  field({ type: 'array', minItems: 1, maxItems: 7, uniqueItems: true, items: { type: 'integer', minimum: 1, maximum: 7 }, description: what }, [
    IsArray({ message: `${what} must be a list of numbers, Monday 1 to Sunday 7.` }),
    ArrayMinSize(1, { message: `${what}: at least one day is worked.` }),
    ArrayUnique({ message: `${what}: a day stands there twice.` }),
    IsInt({ each: true, message: `${what} must be numbers, Monday 1 to Sunday 7.` }),
    Min(1, { each: true, message: `${what} must be numbers, Monday 1 to Sunday 7.` }),
    Max(7, { each: true, message: `${what} must be numbers, Monday 1 to Sunday 7.` }),
  ]);

export const OneOf = (what: string, values: readonly (string | number)[]) =>
  field({ enum: [...values], description: what }, [IsIn([...values], { message: `${what} must be one of ${values.join(', ')}.` })]);

/** One of a set that is known when it runs. */
export const OneOfThose = (what: string, values: () => readonly string[], isOne: (value: unknown) => boolean) =>
  field(
    () => ({ enum: values(), description: what }),
    [ValidateBy({ name: 'oneOfThose', validator: { validate: isOne, defaultMessage: () => `${what} must be one of ${values().join(', ')}.` } })],
  );

export const OptionalOneOf = (what: string, values: readonly string[]) =>
  field(
    { enum: [...values], description: what },
    [IsOptional(), IsIn([...values], { message: `${what} must be one of ${values.join(', ')}, or left out.` })],
    true,
  );

export const YesOrNo = (what: string) => field({ type: 'boolean', description: what }, [IsIn([true, false], { message: `${what} must be true or false.` })]);

/** Values by name; `problems` tells what is wrong with them, one sentence each. */
export const ByName = (what: string, of: 'string' | 'number', problems: (value: Readonly<Record<string, never>>) => readonly string[]) => {
  const plain = (value: unknown): value is Readonly<Record<string, never>> =>
    typeof value === 'object' &&
    value !== null &&
    !Array.isArray(value) &&
    Object.keys(value).length <= 200 &&
    Object.values(value).every((v) => typeof v === of);
  return field({ type: 'object', additionalProperties: { type: of }, maxProperties: 200, description: what }, [
    ValidateBy({
      name: 'byName',
      validator: {
        validate: (value: unknown) => plain(value) && problems(value).length === 0,
        defaultMessage: (args) =>
          plain(args?.value) ? (problems(args.value)[0] ?? '') : `${what} must be an object of ${of === 'string' ? 'texts' : 'numbers'} by their names.`,
      },
    }),
  ]);
};

/** Yes or no. */
export const Flag = (what: string) => field({ type: 'boolean', description: what }, [IsBoolean({ message: `${what} must be true or false.` })]);

/** An object that the core knows what is wrong with; its sentence names where. */
export const ObjectSuchThat = (schema: () => Schema, problem: (value: unknown) => string | undefined) =>
  field(schema, [
    ValidateBy({
      name: 'objectSuchThat',
      validator: { validate: (value: unknown) => problem(value) === undefined, defaultMessage: (args) => problem(args?.value) ?? '' },
    }),
  ]);

/** Short texts in a list. */
export const Words = (what: string, most: number) =>
  field({ type: 'array', maxItems: most, items: { type: 'string', minLength: 1, maxLength: 60 }, description: what }, [
    IsArray({ message: `${what} must be a list.` }),
    ArrayMaxSize(most),
    IsString({ each: true }),
    Length(1, 60, { each: true }),
    storable(what, true),
  ]);

/** Another contract inside; `pick` chooses it from the object around it, `schema` describes what it may be. */
export const Nested = (missing: string, pick: (around: TypeHelpOptions | undefined) => Contract, schema: () => Schema) =>
  field(schema, [IsDefined({ message: missing }), IsObject({ message: missing }), ValidateNested(), Type(pick)]);

export const OptionalNested = (contract: () => Contract) =>
  field(() => schemaOf(contract()), [IsOptional(), IsObject({ message: 'An object is expected here, or nothing.' }), ValidateNested(), Type(contract)], true);

/** A list in a list is no object, though it validates as an empty one. */
const eachObject = (what: string) => IsObject({ each: true, message: `${what}: each must be an object with its fields.` });

/** A list of another contract. */
export const ListOf = (what: string, contract: () => Contract, most: number) =>
  field(
    () => ({ type: 'array', maxItems: most, items: schemaOf(contract()), description: what }),
    [IsArray({ message: `${what} must be a list.` }), ArrayMaxSize(most), eachObject(what), ValidateNested({ each: true }), Type(contract)],
  );

/** A list of one or more of another contract, no two of one id. */
export const SomeOf = (what: string, contract: () => Contract, most: number) => {
  const apart = (value: unknown) => !Array.isArray(value) || new Set(value.map((one: unknown) => (one as { id?: unknown } | null)?.id)).size === value.length;
  return field(
    () => ({ type: 'array', minItems: 1, maxItems: most, items: schemaOf(contract()), description: what }),
    [
      IsArray({ message: `${what} must be a list.` }),
      ArrayMinSize(1, { message: `${what} needs at least one.` }),
      ArrayMaxSize(most, { message: `${what} is ${String(most)} at most.` }),
      ValidateBy({ name: 'apart', validator: { validate: apart, defaultMessage: () => `${what}: two have the same id; each needs one of its own.` } }),
      eachObject(what),
      ValidateNested({ each: true }),
      Type(contract),
    ],
  );
};

/** Any of a set, each no more than once. */
export const AnyOf = (what: string, values: readonly string[]) =>
  field({ type: 'array', maxItems: values.length, uniqueItems: true, items: { enum: [...values] }, description: what }, [
    IsArray({ message: `${what} must be a list.` }),
    ArrayUnique({ message: `${what}: one stands twice; each may stand once.` }),
    IsIn([...values], { each: true, message: `${what} must be any of ${values.join(', ')}.` }),
  ]);

function isTimeZone(value: unknown): boolean {
  if (typeof value !== 'string' || value.length > 60) return false;
  try {
    new Intl.DateTimeFormat('en', { timeZone: value });
    return true;
  } catch {
    return false;
  }
}

/** The IANA name of a time zone. */
export const TimeZone = () =>
  field({ type: 'string', description: 'IANA name of the site’s time zone' }, [
    ValidateBy({
      name: 'timeZone',
      validator: { validate: isTimeZone, defaultMessage: () => 'The time zone must be a name such as Europe/Paris or America/Chicago.' },
    }),
  ]);
