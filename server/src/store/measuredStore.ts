import type { MeasuredClimate, MeasuredPoint, ReadQuantity } from '@oddment/contracts';
import { asc, gte, sql } from 'drizzle-orm';
import type { Database } from './database.ts';
import { measured } from './schema.ts';

/** Middle values of one instrument over one slot of time. */
export interface MeasuredSlot {
  readonly instrument: string;
  readonly kind: string;
  readonly simulated: boolean;
  readonly slotAt: string;
  readonly readings: number;
  readonly values: Readonly<Partial<Record<ReadQuantity, number>>>;
}

/** Keeps slots; of two servers that listen to one line, and of two parts of a slot, the one with more readings stays. */
export async function keepMeasured(db: Database, slots: readonly MeasuredSlot[]): Promise<void> {
  if (slots.length === 0) return;
  await db
    .insert(measured)
    .values([...slots])
    .onConflictDoUpdate({
      target: [measured.instrument, measured.slotAt],
      set: { values: sql`excluded."values"`, readings: sql`excluded.readings`, kind: sql`excluded.kind`, simulated: sql`excluded.simulated` },
      setWhere: sql`excluded.readings >= ${measured.readings}`,
    });
}

function middle(values: readonly number[]): number {
  return values.reduce((sum, v) => sum + v, 0) / values.length;
}

/** Climate measured since a moment, in order: every slot in which some instrument told air and humidity. */
export async function measuredSince(db: Database, since: string): Promise<MeasuredClimate> {
  const rows = await db.select().from(measured).where(gte(measured.slotAt, since)).orderBy(asc(measured.slotAt), asc(measured.instrument));
  const bySlot = new Map<string, (typeof rows)[number][]>();
  for (const row of rows) bySlot.set(row.slotAt, [...(bySlot.get(row.slotAt) ?? []), row]);
  const points = [...bySlot].flatMap(([slotAt, of]): MeasuredPoint[] => {
    const read = (quantity: ReadQuantity) =>
      of.flatMap((r) => {
        const value = r.values[quantity];
        return value === undefined ? [] : [value];
      });
    const [air, humidity, surface] = [read('airC'), read('humidityPct'), read('surfaceC')];
    if (air.length === 0 || humidity.length === 0) return [];
    return [{ at: new Date(slotAt).toISOString(), airC: middle(air), humidityPct: middle(humidity), ...(surface.length > 0 && { surfaceC: middle(surface) }) }];
  });
  return { instruments: [...new Set(rows.map((r) => (r.simulated ? `simulated ${r.kind}` : r.kind)))], points };
}
