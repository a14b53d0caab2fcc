import type { SourceId } from '../sources/register.ts';
import type { QuantityKind } from './kind.ts';
import { atLeast, atMost, round12 } from './round.ts';

/** One input of a formula: its kind, its range in the base unit of that kind, and whether it is a list. */
export interface InputSpec {
  readonly kind: QuantityKind;
  /** further kinds of the same unit that it takes, such as the thickness of a layer where a run is asked */
  readonly also?: readonly QuantityKind[];
  readonly label: string;
  readonly min: number;
  readonly max: number;
  readonly list?: true;
  /** what it commonly is, for a look before anything is typed; a plan never takes it */
  readonly usual?: number | readonly number[];
  /** values that have a name of their own */
  readonly named?: readonly { readonly label: string; readonly value: number }[];
}

export type InputSpecs = Readonly<Record<string, InputSpec>>;

export type InputValues<S extends InputSpecs> = {
  readonly [K in keyof S]: S[K] extends { list: true } ? readonly number[] : number;
};

/** A registered formula: the working, the calculator of the command line and the quick figure at once. */
export interface Formula<S extends InputSpecs = InputSpecs, O extends QuantityKind = QuantityKind> {
  /** a short name in kebab-case, unique in the registry */
  readonly name: string;
  /** what comes out, in words */
  readonly title: string;
  /** the formula in words, without figures */
  readonly words: string;
  readonly inputs: S;
  readonly output: O;
  readonly source: SourceId;
  /** the input that explains most when it is drawn against the answer */
  readonly against?: keyof S & string;
  /** what is wrong with inputs that are each in range but do not go together, as a sentence */
  readonly together?: (values: InputValues<S>) => { readonly input: keyof S & string; readonly why: string } | undefined;
  /** values in the base units of their kinds, in and out */
  readonly compute: (values: InputValues<S>) => number;
}

/** Thrown where a formula cannot take what it is given; `input` names what to put right. */
export abstract class NotComputable extends Error {
  readonly formula: string;
  readonly input: string;

  constructor(formula: string, input: string, message: string) {
    super(`${formula}: ${message}`);
    this.formula = formula;
    this.input = input;
  }
}

/** An input outside its range. */
export class OutOfRange extends NotComputable {
  readonly spec: InputSpec;
  readonly given: number;

  constructor(formula: string, input: string, spec: InputSpec, given: number) {
    super(formula, input, `${spec.label} is ${String(given)}, it must lie between ${String(spec.min)} and ${String(spec.max)}`);
    this.spec = spec;
    this.given = given;
  }
}

/** Inputs that are each in range but do not go together; `why` is the sentence for people. */
export class DoNotGoTogether extends NotComputable {
  readonly why: string;

  constructor(formula: string, input: string, why: string) {
    super(formula, input, why);
    this.why = why;
  }
}

/**
 * Declares a formula; the input names carry the unit (`depthMm`).
 *
 * @example
 * formula({ title: 'Strip', name: 'strip-area', words: 'length times width', inputs: { … }, output: 'area', source: 'geometry', compute });
 */
export function formula<const S extends InputSpecs, const O extends QuantityKind>(definition: Formula<S, O>): Formula<S, O> {
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
 * @throws DoNotGoTogether where each input is in range but they contradict one another
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
  const wrong = f.together?.(values);
  if (wrong) throw new DoNotGoTogether(f.name, wrong.input, wrong.why);
  return round12(f.compute(values));
}

/** The refusal of two lists that belong together and are not equally long; for `together`. */
export function unequal<A extends string>(
  input: A,
  one: readonly number[],
  other: readonly number[],
  why: string,
): { readonly input: A; readonly why: string } | undefined {
  return one.length === other.length ? undefined : { input, why };
}
