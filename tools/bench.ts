import { chromium } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { gzipSync } from 'node:zlib';
import { typedMs } from './benchPage.ts';
import { built } from './build.ts';
import { command, Failure, root, stateDir } from './place.ts';
import { startPostgres } from './postgres.ts';
import { run } from './run.ts';

const chromiumPath = process.env['CHROMIUM'] ?? '/usr/bin/chromium';
const chromiumArgs = [
  '--headless',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

interface Started {
  readonly child: ChildProcess;
  readonly address: string;
  readonly seconds: number;
  readonly end: () => Promise<void>;
}

/** Starts on a data directory; the seconds are until it says that it runs. */
function started(data: string, ...more: string[]): Promise<Started> {
  const begun = performance.now();
  return new Promise((ready, failed) => {
    const child = spawn(join(root, 'oddment'), ['start', '--port', '4799', '--data', data, ...more], { cwd: root, stdio: ['ignore', 'pipe', 'inherit'] });
    const ended = new Promise<void>((done) =>
      child.once('exit', () => {
        done();
      }),
    );
    child.stdout.on('data', (chunk: Buffer) => {
      const address = /runs at (\S+)/.exec(chunk.toString())?.[1];
      if (address !== undefined)
        ready({
          child,
          address,
          seconds: (performance.now() - begun) / 1000,
          end: async () => {
            child.kill('SIGTERM');
            await ended;
          },
        });
    });
    void ended.then(() => {
      failed(new Failure('the start command ended before it was ready'));
    });
  });
}

/** Memory of the server process below a start command, in MB. */
function serverMegabytes(start: ChildProcess): number | undefined {
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      const status = readFileSync(`/proc/${pid}/status`, 'utf8');
      if (Number(/PPid:\s+(\d+)/.exec(status)?.[1]) !== start.pid || !readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('server/dist/main.js')) continue;
      return Number(/VmRSS:\s+(\d+)/.exec(status)?.[1]) / 1024;
    } catch {
      // a process that ended meanwhile
    }
  }
  return undefined;
}

/** The scripts that the page loads before anything else, compressed. */
function firstScriptsKb(): number {
  const html = readFileSync(join(root, 'web/dist/index.html'), 'utf8');
  const files = [...html.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map((m) => m[1] ?? '');
  return files.reduce((sum, file) => sum + gzipSync(readFileSync(join(root, 'web/dist', file))).length, 0) / 1024;
}

async function usablePageMs(address: string): Promise<number[]> {
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
  const times: number[] = [];
  for (let i = 0; i < 5; i++) {
    const context = await browser.newContext();
    const page = await context.newPage();
    const begun = performance.now();
    await page.goto(address);
    await page.getByRole('link', { name: 'Quarry Street Bathhouse', exact: true }).waitFor();
    times.push(performance.now() - begun);
    await context.close();
  }
  await browser.close();
  return times.sort((a, b) => a - b);
}

const middle = (times: readonly number[]): number => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? 0;

/** What typing costs on Walk, in a small job and in a large one. */
async function typingRows(address: string): Promise<void> {
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
  for (const count of [15, 1000]) {
    const { letter, saving } = await typedMs(browser, address, count);
    const [least, most] = [Math.min(...letter), Math.max(...letter)].map((ms) => ms.toFixed(0));
    console.log(
      `a letter typed on Walk, job of ${String(count)} defects, CPU of the page: ${middle(letter).toFixed(0)} ms (median of ${String(letter.length)}, ${least ?? ''} to ${most ?? ''})   aim 30 ms; its saving after: ${middle(saving).toFixed(0)} ms`,
    );
  }
  await browser.close();
}

interface Report {
  readonly suites?: readonly Report[];
  readonly specs?: readonly { readonly tests: readonly { readonly annotations: readonly { readonly type: string; readonly description?: string }[] }[] }[];
}

const countedIn = (report: Report): readonly string[] => [
  ...(report.specs ?? []).flatMap((s) => s.tests.flatMap((t) => t.annotations.flatMap((a) => (a.type === 'counted' ? [a.description ?? ''] : [])))),
  ...(report.suites ?? []).flatMap(countedIn),
];

/** The keys, taps and decisions that the last browser test counted. */
function counted(): string {
  const file = join(stateDir, 'e2e.json');
  const found = existsSync(file) ? countedIn(JSON.parse(readFileSync(file, 'utf8')) as Report) : [];
  return `counted in the last browser test: ${found.length === 0 ? 'nothing, ./oddment test counts' : found.join('; ')}`;
}

/** How long each part of the last whole test took here, as it wrote it down. */
function lastTest(): string {
  const file = join(stateDir, 'test-times.json');
  if (!existsSync(file)) return 'parts of the test: not measured, ./oddment test writes them down';
  const parts = JSON.parse(readFileSync(file, 'utf8')) as { part: string; seconds: number }[];
  return `parts of the last whole test: ${parts.map(({ part, seconds }) => `${part} ${seconds.toFixed(0)} s`).join(', ')}`;
}

/** A database of many firms, and a day of all of them faster than life. */
async function scale(firms: number, speed: number, hours: number): Promise<void> {
  const data = join(stateDir, 'bench-scale');
  rmSync(data, { recursive: true, force: true });
  const one = await started(data, '--no-demo');
  const postgres = await startPostgres(join(data, 'database'));
  const env = {
    ODDMENT_BENCH_ADDRESS: one.address,
    ODDMENT_BENCH_DATABASE: postgres.url,
    ODDMENT_BENCH_FIRMS: String(firms),
    ODDMENT_BENCH_SPEED: String(speed),
    ODDMENT_BENCH_HOURS: String(hours),
  };
  const done = await run(process.execPath, [join(root, 'bench/dist/main.js')], { env });
  console.log(
    `memory of the server after it: ${(serverMegabytes(one.child) ?? 0).toFixed(0)} MB; ${String(availableParallelism())} cores for server, database and bench`,
  );
  await one.end();
  rmSync(data, { recursive: true, force: true });
  if (done.code !== 0) throw new Failure('The many firms could not be measured: see above.');
}

function whole(option: string, given: string, most: number): number {
  const value = Number(given);
  if (!Number.isInteger(value) || value < 1 || value > most)
    throw new Failure(`${option} is '${given}'. It must be a whole number from 1 to ${String(most)}.`, 2);
  return value;
}

await command(async () => {
  await built('bench', 'server', 'web');
  const { values } = parseArgs({
    args: process.argv.slice(2),
    options: {
      scale: { type: 'boolean', default: false },
      firms: { type: 'string', default: '1000' },
      speed: { type: 'string', default: '100' },
      hours: { type: 'string', default: '10' },
    },
  });
  if (values.scale) {
    await scale(whole('--firms', values.firms, 20_000), whole('--speed', values.speed, 10_000), whole('--hours', values.hours, 10));
    return 0;
  }
  const [data, demoData] = [join(stateDir, 'bench-data'), join(stateDir, 'bench-demo')];
  for (const dir of [data, demoData]) rmSync(dir, { recursive: true, force: true });
  const first = await started(data, '--no-demo');
  const postgres = await startPostgres(join(data, 'database'));
  const done = await run(process.execPath, [join(root, 'bench/dist/main.js')], {
    env: { ODDMENT_BENCH_ADDRESS: first.address, ODDMENT_BENCH_DATABASE: postgres.url },
  });
  if (done.code !== 0) throw new Failure('The plans could not be measured: see above.');
  const megabytes = serverMegabytes(first.child);
  console.log(`memory of the server after these requests: ${megabytes === undefined ? 'not found' : `${megabytes.toFixed(0)} MB`}`);
  await first.end();
  const again: number[] = [];
  for (let i = 0; i < 3; i++) {
    const next = await started(data, '--no-demo');
    again.push(next.seconds);
    await next.end();
  }
  console.log(
    `start until ready: first on a new data directory ${first.seconds.toFixed(1)} s; again ${(again.sort((a, b) => a - b)[1] ?? 0).toFixed(1)} s (median of three)   aim 10 s`,
  );
  console.log(`first scripts of the page, gzip: ${firstScriptsKb().toFixed(0)} KB   aim 220 KB`);
  if (existsSync(chromiumPath)) {
    const demo = await started(demoData);
    const times = await usablePageMs(demo.address);
    await typingRows(demo.address);
    await demo.end();
    console.log(
      `usable page of the demo in headless Chromium, nothing cached: ${(times[2] ?? 0).toFixed(0)} ms (median of five, ${(times[0] ?? 0).toFixed(0)} to ${(times[4] ?? 0).toFixed(0)})`,
    );
  } else console.log('usable page: not measured, Chromium is not installed');
  for (const dir of [data, demoData]) rmSync(dir, { recursive: true, force: true });
  console.log(lastTest());
  console.log(counted());
  return 0;
});
