import { defineConfig } from 'vitest/config';

const room = (name: string, more: object = {}) => ({
  oxc: { decorator: { legacy: true as const } },
  test: {
    name,
    root: name,
    environment: 'node' as const,
    // no test fails for a busy machine
    testTimeout: 180_000,
    include: ['**/*.test.ts', '**/*.check.ts'],
    exclude: ['**/node_modules/**', '**/dist/**'],
    ...more,
  },
});

// pure rooms keep no state between files: their tests share threads, and load the core once
const shared = { pool: 'threads', isolate: false };

export default defineConfig({
  test: {
    projects: [
      room('core', shared),
      room('contracts', shared),
      room('drawing', shared),
      room('cli'),
      room('simulators'),
      room('tools', { hookTimeout: 60_000, fileParallelism: false }),
      room('server', { hookTimeout: 60_000 }),
      room('web'),
    ],
  },
});
