import { massSum, volumeSum } from '../geometry/groove.ts';
import { cutAreas } from '../mixing/mortarBatch.ts';
import { lengthsInAll, piecesInAll, wornOut } from '../mixing/materials.ts';
import type { Figure } from '../quantity/figure.ts';
import type { CourseFigures } from './courseFigures.ts';
import type { Step, Use } from './step.ts';
import { wears, type WearId } from './wear.ts';
import type { Material, MaterialRole } from './work.ts';

interface Taken extends Omit<Material, 'amount'> {
  readonly amounts: Figure[];
}

/** The materials of a method, as its steps use them up: what is taken along is what they use. */
export class Materials {
  readonly #taken = new Map<string, Taken>();

  use(id: string, what: string, role: MaterialRole, amount: Figure, of?: string): Use {
    const known = this.#taken.get(id);
    if (known && known.what !== what) throw new Error(`'${id}' is '${known.what}' and '${what}'`);
    if (known) known.amounts.push(amount);
    else this.#taken.set(id, { id, what, role, ...(of !== undefined && { of }), amounts: [amount] });
    return { of: id, amount };
  }

  has(id: string): boolean {
    return this.#taken.has(id);
  }

  /** What a material is in the work; nothing of a mix. */
  roleOf(id: string): MaterialRole | undefined {
    return this.#taken.get(id)?.role;
  }

  /** The system or auxiliary whose product a material is. */
  productOf(id: string): string | undefined {
    return this.#taken.get(id)?.of;
  }

  /** All of them, and what the steps wear out by the time they take. */
  all(c: CourseFigures, steps: readonly Step[]): readonly Material[] {
    const used = [...this.#taken.values()].map(({ amounts, ...rest }): Material => ({ ...rest, amount: inAll(c, amounts, rest.what) }));
    const worn = (Object.keys(wears) as WearId[]).flatMap((id): Material[] => {
      const minutes = steps.filter((s) => s.handsOn?.wears.includes(id)).map((s) => s.minutes);
      const { what, life } = wears[id];
      return minutes.length === 0 ? [] : [{ id, what, role: 'wear', amount: c.ledger.compute(wornOut, { durationMin: minutes, lifeMin: c.get(life) }, what) }];
    });
    return [...used, ...worn];
  }
}

/** Several amounts of one kind added up. @throws Error where they are not of one kind, or of one that is not added up */
function inAll({ ledger }: CourseFigures, amounts: readonly Figure[], what: string): Figure {
  const [first] = amounts;
  if (!first || amounts.some((a) => a.kind !== first.kind)) throw new Error(`${what} is told in two kinds`);
  if (amounts.length === 1) return first;
  const label = `${what}, in all`;
  if (first.kind === 'volume') return ledger.compute(volumeSum, { volumeMl: amounts }, label);
  if (first.kind === 'mass') return ledger.compute(massSum, { massG: amounts }, label);
  if (first.kind === 'area') return ledger.compute(cutAreas, { areaMm2: amounts }, label);
  if (first.kind === 'length') return ledger.compute(lengthsInAll, { lengthMm: amounts }, label);
  if (first.kind === 'count') return ledger.compute(piecesInAll, { count: amounts }, label);
  throw new Error(`${what}: a ${first.kind} is not added up`);
}
