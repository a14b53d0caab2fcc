import type { SourceId } from '../sources/register.ts';
import type { QuantityKind } from './kind.ts';
import { atLeast, atMost, round12 } from './round.ts';

/** One input of a formula: its kind, its range in the base unit of that kind, and whether it is a list. */
export interface InputSpec {
  readonly kind: QuantityKind;
  readonly label: string;
  readonly min: number;
  readonly max: number;
  readonly list?: true;
}

export type InputSpecs = Readonly<Record<string, InputSpec>>;

export type InputValues<S extends InputSpecs> = {
  readonly [K in keyof S]: S[K] extends { list: true } ? readonly number[] : number;
};

/** A registered formula: the working, the calculator of the command line and the quick figure at once. */
export interface Formula<S extends InputSpecs = InputSpecs> {
  /** a short name in kebab-case, unique in the registry */
  readonly name: string;
  /** what comes out, in words */
  readonly title: string;
  /** the formula in words, without figures */
  readonly words: string;
  readonly inputs: S;
  readonly output: QuantityKind;
  readonly source: SourceId;
  /** values in the base units of their kinds, in and out */
  readonly compute: (values: InputValues<S>) => number;
}

/** Thrown where a formula is given something outside its range; `input` names it. */
export class OutOfRange extends Error {
  readonly formula: string;
  readonly input: string;
  readonly spec: InputSpec;
  readonly given: number;

  constructor(formula: string, input: string, spec: InputSpec, given: number) {
    super(`${formula}: ${spec.label} is ${String(given)}, it must lie between ${String(spec.min)} and ${String(spec.max)}`);
    this.formula = formula;
    this.input = input;
    this.spec = spec;
    this.given = given;
  }
}

/** Declares a formula; the input names carry the unit (`depthMm`). */
export function formula<const S extends InputSpecs>(definition: Formula<S>): Formula<S> {
  return definition;
}

function checkOne(formulaName: string, name: string, spec: InputSpec, value: number): void {
  if (!Number.isFinite(value) || !atLeast(value, spec.min) || !atMost(value, spec.max)) {
    throw new OutOfRange(formulaName, name, spec, value);
  }
}

/**
 * Runs a formula on plain numbers in base units.
 * @throws OutOfRange where an input is missing, not a number, or outside the formula's range
 */
export function evaluate<S extends InputSpecs>(f: Formula<S>, values: InputValues<S>): number {
  const given = values as Readonly<Record<string, number | readonly number[] | undefined>>;
  for (const name in f.inputs) {
    const spec = f.inputs[name];
    if (!spec) continue;
    const value = given[name];
    if (typeof value === 'number') checkOne(f.name, name, spec, value);
    else if (value === undefined || value.length === 0) throw new OutOfRange(f.name, name, spec, Number.NaN);
    else for (const each of value) checkOne(f.name, name, spec, each);
  }
  return round12(f.compute(values));
}
