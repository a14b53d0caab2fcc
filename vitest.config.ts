import { defineConfig } from 'vitest/config';

const room = (name: string, more: object = {}) => ({
  oxc: { decorator: { legacy: true as const } },
  test: {
    name,
    root: name,
    environment: 'node' as const,
    testTimeout: 30_000,
    include: ['**/*.test.ts', '**/*.check.ts'],
    exclude: ['**/node_modules/**', '**/dist/**'],
    ...more,
  },
});

export default defineConfig({
  test: {
    projects: [
      room('core'),
      room('contracts'),
      room('drawing'),
      room('cli'),
      room('simulators'),
      room('tools', { testTimeout: 180_000, hookTimeout: 60_000, fileParallelism: false }),
      room('server', { testTimeout: 30_000, hookTimeout: 60_000 }),
      room('web'),
    ],
  },
});
