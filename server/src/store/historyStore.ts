import type { ChangedBy } from '@oddment/contracts';
import type { FieldDiff } from '@oddment/core';
import { and, desc, eq, ne } from 'drizzle-orm';
import type { Transaction } from './database.ts';
import type { Scope } from './jobStore.ts';
import { accounts, changes } from './schema.ts';

/** Keeps with a change what it changed. */
export async function keepWhat(
  tx: Transaction,
  { firmId }: Scope,
  change: string,
  what: { readonly kind?: string; readonly fields: FieldDiff },
): Promise<void> {
  await tx
    .update(changes)
    .set({ what })
    .where(and(eq(changes.firmId, firmId), eq(changes.id, change)));
}

/** Who changed a record last, but for one change that is just being tried. */
export async function lastChange(tx: Transaction, { firmId }: Scope, entityId: string, besides: string): Promise<ChangedBy | undefined> {
  const [row] = await tx
    .select({ name: accounts.name, at: changes.at })
    .from(changes)
    .innerJoin(accounts, eq(accounts.id, changes.accountId))
    .where(and(eq(changes.firmId, firmId), eq(changes.entityId, entityId), ne(changes.id, besides)))
    .orderBy(desc(changes.turn))
    .limit(1);
  return row && { name: row.name, at: new Date(row.at).toISOString() };
}
