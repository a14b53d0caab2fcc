import 'reflect-metadata';
import { plainToInstance } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';

/** Something wrong with input: where, and what would be right. */
export interface Problem {
  /** such as `areas/0/facts/airC` */
  readonly path: string;
  readonly message: string;
}

export type Checked<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly Problem[] };

function words(constraint: string, message: string, property: string): string {
  return constraint === 'whitelistValidation' ? `There is no field '${property}' here.` : message;
}

function flatten(errors: readonly ValidationError[], above: string): Problem[] {
  return errors.flatMap((error) => {
    const path = above === '' ? error.property : `${above}/${error.property}`;
    const own = Object.entries(error.constraints ?? {}).map(([constraint, message]) => ({ path, message: words(constraint, message, error.property) }));
    return [...own, ...flatten(error.children ?? [], path)];
  });
}

/**
 * Checks plain input against a contract class: types, ranges and unknown fields.
 * @returns the input as an instance, or every problem with its path
 */
export function check<T extends object>(contract: new () => T, input: unknown): Checked<T> {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) {
    return { ok: false, problems: [{ path: '', message: 'A JSON object is expected here.' }] };
  }
  const value = plainToInstance(contract, input);
  const errors = validateSync(value, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true });
  return errors.length === 0 ? { ok: true, value } : { ok: false, problems: flatten(errors, '') };
}
