import type { ProductFields, ProductFileReport, ProductRecord, StockFields } from '@oddment/contracts';
import { productProblems, readProducts, type Product, type StockPack } from '@oddment/core';
import { createHash, randomUUID } from 'node:crypto';
import { HttpProblem } from '../problem.ts';
import type { SignedIn } from '../store/accountStore.ts';
import type { Database } from '../store/database.ts';
import type { Scope } from '../store/jobStore.ts';
import { listProducts } from '../store/shelfStore.ts';
import { changeRecord, createRecord } from './recordService.ts';

/**
 * What is kept of a product.
 * @throws HttpProblem 422 where a figure cannot be, or its heat was not computed
 */
export function productValues(b: ProductFields, { account }: Pick<SignedIn, 'account'>, at: string, kept?: Pick<Product, 'figures'>) {
  const { title, basedOn, sheet, figures, packs, kinetics, safeLift } = b;
  const product: Omit<Product, 'id'> = {
    title,
    basedOn,
    sheet,
    figures: { ...figures },
    packs: packs.map(({ size, unit, price, openDays }) => ({ size, unit, ...(price && { price: { ...price } }), ...(openDays !== undefined && { openDays }) })),
    ...(kinetics && { kinetics: { ...kinetics } }),
    ...(safeLift && { safeLift: { limitC: safeLift.limitC, mostMm: safeLift.mostMm, rows: safeLift.rows.map((r) => ({ ...r })) } }),
  };
  const problems = productProblems(product, kept).map((p) => ({ path: p.path, message: p.why }));
  if ((kinetics === undefined) !== (safeLift === undefined))
    problems.push({
      path: 'safeLift',
      message: kinetics
        ? 'Its safe lifts are missing: they are computed from the kinetics before it is saved.'
        : 'Safe lifts without kinetics rest on nothing.',
    });
  if (safeLift?.rows.some((r, i) => i > 0 && ((safeLift.rows[i - 1]?.ambientC ?? 0) >= r.ambientC || (safeLift.rows[i - 1]?.liftMm ?? 0) < r.liftMm)) === true)
    problems.push({ path: 'safeLift/rows', message: 'The safe lifts must go from cold to warm, and get no thicker.' });
  if (problems.length > 0) throw new HttpProblem(422, problems[0]?.message ?? '', { problems });
  return { product, by: account.name, changedAt: at };
}

export function stockValues(b: StockFields) {
  const { of, lot = '', count, openedOn, expiresOn, place } = b;
  const pack: Omit<StockPack, 'id'> = {
    of,
    lot,
    count,
    ...(openedOn !== undefined && { openedOn }),
    ...(expiresOn !== undefined && { expiresOn }),
    ...(place !== undefined && place !== '' && { place }),
  };
  return { pack };
}

/** An id of its own for each line of a file, the same when the file is sent again. */
function lineChange(change: string, line: number): string {
  const hex = createHash('sha256')
    .update(`${change} ${String(line)}`)
    .digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

/** Takes products in from a file: one of the same name and system is changed, any other is made. All that could be read, or nothing. */
export async function importProducts(
  db: Database,
  who: SignedIn,
  scope: Scope,
  { change, text }: { change: string; text: string },
): Promise<ProductFileReport> {
  const { products, lines } = readProducts(text);
  const count = { made: 0, changed: 0 };
  const nameOf = ({ title, basedOn }: { title: string; basedOn: string }) => `${basedOn} ${title}`;
  await db.transaction(async (tx) => {
    // read once, and kept along: a file has thousands of lines
    const known = new Map((await listProducts(tx, scope.firmId)).map((p) => [nameOf(p), p]));
    for (const [i, product] of products.entries()) {
      const there = known.get(nameOf(product));
      // figures of a file say nothing of the heat: what was computed from kinetics stays
      const values = productValues(
        { ...product, ...(there?.kinetics && { kinetics: there.kinetics, safeLift: there.safeLift }) } as ProductFields,
        who,
        scope.at,
        there,
      );
      const made = { change: lineChange(change, i) };
      const { record } = there
        ? await changeRecord(tx, scope, 'product', there.id, { ...made, version: there.version }, 'change', values)
        : await createRecord(tx, scope, 'product', { ...made, id: randomUUID() }, values);
      known.set(nameOf(product), record as ProductRecord);
      count[there ? 'changed' : 'made'] += 1;
    }
  });
  return { ...count, lines };
}
