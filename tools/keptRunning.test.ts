import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { afterAll, describe, expect, it } from 'vitest';
import { root } from './place.ts';

const dir = mkdtempSync(join(tmpdir(), 'oddment-kept-'));
afterAll(() => {
  rmSync(dir, { recursive: true, force: true });
});

interface Started {
  readonly child: ChildProcess;
  readonly address: string | undefined;
  readonly said: () => string;
  readonly ended: Promise<number | null>;
}

/** The start command until it runs, or has ended. */
function start(data: string, port: number): Promise<Started> {
  const child = spawn(join(root, 'oddment'), ['start', '--no-demo', '--port', String(port), '--data', data], { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
  let text = '';
  const said = () => text;
  const ended = new Promise<number | null>((done) => child.once('exit', done));
  return new Promise((ready) => {
    const take = (chunk: Buffer) => {
      text += chunk.toString();
      const address = /runs at (\S+)/.exec(text)?.[1];
      if (address !== undefined) ready({ child, address, said, ended });
    };
    child.stdout.on('data', take);
    child.stderr.on('data', take);
    void ended.then(() => {
      ready({ child, address: undefined, said, ended });
    });
  });
}

const postmaster = (data: string) => Number(readFileSync(join(data, 'database/pg/postmaster.pid'), 'utf8').split('\n')[0]);
const status = async (url: string) => (await fetch(url).catch(() => undefined))?.status;

async function until(is: () => Promise<boolean>): Promise<boolean> {
  for (let i = 0; i < 150; i++) {
    if (await is()) return true;
    await pause(100);
  }
  return false;
}

describe('the start command', () => {
  it('brings a database that was killed back, at the port that the server knows, and ends all of it', async () => {
    const data = join(dir, 'revived');
    const { child, address = '', ended, said } = await start(data, 4781);
    const before = postmaster(data);
    process.kill(before, 'SIGKILL');
    expect(
      await until(
        async () => existsSync(join(data, 'database/pg/postmaster.pid')) && postmaster(data) !== before && (await status(`${address}/healthz`)) === 200,
      ),
    ).toBe(true);
    expect(said()).toContain('PostgreSQL ended by itself, starting it again');
    child.kill('SIGTERM');
    expect(await ended).toBe(0);
    expect(existsSync(join(data, 'database/pg/postmaster.pid'))).toBe(false);
  });

  it('ends though the database does not move, and what is left opens again', async () => {
    const data = join(dir, 'stuck');
    const { child, ended } = await start(data, 4782);
    const stuck = postmaster(data);
    process.kill(stuck, 'SIGSTOP');
    child.kill('SIGTERM');
    await ended;
    const again = await start(data, 4782);
    expect(await status(`${again.address ?? ''}/healthz`)).toBe(200);
    again.child.kill('SIGTERM');
    await again.ended;
  });

  it('of several at once on one data directory lets one run, and the others say so', async () => {
    const data = join(dir, 'one');
    const all = await Promise.all([0, 1, 2].map((n) => start(data, 4783 + n)));
    const [one, ...more] = all.filter((s) => s.address !== undefined);
    expect(more).toEqual([]);
    for (const other of all.filter((s) => s !== one)) {
      expect(await other.ended).not.toBe(0);
      expect(other.said()).toMatch(/already runs on this data|just starting or ending on this data/);
    }
    one?.child.kill('SIGTERM');
    await one?.ended;
  });
});
