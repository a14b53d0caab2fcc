import pg from 'pg';

const address = /^(postgres(?:ql)?:\/\/(?:[^@/?]*@)?)([^/?]+)(.*)$/;

/**
 * The addresses of one database that several machines keep: an address that lists hosts is one for each of them.
 *
 * @example
 * eachHost('postgres://oddment@db1:5432,db2:5432/repairs') // ['postgres://oddment@db1:5432/repairs', 'postgres://oddment@db2:5432/repairs']
 */
export function eachHost(url: string): readonly string[] {
  const [, who = '', hosts = '', rest = ''] = address.exec(url) ?? [];
  return hosts === '' ? [url] : hosts.split(',').map((host) => `${who}${host}${rest}`);
}

/** Whether a machine takes writes, as against following another that does. */
export async function takesWrites(client: pg.ClientBase): Promise<boolean> {
  const { rows } = await client.query<{ standby: boolean }>('select pg_is_in_recovery() as standby');
  return rows[0]?.standby === false;
}

/** Why a machine that answers is not the one. */
export const isStandby = (): Error => new Error('connection error: this machine is a standby, it takes no writes');

type Taken = (error: Error | undefined, client: pg.PoolClient | undefined, done: (release?: unknown) => void) => void;

/**
 * Connections to whichever of several machines takes writes. Where the one that did is gone, or has come back as a standby, the
 * others are asked in turn: a standby that was promoted is found at the next connection.
 */
export class HostPool extends pg.Pool {
  readonly #pools: readonly pg.Pool[];
  readonly #known = new WeakSet<pg.PoolClient>();
  #at = 0;

  constructor(urls: readonly string[], config: Omit<pg.PoolConfig, 'connectionString'>) {
    super({ ...config, connectionString: urls[0] });
    this.#pools = urls.map((connectionString) => new pg.Pool({ ...config, connectionString }));
    for (const pool of this.#pools) {
      // a connection that dies while idle is replaced by the pool; without a listener it would end the process
      pool.on('error', () => undefined);
      // one that dies while it is in use, between two statements of a transaction: the next statement fails in words of its own
      pool.on('connect', (client) => {
        client.on('error', () => undefined);
      });
    }
  }

  override connect(): Promise<pg.PoolClient>;
  override connect(callback: Taken): void;
  override connect(callback?: Taken): Promise<pg.PoolClient> | undefined {
    const taken = this.#take();
    if (!callback) return taken;
    taken.then(
      (client) => {
        callback(undefined, client, (release) => {
          client.release(release instanceof Error || release === true);
        });
      },
      (error: unknown) => {
        callback(error instanceof Error ? error : new Error(String(error)), undefined, () => undefined);
      },
    );
    return undefined;
  }

  override async end(): Promise<void> {
    await Promise.all(this.#pools.map((pool) => pool.end()));
  }

  /** @throws Error of the last machine that was asked, where none takes writes */
  async #take(): Promise<pg.PoolClient> {
    let why: unknown;
    for (let n = 0; n < this.#pools.length; n++) {
      const at = (this.#at + n) % this.#pools.length;
      const pool = this.#pools[at];
      if (!pool) continue;
      try {
        const client = await pool.connect();
        if (this.#pools.length === 1 || (await this.#takesWrites(client))) {
          this.#at = at;
          return client;
        }
        client.release(true);
        why = isStandby();
      } catch (error) {
        why = error;
      }
    }
    throw why;
  }

  /** A machine becomes a standby only by starting anew: a connection is asked once. */
  async #takesWrites(client: pg.PoolClient): Promise<boolean> {
    if (this.#known.has(client)) return true;
    try {
      const writes = await takesWrites(client);
      if (writes) this.#known.add(client);
      return writes;
    } catch (error) {
      client.release(true);
      throw error;
    }
  }
}
