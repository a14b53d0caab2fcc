import 'reflect-metadata';
import { genericShelf, type Product, type ProductLine, type StockPack } from '@oddment/core';
import { ByName, Currency, DateOnly, Id, ListOf, NumberBetween, OneOf, OneOfThose, Optionally, OptionalNested, OptionalText, Text, Version } from './fields.ts';

const isGeneric = (value: unknown) => genericShelf.some((s) => s.id === value);
const small = (values: Readonly<Record<string, never>>) => (Object.keys(values).length <= 80 ? [] : ['A product has 80 figures at the most.']);

export class PriceBody {
  @NumberBetween('The price', 0.01, 1_000_000) amount!: number;
  @Currency() currency!: string;
  @DateOnly('The date of the price') on!: string;
}

export class PackBody {
  @NumberBetween('The content of a pack', 0.1, 10_000_000) size!: number;
  @OneOf('The unit of a pack', ['g', 'mL']) unit!: 'g' | 'mL';
  @OptionalNested(() => PriceBody) price?: PriceBody;
  @Optionally(NumberBetween('The days it keeps open', 1, 3650)) openDays?: number;
}

/** Rates of cure by Kamal and Sourour, as a sheet or a test report gives them. */
export class KineticsBody {
  @NumberBetween('The first rate', 0, 1e15) a1PerS!: number;
  @NumberBetween('The second rate', 0, 1e15) a2PerS!: number;
  @NumberBetween('The activation energy', 20, 150) activationKjMol!: number;
  @NumberBetween('The heat of cure', 1, 900) heatJG!: number;
}

export class SafeLiftRowBody {
  @NumberBetween('The temperature', -10, 60) ambientC!: number;
  @NumberBetween('The thickness', 0, 200) liftMm!: number;
}

/** Thickest safe lifts of a product, computed from its kinetics when it is saved. */
export class SafeLiftBody {
  @NumberBetween('The limit', 30, 140) limitC!: number;
  @NumberBetween('The thickest looked at', 1, 200) mostMm!: number;
  @ListOf('The rows', () => SafeLiftRowBody, 20) rows!: SafeLiftRowBody[];
}

/** The fields of a product that a person sets. */
export class ProductFields {
  @Text('The name of the product', 1, 120) title!: string;
  @OneOfThose('The generic system', () => genericShelf.map((s) => s.id), isGeneric) basedOn!: string;
  @Text('The data sheet', 1, 200) sheet!: string;
  @ByName('The figures', 'number', small) figures!: Record<string, number>;
  @ListOf('The packs', () => PackBody, 12) packs!: PackBody[];
  @OptionalNested(() => KineticsBody) kinetics?: KineticsBody;
  @OptionalNested(() => SafeLiftBody) safeLift?: SafeLiftBody;
}

export class NewProductBody extends ProductFields {
  @Id() id!: string;
  @Id() change!: string;
}
export class ChangeProductBody extends ProductFields {
  @Id() change!: string;
  @Version() version!: number;
}

/** Products as a file: CSV or JSON, as text. */
export class ProductFileBody {
  @Id() change!: string;
  @Text('The file', 1, 200_000) text!: string;
}

/** The fields of packs in stock that a person sets. */
export class StockFields {
  @Text('What they are of', 1, 300) of!: string;
  @OptionalText('The lot', 60) lot?: string;
  @NumberBetween('How many', 0, 10_000) count!: number;
  @Optionally(DateOnly('When it was opened')) openedOn?: string;
  @Optionally(DateOnly('The date of expiry')) expiresOn?: string;
  @OptionalText('Where they stand', 120) place?: string;
}

export class NewStockBody extends StockFields {
  @Id() id!: string;
  @Id() change!: string;
}
export class ChangeStockBody extends StockFields {
  @Id() change!: string;
  @Version() version!: number;
}

export type ProductRecord = Product & { readonly version: number };
export type StockRecord = StockPack & { readonly version: number };

/** What a firm has of its own: products and stock. */
export interface ShelfRecord {
  readonly products: readonly ProductRecord[];
  readonly stock: readonly StockRecord[];
}

/** One version of a product as it was. */
export interface ProductVersion {
  readonly version: number;
  readonly at: string;
  readonly by: string;
  readonly product: Product;
}

/** What became of a file of products. */
export interface ProductFileReport {
  readonly made: number;
  readonly changed: number;
  readonly lines: readonly ProductLine[];
}
