import { expect, test } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { join } from 'node:path';

const root = join(import.meta.dirname, '..');
const data = join(root, '.oddment/e2e-kill');
const password = 'a long enough password';

interface Running {
  readonly child: ChildProcess;
  readonly address: string;
  readonly said: () => string;
}

function start(...more: string[]): Promise<Running> {
  return new Promise((ready, failed) => {
    const child = spawn('./oddment', ['start', '--port', '4795', '--data', data, '--no-demo', ...more], { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    let said = '';
    const take = (chunk: Buffer) => {
      said += chunk.toString();
      const address = /runs at (http:\S+)/.exec(said)?.[1];
      if (address !== undefined) ready({ child, address, said: () => said });
    };
    child.stdout.on('data', take);
    child.stderr.on('data', take);
    child.on('exit', (code) => { failed(new Error(`ended with ${String(code)}: ${said}`)); });
  });
}

const gone = (child: ChildProcess) => new Promise<number | null>((done) => { if (child.exitCode !== null || child.signalCode !== null) done(child.exitCode); else child.on('exit', done); });

test.afterAll(() => { rmSync(data, { recursive: true, force: true }); });

test('after SIGKILL of the start command, the next start has everything that was acknowledged', async ({ request }) => {
  test.setTimeout(180_000);
  rmSync(data, { recursive: true, force: true });
  const acknowledged: string[] = [];
  let running = await start();
  await request.post(`${running.address}/api/first-account`, { data: { firm: 'F', name: 'N', login: 'owner', password } });
  for (let round = 0; round < 3; round++) {
    let killed = false;
    const writing = (async () => {
      while (!killed) {
        const id = randomUUID();
        const done = await request.post(`${running.address}/api/jobs`, { data: { id, change: randomUUID(), site: `Site ${String(round)}`, client: '', timeZone: 'UTC', units: 'metric', startAt: '2026-06-03T05:00:00Z', people: 1 } }).catch(() => undefined);
        if (done?.status() === 201) acknowledged.push(id);
      }
    })();
    await new Promise((later) => setTimeout(later, 300 + round * 170));
    running.child.kill('SIGKILL');
    await gone(running.child);
    killed = true;
    await writing;
    running = await start();
    await request.post(`${running.address}/api/session`, { data: { login: 'owner', password } });
    const there = new Set(((await (await request.get(`${running.address}/api/jobs`)).json()) as { id: string }[]).map((j) => j.id));
    expect(acknowledged.filter((id) => !there.has(id))).toEqual([]);
  }
  expect(acknowledged.length).toBeGreaterThan(5);

  const second = await start().then(() => '', (error: unknown) => String(error));
  expect(second).toContain('already runs on this data');
  running.child.kill('SIGINT');
  expect(await gone(running.child)).toBe(0);
});

test('a taken port is said, and another one used', async () => {
  const running = await start('--port', '4790');
  expect(running.said()).toContain('port 4790 is taken, using');
  running.child.kill('SIGTERM');
  expect(await gone(running.child)).toBe(0);
});
