import { AsyncLocalStorage } from 'node:async_hooks';
import { sql } from 'drizzle-orm';
import { pgPolicy } from 'drizzle-orm/pg-core';
import pg from 'pg';

/** what PostgreSQL is told in each transaction: the firm that asks */
const setting = 'oddment.firm';
const uuid = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;
const asking = new AsyncLocalStorage<string>();

/**
 * Does some work for one firm. Whatever it asks of the database, by whichever query, PostgreSQL gives it rows of that firm alone and takes none
 * of another. Outside of it, tables behind the wall have no rows at all.
 */
export async function forFirm<T>(firmId: string, work: () => PromiseLike<T>): Promise<T> {
  if (!uuid.test(firmId)) throw new Error(`not the id of a firm: ${firmId}`);
  // awaited inside: a query that is handed on is asked only when somebody waits for it
  return asking.run(firmId, async () => await work());
}

const ownFirm = sql.raw(`firm_id = nullif(current_setting('${setting}', true), '')::uuid`);

/** What a table has that holds rows of firms. It does not hold for the role that owns the table, which backs up and changes tables. */
export const firmWall = () => pgPolicy('firm_wall', { for: 'all', using: ownFirm, withCheck: ownFirm });

/** Says which firm asks: until the transaction ends, so that a pooler may lend the connection to anybody after it. */
const said = (firmId: string): string => `select set_config('${setting}', '${firmId}', true)`;

type Ask = (what: unknown, ...rest: readonly unknown[]) => Promise<pg.QueryResult>;

const begins = /^begin\b/i;

interface Asking {
  query: Ask;
}

/** A connection that says which firm asks in the same turn in which it begins a transaction. */
export class FirmClient extends (pg.Client as unknown as new (config?: pg.ClientConfig) => pg.Client & Asking) {
  override query: Ask = (what, ...rest) => {
    const plain = (pg.Client.prototype as unknown as Asking).query;
    const firmId = asking.getStore();
    const text = typeof what === 'string' ? what : ((what as { readonly text?: string }).text ?? '');
    return firmId !== undefined && begins.test(text) ? plain.call(this, `${text}; ${said(firmId)}`) : plain.call(this, what, ...rest);
  };
}

/** The part of a query of the driver that its published types leave out. */
interface DriverQuery extends pg.Submittable {
  requiresPreparation(): boolean;
  prepare(connection: pg.Connection): void;
  handleDataRow(message: unknown): void;
  handleCommandComplete(message: unknown, connection: pg.Connection): void;
}
type Answered = (error: Error | null, result: pg.QueryResult) => void;
const Driver = pg.Query as unknown as new (what: unknown, values: unknown, answered: Answered) => DriverQuery;

/**
 * A query by itself, before which it is said which firm asks. Both go out in one turn and are one transaction, which PostgreSQL ends with
 * the sync that the driver sends after the second.
 */
class FirmQuery extends Driver {
  readonly #firmId: string;
  #told = false;

  constructor(firmId: string, what: unknown, values: unknown, answered: Answered) {
    super(what, values, answered);
    this.#firmId = firmId;
  }

  /** never as plain text, which is a transaction without what was said before */
  override requiresPreparation(): boolean {
    return true;
  }

  override prepare(connection: pg.Connection): void {
    connection.parse({ text: said(this.#firmId), name: '', types: [] }, true);
    connection.bind({}, true);
    connection.execute({}, true);
    super.prepare(connection);
  }

  override handleDataRow(message: unknown): void {
    if (this.#told) super.handleDataRow(message);
  }

  override handleCommandComplete(message: unknown, connection: pg.Connection): void {
    if (this.#told) super.handleCommandComplete(message, connection);
    this.#told = true;
  }
}

/** Puts the wall between a pool of such connections and whoever asks it: a query by itself too is asked for the firm that asks. */
export function behindWall<P extends pg.Pool>(pool: P): P {
  const plain = pool.query.bind(pool) as Ask;
  const walled: Ask = async (what, values) => {
    const firmId = asking.getStore();
    if (firmId === undefined) return plain(what, values);
    const client = await pool.connect();
    // what PostgreSQL refuses leaves the connection as it was; of anything else that cannot be known
    let broken = true;
    try {
      const answer = await new Promise<pg.QueryResult>((resolve, reject) => {
        client.query(
          new FirmQuery(firmId, what, values, (error, result) => {
            if (error) reject(error);
            else resolve(result);
          }),
        );
      });
      broken = false;
      return answer;
    } catch (error) {
      broken = !(error instanceof pg.DatabaseError && error.severity === 'ERROR');
      throw error;
    } finally {
      client.release(broken);
    }
  };
  return Object.assign(pool, { query: walled });
}

/** Whether a role passes the wall: it owns a table behind it, or nothing holds for it. */
export async function passesWall(ask: (text: string) => Promise<pg.QueryResult<{ readonly passes: boolean }>>): Promise<boolean> {
  const { rows } = await ask(
    `select rolsuper or rolbypassrls or exists (
       select 1 from pg_class c join pg_policy p on p.polrelid = c.oid where p.polname = 'firm_wall' and pg_has_role(current_user, c.relowner, 'usage')
     ) as passes from pg_roles where rolname = current_user`,
  );
  return rows[0]?.passes === true;
}
