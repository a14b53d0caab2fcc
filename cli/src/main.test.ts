import { spawn } from 'node:child_process';
import { resolve } from 'node:path';
import { text } from 'node:stream/consumers';
import { describe, expect, it } from 'vitest';

const root = resolve(import.meta.dirname, '../..');

function started(...args: readonly string[]) {
  return spawn(process.execPath, ['--import', resolve(root, 'node_modules/tsx/dist/loader.mjs'), resolve(root, 'cli/src/main.ts'), ...args], {
    env: { ...process.env, TSX_TSCONFIG_PATH: resolve(root, 'tsconfig.base.json') },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
}
const ended = (child: ReturnType<typeof started>) => new Promise<number | null>((done) => child.on('close', done));

describe('the command line as a process', () => {
  it('ends quietly where nobody reads on', async () => {
    const child = started('limits', '--json');
    child.stdout.once('data', () => child.stdout.destroy());
    const [code, said] = await Promise.all([ended(child), text(child.stderr)]);
    expect([code, said]).toEqual([0, '']);
  });

  it.each([['nothing'], ['figure', 'gel-time', 'temperatureC=warm', 'gelAt23Min=6'], ['plan', '--units', 'inches', 'x.json']])(
    'refuses %j on the error stream alone, with exit 2',
    async (...args) => {
      const child = started(...args);
      const [code, said, out] = await Promise.all([ended(child), text(child.stderr), text(child.stdout)]);
      expect([code, out]).toEqual([2, '']);
      expect(said).not.toMatch(/\n\s+at /);
      expect(said.trim().length).toBeGreaterThan(10);
    },
  );
});
