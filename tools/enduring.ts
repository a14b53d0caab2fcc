import { spawn, type ChildProcess } from 'node:child_process';
import { randomInt, randomUUID } from 'node:crypto';
import { readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { Failure, root } from './place.ts';
import { startPostgres } from './postgres.ts';

export interface EndureOptions {
  readonly dataDir: string;
  readonly port: number;
  readonly rounds: number;
  readonly log: (line: string) => void;
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

function start({ dataDir, port }: EndureOptions): Promise<Running> {
  return new Promise((ready, failed) => {
    const child = spawn(join(root, 'oddment'), ['start', '--port', String(port), '--data', dataDir, '--no-demo'], {
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

/**
 * Kills the start command or PostgreSQL at random moments while a client writes, starts again, and looks
 * whether every acknowledged write is there, and none twice.
 */
export async function endure(options: EndureOptions): Promise<Endured> {
  rmSync(options.dataDir, { recursive: true, force: true });
  const writer = new Writer();
  let running = await start(options);
  await writer.open(running.address, true);
  let lost = 0;
  let twice = 0;
  for (let round = 1; round <= options.rounds; round++) {
    const writing = writer.write(running.address);
    await pause(randomInt(40, 500));
    const postgres = round % 2 === 0;
    if (postgres) {
      process.kill(Number(readFileSync(join(options.dataDir, 'database/pg/postmaster.pid'), 'utf8').split('\n')[0]), 'SIGKILL');
      await pause(randomInt(5, 60));
    }
    running.child.kill('SIGKILL');
    await running.ended;
    writer.stop();
    await writing;
    running = await start(options);
    await writer.open(running.address, false);
    const there = await writer.listed(running.address);
    const known = new Set(there);
    lost = writer.acknowledged.filter((id) => !known.has(id)).length;
    twice = there.length - known.size;
    options.log(
      `round ${String(round)}: ${postgres ? 'PostgreSQL and server' : 'start command'} killed, ${String(writer.acknowledged.length)} acknowledged, ${String(lost)} lost, ${String(twice)} twice`,
    );
    if (lost > 0 || twice > 0) break;
  }
  running.child.kill('SIGTERM');
  await running.ended;
  const left = await startPostgres(join(options.dataDir, 'database'));
  await left.stop();
  rmSync(options.dataDir, { recursive: true, force: true });
  return { rounds: options.rounds, acknowledged: writer.acknowledged.length, lost, twice };
}
