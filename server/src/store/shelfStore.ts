import type { ProductRecord, ProductVersion, StockRecord } from '@oddment/contracts';
import { productToday } from '@oddment/core';
import { and, asc, desc, eq, isNull } from 'drizzle-orm';
import type { Database, Transaction } from './database.ts';
import { products, productVersions, stock } from './schema.ts';

type Db = Database | Transaction;

/** The firm's products that are on its shelf, by name. */
export async function listProducts(db: Db, firmId: string): Promise<ProductRecord[]> {
  const rows = await db
    .select()
    .from(products)
    .where(and(eq(products.firmId, firmId), isNull(products.deletedAt)))
    .orderBy(asc(products.createdAt), asc(products.id));
  return rows.map(({ id, version, product }) => ({ ...productToday(product), id, version }));
}

/** A product, on the shelf or taken off it. */
export async function readProductRow(db: Db, firmId: string, id: string): Promise<ProductRecord | undefined> {
  const [row] = await db
    .select()
    .from(products)
    .where(and(eq(products.firmId, firmId), eq(products.id, id)));
  return row && { ...productToday(row.product), id: row.id, version: row.version };
}

/** Every version of a product, the newest first. */
export async function listVersions(db: Db, firmId: string, id: string): Promise<ProductVersion[]> {
  const rows = await db
    .select()
    .from(productVersions)
    .where(and(eq(productVersions.firmId, firmId), eq(productVersions.productId, id)))
    .orderBy(desc(productVersions.version));
  return rows.map(({ version, at, by, product }) => ({ version, at: new Date(at).toISOString(), by, product: { ...productToday(product), id } }));
}

/** The firm's stock. */
export async function listStock(db: Db, firmId: string): Promise<StockRecord[]> {
  const rows = await db
    .select()
    .from(stock)
    .where(and(eq(stock.firmId, firmId), isNull(stock.deletedAt)))
    .orderBy(asc(stock.createdAt), asc(stock.id));
  return rows.map(({ id, version, pack }) => ({ ...pack, id, version }));
}

/** Packs in stock, there or taken out. */
export async function readStockRow(db: Db, firmId: string, id: string): Promise<StockRecord | undefined> {
  const [row] = await db
    .select()
    .from(stock)
    .where(and(eq(stock.firmId, firmId), eq(stock.id, id)));
  return row && { ...row.pack, id: row.id, version: row.version };
}
