import { packsCost, packsCostByWeight, priceTogether } from '../mixing/price.ts';
import { massSum, volumeSum } from '../geometry/groove.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Product } from '../shelf/product.ts';
import type { PlannedWork } from './plannedWork.ts';

/** What a repair costs: labor at the rate of the firm and, where its products have a price, whole packs of material. */
export interface Price {
  readonly total: Figure;
  readonly currency: string;
  readonly parts: readonly Quantity[];
  /** what is not in it, and why */
  readonly without?: string;
  /** what is mixed of which no product has a price */
  readonly unpriced: readonly string[];
}

/** What is said in short beside a price in which not all material is. */
export const partlyPriced = 'not all material in it';

/** What a product is needed of in all: over the mixes that it is mixed for and what it is used up in besides. */
function neededOf(ledger: Ledger, { mixes, method: { materials } }: PlannedWork, { id, title }: Product, unit: 'mL' | 'g'): Figure | undefined {
  const kind = unit === 'mL' ? 'volume' : 'mass';
  // a powder is bought by its own weight, a mix by what is mixed of it
  const mixed = mixes
    .filter((m) => m.of === id)
    .flatMap((m) => (unit === 'mL' ? [m.total] : m.parts.map((p) => p.amount)).filter((f) => f.kind === kind).slice(0, 1));
  const used = materials.filter((m) => m.of === id && m.amount.kind === kind).map((m) => m.amount);
  const [first, ...more] = [...mixed, ...used];
  if (!first || more.length === 0) return first;
  return unit === 'mL'
    ? ledger.compute(volumeSum, { volumeMl: [first, ...more] }, `${title}, in all`)
    : ledger.compute(massSum, { massG: [first, ...more] }, `${title}, in all`);
}

/** What a work needs of a product that a pack with a price is bought of. */
export interface PackNeed {
  readonly product: Product;
  readonly needed: Figure;
  /** content of a pack, in the base unit of what is needed, and what one costs */
  readonly pack: { readonly size: number; readonly amount: number; readonly on: string };
}

/** What a work needs of the firm's products, of each that is used here and has a pack with a price in that currency. */
export function packNeeds(ledger: Ledger, work: PlannedWork, products: readonly Product[], currency: string): readonly PackNeed[] {
  return products.flatMap((product): PackNeed[] => {
    const pack = product.packs.find((p) => p.price?.currency === currency);
    const needed = pack && neededOf(ledger, work, product, pack.unit);
    return pack?.price && needed ? [{ product, needed, pack: { size: pack.size, amount: pack.price.amount, on: pack.price.on } }] : [];
  });
}

/** Whole packs for one work. */
function packsOf(ledger: Ledger, { product, needed, pack }: PackNeed, currency: string): Figure {
  const { amount, on, size } = pack;
  const price = ledger.given('Price of a pack', 'money', amount, 'entered', on);
  const label = `${product.title}, ${currency}`;
  return needed.kind === 'volume'
    ? ledger.compute(packsCost, { neededMl: needed, packMl: ledger.given('Content of a pack', 'volume', size, 'entered', on), price }, label)
    : ledger.compute(packsCostByWeight, { neededG: needed, packG: ledger.given('Content of a pack', 'mass', size, 'entered', on), price }, label);
}

/** The price of a work; nothing where the firm has set no rate of labor. */
export function priceOf(ledger: Ledger, work: PlannedWork, products: readonly Product[]): Price | undefined {
  const { labor } = work;
  if (!labor) return undefined;
  const packs = packNeeds(ledger, work, products, labor.currency).map((need) => {
    const { product: p } = need;
    return { id: `material-${p.id}`, of: p.id, label: `${p.title}, whole packs`, figure: packsOf(ledger, need, labor.currency) };
  });
  const parts: Quantity[] = [{ id: 'labor', label: 'Labor', figure: labor.cost }, ...packs.map(({ of: _of, ...part }) => part)];
  const unpriced = [...new Set(work.mixes.filter((m) => !packs.some((p) => p.of === m.of)).map((m) => m.title.toLowerCase()))];
  const without =
    packs.length === 0
      ? 'Material is not in it: no product of the shelf that is used here has a price in this currency.'
      : unpriced.length > 0
        ? `Not in it, for want of a price on the shelf: ${unpriced.join(', ')}.`
        : undefined;
  return {
    currency: labor.currency,
    total: ledger.compute(priceTogether, { part: parts.map((p) => p.figure) }, `Price, ${labor.currency}`),
    parts,
    unpriced,
    ...(without !== undefined && { without }),
  };
}
