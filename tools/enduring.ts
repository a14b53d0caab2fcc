import { spawn, type ChildProcess } from 'node:child_process';
import { randomInt, randomUUID } from 'node:crypto';
import { readdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { Client } from 'pg';
import { Failure, root } from './place.ts';
import { startPostgres } from './postgres.ts';

export interface EndureOptions {
  readonly dataDir: string;
  readonly port: number;
  readonly rounds: number;
  readonly log: (line: string) => void;
  /** an empty database that is kept elsewhere, by the role that the server signs in as */
  readonly database?: string;
  /** the role that may change its tables */
  readonly databaseOwner?: string;
}

export interface Endured {
  readonly rounds: number;
  readonly acknowledged: number;
  readonly lost: number;
  readonly twice: number;
}

interface Running {
  readonly child: ChildProcess;
  readonly address: string;
  readonly ended: Promise<void>;
}

function startArguments({ dataDir, port, database, databaseOwner }: EndureOptions): string[] {
  const kept = database === undefined ? ['--no-demo'] : ['--database', database, ...(databaseOwner === undefined ? [] : ['--database-owner', databaseOwner])];
  return ['start', '--port', String(port), '--data', dataDir, ...kept];
}

function start(options: EndureOptions): Promise<Running> {
  return new Promise((ready, failed) => {
    const child = spawn(join(root, 'oddment'), startArguments(options), {
      cwd: root,
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let said = '';
    const ended = new Promise<void>((done) =>
      child.once('exit', () => {
        done();
      }),
    );
    const take = (chunk: Buffer) => {
      said += chunk.toString();
      const address = /runs at (http:\S+)/.exec(said)?.[1];
      if (address !== undefined) ready({ child, address, ended });
    };
    child.stdout.on('data', take);
    child.stderr.on('data', take);
    void ended.then(() => {
      failed(new Failure(`The start command ended: ${said}`));
    });
  });
}

/** A client that writes without a pause and repeats each write until it is acknowledged, as a page does. */
class Writer {
  readonly acknowledged: string[] = [];
  #cookie = '';
  #stopped = false;
  readonly #password = 'a long enough password';

  async open(address: string, first: boolean): Promise<void> {
    const [path, body] = first
      ? ['first-account', { firm: 'F', name: 'N', login: 'owner', password: this.#password }]
      : ['session', { login: 'owner', password: this.#password }];
    const response = await fetch(`${address}/api/${path}`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
    if (!response.ok) throw new Failure(`The ${first ? 'first account is not made' : 'sign-in is refused'}: ${await response.text()}`);
    this.#cookie = response.headers.get('set-cookie')?.split(';')[0] ?? '';
  }

  async write(address: string): Promise<void> {
    this.#stopped = false;
    while (!this.#stopped) {
      const id = randomUUID();
      const body = JSON.stringify({
        id,
        change: randomUUID(),
        site: id,
        client: '',
        timeZone: 'UTC',
        units: 'metric',
        startAt: '2026-06-03T05:00:00Z',
        crew: [{ id: 'person-1', name: '', skills: [] }],
      });
      while (!this.#stopped) {
        const response = await fetch(`${address}/api/jobs`, {
          method: 'POST',
          headers: { 'content-type': 'application/json', cookie: this.#cookie },
          body,
        }).catch(() => undefined);
        if (response?.ok === true) {
          this.acknowledged.push(id);
          break;
        }
        await pause(20);
      }
    }
  }

  stop(): void {
    this.#stopped = true;
  }

  async listed(address: string): Promise<string[]> {
    const response = await fetch(`${address}/api/jobs`, { headers: { cookie: this.#cookie } });
    if (!response.ok) throw new Failure(`the jobs cannot be read: ${String(response.status)}`);
    return ((await response.json()) as { site: string }[]).map((j) => j.site);
  }
}

const postmasterOf = ({ dataDir }: EndureOptions): number => {
  try {
    return Number(readFileSync(join(dataDir, 'database/pg/postmaster.pid'), 'utf8').split('\n')[0]);
  } catch {
    return 0;
  }
};

function kill(pid: number): void {
  try {
    if (pid > 1) process.kill(pid, 'SIGKILL');
  } catch {
    // it has ended by itself meanwhile
  }
}

/** Processes of PostgreSQL that serve a client of this data directory. */
function backends(options: EndureOptions): number[] {
  const postmaster = String(postmasterOf(options));
  return readdirSync('/proc')
    .map(Number)
    .filter((pid) => {
      try {
        const parent = /\) [A-Z] (\d+)/.exec(readFileSync(`/proc/${String(pid)}/stat`, 'utf8'))?.[1];
        return pid > 1 && parent === postmaster && /postgres: oddment_server /.test(readFileSync(`/proc/${String(pid)}/cmdline`, 'utf8'));
      } catch {
        return false;
      }
    });
}

type Round = (options: EndureOptions, running: Running) => Promise<Running>;

/** Kills the start command, and whatever else it is told to, and starts again. */
async function startAgain(options: EndureOptions, running: Running): Promise<Running> {
  running.child.kill('SIGKILL');
  await running.ended;
  return start(options);
}

/** What is killed in a round, and how it goes on after it. */
const kinds: readonly { readonly what: string; readonly act: Round }[] = [
  { what: 'start command', act: startAgain },
  {
    what: 'PostgreSQL, then the start command',
    act: async (options, running) => {
      kill(postmasterOf(options));
      await pause(randomInt(5, 60));
      return startAgain(options, running);
    },
  },
  {
    what: 'one connection of PostgreSQL',
    act: async (options, running) => {
      const all = backends(options);
      kill(all[randomInt(0, Math.max(1, all.length))] ?? 0);
      // all others end with it, and it recovers: the server goes on
      await pause(randomInt(200, 1500));
      return running;
    },
  },
  {
    what: 'PostgreSQL alone',
    act: async (options, running) => {
      kill(postmasterOf(options));
      await pause(randomInt(500, 2500));
      return running;
    },
  },
  {
    what: 'PostgreSQL twice while it recovers',
    act: async (options, running) => {
      kill(postmasterOf(options));
      running.child.kill('SIGKILL');
      await running.ended;
      for (let i = 0; i < 2; i++) {
        const before = postmasterOf(options);
        const half = spawn(join(root, 'oddment'), startArguments(options), {
          cwd: root,
          stdio: 'ignore',
        });
        for (let waited = 0; waited < 200 && (postmasterOf(options) === before || postmasterOf(options) === 0); waited++) await pause(25);
        await pause(randomInt(0, 80));
        kill(postmasterOf(options));
        half.kill('SIGKILL');
        await new Promise((done) => half.once('exit', done));
      }
      return start(options);
    },
  },
];

/** Ends connections of the server's own role, as whoever keeps the database may at any moment. @param most as many as are ended */
async function endConnections(url: string, most: number): Promise<void> {
  const client = new Client({ connectionString: url });
  await client.connect();
  await client.query(
    `select pg_terminate_backend(pid) from (
       select pid from pg_stat_activity where usename = current_user and datname = current_database() and pid <> pg_backend_pid() order by random() limit $1
     ) as chosen`,
    [most],
  );
  await client.end();
}

/** What can be killed where PostgreSQL is somebody else's. */
function kindsElsewhere(database: string): typeof kinds {
  const ends = (most: number): Round => {
    return async (_options, running) => {
      await endConnections(database, most);
      await pause(randomInt(100, 800));
      return running;
    };
  };
  return [
    { what: 'start command', act: startAgain },
    { what: 'one connection of the database', act: ends(1) },
    { what: 'every connection of the database', act: ends(100) },
  ];
}

/**
 * Kills the start command, PostgreSQL, or one of its processes at random moments while a client writes, goes on, and
 * looks whether every acknowledged write is there, and none twice. Of a database that is kept elsewhere the connections
 * are ended; what was written stays in it.
 */
export async function endure(options: EndureOptions): Promise<Endured> {
  rmSync(options.dataDir, { recursive: true, force: true });
  const writer = new Writer();
  const all = options.database === undefined ? kinds : kindsElsewhere(options.database);
  let running = await start(options);
  let lost = 0;
  let twice = 0;
  try {
    await writer.open(running.address, true);
    for (let round = 1; round <= options.rounds; round++) {
      const writing = writer.write(running.address);
      await pause(randomInt(40, 500));
      const kind = all[(round - 1) % all.length];
      if (!kind) throw new Error('there is nothing to kill');
      const next = await kind.act(options, running);
      writer.stop();
      await writing;
      running = next;
      await writer.open(running.address, false);
      const there = await writer.listed(running.address);
      const known = new Set(there);
      lost = writer.acknowledged.filter((id) => !known.has(id)).length;
      twice = there.length - known.size;
      options.log(
        `round ${String(round)}: ${kind.what} killed, ${String(writer.acknowledged.length)} acknowledged, ${String(lost)} lost, ${String(twice)} twice`,
      );
      if (lost > 0 || twice > 0) break;
    }
  } finally {
    running.child.kill('SIGTERM');
    await running.ended;
  }
  if (options.database === undefined) {
    const left = await startPostgres(join(options.dataDir, 'database'));
    await left.stop();
  }
  rmSync(options.dataDir, { recursive: true, force: true });
  return { rounds: options.rounds, acknowledged: writer.acknowledged.length, lost, twice };
}
