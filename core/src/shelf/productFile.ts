import { readCsv, writeCsv } from '../quantity/csv.ts';
import { genericSystem, productFigures, productProblems, type Product, type ProductPack } from './product.ts';

/** What became of one line of a file of products. */
export interface ProductLine {
  /** counted from one; for JSON the place in the list */
  readonly line: number;
  readonly title: string;
  /** the sentences of what is wrong with it; none where it was read */
  readonly problems: readonly string[];
}

/** Products read from a file, and a report on every line. */
export interface ProductsRead {
  readonly products: readonly Omit<Product, 'id'>[];
  readonly lines: readonly ProductLine[];
}

export const productFormat = 'oddment-products';

const fixed = ['title', 'basedOn', 'sheet', 'pack', 'packUnit', 'price', 'currency', 'priceOn', 'openDays'] as const;
const numberOf = (text: string) => (text === '' ? undefined : Number(text));

function packOf(cells: ReadonlyMap<string, string>, problems: string[]): ProductPack | undefined {
  const text = (name: string) => cells.get(name) ?? '';
  const size = numberOf(text('pack'));
  if (size === undefined) return undefined;
  const unit = text('packUnit') === '' ? 'g' : text('packUnit');
  if (unit !== 'g' && unit !== 'mL') problems.push(`packUnit is '${unit}'. It must be g or mL.`);
  const amount = numberOf(text('price'));
  const openDays = numberOf(text('openDays'));
  for (const [name, value] of [
    ['pack', size],
    ['price', amount],
    ['openDays', openDays],
  ] as const)
    if (value !== undefined && !(value > 0)) problems.push(`${name} is '${text(name)}'. It must be a number above nothing.`);
  if (amount !== undefined && !/^[A-Z]{3}$/.test(text('currency'))) problems.push(`currency is '${text('currency')}'. It must be three letters, such as USD.`);
  if (amount !== undefined && !/^\d{4}-\d\d-\d\d$/.test(text('priceOn')))
    problems.push(`priceOn is '${text('priceOn')}'. It must be the date of the price, such as ${'2026-06-02'}.`);
  return {
    size,
    unit: unit === 'mL' ? 'mL' : 'g',
    ...(amount !== undefined && { price: { amount, currency: text('currency'), on: text('priceOn') } }),
    ...(openDays !== undefined && { openDays }),
  };
}

const namedProblem = (basedOn: string) => {
  const system = genericSystem(basedOn);
  return system ? [] : [`basedOn is '${basedOn}'. It must be the id of a generic system, such as polymer-mortar-2k.`];
};

function fromCsv(text: string): ProductsRead {
  const [head, ...rows] = readCsv(text);
  const names = head?.cells ?? [];
  const missing = ['title', 'basedOn', 'sheet'].filter((n) => !names.includes(n));
  if (!head || missing.length > 0)
    return {
      products: [],
      lines: [
        {
          line: head?.line ?? 1,
          title: '',
          problems: [`The heading needs ${missing.length > 0 ? missing.join(', ') : 'title, basedOn, sheet'}; then figures by their path, such as lift/floor.`],
        },
      ],
    };
  const products: Omit<Product, 'id'>[] = [];
  const lines = rows.map(({ line, cells }): ProductLine => {
    const byName = new Map(names.map((name, i) => [name, cells[i] ?? '']));
    const problems: string[] = [];
    if (cells.length > names.length) problems.push(`It has ${String(cells.length)} cells, the heading ${String(names.length)}.`);
    const [title = '', basedOn = '', sheet = ''] = ['title', 'basedOn', 'sheet'].map((n) => byName.get(n));
    if (title === '') problems.push('title is empty.');
    if (sheet === '') problems.push('sheet is empty: name the data sheet that the figures are from.');
    problems.push(...namedProblem(basedOn));
    const figures: Record<string, number> = {};
    for (const name of names.filter((n) => !fixed.some((f) => f === n))) {
      const cell = byName.get(name) ?? '';
      if (cell === '') continue;
      const value = Number(cell);
      if (Number.isFinite(value)) figures[name] = value;
      else problems.push(`${name} is '${cell}'. It must be a number in the unit of the figure.`);
    }
    const pack = packOf(byName, problems);
    const product = { title, basedOn, sheet, figures, packs: pack ? [pack] : [] };
    if (problems.length === 0) problems.push(...productProblems(product).map((p) => p.why));
    if (problems.length === 0) products.push(product);
    return { line, title, problems };
  });
  return { products, lines };
}

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> => typeof value === 'object' && value !== null && !Array.isArray(value);
const isNumbers = (value: unknown): value is Readonly<Record<string, number>> => isRecord(value) && Object.values(value).every((v) => typeof v === 'number');

function packFrom(value: unknown): ProductPack | string {
  if (!isRecord(value) || typeof value['size'] !== 'number' || (value['unit'] !== 'g' && value['unit'] !== 'mL'))
    return 'A pack needs its size and its unit, g or mL.';
  const { price, openDays } = value;
  if (
    price !== undefined &&
    !(isRecord(price) && typeof price['amount'] === 'number' && typeof price['currency'] === 'string' && typeof price['on'] === 'string')
  )
    return 'A price needs amount, currency and date.';
  const pack: ProductPack = { size: value['size'], unit: value['unit'] };
  return {
    ...pack,
    ...(isRecord(price) && { price: { amount: Number(price['amount']), currency: String(price['currency']), on: String(price['on']) } }),
    ...(typeof openDays === 'number' && { openDays }),
  };
}

function fromJson(text: string): ProductsRead {
  const fail = (why: string): ProductsRead => ({ products: [], lines: [{ line: 1, title: '', problems: [why] }] });
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch (error) {
    return fail(`This is not JSON: ${error instanceof Error ? error.message : 'it cannot be read'}.`);
  }
  const list: unknown = isRecord(input) && input['format'] === productFormat ? input['products'] : undefined;
  if (!Array.isArray(list)) return fail(`The file must say format ${productFormat}, version 1, and have a list of products.`);
  const products: Omit<Product, 'id'>[] = [];
  const lines = list.map((one: unknown, i): ProductLine => {
    const row = isRecord(one) ? one : {};
    const [title, basedOn, sheet] = ['title', 'basedOn', 'sheet'].map((key) => (typeof row[key] === 'string' ? row[key] : '')) as [string, string, string];
    const problems: string[] = [
      ...(title === '' ? ['title is missing.'] : []),
      ...(sheet === '' ? ['sheet is missing: name the data sheet that the figures are from.'] : []),
      ...namedProblem(basedOn),
    ];
    const figures = row['figures'] ?? {};
    const packs = (Array.isArray(row['packs']) ? row['packs'] : []).map(packFrom);
    if (!isNumbers(figures)) problems.push('figures must be numbers by their path.');
    problems.push(...packs.filter((p) => typeof p === 'string'));
    const product = { title, basedOn, sheet, figures: isNumbers(figures) ? figures : {}, packs: packs.filter((p) => typeof p !== 'string') };
    if (problems.length === 0) problems.push(...productProblems(product).map((p) => p.why));
    if (problems.length === 0) products.push(product);
    return { line: i + 1, title, problems };
  });
  return { products, lines };
}

/** Reads products from CSV (a heading, then a line each) or JSON: what can be read, and a report on every line. Kinetics are not taken in: their heat is computed when a product is saved. */
export function readProducts(text: string): ProductsRead {
  return text.trimStart().startsWith('{') ? fromJson(text) : fromCsv(text);
}

/** Products as JSON that `readProducts` reads. */
export function writeProducts(products: readonly Product[]): string {
  return `${JSON.stringify({ format: productFormat, version: 1, products: products.map(({ title, basedOn, sheet, figures, packs }) => ({ title, basedOn, sheet, figures, packs })) }, null, 2)}\n`;
}

/** Products as CSV that `readProducts` reads: a column for every figure that one of them gives; of packs the first. */
export function productsCsv(products: readonly Product[]): string {
  const order = products.flatMap((p) => productFigures(genericSystem(p.basedOn) ?? ({} as never)).map((f) => f.path));
  const paths = [...new Set(order)].filter((path) => products.some((p) => p.figures[path] !== undefined));
  const rows = products.map((p) => {
    const [pack] = p.packs;
    const price = pack?.price;
    return [
      p.title,
      p.basedOn,
      p.sheet,
      pack ? String(pack.size) : '',
      pack?.unit ?? '',
      price ? String(price.amount) : '',
      price?.currency ?? '',
      price?.on ?? '',
      pack?.openDays === undefined ? '' : String(pack.openDays),
      ...paths.map((path) => (p.figures[path] === undefined ? '' : String(p.figures[path]))),
    ];
  });
  return writeCsv([[...fixed, ...paths], ...rows]);
}
