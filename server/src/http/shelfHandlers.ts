import { ChangeProductBody, ChangeStockBody, NewProductBody, NewStockBody, ProductFileBody, VersionBody } from '@oddment/contracts';
import { productsCsv, writeProducts } from '@oddment/core';
import { notFound } from '../problem.ts';
import { changeRecord, createRecord } from '../services/recordService.ts';
import { importProducts, productValues, stockValues } from '../services/shelfService.ts';
import type { Database } from '../store/database.ts';
import { listProducts, listStock, listVersions, readProductRow } from '../store/shelfStore.ts';
import { madeStatus, type Call, type Handler } from './call.ts';

/** The firm's own products and its stock. */
export function shelfHandlers(db: Database) {
  const changed = async (
    entity: 'product' | 'stock',
    { scope, id }: Call,
    body: { change: string; version: number },
    action: 'change' | 'delete' | 'restore',
    values: Readonly<Record<string, unknown>>,
  ) => (await changeRecord(db, scope, entity, id, body, action, values)).record;
  const gone = (entity: 'product' | 'stock') => (call: Call) => changed(entity, call, call.body(VersionBody), 'delete', { deletedAt: call.scope.at });
  const back = (entity: 'product' | 'stock') => (call: Call) => changed(entity, call, call.body(VersionBody), 'restore', { deletedAt: null });
  return {
    readShelf: async ({ scope }: Call) => ({ products: await listProducts(db, scope.firmId), stock: await listStock(db, scope.firmId) }),
    exportProducts: async ({ scope, req, res }: Call) => {
      const own = await listProducts(db, scope.firmId);
      if (req.query['format'] === 'csv') res.attachment('products.csv').type('text/csv').send(productsCsv(own));
      else res.attachment('products.oddment.json').type('application/json').send(writeProducts(own));
    },
    productVersions: async ({ scope, id }: Call) => {
      const versions = await listVersions(db, scope.firmId, id);
      if (versions.length === 0) throw notFound('This product');
      return versions;
    },
    createProduct: async (call: Call) => {
      const body = call.body(NewProductBody);
      return madeStatus(call, await createRecord(db, call.scope, 'product', body, productValues(body, call.who, call.scope.at)));
    },
    changeProduct: async (call: Call) => {
      const body = call.body(ChangeProductBody);
      const kept = await readProductRow(db, call.scope.firmId, call.id);
      return changed('product', call, body, 'change', productValues(body, call.who, call.scope.at, kept));
    },
    deleteProduct: gone('product'),
    restoreProduct: back('product'),
    importProducts: (call: Call) => importProducts(db, call.who, call.scope, call.body(ProductFileBody)),
    createStock: async (call: Call) => {
      const body = call.body(NewStockBody);
      return madeStatus(call, await createRecord(db, call.scope, 'stock', body, stockValues(body)));
    },
    changeStock: (call: Call) => {
      const body = call.body(ChangeStockBody);
      return changed('stock', call, body, 'change', stockValues(body));
    },
    deleteStock: gone('stock'),
    restoreStock: back('stock'),
  } satisfies Readonly<Record<string, Handler>>;
}
