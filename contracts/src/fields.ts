import 'reflect-metadata';
import { IsIn, IsInt, IsISO8601, IsOptional, IsString, IsUUID, Length, Matches, Min, ValidateBy } from 'class-validator';

type Field = (target: object, key: string) => void;

function all(...decorators: readonly PropertyDecorator[]): Field {
  return (target, key) => {
    for (const decorator of decorators) decorator(target, key);
  };
}

/** An id made by the client, so that a repeat is recognized. */
export const Id = () => all(IsUUID(undefined, { message: 'An id must be a UUID.' }));

/** The version of the record that a change was made against. */
export const Version = () => all(IsInt({ message: 'The version must be a whole number.' }), Min(1, { message: 'Versions start at 1.' }));

/** Text of a stated length, with what it is in words. */
export const Text = (what: string, min: number, max: number) =>
  all(IsString({ message: `${what} must be text.` }), Length(min, max, { message: `${what} needs ${String(min)} to ${String(max)} characters.` }));

export const OptionalText = (what: string, max: number) => all(IsOptional(), IsString({ message: `${what} must be text.` }), Length(0, max, { message: `${what} can have ${String(max)} characters at the most.` }));

/** A moment with its zone. */
export const Moment = (what: string) =>
  all(
    IsISO8601({ strict: true }, { message: `${what} must be a date and time, such as 2026-06-02T07:00:00Z.` }),
    Matches(/(Z|[+-]\d{2}:\d{2})$/, { message: `${what} needs its time zone, such as the Z in 2026-06-02T07:00:00Z.` }),
  );

export const OneOf = (what: string, values: readonly (string | number)[]) => all(IsIn([...values], { message: `${what} must be one of ${values.join(', ')}.` }));

export const OptionalOneOf = (what: string, values: readonly string[]) => all(IsOptional(), IsIn([...values], { message: `${what} must be one of ${values.join(', ')}, or left out.` }));

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
export const TimeZone = () => all(ValidateBy({ name: 'timeZone', validator: { validate: isTimeZone, defaultMessage: () => 'The time zone must be a name such as Europe/Paris or America/Chicago.' } }));
