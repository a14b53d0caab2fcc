import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { defineConfig } from 'vitest/config';

const core = resolve(import.meta.dirname, '../../core');
const room = process.env['ODDMENT_ROOM'] ?? 'quantity';

/** The tests of a room, those that go over every formula, and the checks against published sources that use it. */
const checks = readdirSync(join(core, 'checks')).filter(
  (f) => f.endsWith('.check.ts') && readFileSync(join(core, 'checks', f), 'utf8').includes(`/src/${room}/`),
);

export default defineConfig({
  root: core,
  oxc: { decorator: { legacy: true } },
  test: {
    environment: 'node',
    testTimeout: 180_000,
    include: [`src/${room}/**/*.test.ts`, 'test/registry.test.ts', 'test/directions.test.ts', ...checks.map((f) => `checks/${f}`)],
  },
});
