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

/** nothing that is exchanged lies deeper, by far */
const deepest = 40;
/** more are read by nobody: the first say what is the matter */
const mostTold = 100;

/**
 * What no input may be, whatever it is for: nested without end, or with fields named like what every object has. Found
 * without recursion, so that it can be asked of anything.
 */
export function wayward(input: unknown): Problem | undefined {
  const left: { readonly value: unknown; readonly path: string; readonly depth: number }[] = [{ value: input, path: '', depth: 0 }];
  for (let at = left.pop(); at; at = left.pop()) {
    const { value, path, depth } = at;
    if (typeof value !== 'object' || value === null) continue;
    if (depth > deepest)
      return { path: path.split('/').slice(0, 6).join('/'), message: `It is nested deeper than ${String(deepest)} levels. Nothing here is.` };
    for (const [key, part] of Object.entries(value)) {
      const own = path === '' ? key : `${path}/${key}`;
      if (key in Object.prototype) return { path: own, message: `There is no field '${key}' here.` };
      left.push({ value: part, path: own, depth: depth + 1 });
    }
  }
  return undefined;
}

/** The first problems, and how many more there are. */
export function fewEnough(problems: readonly Problem[]): readonly Problem[] {
  if (problems.length <= mostTold) return problems;
  return [...problems.slice(0, mostTold), { path: '', message: `There are ${String(problems.length - mostTold)} more. Put these right first.` }];
}

/**
 * Checks plain input against a contract class: types, ranges and unknown fields.
 * @returns the input as an instance, or every problem with its path
 */
export function check<T extends object>(contract: new () => T, input: unknown): Checked<T> {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) {
    return { ok: false, problems: [{ path: '', message: 'A JSON object is expected here.' }] };
  }
  const odd = wayward(input);
  if (odd) return { ok: false, problems: [odd] };
  const value = plainToInstance(contract, input);
  const errors = validateSync(value, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true });
  return errors.length === 0 ? { ok: true, value } : { ok: false, problems: fewEnough(flatten(errors, '')) };
}
