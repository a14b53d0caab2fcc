import { existsSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { built } from './build.ts';
import { command, root, stateDir } from './place.ts';
import { startPostgres } from './postgres.ts';
import { run, type RunResult } from './run.ts';

interface Count {
  passed: number;
  failed: number;
}

const bin = (path: string) => join(root, 'node_modules', path);
const rooms = readdirSync(root).filter((name) => existsSync(join(root, name, 'tsconfig.json')));

function heading(words: string): void {
  console.log(`\n== ${words}`);
}

/** One check without tests of its own: counts as one, shows its output only where it fails. */
async function check(words: string, act: () => Promise<RunResult>, count: Count): Promise<void> {
  const { code, output } = await act();
  if (code === 0) count.passed += 1;
  else count.failed += 1;
  console.log(`${code === 0 ? 'passed' : 'FAILED'}  ${words}`);
  if (code !== 0) console.log(output);
}

/** Two programs for all rooms: those that run without a page see no DOM. */
async function types(): Promise<RunResult> {
  const bad: string[] = [];
  for (const program of ['tsconfig.node.json', 'tsconfig.dom.json']) {
    const done = await run(process.execPath, [bin('typescript/bin/tsc'), '-p', program], { quiet: true });
    if (done.code !== 0) bad.push(done.output);
  }
  return { code: bad.length === 0 ? 0 : 1, output: bad.join('\n') };
}

/** Seconds of each part, for the list at the end. */
const took: { readonly part: string; readonly seconds: number }[] = [];

async function timed<T>(part: string, act: () => Promise<T>): Promise<T> {
  const from = performance.now();
  try {
    return await act();
  } finally {
    took.push({ part, seconds: (performance.now() - from) / 1000 });
  }
}

function readCounts(file: string, read: (json: never) => Count): Count {
  // a runner that died before it wrote its report has failed
  if (!existsSync(file)) return { passed: 0, failed: 1 };
  return read(JSON.parse(readFileSync(file, 'utf8')) as never);
}

await command(async () => {
  const count: Count = { passed: 0, failed: 0 };
  const add = ({ passed, failed }: Count) => {
    count.passed += passed;
    count.failed += failed;
  };
  const quiet =
    (path: string, ...args: string[]) =>
    () =>
      run(process.execPath, [bin(path), ...args], { quiet: true });
  const checks = async () => {
    await timed('lint', () =>
      check('lint', quiet('eslint/bin/eslint.js', '.', '--max-warnings', '0', '--cache', '--cache-location', join(stateDir, 'eslint')), count),
    );
    await timed('types', () => check('types', types, count));
    await timed('format', () => check('format', quiet('prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '**/*.{ts,tsx,cjs,js}'), count));
    await timed('boundaries', () =>
      check('boundaries', quiet('dependency-cruiser/bin/dependency-cruise.mjs', '--config', '.dependency-cruiser.cjs', ...rooms), count),
    );
  };
  const units = async () => {
    const throwAway = join(stateDir, 'test-database');
    rmSync(throwAway, { recursive: true, force: true });
    const postgres = await startPostgres(throwAway, { throwAway: true });
    const report = join(stateDir, 'unit.json');
    rmSync(report, { force: true });
    const done = await run(process.execPath, [bin('vitest/vitest.mjs'), 'run', '--reporter=dot', '--reporter=json', `--outputFile.json=${report}`], {
      env: { ODDMENT_TEST_DATABASE: postgres.url, ODDMENT_TEST_SERVER_ROLE: postgres.serverUrl, NO_COLOR: '1' },
    });
    await postgres.stop();
    rmSync(throwAway, { recursive: true, force: true });
    const found = readCounts(report, (r: { numPassedTests: number; numFailedTests: number; numFailedTestSuites: number }) => ({
      passed: r.numPassedTests,
      failed: r.numFailedTests,
    }));
    if (done.code !== 0 && found.failed === 0) found.failed = 1;
    add(found);
  };

  heading('lint, types, format, boundaries; beside them unit tests, published checks, API on a PostgreSQL of their own');
  await timed('build', () => built('server', 'web', 'cli', 'simulators'));
  await Promise.all([checks(), timed('unit tests', units)]);

  heading('in the browser, against the start command');
  for (const data of readdirSync(stateDir).filter((name) => name.startsWith('e2e-'))) rmSync(join(stateDir, data), { recursive: true, force: true });
  const report = join(stateDir, 'e2e.json');
  rmSync(report, { force: true });
  const browser = await timed('browser', () =>
    run(process.execPath, [bin('@playwright/test/cli.js'), 'test', '--config', join(root, 'e2e/playwright.config.ts')]),
  );
  const inBrowser = readCounts(report, (r: { stats: { expected: number; unexpected: number; flaky: number } }) => ({
    passed: r.stats.expected,
    failed: r.stats.unexpected + r.stats.flaky,
  }));
  if (browser.code !== 0 && inBrowser.failed === 0) inBrowser.failed = 1;
  add(inBrowser);

  writeFileSync(join(stateDir, 'test-times.json'), JSON.stringify(took));
  console.log(`\n${took.map(({ part, seconds }) => `${part} ${seconds.toFixed(0)} s`).join(', ')}`);
  console.log(`\n${String(count.passed)} passed, ${String(count.failed)} failed`);
  return count.failed === 0 ? 0 : 1;
});
