import { fullDate, say, type Saying } from '../quantity/saying.ts';
import type { Product } from './product.ts';
import type { PatchSystem } from './patchSystem.ts';

/** Packs of one kind and lot as they stand on the firm's shelf. */
export interface StockPack {
  readonly id: string;
  /** id of the product or of the generic system */
  readonly of: string;
  readonly lot: string;
  readonly count: number;
  /** ISO dates */
  readonly openedOn?: string;
  readonly expiresOn?: string;
  readonly place?: string;
}

/** Whether packs can be used on a day, and until when. */
export interface PackState {
  readonly state: 'good' | 'soon' | 'expired' | 'no date';
  /** ISO date of the last day on which they are good */
  readonly until?: string;
}

const soonDays = 30;
const dayMs = 86_400_000;
const dateOf = (ms: number) => new Date(ms).toISOString().slice(0, 10);

/**
 * Until when packs keep: to their date of expiry, opened ones no longer than the product keeps open.
 * @param today ISO date
 */
export function packState({ openedOn, expiresOn }: StockPack, openDays: number | undefined, today: string): PackState {
  const opened = openedOn !== undefined && openDays !== undefined ? dateOf(Date.parse(openedOn) + openDays * dayMs) : undefined;
  const [until] = [opened, expiresOn].filter((d) => d !== undefined).sort();
  if (until === undefined) return { state: 'no date' };
  if (until < today) return { state: 'expired', until };
  return { state: until <= dateOf(Date.parse(today) + soonDays * dayMs) ? 'soon' : 'good', until };
}

const many = (n: number) => (n === 1 ? 'one pack' : `${String(n)} packs`);

/** What the firm has of a system, in words; nothing where it has none and keeps no stock of it. */
export function onTheShelf(system: Pick<PatchSystem, 'id'>, stock: readonly StockPack[], products: readonly Product[], today: string): Saying | undefined {
  const own = stock.filter((p) => p.of === system.id && p.count > 0);
  if (own.length === 0) return undefined;
  const openDays = products.find((p) => p.id === system.id)?.packs.find((p) => p.openDays !== undefined)?.openDays;
  const states = own.map((pack) => ({ pack, ...packState(pack, openDays, today) }));
  const count = (of: readonly (typeof states)[number][]) => of.reduce((sum, s) => sum + s.pack.count, 0);
  const [expired, usable] = [states.filter((s) => s.state === 'expired'), states.filter((s) => s.state !== 'expired')];
  const [first] = usable.flatMap((s) => s.until ?? []).sort();
  const good =
    usable.length === 0 ? 'nothing that can still be used' : `${many(count(usable))}${first === undefined ? '' : `, the first good until ${fullDate(first)}`}`;
  return say`On the shelf: ${good}${expired.length > 0 ? `; ${many(count(expired))} expired: throw away` : ''}.`;
}
