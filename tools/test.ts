import { existsSync, readFileSync, readdirSync, rmSync } from 'node:fs';
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

async function types(): Promise<RunResult> {
  const bad: string[] = [];
  for (const room of rooms) {
    const done = await run(process.execPath, [bin('typescript/bin/tsc'), '-p', room], { quiet: true });
    if (done.code !== 0) bad.push(done.output);
  }
  return { code: bad.length === 0 ? 0 : 1, output: bad.join('\n') };
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
  heading('lint, types, boundaries');
  await Promise.all([
    check(
      'lint',
      () =>
        run(process.execPath, [bin('eslint/bin/eslint.js'), '.', '--max-warnings', '0', '--cache', '--cache-location', join(stateDir, 'eslint')], {
          quiet: true,
        }),
      count,
    ),
    check('types', types, count),
  ]);
  await check(
    'boundaries',
    () => run(process.execPath, [bin('dependency-cruiser/bin/dependency-cruise.mjs'), '--config', '.dependency-cruiser.cjs', ...rooms], { quiet: true }),
    count,
  );

  heading('unit tests, published checks, API on a PostgreSQL of their own');
  await built('server', 'web', 'cli');
  const throwAway = join(stateDir, 'test-database');
  rmSync(throwAway, { recursive: true, force: true });
  const postgres = await startPostgres(throwAway, { throwAway: true });
  const unitReport = join(stateDir, 'unit.json');
  rmSync(unitReport, { force: true });
  const unit = await run(process.execPath, [bin('vitest/vitest.mjs'), 'run', '--reporter=dot', '--reporter=json', `--outputFile.json=${unitReport}`], {
    env: { ODDMENT_TEST_DATABASE: postgres.url, NO_COLOR: '1' },
  });
  await postgres.stop();
  rmSync(throwAway, { recursive: true, force: true });
  const units = readCounts(unitReport, (r: { numPassedTests: number; numFailedTests: number; numFailedTestSuites: number }) => ({
    passed: r.numPassedTests,
    failed: r.numFailedTests,
  }));
  if (unit.code !== 0 && units.failed === 0) units.failed = 1;
  add(units);

  heading('in the browser, against the start command');
  for (const data of ['e2e-demo', 'e2e-empty', 'e2e-kill']) rmSync(join(stateDir, data), { recursive: true, force: true });
  const report = join(stateDir, 'e2e.json');
  rmSync(report, { force: true });
  const browser = await run(process.execPath, [bin('@playwright/test/cli.js'), 'test', '--config', join(root, 'e2e/playwright.config.ts')]);
  const inBrowser = readCounts(report, (r: { stats: { expected: number; unexpected: number; flaky: number } }) => ({
    passed: r.stats.expected,
    failed: r.stats.unexpected + r.stats.flaky,
  }));
  if (browser.code !== 0 && inBrowser.failed === 0) inBrowser.failed = 1;
  add(inBrowser);

  console.log(`\n${String(count.passed)} passed, ${String(count.failed)} failed`);
  return count.failed === 0 ? 0 : 1;
});
