import { expect, test } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { rmSync } from 'node:fs';
import { join } from 'node:path';

const root = join(import.meta.dirname, '..');
const data = join(root, '.oddment/e2e-kill');

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
    child.on('exit', (code) => {
      failed(new Error(`ended with ${String(code)}: ${said}`));
    });
  });
}

const gone = (child: ChildProcess) =>
  new Promise<number | null>((done) => {
    if (child.exitCode !== null || child.signalCode !== null) done(child.exitCode);
    else child.on('exit', done);
  });

test.afterAll(() => {
  rmSync(data, { recursive: true, force: true });
});

test('a second start on the same data says where the first one runs', async () => {
  const running = await start();
  const second = await start().then(
    () => '',
    (error: unknown) => String(error),
  );
  expect(second).toContain(`already runs on this data: ${running.address}`);
  running.child.kill('SIGINT');
  expect(await gone(running.child)).toBe(0);
});

test('a taken port is said, and another one used', async () => {
  const running = await start('--port', '4790');
  expect(running.said()).toContain('port 4790 is taken, using');
  running.child.kill('SIGTERM');
  expect(await gone(running.child)).toBe(0);
});
