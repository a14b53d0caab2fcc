import { defineConfig } from '@playwright/test';
import { join } from 'node:path';
import { demoPort, emptyPort, workers } from './places.ts';

const root = join(import.meta.dirname, '..');
const clock = '2026-06-02T12:00:00Z';
const server = (port: number, data: string, more: string) => ({
  command: `./oddment start --port ${String(port)} --data ${join(root, '.oddment', data)} --clock ${clock} ${more}`,
  cwd: root,
  url: `http://127.0.0.1:${String(port)}/healthz`,
  reuseExistingServer: false,
  timeout: 120_000,
  stdout: 'ignore' as const,
  stderr: 'pipe' as const,
  gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 10_000 },
});

export default defineConfig({
  testDir: '.',
  outputDir: join(root, 'test-results'),
  // long enough that nothing fails for a busy machine: speed is measured by the bench
  timeout: 240_000,
  expect: { timeout: 30_000 },
  // each with a server and data of its own
  workers: workers.length,
  reporter: [['list'], ['json', { outputFile: join(root, '.oddment/e2e.json') }]],
  use: {
    baseURL: `http://127.0.0.1:${String(demoPort())}`,
    browserName: 'chromium',
    // the page as the server has it, but where what the browser keeps of it is what is looked at
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: workers.flatMap((n) => [server(demoPort(n), `e2e-demo-${String(n)}`, ''), server(emptyPort(n), `e2e-empty-${String(n)}`, '--no-demo')]),
  projects: [
    { name: 'desk', use: { viewport: { width: 1280, height: 800 } }, testIgnore: /(phone|silence|touch)\.spec/ },
    { name: 'phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true }, testMatch: /(axe|phone|touch)\.spec/ },
    // it ends what the others read from, so it comes last
    { name: 'silence', use: { viewport: { width: 1280, height: 800 } }, testMatch: /silence\.spec/, dependencies: ['desk', 'phone'] },
  ],
});
