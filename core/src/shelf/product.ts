import type { CureKinetics } from '../cure/exotherm.ts';
import type { SafeLiftTable } from '../cure/safeLift.ts';
import type { QuantityKind } from '../quantity/kind.ts';
import type { Sourced } from '../quantity/ledger.ts';
import type { PatchSystem } from './patchSystem.ts';
import { genericShelf } from './shelf.ts';

/** What is bought at once: its content, and what it cost when. */
export interface ProductPack {
  /** in g or mL, as `unit` says */
  readonly size: number;
  readonly unit: 'g' | 'mL';
  readonly price?: { readonly amount: number; readonly currency: string; readonly on: string };
  /** days that it keeps once it is opened; absent: to its date of expiry */
  readonly openDays?: number;
}

/**
 * A product of the firm: a generic system with the figures of its own data sheet in their place. Figures are
 * by their path in the system, such as `lift/floor`, in the base unit of their kind.
 */
export interface Product {
  readonly id: string;
  readonly title: string;
  readonly basedOn: string;
  /** the sheet that the figures are from: its name and date, as it says itself */
  readonly sheet: string;
  readonly figures: Readonly<Record<string, number>>;
  readonly packs: readonly ProductPack[];
  /** of a resin whose sheet or test report gives them: its heat is then computed */
  readonly kinetics?: CureKinetics;
  /** computed once when a product with kinetics is saved */
  readonly safeLift?: SafeLiftTable;
}

/** A figure that a sheet may give, where it stands, and what the generic system takes for it. */
export interface ProductFigure {
  readonly path: string;
  readonly label: string;
  readonly kind: QuantityKind;
  /** nothing where the generic system has no such limit */
  readonly usual?: number;
}

/** What the figures of a generic system are, and what goes before them. */
export const genericWhy =
  'Generic: usual figures of this class of product. A limit that nobody here has read in its text says so. The sheet of the product that you buy goes first.';

/** Limits that a sheet may give though the generic system has none. */
const addable: readonly (readonly [path: string, kind: QuantityKind, label: string])[] = [
  ['width/min', 'depth', 'Narrowest'],
  ['width/max', 'depth', 'Widest'],
  ['depth/min', 'depth', 'Thinnest'],
  ['depth/max', 'depth', 'Thickest in all'],
  ['lift/floor', 'depth', 'Thickest lift, floor'],
  ['lift/wall', 'depth', 'Thickest lift, wall'],
  ['lift/overhead', 'depth', 'Thickest lift, overhead'],
  ['lift/most', 'count', 'Most lifts'],
  ['extent/max', 'depth', 'Largest'],
  ['slabC/min', 'temperature', 'Coldest ground'],
  ['slabC/max', 'temperature', 'Warmest ground'],
  ['dewMargin', 'temperatureDifference', 'Least margin above the dew point'],
];

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> => typeof value === 'object' && value !== null && !Array.isArray(value);
const isSourced = (value: unknown): value is Sourced => isRecord(value) && typeof value['value'] === 'number' && typeof value['kind'] === 'string';

function figuresIn(value: unknown, path: string): ProductFigure[] {
  if (isSourced(value)) return [{ path, label: value.label, kind: value.kind, usual: value.value }];
  return isRecord(value) ? Object.entries(value).flatMap(([key, part]) => figuresIn(part, path === '' ? key : `${path}/${key}`)) : [];
}

const found = new WeakMap<PatchSystem, readonly ProductFigure[]>();

/** The figures that a sheet of such a product may give: those of the generic system, and limits it has none of. */
export function productFigures(system: PatchSystem): readonly ProductFigure[] {
  const known = found.get(system);
  if (known) return known;
  // judgements of ours and laws of physics are no matter of a sheet
  const own = figuresIn(system, '').filter(
    ({ path }) => !path.startsWith('cure/') && path !== 'working/film' && path !== 'working/wettingShare' && path !== 'working/surplus',
  );
  const all = [
    ...own,
    ...addable
      .filter(([path]) => !own.some((f) => f.path === path) && (system.lift !== undefined || !path.startsWith('lift/')))
      .map(([path, kind, label]): ProductFigure => ({ path, label, kind })),
  ];
  found.set(system, all);
  return all;
}

/** The generic system of an id. */
export function genericSystem(id: string): PatchSystem | undefined {
  return genericShelf.find((s) => s.id === id);
}

/** What is wrong with one figure of a product, with the path it stands at. */
export interface ProductProblem {
  readonly path: string;
  readonly why: string;
}

/** figures this many times off the usual are taken for a slip of the unit */
const farOff = 25;

/** What a kept product gives that this version knows nothing of: it stays with it, and is said, but nothing follows it. */
export function notFollowed({ basedOn, figures }: Pick<Product, 'basedOn' | 'figures'>): readonly string[] {
  const system = genericSystem(basedOn);
  if (!system) return [`It is a copy of '${basedOn}', which this version does not know: it is kept, and not judged.`];
  const known = new Set(productFigures(system).map((f) => f.path));
  return Object.entries(figures)
    .filter(([path]) => !known.has(path))
    .map(([path, value]) => `'${path}', ${String(value)}: kept, but this version knows no such figure of ${system.title} and goes by the usual one.`);
}

/**
 * What is wrong with a product, one sentence each; none where it can be used.
 * @param kept the product as it stands: what it holds already that this version does not know stays in it untouched
 */
export function productProblems(
  { basedOn, figures, kinetics, packs }: Pick<Product, 'basedOn' | 'figures' | 'kinetics' | 'packs'>,
  kept?: Pick<Product, 'figures'>,
): readonly ProductProblem[] {
  const system = genericSystem(basedOn);
  if (!system) return [{ path: 'basedOn', why: `There is no generic system '${basedOn}' to copy.` }];
  const known = productFigures(system);
  const value = (path: string) => figures[path] ?? known.find((f) => f.path === path)?.usual;
  const problems = Object.entries(figures).flatMap(([path, given]): ProductProblem[] => {
    const at = `figures/${path}`;
    const figure = known.find((f) => f.path === path);
    if (!figure && Object.hasOwn(kept?.figures ?? {}, path) && kept?.figures[path] === given) return [];
    if (!figure) return [{ path: at, why: `'${path}' is no figure of ${system.title}. There are: ${known.map((f) => f.path).join(', ')}.` }];
    if (!Number.isFinite(given)) return [{ path: at, why: `${figure.label} must be a number.` }];
    const signed = figure.kind === 'temperature';
    if (signed ? given < -40 || given > 90 : given < 0)
      return [{ path: at, why: signed ? `${figure.label} is no temperature to work at: look at its unit.` : `${figure.label} cannot be less than nothing.` }];
    if (!signed && figure.usual !== undefined && figure.usual > 0 && given > 0 && (given / figure.usual > farOff || figure.usual / given > farOff))
      return [{ path: at, why: `${figure.label} is more than ${String(farOff)} times off the usual: look at its unit.` }];
    return [];
  });
  for (const { path } of known.filter(
    (f) => f.path.endsWith('/min') && (figures[f.path] !== undefined || figures[`${f.path.slice(0, -4)}/max`] !== undefined),
  )) {
    const [least, most] = [value(path), value(`${path.slice(0, -4)}/max`)];
    if (least !== undefined && most !== undefined && least >= most)
      problems.push({ path: `figures/${path}`, why: `${known.find((f) => f.path === path)?.label ?? path}: its least is not below its most.` });
  }
  packs.forEach((p, i) => {
    if (!(p.size > 0)) problems.push({ path: `packs/${String(i)}/size`, why: 'A pack must hold something.' });
  });
  if (
    kinetics &&
    !(
      kinetics.activationKjMol >= 20 &&
      kinetics.activationKjMol <= 150 &&
      kinetics.heatJG > 0 &&
      kinetics.heatJG <= 900 &&
      kinetics.a1PerS >= 0 &&
      kinetics.a2PerS >= 0 &&
      kinetics.a1PerS + kinetics.a2PerS > 0
    )
  )
    problems.push({
      path: 'kinetics',
      why: 'These kinetics are of no resin: an activation energy from 20 to 150 kilojoules a mole, a heat of up to 900 joules a gram, and a rate above nothing.',
    });
  return problems;
}

/** A record with one figure put at a path in it. */
export function put(system: Record<string, unknown>, path: readonly string[], figure: Sourced): Record<string, unknown> {
  const [key = '', ...rest] = path;
  const before = system[key];
  return { ...system, [key]: rest.length === 0 ? figure : put(isRecord(before) ? before : {}, rest, figure) };
}

/**
 * A product as a system of the shelf: the generic one with the sheet's figures in place of its own.
 * @throws Error where it is based on no generic system
 */
export function systemOf({ id, title, basedOn, figures, safeLift }: Product): PatchSystem {
  const generic = genericSystem(basedOn);
  if (!generic) throw new Error(`no generic system ${basedOn}`);
  const known = productFigures(generic);
  const given = Object.entries(figures).flatMap(([path, value]) => {
    const figure = known.find((f) => f.path === path);
    return figure ? [[path, { value, kind: figure.kind, source: 'product-sheet', label: figure.label } satisfies Sourced] as const] : [];
  });
  const made = given.reduce<Record<string, unknown>>((system, [path, figure]) => put(system, path.split('/'), figure), { ...generic });
  return { ...(made as unknown as PatchSystem), id, title, basedOn, ...(safeLift && { safeLift }) };
}

const shelves = new WeakMap<readonly Product[], readonly PatchSystem[]>();

/** The firm's shelf: its own products first, then the generic systems. The same products give the same shelf. */
export function firmShelf(products: readonly Product[]): readonly PatchSystem[] {
  if (products.length === 0) return genericShelf;
  const known = shelves.get(products);
  if (known) return known;
  const made = [...products.filter((p) => genericSystem(p.basedOn)).map(systemOf), ...genericShelf];
  shelves.set(products, made);
  return made;
}
