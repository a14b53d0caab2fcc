import { evaluate, NotComputable, type Formula, type InputSpec } from '../quantity/formula.ts';
import type { QuantityKind } from '../quantity/kind.ts';

/** Values of a formula's inputs in base units, by name. */
export type Inputs = Readonly<Record<string, number | readonly number[]>>;

/** A formula drawn against one of its inputs, in base units; a gap where it refuses. */
export interface Sweep {
  readonly against: string;
  readonly points: readonly { readonly x: number; readonly y: number | undefined }[];
  readonly here: number;
}

/** What a kind is looked at around a value: so far to either side of it, or as often as it is. */
const reach: Partial<Record<QuantityKind, (here: number) => readonly [number, number]>> = {
  temperature: (t) => [t - 20, t + 20],
  percent: () => [0, 100],
  angle: () => [0, 90],
};

function range(spec: InputSpec, here: number): readonly [number, number] {
  const [from, to] = reach[spec.kind]?.(here) ?? [here / 5, here * 3];
  const [low, high] = [Math.max(spec.min, Math.min(from, to)), Math.min(spec.max, Math.max(from, to))];
  return low < high ? [low, high] : [spec.min, Math.min(spec.max, spec.min + Math.max(1, Math.abs(spec.min)))];
}

const steps = 60;

/** A formula over a range around the value of one of its inputs, the others as given. */
export function sweep(f: Formula, inputs: Inputs, against: string): Sweep | undefined {
  const spec = f.inputs[against];
  const here = inputs[against];
  if (!spec || spec.list || typeof here !== 'number') return undefined;
  const [from, to] = range(spec, here);
  const whole = spec.kind === 'count';
  const at = (x: number) => {
    try {
      return evaluate(f, { ...inputs, [against]: x } as never);
    } catch (error) {
      if (error instanceof NotComputable) return undefined;
      throw error;
    }
  };
  const xs = [...new Set(Array.from({ length: steps + 1 }, (_v, i) => from + ((to - from) * i) / steps).map((x) => (whole ? Math.round(x) : x)))];
  return { against, here, points: xs.map((x) => ({ x, y: at(x) })) };
}
